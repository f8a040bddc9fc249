import { chanceFrom, normalFrom } from '../forecast/index.ts';
import type { CookRecord, LoggedEntry } from '../learning/index.ts';
import { drawnTruth, obedientCook, readingsOf, truthAt, USUAL_PROBE } from '../practice/index.ts';
import { cookPlanOf } from '../stove/index.ts';
import { independentKitchen, otherCook } from '../validation/index.ts';
import { FILLING_TEMP_C, jarredMl, volumeMl } from '../yield/index.ts';
import { request } from './planned.ts';

/** A kitchen as it is in truth, which its cooks do not know. */
export type TrueKitchen = {
  /** Of its burner, W. */
  readonly powerW: number;
  /** What its thermometer adds, K. */
  readonly offsetK: number;
  /** What stays in its pot, as a share. */
  readonly loss: number;
};

/** What of a cook is measured. */
export type Measured = {
  readonly probe: boolean;
  readonly scale: boolean;
  readonly marksLit: boolean;
  readonly marksEnd: boolean;
  readonly marksAdded: boolean;
  readonly weighsEnd: boolean;
  /** Whether entries say in words what went in, as the stove’s own do. */
  readonly saysWhat: boolean;
};

export const ALL_MEASURED: Measured = {
  probe: true,
  scale: false,
  marksLit: true,
  marksEnd: true,
  marksAdded: true,
  weighsEnd: true,
  saysWhat: false,
};

const FORMULAS: readonly (readonly string[])[] = [
  ['2 kg crushed damsons', '1.4 kg sugar'],
  ['2 kg crushed strawberries', '1.4 kg sugar', '60 mL bottled lemon juice'],
  ['1.5 kg crushed blackberries', '1.1 kg sugar'],
  ['1.2 kg crushed apricots', '800 g sugar', '30 mL bottled lemon juice'],
];
/** The same burner from cook to cook, logarithm. */
const FLAME_JITTER = 0.03;
/** How well somebody measures what is in the jars, share. */
const JAR_JITTER = 0.02;
const READ_EVERY_S = 20;
/** A stop that is a kelvin late is so many per cent more solids (`forecast/care.ts`). */
const SOLIDS_A_KELVIN = 4;

/** One way in which a cook goes wrong. */
export type Spoiling =
  | { readonly kind: 'thermometer'; readonly offsetK: number }
  | { readonly kind: 'boiled-short' | 'boiled-long'; readonly pct: number }
  | { readonly kind: 'over-ripe' | 'acid-left-out' | 'doubled' };

/** Fruit that is poor in pectin once it is over-ripe, and fruit that wants acid. */
const RIPE_FORMULAS = [
  ['2 kg crushed over-ripe strawberries', '1.5 kg sugar', '80 mL bottled lemon juice'],
  ['2 kg crushed over-ripe raspberries', '1.5 kg sugar', '30 mL bottled lemon juice'],
];
const FLAT_FORMULAS = [
  ['2 kg crushed ripe peaches', '1.5 kg sugar'],
  ['2 kg crushed ripe apricots', '1.4 kg sugar'],
];

const linesOf = (seed: number, spoiling: Spoiling | null): readonly string[] => {
  const among =
    spoiling?.kind === 'over-ripe'
      ? RIPE_FORMULAS
      : spoiling?.kind === 'acid-left-out'
        ? FLAT_FORMULAS
        : FORMULAS;
  return among[seed % among.length] ?? [];
};

/** Solids off the stop that a spoiled cook stops at, g per 100 g. */
const offPct = (spoiling: Spoiling | null): number =>
  spoiling?.kind === 'boiled-short'
    ? -spoiling.pct
    : spoiling?.kind === 'boiled-long'
      ? spoiling.pct
      : 0;

/**
 * A cook in such a kitchen by one who does what the sheet asks for, as it would be kept.
 * @param spoiling what goes wrong with it all the same; null for nothing
 */
