import type { JarName } from '../chain/index.ts';

/** What happens to a jar after its cook. `to` of `moved` is a place, of `given` whoever has it. */
export const JAR_LIFE_KINDS = [
  'stored',
  'moved',
  'opened',
  'eaten',
  'given',
  'lost',
  'found',
  'discarded',
  'remade',
  'undone',
] as const;
/** One of {@link JAR_LIFE_KINDS}. */
export type JarLifeKind = (typeof JAR_LIFE_KINDS)[number];

/** How a jar stands in a household. */
export const JAR_LIVES = ['in', 'opened', 'eaten', 'given', 'lost', 'discarded', 'remade'] as const;
/** One of {@link JAR_LIVES}. */
export type JarLife = (typeof JAR_LIVES)[number];

/**
 * One thing that happened to a jar. `source` and `seq` name it for ever, so that one that is
 * delivered twice is kept once.
 */
export type JarEvent = {
  readonly source: string;
  readonly seq: number;
  /** When it happened, ms. */
  readonly at: number;
  readonly kind: JarLifeKind;
  readonly jar: JarName;
  /** `moved` and `stored` a place · `given` to whom · `undone` the name of the event undone. */
  readonly to: string | null;
};

/** The name of an event for ever, as an undo gives it. */
export const jarEventName = ({ source, seq }: Pick<JarEvent, 'source' | 'seq'>): string =>
  `${source}/${seq}`;

/**
 * The table: what an event makes of a jar. One that is not there is not counted: a jar that is eaten
 * is not eaten again. `found` brings a lost one back as it was.
 */
export const JAR_LIFE_STEPS: {
  readonly [life in JarLife]: {
    readonly [kind in Exclude<JarLifeKind, 'undone'>]?: JarLife | 'as it was';
  };
} = {
  in: {
    stored: 'in',
    moved: 'in',
    opened: 'opened',
    eaten: 'eaten',
    given: 'given',
    lost: 'lost',
    discarded: 'discarded',
    remade: 'remade',
  },
  opened: {
    moved: 'opened',
    eaten: 'eaten',
    lost: 'lost',
    discarded: 'discarded',
    remade: 'remade',
  },
  // It comes back now and then.
  given: { stored: 'in' },
  lost: { found: 'as it was' },
  eaten: {},
  discarded: {},
  remade: {},
};

/** How a jar stands after what happened to it. */
export type LivedJar = {
  readonly life: JarLife;
  /** Where somebody last put it; null where nobody said. */
  readonly place: string | null;
  /** When that was; null where nobody did. */
  readonly placedAtMs: number | null;
  readonly openedAtMs: number | null;
  /** When it left the household’s shelves, or was opened; null while it is whole and there. */
  readonly leftAtMs: number | null;
  readonly givenTo: string | null;
  /** Names of the events that count. */
  readonly counted: ReadonlySet<string>;
};

const NEW: LivedJar = {
  life: 'in',
  place: null,
  placedAtMs: null,
  openedAtMs: null,
  leftAtMs: null,
  givenTo: null,
  counted: new Set(),
};

/** Events in the order they happened; those of one moment in an order that never changes. */
export const inOrder = (events: readonly JarEvent[]): readonly JarEvent[] =>
  [...events].sort(
    (a, b) =>
      a.at - b.at || (a.source < b.source ? -1 : a.source > b.source ? 1 : 0) || a.seq - b.seq,
  );

/** How one jar stands after everything that happened to it, in whatever order that came in. */
export function livedJar(events: readonly JarEvent[]): LivedJar {
  const undone = new Set(events.flatMap(({ kind, to }) => (kind === 'undone' && to ? [to] : [])));
  const counted = new Set<string>();
  let jar = NEW;
  let before: JarLife = 'in';
  for (const event of inOrder(events)) {
    const { kind, at, to } = event;
    if (kind === 'undone' || undone.has(jarEventName(event))) continue;
    const step = JAR_LIFE_STEPS[jar.life][kind];
    if (step === undefined) continue;
    counted.add(jarEventName(event));
    if (kind === 'lost') before = jar.life;
    const life = step === 'as it was' ? before : step;
    const openedAtMs = kind === 'opened' ? at : jar.openedAtMs;
    jar = {
      life,
      ...placed(jar, event),
      openedAtMs,
      leftAtMs: life === 'in' ? null : (openedAtMs ?? at),
      givenTo: kind === 'given' ? to : life === 'in' ? null : jar.givenTo,
      counted,
    };
  }
  return { ...jar, counted };
}

/** Where a jar is after an event: one that is opened goes into the fridge, wherever it stood. */
function placed(
  { place, placedAtMs }: LivedJar,
  { kind, to, at }: JarEvent,
): Pick<LivedJar, 'place' | 'placedAtMs'> {
  if (kind === 'opened') return { place: null, placedAtMs: null };
  return (kind === 'moved' || kind === 'stored') && to !== null
    ? { place: to, placedAtMs: at }
    : { place, placedAtMs };
}
