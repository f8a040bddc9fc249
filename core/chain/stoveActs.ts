import type { HeatSource, Stage } from '../boil/index.ts';
import { startContents } from '../formula/index.ts';
import { CURD_DONE_C, softeningOf, type Method, type Product } from '../method/index.ts';
import { massOfLines, type UnderstoodLine } from '../parser/index.ts';
import { act, BY_SIGN, byClock, endsBy, usedOf, type Act, type AdditionId } from './act.ts';
import { type GoesInLater } from './goesInLater.ts';

/**
 * Low heat while peel or hard fruit simmers under a lid or sugar dissolves, and how long the sugar
 * takes; common practice, judgement.
 */
const LOW_FLAME = 0.4;
/** Minutes that sugar takes to dissolve over low heat; common practice. */
export const DISSOLVE_MIN = 4;
/** Minutes under a lid that fruit of a butter takes to cook to a sauce; common practice. */
export const COOK_TO_SAUCE_MIN = 20;
/** A sauce bubbles gently under its lid; judgement. */
const SAUCE_FLAME = 0.5;
/** Taking the pot off to purée; common practice. */
export const PUREE_MIN = 5;
/** A curd is whisked over gentle heat; common practice. */
const GENTLE_FLAME = 0.3;
/**
 * Minutes from the first bubbles to a rolling boil that stirring does not stop; judgement, held by
 * common practice: a syrup of 67 % solids is at about 220 °F when it boils again, and no more than
 * 224 °F when its minute is over.
 */
export const ROLLING_MIN = 0.5;
/**
 * The flame that holds a foaming boil in its pot for its minute, over the full one; judgement, held
 * by the same practice.
 */
const HELD_FLAME = 0.8;
/** A drop on a plate from the freezer; common practice. */
const PLATE_MIN = 2;
/** A pot stands so that its pieces spread; common practice. */
const STAND_MIN = 5;
/** Minutes more on the boil after a drop that runs, and one that is slow; common practice. */
const RUNS_MIN = 5;
const SLOW_MIN = 2;
/** Gelling sugar is boiled a minute more, and tested again; common practice. */
const GELLING_MORE_MIN = 1;

/** What is cooked, how and on what. */
export type StoveCase = {
  readonly product: Product;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  /** Soluble solids that end the cook where solids do, g per 100 g. */
  readonly targetPct: number;
  /** Minutes at the full boil; null where no clock ends the cook. */
  readonly boilMin: number | null;
  readonly heat: HeatSource;
  /** Whether a butter's fruit comes as a sauce already, puréed. */
  readonly isSauce: boolean;
};

/** Lines that are in the pot when it is lit. */
export const firstLines = (lines: readonly UnderstoodLine[], later: GoesInLater) => {
  const goes = new Set(Object.values(later).flat());
  return lines.filter((line) => !goes.has(line));
};

const minutes = (count: number): Stage['until'] => ({ kind: 'minutes', minutes: count });
const boil = (name = 'to the boil', lid = false): Stage => ({ name, lid, until: { kind: 'boil' } });

/** The acts at the stove, from the flame to the pot that is ready for the jars. */
export function stoveActs(of: StoveCase, later: GoesInLater): readonly Act[] {
  const floats = !['jelly', 'infusion-jelly', 'butter', 'curd'].includes(of.product);
  const light = stove({
    id: 'light',
    uses: usedOf(firstLines(of.lines, later)),
    ends: endsBy('lit'),
    flame: 1,
    mustEnd: true,
  });
  const acts = {
    'long-boil': longBoil,
    'powdered-pectin': byTheClock,
    'liquid-pectin': byTheClock,
    'low-methoxyl': byTheClock,
    'gelling-sugar': gellingSugar,
    reduce: reducing,
    egg: whisking,
  }[of.method](of, later);
  return [
    light,
    ...acts,
    ...addition(later, 'at-the-end', 0),
    ...(floats
      ? [
          stove({
            id: 'stand',
            takes: byClock(STAND_MIN),
            hands: 'now and then',
            ends: endsBy('stood'),
            ahead: [{ name: 'stand', flame: 0, until: minutes(STAND_MIN) }],
          }),
        ]
      : []),
  ].map((one) => ({ ...one, holds: one.flame > 0 ? of.heat.vessel : null }));
}

