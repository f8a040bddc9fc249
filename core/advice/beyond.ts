import { findIngredient } from '../ingredients/index.ts';
import { type AcidLoad, acidLoadOf, gramsToReach, typicalAcidLoad } from '../gel/index.ts';
import { massOf } from '../formula/index.ts';
import { METHODS } from '../method/index.ts';
import { formatGrams } from '../quantity/index.ts';
import type { Diagnosis } from './diagnosis.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

/** Acid at which a sugar gel links well enough. */
const LINKS_AT_PH = 3.4;

/**
 * What a batch that nothing sensible mends would take, and what to make of it instead. It speaks of the set alone: nothing in it makes
 * a batch safe for the pantry.
 */
export function beyondMending(
  { understood, choice, request }: Evaluation,
  { all, forecast, setters }: Boil,
  { short, ratio, model }: Diagnosis,
): string {
  const pH = forecast.pH?.finish.p50 ?? null;
  const lowAcid = understood.some(
    ({ ingredient: { kind }, ingredient }) =>
      (kind === 'fruit' || kind === 'juice') &&
      ingredient.acidClass !== undefined &&
      ingredient.acidClass !== 'high',
  );
  const takes =
    short === 'acid' && pH !== null
      ? acidItTakes(typicalAcidLoad(understood), massOf(all), pH)
      : short === 'pectin' && model === 'high-methoxyl' && setters !== null
        ? pectinItTakes(setters.highMethoxylG, ratio.p50)
        : short === 'sugar'
          ? 'It would take so much sugar, or so much less fruit, that it is another formula.'
          : 'Nothing that could be stirred in brings it there.';
  const instead =
    METHODS[choice.method].setModel === 'high-methoxyl' && request.product !== 'sauce'
      ? 'Make it instead with low-sugar pectin, which sets on calcium and hardly asks for acid or sugar, or cook it with as much of a sour fruit that is rich in pectin, such as gooseberries or currants.'
      : 'Keep it as a sauce or a syrup instead.';
  const shelf = lowAcid
    ? ' That is for the fridge or the freezer: none of it makes this fruit safe for the pantry.'
    : '';
  return `Nothing sensible mends it. ${takes} ${instead}${shelf}`;
}

function acidItTakes(load: AcidLoad, massG: number, pH: number): string {
  const lemon = findIngredient('lemon-juice-bottled');
  if (lemon?.sour === undefined) return '';
  const perGram = acidLoadOf(
    { pH: lemon.sour.pH.typical, taPct: lemon.sour.taPct.typical, acids: lemon.sour.acids },
    1,
    (100 - lemon.make.solublesPct.typical) / 100,
  );
  const grams = gramsToReach(load, perGram, LINKS_AT_PH, 3 * massG);
  return grams === null
    ? `At pH ${pH.toFixed(1)} no amount of lemon juice brings the acid to where pectin links.`
    : `At pH ${pH.toFixed(1)} it would take some ${formatGrams(Math.round(grams / 10) * 10)} of lemon juice to every ${formatGrams(Math.round(massG / 10) * 10)} in the pot before pectin links, and that is no longer this spread.`;
}

const pectinItTakes = (heldG: number, ratio: number): string =>
  ratio <= 0
    ? 'There is nothing in it that could set.'
    : `It would take some ${formatGrams(Math.max(1, Math.round((heldG * (1 - ratio)) / ratio)))} more of pure pectin than it holds.`;
