import { massOf, solublesPctOf, type Contents } from '../formula/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';

/** Cell walls thicken a butter this many times as much as what dissolves; judgement. */
const INSOLUBLES_THICKEN = 4;

/** Solubles, and cell walls by what they thicken, at which a butter mounds on the plate. */
export const MOUNDING = constant(
  48,
  'g per 100 g',
  commonPractice(
    'butters at 43 % soluble solids sweetened and 30–38 % plain both mound; judgement',
  ),
);

/** Egg solids at which a curd coats the spoon and stands. */
export const CURD_EGG = constant(
  7.5,
  'g per 100 g',
  commonPractice('about 4 eggs and 7 yolks to a cup of juice; judgement'),
);

/** Body of a butter over the body it needs to mound. */
export const butterRatio = (batch: Contents): number =>
  (solublesPctOf(batch) + (INSOLUBLES_THICKEN * 100 * batch.insolubles) / massOf(batch)) /
  MOUNDING.value;

/** Egg solids of a curd over those it needs to stand. */
export const curdRatio = (batch: Contents): number =>
  (100 * batch.egg) / massOf(batch) / CURD_EGG.value;
