import { say } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import { formatGrams, formatVolume } from '@idle-kettle/core';
import { useState } from 'react';
import { slowPlanner } from '../workers/planner.ts';
import { useAnswer } from './useAnswer.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';
import type { WorkbenchProps } from './workbenchProps.ts';

const WIDTH = 520;
const percent = (share: number): string => `${Math.round(100 * share)} %`;

/**
 * What if there were less sugar: the set and the yield by its share, and the point where the set
 * fails.
 */
export function LessSugar({ formula, kitchen, fruit, onTake, onAsk }: WorkbenchProps) {
  const sweep = useAnswer(
    () => slowPlanner.ask((of) => of.sweep(formula, kitchen)),
    [formula, kitchen],
  );
  const [share, setShare] = useState(1);
  const [noWay, setNoWay] = useState(false);
  if (sweep === null) return <p>{say('balance.tryingLessSugarAndMore')}</p>;
  const { trials, failsBelow } = sweep;
  const [first, last] = [trials[0], trials.at(-1)];
  if (!first || !last) return <p>{say('balance.thereIsNoSugarTo')}</p>;
  const nearest = trials.reduce((best, trial) =>
    Math.abs(trial.share - share) < Math.abs(best.share - share) ? trial : best,
  );
  const setInWords = say(SET_IN_A_WORD[nearest.set]);
  const x = (of: number) => (WIDTH * (of - first.share)) / (last.share - first.share);
  const fails = failsBelow !== null && nearest.share < failsBelow;
  const holds = (set: string) => set !== 'pours' && set !== 'loose';
  return (
    <div className="flex max-w-2xl flex-col gap-2">
      <p className="text-lg" data-testid="sugar-fails">
        {failsBelow === null
          ? trials.every(({ set }) => holds(set))
            ? say('balance.setsAtAnyAmountOf')
            : say('balance.doesntSetAtAnyAmount')
          : say('balance.belowOfTheSugarIt', { percent: percent(failsBelow) })}
      </p>
      <svg viewBox={`-4 0 ${WIDTH + 8} 44`} aria-hidden className="w-full">
        {trials.slice(0, -1).map((trial, i) => (
          <rect
            key={trial.share}
            x={x(trial.share)}
            width={x(trials[i + 1]?.share ?? trial.share) - x(trial.share) + 0.5}
            y="14"
            height="16"
            fill={fruit}
            fillOpacity={holds(trial.set) ? 0.75 : 0.18}
          />
        ))}
        {failsBelow !== null && (
          <path d={`M${x(failsBelow)} 6 v32`} className="stroke-error" strokeWidth="4" />
        )}
        <path
          d={`M${x(1)} 10 v24`}
          className="stroke-primary"
          strokeWidth="3"
          strokeDasharray="4 3"
        />
      </svg>
      <input
        type="range"
        min={first.share}
        max={last.share}
        step={0.05}
        value={share}
        aria-label={say('balance.shareOfTheSugar')}
        aria-valuetext={`${percent(nearest.share)}: ${setInWords}`}
        onChange={({ target }) => setShare(target.valueAsNumber)}
        className="range range-primary w-full"
      />
      <p className="flex flex-wrap items-center gap-4">
        <span data-testid="sugar-trial">
          <Say
            id="balance.ofTheSugar"
            values={{
              part: <b>{percent(nearest.share)}</b>,
              grams: formatGrams(nearest.sugarG),
              part2: <b>{setInWords}</b>,
              volume: formatVolume(nearest.volumeMl, kitchen.units),
            }}
          />
        </span>
        <button
          type="button"
          className="btn btn-sm"
          disabled={nearest.share === 1 || fails}
          onClick={() =>
            onAsk(
              (now) => slowPlanner.ask((of) => of.sugar(now, kitchen, nearest.share)),
              (request) => {
                setShare(1);
                onTake(request, say('balance.ofTheSugar2', { percent: percent(nearest.share) }));
              },
            )
          }
        >
          {say('balance.useThisMuch')}
        </button>
      </p>
      {fails && (
        <p className="flex flex-wrap items-center gap-3" role="status">
          {say('balance.forLessSugarUseLowSugarPectin')}
          <button
            type="button"
            className="btn btn-primary btn-sm"
            onClick={() =>
              onAsk(
                (now) => slowPlanner.ask((of) => of.lowSugar(now, kitchen, nearest.share)),
                (request) => {
                  setNoWay(request === null);
                  if (request === null) return;
                  setShare(1);
                  onTake(
                    request,
                    say('balance.withLowSugarPectin', { percent: percent(nearest.share) }),
                  );
                },
              )
            }
          >
            {say('balance.useLowSugarPectin')}
          </button>
          {noWay && say('balance.lowSugarPectinSetsNoBetter')}
        </p>
      )}
    </div>
  );
}
