import { GELLING_RISE_F } from '../boil/index.ts';
import { massOf, solublesG } from '../formula/index.ts';
import { CURD_EGG, LOW_METHOXYL_PECTIN, MOUNDING, STANDARD_GEL_PECTIN } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import { PROCESS_TABLE_SOURCE } from '../process/index.ts';
import { formatAltitude } from '../quantity/index.ts';
import { FILLING_TEMP_C } from '../yield/index.ts';
import { ENOUGH } from '../advice/index.ts';
import type { Plan, Why } from './plan.ts';
import { type Boil, solublesPctAtRule, type Evaluation } from '../evaluate/index.ts';

type SoFar = Omit<Plan, 'why' | 'cautions'>;

const inBothUnits = (altitudeM: number): string =>
  `${formatAltitude(altitudeM, 'm')} (${formatAltitude(altitudeM, 'ft')})`;

const kg = (massG: number): string => `${(massG / 1000).toFixed(2)} kg`;

/** Says, for each figure of a plan, what it was worked out from and by what rule. */
export function explain(worked: Evaluation, plan: SoFar): Why {
  const { boil } = worked;
  return {
    stop: whyStop(worked, plan),
    process: whyProcess(worked, plan),
    ...(boil === null ? {} : whyBatch(worked, boil, plan)),
  };
}

function whyStop(worked: Evaluation, { stop, finish }: SoFar): string {
  const { ambient, choice } = worked;
  const place = {
    'assumed sea level': 'No altitude is set, so sea level is assumed',
    altitude: `At ${inBothUnits(worked.request.altitudeM ?? 0)} the standard air pressure is ${(ambient.pressurePa / 1000).toFixed(1)} kPa`,
    'measured boiling water':
      'You measured your boiling water, which holds place, weather and thermometer',
  }[ambient.basis];
  const water = `${place}: plain water boils at ${stop.waterBoilsC.toFixed(1)} °C, ${stop.waterBoilsF.toFixed(1)} °F (IAPWS-IF97).`;
  if (stop.kind === 'egg') {
    return 'Egg thickens at 77 °C (170 °F) and curdles above 82 °C (180 °F), wherever the kitchen is; common practice.';
  }
  const rule = `The rule adds ${GELLING_RISE_F.value} °F: ${stop.ruleTempF.toFixed(1)} °F.`;
  if (finish === undefined) return `${water} ${rule}`;
  const own = `This recipe’s own syrup, at ${finish.solublesPct.toFixed(0)} % soluble solids of the whole pot (${finish.syrupBrix.toFixed(0)} °Brix between the pieces), boils ${(stop.aboveWaterC ?? 0).toFixed(1)} °C above that (water activity after Norrish${finish.invertPct === undefined ? '' : `, ${finish.invertPct} % of the sugar inverted by then`}).`;
  if (stop.kind === 'timed-boil') {
    return `By ${METHODS[choice.method].name} the clock decides: ${stop.boilMin} min from the full rolling boil. ${water} ${own}`;
  }
  if (stop.kind === 'body') return `Stop when it mounds. ${water} ${own}`;
  const atRule = solublesPctAtRule(worked);
  const there =
    atRule === null ? '' : ` There, this recipe would hold ${atRule.toFixed(0)} % soluble solids.`;
  return `${water} ${own} ${rule}${there}`;
}

function whyBatch(
  worked: Evaluation,
  { all, cook, finish: { contents } }: Boil,
  { finish, set }: SoFar,
): Omit<Why, 'stop' | 'process'> {
  const { request, heat } = worked;
  const massG = massOf(contents);
  const steam = kg(finish?.steamG ?? 0);
  const imagined =
    request.draws === 0
      ? ''
      : ` The range comes from ${request.draws.toLocaleString('en-US')} imagined batches, with fruit, cups, jars, stop and losses each varying as they do in kitchens.`;
  return {
    yield: `${kg(massOf(all))} goes in, of which ${kg(solublesG(all))} dissolves and cannot leave. At ${finish?.solublesPct.toFixed(0) ?? ''} % soluble solids that makes ${kg(massG)}, so ${steam} leaves as steam. Filled at ${FILLING_TEMP_C} °C, less skimmings and what clings.${imagined}`,
    minutes: `On a ${heat.name}, ${heat.powerW / 1000} kW into the pot: ${cook.stages.map(({ name, startMin, endMin }) => `${name} ${(endMin - startMin).toFixed(0)} min`).join(', ')}, while ${steam} leaves as steam at about 2,260 kJ a kilogram. ${request.netPowerKw === null ? 'A burner that nobody has measured may differ by a third.' : 'Your burner is known; draught and pot still make a tenth.'}`,
    ...(set === undefined ? {} : { set: whySet(set.model, cook.pectinLeft) }),
    label: `Grams of prepared fruit put in, and grams of all sugars left (the fruit’s own included), for each 100 g of the ${kg(massG)} in the pot.`,
    spoon:
      'A level US tablespoon at 20 °C, by the energy factors of food labels (Regulation (EU) 1169/2011): 17 kJ a gram of sugars and protein, 13 of acids, 8 of fibre, 37 of fat.',
  };
}

function whySet(model: NonNullable<Plan['set']>['model'], pectinLeft: number): string {
  switch (model) {
    case 'high-methoxyl':
      return `Pectin held over pectin needed: a standard gel of 65 % solids holds ${STANDARD_GEL_PECTIN.value.toFixed(2)} % of 150-grade pectin (USA-SAG), a soft set in a jar does with ${Math.round(100 * (1 - ENOUGH['high-methoxyl']))} % less, and a firm one takes more; the need rises with fewer solids and away from pH 3.1. Judgement, fitted to how tested formulas set, each figure of fruit within its published range. Acidity is a charge balance of every ingredient’s acids; boiling leaves ${(100 * pectinLeft).toFixed(0)} % of the pectin’s power.`;
    case 'low-methoxyl':
      return `Low-methoxyl pectin held over ${LOW_METHOXYL_PECTIN.value} %, less where calcium, solids or pH lie outside makers’ usual windows; judgement.`;
    case 'body':
      return `Soluble solids, with pulp and pectin by what they thicken, over ${MOUNDING.value} %: where butters mound on a spoon; judgement, held against printed yields.`;
    case 'egg':
      return `Egg solids held over ${CURD_EGG.value} %, as a curd of about four eggs and seven yolks to a cup of juice has; judgement.`;
  }
}

function whyProcess({ ambient, request }: Evaluation, { process }: SoFar): string {
  if (process.method === 'none')
    return 'No processing time applies, because this batch is not for the pantry.';
  const jars = process.presterilise
    ? 'jars boiled sterile first'
    : 'clean hot jars, never under ten minutes';
  return `${request.product === 'curd' ? 'Curd in half-pints or smaller' : 'Soft spreads in jars this size'}, ${jars}, at ${formatAltitude(ambient.processingAltitudeM, 'ft')}: from memory of the ${PROCESS_TABLE_SOURCE.source}.`;
}
