import { GELLING_RISE_F } from '../boil/index.ts';
import { massOf, solublesG } from '../formula/index.ts';
import { PROCESS_TABLE_SOURCE } from '../process/index.ts';
import { formatAltitude } from '../quantity/index.ts';
import { FILLING_TEMP_C } from '../yield/index.ts';
import type { Plan, Why } from './plan.ts';
import { solublesPctAtRule, type Worked } from './worked.ts';

const inBothUnits = (altitudeM: number): string =>
  `${formatAltitude(altitudeM, 'm')} (${formatAltitude(altitudeM, 'ft')})`;

const kg = (massG: number): string => `${(massG / 1000).toFixed(2)} kg`;

/** Says, for each figure of a plan, what it was worked out from and by what rule. */
export function explain(worked: Worked, plan: Omit<Plan, 'why' | 'cautions'>): Why {
  return {
    stop: whyStop(worked, plan),
    process: whyProcess(worked, plan),
    ...whyYield(worked, plan),
  };
}

function whyStop(worked: Worked, { stop, finish }: Pick<Plan, 'stop' | 'finish'>): string {
  const { ambient } = worked;
  const place = {
    'assumed sea level': 'No altitude is set, so sea level is assumed',
    altitude: `At ${inBothUnits(worked.request.altitudeM ?? 0)} the standard air pressure is ${(ambient.pressurePa / 1000).toFixed(1)} kPa`,
    'measured boiling water':
      'You measured your boiling water, which holds place, weather and thermometer',
  }[ambient.basis];
  const water = `${place}: plain water boils at ${stop.waterBoilsC.toFixed(1)} °C, ${stop.waterBoilsF.toFixed(1)} °F (IAPWS-IF97).`;
  const rule = `The rule adds ${GELLING_RISE_F.value} °F: ${stop.ruleTempF.toFixed(1)} °F.`;
  const atRule = solublesPctAtRule(worked);
  if (atRule === null || finish === undefined) return `${water} ${rule}`;
  return `${water} This recipe’s own syrup, at ${finish.solublesPct.toFixed(0)} % soluble solids of the whole pot (${finish.syrupBrix.toFixed(0)} °Brix between the pieces), boils ${(stop.aboveWaterC ?? 0).toFixed(1)} °C above that (water activity after Norrish, ${finish.invertPct ?? 20} % of the sugar inverted by then). ${rule} There, this recipe would hold ${atRule.toFixed(0)} % soluble solids.`;
}

function whyYield(
  { boil, request }: Worked,
  { finish, yield: jars }: Pick<Plan, 'finish' | 'yield'>,
): Pick<Why, 'yield' | 'label' | 'minutes' | 'set'> {
  if (boil === null || finish === undefined || jars === undefined) return {};
  const { start } = boil;
  return {
    yield: `${kg(massOf(start))} goes in, of which ${kg(solublesG(start))} dissolves and cannot leave. At ${finish.solublesPct.toFixed(0)} % soluble solids that makes ${kg(massOf(boil.finish.contents))}, so ${kg(finish.steamG)} must leave as steam. Filled at ${FILLING_TEMP_C} °C, less skimmings and what clings. The range comes from ${request.draws.toLocaleString('en-US')} imagined batches, with fruit, cups, stop and losses each varying as they do.`,
    minutes: `On ${request.netPowerKw} kW net: ${boil.cook.heatUpMin.toFixed(0)} min to the boil, then ${boil.cook.boilMin.toFixed(0)} min while ${kg(finish.steamG)} leaves as steam at about 2,260 kJ a kilogram. Your burner and pot may differ by a fifth.`,
    set: `Pectin held over pectin needed: a standard gel of 65 % solids holds 0.43 % of 150-grade pectin (USA-SAG); the need rises with fewer solids and away from pH 3.1, by judgement set on how known jams turn out. Acidity is a charge balance of every ingredient’s acids; boiling leaves ${(100 * boil.cook.pectinLeft).toFixed(0)} % of the pectin’s power.`,
    label: `Grams of prepared fruit put in, and grams of all sugars left (the fruit’s own included), for each 100 g of the ${kg(massOf(boil.finish.contents))} in the pot.`,
  };
}

function whyProcess({ ambient, request }: Worked, { process }: Pick<Plan, 'process'>): string {
  if (process.method === 'none')
    return 'No processing time applies, because this batch is not for the pantry.';
  const school =
    request.school === 'sterilised'
      ? 'jars boiled sterile first'
      : 'clean hot jars, never under ten minutes';
  return `Soft spreads in half-pints or pints, ${school}, at ${formatAltitude(ambient.processingAltitudeM, 'ft')}: from memory of the ${PROCESS_TABLE_SOURCE.source}.`;
}
