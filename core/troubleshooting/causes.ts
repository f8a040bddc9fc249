import type { BatchCase } from './batchCase.ts';
import type { FindingId, Level } from './findings.ts';
import type { Symptom } from './facts.ts';

/** What may have gone wrong. */
export const CAUSES = [
  'low-solids',
  'high-solids',
  'low-acid',
  'high-acid',
  'low-pectin',
  'worn-pectin',
  'too-much-pectin',
  'undissolved-sugar',
  'low-inversion',
  'high-inversion',
  'evaporated-sugar-on-rim',
  'tartrate',
  'under-rested',
  'floating-unripe',
  'pressed-juice',
  'hard-water',
  'air-stirred',
  'scorch-unstirred',
  'overfilled',
  'underfilled',
  'underprocessed',
  'boil-lost',
  'fast-cooling',
  'loose-lid',
  'tight-lid',
  'dirty-rim',
  'old-lid',
  'chipped-rim',
  'warm-store',
  'light-store',
  'old',
  'open-kettle',
] as const;

/** One of {@link CAUSES}. */
export type CauseId = (typeof CAUSES)[number];

/** How likely levels of findings are under a cause; the rest of each is shared as is usual. */
export type Shows = {
  readonly [id in FindingId]?: { readonly [level in Level<id>]?: number };
};

/** A cause of one symptom. */
export type Cause = {
  /** How often it is that, before anything is known; they need not add up to one. */
  readonly prior: number;
  readonly shows: Shows;
  /** What a batch must be for it; of another it is {@link HARDLY} so likely. */
  readonly needs?: Need;
};

/** What only some batches are. */
export type Need = 'grape' | 'a-gel';

/** How likely a cause is of a batch that it needs to be otherwise, over its prior. */
export const HARDLY = 0.04;

export const MEETS: { readonly [need in Need]: (of: BatchCase) => boolean } = {
  grape: ({ isGrape }) => isGrape,
  'a-gel': ({ isEgg }) => !isEgg,
};

/**
 * Which causes a symptom has, how often each is it, and what is found where it is. Which causes
 * those are, and what points to each, is common practice, as extension services tell it; the shares
 * are judgement.
 */
