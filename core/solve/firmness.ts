import { message, type Text } from '@idle-kettle/words/message';
import { massOf, startContents } from '../formula/index.ts';
import { SET_CLASSES, setClassOf, type SetClass } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import { bisect } from './bisect.ts';
import { tryMix, type Mix, type SolverRecipe } from './tryMix.ts';
import type { Collision, Wishes } from './wishes.ts';

/** The middle of each class: what makes it set, held over needed. */
const AIM: { readonly [set in SetClass]: number } = {
  pours: 0.35,
  loose: 0.64,
  soft: 0.95,
  firm: 1.5,
  slices: 2.3,
};
/** Most of a pectin to a kilogram in the pot, g. */
const MOST_PECTIN_PER_KG = 60;
const MOST_BUTTER_PCT = 62;

/** How much of which pectin, or how far to reduce, for the firmness that was asked for. */
export function firmnessOf(solverRecipe: SolverRecipe, wishes: Wishes, mix: Mix): Mix | Collision {
  const { firmness } = wishes;
  if (firmness === undefined) return mix;
  const clash = (message: Text): Collision => ({
    between: [
      'firmness',
      wishes.sugarsPer100g !== undefined
        ? 'sweetness'
        : wishes.sugarG !== undefined
          ? 'sugar'
          : 'recipe',
    ],
    message,
  });
  const { setModel, name } = METHODS[solverRecipe.method];
  if (setModel === 'egg') return clash(message('solve.aCurdIsAsFirm'));
  if (setModel === 'gelling-sugar') return clash(message('solve.gellingSugarIsAsFirm'));
  const knob = knobOf(solverRecipe, mix, setModel);
  const ratio = (x: number) => tryMix(solverRecipe, knob.mix(x))?.setRatio ?? NaN;
  const x = bisect(ratio, AIM[firmness], knob.least, knob.most);
  const found = setClassOf(ratio(x));
  if (found === firmness) return knob.mix(x);
  const stiffer = SET_CLASSES.indexOf(found) > SET_CLASSES.indexOf(firmness);
  return clash(
    stiffer
      ? message('solve.withNothingAddedAlreadyGives', { name, found, firmness })
      : message('solve.withItGetsNoFurther', {
          name,
          found,
          part:
            setModel === 'high-methoxyl'
              ? message('solve.thereIsTooLittleSugar')
              : message('solve.moreDoesntHelp'),
        }),
  );
}

/** What is turned for the firmness, and how far. */
type Knob = {
  readonly mix: (x: number) => Mix;
  readonly least: number;
  readonly most: number;
};

function knobOf(
  solverRecipe: SolverRecipe,
  mix: Mix,
  model: 'high-methoxyl' | 'low-methoxyl' | 'body',
): Knob {
  if (model === 'body') {
    return {
      mix: (targetPct) => ({ ...mix, targetPct }),
      least: tryMix(solverRecipe, mix)?.targetPct ?? MOST_BUTTER_PCT,
      most: MOST_BUTTER_PCT,
    };
  }
  const own = solverRecipe.lines.find(({ ingredient }) => ingredient.kind === 'pectin')?.ingredient
    .id;
  const id = own ?? (model === 'low-methoxyl' ? 'low-sugar-pectin' : 'powdered-pectin');
  const potKg = (massOf(startContents(solverRecipe.lines)) * Math.max(mix.fruit, mix.sugar)) / 1000;
  return {
    mix: (massG) => ({ ...mix, dose: { id, massG } }),
    least: 0,
    most: MOST_PECTIN_PER_KG * potKg * (id === 'liquid-pectin' ? 3 : 1),
  };
}
