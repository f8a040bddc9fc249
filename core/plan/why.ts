import { type Text, message, sentences } from '@idle-kettle/words/message';
import { GELLING_RISE_C, GELLING_RISE_F } from '../boil/index.ts';
import { massOf, solublesG } from '../formula/index.ts';
import { CURD_EGG, LOW_METHOXYL_PECTIN, MOUNDING, STANDARD_GEL_PECTIN } from '../gel/index.ts';
import { METHODS } from '../method/index.ts';
import { PROCESS_TABLE_SOURCE } from '../process/index.ts';
import {
  celsiusToFahrenheit,
  eitherAltitude,
  eitherMass,
  fahrenheitDegrees,
} from '../quantity/index.ts';
import { FILLING_TEMP_C } from '../yield/index.ts';
import { ENOUGH } from '../advice/index.ts';
import type { Plan, Why } from './plan.ts';
import { type Boil, solublesPctAtRule, type Evaluation } from '../evaluate/index.ts';

type SoFar = Omit<Plan, 'why' | 'cautions'>;

/** Says, for each figure of a plan, what it was worked out from and by what rule. */
export function explain(worked: Evaluation, plan: SoFar): Why {
  const { boil } = worked;
  return {
    stop: whyStop(worked, plan),
    process: whyProcess(worked, plan),
    ...(boil === null ? {} : whyBatch(worked, boil, plan)),
  };
}

function whyStop(worked: Evaluation, { stop, finish }: SoFar): Text {
  const { ambient, choice } = worked;
  const place = {
    'assumed sea level': message('plan.noAltitudeIsSetSo'),
    altitude: message('plan.atTheStandardAirPressure', {
      altitude: eitherAltitude(worked.request.altitudeM ?? 0),
      value: (ambient.pressurePa / 1000).toFixed(1),
    }),
    'measured boiling water': message('plan.youMeasuredYourBoilingWater'),
  }[ambient.basis];
  const water = message('plan.plainWaterBoilsAtC', {
    place,
    value: stop.waterBoilsC.toFixed(1),
    value2: stop.waterBoilsF.toFixed(1),
  });
  if (stop.kind === 'egg') {
    return message('plan.eggThickensAt77C');
  }
  const rule = message('plan.theRuleAddsFF', {
    riseC: GELLING_RISE_C.toFixed(1),
    riseF: GELLING_RISE_F.value,
    tempC: stop.ruleTempC.toFixed(1),
    tempF: stop.ruleTempF.toFixed(1),
  });
  if (finish === undefined) return sentences(water, rule);
  const own = message('plan.thisRecipesOwnSyrupAt', {
    value: finish.solublesPct.toFixed(0),
    value2: finish.syrupBrix.toFixed(0),
    aboveC: (stop.aboveWaterC ?? 0).toFixed(1),
    aboveF: fahrenheitDegrees(stop.aboveWaterC ?? 0).toFixed(1),
    part:
      finish.invertPct === undefined
        ? ''
        : message('plan.ofTheSugarInvertedBy', { invertPct: finish.invertPct }),
  });
  if (stop.kind === 'timed-boil') {
    return message('plan.withTheClockDecidesMin', {
      name: METHODS[choice.method].name,
      boilMin: stop.boilMin,
      water,
      own,
    });
  }
  if (stop.kind === 'body') return message('plan.itIsDoneWhenIt', { water, own });
  const atRule = solublesPctAtRule(worked);
  const there =
    atRule !== null && message('plan.thereThisRecipeWouldHave', { atRule: atRule.toFixed(0) });
  return sentences(water, own, rule, there);
}

function whyBatch(
  worked: Evaluation,
  { all, cook, finish: { contents } }: Boil,
  { finish, set }: SoFar,
): Omit<Why, 'stop' | 'process'> {
  const { request, heat } = worked;
  const massG = massOf(contents);
  const steam = eitherMass(finish?.steamG ?? 0);
  const imagined =
    request.draws === 0
      ? ''
      : message('plan.theRangeComesFromSimulated', {
          value: request.draws.toLocaleString('en-US'),
        });
  return {
    yield: message('plan.goesInOfItDissolves', {
      kg: eitherMass(massOf(all)),
      kg2: eitherMass(solublesG(all)),
      value: finish?.solublesPct.toFixed(0) ?? '',
      kg3: eitherMass(massG),
      steam,
      fillingC: FILLING_TEMP_C,
      fillingF: Math.round(celsiusToFahrenheit(FILLING_TEMP_C)),
      imagined,
    }),
    minutes: message('plan.onAKwIntoThe', {
      name: heat.name,
      value: heat.powerW / 1000,
      value2: cook.stages
        .map(({ name, startMin, endMin }) => `${name} ${(endMin - startMin).toFixed(0)} min`)
        .join(', '),
      steam,
      part:
        request.netPowerKw === null
          ? message('plan.aBurnerNobodyHasMeasured')
          : message('plan.yourBurnerIsKnownDrafts'),
    }),
    ...(set === undefined ? {} : { set: whySet(set.model, cook.pectinLeft) }),
    label: message('plan.gramsOfPreparedFruitAnd', { kg: eitherMass(massG) }),
    spoon: message('plan.aLevelUsTablespoonAt'),
  };
}

function whySet(model: NonNullable<Plan['set']>['model'], pectinLeft: number): Text {
  switch (model) {
    case 'high-methoxyl':
      return message('plan.pectinOverThePectinNeeded', {
        value: STANDARD_GEL_PECTIN.value.toFixed(2),
        round: Math.round(100 * (1 - ENOUGH['high-methoxyl'])),
        value2: (100 * pectinLeft).toFixed(0),
      });
    case 'low-methoxyl':
      return message('plan.lowMethoxylPectinOverThe', { value: LOW_METHOXYL_PECTIN.value });
    case 'gelling-sugar':
      return message('plan.gellingSugarForTheFruit');
    case 'body':
      return message('plan.solubleSolidsPlusTheThickening', { value: MOUNDING.value });
    case 'egg':
      return message('plan.eggSolidsOverAsIn', { value: CURD_EGG.value });
  }
}

function whyProcess({ ambient, request }: Evaluation, { process }: SoFar): Text {
  if (process.method === 'none') return message('plan.noProcessingTimeAppliesBecause');
  const jars = process.presterilise
    ? message('plan.jarsBoiledFirst')
    : message('plan.cleanHotJarsNeverUnder');
  return message('plan.atFromMemoryOfThe', {
    part:
      request.product === 'curd'
        ? message('plan.curdInHalfPintsOr')
        : message('plan.softSpreadsInJarsThis'),
    jars,
    altitude: eitherAltitude(ambient.processingAltitudeM),
    source: PROCESS_TABLE_SOURCE.source,
  });
}
