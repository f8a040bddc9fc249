import { say, textOf } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { CookSessionSummary } from '@idle-kettle/contract';
import { FAULT_IDS, FAULTS, type FaultId } from '@idle-kettle/core';
import { format } from 'date-fns';
import { Flame } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { Link } from 'react-router';
import { useStartCook, useCookSessions } from '../api/cookSessions.ts';
import { useBatches } from '../api/batches.ts';
import { failureOf } from '../api/failure.ts';
import { useRecipes } from '../api/recipes.ts';
import { sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useGoOn } from '../ui/useGoOn.ts';
import type { NamedFormula } from './practiceBatches.ts';
import { practiceChoices } from './practiceChoices.ts';
import { useMay } from '../api/who.ts';
import { SPEEDS } from './speeds.ts';

/** `/stove`: what is on the stove, and the practice kettle with its scores. */
export function StoveHome() {
  const mayCook = useMay()('cook');
  const sessions = useCookSessions();
  const failure = failureOf([sessions]);
  if (failure) return <NotFetched {...failure} />;
  if (!sessions.data) return <Loading what={say('practice.theStove')} />;
  const on = sessions.data.filter(({ endedAt }) => endedAt === null);
  const over = sessions.data.filter(({ score }) => score !== null);
  return (
    <div className="grid items-start gap-8 lg:grid-cols-2">
      <section aria-label={say('practice.onTheStove')}>
        <PageHeading className="mb-2 text-2xl font-bold text-primary">
          {say('practice.onTheStove')}
        </PageHeading>
        {on.length === 0 ? (
          <p className="text-lg">
            <Say
              id="practice.nothingYetOpenABatchs"
              values={{
                part: (
                  <Link to="/batches" className="link">
                    {say('practice.page')}
                  </Link>
                ),
              }}
            />
          </p>
        ) : (
          <ul className="flex flex-col gap-2">
            {on.map((session) => (
              <li key={session.id}>
                <Link
                  to={`/cook-sessions/${session.id}`}
                  className="btn btn-primary h-auto min-h-14 w-full justify-start gap-3 text-lg"
                >
                  <Flame aria-hidden className="size-6" />
                  <span className="grow text-left">
                    {session.name}
                    {session.fault === null ? '' : say('practice.practice')}
                  </span>
                  <span className="font-normal">
                    {say('practice.since', {
                      format: format(new Date(session.startedAt), 'd MMM HH:mm'),
                    })}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        )}
        {over.length > 0 && (
          <ErrorBoundary what={say('practice.theScores')} on={over}>
            <Scores sessions={over} />
          </ErrorBoundary>
        )}
      </section>
      <ErrorBoundary what={say('practice.thePracticeKettle')}>
        {mayCook && <PracticeForm />}
      </ErrorBoundary>
    </div>
  );
}

const Scores = ({ sessions }: { sessions: readonly CookSessionSummary[] }) => (
  <section aria-label={say('practice.practiceSoFar')} className="mt-6">
    <h2 className="mb-1 text-lg font-bold text-secondary">{say('practice.practiceSoFar')}</h2>
    <table className="table">
      <thead>
        <tr>
          <th scope="col">{say('practice.when')}</th>
          <th scope="col">{say('practice.batch')}</th>
          <th scope="col" className="text-right">
            {say('practice.points')}
          </th>
        </tr>
      </thead>
      <tbody>
        {sessions.map((session) => (
          <tr key={session.id}>
            <td className="whitespace-nowrap">
              {format(new Date(session.startedAt), 'd MMM HH:mm')}
            </td>
            <td>
              <Link to={`/cook-sessions/${session.id}`} className="link">
                {session.name}
              </Link>
              , {textOf(FAULTS[session.fault ?? 'none'].name).toLowerCase()}
            </td>
            <td className="text-right font-bold tabular-nums">{session.score}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </section>
);

const MOST_SEED = 1_000_000;
const FIRST_EXAMPLE = 'example 0';

const GROUPS = [
  { from: 'example', name: 'practice.examples' },
  { from: 'batch', name: 'practice.yourBatches' },
  { from: 'recipe', name: 'practice.yourRecipes' },
] as const;

function PracticeForm() {
  const begin = useStartCook();
  const goOn = useGoOn();
  // Without an answer there are the examples.
  const choices = practiceChoices(useBatches().data ?? [], useRecipes().data ?? []);
  const [chosenId, setChosenId] = useState(FIRST_EXAMPLE);
  const [notFetched, setNotFetched] = useState<Error | null>(null);
  const [fault, setFault] = useState<FaultId | 'any'>('any');
  const [speed, setSpeed] = useState(20);
  const [scale, setScale] = useState(false);
  const [seed, setSeed] = useState(() => 1 + Math.floor(Math.random() * MOST_SEED));

  const error = notFetched ?? begin.error;

  function onSubmit(event: FormEvent) {
    event.preventDefault();
    const choice = choices.find(({ id }) => id === chosenId) ?? choices[0];
    const chosen = fault === 'any' ? (FAULT_IDS[seed % FAULT_IDS.length] ?? 'none') : fault;
    const onwards = goOn();
    const start = ({ name, lines, settings = {} }: NamedFormula) =>
      begin.mutate(
        { practice: { name, lines: [...lines], settings, fault: chosen, seed, speed, scale } },
        { onSuccess: ({ id }) => onwards(`/cook-sessions/${id}`) },
      );
    setNotFetched(null);
    choice?.formula().then(start, setNotFetched);
  }

  return (
    <section
      aria-label={say('practice.practiceKettle')}
      className="rounded-box border-2 border-base-300 bg-base-100 p-5"
    >
      <h2 className="text-2xl font-bold text-primary">{say('practice.practiceKettle')}</h2>
      <p className="mb-3 text-lg">{say('practice.aSimulatedPotBurnerAnd')}</p>
      <form onSubmit={onSubmit} className="flex flex-col gap-3">
        <label className="flex flex-col">
          {say('practice.batch')}
          <select
            className="select w-full"
            value={chosenId}
            onChange={({ target }) => setChosenId(target.value)}
          >
            {GROUPS.map(({ from, name: group }) => {
              const these = choices.filter((choice) => choice.from === from);
              return (
                these.length > 0 && (
                  <optgroup key={from} label={say(group)}>
                    {these.map(({ id, name }) => (
                      <option key={id} value={id}>
                        {name}
                      </option>
                    ))}
                  </optgroup>
                )
              );
            })}
          </select>
        </label>
        <label className="flex flex-col">
          {say('practice.whatCanGoWrong')}
          <select
            className="select w-full"
            value={fault}
            onChange={({ target }) => setFault(target.value as FaultId | 'any')}
          >
            <option value="any">{say('practice.surpriseMe')}</option>
            {FAULT_IDS.map((id) => (
              <option key={id} value={id}>
                {textOf(FAULTS[id].name)}
              </option>
            ))}
          </select>
        </label>
        {fault !== 'any' && <p className="opacity-80">{textOf(FAULTS[fault].told)}</p>}
        <fieldset className="flex flex-wrap items-center gap-2">
          <legend>{say('practice.speed')}</legend>
          {SPEEDS.map((times) => (
            <button
              key={times}
              type="button"
              aria-pressed={speed === times}
              onClick={() => setSpeed(times)}
              className="btn aria-pressed:btn-primary"
            >
              {times}×
            </button>
          ))}
        </fieldset>
        <label className="flex items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={scale}
            onChange={({ target }) => setScale(target.checked)}
          />
          {say('practice.thePotIsOnA')}
        </label>
        <label className="flex flex-col">
          {say('practice.seedTheSameNumberGives')}
          <input
            type="number"
            min={1}
            max={MOST_SEED}
            className="input w-40"
            value={seed}
            onChange={({ target }) => setSeed(Math.max(1, Math.round(target.valueAsNumber || 1)))}
          />
        </label>
        {error && (
          <p role="alert" className="text-error">
            {sayError(error)}
          </p>
        )}
        <button type="submit" className="btn btn-primary btn-lg" disabled={begin.isPending}>
          {say('practice.startPractice')}
        </button>
      </form>
    </section>
  );
}
