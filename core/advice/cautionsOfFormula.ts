import { message } from '@idle-kettle/words/message';
import { massOf, solublesPctOf, sugarsG, type Contents } from '../formula/index.ts';
import type { Ingredient } from '../ingredients/index.ts';
import { isSugar, METHODS, PRODUCTS } from '../method/index.ts';
import { type Caution, note, stop, warn } from './caution.ts';
import { comesToGel, type Boil, type Evaluation } from '../evaluate/index.ts';

/**
 * Below this share of sugars in the raw batch, a long boil is very long indeed; common practice.
 */
const LITTLE_SUGAR_PCT = 25;
/** A batch that has lost more than this has been on the fire too long. */
const LITTLE_PECTIN_LEFT = 0.75;
const FEWEST_INVERTED = 0.2;
const MOST_INVERTED = 0.5;
/** Below this a high-methoxyl gel lets go of its water; common practice. */
const WEEPING_PH = 2.8;

/** What to mind in what was put together, whatever it is called. */
export function formulaCautions(worked: Evaluation): Caution[] {
  const { boil, understood } = worked;
  if (understood.length === 0) return [];
  const missing = missingCautions(worked);
  if (boil !== null)
    return [...missing, ...cookCautions(worked, boil), ...solidsCautions(worked, boil)];
  const tooDry = understood.some(isSugar)
    ? [stop('too-little-water', message('advice.thereIsTooLittleWater'))]
    : [];
  return [...missing, ...tooDry];
}

const standsForFruit = ({ kind }: Ingredient): boolean => kind === 'fruit' || kind === 'juice';

function missingCautions({ request, choice, understood }: Evaluation): Caution[] {
  const { name, base } = PRODUCTS[request.product];
  const { setModel } = METHODS[choice.method];
  const found: Caution[] = [];
  const hasBase =
    understood.some(({ ingredient }) => standsForFruit(ingredient)) ||
    (request.product === 'infusion-jelly' &&
      understood.some(({ ingredient }) => ingredient.kind === 'water')) ||
    (request.product === 'curd' && understood.some(({ ingredient }) => ingredient.kind === 'acid'));
  if (!hasBase) found.push(warn('no-fruit', message('advice.noYetANeedsSome', { base, name })));
  if (!understood.some(isSugar) && setModel !== 'body' && setModel !== 'low-methoxyl') {
    found.push(
      warn(
        'no-sugar',
        setModel === 'egg'
          ? message('advice.noSugarYetACurd')
          : message('advice.noSugarYetWithA', { name: METHODS[choice.method].name, name2: name }),
      ),
    );
  }
  return found;
}

function cookCautions({ request, choice }: Evaluation, { cook, forecast, all }: Boil): Caution[] {
  const found: Caution[] = [];
  const gels = METHODS[choice.method].setModel === 'high-methoxyl';
  if (cook.outcome === 'boils dry') {
    found.push(stop('boils-dry', message('advice.soLittleInSuchA')));
  } else if (cook.outcome !== 'reached') {
    found.push(stop('burner-too-small', message('advice.thisHeatIsTooWeak')));
  } else {
    if (gels && cook.pectinLeft < LITTLE_PECTIN_LEFT) {
      found.push(
        warn(
          'long-boil-wears-pectin',
          message('advice.suchALongBoilLeaves', {
            round: Math.round(100 * cook.pectinLeft),
            name: PRODUCTS[request.product].name,
          }),
        ),
      );
    }
    const inverted = Math.round(100 * cook.invertShare);
    if (
      METHODS[choice.method].stopKind === 'temperature' &&
      all.sucrose > 0 &&
      (cook.invertShare < FEWEST_INVERTED || cook.invertShare > MOST_INVERTED)
    ) {
      found.push(note('crystals', message('advice.aboutOfTheSugarInverts', { inverted })));
    }
  }
  if (gels && forecast.pH && forecast.pH.finish.p50 < WEEPING_PH) {
    found.push(
      note('weeping', message('advice.atPhAGelMay', { value: forecast.pH.finish.p50.toFixed(1) })),
    );
  }
  if (forecast.measurementsUnlikely) {
    found.push(warn('measurement-unlikely', message('advice.yourMeasurementDoesntFitThese')));
  }
  return found;
}

/** A timed boil that ends thicker than this has boiled too far, % solids; judgement. */
const TOO_FAR_PCT = 74;
/** More of a pot than this as steam in a timed boil is much for its burner; judgement. */
const MUCH_STEAM = 0.2;

/** A tiny batch on a strong burner loses much of its water in the minutes that a clock counts. */
function boilsTooFar(all: Contents, finish: Contents): Caution[] {
  const [pct, steam] = [solublesPctOf(finish), 1 - massOf(finish) / massOf(all)];
  return pct > TOO_FAR_PCT && pct > solublesPctOf(all) + 3
    ? [warn('boils-too-far', message('advice.soSmallABatchBoilsTooFar', { pct: pct.toFixed(0) }))]
    : steam > MUCH_STEAM
      ? [
          warn(
            'boils-too-far',
            message('advice.soSmallABatchSteamsAway', { percent: Math.round(100 * steam) }),
          ),
        ]
      : [];
}

function solidsCautions(
  { choice, request, understood }: Evaluation,
  { all, finish, targetPct }: Boil,
): Caution[] {
  const { stopKind } = METHODS[choice.method];
  if (stopKind === 'timed-boil') return boilsTooFar(all, finish.contents);
  if (stopKind !== 'temperature' && stopKind !== 'body') return [];
  const found: Caution[] = [];
  if (finish.outcome === 'already past') {
    found.push(
      warn(
        'already-past-target',
        stopKind === 'body'
          ? message('advice.itIsAlreadyThickerThan')
          : message('advice.tooMuchSugarForThe', { round: Math.round(targetPct) }),
      ),
    );
  }
  const isPaste =
    understood.some(isSugar) &&
    !comesToGel(request.product, choice.method, understood, finish.contents);
  if (finish.outcome === 'pieces too many' || isPaste) {
    found.push(warn('target-unreachable', message('advice.withSoLittleSugarThe')));
  } else if (
    stopKind === 'temperature' &&
    sugarsG(all) > 0 &&
    (100 * sugarsG(all)) / massOf(all) < LITTLE_SUGAR_PCT
  ) {
    found.push(warn('little-sugar', message('advice.littleSugarForALong')));
  }
  return found;
}
