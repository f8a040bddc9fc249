import { saturationPressurePa } from '../ambient/index.ts';
import { massOf, solublesG, solublesPctOf, type Contents } from '../formula/index.ts';
import { commonPractice, constant, fromMemory, KELVIN_AT_0_C } from '../quantity/index.ts';
import { boilingPointC } from './boilingPoint.ts';
import { integrate, type State } from './integrate.ts';
import { MOLAR_MASS_SUCROSE, MOLAR_MASS_WATER, waterActivity } from './waterActivity.ts';

/** Heat of evaporation at 100 °C, and how it falls with temperature. */
export const EVAPORATION_HEAT = constant(2257e3, 'J/kg', fromMemory('steam tables, 100 °C'));
export const EVAPORATION_HEAT_SLOPE = constant(
  2.4e3,
  'J/(kg K)',
  fromMemory('steam tables, 95–110 °C'),
);
/** Specific heat of food, 837 + 3349 · water share (Siebel). */
export const SIEBEL_DRY = constant(837, 'J/(kg K)', fromMemory('Siebel 1892'));
export const SIEBEL_WATER = constant(3349, 'J/(kg K)', fromMemory('Siebel 1892'));
/** Evaporation from an open pan below the boil, over the difference of vapour pressures. */
export const PAN_EVAPORATION = constant(
  2e-8,
  'kg/(m² s Pa)',
  fromMemory('about 5 kg/(m² h) from still water at 90 °C into still air'),
);
/** Vapour pressure of kitchen air, about half saturated at 20 °C. */
export const KITCHEN_AIR_VAPOUR = constant(1200, 'Pa', commonPractice('half saturated at 20 °C'));

/** Inversion of sucrose: first order in sucrose and in acid. */
export const INVERSION_RATE_25C = constant(
  6.2e-5,
  '1/s per mol/L',
  fromMemory('acid inversion of sucrose at 25 °C'),
);
export const INVERSION_ENERGY = constant(108e3, 'J/mol', fromMemory('acid inversion of sucrose'));

/** Pectin lost in boiling: 0.7 % a minute at 104 °C and pH 3.1, faster hotter and sourer. */
export const PECTIN_LOSS_104C = constant(
  0.007 / 60,
  '1/s',
  commonPractice('double batches set worse; engineering judgement'),
);
export const PECTIN_LOSS_ENERGY = constant(
  95e3,
  'J/mol',
  fromMemory('acid hydrolysis of pectin, order of magnitude'),
);
const PECTIN_LOSS_TEMP_K = 104 + KELVIN_AT_0_C;
const PECTIN_LOSS_HYDROGEN = 10 ** -3.1;

const GAS_CONSTANT = 8.314;
const ROOM_K = 298.15;

/** Net power into a pot by burner, W; common practice. */
export const BURNER_POWER_W = { small: 600, medium: 1100, large: 1800, outdoor: 5000 } as const;
/** Width of a preserving pan, when none is given. */
export const USUAL_PAN_CM = 28;

/** No pot of jam is followed longer than this. */
export const LONGEST_COOK_MIN = 12 * 60;

/** Rate of inversion, 1/s, at [H⁺] in mol per kg of water. */
export const inversionRate = (tempC: number, hydrogen: number): number =>
  INVERSION_RATE_25C.value *
  hydrogen *
  Math.exp((-INVERSION_ENERGY.value / GAS_CONSTANT) * (1 / (tempC + KELVIN_AT_0_C) - 1 / ROOM_K));

/** Rate at which pectin loses its power to gel, 1/s. */
export const pectinLossRate = (tempC: number, hydrogen: number): number =>
  PECTIN_LOSS_104C.value *
  Math.sqrt(hydrogen / PECTIN_LOSS_HYDROGEN) *
  Math.exp(
    (-PECTIN_LOSS_ENERGY.value / GAS_CONSTANT) *
      (1 / (tempC + KELVIN_AT_0_C) - 1 / PECTIN_LOSS_TEMP_K),
  );

/** Heat to boil away water at `tempC`, J/kg. */
export const evaporationHeat = (tempC: number): number =>
  EVAPORATION_HEAT.value - EVAPORATION_HEAT_SLOPE.value * (tempC - 100);

/** Specific heat of a batch, J/(kg K). */
export const specificHeat = (batch: Contents): number =>
  SIEBEL_DRY.value + (SIEBEL_WATER.value * batch.water) / massOf(batch);

/** Longest steps: while the pot warms by this much, or loses this share of its water. */
const STEP_WARMING_K = 5;
const STEP_WATER_SHARE = 0.1;

/** A batch one second of inversion later. */
const afterInverting = (batch: Contents, inverting: number, waterTaken: number): Contents => ({
  ...batch,
  sucrose: batch.sucrose - inverting,
  hexoses: batch.hexoses + inverting + waterTaken,
  water: batch.water - waterTaken,
});

export type CookSetting = {
  readonly pressurePa: number;
  /** Heat that reaches the batch, W. */
  readonly netPowerW: number;
  readonly panDiameterCm: number;
  readonly startTempC: number;
  /** Soluble solids of the whole mass to stop at, g per 100 g. */
  readonly targetSolublesPct: number;
  /** [H⁺] of the batch, mol per kg of water, by grams of water left. */
  readonly hydrogenAt: (waterG: number) => number;
};

export type CookMoment = {
  readonly minute: number;
  readonly tempC: number;
  readonly massG: number;
  readonly solublesPct: number;
};

