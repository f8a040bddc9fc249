import type { HeatSource, Stage } from '../boil/index.ts';
import { startContents, type Contents } from '../formula/index.ts';
import { type UnderstoodLine } from '../reader/index.ts';
import { CURD_DONE_C, isSugar, METHODS, type Method } from './methods.ts';
import type { Product } from './products.ts';
import { softeningOf, type Softening } from './softening.ts';

/** Minutes under a lid that fruit of a butter takes to cook to a sauce; common practice. */
export const COOK_TO_SAUCE_MIN = 20;
/** Low heat while peel or hard fruit simmers under a lid or sugar dissolves, and how long the sugar takes; common practice, judgement. */
export const LOW_FLAME = 0.4;
export const DISSOLVE_MIN = 4;
/** What the stage under a slow cooker's lid is called. */
export const LID_ON = 'lid on';
/** Taking the pot off to purée. */
export const PUREE_MIN = 5;
/** A curd is whisked over gentle heat. */
export const GENTLE_FLAME = 0.3;

export type Course = {
  /** What is in the pot when it is lit. */
  readonly first: Contents;
  readonly stages: readonly Stage[];
};

/**
 * Minutes from the first bubbles to a rolling boil that stirring does not stop; judgement, held by common practice: a syrup of 67 %
 * solids is at about 220 °F when it boils again, and no more than 224 °F when its minute is over.
 */
export const ROLLING_MIN = 0.5;
/** The flame that holds a foaming boil in its pot for its minute, over the full one; judgement, held by the same practice. */
export const HELD_FLAME = 0.8;

const TO_THE_BOIL: Stage = { name: 'to the boil', until: { kind: 'boil' } };
const LIDDED_TO_THE_BOIL: Stage = { ...TO_THE_BOIL, lid: true };
const ROLLING: Stage = {
  name: 'to a full rolling boil',
  until: { kind: 'minutes', minutes: ROLLING_MIN },
};

/** What goes in cold, and the stages of the cook, by method and product. */
export function courseOf(
  product: Product,
  method: Method,
  lines: readonly UnderstoodLine[],
  targetPct: number,
  heat: HeatSource,
  /** Minutes at the full boil, where the cook asks for others than the method's own. */
  boilMin: number | null = null,
  /** Whether a butter's fruit comes as a sauce already, puréed. */
  isSauce = false,
): Course {
  const all = startContents(lines);
  const rest = (later: (line: UnderstoodLine) => boolean) =>
    startContents(lines.filter((line) => !later(line)));
  const only = (which: (line: UnderstoodLine) => boolean) => startContents(lines.filter(which));
  const timed: Stage = {
    name: 'full rolling boil',
    flame: HELD_FLAME,
    until: { kind: 'minutes', minutes: boilMin ?? METHODS[method].boilMin ?? 0 },
  };
  const boilDown: Stage = { name: 'boil to the stop', until: { kind: 'solubles', pct: targetPct } };
  switch (method) {
    case 'long-boil': {
      const softening = softeningOf(product, lines);
      const dissolve: readonly Stage[] = lines.some(isSugar)
        ? [
            {
              name: 'dissolve the sugar',
              flame: LOW_FLAME,
              add: only(isSugar),
              until: { kind: 'minutes', minutes: DISSOLVE_MIN },
            },
          ]
        : [];
      return {
        first: rest(isSugar),
        stages: [
          ...(softening === null ? [] : [LIDDED_TO_THE_BOIL, softeningStage(softening)]),
          ...dissolve,
          TO_THE_BOIL,
          boilDown,
        ],
      };
    }
    case 'powdered-pectin':
      return {
        first: rest(isSugar),
        stages: [
          TO_THE_BOIL,
          ROLLING,
          { ...TO_THE_BOIL, name: 'all the sugar, back to the boil', add: only(isSugar) },
          ROLLING,
          timed,
        ],
      };
    case 'liquid-pectin': {
      const isPectin = ({ ingredient }: UnderstoodLine) => ingredient.kind === 'pectin';
      return {
        first: rest(isPectin),
        stages: [
          TO_THE_BOIL,
          ROLLING,
          { ...TO_THE_BOIL, name: 'pectin in, back to the boil', add: only(isPectin) },
          ROLLING,
          timed,
        ],
      };
    }
    case 'low-methoxyl': {
      const together = (line: UnderstoodLine) => isSugar(line) || line.ingredient.kind === 'pectin';
      return {
        first: rest(together),
        stages: [
          TO_THE_BOIL,
          { ...TO_THE_BOIL, name: 'sugar with pectin in, back to the boil', add: only(together) },
          timed,
        ],
      };
    }
    case 'reduce':
      return {
        first: rest(isSugar),
        stages: [
          ...(isSauce
            ? []
            : [
                ...(heat.slow ? slowSoftening(heat) : quickSoftening),
                {
                  name: 'purée',
                  flame: 0,
                  until: { kind: 'minutes', minutes: PUREE_MIN },
                } as const,
              ]),
          { ...boilDown, name: 'reduce, lid off', add: only(isSugar) },
        ],
      };
    case 'egg':
      return {
        first: all,
        stages: [
          {
            name: 'whisk to 77 °C',
            flame: GENTLE_FLAME,
            until: { kind: 'temperature', tempC: CURD_DONE_C },
          },
        ],
      };
  }
}

/**
 * Softening under a lid. It frees pectin that was bound, taken to be as much as wears away (common practice: fruit is softened to draw its
 * pectin; judgement on how much).
 */
export const softeningStage = ({ what, minutes }: Softening): Stage => ({
  name: `soften the ${what}, lid on`,
  lid: true,
  flame: LOW_FLAME,
  freesPectin: true,
  until: { kind: 'minutes', minutes },
});

const quickSoftening: readonly Stage[] = [
  LIDDED_TO_THE_BOIL,
  {
    name: 'cook to a sauce, lid on',
    lid: true,
    flame: 0.5,
    until: { kind: 'minutes', minutes: COOK_TO_SAUCE_MIN },
  },
];

const slowSoftening = ({ lidMin }: HeatSource): readonly Stage[] => [
  { name: LID_ON, lid: true, until: { kind: 'minutes', minutes: lidMin } },
];
