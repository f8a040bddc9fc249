import { message, type Text } from '@idle-kettle/words/message';
import type { Task } from './task.ts';

/** A task in words: the same for calendar, notice and speech. */
export const taskInWords = ({ kind, name, jars }: Task): Text =>
  kind === 'press-lids' ||
  kind === 'jars-waiting' ||
  kind === 'reprocess' ||
  kind === 'jars-cooling' ||
  kind === 'store'
    ? message(`today.task.${kind}`, { name, count: jars })
    : kind === 'eat'
      ? message('today.task.eat', { name, count: jars })
      : kind === 'past'
        ? message('today.task.past', { count: jars })
        : kind === 'calcium'
          ? message('today.task.calcium')
          : message(`today.task.${kind}`, { name });
