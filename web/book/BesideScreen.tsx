import { say } from '@idle-kettle/words';
import { MOST_BESIDE, type BookRecord, type Kitchen } from '@idle-kettle/contract';
import { versionChanges } from '@idle-kettle/core/book';
import { listed } from '@idle-kettle/core';
import { format } from 'date-fns';
import { ArrowLeft } from 'lucide-react';
import { Link, useSearchParams } from 'react-router';
import { useRecords } from '../api/book.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { Curves } from './Curves.tsx';
import { linesOf } from './linesOf.ts';
import { PlanAgainst } from './PlanAgainst.tsx';
import { changeInWords } from './VersionEffects.tsx';

/** Two to four cooks side by side, their temperatures laid over one another. */
export function BesideScreen() {
  const [search] = useSearchParams();
  const ids = [...new Set((search.get('cooks') ?? '').split(',').filter((id) => id !== ''))].slice(
    0,
    MOST_BESIDE,
  );
  const records = useRecords(ids);
  const kitchen = useKitchen();
  const failure = failureOf([kitchen]);
  if (failure) return <NotFetched {...failure} />;
  if (records.error !== null) return <NotFetched error={records.error} again={records.refetch} />;
  if (records.data === null || !kitchen.data) return <Loading what={say('book.theBook')} />;
  return (
    <>
      <Link to="/book" className="link inline-flex items-center gap-1 text-sm">
        <ArrowLeft aria-hidden className="size-4" /> {say('book.toBook')}
      </Link>
      <PageHeading className="mb-3 text-3xl font-bold text-primary">
        {say('book.beside')}
      </PageHeading>
      {records.data.length < 2 ? (
        <Empty title={say('book.beside')}>{say('book.besideNone')}</Empty>
      ) : (
        <Beside records={records.data} kitchen={kitchen.data} />
      )}
    </>
  );
}

type Props = { readonly records: readonly BookRecord[]; readonly kitchen: Kitchen };

function Beside({ records, kitchen }: Props) {
  const [first, ...others] = records;
  return (
    <div className="flex flex-col gap-5">
      <div className="grid gap-4 md:grid-cols-2 xl:grid-cols-[repeat(auto-fit,minmax(19rem,1fr))]">
        {records.map((record) => (
          <section
            key={record.id}
            aria-label={record.name}
            className="jar-label min-w-0 py-3 pr-5 pl-4"
            style={
              record.colour === null ? {} : ({ '--fruit': record.colour } as React.CSSProperties)
            }
          >
            <h2 className="text-xl leading-tight font-bold text-primary">
              <Link to={`/book/${record.id}`} className="link">
                {record.name}
              </Link>
            </h2>
            <p className="mb-1 text-sm opacity-80">
              {format(new Date(record.cookedAt), 'd MMM yyyy')}
            </p>
            {record.summary === null ? (
              <p>{say('book.cannotBePlanned')}</p>
            ) : (
              <PlanAgainst summary={record.summary} set={record.set} kitchen={kitchen} />
            )}
            <ul className="mt-2 text-sm">
              {linesOf(record.formula).map((line, index) => (
                <li key={index}>{line}</li>
              ))}
            </ul>
            {record.outcome.notes !== '' && <p className="mt-1 italic">{record.outcome.notes}</p>}
          </section>
        ))}
      </div>
      <p className="max-w-prose text-sm opacity-80">{say('book.planAgainst')}</p>
      <section aria-label={say('book.different')}>
        <h2 className="text-xl font-bold text-primary">{say('book.different')}</h2>
        <ul>
          {first !== undefined &&
            others.map((other) => {
              const changes = versionChanges(linesOf(first.formula), linesOf(other.formula));
              return (
                <li key={other.id}>
                  <b>{other.name}</b>
                  {': '}
                  {changes.length === 0
                    ? say('book.sameFormula')
                    : listed(changes.map((change) => changeInWords(change, kitchen.units)))}
                </li>
              );
            })}
        </ul>
      </section>
      <section aria-label={say('book.curvesLaidOver')}>
        <h2 className="text-xl font-bold text-primary">{say('book.curvesLaidOver')}</h2>
        <Curves
          curves={records.map(({ name, cookedAt, summary }) => ({
            name: `${name}, ${format(new Date(cookedAt), 'd MMM yyyy')}`,
            points: summary?.curve ?? [],
          }))}
          scale={kitchen.temperature}
        />
      </section>
    </div>
  );
}
