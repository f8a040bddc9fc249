import { exactly, fromMemory, published, range } from '../quantity/index.ts';
import type { Pantry } from './ingredient.ts';

const UNITS_CUPS = published('GNU units, cooking measures (Debian package `units`)');
const FDC = fromMemory('USDA FoodData Central, SR Legacy');

const cupOf = (grams: number) => range(grams * 0.97, grams, grams * 1.03);

/** What is not fruit: sugars, lemon juice, water. */
export const PANTRY: readonly Pantry[] = [
  {
    kind: 'sweetener',
    id: 'sugar',
    name: 'white sugar',
    alsoCalled: [
      'sugar',
      'granulated sugar',
      'caster sugar',
      'preserving sugar',
      'cane sugar',
      'beet sugar',
    ],
    make: {
      solublesPct: exactly(100),
      insolublesPct: exactly(0),
      sugarsPct: exactly(100),
      sucroseShare: 1,
    },
    cups: { grains: cupOf(200) },
    usualForm: 'grains',
    provenance: UNITS_CUPS,
  },
  {
    kind: 'sweetener',
    id: 'brown-sugar',
    name: 'brown sugar',
    alsoCalled: [
      'light brown sugar',
      'dark brown sugar',
      'soft brown sugar',
      'muscovado',
      'muscovado sugar',
    ],
    make: {
      solublesPct: range(97.5, 98.5, 99),
      insolublesPct: exactly(0),
      sugarsPct: range(96, 97, 98),
      sucroseShare: 0.97,
    },
    cups: { packed: cupOf(217), grains: cupOf(145) },
    usualForm: 'packed',
    provenance: UNITS_CUPS,
  },
  {
    kind: 'sweetener',
    id: 'honey',
    name: 'honey',
    alsoCalled: ['clear honey', 'runny honey', 'liquid honey'],
    make: {
      solublesPct: range(80, 82, 84),
      insolublesPct: exactly(0),
      sugarsPct: range(75, 79, 82),
      sucroseShare: 0.015,
    },
    cups: { liquid: cupOf(333) },
    usualForm: 'liquid',
    provenance: UNITS_CUPS,
  },
  {
    kind: 'acid',
    id: 'lemon-juice-bottled',
    name: 'bottled lemon juice',
    alsoCalled: ['lemon juice from a bottle', 'lemon juice (bottled)'],
    make: {
      solublesPct: range(6, 7, 8.5),
      insolublesPct: range(0, 0.2, 0.5),
      sugarsPct: range(1.5, 2.4, 3),
      sucroseShare: 0.1,
    },
    cups: { liquid: cupOf(244) },
    usualForm: 'liquid',
    provenance: FDC,
    note: 'Bottled juice is standardised; use it where the acid is there for safety.',
  },
  {
    kind: 'acid',
    id: 'lemon-juice',
    name: 'lemon juice',
    alsoCalled: ['fresh lemon juice', 'juice of lemon'],
    make: {
      solublesPct: range(6, 7.7, 9.5),
      insolublesPct: range(0, 0.3, 0.6),
      sugarsPct: range(1.5, 2.5, 3.2),
      sucroseShare: 0.12,
    },
    cups: { liquid: cupOf(244) },
    usualForm: 'liquid',
    provenance: FDC,
    note: 'Fresh lemons vary in strength; where the acid is there for safety, use bottled.',
  },
  {
    kind: 'water',
    id: 'water',
    name: 'water',
    alsoCalled: ['tap water', 'cold water', 'boiling water'],
    make: {
      solublesPct: exactly(0),
      insolublesPct: exactly(0),
      sugarsPct: exactly(0),
      sucroseShare: 0,
    },
    cups: { liquid: exactly(236.2) },
    usualForm: 'liquid',
    provenance: fromMemory('CRC Handbook of Chemistry and Physics: 998.2 kg/m³ at 20 °C'),
  },
];
