import { isOfTheJars, isOutcome, type Act, type Addition } from '../chain/index.ts';
import { plannedAddition, type Entry } from './entry.ts';
import type { CookPlan } from './cookPlan.ts';
import { TRANSITIONS, type StoveState } from './transitions.ts';

/** A stretch of the boil that a test asked for. */
export type More = { readonly minutes: number; readonly fromMs: number };

/**
 * Where a cook stands: which act is on, since when, and what the clocks say. Times on the kitchen’s
 * clock.
 */
export type Progress = {
  readonly state: StoveState;
  /** Place of the act in the sheet's. */
  readonly actIndex: number;
  readonly act: Act;
  /** When the act became the one to do; null before anything happened. */
  readonly sinceMs: number | null;
  readonly litAtMs: number | null;
  readonly readyAtMs: number | null;
  /** When its clock runs out; null where no clock runs. */
  readonly endsAtMs: number | null;
  /** Set while the pot boils on after a drop that ran. */
  readonly more: More | null;
  /** When a test over the boiling pot said that it sets; null where none did. */
  readonly setSeenAtMs: number | null;
  readonly lastStirredAtMs: number | null;
  /**
   * Which additions are in, by their acts' places: each counts once, however often it is pressed.
   */
  readonly added: readonly number[];
  readonly probeIn: boolean;
  readonly onHeat: boolean;
  readonly lid: boolean;
  /** Share of the burner’s power, by the act or as it was turned. */
  readonly flame: number;
};

/**
 * An event that stands, where the cook stands after it, and what it put in of what the sheet asks
 * for.
 */
export type Moment = {
  readonly event: Entry;
  /** After the event. */
  readonly progress: Progress;
  /** Null for none, and for an addition that is in already. */
  readonly adds: Addition | null;
};

/** Where a cook stands before anything happened. */
const beginning = (cookPlan: CookPlan): Progress => {
  const act = cookPlan.acts[0] as Act;
  return {
    state: 'cold',
    actIndex: 0,
    act,
    sinceMs: null,
    litAtMs: null,
    readyAtMs: null,
    endsAtMs: null,
    more: null,
    setSeenAtMs: null,
    lastStirredAtMs: null,
    added: [],
    probeIn: true,
    onHeat: false,
    lid: act.lid,
    flame: act.flame,
  };
};

/** Every event that stands, with where the cook stands after it. */
export function momentsOf(cookPlan: CookPlan, events: readonly Entry[]): readonly Moment[] {
  let progress = beginning(cookPlan);
  return events.map((event) => {
    const at = progress.state === 'filled' ? null : additionOf(cookPlan, progress, event);
    const adds = at === null ? null : (cookPlan.acts[at]?.adds ?? null);
    progress = after(cookPlan, progress, event, at);
    return { event, progress, adds };
  });
}

/** Where the cook stands after the events that stand, in order. */
export const progressOf = (cookPlan: CookPlan, events: readonly Entry[]): Progress =>
  momentsOf(cookPlan, events).at(-1)?.progress ?? beginning(cookPlan);

/** The place of the act whose addition an event is; null where it is none, or is in already. */
function additionOf(cookPlan: CookPlan, { added }: Progress, event: Entry): number | null {
  const planned = plannedAddition(event);
  if (planned === null) return null;
  const index = cookPlan.acts.findIndex(
    ({ adds }) => adds !== null && (planned === 'first' || adds.id === planned),
  );
  return index < 0 || added.includes(index) ? null : index;
}

function after(cookPlan: CookPlan, now: Progress, event: Entry, addition: number | null): Progress {
  // What is done with the filled jars is told in core/jars.
  if (event.kind === 'temperature' || event.kind === 'weight' || isOfTheJars(event.kind))
    return now;
  const seen = noted(now, event, addition);
  switch (TRANSITIONS[now.state][event.kind]) {
    case 'light':
      return onTo(cookPlan, seen, 1, event.at);
    case 'lift':
      return { ...seen, state: 'lifted', onHeat: false };
    case 'stop': {
      const stopped: Progress = { ...seen, state: 'lifted', onHeat: false };
      const ended = endedBy(cookPlan, seen, event);
      return ended === null
        ? stopped
        : onTo(cookPlan, stopped, afterTest(cookPlan, seen, ended + 1), event.at);
    }
    case 'return':
      return returned(cookPlan, seen, event);
    case 'add':
      // Something besides the sheet, or what is in already, changes the pot at most.
      return addition === seen.actIndex ? onTo(cookPlan, seen, addition + 1, event.at) : seen;
    case 'test':
      return tested(cookPlan, seen, event);
    case 'end': {
      const ended = endedBy(cookPlan, seen, event);
      return ended === null ? seen : onTo(cookPlan, seen, ended + 1, event.at);
    }
    case 'note':
      return seen;
  }
}

/**
 * The act that an event ends: the one that is on, or a later one, since a cook goes on without
 * pressing everything.
 */
function endedBy({ acts }: CookPlan, seen: Progress, event: Entry): number | null {
  const index = acts.findIndex(
    ({ ends }, at) => at >= seen.actIndex && ends.some(({ on }) => on === event.kind),
  );
  if (index < 0) return null;
  const passed = acts.slice(seen.actIndex, index);
  return passed.every((act, i) => !act.mustEnd || isIn(act, seen, seen.actIndex + i))
    ? index
    : null;
}