export const CAUSES_OF: {
  readonly [symptom in Symptom]: { readonly [cause in CauseId]?: Cause };
} = {
  loose: {
    'low-solids': {
      prior: 0.34,
      shows: {
        solids: { under: 0.9 },
        boil: { short: 0.5 },
        sugar: { cut: 0.5 },
        doubled: { yes: 0.15 },
      },
    },
    'low-pectin': {
      prior: 0.2,
      needs: 'a-gel',
      shows: { pectin: { short: 0.55, lean: 0.3 }, ripeness: { over: 0.6 } },
    },
    'low-acid': { prior: 0.17, needs: 'a-gel', shows: { acid: { flat: 0.88 } } },
    'worn-pectin': {
      prior: 0.13,
      needs: 'a-gel',
      shows: { boil: { long: 0.88 }, doubled: { yes: 0.75 }, solids: { right: 0.6, over: 0.33 } },
    },
    'warm-store': { prior: 0.02, shows: { warmth: { warm: 0.9 } } },
    old: { prior: 0.02, shows: { age: { old: 0.9 } } },
  },
  stiff: {
    'high-solids': { prior: 0.48, shows: { solids: { over: 0.92 }, boil: { long: 0.6 } } },
    'too-much-pectin': {
      prior: 0.34,
      needs: 'a-gel',
      shows: { pectin: { much: 0.75 }, ripeness: { green: 0.6 }, sugar: { cut: 0.25 } },
    },
    'high-acid': { prior: 0.1, needs: 'a-gel', shows: { acid: { sour: 0.8 } } },
  },
  weeps: {
    'high-acid': { prior: 0.34, shows: { acid: { sour: 0.88 } } },
    'warm-store': { prior: 0.24, shows: { warmth: { warm: 0.92 } } },
    'too-much-pectin': { prior: 0.12, shows: { pectin: { much: 0.75 }, ripeness: { green: 0.4 } } },
    'low-solids': { prior: 0.1, shows: { solids: { under: 0.85 }, sugar: { cut: 0.6 } } },
    'fast-cooling': { prior: 0.06, shows: { jars: { cold: 0.6 }, rest: { short: 0.4 } } },
    'low-pectin': { prior: 0.05, shows: { pectin: { short: 0.8 } } },
    old: { prior: 0.05, shows: { age: { old: 0.85 } } },
  },
  crystals: {
    'high-solids': {
      prior: 0.23,
      shows: { solids: { over: 0.9 }, sugar: { more: 0.5 }, boil: { long: 0.4 } },
    },
    'undissolved-sugar': { prior: 0.2, shows: { stirring: { rare: 0.6 } } },
    'low-inversion': {
      prior: 0.19,
      shows: { boil: { short: 0.7 }, acid: { flat: 0.6 }, solids: { right: 0.75 } },
    },
    'high-inversion': {
      prior: 0.09,
      shows: { boil: { long: 0.8 }, acid: { sour: 0.5 }, solids: { right: 0.7 } },
    },
    tartrate: { prior: 0.7, needs: 'grape', shows: {} },
    'evaporated-sugar-on-rim': {
      prior: 0.1,
      shows: { rim: { left: 0.7 }, headspace: { much: 0.3 }, age: { old: 0.4 } },
    },
  },
  floats: {
    'under-rested': { prior: 0.38, shows: { stand: { none: 0.92 } } },
    'floating-unripe': { prior: 0.22, shows: { ripeness: { green: 0.85 } } },
    'low-solids': { prior: 0.2, shows: { boil: { short: 0.75 }, solids: { under: 0.5 } } },
    'high-solids': { prior: 0.05, shows: { solids: { over: 0.7 }, sugar: { more: 0.5 } } },
    'low-pectin': { prior: 0.05, shows: { pectin: { short: 0.7 } } },
  },
  cloudy: {
    'pressed-juice': { prior: 0.42, shows: { pressed: { yes: 0.95 } } },
    'floating-unripe': { prior: 0.14, shows: { ripeness: { green: 0.85 } } },
    'hard-water': { prior: 0.12, shows: { hardWater: { yes: 0.93 } } },
    'air-stirred': { prior: 0.12, shows: { stirring: { constant: 0.7 } } },
    'fast-cooling': { prior: 0.1, shows: { jars: { cold: 0.6 }, stand: { long: 0.65 } } },
    underprocessed: { prior: 0.04, shows: { process: { short: 0.9 } } },
    'open-kettle': { prior: 0.03, shows: { process: { none: 0.96 } } },
    'low-acid': { prior: 0.02, shows: { acid: { flat: 0.8 }, shelf: { unfit: 0.85 } } },
    tartrate: { prior: 0.2, needs: 'grape', shows: {} },
  },
  scorched: {
    'scorch-unstirred': { prior: 0.75, shows: { stirring: { rare: 0.92 } } },
    'high-solids': { prior: 0.17, shows: { solids: { over: 0.85 }, boil: { long: 0.5 } } },
    'undissolved-sugar': { prior: 0.06, shows: { boil: { short: 0.3 } } },
  },
  siphoned: {
    overfilled: { prior: 0.27, shows: { headspace: { little: 0.93 } } },
    'boil-lost': { prior: 0.24, shows: { boilLost: { yes: 0.95 } } },
    'under-rested': { prior: 0.24, shows: { rest: { short: 0.94 } } },
    'fast-cooling': { prior: 0.08, shows: { jars: { cold: 0.8 } } },
    'air-stirred': { prior: 0.07, shows: { stirring: { constant: 0.6 } } },
    'loose-lid': { prior: 0.07, shows: {} },
    'tight-lid': { prior: 0.03, shows: { retightened: { yes: 0.5 } } },
  },
  unsealed: {
    'dirty-rim': { prior: 0.25, shows: { rim: { left: 0.93 } } },
    'old-lid': { prior: 0.15, shows: { lid: { old: 0.95 } } },
    overfilled: { prior: 0.11, shows: { headspace: { little: 0.92 } } },
    'tight-lid': { prior: 0.1, shows: { retightened: { yes: 0.92 } } },
    'chipped-rim': { prior: 0.1, shows: {} },
    'loose-lid': { prior: 0.08, shows: {} },
    underprocessed: { prior: 0.08, shows: { process: { short: 0.92 } } },
    'open-kettle': { prior: 0.05, shows: { process: { none: 0.97 } } },
    'boil-lost': { prior: 0.05, shows: { boilLost: { yes: 0.92 } } },
    'under-rested': { prior: 0.05, shows: { rest: { short: 0.92 } } },
    underfilled: { prior: 0.03, shows: { headspace: { much: 0.9 } } },
    'fast-cooling': { prior: 0.03, shows: { jars: { cold: 0.8 } } },
  },
  mould: {
    'open-kettle': { prior: 0.22, shows: { process: { none: 0.97 } } },
    underprocessed: { prior: 0.2, shows: { process: { short: 0.93 } } },
    'dirty-rim': { prior: 0.13, shows: { rim: { left: 0.92 } } },
    'low-solids': { prior: 0.1, shows: { solids: { under: 0.75 }, sugar: { cut: 0.75 } } },
    'loose-lid': { prior: 0.08, shows: {} },
    'tight-lid': { prior: 0.05, shows: { retightened: { yes: 0.9 } } },
    'old-lid': { prior: 0.07, shows: { lid: { old: 0.94 } } },
    'chipped-rim': { prior: 0.05, shows: {} },
    underfilled: { prior: 0.04, shows: { headspace: { much: 0.9 } } },
    overfilled: { prior: 0.03, shows: { headspace: { little: 0.85 } } },
    'warm-store': { prior: 0.06, shows: { warmth: { warm: 0.85 } } },
  },
  faded: {
    'light-store': { prior: 0.32, shows: { light: { light: 0.95 } } },
    old: { prior: 0.28, shows: { age: { old: 0.95 } } },
    'warm-store': { prior: 0.26, shows: { warmth: { warm: 0.95 } } },
    underfilled: { prior: 0.09, shows: { headspace: { much: 0.92 } } },
    'high-solids': { prior: 0.03, shows: { solids: { over: 0.7 }, boil: { long: 0.8 } } },
  },
  bubbles: {
    'air-stirred': { prior: 0.42, shows: { stirring: { constant: 0.6 }, stand: { none: 0.5 } } },
    underprocessed: { prior: 0.2, shows: { process: { short: 0.93 } } },
    'open-kettle': { prior: 0.14, shows: { process: { none: 0.97 } } },
    'low-acid': { prior: 0.07, shows: { acid: { flat: 0.85 }, shelf: { unfit: 0.85 } } },
    'fast-cooling': { prior: 0.05, shows: { jars: { cold: 0.6 }, stand: { long: 0.4 } } },
    'dirty-rim': { prior: 0.04, shows: { rim: { left: 0.9 } } },
    'loose-lid': { prior: 0.04, shows: {} },
    'low-solids': { prior: 0.04, shows: { sugar: { cut: 0.7 }, solids: { under: 0.7 } } },
  },
};
