import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { textOf } from '@idle-kettle/words';
import { message } from '@idle-kettle/words/message';
import ical, { ICalCalendarMethod } from 'ical-generator';

/**
 * The acts of a day that are still to come as iCalendar: each at its moment in UTC, so that it stands
 * right in any zone and through the night when clocks change.
 */
export function calendarOfDay({ sheet, batches, day, nowMs }: DayAnswer): string {
  const calendar = ical({
    name: sheet.name,
    method: ICalCalendarMethod.PUBLISH,
    prodId: { company: 'Idle Kettle', product: 'Day sheet' },
  });
  for (const [nth, { of, batch, act, startMs, endMs, person, holds }] of (
    day?.acts ?? []
  ).entries())
    calendar.createEvent({
      id: `${sheet.id}-${batches[of]?.batchId ?? of}-${act}-${nth}@idle-kettle`,
      stamp: new Date(nowMs),
      start: new Date(startMs),
      end: new Date(endMs),
      summary: textOf(message('days.actOf', { act: message(`days.act.${act}`), batch })),
      description: [person === null ? '' : (sheet.people[person]?.name ?? ''), ...holds]
        .filter((text) => text !== '')
        .join(' · '),
    });
  return calendar.toString();
}
