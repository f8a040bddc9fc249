import { say, textOf } from '@idle-kettle/words';
import {
  fahrenheitDegrees,
  type Caution,
  type Estimate,
  type TemperatureScale,
} from '@idle-kettle/core';
import type { Instruction } from './instruction.ts';
import type { Saying } from './voice.ts';

/** Minutes and degrees that are said when so many are left. */
const MINUTES = [30, 20, 10, 5, 2, 1];
const DEGREES = [10, 5, 3, 2, 1];

/** Minutes left, where as many are left as are worth a word. */
export function minutesToGo(of: string, dueAtMs: number | null, nowMs: number): readonly Saying[] {
  if (dueAtMs === null) return [];
  const left = Math.ceil((dueAtMs - nowMs) / 60_000);
  return MINUTES.includes(left)
    ? [{ key: `${of}: ${left} min`, text: say('speech.minutesToGo', { count: left }) }]
    : [];
}

/**
 * What a voice says at the stove: the act, minutes and degrees to go, what to mind, and that it is
 * time.
 */
export function stoveSayings(
  instruction: Instruction,
  actIndex: number,
  known: Estimate | null,
  cautions: readonly Caution[],
  nowMs: number,
  scale: TemperatureScale,
): readonly Saying[] {
  const { text, due, rings, dueAtMs } = instruction;
  const of = `${actIndex} ${text}`;
  return [
    { key: `${of} ${String(due)}`, text: rings ? say('stove.timesUp', { text }) : text },
    ...minutesToGo(of, due ? null : dueAtMs, nowMs),
    ...degreesToGo(of, known, scale),
    ...cautions
      .filter(({ level }) => level !== 'note')
      .map((caution) => ({ key: `${of} ${caution.code}`, text: textOf(caution.text) })),
  ];
}

function degreesToGo(
  of: string,
  known: Estimate | null,
  scale: TemperatureScale,
): readonly Saying[] {
  if (known === null || known.toGoK === null || known.unobserved !== null) return [];
  const left = Math.ceil(scale === 'F' ? fahrenheitDegrees(known.toGoK) : known.toGoK);
  return DEGREES.includes(left)
    ? [{ key: `${of}: ${left} deg`, text: say('speech.degreesToGo', { count: left }) }]
    : [];
}