/** An act at the stove. */
const stove = (given: Omit<Parameters<typeof act>[0], 'phase'>): Act =>
  act({ ...given, phase: 'stove' });

/** What goes in together, as an act; none where nothing does. */
function addition(later: GoesInLater, id: AdditionId, flame: number): readonly Act[] {
  const lines = later[id] ?? [];
  if (lines.length === 0) return [];
  return [
    stove({
      id: 'add',
      uses: usedOf(lines),
      adds: { id, massG: massOfLines(lines), contents: startContents(lines) },
      ends: endsBy('added'),
      flame,
      // A knob of butter or a dram may be left out; sugar and pectin may not.
      mustEnd: id !== 'against-foam' && id !== 'at-the-end',
    }),
  ];
}

/** Minutes of softening count from the boil. */
const toTheBoil = (lid: boolean): Act =>
  stove({
    id: 'to-boil',
    takes: BY_SIGN,
    hands: 'now and then',
    ends: endsBy('rolling'),
    flame: 1,
    lid,
    mustEnd: !lid,
    ahead: [boil('to the boil', lid)],
  });

function longBoil({ product, lines, targetPct }: StoveCase, later: GoesInLater): readonly Act[] {
  const softening = softeningOf(product, lines);
  const sugar = addition(later, 'sugar', LOW_FLAME);
  return [
    ...(softening === null
      ? []
      : [
          toTheBoil(true),
          stove({
            id: 'soften',
            softens: softening.what,
            takes: byClock(softening.minutes),
            hands: softening.what === 'fruit' ? 'now and then' : 'none',
            ends: endsBy('softened'),
            flame: LOW_FLAME,
            lid: true,
            // It frees pectin that was bound, taken to be as much as wears away: fruit is softened
            // to draw its pectin (common practice; judgement on how much).
            ahead: [
              {
                name: `soften the ${softening.what}, lid on`,
                lid: true,
                flame: LOW_FLAME,
                freesPectin: true,
                until: minutes(softening.minutes),
              },
            ],
          }),
        ]),
    ...sugar,
    ...(sugar.length === 0
      ? []
      : [
          stove({
            id: 'dissolve',
            takes: { by: 'sign', minutes: DISSOLVE_MIN },
            ends: endsBy('dissolved'),
            flame: LOW_FLAME,
            ahead: [{ name: 'dissolve the sugar', flame: LOW_FLAME, until: minutes(DISSOLVE_MIN) }],
          }),
        ]),
    ...addition(later, 'against-foam', 1),
    stove({
      id: 'boil-down',
      takes: BY_SIGN,
      ends: endsBy('off-heat'),
      flame: 1,
      endsCook: true,
      ahead: [boil(), { name: 'boil to the stop', until: { kind: 'solubles', pct: targetPct } }],
    }),
    plate(RUNS_MIN, SLOW_MIN),
  ];
}

/** A drop on a cold plate, and how long the pot boils on after one that runs or is slow. */
const plate = (runsMin: number, slowMin: number): Act =>
  stove({
    id: 'plate',
    takes: byClock(PLATE_MIN),
    ends: [
      { on: 'plate-test', said: 'wrinkles', then: 'next act' },
      { on: 'sheet-test', said: 'merges', then: 'next act' },
      { on: 'plate-test', said: 'runs', then: { boilOnMin: runsMin } },
      { on: 'plate-test', said: 'slow', then: { boilOnMin: slowMin } },
      { on: 'sheet-test', said: 'drops', then: { boilOnMin: runsMin } },
    ],
    ahead: [{ name: 'plate test', flame: 0, until: minutes(PLATE_MIN) }],
  });

/** Everything in the cold pot, a few minutes at a rolling boil, and the plate. */
const gellingSugar = (of: StoveCase, later: GoesInLater): readonly Act[] => [
  ...byTheClock(of, later),
  plate(GELLING_MORE_MIN, GELLING_MORE_MIN),
];

