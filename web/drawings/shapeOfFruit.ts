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
