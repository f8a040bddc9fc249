import { message, type Text } from '@idle-kettle/words/message';
import type { Task } from './task.ts';

/** A task in words: the same for calendar, notice and speech. */
export function taskInWords({ kind, name, jars }: Task): Text {
  switch (kind) {
    case 'press-lids':
    case 'jars-waiting':
    case 'reprocess':
    case 'jars-cooling':
    case 'store':
    case 'eat':
      return message(`today.task.${kind}`, { name, count: jars });
    case 'past':
      return message('today.task.past', { count: jars });
    case 'calcium':
      return message('today.task.calcium');
    default:
      return message(`today.task.${kind}`, { name });
  }
}
