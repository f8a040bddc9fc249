import { say, textOf } from '@idle-kettle/words';
import {
  UNOBSERVED_IN_WORDS,
  formatClimb,
  formatDegrees,
  formatTemperature,
  type Estimate,
  type CookPlan,
  type TemperatureScale,
} from '@idle-kettle/core';
import { Where } from '../ui/Where.tsx';

type Props = {
  readonly cookPlan: CookPlan;
  readonly known: Estimate | null;
  /** Minutes since the estimate was made. */
  readonly sinceMin: number;
  readonly scale: TemperatureScale;
};

/**
 * The three things that are read at the stove: degrees to go, minutes left, solids now. A butter’s
 * solids come first.
 */
export function Figures({ cookPlan, known, sinceMin, scale }: Props) {
  const left = known?.minutesLeft ?? null;
  const range = (low: number, high: number, decimals = 0) => {
    const [a, b] = [Math.max(0, low).toFixed(decimals), Math.max(0, high).toFixed(decimals)];
    return a === b ? a : `${a}–${b}`;
  };
  const past = known !== null && known.toGoK !== null && known.toGoK < -0.05;
  const togo = (
    <Big
      key="to-go"
      testId="to-go"
      name={`${past ? say('stove.pastTheSettingPoint') : say('stove.toGo2')}${
        cookPlan.stopKind === 'egg'
          ? ''
          : say('stove.of', {
              degrees: formatDegrees(cookPlan.stopC - cookPlan.waterBoilsC, scale),
            })
      }`}
      value={
        known === null || !known.tempKnown || known.unobserved === 'not lit' || known.toGoK === null
          ? '–'
          : formatClimb(known.toGoK, scale)
      }
      aside={
        known === null || !known.tempKnown
          ? ''
          : say('stove.now', { temperature: formatTemperature(known.tempC.p50, scale) })
      }
    />
  );
  const minutes = (
    <Big
      key="minutes"
      testId="minutes-left"
      name={say('stove.minutesLeft')}
      value={left === null ? '–' : range(left.p10 - sinceMin, left.p90 - sinceMin)}
      aside=""
    />
  );
  const solids = (
    <Big
      key="solids"
      testId="solids"
      name={say('stove.solidsOf', { target: cookPlan.targetPct.toFixed(0) })}
      value={known === null ? '–' : range(known.solublesPct.p10, known.solublesPct.p90)}
      aside={
        known === null ? '' : say('stove.mostLikely', { value: known.solublesPct.p50.toFixed(1) })
      }
    />
  );
  const bySolids = cookPlan.stopKind === 'body';
  return (
    <div>
      <div className="flex flex-wrap justify-between gap-x-4 gap-y-3">
        {cookPlan.stopKind === 'egg'
          ? [togo, minutes]
          : bySolids
            ? [solids, minutes, togo]
            : [togo, minutes, solids]}
      </div>
      <p className="mt-1 min-h-6 text-base" role="status" data-testid="unobserved">
        {known?.unobserved ? textOf(UNOBSERVED_IN_WORDS[known.unobserved]) : ''}
      </p>
      {known !== null && known.unobserved !== 'not lit' && (
        <Where about={say('stove.timeAndSolids')}>
          {say('stove.aSimulationOfYourPot', {
            value: (known.powerW.p50 / 1000).toFixed(2),
            value2: (known.powerW.p10 / 1000).toFixed(2),
            value3: (known.powerW.p90 / 1000).toFixed(2),
          })}
        </Where>
      )}
    </div>
  );
}

type BigProps = {
  readonly name: string;
  readonly value: string;
  readonly aside: string;
  readonly testId: string;
};

const Big = ({ name, value, aside, testId }: BigProps) => (
  <p className="flex min-w-20 flex-col">
    <span
      data-testid={testId}
      className="text-4xl leading-none font-bold tracking-tight whitespace-nowrap tabular-nums sm:text-6xl lg:text-7xl"
    >
      {value}
    </span>
    <span className="text-base">{name}</span>
    <span className="min-h-6 text-base opacity-80">{aside}</span>
  </p>
);
