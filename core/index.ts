/** What the rooms beside core use of it, and no more; a test holds the list to its use. */
export {
  type Range,
  type Spread,
  type TemperatureScale,
  type UnitSystem,
  celsiusToFahrenheit,
  convert,
  fahrenheitDegrees,
  fahrenheitToCelsius,
  formatDegrees,
  formatGrams,
  formatMass,
  formatTemperature,
  formatVolume,
  readAmount,
} from './quantity/index.ts';
export {
  LEAST_ALTITUDE_M,
  MOST_ALTITUDE_M,
  ambientOf,
  pressureAtAltitudePa,
  saturationTemperatureC,
} from './ambient/index.ts';
export {
  type Form,
  type FruitState,
  type Ingredient,
  LARDER,
  findIngredient,
} from './larder/index.ts';
export {
  type LineReading,
  MEASURE_IDS,
  MOST_LINES,
  MOST_LINE_CHARS,
  type MeasuresId,
  type ReadingKitchen,
  USUAL_READING,
  type UnderstoodLine,
  isTwoLines,
  readLine,
  teachingFault,
} from './reader/index.ts';
export { NOTHING, RIPENESS_STOPS, massOf, restate } from './formula/index.ts';
export {
  BEFORE_FACTS,
  BEFORE_KINDS,
  type Before,
  type BeforeKind,
  CLOTS,
  type Clot,
} from './before/index.ts';
export {
  BODY_STOPS,
  type BodyStop,
  SET_CLASSES,
  SET_LEAST_RATIO,
  type SetClass,
  pectinNeededPct,
} from './gel/index.ts';
export {
  HEAT_IDS,
  HEAT_SOURCES,
  type HeatId,
  boilingPointC,
  evaporationHeat,
  integrate,
  inversionRate,
  pectinLossRate,
  simulateCook,
  specificHeat,
} from './boil/index.ts';
export {
  METHODS,
  METHOD_IDS,
  type Method,
  PRODUCTS,
  PRODUCT_IDS,
  type Product,
} from './method/index.ts';
export {
  type ActId,
  CARRIER_SUGAR_G,
  EVENT_KINDS,
  MOUND_OUTCOMES,
  PLATE_OUTCOMES,
  type Phase,
  type PlateOutcome,
  READING_KINDS,
  SHEET_OUTCOMES,
  type Used,
} from './chain/index.ts';
export { type JarSize, packJars } from './yield/index.ts';
export { type Canner, type School, familiesPage, processPage } from './process/index.ts';
export {
  type Change,
  type PlanRequest,
  type ReadRequest,
  USUAL_JARS,
  USUAL_REQUEST,
  readLines,
} from './work/index.ts';
export { type Caution } from './advice/index.ts';
export {
  type Fault,
  type Gauge,
  type GaugeId,
  type Layers,
  type Plan,
  type PlanAct,
  type PlanLine,
  type PlanOutcome,
  linesBrought,
  planBatch,
  planLine,
} from './plan/index.ts';
export {
  type FirstFormula,
  type MethodTrial,
  type Party,
  type Solved,
  type SugarSweep,
  type Wishes,
  canBeWorkedOut,
  compareMethods,
  formulaFor,
  solveFor,
  sweepSugar,
  turnGauge,
  withSugarShare,
} from './solve/index.ts';
export { type Preparation, costOf, prepareOf } from './prepare/index.ts';
export {
  readRecipeJsonLd,
  readRecipeText,
  toPlanCsv,
  toPlanText,
  toRecipeJsonLd,
} from './formats/index.ts';
export {
  type Entry,
  type EntryKind,
  type Estimate,
  type Progress,
  type Sheet,
  UNOBSERVED_IN_WORDS,
  asPlanned,
  boilingWaterOf,
  canBeAt,
  canBeBoilingWater,
  entryFault,
  estimate,
  inOrder,
  median,
  plannedAddition,
  progressOf,
  sheetOf,
  standing,
  standingEvents,
  stoveCautions,
  testConflict,
  waterReading,
  nameOf,
} from './stove/index.ts';
export {
  type Debrief,
  FAULTS,
  FAULT_IDS,
  type FaultId,
  PROBE_SOURCE,
  SCALE_SOURCE,
  type Practice,
  type Senses,
  USUAL_PROBE,
  debriefOf,
  obedientCook,
  platesAt,
  readingsOf,
  sensesAt,
  toldRequest,
  trueSheet,
} from './practice/index.ts';
