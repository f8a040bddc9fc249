import { say } from '@idle-kettle/words';

/** `5 minutes`; `the time` where nobody said. */
export const minutesInWords = (count: number | null): string =>
  count === null
    ? say('acts.theTime')
    : `${count} ${count === 1 ? say('acts.minute') : say('acts.minutes')}`;
