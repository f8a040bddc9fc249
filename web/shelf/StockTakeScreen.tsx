import { say } from '@idle-kettle/words';
import type { JarEventDto, Shelf } from '@idle-kettle/contract/season';
import { ArrowLeft, ScanLine } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { sayError } from '../api/request.ts';
import { useShelf, useTellJars } from '../api/season.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { jarEvent } from './jarSource.ts';
import { placeInWords } from './places.ts';
import { Scanner } from './Scanner.tsx';
import {
  beginTake,
  countOf,
  readTake,
  resultOf,
  scanned,
  seen,
  type StockTake,
} from './stockTake.ts';

const KEY = 'kettle.stockTake';

/** What stands on a shelf, counted against what should; what is missing or found is told at its end. */
export function StockTakeScreen() {
  const shelf = useShelf();
  const failure = failureOf([shelf]);
  if (failure) return <NotFetched {...failure} />;
  if (!shelf.data) return <Loading what={say('shelf.shelf')} />;
  return <Take shelf={shelf.data} />;
}

function Take({ shelf }: { readonly shelf: Shelf }) {
  const mayCook = useMay()('cook');
  const [take, setTake] = useState<StockTake | null>(() => readTake(sessionStorage.getItem(KEY)));
  const [done, setDone] = useState<string | null>(null);
  useEffect(() => {
    if (take === null) sessionStorage.removeItem(KEY);
    else sessionStorage.setItem(KEY, JSON.stringify(take));
  }, [take]);
  const withJars = shelf.places.filter(({ id }) => shelf.groups.some(({ place }) => place === id));
  return (
    <article className="flex max-w-3xl flex-col gap-3">
      <Link to="/shelf" className="link inline-flex items-center gap-1 text-sm">
        <ArrowLeft aria-hidden className="size-4" /> {say('shelf.toShelf')}
      </Link>
      <PageHeading className="text-3xl font-bold text-primary">
        {say('shelf.stockTake')}
      </PageHeading>
      {done !== null && <p role="status">{done}</p>}
      {!mayCook ? (
        <p>{say('shelf.onlyCooks')}</p>
      ) : take === null ? (
        withJars.length === 0 ? (
          <Empty title={say('shelf.empty')}>{say('shelf.emptyHow')}</Empty>
        ) : (
          <>
            <p>{say('shelf.takeHow')}</p>
            <ul className="flex flex-wrap gap-2">
              {withJars.map(({ id }) => (
                <li key={id}>
                  <button
                    type="button"
                    className="btn btn-lg"
                    onClick={() => {
                      setDone(null);
                      setTake(beginTake(id));
                    }}
                  >
                    {placeInWords(id, shelf.places)}
                  </button>
                </li>
              ))}
            </ul>
          </>
        )
      ) : (
        <Counting
          shelf={shelf}
          take={take}
          onChange={setTake}
          onDone={(text) => {
            setTake(null);
            setDone(text);
          }}
        />
      )}
    </article>
  );
}

type CountingProps = {
  readonly shelf: Shelf;
  readonly take: StockTake;
  readonly onChange: (take: StockTake | null) => void;
  readonly onDone: (text: string) => void;
};

function Counting({ shelf, take, onChange, onDone }: CountingProps) {
  const tell = useTellJars();
  const [isScanning, setScanning] = useState(false);
  const [last, setLast] = useState<string | null>(null);
  const groups = shelf.groups.filter(({ place }) => place === take.place);
  const { missing, found, unseen } = resultOf(take, shelf.groups);
  const finish = () => {
    const events: JarEventDto[] = [
      ...missing.map((code) => jarEvent(code, 'lost')),
      ...found.flatMap((code) => [jarEvent(code, 'found'), jarEvent(code, 'moved', take.place)]),
    ];
    const text = say('shelf.takeDone', { missing: missing.length, found: found.length });
    if (events.length === 0) onDone(text);
    else tell.mutate(events, { onSuccess: () => onDone(text) });
  };
  return (
    <>
      <h2 className="text-xl font-bold text-primary">{placeInWords(take.place, shelf.places)}</h2>
      <p>{say('shelf.countHow')}</p>
      <button
        type="button"
        className="btn self-start border-primary/40"
        onClick={() => setScanning(true)}
      >
        <ScanLine aria-hidden className="size-5" /> {say('shelf.scan')}
      </button>
      {isScanning && (
        <Scanner
          last={last}
          onClose={() => setScanning(false)}
          onCode={(code) => {
            onChange(scanned(take, code));
            setLast(say('shelf.didScan', { code }));
          }}
        />
      )}
      <ul>
        {groups.map(({ name, size, codes }) => {
          const count = countOf(take, codes);
          const key = codes[0] ?? '';
          const set = (to: number) => onChange(seen(take, codes, to));
          return (
            <li
              key={key}
              className="mb-1 flex flex-wrap items-center gap-x-3 gap-y-1 rounded-box bg-base-100 px-3 py-1.5"
            >
              <span className="min-w-0 flex-1 basis-48">
                <b>{name}</b> <span className="opacity-80">{size}</span>
              </span>
              <button
                type="button"
                className="btn btn-square"
                aria-label={say('shelf.oneLess', { name })}
                disabled={(count ?? 0) === 0}
                onClick={() => set((count ?? 0) - 1)}
              >
                −
              </button>
              <output className="w-20 text-center text-xl font-bold">
                {say('shelf.countedOf', { count: count ?? '–', of: codes.length })}
              </output>
              <button
                type="button"
                className="btn btn-square"
                aria-label={say('shelf.oneMore', { name })}
                disabled={(count ?? 0) >= codes.length}
                onClick={() => set((count ?? 0) + 1)}
              >
                +
              </button>
              <button type="button" className="btn" onClick={() => set(codes.length)}>
                {say('shelf.allThere')}
              </button>
            </li>
          );
        })}
      </ul>
      <section aria-label={say('shelf.result')} className="border-l-4 border-secondary pl-3">
        <p>{say('shelf.missing', { count: missing.length })}</p>
        {found.length > 0 && <p>{say('shelf.foundHere', { codes: found.join(', ') })}</p>}
        {unseen > 0 && <p>{say('shelf.unseen', { count: unseen })}</p>}
      </section>
      {tell.error && (
        <p role="alert" className="text-error">
          {say('shelf.notKept', { error: sayError(tell.error) })}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={tell.isPending || unseen > 0}
          onClick={finish}
        >
          {say('shelf.finishTake')}
        </button>
        <button type="button" className="btn btn-ghost" onClick={() => onChange(null)}>
          {say('shelf.cancelTake')}
        </button>
      </div>
    </>
  );
}
