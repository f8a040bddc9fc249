import { COOL_MIN, jarsFromText, REST_MIN, type JarName } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import type { JarState, LoadState } from './jarTransitions.ts';
import type { NotHot, PotHeat } from './potHeat.ts';
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
  /** When it was known to be hot last, before the canner. */
  readonly hotAtMs: number;
  readonly done: readonly Closing[];
  /** How many lids it has had. */
  readonly lids: number;
  /** The load that it is in, or was in last; null before. */
  readonly load: number | null;
  readonly outAtMs: number | null;
  /** Whether its lid was pressed before the jar had cooled, and not since. */
  readonly pressedEarly: boolean;
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
/**
 * Filled jars are taken for hot for so long before the canner: kept warm, they wait while an earlier
 * load has its time. The times of the tables are for hot jars. Judgement.
 */
const STANDS_HOT_MS = 2 * 60 * 60_000;
/** Least that jars cool untouched before their lids are pressed. */
export const COOL_MS = COOL_MIN * 60_000;

const AT_REST: ReadonlySet<JarState> = new Set(['sealed', 'fridge', 'freezer', 'shelf', 'broken']);

/** Whether a jar is where it stays, and nothing more is to be done with it but to put it away. */
export const isAtRest = ({ state }: Pick<Jar, 'state'>): boolean => AT_REST.has(state);

/**
 * Why a jar that waits for the canner is not hot at a moment: it was filled so, or it stood too long
 * since; null where it is, as far as the log tells.
 */
export const coolAt = ({ cool, state, hotAtMs }: Jar, atMs: number): NotHot | null =>
  cool ??
  ((state === 'filled' || state === 'closed') && atMs - hotAtMs > STANDS_HOT_MS ? 'stood' : null);

/** The jars that an entry names. */
export const namedIn = ({ text }: Entry): readonly JarName[] => jarsFromText(text ?? '') ?? [];