/** Whether what an act adds is in already. */
const isIn = ({ adds }: Act, { added }: Progress, index: number): boolean =>
  adds !== null && added.includes(index);

/**
 * What a test says once the pot boils down: some minutes more, on to the jars, or, over a pot that
 * boils, that it may come off. Before that it is a note, and so are drops that fall one by one from
 * a spoon over a pot that still boils.
 */
function tested(cookPlan: CookPlan, seen: Progress, event: Entry): Progress {
  const outcome = isOutcome(event.kind, event.text);
  const test = cookPlan.acts.findIndex(({ ends }) => ends.some(outcome));
  const boil = boilIndex(cookPlan);
  if (test < 0 || boil < 0 || seen.actIndex < boil || seen.actIndex > test) return seen;
  const end = cookPlan.acts[test]?.ends.find(outcome);
  if (end === undefined) return seen;
  const boils = seen.actIndex === boil;
  if (end.then === 'next act')
    return boils && seen.onHeat
      ? { ...seen, setSeenAtMs: event.at }
      : onTo(cookPlan, seen, test + 1, event.at);
  return boils && event.kind === 'sheet-test'
    ? seen
    : boilOn(cookPlan, seen, event, end.then.boilOnMin);
}

/**
 * The place to go on to when the boil stops: past the plate, where a test over the pot has said
 * already that it sets.
 */
function afterTest({ acts }: CookPlan, { setSeenAtMs }: Progress, next: number): number {
  const isTest = acts[next]?.ends.some(({ then }) => then !== 'next act') === true;
  return setSeenAtMs !== null && isTest ? next + 1 : next;
}

/**
 * Back on the heat: the act goes on with its own flame; where it had been stopped for a test, the
 * boil does.
 */
function returned(cookPlan: CookPlan, seen: Progress, event: Entry): Progress {
  const { act, more } = seen;
  if (act.flame > 0)
    return {
      ...seen,
      state: more === null ? 'heated' : 'boiling on',
      onHeat: true,
      flame: seen.flame > 0 ? seen.flame : act.flame,
    };
  const back = boilIndex(cookPlan);
  if (back >= 0 && seen.actIndex > back) return onTo(cookPlan, seen, back, event.at);
  // Off the heat for an act in between, as for a purée: it is warmed meanwhile by the flame of what
  // comes next.
  const next = cookPlan.acts.slice(seen.actIndex).find(({ flame }) => flame > 0);
  return next === undefined ? seen : { ...seen, state: 'heated', onHeat: true, flame: next.flame };
}

/** The place of the boil that tests send back to; −1 where none do. */
const boilIndex = ({ acts }: CookPlan): number =>
  acts.some(({ ends }) => ends.some(({ then }) => then !== 'next act'))
    ? acts.findIndex(({ endsCook }) => endsCook)
    : -1;

/** What an event says of the pot, whichever act is on. */
function noted(now: Progress, event: Entry, addition: number | null): Progress {
  if (now.state === 'filled') return now;
  switch (event.kind) {
    case 'lit':
      return { ...now, litAtMs: now.litAtMs ?? event.at };
    case 'flame':
      return { ...now, flame: event.value ?? now.flame };
    case 'lid-on':
      return { ...now, lid: true };
    case 'lid-off':
      return { ...now, lid: false };
    case 'added':
      return {
        ...now,
        lastStirredAtMs: event.at,
        added: addition === null ? now.added : [...now.added, addition],
      };
    case 'stirred':
    case 'dissolved':
      return { ...now, lastStirredAtMs: event.at };
    case 'probe-out':
      return { ...now, probeIn: false };
    case 'probe-in':
      return { ...now, probeIn: true };
    default:
      return now;
  }
}

/**
 * On to an act; to the one after it, where all that it asks for is in already; to the jars behind
 * the last.
 */
function onTo(cookPlan: CookPlan, now: Progress, index: number, atMs: number): Progress {
  const act = cookPlan.acts[index];
  if (act === undefined)
    return { ...now, state: 'filled', readyAtMs: atMs, onHeat: false, endsAtMs: null, more: null };
  if (isIn(act, now, index)) return onTo(cookPlan, now, index + 1, atMs);
  const onHeat = act.flame > 0;
  return {
    ...now,
    state: onHeat ? 'heated' : 'off',
    actIndex: index,
    act,
    sinceMs: atMs,
    endsAtMs:
      act.takes.by === 'clock' && act.takes.minutes !== null
        ? atMs + act.takes.minutes * 60_000
        : null,
    more: null,
    setSeenAtMs: null,
    lid: act.lid,
    flame: act.flame,
    onHeat,
  };
}

/** Back to the boil for some minutes, counted from the event. */
function boilOn(cookPlan: CookPlan, now: Progress, event: Entry, minutes: number): Progress {
  return {
    ...onTo(cookPlan, now, boilIndex(cookPlan), event.at),
    state: 'boiling on',
    endsAtMs: event.at + minutes * 60_000,
    more: { minutes, fromMs: event.at },
  };
}
