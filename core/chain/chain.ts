import type { Stage, StageTaken } from '../boil/index.ts';
import { plus, startContents, type Contents } from '../formula/index.ts';
import type { Act, Addition } from './act.ts';
import { goesInLater } from './goesInLater.ts';
import {
  pretreatmentActs,
  usualPretreatmentActs,
  type PretreatmentCase,
} from './pretreatmentActs.ts';
import { jarActs, type JarWork } from './jarActs.ts';
import { prepareActs } from './prepareActs.ts';
import { firstLines, stoveActs, type StoveCase } from './stoveActs.ts';

/**
 * The acts at the stove, what is in the pot when it is lit, and what goes in when the cook is over.
 */
export type StoveChain = {
  readonly first: Contents;
  readonly late: Contents;
  readonly acts: readonly Act[];
};

/**
 * The stove's part of a batch's chain: everything that the simulation, the run sheet and the stove
 * go by.
 */
export function stoveChain(of: StoveCase): StoveChain {
  const later = goesInLater(of.product, of.method, of.lines);
  return {
    first: startContents(firstLines(of.lines, later)),
    late: startContents(later['at-the-end'] ?? []),
    acts: stoveActs(of, later),
  };
}

/**
 * The whole chain of a batch, from the fruit to the shelf.
 * @param before what the formula says comes first; null for what is usual for the product
 */
export const wholeChain = (
  of: StoveCase,
  { acts }: StoveChain,
  before: PretreatmentCase | null,
  jars: JarWork,
): readonly Act[] =>
  of.lines.length === 0
    ? []
    : [
        ...(before === null ? usualPretreatmentActs(of.product) : pretreatmentActs(before)),
        ...prepareActs(of.method, of.lines),
        ...acts,
        ...jarActs(jars),
      ];

/** A stage of the cook, and the place of its act in the list it came from. */
export type ChainStage = { readonly stage: Stage; readonly act: number };

/**
 * What the pot goes through in some acts, in order; what goes in during an act is in the pot from
 * the next act on.
 * @param stagesIn an act's own stages, where they are not all of them still to come
 */
export function stagesOf(
  acts: readonly Act[],
  stagesIn: (act: Act, index: number) => readonly Stage[] = ({ ahead }) => ahead,
): readonly ChainStage[] {
  let waiting: Contents | null = null;
  return acts.flatMap((act, index) => {
    const stages = stagesIn(act, index).map((stage) => {
      const add = waiting;
      waiting = null;
      return { stage: add === null ? stage : { ...stage, add }, act: index };
    });
    if (act.adds !== null) waiting = sumOf(waiting, act.adds);
    return stages;
  });
}

const sumOf = (waiting: Contents | null, { contents }: Addition): Contents =>
  waiting === null ? contents : plus(waiting, contents);

/** The acts to the stop, that one included; all of them where none ends the cook. */
export function toTheStop(acts: readonly Act[]): readonly Act[] {
  const last = acts.findIndex(({ endsCook }) => endsCook);
  return last < 0 ? acts : acts.slice(0, last + 1);
}

/**
 * Minutes that each act took, from its stages as a cook went through them; 0 for an act without
 * any.
 */
export function minutesOfActs(
  acts: readonly Act[],
  taken: readonly StageTaken[],
): readonly number[] {
  const sums = acts.map(() => 0);
  for (const [index, { act }] of stagesOf(toTheStop(acts)).entries()) {
    const { startMin, endMin } = taken[index] ?? { startMin: 0, endMin: 0 };
    sums[act] = (sums[act] ?? 0) + endMin - startMin;
  }
  return sums;
}