export type Cook = {
  readonly outcome: 'reached' | 'never boils' | 'too long';
  readonly heatUpMin: number;
  readonly boilMin: number;
  readonly contents: Contents;
  readonly stopTempC: number;
  /** Share of the sucrose that has inverted, 0 to 1. */
  readonly invertShare: number;
  /** Share of the pectin's power that is left, 0 to 1. */
  readonly pectinLeft: number;
  readonly trace: readonly CookMoment[];
};

/**
 * Follows a pot from cold to the stop: heating with some evaporation, then boiling along the batch's
 * own boiling curve while all net power makes steam, sugar inverts and pectin wears. Error-controlled.
 * @throws RangeError when the batch holds no water or no solubles
 */
export function simulateCook(start: Contents, setting: CookSetting): Cook {
  if (!(start.water > 0 && solublesG(start) > 0))
    throw new RangeError('A cook needs water and something dissolved in it');
  const area = (Math.PI / 4) * (setting.panDiameterCm / 100) ** 2;
  const { netPowerW, pressurePa, hydrogenAt } = setting;
  const trace: CookMoment[] = [];

  // A trial step may shoot past the last of the water or sucrose; it is then rejected or cut short.
  const driest = 0.04 * solublesG(start);

  // State: temperature °C, water g, sucrose g, logarithm of pectin left.
  const contentsAt = (y: State): Contents => {
    const sucrose = Math.max(0, y[2] as number);
    const gone = start.sucrose - sucrose;
    const waterTaken = (gone * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value;
    return {
      ...start,
      water: Math.max(y[1] as number, driest),
      sucrose,
      hexoses: start.hexoses + gone + waterTaken,
    };
  };
  const note = (offsetMin: number, boils: boolean) => (t: number, y: State) => {
    const contents = contentsAt(y);
    trace.push({
      minute: offsetMin + t / 60,
      tempC: boils ? boilingPointC(contents, pressurePa) : (y[0] as number),
      massG: massOf(contents),
      solublesPct: solublesPctOf(contents),
    });
  };
  const chemistry = (tempC: number, contents: Contents) => {
    const hydrogen = hydrogenAt(contents.water);
    const inverting = contents.sucrose * inversionRate(tempC, hydrogen);
    return {
      inverting,
      waterTaken: (inverting * MOLAR_MASS_WATER.value) / MOLAR_MASS_SUCROSE.value,
      wearing: pectinLossRate(tempC, hydrogen),
    };
  };
  const heating = (y: State): State => {
    const tempC = y[0] as number;
    const contents = contentsAt(y);
    const drive = waterActivity(contents) * saturationPressurePa(tempC) - KITCHEN_AIR_VAPOUR.value;
    const steamKg = PAN_EVAPORATION.value * area * Math.max(0, drive);
    const { inverting, waterTaken, wearing } = chemistry(tempC, contents);
    const heatG = (massOf(contents) / 1000) * specificHeat(contents);
    return [
      (netPowerW - steamKg * evaporationHeat(tempC)) / heatG,
      -1000 * steamKg - waterTaken,
      -inverting,
      -wearing,
    ];
  };
  const boiling = (y: State): State => {
    const contents = contentsAt(y);
    const boilsAt = (batch: Contents) => boilingPointC(batch, pressurePa);
    const tempC = boilsAt(contents);
    const { inverting, waterTaken, wearing } = chemistry(tempC, contents);
    const heat = (massOf(contents) / 1000) * specificHeat(contents);
    // The boiling point climbs as water leaves, and a little as sugar inverts; both want heat.
    const smallG = contents.water * 1e-5;
    const climbPerKg =
      (1000 * (boilsAt({ ...contents, water: contents.water - smallG }) - tempC)) / smallG;
    const climbPerS = boilsAt(afterInverting(contents, inverting, waterTaken)) - tempC;
    const steamKg =
      Math.max(0, netPowerW - heat * climbPerS) / (evaporationHeat(tempC) + heat * climbPerKg);
    return [0, -1000 * steamKg - waterTaken, -inverting, -wearing];
  };

  const tolerance: State = [0.005, massOf(start) * 1e-5, massOf(start) * 1e-5, 1e-5];
  const limitS = LONGEST_COOK_MIN * 60;
  const warm = integrate([setting.startTempC, start.water, start.sucrose, 0], limitS, {
    slope: heating,
    event: (y) => (y[0] as number) - boilingPointC(contentsAt(y), pressurePa),
    tolerance,
    longestStep: ((massOf(start) / 1000) * specificHeat(start) * STEP_WARMING_K) / netPowerW,
    onStep: note(0, false),
  });
  const done = warm.happened
    ? integrate(warm.y, limitS - warm.t, {
        slope: boiling,
        event: (y) => solublesPctOf(contentsAt(y)) - setting.targetSolublesPct,
        tolerance,
        longestStep: ((start.water / 1000) * EVAPORATION_HEAT.value * STEP_WATER_SHARE) / netPowerW,
        onStep: note(warm.t / 60, true),
      })
    : { t: 0, y: warm.y, happened: false };
  const contents = contentsAt(done.y);
  return {
    outcome: done.happened ? 'reached' : warm.happened ? 'too long' : 'never boils',
    heatUpMin: warm.t / 60,
    boilMin: done.t / 60,
    contents,
    stopTempC: warm.happened ? boilingPointC(contents, pressurePa) : (warm.y[0] as number),
    invertShare: start.sucrose === 0 ? 0 : 1 - contents.sucrose / start.sucrose,
    pectinLeft: Math.exp(done.y[3] as number),
    trace,
  };
}