export function keptCook(
  { offsetK: usual, ...kitchen }: TrueKitchen,
  seed: number,
  measured: Measured = ALL_MEASURED,
  spoiling: Spoiling | null = null,
): CookRecord {
  const chance = chanceFrom(Math.imul(seed + 5, 0x9e3779b9));
  const told = request({ lines: linesOf(seed, spoiling), draws: 0 });
  const offsetK = spoiling?.kind === 'thermometer' ? spoiling.offsetK : usual;
  const doubled = spoiling?.kind === 'doubled' ? told.lines : [];
  const practice = {
    seed,
    fault: 'none',
    probe: { ...USUAL_PROBE, offsetK },
    scale: measured.scale,
  } as const;
  const power = kitchen.powerW * Math.exp(FLAME_JITTER * normalFrom(chance));
  const own = Math.exp(drawnTruth(seed)[0]);
  const sheet = cookPlanOf(told);
  const real = cookPlanOf({
    ...told,
    lines: [...told.lines, ...doubled],
    netPowerKw: power / own / 1000,
    // It comes off when the thermometer shows the stop.
    targetSolublesPct: (sheet?.targetPct ?? NaN) - SOLIDS_A_KELVIN * offsetK + offPct(spoiling),
  });
  if (real === null) throw new RangeError('A formula that can be cooked');
  const events = obedientCook(real, practice, 0);
  const stopMs = events.find(({ kind }) => kind === 'off-heat')?.at ?? NaN;
  const end = truthAt(real, practice, events, stopMs);
  const log: LoggedEntry[] = [
    ...events.filter(
      ({ kind }) =>
        (measured.marksLit || kind !== 'lit') &&
        (measured.marksEnd || kind !== 'off-heat') &&
        (measured.marksAdded || kind !== 'added'),
    ),
    ...readingsOf(real, practice, events, 0, 0, Math.floor(stopMs / 1000)).filter(
      ({ kind, at }) =>
        (kind === 'temperature' ? measured.probe : measured.scale) &&
        (at / 1000) % READ_EVERY_S === 0,
    ),
  ]
    .filter(({ at }) => at <= stopMs)
    .map(({ at, kind, value, text }) => ({
      at,
      kind,
      value,
      text: measured.saysWhat ? text : null,
    }))
    .toSorted((a, b) => a.at - b.at);
  return {
    request: told,
    burner: 'front',
    pot: 'wide',
    log,
    outcome: {
      set: null,
      finalMassG: measured.weighsEnd ? end.massG : null,
      volumeMl:
        jarredMl(volumeMl(end.contents, FILLING_TEMP_C), kitchen.loss, 0.02) *
        Math.exp(JAR_JITTER * normalFrom(chance)),
    },
  };
}

/** Room and boiling water, K apart. */
const ROOM_TO_BOIL_K = 80;
/** Of a pot half as high as it is wide: its base and its walls, over its base. */
const SURFACES = 3;

/**
 * A cook of a kettle that shares no formula with ours, in one of its kitchens, and the power in
 * truth that is left of its burner at the boil, W.
 */
export function otherKeptCook(
  kitchenSeed: number,
  seed: number,
): { readonly record: CookRecord; readonly powerW: number } {
  const told = request({ lines: FORMULAS[seed % FORMULAS.length] ?? [], draws: 0 });
  const cookPlan = cookPlanOf(told);
  if (cookPlan === null) throw new RangeError('A formula that can be cooked');
  const kitchen = independentKitchen(kitchenSeed, 0);
  const { entries, massG } = otherCook(cookPlan, seed, kitchen);
  const { netPowerW, panDiameterCm } = cookPlan.setting;
  const area = SURFACES * (Math.PI / 4) * (panDiameterCm / 100) ** 2;
  return {
    record: {
      request: told,
      burner: 'front',
      pot: 'wide',
      log: entries
        .filter(({ kind, at }) => kind !== 'temperature' || (at / 1000) % READ_EVERY_S === 0)
        .map(({ at, kind, value }) => ({ at, kind, value, text: null })),
      outcome: { finalMassG: massG, volumeMl: null, set: null },
    },
    powerW: netPowerW * kitchen.burnerTimes - kitchen.wallLoss * area * ROOM_TO_BOIL_K,
  };
}
