import {
  isOfTheJars,
  jarId,
  jarsFromText,
  type JarEventKind,
  type JarName,
} from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import { loadTime, type JarSheet } from './jarSheet.ts';
import {
  JAR_TRANSITIONS,
  LOAD_TRANSITIONS,
  type JarState,
  type JarStep,
  type LoadState,
  type LoadStep,
} from './jarTransitions.ts';

/** What closes a jar, in the order it is done: bubbles out, rim wiped, lid on, band fingertip-tight. */
export const CLOSING = ['bubbled', 'wiped', 'lidded', 'tight'] as const;
/** One of {@link CLOSING}. */
export type Closing = (typeof CLOSING)[number];

/** One jar that was filled. Times on the kitchen’s clock. */
export type Jar = JarName & {
  readonly id: string;
  readonly state: JarState;
  /** What it holds, mL. */
  readonly holdsMl: number;
  /** Not full: for the fridge, never for the canner. */
  readonly part: boolean;
  readonly filledAtMs: number;
  readonly done: readonly Closing[];
  /** How many lids it has had. */
  readonly lids: number;
  /** The load that it is in, or was in last; null before. */
  readonly load: number | null;
  readonly outAtMs: number | null;
  /** What was seen of it that is no fault of its seal. */
  readonly seen: readonly ('siphoned' | 'floating')[];
};

/** Jars that are in the canner together. */
export type Load = {
  readonly number: number;
  readonly state: LoadState;
  readonly jars: readonly string[];
  /** Minutes that it needs; null where only its formula says. */
  readonly minutes: number | null;
  readonly loadedAtMs: number;
  readonly litAtMs: number | null;
  /** When its time began, at the full boil; null while none runs. */
  readonly timedFromMs: number | null;
  /** When its time is over; null while none runs, or only its formula says. */
  readonly timedToMs: number | null;
  /** How often the boil was lost. */
  readonly lost: number;
  /** Whether its whole time was kept, without a break. */
  readonly whole: boolean;
  readonly offAtMs: number | null;
  readonly outAtMs: number | null;
};

/** An event that was not counted, or that wants a word, and why. */
export type Told = { readonly event: Entry; readonly text: string };

/** Where the jars of a batch stand. */
export type JarProgress = {
  /** In the order they were first filled. */
  readonly jars: readonly Jar[];
  /** In the order they went in. */
  readonly loads: readonly Load[];
  /** What was measured in the pot, mL; null where nothing was. */
  readonly measuredMl: number | null;
  /** When it was measured: jars filled before are not in it. */
  readonly measuredAtMs: number | null;
  readonly labelled: boolean;
  /** When what is sealed went on the shelf, and the batch was done; null until then. */
  readonly putAwayAtMs: number | null;
  readonly told: readonly Told[];
};

const NOTHING: JarProgress = {
  jars: [],
  loads: [],
  measuredMl: null,
  measuredAtMs: null,
  labelled: false,
  putAwayAtMs: null,
  told: [],
};

/** A lid that did not seal may be tried again for so long after the jar came out; common practice. */
export const REPROCESS_WITHIN_MS = 24 * 60 * 60_000;
/**
 * A jar up to this share short of full is a full jar all the same, only with more headspace: a half-pint has about ½ in then, and seals.
 * Judgement.
 */
export const LITTLE_SHORT = 0.08;
/** Jars rest in the canner with the heat off; common practice. */
export const REST_MS = 5 * 60_000;
/** Least and most that jars cool untouched before their lids are pressed; common practice. */
export const COOL_MS = { least: 12 * 60 * 60_000, most: 24 * 60 * 60_000 } as const;

const AT_REST: ReadonlySet<JarState> = new Set(['sealed', 'fridge', 'freezer', 'shelf', 'broken']);

/** Whether a jar is where it stays, and nothing more is to be done with it but to put it away. */
export const isAtRest = ({ state }: Pick<Jar, 'state'>): boolean => AT_REST.has(state);

/** Where the jars stand after the events that stand, in order. */
export const jarProgressOf = (sheet: JarSheet, events: readonly Entry[]): JarProgress =>
  events.reduce(
    (now, event) => (isOfTheJars(event.kind) ? after(sheet, now, event, event.kind) : now),
    NOTHING,
  );

