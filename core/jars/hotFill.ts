import { minutesAbove } from '../boil/index.ts';
import { learnedOffsetK, type Evaluation } from '../evaluate/index.ts';
import type { Plan } from '../plan/index.ts';
import { fromMemory, constant } from '../quantity/index.ts';

/** Colder than this a jar is not filled hot. */
export const HOT_FILL = constant(
  85,
  '°C',
  fromMemory('hot filling of acid foods, extension pages: 185 °F'),
);

/** What filling hot goes by; a curd never boils, and is filled cooler. */
export type HotFill = {
  /** Minutes on the heat after which it has boiled, whatever was pressed; 0 where it never boils. */
  readonly boilsAfterMin: number;
  /** From this temperature on, as it is read, it boils. */
  readonly boilsC: number;
  /** Minutes off the heat after which it is no longer hot enough. */
  readonly staysHotMin: number;
};

/** Thermometers are off by so much, K; common practice. */
const THERMOMETER_OFF_K = 3;
/**
 * Marmalade is tried on a plate and stands so long off the heat, and is filled hot all the same,
 * min; common practice.
 */
const STANDS_MIN = 20;
/** A pot whose climb is not planned has boiled after so long on the heat, min; judgement. */
const BOILS_AFTER_MIN = 30;

/** Until the pot boils. */
const CLIMBS: ReadonlySet<string> = new Set(['to-boil', 'to-rolling']);

/**
 * What filling the jars of a batch hot goes by; null where nothing is cooked, and for curd, which
 * boils never and is ready below it.
 */
export function hotFillOf(
  { acts, product, stop }: Plan,
  { boil, heat, ambient, request }: Evaluation,
): HotFill | null {
  if (boil === null || product === 'curd') return null;
  const climb = acts.filter(({ id }) => CLIMBS.has(id)).map(({ minutes }) => minutes?.p90 ?? 0);
  const longest = Math.max(0, ...climb);
  const fromC =
    stop.tempC === undefined ? ambient.waterBoilsC : stop.tempC - learnedOffsetK(request);
  return {
    // A slow cooker and an oven stay below the boil for hours.
    boilsAfterMin: heat.ownPot !== null ? 0 : longest > 0 ? longest : BOILS_AFTER_MIN,
    boilsC: ambient.waterBoilsC - THERMOMETER_OFF_K,
    staysHotMin: Math.max(
      STANDS_MIN,
      minutesAbove(boil.atStop, boil.setting, fromC, HOT_FILL.value),
    ),
  };
}
