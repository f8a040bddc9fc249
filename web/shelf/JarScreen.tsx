import { say } from '@idle-kettle/words';
import type { JarEventDto, JarStory, ShelfPlaceOf } from '@idle-kettle/contract/season';
import { format } from 'date-fns';
import { ArrowLeft } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { sayError } from '../api/request.ts';
import { useJar, useShelf, useTellJars } from '../api/season.ts';
import { useMay } from '../api/who.ts';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { jarEvent } from './jarSource.ts';
import { placeInWords } from './places.ts';

/** `/j/:code`, where the code on a label leads: one jar, what may be done with it, and its story. */
export function JarScreen() {
  const { code = '' } = useParams();
  const jar = useJar(code);
  const shelf = useShelf();
  const failure = failureOf([jar, shelf]);
  if (failure) return <NotFetched {...failure} />;
  if (!jar.data || !shelf.data) return <Loading what={say('shelf.theJar')} />;
  return (
    <ErrorBoundary what={say('shelf.theJar')} on={jar.data}>
      <OneJar
        key={jar.data.code}
        jar={jar.data}
        places={shelf.data.places}
        nowMs={shelf.data.nowMs}
      />
    </ErrorBoundary>
  );
}

const PINT_PX = 150;

function OneJar({
  jar,
  places,
  nowMs,
}: {
  readonly jar: JarStory;
  readonly places: readonly ShelfPlaceOf[];
  readonly nowMs: number;
}) {
  const mayCook = useMay()('cook');
  const tell = useTellJars();
  const { code, name, colour, size, holdsMl, life, place, madeAt, eatBy, givenTo, cook } = jar;
  const isThere = life === 'in' || life === 'opened';
  const act = (kind: JarEventDto['kind'], to: string | null = null) =>
    tell.mutate([jarEvent(code, kind, to)]);
  return (
    <article className="mx-auto flex max-w-2xl flex-col gap-4">
      <Link to="/shelf" className="link inline-flex items-center gap-1 text-sm">
        <ArrowLeft aria-hidden className="size-4" /> {say('shelf.toShelf')}
      </Link>
      <div
        className="jar-label flex items-center gap-5 p-5 pr-8"
        style={{ '--fruit': colour ?? 'var(--color-base-300)' } as React.CSSProperties}
      >
        <JarDrawing
          volumeMl={holdsMl}
          pintPx={PINT_PX}
          {...(isThere ? { fruit: 'var(--fruit)' } : {})}
        />
        <div>
          <PageHeading className="text-3xl leading-tight font-bold text-primary">
            {name}
          </PageHeading>
          <p className="text-xl">{say('shelf.numberOf', { code, size })}</p>
          <p className="text-lg font-bold" data-testid="life">
            {life === 'in'
              ? placeInWords(place, places)
              : life === 'opened'
                ? say('shelf.openedIn', { place: placeInWords(place, places) })
                : life === 'given' && givenTo !== null
                  ? say('shelf.givenTo', { name: givenTo })
                  : say(`shelf.life.${life}`)}
          </p>
          <p>{say('shelf.made', { day: format(new Date(madeAt), 'd MMMM yyyy') })}</p>
          {eatBy !== null && (
            <p>{say('shelf.eatBy', { day: format(new Date(eatBy), 'd MMMM yyyy') })}</p>
          )}
        </div>
      </div>
      {eatBy !== null && new Date(eatBy).getTime() < nowMs && (
        <p role="alert" className="border-l-4 border-error pl-3">
          {say(isProcessedJar(jar) ? 'shelf.pastBest' : 'shelf.pastDays')}
        </p>
      )}
      {mayCook && (
        <div className="flex flex-wrap gap-2">
          {life === 'in' && <Act onPress={() => act('opened')}>{say('shelf.openIt')}</Act>}
          {isThere && (
            <Act onPress={() => act('eaten')}>
              {say(life === 'opened' ? 'shelf.finished' : 'shelf.takeIt')}
            </Act>
          )}
          {life === 'in' && <Act onPress={() => act('given')}>{say('shelf.give')}</Act>}
          {isThere && <Act onPress={() => act('lost')}>{say('shelf.cantFind')}</Act>}
          {isThere && <Act onPress={() => act('discarded')}>{say('shelf.discard')}</Act>}
          {life === 'lost' && <Act onPress={() => act('found')}>{say('shelf.foundIt')}</Act>}
          {life === 'given' && (
            <Act onPress={() => act('stored', 'pantry')}>{say('shelf.cameBack')}</Act>
          )}
        </div>
      )}
      {tell.error && (
        <p role="alert" className="text-error">
          {say('shelf.notKept', { error: sayError(tell.error) })}
        </p>
      )}
      <p className="flex flex-wrap gap-4">
        <Link className="link" to={`/shelf/batch/${cook}`}>
          {say('shelf.allOfBatch')}
        </Link>
        <Link className="link" to={`/book/${cook}`}>
          {say('shelf.itsRecord')}
        </Link>
        <Link className="link" to={`/trouble?cook=${cook}`}>
          {say('book.wentWrong')}
        </Link>
      </p>
      <Story jar={jar} places={places} onUndo={(of) => act('undone', of)} mayCook={mayCook} />
    </article>
  );
}

/** Whether its lid keeps it: what is past its date is past its best then, and not unsafe. */
const isProcessedJar = ({ life, place }: JarStory): boolean =>
  life === 'in' && place !== 'fridge' && place !== 'freezer';

const Act = ({ onPress, children }: { onPress: () => void; children: React.ReactNode }) => (
  <button type="button" className="btn btn-lg border-primary/40" onClick={onPress}>
    {children}
  </button>
);

type StoryProps = {
  readonly jar: JarStory;
  readonly places: readonly ShelfPlaceOf[];
  readonly mayCook: boolean;
  readonly onUndo: (name: string) => void;
};

/** What happened to a jar, the last first; what counts can be undone. */
const Story = ({ jar: { events }, places, mayCook, onUndo }: StoryProps) =>
  events.length === 0 ? null : (
    <section aria-label={say('shelf.story')}>
      <h2 className="text-xl font-bold text-primary">{say('shelf.story')}</h2>
      <ul>
        {events
          .flatMap(({ kind, ...event }) => (kind === 'undone' ? [] : [{ ...event, kind }]))
          .toReversed()
          .map(({ name, at, kind, to, by, counted }) => (
            <li
              key={name}
              className={`flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1 ${counted ? '' : 'line-through opacity-60'}`}
            >
              <b>{say(`shelf.event.${kind}`)}</b>
              {to !== null && <span>{kind === 'given' ? to : placeInWords(to, places)}</span>}
              <span className="ml-auto opacity-80">
                {format(new Date(at), 'd MMM yyyy, H:mm')} {by ?? ''}
              </span>
              {mayCook && counted && (
                <button type="button" className="btn btn-ghost btn-xs" onClick={() => onUndo(name)}>
                  {say('shelf.undo')}
                </button>
              )}
            </li>
          ))}
      </ul>
    </section>
  );
