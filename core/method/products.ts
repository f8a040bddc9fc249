import type { PretreatmentKind } from '../pretreatment/index.ts';
import type { Method } from './method.ts';

/** What is being made. */
export type Product =
  | 'jam'
  | 'jelly'
  | 'marmalade'
  | 'butter'
  | 'curd'
  | 'conserve'
  | 'pepper-jelly'
  | 'infusion-jelly'
  | 'sauce';

/** What a product is called, how it may be made to set, and what it is made of. */
export type ProductFacts = {
  readonly name: string;
  /** Ways to make it set; the first is what it is without added pectin. */
  readonly methods: readonly [Method, ...Method[]];
  /** What goes in besides sugar, for messages: `fruit`, `juice`. */
  readonly base: string;
  /** What is usually done first; null where the fruit goes straight into the pot. */
  readonly first: PretreatmentKind | null;
};

const PECTIN_METHODS = [
  'powdered-pectin',
  'liquid-pectin',
  'low-methoxyl',
  'gelling-sugar',
] as const;

export const PRODUCTS: { readonly [product in Product]: ProductFacts } = {
  jam: { name: 'jam', methods: ['long-boil', ...PECTIN_METHODS], base: 'fruit', first: null },
  jelly: {
    name: 'jelly',
    methods: ['long-boil', ...PECTIN_METHODS],
    base: 'juice',
    first: 'extract',
  },
  marmalade: {
    name: 'marmalade',
    methods: ['long-boil', ...PECTIN_METHODS],
    base: 'citrus fruit',
    first: 'soak',
  },
  butter: { name: 'fruit butter', methods: ['reduce'], base: 'fruit', first: 'sauce' },
  curd: { name: 'curd', methods: ['egg'], base: 'juice', first: null },
  conserve: {
    name: 'conserve',
    methods: ['long-boil', ...PECTIN_METHODS],
    base: 'fruit',
    first: null,
  },
  'pepper-jelly': {
    name: 'pepper jelly',
    methods: ['long-boil', ...PECTIN_METHODS],
    base: 'peppers in vinegar',
    first: 'drain',
  },
  'infusion-jelly': {
    name: 'infusion jelly',
    methods: ['long-boil', ...PECTIN_METHODS],
    base: 'an infusion and acid',
    first: 'infuse',
  },
  sauce: {
    name: 'jellied sauce',
    methods: ['long-boil', ...PECTIN_METHODS],
    base: 'fruit',
    first: null,
  },
};

export const PRODUCT_IDS = Object.keys(PRODUCTS) as readonly Product[];
