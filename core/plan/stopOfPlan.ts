import { boilingPointC, ruleStopC } from '../boil/index.ts';
import { CURD_DONE_C, METHODS } from '../method/index.ts';
import { celsiusToFahrenheit, roundTo } from '../quantity/index.ts';
import type { Plan } from './plan.ts';
import { boilMinutesOf, learnedOffsetK, type Evaluation } from '../evaluate/index.ts';

/** Rounded further, a tenth of a degree Fahrenheit would come out other than at the stove. */
const TEMP_DECIMALS = 3;

/**
 * Where to stop, by the method's own sign; the temperature is what this recipe shows there, on this
 * kitchen's thermometer.
 */
export function stopOf({ request, ambient, choice, understood, boil }: Evaluation): Plan['stop'] {
  const offsetK = learnedOffsetK(request);
  const waterBoilsC = ambient.waterBoilsC + offsetK;
  const { stopKind } = METHODS[choice.method];
  const ruleTempC = ruleStopC(ambient) + offsetK;
  const stop = {
    kind: stopKind,
    boilMin: boilMinutesOf(request, choice.method, understood),
    waterBoilsC: roundTo(waterBoilsC, TEMP_DECIMALS),
    waterBoilsF: roundTo(celsiusToFahrenheit(waterBoilsC), 1),
    ruleTempC: roundTo(ruleTempC, TEMP_DECIMALS),
    ruleTempF: roundTo(celsiusToFahrenheit(ruleTempC), 1),
  };
  if (boil === null) return stop;
  const tempC =
    stopKind === 'egg' ? CURD_DONE_C : boilingPointC(boil.atStop, ambient.pressurePa) + offsetK;
  return {
    ...stop,
    tempC: roundTo(tempC, TEMP_DECIMALS),
    tempF: roundTo(celsiusToFahrenheit(tempC), 1),
    aboveWaterC: roundTo(tempC - waterBoilsC, TEMP_DECIMALS),
  };
}
