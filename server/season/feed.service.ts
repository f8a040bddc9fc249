import type { FeedAnswer } from '@idle-kettle/contract/season';
import { taskInWords, type Task } from '@idle-kettle/core/today';
import { message } from '@idle-kettle/words/message';
import { textOf } from '@idle-kettle/words';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import ical, { ICalCalendarMethod, ICalEventTransparency } from 'ical-generator';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import { hashOf, newSecret } from '../identity/secrets.ts';
import { NotFound } from '../problem/errors.ts';
import { TodayService } from './today.service.ts';

const HALF_HOUR_MS = 30 * 60_000;
const DAY_MS = 86_400_000;
/** What is due for longer than this stands in the calendar as whole days. */
const ALL_DAY_MS = 20 * 60 * 60_000;
/** Told so long before it is due, seconds. */
const TOLD_BEFORE_S = 15 * 60;

/** What of a list is no appointment: it can wait as long as anybody likes. */
const NOT_IN_A_CALENDAR: ReadonlySet<Task['kind']> = new Set(['planned', 'on-the-stove']);

/** Whose a feed is: a member, or whoever is at the machine itself. */
const whoseOf = ({ author }: Actor): string => `${author.kind} ${author.id ?? ''}`.trim();

/** Calendars of what wants a hand: each behind an address that nobody guesses. */
@Injectable()
export class FeedService {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly today: TodayService,
  ) {}

  async find(actor: Actor): Promise<FeedAnswer> {
    const rows = await this.database.query<{ whose: string }>(
      'SELECT whose FROM calendar_feeds WHERE household_id = $1::uuid AND whose = $2',
      { type: QueryTypes.SELECT, bind: [actor.householdId, whoseOf(actor)] },
    );
    return { hasFeed: rows.length > 0, path: null };
  }

  /** Makes a new address; the old one is of no use from then on. It is told this once. */
  async renew(actor: Actor): Promise<FeedAnswer> {
    const secret = newSecret();
    await this.database.query(
      `INSERT INTO calendar_feeds (household_id, whose, token_hash) VALUES ($1::uuid, $2, $3)
       ON CONFLICT (household_id, whose)
       DO UPDATE SET token_hash = excluded.token_hash, created_at = now()`,
      { bind: [actor.householdId, whoseOf(actor), hashOf(secret).toString('hex')] },
    );
    return { hasFeed: true, path: `/api/feeds/${secret}.ics` };
  }

  async remove(actor: Actor): Promise<void> {
    await this.database.query(
      'DELETE FROM calendar_feeds WHERE household_id = $1::uuid AND whose = $2',
      { bind: [actor.householdId, whoseOf(actor)] },
    );
  }

  /** The calendar behind an address, as iCalendar. */
  async calendar(file: string): Promise<string> {
    const secret = file.replace(/\.ics$/, '');
    const [row] = await this.database.query<{ householdId: HouseholdId }>(
      `SELECT feed.household_id AS "householdId" FROM calendar_feeds AS feed
       WHERE feed.token_hash = $1 AND (feed.whose = 'machine' OR EXISTS (
         SELECT FROM members AS member
         WHERE member.household_id = feed.household_id AND feed.whose = 'member ' || member.id))`,
      { type: QueryTypes.SELECT, bind: [hashOf(secret).toString('hex')] },
    );
    if (row === undefined) throw new NotFound(message('problems.noSuchFeed'));
    const { tasks, nowMs } = await this.today.find(row.householdId);
    return calendarOf(tasks, nowMs);
  }
}

/**
 * Tasks as iCalendar: each at the moment that it is due, in UTC, so that it stands right in any zone
 * and through the night when clocks change.
 */
export function calendarOf(tasks: readonly Task[], nowMs: number): string {
  const calendar = ical({
    name: textOf(message('today.calendar')),
    method: ICalCalendarMethod.PUBLISH,
    ttl: 60 * 60,
    prodId: { company: 'Idle Kettle', product: 'Today' },
  });
  for (const task of tasks) {
    if (NOT_IN_A_CALENDAR.has(task.kind)) continue;
    const { dueMs, untilMs } = task;
    const isLong = untilMs === null || untilMs - dueMs > ALL_DAY_MS;
    const event = calendar.createEvent({
      id: `${task.id.replaceAll(' ', '-')}@idle-kettle`,
      stamp: new Date(nowMs),
      start: new Date(dueMs),
      end: new Date(isLong ? dueMs + HALF_HOUR_MS : (untilMs ?? dueMs)),
      summary: textOf(taskInWords(task)),
      transparency: ICalEventTransparency.TRANSPARENT,
    });
    if (dueMs > nowMs - DAY_MS) event.createAlarm({ trigger: TOLD_BEFORE_S });
  }
  return calendar.toString();
}
