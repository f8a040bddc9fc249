import type { HeatSource } from '../boil/index.ts';
import type { UnderstoodLine } from '../reader/index.ts';
import { formatGrams } from '../quantity/index.ts';
import { isSugar, METHODS, type Method } from './methods.ts';
import type { Product } from './products.ts';
import { softeningOf } from './softening.ts';
import { COOK_TO_SAUCE_MIN, DISSOLVE_MIN, PUREE_MIN } from './stages.ts';

export type Step = {
  readonly when: 'the day before' | 'before the heat' | 'at the stove' | 'at the jars';
  readonly text: string;
  /** Minutes it takes, where a clock runs. */
  readonly minutes?: number;
  /** Whether somebody must stand by. */
  readonly handsOn: boolean;
  /** Whether it belongs to what comes before the formula's own pot. */
  readonly first?: true;
};

/** Sugar that carries powdered pectin so that it does not clump, g: ¼ cup; common practice. */
export const CARRIER_SUGAR_G = 50;

const step = (when: Step['when'], text: string, minutes?: number, handsOn = true): Step => ({
  when,
  text,
  handsOn,
  ...(minutes === undefined ? {} : { minutes }),
});

/** `1,400 g white sugar and 20 g honey`; null for no lines. */
export function listed(lines: readonly UnderstoodLine[]): string | null {
  if (lines.length === 0) return null;
  const items = lines.map(
    ({ ingredient, massG }) => `${formatGrams(massG.typical)} ${ingredient.name}`,
  );
  return items.length === 1
    ? (items[0] ?? null)
    : `${items.slice(0, -1).join(', ')} and ${items[items.length - 1]}`;
}

export type RunSheetCase = {
  readonly product: Product;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  /** The stop as the cook reads it: `219.9 °F (104.4 °C)`. */
  readonly stop: string;
  readonly boilMin: number | null;
  readonly heat: HeatSource;
  /** What comes first, where the formula says; null for what is usual for the product. */
  readonly before: readonly Step[] | null;
  /** Whether the fruit comes to this pot as a sauce, puréed. */
  readonly isSauce: boolean;
  readonly fill: string;
  readonly process: string;
};

/** The order of work for a batch, with the grams at each step, by its method. */
export function runSheet(sheet: RunSheetCase): Step[] {
  if (sheet.lines.length === 0) return [];
  return [...beforeTheHeat(sheet), ...atTheStove(sheet), ...atTheJars(sheet)];
}

/** What a product asks for first, where nothing is said of it. */
function usualBefore(product: Product): Step[] {
  switch (product) {
    case 'infusion-jelly':
      return [
        step(
          'the day before',
          'Pour the boiling water over the flowers or herbs, stand covered, and strain.',
          15 * 60,
          false,
        ),
      ];
    case 'marmalade':
      return [
        step(
          'the day before',
          'Slice the fruit, boil it five minutes with the water and juice, and stand it covered.',
          18 * 60,
          false,
        ),
      ];
    case 'jelly':
      return [
        step(
          'the day before',
          'Simmer and mash the fruit, drip it through a cloth without pressing, and measure the juice.',
          12 * 60,
          false,
        ),
      ];
    case 'pepper-jelly':
      return [
        step(
          'before the heat',
          'Chop the peppers fine, in gloves if they are hot, and drain off their juice.',
        ),
      ];
    default:
      return [];
  }
}

function beforeTheHeat({ product, lines, method, before }: RunSheetCase): Step[] {
  const steps: Step[] = [...(before ?? usualBefore(product))];
  steps.push(
    step(
      'before the heat',
      'Weigh everything out, the sugar in a bowl of its own. Check the jars for chips, heat them and a small spare one, and heat the canner.',
    ),
  );
  const sugarG = lines.filter(isSugar).reduce((g, { massG }) => g + massG.typical, 0);
  if (method === 'powdered-pectin' && sugarG > 4 * CARRIER_SUGAR_G) {
    steps.push(
      step(
        'before the heat',
        `Stir the pectin powder into ${CARRIER_SUGAR_G} g of that same sugar, so that it does not clump.`,
      ),
    );
  }
  return steps;
}

