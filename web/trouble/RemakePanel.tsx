import { say } from '@idle-kettle/words';
import { formatVolume, type Formula } from '@idle-kettle/core';
import type { Facts, Published, Remake } from '@idle-kettle/core/troubleshooting';
import type { Kitchen } from '@idle-kettle/contract';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { MeasuredField } from '../book/MeasuredField.tsx';
import { readVolume } from '../book/measured.ts';
import { slowPlanner } from '../workers/planner.ts';
import { minutesInWords } from '../words/minutes.ts';
import { RemakeStart } from './RemakeStart.tsx';

type Props = {
  /** The cook whose jars they are; null where nobody says, and then no batch is begun. */
  readonly cook: { readonly id: string; readonly name: string } | null;
  readonly problem: 'loose' | 'stiff';
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly facts: Facts;
  /** What is in its jars, mL, where that is known. */
  readonly volumeMl: number | null;
};

/** Where nobody says how much there is: four US cups. */
const USUAL_ML = 946;

/** How it is made again: as it is printed, and as it is worked out for this batch, side by side. */
export function RemakePanel({ cook, problem, formula, kitchen, facts, volumeMl }: Props) {
  const [inJarsMl, setInJars] = useState(volumeMl ?? USUAL_ML);
  const outcome = useQuery({
    queryKey: ['remake', problem, formula, facts, inJarsMl, kitchen.version],
    queryFn: () =>
      slowPlanner.ask((planner) => planner.remake(problem, formula, kitchen, facts, inJarsMl)),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  }).data;
  return (
    <section aria-label={say('trouble.remake')} className="flex flex-col gap-3">
      <h2 className="text-xl font-bold text-primary">{say('trouble.remake')}</h2>
      <MeasuredField
        name={say('trouble.howMuch')}
        wrong={say('trouble.wrongFigure', { low: 20, high: 200_000 })}
        value={inJarsMl}
        read={readVolume}
        write={(mL) => formatVolume(mL, kitchen.units)}
        onChange={(mL) => setInJars(mL ?? USUAL_ML)}
      />
      {outcome === undefined ? (
        <p role="status">{say('trouble.working')}</p>
      ) : outcome.ok && outcome.remake.computed !== null ? (
        <>
          <Amounts remake={outcome.remake} kitchen={kitchen} />
          {cook !== null && (
            <RemakeStart
              cook={cook}
              formula={formula}
              computed={outcome.remake.computed}
              problem={problem}
              facts={facts}
              volumeMl={inJarsMl}
            />
          )}
        </>
      ) : (
        <p role="status">
          {say(
            outcome.ok && outcome.remake.refused === 'made-again'
              ? 'trouble.madeAgain'
              : 'trouble.noRemake',
          )}
        </p>
      )}
    </section>
  );
}

function Amounts({ remake, kitchen }: { readonly remake: Remake; readonly kitchen: Kitchen }) {
  const { published, computed, trial, heatings, processMin } = remake;
  if (published === null || computed === null || trial === null) return null;
  return (
    <>
      <div className="grid gap-4 sm:grid-cols-2">
        <Way name={say('trouble.published')} {...published} />
        <div>
          <Way name={say('trouble.computed')} {...computed} toPct={computed.forecast.solublesPct} />
          <p className="mt-1 font-bold">
            {say('trouble.willBe', { pct: Math.round(100 * computed.forecast.odds) })}
          </p>
        </div>
      </div>
      <section aria-label={say('trouble.trialFirst')} className="border-l-4 border-secondary pl-3">
        <h3 className="font-bold">{say('trouble.trialFirst')}</h3>
        <p>{say('trouble.trialHow', { ml: trial.volumeMl })}</p>
        <Lines lines={trial.lines} />
      </section>
      <p>
        {processMin === null
          ? say('trouble.secondJars')
          : say('trouble.secondProcess', { minutes: processMin })}{' '}
        {say('trouble.heatings', { count: heatings })}{' '}
        {say('trouble.makes', {
          low: formatVolume(computed.forecast.volumeMl.p10, kitchen.units),
          high: formatVolume(computed.forecast.volumeMl.p90, kitchen.units),
        })}
      </p>
    </>
  );
}

const Way = ({
  name,
  lines,
  boil,
  toPct,
}: Pick<Published, 'lines' | 'boil'> & { readonly name: string; readonly toPct?: number }) => (
  <section aria-label={name} className="jar-label py-3 pr-6 pl-4">
    <h3 className="font-bold">{name}</h3>
    <Lines lines={lines} />
    <p>
      {boil.minutes === null
        ? toPct === undefined
          ? say('trouble.boilOn')
          : say('trouble.boilOnTo', { pct: toPct.toFixed(0) })
        : say('trouble.boilFor', { minutes: minutesInWords(boil.minutes) })}
    </p>
  </section>
);

const Lines = ({ lines }: Pick<Published, 'lines'>) =>
  lines.length === 0 ? (
    <p>{say('trouble.nothingIn')}</p>
  ) : (
    <ul className="text-lg tabular-nums">
      {lines.map((line) => (
        <li key={line}>{line}</li>
      ))}
    </ul>
  );
