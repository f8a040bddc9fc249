import { say } from '@idle-kettle/words';
import type { JarEventDto, Shelf, ShelfGroup } from '@idle-kettle/contract/season';
import type { PlaceKind } from '@idle-kettle/core';
import { ClipboardCheck, ScanLine, Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useShelf, useTellJars } from '../api/season.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useAsked } from '../ui/useAsked.ts';
import { found } from './finding.ts';
import { undoOf } from './jarSource.ts';
import { placeInWords } from './places.ts';
import { PlaceShelf } from './PlaceShelf.tsx';
import { Scanner } from './Scanner.tsx';
import { StockList } from './StockList.tsx';

/** The household’s jars, shelf by shelf, what keeps least first. */
export function ShelfScreen() {
  const kitchen = useKitchen();
  const shelf = useShelf();
  const failure = failureOf([kitchen, shelf]);
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || !shelf.data) return <Loading what={say('shelf.shelf')} />;
  return (
    <ErrorBoundary what={say('shelf.shelf')} on={shelf.data}>
      <Shelves shelf={shelf.data} units={kitchen.data.units} />
    </ErrorBoundary>
  );
}

type Done = { readonly text: string; readonly events: readonly JarEventDto[] };

function Shelves({ shelf, units }: { readonly shelf: Shelf; readonly units: 'metric' | 'us' }) {
  const [asked, ask] = useAsked();
  const mayCook = useMay()('cook');
  const tell = useTellJars();
  const goTo = useNavigate();
  const [done, setDone] = useState<Done | null>(null);
  const [isScanning, setScanning] = useState(false);
  const words = asked.get('words') ?? '';
  const groups = useMemo(() => found(shelf.groups, words), [shelf.groups, words]);
  const byPlace = useMemo(() => inPlaces(shelf, groups), [shelf, groups]);
  const doIt = (text: string, events: readonly JarEventDto[]) =>
    tell.mutate(events, {
      onSuccess: (answers) => {
        const isTaken = answers.every(({ counted }) => !counted);
        setDone(isTaken ? { text: say('shelf.goneAlready'), events: [] } : { text, events });
      },
    });
  const undo = (events: readonly JarEventDto[]) =>
    tell.mutate(events.map(undoOf), { onSuccess: () => setDone(null) });
  return (
    <>
      <header className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <PageHeading className="text-3xl font-bold text-primary">{say('shelf.shelf')}</PageHeading>
        <input
          type="search"
          aria-label={say('shelf.find')}
          placeholder={say('shelf.find')}
          className="input w-56"
          value={words}
          onChange={({ target }) => ask({ words: target.value })}
        />
        <button type="button" className="btn ml-auto" onClick={() => setScanning(true)}>
          <ScanLine aria-hidden className="size-5" /> {say('shelf.scan')}
        </button>
        {mayCook && shelf.groups.length > 0 && (
          <Link className="btn" to="/shelf/stock-take">
            <ClipboardCheck aria-hidden className="size-5" /> {say('shelf.stockTake')}
          </Link>
        )}
      </header>
      {done && (
        <p role="status" className="mb-3 flex items-center gap-2">
          {done.text}
          {done.events.length > 0 && (
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              disabled={tell.isPending}
              onClick={() => undo(done.events)}
            >
              <Undo2 aria-hidden className="size-4" /> {say('shelf.undo')}
            </button>
          )}
        </p>
      )}
      {tell.error && (
        <p role="alert" className="mb-3 border-l-4 border-error pl-3 text-error">
          {say('shelf.notKept', { error: sayError(tell.error) })}
        </p>
      )}
      {isScanning && (
        <Scanner
          onClose={() => setScanning(false)}
          onCode={(code) => {
            setScanning(false);
            void goTo(`/j/${code}`);
          }}
        />
      )}
      {shelf.groups.length === 0 ? (
        <Empty title={say('shelf.empty')}>{say('shelf.emptyHow')}</Empty>
      ) : (
        <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <div className="flex flex-col gap-6">
            {byPlace.length === 0 && <p>{say('shelf.noneFound')}</p>}
            {byPlace.map(({ place, groups: own }) => (
              <PlaceShelf
                key={place}
                name={placeInWords(place, shelf.places)}
                groups={own}
                places={shelf.places}
                nowMs={shelf.nowMs}
                mayCook={mayCook}
                isBusy={tell.isPending}
                onTell={doIt}
              />
            ))}
          </div>
          <StockList stock={shelf.stock} toBuy={shelf.toBuy} nowMs={shelf.nowMs} units={units} />
        </div>
      )}
    </>
  );
}

/** What keeps least comes first. */
const EATEN_FIRST: readonly PlaceKind[] = ['fridge', 'pantry', 'freezer', 'gifts'];

/** Groups by where they stand, what keeps least first. */
function inPlaces(
  { places }: Shelf,
  groups: readonly ShelfGroup[],
): readonly { readonly place: string; readonly groups: readonly ShelfGroup[] }[] {
  const known = places
    .toSorted((a, b) => EATEN_FIRST.indexOf(a.kind) - EATEN_FIRST.indexOf(b.kind))
    .map(({ id }) => id);
  const others = [...new Set(groups.map(({ place }) => place))].filter(
    (place) => !known.includes(place),
  );
  return [...known, ...others].flatMap((place) => {
    const own = groups.filter((group) => group.place === place);
    return own.length === 0 ? [] : [{ place, groups: own }];
  });
}
