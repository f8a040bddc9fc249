import { message, type Text } from '@idle-kettle/words/message';
import { FULL_ENOUGH } from '../boil/index.ts';
import { isSugar, METHODS } from '../method/index.ts';
import { formatGrams, formatVolume } from '../quantity/index.ts';
import { bisect } from './bisect.ts';
import {
  AS_WRITTEN,
  gramsOf,
  tryMix,
  isFruit,
  type TrialMix,
  type Mix,
  type SolverRecipe,
} from './tryMix.ts';
import type { Collision, Party, WishName, Wishes } from './wishes.ts';

/** Largest multiple of a recipe, and of its sugar over its fruit, that is looked at. */
const MOST_TIMES = 2000;
const MOST_SUGAR_TIMES = 12;
/** Targets between which a sweetness is looked for, g of solubles per 100 g. */
const LEAST_TARGET_PCT = 20;
const MOST_TARGET_PCT = 76;
/** Two wishes agree when what one makes of the other is within this share of it. */
const AGREES = 0.03;

const collision = (a: Party, b: Party, message: Text): Collision => ({
  between: [a, b],
  message,
});

const agrees = (found: number, wanted: number): boolean => Math.abs(found / wanted - 1) <= AGREES;

/** How much fruit and sugar, and where to stop, for the wishes of size and sweetness. */
export function sizeOf(
  solverRecipe: SolverRecipe,
  wishes: Wishes,
  overfill: number,
): Mix | Collision {
  const base = sweetened(solverRecipe, wishes);
  if ('between' in base) return base;
  const sized = fruitAndSugar(solverRecipe, wishes, base, overfill);
  return 'between' in sized ? sized : inPot(solverRecipe, wishes, sized);
}

/**
 * The proportions that are as sweet as asked: by the stop where it is boiled down, by the sugar
 * where the clock decides.
 */
function sweetened(solverRecipe: SolverRecipe, { sugarsPer100g: wanted }: Wishes): Mix | Collision {
  const plain: Mix = { ...AS_WRITTEN, targetPct: solverRecipe.request.targetSolublesPct };
  if (wanted === undefined) return plain;
  const bySolids = ['temperature', 'body'].includes(METHODS[solverRecipe.method].stopKind);
  const mix = (x: number): Mix => (bySolids ? { ...plain, targetPct: x } : { ...plain, sugar: x });
  const sweetness = (x: number) => tryMix(solverRecipe, mix(x))?.sugarsPer100g ?? NaN;
  const x = bySolids
    ? bisect(sweetness, wanted, LEAST_TARGET_PCT, MOST_TARGET_PCT)
    : bisect(sweetness, wanted, 0, MOST_SUGAR_TIMES);
  const found = sweetness(x);
  return agrees(found, wanted)
    ? mix(x)
    : collision(
        'sweetness',
        'recipe',
        message('solve.withThisFruitComesTo', {
          name: METHODS[solverRecipe.method].name,
          found: found.toFixed(0),
          wanted,
        }),
      );
}

function fruitAndSugar(
  solverRecipe: SolverRecipe,
  { fruitG, sugarG, jars, sugarsPer100g }: Wishes,
  base: Mix,
  overfill: number,
): Mix | Collision {
  const [hasFruitG, hasSugarG] = [
    gramsOf(solverRecipe.lines, isFruit),
    gramsOf(solverRecipe.lines, isSugar),
  ];
  if (fruitG !== undefined && hasFruitG === 0)
    return collision('fruit', 'recipe', message('solve.theRecipeHasNoFruit'));
  if (sugarG !== undefined && hasSugarG === 0)
    return collision('sugar', 'recipe', message('solve.theRecipeHasNoSugar'));
  const fruit = fruitG === undefined ? null : fruitG / hasFruitG;
  const sugar = sugarG === undefined ? null : sugarG / hasSugarG;
  // Where the clock decides, a sweetness fixes sugar by fruit.
  const tied = sugarsPer100g !== undefined && base.sugar !== 1;
  if (fruit !== null && sugar !== null && tied && !agrees(sugar / fruit, base.sugar)) {
    return collision(
      'sugar',
      'sweetness',
      message('solve.thatFruitAtThatSweetness', {
        grams: formatGrams(fruit * base.sugar * hasSugarG),
      }),
    );
  }
  const times = (k: number): Mix => ({ ...base, fruit: base.fruit * k, sugar: base.sugar * k });
  const both = (f: number, s: number): Mix => ({ ...base, fruit: f, sugar: s });
  if (jars === undefined) {
    if (fruit !== null) return both(fruit, sugar ?? fruit * base.sugar);
    return sugar === null ? base : both(sugar / base.sugar, sugar);
  }
  const wantedMl = jars.count * jars.volumeMl * overfill;
  const volume = (mix: Mix) => tryMix(solverRecipe, mix)?.volumeMl ?? NaN;
  const free = fruit === null && sugar === null;
  const [mix, held]: [(x: number) => Mix, WishName] = free
    ? [times, 'jars']
    : fruit !== null && sugar !== null
      ? [() => both(fruit, sugar), 'sugar']
      : fruit !== null
        ? [(x) => both(fruit, tied ? fruit * base.sugar : x), tied ? 'sweetness' : 'fruit']
        : [
            (x) => both(tied ? (sugar ?? 0) / base.sugar : x, sugar ?? 0),
            tied ? 'sweetness' : 'sugar',
          ];
  const x = bisect((at) => volume(mix(at)), wantedMl, 0, free ? MOST_TIMES : MOST_SUGAR_TIMES);
  const found = volume(mix(x));
  if (agrees(found, wantedMl)) return mix(x);
  return collision(
    'jars',
    free ? 'recipe' : held === 'sweetness' ? (fruit === null ? 'sugar' : 'fruit') : held,
    message('solve.thoseJarsHoldButThe', {
      count: jars.count,
      volume: formatVolume(wantedMl, 'metric'),
      volume2: formatVolume(found, 'metric'),
    }),
  );
}

/** Holds a mix to the pot: shrunk or grown to a third of it where nothing else fixes its size. */
function inPot(solverRecipe: SolverRecipe, wishes: Wishes, mix: Mix): Mix | Collision {
  const { pot } = solverRecipe.request;
  if (wishes.fitsPot !== true) return mix;
  if (pot === null) return collision('pot', 'recipe', message('solve.noPotIsChosenSo'));
  const roomMl = (FULL_ENOUGH * Math.PI * pot.diameterCm ** 2 * pot.heightCm) / 4;
  const takes = (k: number): TrialMix | null =>
    tryMix(solverRecipe, { ...mix, fruit: mix.fruit * k, sugar: mix.sugar * k });
  const needsMl = takes(1)?.potMl ?? 0;
  const size = (['jars', 'fruit', 'sugar'] as const).find(
    (name) =>
      wishes[({ jars: 'jars', fruit: 'fruitG', sugar: 'sugarG' } as const)[name]] !== undefined,
  );
  if (size === undefined) {
    const k = roomMl / needsMl;
    return { ...mix, fruit: mix.fruit * k, sugar: mix.sugar * k };
  }
  return needsMl <= roomMl * (1 + AGREES)
    ? mix
    : collision(
        size,
        'pot',
        message('solve.thatIsBeforeBoilingAnd', {
          volume: formatVolume(needsMl, 'metric'),
          volume2: formatVolume(roomMl, 'metric'),
        }),
      );
}
