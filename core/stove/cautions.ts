import { message, type Text } from '@idle-kettle/words/message';
import { FULL_ENOUGH, scorchIndex, stirEveryMin } from '../boil/index.ts';
import { undissolvedG } from '../formula/index.ts';
import { fahrenheitDegrees } from '../quantity/index.ts';
import type { Caution } from '../advice/index.ts';
import type { Estimate } from './estimate.ts';
import type { Progress } from './progress.ts';
import type { CookPlan } from './cookPlan.ts';

/** Common practice; temperatures in °C of the truth. */
const CURDLES_C = 82;
const SAFE_C = 60;
const SAFE_AFTER_MIN = 120;
/** Below boiling water by less than this, undissolved sugar is about to boil. */
const NEARLY_BOILS_K = 8;
const LAST_MINUTES = 6;

/**
 * Minutes that the pot may be left unstirred just now; 0 is constantly. Grows scarce with solids
 * and flame.
 * @returns minutes
 */
export function stirEvery(cookPlan: CookPlan, now: Estimate, progress: Progress): number {
  if (cookPlan.method === 'egg') return 0;
  const { panDiameterCm } = cookPlan.setting;
  const area = (Math.PI / 4) * (panDiameterCm / 100) ** 2;
  const dryPct =
    now.solublesPct.p50 + (100 * undissolvedG(cookPlan.first)) / Math.max(1, now.massG.p50);
  return stirEveryMin(scorchIndex(dryPct, (now.powerW.p50 * progress.flame) / area));
}

/** What to mind at the stove at this moment, the gravest first. */
export function stoveCautions(
  cookPlan: CookPlan,
  progress: Progress,
  now: Estimate,
  nowMs: number,
): readonly Caution[] {
  if (progress.litAtMs === null || progress.readyAtMs !== null) return [];
  const cautions: Caution[] = [];
  const add = (code: string, level: Caution['level'], text: Text) =>
    cautions.push({ code, level, text });
  const { act, onHeat } = progress;
  const trueC = now.tempC.p50 - cookPlan.offsetK;
  if (cookPlan.method === 'egg' && trueC >= CURDLES_C)
    add('curdles', 'stop', message('stove.offTheHeatNowAbove'));
  else if (cookPlan.method === 'egg' && onHeat)
    add('do-not-boil', 'warn', message('stove.whiskWithoutStoppingIntoThe'));
  if (
    (act.id === 'add' || act.id === 'dissolve') &&
    cookPlan.method === 'long-boil' &&
    now.tempC.p50 > cookPlan.waterBoilsC - NEARLY_BOILS_K
  )
    add('undissolved', 'warn', message('stove.itsCloseToTheBoil'));
  const rolls =
    onHeat && now.atTheBoil && cookPlan.method !== 'reduce' && cookPlan.method !== 'egg';
  if (rolls && (cookPlan.boilOver?.fullShare ?? 0) > FULL_ENOUGH)
    add('boil-over', 'warn', message('stove.itFoamsToThreeOr'));
  if (act.id === 'slow' && now.minute > SAFE_AFTER_MIN && trueC < SAFE_C)
    add('too-cool', 'stop', message('stove.afterTwoHoursItIs'));
  if (act.id === 'slow') {
    const hours = minutesAbove(now, SAFE_C + cookPlan.offsetK) / 60;
    add(
      'hours-above',
      'note',
      message('stove.above60C140F', {
        hours: hours.toFixed(1),
        value: (now.minute / 60).toFixed(1),
      }),
    );
  }
  if (now.thermometerIsOff && onHeat) {
    add('thermometer-off', 'warn', thermometerOffInWords(now.offsetK.p50));
  }
  const minutes = stirEvery(cookPlan, now, progress);
  if (onHeat && act.hands !== 'none' && cookPlan.method !== 'egg' && minutes < 30) {
    const since = (nowMs - (progress.lastStirredAtMs ?? progress.litAtMs)) / 60_000;
    const often =
      minutes === 0
        ? message('stove.allTheTime')
        : message('stove.every', {
            part: minutes === 1 ? 'minute' : message('stove.minutes', { minutes }),
          });
    const due = since > Math.max(1, minutes);
    add(
      'stir',
      due ? 'warn' : 'note',
      message('stove.overTheWholeBaseIt', {
        part: due ? message('stove.stirNowAndThen') : message('stove.stir'),
        often,
      }),
    );
  }
  if (onHeat && act.hands !== 'none' && (now.minutesLeft?.p10 ?? Infinity) < LAST_MINUTES)
    add('stay', 'warn', message('stove.dontLeaveItNowThe'));
  if (now.atTheBoil || trueC > SAFE_C)
    add('burns', 'note', message('stove.hotSugarSticksAndBurns'));
  const order = { stop: 0, warn: 1, note: 2 };
  return cautions.sort((a, b) => order[a.level] - order[b.level]);
}

/** Minutes that the pot has been warmer than that, by the posterior of now. */
function minutesAbove({ past }: Estimate, tempC: number): number {
  return past.reduce((sum, point, index) => {
    const before = past[index - 1];
    return before && point.tempC >= tempC ? sum + point.minute - before.minute : sum;
  }, 0);
}

/** What is said of a thermometer that is off by `offsetK`, in both scales. */
function thermometerOffInWords(offsetK: number): Text {
  const [kelvin, degreesF] = [Math.abs(offsetK), fahrenheitDegrees(Math.abs(offsetK))];
  return message('stove.fromHowItBoilsThis', {
    degreesF: degreesF.toFixed(0),
    kelvin: kelvin.toFixed(1),
    part: offsetK < 0 ? 'low' : 'high',
  });
}
