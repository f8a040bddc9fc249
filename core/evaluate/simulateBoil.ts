import { simulateCook, type Cook, type Stage } from '../boil/index.ts';
import { stagesOf, stoveChain, toTheStop } from '../chain/index.ts';
import { forecastBatch, timesFor, typicalForecast, type Care } from '../forecast/index.ts';
import { massOf, plus } from '../formula/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import {
  afterBoiling,
  boiledTo,
  inWater,
  pHOf,
  setRatioOf,
  typicalSetters,
  type AcidLoad,
} from '../gel/index.ts';
import { comesAsSauce, fruitCookOf, METHODS, type Method } from '../method/index.ts';
import { boilMinutesOf } from './boilMinutes.ts';
import { comesToGel } from './comesToGel.ts';
import { canBeCooked, cookingOf } from './cooking.ts';
import type { PlanRequest } from './request.ts';
import type { Boil } from './evaluation.ts';

/** What is taken to be known of a kitchen besides what its request says. */
export type CareGiven = Partial<Care>;

/**
 * Follows the cook; null until there is something dissolved, and water enough to dissolve it.
 * @param given what is known besides, where only how much it gives with that and how long it takes
 *   is asked for
 */
export function simulateBoil(
  request: PlanRequest,
  method: Method,
  lines: readonly UnderstoodLine[],
  given: CareGiven | null = null,
): Boil | null {
  const cooking = cookingOf(request, method, lines);
  if (cooking === null) return null;
  const { all, boiled, late, aim, targetPct, bySolids, heat, acid } = cooking;
  const chain = stoveChain({
    product: request.product,
    method,
    lines,
    targetPct,
    boilMin: boilMinutesOf(request, method, lines),
    heat,
    isSauce: comesAsSauce(request.before, lines),
  });
  if (!canBeCooked(chain.first)) return null;
  const stages = stagesOf(toTheStop(chain.acts));
  const { setModel } = METHODS[method];
  const sour = isSour(acid);
  const cook = simulateCook(chain.first, {
    ...cooking.setting,
    stages: stages.map(({ stage }) => stage),
  });
  const followed = cook.outcome === 'reached';
  const atStop = followed ? cook.contents : aim.contents;
  const contents = plus(atStop, chain.late);
  const pH = sour ? pHOf(boiledTo(acid, contents.water)) : null;
  const fruitCook = fruitCookOf(request.product, method, lines);
  const raw = typicalSetters(lines, fruitCook);
  const setters = afterBoiling(raw, cook.pectinLeft, cook.flameOnBoilMin);
  const gels = comesToGel(request.product, method, lines, aim.contents);
  const tells = followed && gels && (sour || setModel === 'body' || setModel === 'egg');
  const setTimes = timesFor(request.learned.setTimes, method);
  const setRatio = tells ? setTimes * setRatioOf(setModel, contents, pH, setters) : null;
  const setting = {
    targetPct: bySolids ? targetPct : null,
    stopKind: METHODS[method].stopKind,
    care: {
      thermometerChecked: request.waterBoilsC !== null,
      burnerKnown: request.netPowerKw !== null,
      learned: request.learned,
      ...given,
    },
    setModel,
    setTimes,
    gels,
    fruitCook,
    seed: request.seed,
    draws: request.draws,
    late,
    boiled,
    cook,
    clockMin: minutesByTheClock(
      cook,
      stages.map(({ stage }) => stage),
    ),
    stopMassG: massOf(atStop),
    measured: request.measured,
    amountsAlone: given !== null,
  };
  return {
    all,
    chain,
    setting: cooking.setting,
    atStop,
    finish: { outcome: aim.outcome, contents },
    cook,
    targetPct,
    pH,
    setters: followed ? setters : null,
    setRatio,
    forecast:
      request.draws === 0
        ? typicalForecast(setting, contents, {
            startPH: sour ? pHOf(inWater(acid, all.water)) : null,
            finishPH: pH,
            setRatio,
          })
        : forecastBatch(lines, setting),
  };
}

/** Minutes at or after the first boil that a clock decides, whatever the burner. */
const minutesByTheClock = ({ stages, heatUpMin }: Cook, asked: readonly Stage[]): number =>
  stages.reduce((sum, { startMin, endMin }, i) => {
    const byTheClock = asked[i]?.until.kind === 'minutes';
    return byTheClock ? sum + Math.max(0, endMin - Math.max(startMin, heatUpMin)) : sum;
  }, 0);

const isSour = ({ moles }: AcidLoad): boolean => Object.values(moles).some((n) => n > 0);