function after(sheet: JarSheet, now: JarProgress, event: Entry, kind: JarEventKind): JarProgress {
  switch (kind) {
    case 'measured':
      return measured(sheet, now, event);
    case 'filled':
      return filled(sheet, now, event);
    case 'bubbled':
    case 'wiped':
    case 'lidded':
    case 'tight':
      return closing(now, event, kind);
    case 'loaded':
      return loaded(sheet, now, event);
    case 'canner-lit':
      return ofLoad(now, event, 'light');
    case 'canner-boils':
      return ofLoad(now, event, 'boil');
    case 'boil-lost':
      return ofLoad(now, event, 'lose');
    case 'water-in':
      return ofLoad(now, event, 'water');
    case 'canner-off':
      return ofLoad(now, event, 'off');
    case 'lifted-out':
      return ofLoad(now, event, 'lift');
    case 'sealed':
      return ofJars(now, event, 'seal');
    case 'unsealed':
      return ofJars(now, event, 'fail');
    case 'cracked':
      return ofJars(now, event, 'break');
    case 'new-lid':
      return ofJars(now, event, 'new lid');
    case 'to-fridge':
      return ofJars(now, event, 'chill');
    case 'to-freezer':
      return ofJars(now, event, 'freeze');
    case 'siphoned':
    case 'floating':
      return seen(now, event, kind);
    case 'labelled':
      return { ...now, labelled: true };
    case 'put-away':
      return putAway(now, event);
  }
}

const tell = (now: JarProgress, event: Entry, text: string): JarProgress => ({
  ...now,
  told: [...now.told, { event, text }],
});

const changed = (now: JarProgress, id: string, change: Partial<Jar>): JarProgress => ({
  ...now,
  jars: now.jars.map((jar) => (jar.id === id ? { ...jar, ...change } : jar)),
});

const jarOf = ({ jars }: JarProgress, id: string): Jar | undefined =>
  jars.find((jar) => jar.id === id);

/** The jars that an entry names. */
const namedIn = ({ text }: Entry): readonly JarName[] => jarsFromText(text ?? '') ?? [];

function measured({ potMl }: JarSheet, now: JarProgress, event: Entry): JarProgress {
  const mL = event.value ?? 0;
  if (potMl !== null && mL > potMl)
    return tell(
      now,
      event,
      `The pot holds ${Math.round(potMl)} mL to its rim, so ${Math.round(mL)} mL cannot be in it. It is not counted.`,
    );
  return { ...now, measuredMl: mL, measuredAtMs: event.at };
}

function filled(sheet: JarSheet, now: JarProgress, event: Entry): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const id = jarId(name);
    // Pressed on two devices, or twice: it is one jar.
    if (jarOf(state, id) !== undefined) return state;
    const size = sheet.sizes[name.size - 1];
    if (size === undefined)
      return tell(state, event, 'This kitchen has no such jar. It is not counted.');
    const holdsMl = Math.min(event.value ?? size.volumeMl, size.volumeMl);
    const jar: Jar = {
      ...name,
      id,
      state: 'filled',
      holdsMl,
      part: holdsMl < size.volumeMl * (1 - LITTLE_SHORT),
      filledAtMs: event.at,
      done: [],
      lids: 0,
      load: null,
      outAtMs: null,
      seen: [],
    };
    const next: JarProgress = { ...state, jars: [...state.jars, jar] };
    const count = next.jars.filter(({ size: of }) => of === name.size).length;
    return size.count !== null && count > size.count
      ? tell(
          next,
          event,
          `${count} of ${size.name} are filled, and the kitchen says that there are ${size.count}. Count them again.`,
        )
      : next;
  }, now);
}

