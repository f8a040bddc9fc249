import type { Act, Addition } from './acts.ts';
import { AS_PLANNED, type Entry } from './entry.ts';
import type { Sheet } from './sheet.ts';

/** A stretch of the boil that a test on the plate asked for. */
export type More = { readonly minutes: number; readonly from: number };

/** Where a cook stands: which act is on, since when, and what the clocks say. Times in ms on the kitchen’s clock. */
export type Progress = {
  readonly actIndex: number;
  readonly act: Act;
  /** When the act became the one to do; null before anything happened. */
  readonly since: number | null;
  readonly litAt: number | null;
  readonly readyAt: number | null;
  /** When its clock runs out; null where no clock runs. */
  readonly endsAt: number | null;
  /** Set while the pot boils on after a drop that ran. */
  readonly more: More | null;
  readonly lastStirredAt: number | null;
  /** Which acts had what they ask for put in, by their places: an addition counts once, however often it is pressed. */
  readonly added: readonly number[];
  readonly probeIn: boolean;
  readonly onHeat: boolean;
  readonly lid: boolean;
  /** Share of the burner’s power, by the act or as it was turned. */
  readonly flame: number;
};

/** Minutes more on the boil after a drop that runs, and one that is slow; common practice. */
const MORE_MIN = { runs: 5, slow: 2 } as const;

/** The acts that have passed, and when each was done; with the state of the pot at every event. */
export type Moment = {
  readonly event: Entry;
  /** After the event. */
  readonly progress: Progress;
  /** What the sheet asks for that the event put in; null for none, and for one that is put in already. */
  readonly adds: Addition | null;
};

const beginning = (sheet: Sheet): Progress => {
  const act = sheet.acts[0] as Act;
  return {
    actIndex: 0,
    act,
    since: null,
    litAt: null,
    readyAt: null,
    endsAt: null,
    more: null,
    lastStirredAt: null,
    added: [],
    probeIn: true,
    onHeat: false,
    lid: act.lid,
    flame: act.flame,
  };
};

/** Every event that stands, with where the cook stands after it. */
export function momentsOf(sheet: Sheet, events: readonly Entry[]): readonly Moment[] {
  let progress = beginning(sheet);
  return events.map((event) => {
    const at = additionOf(sheet, progress, event);
    const adds = at === null ? null : (sheet.acts[at]?.adds ?? null);
    progress = after(sheet, progress, event, at);
    return { event, progress, adds };
  });
}

/** Where the cook stands after the events that stand, in order. */
export const progressOf = (sheet: Sheet, events: readonly Entry[]): Progress =>
  momentsOf(sheet, events).at(-1)?.progress ?? beginning(sheet);

/** The act whose addition an event is: the first that still waits for its own; null where it is none, or nothing waits. */
function additionOf(sheet: Sheet, { added }: Progress, event: Entry): number | null {
  if (event.kind !== 'added' || event.text !== AS_PLANNED) return null;
  const index = sheet.acts.findIndex(({ adds }, at) => adds !== null && !added.includes(at));
  return index < 0 ? null : index;
}

function after(sheet: Sheet, now: Progress, event: Entry, addition: number | null): Progress {
  const seen = noted(now, event, addition);
  switch (event.kind) {
    case 'added':
      // Something besides the sheet, or what is in already, changes the pot at most.
      return addition === null ? seen : past(sheet, seen, event, addition);
    case 'plate-test':
    case 'mound-test':
    case 'sheet-test':
      return tested(sheet, seen, event);
    case 'on-heat':
      return backOnHeat(sheet, seen, event);
    default: {
      // An event may end a later act: the cook went on without pressing everything.
      const done = sheet.acts.findIndex(
        (act, index) => index >= seen.actIndex && act.done === event.kind,
      );
      return done < 0 ? seen : past(sheet, seen, event, done);
    }
  }
}