const toRolling = (first: string): Act =>
  stove({
    id: 'to-rolling',
    takes: BY_SIGN,
    ends: endsBy('rolling'),
    flame: 1,
    mustEnd: true,
    ahead: [boil(first), { name: 'to a full rolling boil', until: minutes(ROLLING_MIN) }],
  });

/**
 * The methods that a clock ends. A gel of calcium is only brought back to the boil, the others to
 * one that stirring does not stop.
 */
function byTheClock({ method, boilMin: count }: StoveCase, later: GoesInLater): readonly Act[] {
  const rolls = method !== 'low-methoxyl';
  const up = (name?: string): Act => (rolls ? toRolling(name ?? 'to the boil') : toTheBoil(false));
  const goesIn = BY_CLOCK.flatMap((id) => addition(later, id, 1));
  return [
    up(),
    ...goesIn,
    ...(goesIn.length === 0 ? [] : [{ ...up('back to the boil'), again: true as const }]),
    stove({
      id: 'clock',
      takes: byClock(count ?? 1),
      ends: endsBy('off-heat'),
      flame: HELD_FLAME,
      endsCook: true,
      ahead: [{ name: 'full rolling boil', flame: HELD_FLAME, until: minutes(count ?? 1) }],
    }),
  ];
}

const BY_CLOCK = ['sugar', 'pectin', 'sugar-and-pectin', 'emptied-jars', 'together'] as const;

function reducing({ heat, targetPct, isSauce }: StoveCase, later: GoesInLater): readonly Act[] {
  return [
    ...(isSauce ? [] : toSauce(heat)),
    ...addition(later, 'sugar', 1),
    stove({
      id: 'reduce',
      takes: BY_SIGN,
      hands: heat.slow ? 'none' : 'now and then',
      ends: endsBy('off-heat'),
      flame: 1,
      endsCook: true,
      ahead: [{ name: 'reduce, lid off', until: { kind: 'solubles', pct: targetPct } }],
    }),
    stove({
      id: 'mound',
      takes: byClock(PLATE_MIN),
      ends: [
        { on: 'mound-test', said: 'mounds', then: 'next act' },
        { on: 'mound-test', said: 'weeps', then: { boilOnMin: RUNS_MIN } },
      ],
      ahead: [{ name: 'mound test', flame: 0, until: minutes(PLATE_MIN) }],
    }),
  ];
}

/** Fruit cooked soft under a lid and puréed. */
function toSauce({ slow, lidMin }: HeatSource): readonly Act[] {
  const softening = slow
    ? [
        stove({
          id: 'slow',
          takes: byClock(lidMin),
          hands: 'none',
          mayWaitMin: 60,
          ends: endsBy('lid-off'),
          flame: 1,
          lid: true,
          ahead: [{ name: 'lid on', lid: true, until: minutes(lidMin) }],
        }),
      ]
    : [
        toTheBoil(true),
        stove({
          id: 'sauce',
          takes: byClock(COOK_TO_SAUCE_MIN),
          hands: 'now and then',
          ends: endsBy('softened'),
          flame: SAUCE_FLAME,
          lid: true,
          ahead: [
            {
              name: 'cook to a sauce, lid on',
              lid: true,
              flame: SAUCE_FLAME,
              until: minutes(COOK_TO_SAUCE_MIN),
            },
          ],
        }),
      ];
  return [
    ...softening,
    stove({
      id: 'puree',
      takes: byClock(PUREE_MIN),
      mayWaitMin: 30,
      ends: endsBy('pureed'),
      ahead: [{ name: 'purée', flame: 0, until: minutes(PUREE_MIN) }],
    }),
  ];
}

const whisking = (): readonly Act[] => [
  stove({
    id: 'whisk',
    takes: BY_SIGN,
    ends: endsBy('off-heat'),
    flame: GENTLE_FLAME,
    endsCook: true,
    ahead: [
      {
        name: 'whisk to 77 °C',
        flame: GENTLE_FLAME,
        until: { kind: 'temperature', tempC: CURD_DONE_C },
      },
    ],
  }),
  stove({ id: 'strain', ends: endsBy('stood') }),
];
