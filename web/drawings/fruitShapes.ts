import { findIngredient, readLine, type Formula } from '@idle-kettle/core';
import type { FruitShape } from './FruitDrawing.tsx';

/** How each fruit is drawn; any other is round. */
const SHAPES: { readonly [shape in Exclude<FruitShape, 'round'>]: readonly string[] } = {
  cleft: [
    'apricot', 'peach', 'white-peach', 'nectarine', 'plum', 'wild-plum', 'damson', 'greengage', 'mango', 'dried-apricot', 'prune',
  ],
  berry: [
    'raspberry', 'wild-raspberry', 'blackberry', 'wild-blackberry', 'boysenberry', 'loganberry', 'cloudberry', 'mulberry', 'mixed-berries',
  ],
  heart: ['strawberry', 'wild-strawberry'],
  bunch: [
    'blackcurrant', 'redcurrant', 'grape', 'fox-grape', 'muscadine', 'elderberry', 'rowan', 'hawthorn', 'sea-buckthorn', 'lingonberry',
    'cranberry', 'blueberry', 'bilberry', 'saskatoon', 'aronia', 'chokecherry', 'cherry', 'sour-cherry', 'mayhaw', 'sloe', 'gooseberry',
  ],
  pear: ['pear', 'quince', 'fig', 'guava', 'rose-hip', 'feijoa', 'papaya'],
  stalks: ['rhubarb'],
}; // prettier-ignore

/** The outline of a fruit, by its id. */
export const shapeOfFruit = (fruit: string | null): FruitShape =>
  (Object.keys(SHAPES) as (keyof typeof SHAPES)[]).find((shape) =>
    SHAPES[shape].includes(fruit ?? ''),
  ) ?? 'round';

/** The outline of what there is most of in a formula. */
export function shapeOfFormula({ lines, settings }: Formula): FruitShape {
  const fruits = [...(settings.before?.lines ?? []), ...lines].flatMap((line) => {
    const reading = readLine(line);
    return reading.understood && findIngredient(reading.ingredient.id)?.kind === 'fruit'
      ? [{ id: reading.ingredient.id, massG: reading.massG.typical }]
      : [];
  });
  return shapeOfFruit(fruits.sort((a, b) => b.massG - a.massG)[0]?.id ?? null);
}