/** On to what comes after an act, where nothing lies between that may not be passed over. */
const past = (sheet: Sheet, seen: Progress, event: Entry, act: number): Progress =>
  act >= seen.actIndex && mayPass(sheet, seen, act) ? onTo(sheet, seen, act + 1, event.at) : seen;

/**
 * What a test says once the pot boils down: some minutes more, or on to the jars. Before that it is a note, and so is a sheet test over
 * a pot that still boils.
 */
function tested(sheet: Sheet, seen: Progress, event: Entry): Progress {
  const test = sheet.acts.findIndex(({ id }) => id === 'plate' || id === 'mound');
  const from = event.kind === 'sheet-test' ? test : boilIndex(sheet);
  if (test < 0 || seen.actIndex < from || seen.actIndex > test) return seen;
  switch (event.text) {
    case 'runs':
    case 'drops':
    case 'weeps':
      return boilOn(sheet, seen, event, MORE_MIN.runs);
    case 'slow':
      return boilOn(sheet, seen, event, MORE_MIN.slow);
    default:
      return onTo(sheet, seen, test + 1, event.at);
  }
}

/** Back on the heat: the act goes on with its own flame; where it had been stopped for the test, the boil does. */
function backOnHeat(sheet: Sheet, seen: Progress, event: Entry): Progress {
  const { act } = seen;
  if (act.flame > 0)
    return { ...seen, onHeat: true, flame: seen.flame > 0 ? seen.flame : act.flame };
  const back = boilIndex(sheet);
  return back < 0 || seen.actIndex < back || seen.readyAt !== null
    ? seen
    : onTo(sheet, seen, back, event.at);
}

const boilIndex = ({ acts }: Sheet): number =>
  acts.findIndex(({ id }) => id === 'boil-down' || id === 'reduce');

/** Nothing comes before the flame, and nothing that goes in is passed over. */
const mayPass = (sheet: Sheet, { actIndex }: Progress, to: number): boolean =>
  sheet.acts
    .slice(actIndex, to)
    .every(({ id }) => id !== 'light' && id !== 'add' && id !== 'to-rolling');

/** What an event says of the pot, whichever act is on. */
function noted(now: Progress, event: Entry, addition: number | null): Progress {
  switch (event.kind) {
    case 'lit':
      return { ...now, litAt: now.litAt ?? event.at, onHeat: true };
    case 'flame':
      return { ...now, flame: event.value ?? now.flame };
    case 'lid-on':
      return { ...now, lid: true };
    case 'lid-off':
      return { ...now, lid: false };
    case 'added':
      return {
        ...now,
        lastStirredAt: event.at,
        added: addition === null ? now.added : [...now.added, addition],
      };
    case 'stirred':
    case 'dissolved':
      return { ...now, lastStirredAt: event.at };
    case 'off-heat':
    case 'lifted':
      return { ...now, onHeat: false };
    case 'probe-out':
      return { ...now, probeIn: false };
    case 'probe-in':
      return { ...now, probeIn: true };
    case 'ready':
      return { ...now, readyAt: event.at, onHeat: false };
    default:
      return now;
  }
}

function onTo(sheet: Sheet, now: Progress, index: number, at: number): Progress {
  const act = sheet.acts[index];
  if (!act) return now;
  return {
    ...now,
    actIndex: index,
    act,
    since: at,
    endsAt: act.minutes === null ? null : at + act.minutes * 60_000,
    more: null,
    lid: act.lid,
    flame: act.flame,
    onHeat: act.flame > 0,
  };
}

/** Back to the boil for some minutes, counted from the event. */
function boilOn(sheet: Sheet, now: Progress, event: Entry, minutes: number): Progress {
  const back = boilIndex(sheet);
  if (back < 0) return now;
  return {
    ...onTo(sheet, now, back, event.at),
    endsAt: event.at + minutes * 60_000,
    more: { minutes, from: event.at },
  };
}
