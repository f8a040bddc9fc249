import { massOf, type Contents } from '../formula/index.ts';
import { calibrated } from '../ingredients/index.ts';
import { commonPractice, constant, fromMemory, KELVIN_AT_0_C } from '../quantity/index.ts';

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

/** Pectin lost in boiling, at 104 °C and pH 3.1; faster hotter and sourer. */
export const PECTIN_LOSS_104C = constant(
  calibrated('wear of pectin, a minute at 104 °C and pH 3.1') / 60,
  '1/s',
  commonPractice('double batches set worse; judgement, fitted to how tested formulas set'),
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

/**
 * Rate of inversion, 1/s, at [H⁺] in mol per kg of water.
 * @param tempC 0 to 120 °C
 * @param hydrogen [H⁺], mol per kg of water
 */
export const inversionRate = (tempC: number, hydrogen: number): number =>
  INVERSION_RATE_25C.value *
  hydrogen *
  Math.exp((-INVERSION_ENERGY.value / GAS_CONSTANT) * (1 / (tempC + KELVIN_AT_0_C) - 1 / ROOM_K));

/**
 * Rate at which pectin loses its power to gel, 1/s.
 * @param tempC 0 to 120 °C
 * @param hydrogen [H⁺], mol per kg of water
 */
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
