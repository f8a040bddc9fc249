import { message, type Text } from '@idle-kettle/words/message';
import { findIngredient } from '../ingredients/index.ts';
import { type AcidLoad, acidLoadOf, gramsToReach, inWater, typicalAcidLoad } from '../gel/index.ts';
import { massOf } from '../formula/index.ts';
import { METHODS } from '../method/index.ts';
import { formatGrams } from '../quantity/index.ts';
import type { Diagnosis } from './diagnosis.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

/** Acid at which a sugar gel links well enough. */
const LINKS_AT_PH = 3.4;

/**
 * What a batch that nothing sensible mends would take, and what to make of it instead. It speaks of
 * the set alone: nothing in it makes a batch safe for the pantry.
 */
export function beyondMending(
  { understood, choice, request }: Evaluation,
  { all, forecast, setters }: Boil,
  { short, ratio, model }: Diagnosis,
): Text {
  const pH = forecast.pH?.finish.p50 ?? null;
  const lowAcid = understood.some(
    ({ ingredient: { kind }, ingredient }) =>
      (kind === 'fruit' || kind === 'juice') &&
      ingredient.acidClass !== undefined &&
      ingredient.acidClass !== 'high',
  );
  const takes =
    short === 'acid' && pH !== null
      ? acidItTakes(inWater(typicalAcidLoad(understood), all.water), massOf(all), pH)
      : short === 'pectin' && model === 'high-methoxyl' && setters !== null
        ? pectinItTakes(setters.highMethoxylG, ratio.p50)
        : short === 'sugar'
          ? message('advice.itWouldNeedSoMuch')
          : message('advice.nothingYouCouldStirIn');
  const instead =
    METHODS[choice.method].setModel === 'high-methoxyl' && request.product !== 'sauce'
      ? message('advice.useLowSugarPectinInstead')
      : message('advice.keepItAsASauce');
  const shelf = lowAcid ? message('advice.keepThatInTheFridge') : '';
  return message('advice.nothingSensibleFixesIt', { takes, instead, shelf });
}

function acidItTakes(load: AcidLoad, massG: number, pH: number): Text {
  const lemon = findIngredient('lemon-juice-bottled');
  if (lemon?.sour === undefined) return '';
  const perGram = acidLoadOf(
    { pH: lemon.sour.pH.typical, taPct: lemon.sour.taPct.typical, acids: lemon.sour.acids },
    1,
    (100 - lemon.make.solublesPct.typical) / 100,
  );
  const grams = gramsToReach(load, perGram, LINKS_AT_PH, 3 * massG);
  return grams === null
    ? message('advice.atPhNoAmountOf', { pH: pH.toFixed(1) })
    : message('advice.atPhItNeedsAbout', {
        pH: pH.toFixed(1),
        grams: formatGrams(Math.round(grams / 10) * 10),
        grams2: formatGrams(Math.round(massG / 10) * 10),
      });
}

const pectinItTakes = (heldG: number, ratio: number): Text =>
  ratio <= 0
    ? message('advice.thereIsNothingInIt')
    : message('advice.itNeedsAboutMorePure', {
        grams: formatGrams(Math.max(1, Math.round((heldG * (1 - ratio)) / ratio))),
      });
