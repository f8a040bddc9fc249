import { massOf, sugarsG } from '../formula/index.ts';
import type { Ingredient } from '../ingredients/index.ts';
import { isSugar, METHODS, PRODUCTS } from '../method/index.ts';
import { type Caution, note, stop, warn } from './caution.ts';
import type { Boil, Evaluation } from '../evaluate/index.ts';

/** Below this share of sugars in the raw batch, a long boil is very long indeed; common practice. */
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
    ? [
        stop(
          'too-little-water',
          'There is too little water here to dissolve the sugar. Add fruit, or take sugar out.',
        ),
      ]
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
  if (!hasBase) found.push(warn('no-fruit', `No ${base} yet. A ${name} needs some.`));
  if (!understood.some(isSugar) && setModel !== 'body' && setModel !== 'low-methoxyl') {
    found.push(
      warn(
        'no-sugar',
        setModel === 'egg'
          ? 'No sugar yet. A curd wants some.'
          : `No sugar yet. By ${METHODS[choice.method].name} a ${name} sets on sugar, acid and pectin together.`,
      ),
    );
  }
  return found;
}

function cookCautions({ request, choice }: Evaluation, { cook, forecast, all }: Boil): Caution[] {
  const found: Caution[] = [];
  const gels = METHODS[choice.method].setModel === 'high-methoxyl';
  if (cook.outcome === 'boils dry') {
    found.push(
      stop(
        'boils-dry',
        'So little in so wide a pan dries out and burns before it is done. Use a smaller pan, or put in more liquid.',
      ),
    );
  } else if (cook.outcome !== 'reached') {
    found.push(
      stop(
        'burner-too-small',
        'This heat cannot bring so large a batch there in a day. Cook it in smaller ones, or on a stronger flame.',
      ),
    );
  } else {
    if (gels && cook.pectinLeft < LITTLE_PECTIN_LEFT) {
      found.push(
        warn(
          'long-boil-wears-pectin',
          `So long a boil leaves ${Math.round(100 * cook.pectinLeft)} % of the pectin’s power, and darkens the ${PRODUCTS[request.product].name}. Smaller batches set better.`,
        ),
      );
    }
    const inverted = Math.round(100 * cook.invertShare);
    if (
      METHODS[choice.method].stopKind === 'temperature' &&
      all.sucrose > 0 &&
      (cook.invertShare < FEWEST_INVERTED || cook.invertShare > MOST_INVERTED)
    ) {
      found.push(
        note(
          'crystals',
          `About ${inverted} % of the sugar inverts. Below 20 % sugar crystals may form in the jar, above 50 % glucose ones.`,
        ),
      );
    }
  }
  if (gels && forecast.pH && forecast.pH.finish.p50 < WEEPING_PH) {
    found.push(note('weeping', `At pH ${forecast.pH.finish.p50.toFixed(1)} a gel may weep.`));
  }
  if (forecast.measurementsUnlikely) {
    found.push(
      warn(
        'measurement-unlikely',
        'What you measured lies outside anything these lines could be, so it is not used. Check the reading, or the lines.',
      ),
    );
  }
  return found;
}

function solidsCautions({ choice }: Evaluation, { all, finish, targetPct }: Boil): Caution[] {
  const { stopKind } = METHODS[choice.method];
  if (stopKind !== 'temperature' && stopKind !== 'body') return [];
  const found: Caution[] = [];
  if (finish.outcome === 'already past') {
    found.push(
      warn(
        'already-past-target',
        stopKind === 'body'
          ? 'It is already thicker than it needs to be before it is reduced.'
          : `More sugar than fruit can carry: the batch is past ${Math.round(targetPct)} % soluble solids before it boils, and may crystallise.`,
      ),
    );
  }
  if (finish.outcome === 'pieces too many') {
    found.push(
      warn(
        'target-unreachable',
        'There is so little sugar that the fruit would scorch before it reached the target. Add sugar.',
      ),
    );
  } else if (
    stopKind === 'temperature' &&
    sugarsG(all) > 0 &&
    (100 * sugarsG(all)) / massOf(all) < LITTLE_SUGAR_PCT
  ) {
    found.push(
      warn('little-sugar', 'Little sugar for a long boil: expect a long cook and few jars.'),
    );
  }
  return found;
}
