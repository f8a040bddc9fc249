import { say } from '@idle-kettle/words';
import { differenceInCalendarDays, format } from 'date-fns';

/** A moment as people say it: `at 14:30`, `tomorrow at 9:00`, `on Sat, 5 Dec`. */
export function moment(ms: number, nowMs: number): string {
  const days = differenceInCalendarDays(ms, nowMs);
  const time = format(ms, 'H:mm');
  if (days === 0) return say('today.at', { time });
  if (days === 1) return say('today.tomorrowAt', { time });
  if (days === -1) return say('today.yesterdayAt', { time });
  return say('today.onDay', { day: format(ms, 'EEE, d MMM') });
}

/** How many days are left: `today`, `1 day left`, `9 days left`, or since when it is past. */
export function daysLeft(untilMs: number, nowMs: number): string {
  const days = differenceInCalendarDays(untilMs, nowMs);
  if (days < 0) return say('today.pastDays', { count: -days });
  return days === 0 ? say('today.lastDay') : say('today.daysLeft', { count: days });
}
