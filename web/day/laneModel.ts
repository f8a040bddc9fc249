import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { OF_ITSELF, type DayAct } from '@idle-kettle/core/schedule';
import type { Stretch } from './foldedTime.ts';

/** Something that stands in a lane. */
export type Bead = Omit<DayAct, 'batch'> & { readonly key: string; readonly isDone: boolean };

/** The lane of one batch. */
export type BatchLane = {
  readonly of: number;
  readonly beads: readonly Bead[];
  /** The same one by one, with what each holds. */
  readonly held: readonly Bead[];
  /** When its jars are out, or what is done last of it that day; null for nothing. */
  readonly endMs: number | null;
};

/** What stands in the lanes of a day: what is done, and what is planned. */
export function beadsOf({ day }: Pick<DayAnswer, 'day'>): readonly Bead[] {
  if (day === null) return [];
  const done = day.done
    .filter(({ startMs, endMs }) => endMs > startMs)
    .map((act, nth): Bead => ({
      ...act,
      key: `done ${nth}`,
      hands: true,
      holds: [],
      pot: null,
      person: null,
      isDone: true,
    }));
  const planned = day.acts
    .filter(({ act, startMs, endMs }) => !OF_ITSELF.has(act) && endMs > startMs)
    .map((act, nth): Bead => ({ ...act, key: `${act.of} ${act.act} ${nth}`, isDone: false }));
  return [...done, ...planned];
}

/** Joins what needs nobody and follows without a pause: it goes by the longest of it. */
function joined(beads: readonly Bead[]): readonly Bead[] {
  const all: Bead[] = [];
  let longest = 0;
  for (const bead of beads) {
    const last = all.at(-1);
    // A canner that heats beside is told below, by what is held.
    if (bead.act === 'heat-canner' && last !== undefined && bead.startMs < last.endMs - 1000)
      continue;
    const length = bead.endMs - bead.startMs;
    const isOne =
      last !== undefined &&
      !bead.hands &&
      !last.hands &&
      last.isDone === bead.isDone &&
      bead.startMs - last.endMs < 1000;
    if (isOne) {
      const act = length > longest ? bead.act : last.act;
      longest = Math.max(longest, length);
      all[all.length - 1] = { ...last, act, endMs: bead.endMs };
    } else {
      longest = length;
      all.push(bead);
    }
  }
  return all;
}

/** A lane for each batch. */
export const batchLanes = (beads: readonly Bead[], batches: number): readonly BatchLane[] =>
  Array.from({ length: batches }, (_, of) => {
    const own = beads.filter((bead) => bead.of === of);
    return {
      of,
      beads: joined(own),
      held: own,
      endMs: own.length === 0 ? null : Math.max(...own.map(endOf)),
    };
  });

/** What each person does, one after another. */
export const handsOf = (beads: readonly Bead[], person: number): readonly Bead[] =>
  beads.filter((bead) => bead.person === person && !bead.isDone);

const endOf = ({ endMs }: Bead): number => endMs;

/** From the first to the last of a day, its now where that is within it or near. */
export function spanOf(beads: readonly Bead[], fromMs: number, nowMs: number): Stretch {
  const starts = beads.map(({ startMs }) => startMs);
  const ends = beads.map(endOf);
  const to = Math.max(fromMs + 3_600_000, ...ends);
  const from = Math.min(fromMs, ...starts);
  return { from: nowMs > from && nowMs < to ? Math.min(from, nowMs) : from, to };
}

/** Acts of one batch that follow one another on the same thing, as one stretch each. */
export function stretchesHeld(
  beads: readonly Bead[],
  kind: string,
): readonly (Stretch & { readonly thing: string; readonly pot: number | null })[] {
  const held: (Stretch & { thing: string; pot: number | null })[] = [];
  for (const { startMs, endMs, holds, pot } of beads)
    for (const thing of holds.filter((one) => one.startsWith(kind))) {
      const last = held.at(-1);
      if (last !== undefined && last.thing === thing && startMs - last.to < 60_000)
        held[held.length - 1] = { ...last, to: endMs };
      else held.push({ from: startMs, to: endMs, thing, pot });
    }
  return held;
}

/** What one person has now, and what comes next. */
export function nextFor(
  acts: readonly DayAct[],
  person: number,
  nowMs: number,
): { readonly now: DayAct | null; readonly next: readonly DayAct[] } {
  const own = acts.filter((act) => act.person === person && act.endMs > nowMs);
  const now = own.find(({ startMs }) => startMs <= nowMs + 60_000) ?? null;
  return { now, next: own.filter((act) => act !== now).slice(0, 4) };
}
