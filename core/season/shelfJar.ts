import { add } from 'date-fns';
import type { JarName } from '../chain/index.ts';
import {
  jarPlaceOf,
  type Jar,
  type JarPlace,
  type JarPlan,
  type JarProgress,
  type JarState,
} from '../jars/index.ts';
import { PLACE_KINDS, type PlaceKind, type ShelfPlace } from '../kitchen/index.ts';
import type { Span } from '../process/index.ts';
import { jarCode } from './jarCode.ts';
import { livedJar, type JarEvent, type JarLife, type LivedJar } from './jarLife.ts';

/** A jar as the log of its cook leaves it. Times on the kitchen’s clock. */
export type LoggedJar = JarName & {
  /** Which of the kitchen’s sizes it is, and what that is called; null where only its name tells. */
  readonly sizeId: string | null;
  readonly sizeName: string;
  readonly holdsMl: number;
  readonly state: JarState;
  /** Where it belongs. */
  readonly place: JarPlace;
  readonly filledAtMs: number;
  readonly outAtMs: number | null;
  readonly siphoned: boolean;
  /** New lids that it took. */
  readonly lids: number;
  /** How long it keeps unopened where it is, and once it is open. */
  readonly keeps: { readonly pantry: Span; readonly fridge: Span; readonly freezer: Span };
  readonly openedWeeks: number;
};

/** The jars of a cook, as its log leaves them. */
export const loggedJars = (
  { sizes, shelf, keeping: { unopened, openedWeeks } }: JarPlan,
  { jars }: Pick<JarProgress, 'jars'>,
): readonly LoggedJar[] =>
  jars.map((jar: Jar): LoggedJar => {
    const size = sizes[jar.size - 1];
    return {
      size: jar.size,
      number: jar.number,
      sizeId: size?.id ?? null,
      sizeName: size?.name ?? '',
      holdsMl: jar.holdsMl,
      state: jar.state,
      place: jarPlaceOf(jar, shelf.verdict),
      filledAtMs: jar.filledAtMs,
      outAtMs: jar.outAtMs,
      siphoned: jar.seen.includes('siphoned'),
      lids: jar.lids,
      keeps: unopened,
      openedWeeks: openedWeeks.high,
    };
  });

/** What a jar is of. */
export type JarOf = {
  /** The number of its cook. */
  readonly cook: number;
};

/** How a jar stands in the household: what the Shelf lists. */
export type ShelfJar = {
  readonly code: string;
  /** `waiting` until its cook is done with it, `broken` where that lost it. */
  readonly life: JarLife | 'waiting' | 'broken';
  /** Id of a place, or the kind of place that it belongs in where nobody said. */
  readonly place: string;
  /** Best before or eat by; null for what is gone or waits. */
  readonly eatByMs: number | null;
  readonly openedAtMs: number | null;
  readonly leftAtMs: number | null;
  readonly givenTo: string | null;
};

const REST: ReadonlySet<JarPlace> = new Set(['pantry', 'fridge', 'freezer']);

/**
 * How a jar stands: by the log of its cook, and by what happened to it since.
 * @param places of the household: a jar’s days go by the kind of the place that it is in
 */
export function shelfJarOf(
  logged: LoggedJar,
  { cook }: JarOf,
  events: readonly JarEvent[],
  places: readonly ShelfPlace[],
): ShelfJar {
  const code = jarCode({ ...logged, cook });
  const lived = livedJar(events);
  const isAtRest = REST.has(logged.place);
  const gone = { openedAtMs: null, leftAtMs: null, givenTo: null, eatByMs: null };
  if (!isAtRest && lived.counted.size === 0) {
    const life = logged.place === 'gone' ? 'broken' : 'waiting';
    return { code, life, place: 'pantry', ...gone };
  }
  const belongs = kindOf(logged.place);
  const place = lived.place ?? (lived.life === 'opened' ? 'fridge' : belongs);
  const isThere = lived.life === 'in' || lived.life === 'opened';
  return {
    code,
    life: lived.life,
    place,
    eatByMs: isThere ? eatBy(logged, lived, belongs, kindAt(place, places)) : null,
    openedAtMs: lived.openedAtMs,
    leftAtMs: lived.leftAtMs,
    givenTo: lived.givenTo,
  };
}

const kindOf = (place: JarPlace): keyof LoggedJar['keeps'] =>
  place === 'fridge' || place === 'freezer' ? place : 'pantry';

const kindAt = (place: string, places: readonly ShelfPlace[]): PlaceKind =>
  places.find(({ id }) => id === place)?.kind ??
  PLACE_KINDS.find((kind) => kind === place) ??
  'pantry';

/**
 * The last day of a jar. What belongs in the fridge has its days wherever somebody put it; what was
 * frozen has those of the fridge from when it came out.
 */
function eatBy(
  { filledAtMs, keeps, openedWeeks }: LoggedJar,
  { placedAtMs, openedAtMs }: LivedJar,
  belongs: keyof LoggedJar['keeps'],
  is: PlaceKind,
): number {
  const isThawed = belongs === 'freezer' && is !== 'freezer';
  const kind = is === 'freezer' ? 'freezer' : isThawed ? 'fridge' : belongs;
  const from = isThawed ? (placedAtMs ?? openedAtMs ?? filledAtMs) : filledAtMs;
  const unopened = add(from, keeps[kind]).getTime();
  return openedAtMs === null
    ? unopened
    : Math.min(unopened, add(openedAtMs, { weeks: openedWeeks }).getTime());
}
