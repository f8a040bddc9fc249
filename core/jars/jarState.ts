import { COOL_MIN, jarsFromText, REST_MIN, type JarName } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import type { JarState, LoadState } from './jarTransitions.ts';
import { COLD_POT, type NotHot, type PotHeat } from './potHeat.ts';
import type { Text } from '@idle-kettle/words/message';

/**
 * What closes a jar, in the order it is done: bubbles out, rim wiped, lid on, band fingertip-tight.
 */
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
  /** Why it was not filled hot; null where it was, as far as the log tells. */
  readonly cool: NotHot | null;
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
export type JarWarning = { readonly event: Entry; readonly text: Text };

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
  readonly storedAtMs: number | null;
  readonly warnings: readonly JarWarning[];
  /** The pot that they are filled from. */
  readonly pot: PotHeat;
};

/** Where the jars stand before anything happened. */
export const NOTHING_YET: JarProgress = {
  jars: [],
  loads: [],
  measuredMl: null,
  measuredAtMs: null,
  labelled: false,
  storedAtMs: null,
  warnings: [],
  pot: COLD_POT,
};

/**
 * A lid that did not seal may be tried again for so long after the jar came out; common practice.
 */
export const REPROCESS_WITHIN_MS = 24 * 60 * 60_000;
/**
 * A jar up to this share short of full is a full jar all the same, only with more headspace: a
 * half-pint has about ½ in then, and seals. Judgement.
 */
export const LITTLE_SHORT = 0.08;
/** How long jars rest in the canner with the heat off. */
export const REST_MS = REST_MIN * 60_000;
/** Least that jars cool untouched before their lids are pressed. */
export const COOL_MS = COOL_MIN * 60_000;

const AT_REST: ReadonlySet<JarState> = new Set(['sealed', 'fridge', 'freezer', 'shelf', 'broken']);

/** Whether a jar is where it stays, and nothing more is to be done with it but to put it away. */
export const isAtRest = ({ state }: Pick<Jar, 'state'>): boolean => AT_REST.has(state);

/** Says something of an event; nothing else changes. */
export const tell = (now: JarProgress, event: Entry, text: Text): JarProgress => ({
  ...now,
  warnings: [...now.warnings, { event, text }],
});

/** One jar changed. */
export const changed = (now: JarProgress, id: string, change: Partial<Jar>): JarProgress => ({
  ...now,
  jars: now.jars.map((jar) => (jar.id === id ? { ...jar, ...change } : jar)),
});

/** A jar by its id. */
export const jarOf = ({ jars }: JarProgress, id: string): Jar | undefined =>
  jars.find((jar) => jar.id === id);

/** The jars that an entry names. */
export const namedIn = ({ text }: Entry): readonly JarName[] => jarsFromText(text ?? '') ?? [];