/** A row of jars, all of one size that are filled and open, has a step of its closing done; without a size, all of them. */
function closing(now: JarProgress, event: Entry, step: Closing): JarProgress {
  const row = event.text === null ? null : Number(event.text);
  return {
    ...now,
    jars: now.jars.map((jar) => {
      if (jar.state !== 'filled' || (row !== null && jar.size !== row) || jar.done.includes(step))
        return jar;
      const done = [...jar.done, step];
      const lids = step === 'lidded' ? jar.lids + 1 : jar.lids;
      const state = CLOSING.every((each) => done.includes(each))
        ? (JAR_TRANSITIONS.filled.close ?? jar.state)
        : jar.state;
      return { ...jar, done, lids, state };
    }),
  };
}

function loaded(sheet: JarSheet, now: JarProgress, event: Entry): JarProgress {
  const number = event.value ?? 0;
  if (now.loads.some((load) => load.number === number))
    return tell(now, event, `Load ${number} is in already. It counts once.`);
  const named = namedIn(event).map((name) => jarOf(now, jarId(name)));
  const fit = named.filter(
    (jar): jar is Jar =>
      jar !== undefined && !jar.part && JAR_TRANSITIONS[jar.state].load !== undefined,
  );
  const why = named.some((jar) => jar?.part === true)
    ? 'A jar that is not full stays out: it would not seal, and goes to the fridge.'
    : 'What is not filled and closed, or is in a canner already, stays out.';
  const told = fit.length < named.length ? tell(now, event, why) : now;
  if (fit.length === 0) return told;
  const time = loadTime(
    sheet,
    fit.map(({ size }) => sheet.sizes[size - 1]?.volumeMl ?? Infinity),
  );
  if (time.refused !== null) return tell(now, event, time.refused);
  const jars = fit.map(({ id }) => id);
  const load: Load = {
    number,
    state: 'in',
    jars,
    minutes: time.minutes,
    loadedAtMs: event.at,
    litAtMs: null,
    timedFromMs: null,
    timedToMs: null,
    lost: 0,
    whole: false,
    offAtMs: null,
    outAtMs: null,
  };
  return jars.reduce<JarProgress>(
    (state, id) => changed(state, id, { state: 'in the canner', load: number }),
    { ...told, loads: [...told.loads, load] },
  );
}

function ofLoad(now: JarProgress, event: Entry, step: LoadStep): JarProgress {
  const load = now.loads.find(({ number }) => number === event.value);
  if (load === undefined)
    return tell(
      now,
      event,
      `There is no load ${event.value ?? ''} in a canner. It is not counted.`,
    );
  const state = LOAD_TRANSITIONS[load.state][step];
  // Whole, and out of its time: nothing sends it back.
  const over = load.state === 'resting' && load.whole && (step === 'boil' || step === 'light');
  if (state === undefined || over) return tell(now, event, NOT_NOW[step]);
  const next = stepped(load, state, step, event.at);
  const loads = now.loads.map((each) => (each === load ? next : each));
  const moved: JarProgress = { ...now, loads };
  if (step === 'off' && !next.whole && next.offAtMs !== null)
    return tell(moved, event, cutShort(load, event.at));
  if (step !== 'lift') return moved;
  const out: JarStep = next.whole ? 'out' : 'out early';
  const lifted = next.jars.reduce((state, id) => {
    const to = JAR_TRANSITIONS[jarOf(state, id)?.state ?? 'broken'][out];
    return to === undefined ? state : changed(state, id, { state: to, outAtMs: event.at });
  }, moved);
  return next.whole && next.offAtMs !== null && event.at - next.offAtMs < REST_MS
    ? tell(
        lifted,
        event,
        'They came out before five minutes’ rest. Watch for jars that have lost liquid.',
      )
    : lifted;
}

const NOT_NOW: { readonly [step in LoadStep]: string } = {
  light: 'That canner is on already, or out. It is not counted.',
  boil: 'Its time runs already, or is over. It does not begin again.',
  lose: 'No time was running in it, so none was lost.',
  water: 'That load is not on the heat.',
  off: 'That load is not on the heat.',
  lift: 'That load is out already.',
};

function cutShort({ timedToMs, state }: Load, atMs: number): string {
  const again = 'so it is not processed. Back to the boil and the whole time again, or the fridge.';
  if (state === 'boil lost' || timedToMs === null)
    return `No time was running when the heat went off, ${again}`;
  const short = Math.ceil((timedToMs - atMs) / 60_000);
  return `${short} ${short === 1 ? 'minute' : 'minutes'} short, ${again}`;
}

