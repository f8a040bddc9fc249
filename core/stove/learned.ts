import type { CookMoment, Stage } from '../boil/index.ts';
import { commonPractice, constant } from '../quantity/index.ts';
import { cookAs, momentAt, type Belief } from './belief.ts';
import { isQuiet } from './doubt.ts';
import type { Entry } from './entry.ts';
import { fitBelief, type Fitted } from './fit.ts';
import type { Moment } from './progress.ts';
import { binned, type Bin } from './readings.ts';
import { nearBoil, type Sheet } from './sheet.ts';

/** How far a burner's net power is from what is said of it, logarithm, one standard deviation. */
export const FLAME_SD = constant(
  0.25,
  '1',
  commonPractice('burners differ by a quarter; judgement'),
);
/** How far the fruit's solubles are from the larder's, logarithm, one standard deviation. */
export const SOLIDS_SD = constant(0.06, '1', commonPractice('ripeness moves °Brix; judgement'));
/** What a thermometer may still be off after boiling water, and before; K, one standard deviation. */
export const OFFSET_SD = constant(0.15, 'K', commonPractice('reading a dial in steam; judgement'));
export const UNCHECKED_OFFSET_SD = constant(
  1,
  'K',
  commonPractice('kitchen thermometers; judgement'),
);

/** Errors expected of a stretch of readings, K: at the boil, and below it, where a pot is not of one temperature. */
const BOIL_SD_K = 0.12;
const BELOW_SD_K = 1.5;
/** Of the scale: grams, and share of the weight. */
const WEIGHT_SD_G = 10;
const WEIGHT_SD_SHARE = 0.003;
/** Readings err together (a steady flame, one place in the pot): more stretches than this teach no more. */
const TELLING_BINS = 8;
/** A probe shows what the pot was a moment ago, minutes. */
const PROBE_LAG_MIN = 0.1;

/** What is believed before any reading, on a thermometer that was checked in boiling water or was not. */
export const believedBefore = (calibrated: boolean): Fitted => {
  const sd = spreadBefore(calibrated);
  return {
    belief: [0, 0, 0],
    spread: sd.map((of, i) => sd.map((_, j) => (i === j ? of : 0))),
  };
};

const spreadBefore = (calibrated: boolean): Belief => [
  FLAME_SD.value,
  SOLIDS_SD.value,
  calibrated ? OFFSET_SD.value : UNCHECKED_OFFSET_SD.value,
];

/** What the readings so far teach. */
export function learned(
  sheet: Sheet,
  past: readonly Stage[],
  entries: readonly Entry[],
  moments: readonly Moment[],
  litAt: number,
  until: number,
  calibrated: boolean,
): Fitted {
  const quiet = (minute: number): boolean => isQuiet(moments, litAt + minute * 60_000);
  const temps = binned(entries, litAt, until).filter(({ minute }) => quiet(minute));
  const together = Math.sqrt(Math.max(1, temps.length / TELLING_BINS));
  const weights = entries.filter(
    ({ kind, at, value }) => kind === 'weight' && value !== null && at > litAt && at <= until,
  );
  return fitBelief((belief) => {
    const { trace } = cookAs(sheet, belief, past);
    return [
      ...temps.map(
        (bin) =>
          temperatureError(sheet, momentAt(trace, bin.minute - PROBE_LAG_MIN), bin, belief) /
          together,
      ),
      ...weights.map(({ at, value }) => {
        const { massG } = momentAt(trace, (at - litAt) / 60_000);
        return (massG - (value ?? massG)) / (WEIGHT_SD_G + WEIGHT_SD_SHARE * massG);
      }),
    ];
  }, spreadBefore(calibrated));
}

function temperatureError(
  sheet: Sheet,
  { tempC }: CookMoment,
  { value, count }: Bin,
  [, , offset]: Belief,
): number {
  const expected = nearBoil(sheet, tempC) ? BOIL_SD_K : BELOW_SD_K;
  // A single reading, typed by hand, is worth less than a stretch of them.
  return (tempC + offset - value) / (expected * (count > 3 ? 1 : 2));
}
