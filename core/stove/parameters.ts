import { simulateCook, type Cook, type CookMoment, type Stage } from '../boil/index.ts';
import { solublesG, type Contents } from '../formula/index.ts';
import type { CookPlan } from './cookPlan.ts';

/**
 * What may differ between this pot and the sheet: the flame (logarithm of its power over the
 * sheet's), the solubles that the fruit brought (logarithm over the sheet's), the thermometer (K
 * that it shows above boiling water's measure), the steam below the boil (logarithm over a still
 * pan's), the heat that walls and surface lose (share of the net power, at the boil of water), and
 * how quickly the sugar inverts (logarithm over what its acid says): a syrup of simple sugars boils
 * hotter.
 */
export type PotParameters = readonly [
  flame: number,
  solids: number,
  offsetK: number,
  draught: number,
  loss: number,
  inverts: number,
];

/**
 * The pot as it was lit under these parameters: the sheet's, with more or fewer solubles in place
 * of water.
 */
export function firstWith({ first }: Pick<CookPlan, 'first'>, [, solids]: PotParameters): Contents {
  const times = Math.exp(solids);
  const gain = (times - 1) * solublesG(first);
  return {
    ...first,
    sucrose: first.sucrose * times,
    hexoses: first.hexoses * times,
    otherSolubles: first.otherSolubles * times,
    water: Math.max(first.water - gain, 1),
  };
}

/**
 * Beyond these no pot on a stove goes: two standard deviations of what is known of draughts, and of
 * losses what keeps a pot from the boil. Judgement.
 */
const MOST_DRAUGHT = [-0.6, 0.6] as const;
const ROOM_C = 20;
const MOST_LOSS = [-0.12, 0.3] as const;
/**
 * [H⁺] of a usual jam, mol per kg of water. How sour a batch is at the boil is known by half: pH is
 * reckoned cold and dilute. Judgement.
 */
const USUAL_HYDROGEN = 10 ** -3.3;
/** Beyond these no sugar inverts. */
const MOST_INVERTS = [-2, 0.7] as const;

const within = (value: number, [least, most]: readonly [number, number]): number =>
  Math.min(most, Math.max(least, value));

/** The cook of a sheet through some stages, under these parameters. */
export function cookWith(
  { first, setting, ...sheet }: CookPlan,
  parameters: PotParameters,
  stages: readonly Stage[],
): Cook {
  const [flame, , , draught, loss, inverts] = parameters;
  const times = Math.exp(within(inverts, MOST_INVERTS));
  const netPowerW = setting.netPowerW * Math.exp(flame);
  return simulateCook(firstWith({ first }, parameters), {
    ...setting,
    netPowerW,
    inversionOf: (hydrogen) => times * Math.sqrt(USUAL_HYDROGEN * hydrogen),
    draughtTimes: Math.exp(within(draught, MOST_DRAUGHT)),
    lossWPerK: (within(loss, MOST_LOSS) * netPowerW) / (sheet.waterBoilsC - sheet.offsetK - ROOM_C),
    stages,
  });
}

/**
 * What a trace says at a minute, on the straight line between its points; its ends beyond them.
 * @param minute counted as in the trace
 */
export function traceAt(trace: readonly CookMoment[], minute: number): CookMoment {
  let [low, high] = [0, trace.length - 1];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if ((trace[middle] as CookMoment).minute <= minute) low = middle;
    else high = middle;
  }
  const [a, b] = [trace[low] as CookMoment, trace[high] as CookMoment];
  const span = b.minute - a.minute;
  const share = span > 0 ? Math.min(1, Math.max(0, (minute - a.minute) / span)) : 1;
  const between = (x: number, y: number) => x + (y - x) * share;
  return {
    minute,
    tempC: between(a.tempC, b.tempC),
    massG: between(a.massG, b.massG),
    solublesPct: between(a.solublesPct, b.solublesPct),
    boils: (share < 1 ? a : b).boils,
  };
}