function stepped(load: Load, state: LoadState, step: LoadStep, atMs: number): Load {
  const timed = { timedFromMs: null, timedToMs: null };
  switch (step) {
    case 'light':
      return { ...load, ...timed, state, litAtMs: atMs, offAtMs: null };
    case 'boil':
      return {
        ...load,
        state,
        timedFromMs: atMs,
        timedToMs: load.minutes === null ? null : atMs + load.minutes * 60_000,
        offAtMs: null,
      };
    case 'lose':
      // Lost after its time was over, it had its time.
      return isWhole(load, atMs) ? load : { ...load, ...timed, state, lost: load.lost + 1 };
    case 'water':
      return load;
    case 'off':
      return state === 'in'
        ? { ...load, state, litAtMs: null }
        : { ...load, state, whole: isWhole(load, atMs), offAtMs: atMs };
    case 'lift':
      return { ...load, state, whole: load.whole || isWhole(load, atMs), outAtMs: atMs };
  }
}

/** Whether its time is over at a moment; where only the formula says how long, whether any runs. */
const isWhole = ({ state, timedFromMs, timedToMs, minutes }: Load, atMs: number): boolean =>
  state === 'timed' &&
  timedFromMs !== null &&
  (minutes === null ? atMs > timedFromMs : timedToMs !== null && atMs >= timedToMs);

function ofJars(now: JarProgress, event: Entry, step: JarStep): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const jar = jarOf(state, jarId(name));
    if (jar === undefined) return tell(state, event, 'No such jar was filled. It is not counted.');
    const to = JAR_TRANSITIONS[jar.state][step];
    // Said again, it stays said.
    if (to === undefined && AGAIN[step] === jar.state) return state;
    if (to === undefined) return tell(state, event, refusalOf(jar, step));
    if (step === 'new lid') return withNewLid(state, jar, event, to);
    return changed(state, jar.id, { state: to });
  }, now);
}

const AGAIN: { readonly [step in JarStep]?: JarState } = {
  seal: 'sealed',
  fail: 'unsealed',
  chill: 'fridge',
  freeze: 'freezer',
  break: 'broken',
  'new lid': 'closed',
};

function refusalOf({ state }: Jar, step: JarStep): string {
  if (step === 'seal')
    return state === 'unsealed'
      ? 'That lid was loose once. A new lid and the whole time again, or the fridge.'
      : 'That jar was not processed for its whole time, so a lid that is down proves nothing. It is not counted.';
  return `That jar is in another place by now (${state}). It is not counted.`;
}

function withNewLid(now: JarProgress, jar: Jar, event: Entry, to: JarState): JarProgress {
  if (jar.outAtMs !== null && event.at - jar.outAtMs > REPROCESS_WITHIN_MS)
    return tell(
      now,
      event,
      'More than 24 hours since it came out: too late for the canner. It goes to the fridge.',
    );
  return changed(now, jar.id, { state: to, lids: jar.lids + 1, outAtMs: null });
}

function seen(now: JarProgress, event: Entry, what: 'siphoned' | 'floating'): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const jar = jarOf(state, jarId(name));
    if (jar === undefined) return tell(state, event, 'No such jar was filled. It is not counted.');
    return jar.seen.includes(what) ? state : changed(state, jar.id, { seen: [...jar.seen, what] });
  }, now);
}

/** What is sealed goes on the shelf; what is in the fridge or the freezer is where it is kept. */
function putAway(now: JarProgress, event: Entry): JarProgress {
  const sealed = now.jars.filter(({ state }) => JAR_TRANSITIONS[state].store !== undefined);
  if (now.jars.length === 0 || !now.jars.every(isAtRest))
    return tell(
      now,
      event,
      'Not every jar is sealed, in the fridge or in the freezer yet. It is put away when all of them are.',
    );
  return sealed.reduce<JarProgress>((state, { id }) => changed(state, id, { state: 'shelf' }), {
    ...now,
    putAwayAtMs: now.putAwayAtMs ?? event.at,
  });
}
