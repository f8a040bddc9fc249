import { say } from '@idle-kettle/words';

/** `5 minutes`, `30 seconds`; `the time` where nobody said. */
export const minutesInWords = (count: number | null): string =>
  count === null
    ? say('acts.theTime')
    : count < 1
      ? say('acts.seconds', { count: Math.round(60 * count) })
      : `${count} ${count === 1 ? say('acts.minute') : say('acts.minutes')}`;
