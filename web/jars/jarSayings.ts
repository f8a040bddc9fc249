import { say } from '@idle-kettle/words';
import { minutesToGo } from '../stove/sayings.ts';
import type { Saying } from '../stove/voice.ts';
import type { JarTask } from './jarTask.ts';

/**
 * What a voice says at the jars: what is next, minutes to go on every clock that rings, and that
 * time is up.
 */
export const jarSayings = (tasks: readonly JarTask[], nowMs: number): readonly Saying[] => [
  ...tasks
    .filter(({ rings }) => rings)
    .map(({ id, title }) => said(id, say('jars.timesUp', { title }), true)),
  ...tasks
    .slice(0, 1)
    .flatMap(({ id, title, rings, due }) => (rings ? [] : [said(id, title, due)])),
  ...tasks.flatMap(({ id, dueAtMs, due }) => (due ? [] : minutesToGo(id, dueAtMs, nowMs))),
];

const said = (id: string, text: string, due: boolean): Saying => ({
  key: `${id} ${String(due)}`,
  text,
});
