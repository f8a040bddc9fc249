import { say } from '@idle-kettle/words';
import { BOOK_PAGE, MOST_BESIDE, type BookEntry } from '@idle-kettle/contract';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { ChartLine, CircleHelp, Columns3, FolderSync, Gauge } from 'lucide-react';
import { useCallback, useDeferredValue, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { useBookHome, useBookPages } from '../api/book.ts';
import { failureOf } from '../api/failure.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useAsked } from '../ui/useAsked.ts';
import { BookFilters } from './BookFilters.tsx';
import { BookRow, ROW_PX } from './BookRow.tsx';
import { asks, queryOf } from './query.ts';

const WAYS = [
  { to: '/book/knows', text: 'book.knows', icon: Gauge },
  { to: '/book/charts', text: 'book.charts', icon: ChartLine },
  { to: '/trouble', text: 'book.wentWrong', icon: CircleHelp },
  { to: '/book/files', text: 'book.files', icon: FolderSync },
] as const;

/** The Book: every cook that is over, looked through as somebody types. */
export function BookScreen() {
  const [search, ask] = useAsked();
  const home = useBookHome();
  const failure = failureOf([home]);
  if (failure) return <NotFetched {...failure} />;
  if (!home.data) return <Loading what={say('book.theBook')} />;
  const { facets, toJudge, waiting } = home.data;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <PageHeading className="mr-auto text-3xl font-bold text-primary">
          {say('book.book')}
        </PageHeading>
        {WAYS.map(({ to, text, icon: Icon }) => (
          <Link key={to} to={to} className="btn btn-sm">
            <Icon aria-hidden className="size-4" /> {say(text)}
          </Link>
        ))}
      </div>
      {toJudge.length > 0 && <ToJudge entries={toJudge} />}
      <BookFilters
        search={search}
        facets={facets}
        onAsk={(field, value) => ask({ [field]: value })}
      />
      {waiting > 0 && (
        <p role="status" className="mb-2">
          {say('book.waiting', { count: waiting })}
        </p>
      )}
      <Found search={search} waiting={waiting} />
    </>
  );
}

/** What a week ago came off the stove, and nobody has said how it set. */
const ToJudge = ({ entries }: { readonly entries: readonly BookEntry[] }) => (
  <section
    aria-label={say('book.howDidTheseTurnOut')}
    className="mb-3 flex flex-wrap items-center gap-2 border-l-4 border-secondary pl-3"
  >
    <h2 className="font-bold text-secondary">{say('book.howDidTheseTurnOut')}</h2>
    {entries.map(({ id, name }) => (
      <Link key={id} to={`/book/${id}`} className="btn btn-sm btn-outline">
        {name}
      </Link>
    ))}
  </section>
);

type FoundProps = { readonly search: URLSearchParams; readonly waiting: number };

/** What was found, as long as it is: only the rows that are seen are drawn. */
function Found({ search, waiting }: FoundProps) {
  const text = useDeferredValue(search.toString());
  const query = useMemo(() => queryOf(new URLSearchParams(text)), [text]);
  const list = useRef<HTMLDivElement>(null);
  const [total, setTotal] = useState(0);
  const [picked, setPicked] = useState<readonly string[]>([]);
  // Its functions change with every scroll, and so does what is drawn by them.
  // oxlint-disable-next-line react/incompatible-library
  const rows = useWindowVirtualizer({
    count: total,
    estimateSize: () => ROW_PX,
    overscan: 8,
    // Drawn with the next frame, not within the event of each turn of the wheel.
    useFlushSync: false,
    scrollMargin: list.current?.offsetTop ?? 0,
  });
  const seen = rows.getVirtualItems();
  const pages = [...new Set(seen.map(({ index }) => Math.floor(index / BOOK_PAGE)))];
  const found = useBookPages(query, pages, waiting);
  if (found.first !== null && found.first.total !== total) setTotal(found.first.total);
  const onPick = useCallback((id: string, isPicked: boolean) => {
    setPicked((before) =>
      isPicked ? [...before, id].slice(-MOST_BESIDE) : before.filter((one) => one !== id),
    );
  }, []);
  if (found.error !== null && found.first === null)
    return <NotFetched error={found.error} again={found.refetch} />;
  if (found.first === null) return <Loading what={say('book.theBook')} />;
  if (total === 0)
    return (
      <Empty title={asks(query) ? say('book.noneFound') : say('book.empty')}>
        {asks(query) ? say('book.takeOneOut') : say('book.howItBegins')}
      </Empty>
    );
  return (
    <>
      <div className="sticky top-0 z-[2] flex min-h-11 flex-wrap items-center gap-3 bg-base-200 py-1">
        <p role="status">{say('book.counted', { count: total })}</p>
        {picked.length > 1 && (
          <Link
            to={`/book/beside?cooks=${picked.join(',')}`}
            className="btn btn-primary btn-sm"
            data-testid="beside"
          >
            <Columns3 aria-hidden className="size-4" />
            {say('book.compare', { count: picked.length })}
          </Link>
        )}
        {picked.length === 1 && (
          <p className="text-sm">{say('book.pickAnother', { most: MOST_BESIDE })}</p>
        )}
        {picked.length > 0 && (
          <button
            type="button"
            data-look
            className="btn btn-ghost btn-sm"
            onClick={() => setPicked([])}
          >
            {say('book.clearPicks')}
          </button>
        )}
      </div>
      <div
        ref={list}
        role="list"
        aria-label={say('book.cooks')}
        className="relative"
        style={{ height: rows.getTotalSize() }}
      >
        {seen.map(({ index, start }) => {
          const entry = found.entryAt(index);
          return (
            <div
              key={index}
              role="listitem"
              aria-setsize={total}
              aria-posinset={index + 1}
              className="absolute inset-x-0 top-0"
              style={{
                height: ROW_PX,
                transform: `translateY(${start - rows.options.scrollMargin}px)`,
              }}
            >
              <BookRow
                entry={entry}
                picked={entry !== null && picked.includes(entry.id)}
                onPick={onPick}
              />
            </div>
          );
        })}
      </div>
    </>
  );
}
