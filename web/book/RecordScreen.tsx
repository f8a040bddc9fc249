import { say, textOf } from '@idle-kettle/words';
import type { BookRecord, Kitchen } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { ArrowLeft, CircleHelp, CookingPot, NotebookPen } from 'lucide-react';
import { Fragment } from 'react';
import { Link, useParams } from 'react-router';
import { useRecord } from '../api/book.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { useMay } from '../api/who.ts';
import { entryInWords } from '../stove/words.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { Curves } from './Curves.tsx';
import { OutcomePanel } from './OutcomePanel.tsx';
import { Photos } from './Photos.tsx';
import { linesOf } from './linesOf.ts';
import { PlanAgainst } from './PlanAgainst.tsx';
import { ProbeFiles } from './ProbeFiles.tsx';
import { VersionEffects } from './VersionEffects.tsx';

/** One cook that is over: what was planned, what came of it, and why. */
export function RecordScreen() {
  const { id = '' } = useParams();
  const record = useRecord(id);
  const kitchen = useKitchen();
  const failure = failureOf([record, kitchen]);
  if (failure) return <NotFetched {...failure} />;
  if (!record.data || !kitchen.data) return <Loading what={say('book.theCook')} />;
  return (
    <ErrorBoundary what={say('book.theCook')} on={record.data}>
      <Record record={record.data} kitchen={kitchen.data} />
    </ErrorBoundary>
  );
}

type Props = { readonly record: BookRecord; readonly kitchen: Kitchen };

function Record({ record, kitchen }: Props) {
  const mayCook = useMay()('cook');
  const { summary, colour, set } = record;
  return (
    <article
      className={`flex flex-col gap-4 ${mayCook ? '' : 'looks-only'}`}
      style={colour === null ? {} : ({ '--fruit': colour } as React.CSSProperties)}
    >
      <Head record={record} />
      <div className="grid gap-5 lg:grid-cols-2">
        <section aria-label={say('book.planAndOutcome')} className="jar-label py-3 pr-6 pl-4">
          <h2 className="mb-1 text-xl font-bold text-primary">{say('book.planAndOutcome')}</h2>
          {summary === null ? (
            <p role="status">
              {record.product === null ? say('book.workingOut') : say('book.cannotBePlanned')}
            </p>
          ) : (
            <>
              <PlanAgainst summary={summary} set={set} kitchen={kitchen} />
              <p className="max-w-prose text-sm opacity-80">{say('book.planAgainst')}</p>
              <Jars summary={summary} />
              {summary.learned.length > 0 && (
                <details className="mt-2">
                  <summary className="cursor-pointer font-bold">{say('book.learnedThen')}</summary>
                  <ul className="mt-1 list-disc pl-5">
                    {summary.learned.map(({ what, from }) => (
                      <li key={what}>{textOf(from)}</li>
                    ))}
                  </ul>
                </details>
              )}
            </>
          )}
        </section>
        <OutcomePanel key={record.id} record={record} kitchen={kitchen} />
      </div>
      <Photos record={record} mayCook={mayCook} />
      <div className="grid gap-5 lg:grid-cols-2">
        <section aria-label={say('book.curve')}>
          <h2 className="mb-1 text-xl font-bold text-primary">{say('book.curve')}</h2>
          <Curves
            curves={[{ name: record.name, points: summary?.curve ?? [] }]}
            scale={kitchen.temperature}
          />
          <ProbeFiles record={record} mayCook={mayCook} />
        </section>
        <section aria-label={say('book.formula')}>
          <h2 className="mb-1 text-xl font-bold text-primary">{say('book.formula')}</h2>
          <ul>
            {linesOf(record.formula).map((line, index) => (
              <li key={index}>{line}</li>
            ))}
          </ul>
          {record.madeFrom !== null && (
            <details className="mt-3">
              <summary className="cursor-pointer font-bold">{say('book.versions')}</summary>
              <VersionEffects madeFrom={record.madeFrom} />
            </details>
          )}
        </section>
      </div>
      <Log record={record} kitchen={kitchen} />
    </article>
  );
}

const Head = ({ record }: Pick<Props, 'record'>) => {
  const { name, cook, cookedAt, madeFrom, batchId, id, remade, formula } = record;
  const date = format(new Date(cookedAt), 'd MMMM yyyy');
  return (
    <header className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <div className="mr-auto">
        <Link to="/book" className="link inline-flex items-center gap-1 text-sm">
          <ArrowLeft aria-hidden className="size-4" /> {say('book.toBook')}
        </Link>
        <PageHeading className="text-3xl font-bold text-primary">{name}</PageHeading>
        <p>
          {cook === null
            ? say('book.cookedOn', { date })
            : say('book.cookedBy', { date, name: cook })}
          {madeFrom !== null && (
            <>
              {' · '}
              {say('book.fromRecipe', { name: madeFrom.name, number: madeFrom.number })}
            </>
          )}
          {formula.settings.remake != null && (
            <>
              {' · '}
              <Link className="link" to={`/book/${formula.settings.remake.cook}`}>
                {say('book.fromJars')}
              </Link>
            </>
          )}
          {remade.map(({ batchId: again, name: as }) => (
            <Fragment key={again}>
              {' · '}
              <Link className="link" to={`/batches/${again}`}>
                {say('book.madeAgainAs', { name: as })}
              </Link>
            </Fragment>
          ))}
        </p>
      </div>
      <Link to={`/trouble?cook=${id}`} className="btn btn-sm">
        <CircleHelp aria-hidden className="size-4" /> {say('book.wentWrong')}
      </Link>
      <Link to={`/batches/${batchId}`} className="btn btn-sm">
        <NotebookPen aria-hidden className="size-4" /> {say('book.openBatch')}
      </Link>
      <Link to={`/cook-sessions/${id}`} className="btn btn-sm">
        <CookingPot aria-hidden className="size-4" /> {say('book.openLog')}
      </Link>
    </header>
  );
};

/** Full jars of those that were planned, and how their lids held. */
function Jars({ summary }: { readonly summary: NonNullable<BookRecord['summary']> }) {
  const { planned, happened } = summary;
  if (happened.jars === null) return null;
  return (
    <p className="mt-1">
      <b>
        {planned.fullJars === null
          ? say('book.jars', { count: happened.jars })
          : say('book.jarsOf', { count: happened.jars, planned: planned.fullJars.p50 })}
      </b>
      {(happened.unsealed ?? 0) > 0 &&
        ` · ${say('book.sealed', { sealed: happened.sealed ?? 0, unsealed: happened.unsealed ?? 0 })}`}
    </p>
  );
}

/** What was done, in words, the first first. */
function Log({ record: { log, formula }, kitchen }: Props) {
  const sizes = kitchen.jars.map(({ name }) => name);
  if (log.length === 0 || formula.lines.length === 0) return null;
  return (
    <details>
      <summary className="cursor-pointer text-xl font-bold text-primary">{say('book.log')}</summary>
      <ol className="mt-1 columns-1 gap-8 md:columns-2">
        {log.map(({ source, seq, ...entry }) => (
          <li key={`${source} ${seq}`} className="flex gap-3 border-b border-base-300 py-0.5">
            <time className="tabular-nums opacity-80">{format(entry.at, 'HH:mm:ss')}</time>
            <span>{entryInWords({ source, seq, ...entry }, kitchen.temperature, sizes)}</span>
          </li>
        ))}
      </ol>
    </details>
  );
}
