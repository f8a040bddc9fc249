import { message, type Text } from '@idle-kettle/words/message';
import { exactly } from '../quantity/index.ts';
import { isMeasured } from '../forecast/index.ts';
import { METHODS } from '../method/index.ts';
import { type Boil, simulateBoil, type CareGiven, type Evaluation } from '../evaluate/index.ts';
import { yieldOf } from './jarsOfPlan.ts';
import type { Narrowing } from './plan.ts';

/** Draws that the narrower ranges are found by: enough for a tenth of a jar. */
const DRAWS = 400;
/** What narrows a range by less than this share of it is not worth the cook's time. */
const WORTH_DOING = 0.08;

type Way = {
  readonly id: Narrowing['id'];
  readonly figure: Narrowing['figure'];
  /** `Weigh the fruit and sugar` */
  readonly does: Text;
  readonly given: CareGiven;
  readonly weighed: boolean;
};

/**
 * What a cook could do to know the batch better before it is lit, and by how much each would narrow
 * a range; the most first.
 */
export function narrowingsOf(worked: Evaluation, boil: Boil): Narrowing[] {
  const draws = Math.min(worked.request.draws, DRAWS);
  if (draws === 0 || boil.cook.outcome !== 'reached') return [];
  const request = { ...worked.request, draws };
  const at = (way: Pick<Way, 'given' | 'weighed'>) =>
    simulateBoil(
      request,
      worked.choice.method,
      way.weighed
        ? worked.understood.map((line) => ({ ...line, massG: exactly(line.massG.typical) }))
        : worked.understood,
      way.given,
    )?.forecast;
  const now = at({ given: {}, weighed: false });
  if (!now) return [];
  return waysOf(worked)
    .flatMap((way) => {
      const then = at(way);
      if (!then) return [];
      const of = way.figure === 'jars' ? 'volumeMl' : 'minutes';
      const width = (forecast: typeof now) => forecast[of].p90 - forecast[of].p10;
      const share = 1 - width(then) / width(now);
      if (!(share >= WORTH_DOING)) return [];
      return [
        {
          id: way.id,
          figure: way.figure,
          share: Math.round(100 * share) / 100,
          text:
            way.figure === 'jars'
              ? message('plan.jars', { does: way.does, jarsWords: jarsWords(worked, now, then) })
              : message('plan.becomesMinutes', {
                  does: way.does,
                  minutesIn: minutesIn(now.minutes),
                  minutesIn2: minutesIn(then.minutes),
                }),
        },
      ];
    })
    .sort((a, b) => b.share - a.share);
}

function waysOf({ request, choice, understood }: Evaluation): Way[] {
  const { stopKind } = METHODS[choice.method];
  const loose = understood.filter(({ massG }) => isMeasured(massG));
  const ways: Way[] = [];
  if (loose.length > 0) {
    ways.push({
      id: 'weigh',
      figure: 'jars',
      does: message('plan.weighTheIngredientsInsteadOf'),
      given: {},
      weighed: true,
    });
  }
  if (stopKind === 'temperature' && request.waterBoilsC === null) {
    ways.push({
      id: 'thermometer',
      figure: 'jars',
      does: message('plan.checkTheThermometerInBoiling'),
      given: { thermometerChecked: true },
      weighed: false,
    });
  }
  if (request.netPowerKw === null) {
    ways.push({
      id: 'burner',
      figure: 'minutes',
      does: message('plan.enterYourBurnersPowerFrom'),
      given: { burnerKnown: true },
      weighed: false,
    });
  }
  return ways;
}

type Forecast = Boil['forecast'];

/** `7–9 becomes 8`; in tenths of a jar where whole jars do not show it. */
function jarsWords(worked: Evaluation, now: Forecast, then: Forecast): Text {
  const whole = (forecast: Forecast) => {
    const { p10, p90 } = yieldOf(worked, forecast).fullJars;
    return p10 === p90 ? String(p10) : `${p10}–${p90}`;
  };
  if (whole(now) !== whole(then))
    return message('plan.becomes', { whole: whole(now), whole2: whole(then) });
  const jarMl = worked.request.jars[0]?.volumeMl ?? NaN;
  const tenths = ({ volumeMl: { p10, p90 } }: Forecast) =>
    `${(p10 / jarMl).toFixed(1)}–${(p90 / jarMl).toFixed(1)}`;
  return message('plan.becomes2', { tenths: tenths(now), tenths2: tenths(then) });
}

const minutesIn = ({ p10, p90 }: { readonly p10: number; readonly p90: number }): string =>
  `${Math.round(p10)}–${Math.round(p90)}`;
