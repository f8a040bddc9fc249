import type { Act } from './acts.ts';
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
    progress = after(sheet, progress, event);
    return { event, progress };
  });
}

/** Where the cook stands after the events that stand, in order. */
export const progressOf = (sheet: Sheet, events: readonly Entry[]): Progress =>
  momentsOf(sheet, events).at(-1)?.progress ?? beginning(sheet);

function after(sheet: Sheet, now: Progress, event: Entry): Progress {
  const seen = noted(now, event);
  if (event.kind === 'plate-test' && event.text !== 'wrinkles')
    return boilOn(sheet, seen, event, event.text === 'runs' ? MORE_MIN.runs : MORE_MIN.slow);
  if (event.kind === 'mound-test' && event.text !== 'mounds')
    return boilOn(sheet, seen, event, MORE_MIN.runs);
  // An event may end a later act: the cook went on without pressing everything.
  const done = sheet.acts.findIndex(
    (act, index) => index >= seen.actIndex && ends(act, event) && mayPass(sheet, seen, index),
  );
  return done < 0 ? seen : onTo(sheet, seen, done + 1, event.at);
}

const ends = (act: Act, event: Entry): boolean =>
  act.done === event.kind && (event.kind !== 'added' || event.text === AS_PLANNED);

/** Nothing comes before the flame, and nothing that goes in is passed over. */
const mayPass = (sheet: Sheet, { actIndex }: Progress, to: number): boolean =>
  sheet.acts
    .slice(actIndex, to)
    .every(({ id }) => id !== 'light' && id !== 'add' && id !== 'to-rolling');

/** What an event says of the pot, whichever act is on. */
function noted(now: Progress, event: Entry): Progress {
  switch (event.kind) {
    case 'lit':
      return { ...now, litAt: now.litAt ?? event.at, onHeat: true };
    case 'flame':
      return { ...now, flame: event.value ?? now.flame };
    case 'lid-on':
      return { ...now, lid: true };
    case 'lid-off':
      return { ...now, lid: false };
    case 'stirred':
    case 'added':
    case 'dissolved':
      return { ...now, lastStirredAt: event.at };
    case 'off-heat':
      return { ...now, onHeat: false };
    case 'on-heat':
      return { ...now, onHeat: true };
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
  const back = sheet.acts.findIndex(({ id }) => id === 'boil-down' || id === 'reduce');
  if (back < 0) return now;
  return {
    ...onTo(sheet, now, back, event.at),
    endsAt: event.at + minutes * 60_000,
    more: { minutes, from: event.at },
  };
}