function atTheStove(sheet: RunSheetCase): Step[] {
  const { method, lines, stop, product, heat, isSauce } = sheet;
  const { slow } = heat;
  const boilMin = sheet.boilMin ?? METHODS[method].boilMin ?? 1;
  const stove = (text: string, minutes?: number, handsOn = true) =>
    step('at the stove', text, minutes, handsOn);
  const of = (which: (line: UnderstoodLine) => boolean) => listed(lines.filter(which));
  const isPectin = ({ ingredient }: UnderstoodLine) => ingredient.kind === 'pectin';
  const notSugar = of((line) => !isSugar(line));
  const sugar = of(isSugar);
  const minuteClock = `Boil hard for ${boilMin} ${boilMin === 1 ? 'minute' : 'minutes'}, counted from the full rolling boil.`;
  const toSauce = () => [
    stove(
      slow
        ? `Cook ${notSugar ?? 'the fruit'} in the ${heat.name} with the lid on, above 60 °C (140 °F) throughout.`
        : `Cook ${notSugar ?? 'the fruit'} under a lid to a soft sauce.`,
      slow ? heat.lidMin : COOK_TO_SAUCE_MIN,
      !slow,
    ),
    stove('Purée it off the heat.', PUREE_MIN),
  ];
  switch (method) {
    case 'long-boil': {
      const fruit = notSugar ?? 'the fruit';
      const dissolve = 'dissolve it over low heat until no grit is felt on the spoon.';
      const softening = softeningOf(product, lines);
      const until =
        softening?.what === 'peel'
          ? 'simmer it with the lid on until a piece of peel crushes between the fingers. Sugar would keep it hard.'
          : 'soften it with the lid on before any sugar goes in: sugar would keep the skins hard.';
      const soft = softening && [
        stove(
          `Bring ${fruit} to the boil, and ${until}`,
          softening.minutes,
          softening.what === 'fruit',
        ),
      ];
      const sweet =
        sugar === null
          ? []
          : [
              stove(
                `${soft ? 'Stir in' : `Put in ${fruit}, then`} ${sugar}, and ${dissolve}`,
                DISSOLVE_MIN,
              ),
            ];
      return [
        ...(soft ?? (sugar === null ? [stove(`Put in ${fruit}.`)] : [])),
        ...sweet,
        stove(
          `Boil hard to ${stop}. Take it off the heat to test on a cold plate; if it runs, boil five minutes more.`,
        ),
      ];
    }
    case 'powdered-pectin':
      return [
        stove(`Stir ${notSugar ?? 'the pectin'} together cold, and bring to a full rolling boil.`),
        stove(
          `Add ${sugar ?? 'the sugar'} all at once, and bring back to a full rolling boil that stirring does not stop.`,
        ),
        stove(minuteClock, boilMin),
      ];
    case 'liquid-pectin':
      return [
        stove(
          `Bring ${of((line) => !isPectin(line)) ?? 'the fruit and sugar'} to a full rolling boil.`,
        ),
        stove(
          `Add ${of(isPectin) ?? 'the pectin'} at once, and bring back to a full rolling boil.`,
        ),
        stove(minuteClock, boilMin),
      ];
    case 'low-methoxyl':
      return [
        stove(
          `Bring ${of((line) => !isSugar(line) && !isPectin(line)) ?? 'the fruit and calcium water'} to a full boil.`,
        ),
        stove(
          `Mix ${of(isPectin) ?? 'the pectin'} into ${sugar ?? 'a little sugar or honey'}, stir it in hard until it dissolves.`,
        ),
        stove(`Bring back to the boil, stirring ${boilMin} minutes, and take it off.`, boilMin),
      ];
    case 'reduce':
      return [
        ...(isSauce ? [] : toSauce()),
        ...(sugar === null ? [] : [stove(`Stir in ${sugar}, to taste.`)]),
        stove(
          `Reduce ${isSauce ? `${notSugar ?? 'the sauce'} ` : ''}with the lid off until ${stop}: a spoonful mounds on a tilted plate and weeps no ring.`,
          undefined,
          !slow,
        ),
      ];
    case 'egg':
      return [
        stove(
          `Whisk ${listed(lines) ?? 'everything'} over gentle heat, never boiling, to ${stop}.`,
        ),
        stove('Strain it, and take it off at once: above 82 °C (180 °F) it curdles.'),
      ];
  }
}

function atTheJars({ method, product, fill, process }: RunSheetCase): Step[] {
  const floats = method !== 'egg' && !['jelly', 'infusion-jelly', 'butter'].includes(product);
  return [
    ...(floats
      ? [
          step(
            'at the stove',
            'Skim. Stand it off the heat, stirring now and then, so that the pieces spread.',
            5,
          ),
        ]
      : []),
    step('at the jars', fill),
    step('at the jars', process),
    step(
      'at the jars',
      'Cool 12 to 24 hours untouched, then press each lid. What has not sealed goes in the fridge, or is processed again within 24 hours.',
      12 * 60,
      false,
    ),
  ];
}
