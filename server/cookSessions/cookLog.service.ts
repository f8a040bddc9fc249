import { message } from '@idle-kettle/words/message';
import { kitchenTime, type Author, type CookClock, type LoggedEntry } from '@idle-kettle/contract';
import {
  canBeAt,
  CLOCKS_AGREE_MS,
  isOfADevice,
  nameOf,
  PAGE_SOURCE,
  READING_KINDS,
  type Entry,
  type Fault,
} from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { CHANNEL, sayThat } from '../live/channel.ts';
import { BadInput, Conflict, NotFound } from '../problem/errors.ts';
import { CookSessionModel, type CookId } from './cookSession.model.ts';
import { loggedEntry } from './loggedEntry.ts';
import { putRight, type DatedEntry } from './saidTimes.ts';
import { SessionEntryModel } from './sessionEntry.model.ts';

/** Of a sender who tells what its clock shows, nothing else need be known of it. */
const NOT_ASKED: ReadonlyMap<string, number> = new Map();

/** What of a cook its times go by. */
export type CookSessionTimes = Pick<CookSessionModel, 'id' | 'startedAt' | 'clock'>;

/** Most entries that one question is answered with; who wants more asks again. */
export const MOST_ANSWERED = 500;

/** Most entries that people write into the log of one cook. */
const MOST_EVENTS = 5000;
/** Most entries of any kind in the log of one cook: a reading a second for more than a day. */
const MOST_IN_LOG = 100_000;

/** What is known of a cook whose log grows. */
type Growing = {
  readonly id: CookId;
  readonly position: number;
  readonly events: number;
  readonly clock: CookClock;
  readonly startedAt: Date;
};

/** Events of a log that have happened by now, and when the next one will that is dated ahead. */
export type KnownEvents = { readonly entries: readonly Entry[]; readonly nextMs: number | null };

/** The logs of cooks: entries go in once each, and get places without gaps. */
@Injectable()
export class CookLogService {
  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
  ) {}

  /**
   * Takes in entries, those that it has already left out, and tells every server. Answers with
   * where the log stands.
   * @param by who makes them
   * @param sentMs what the sender’s clock showed, by which the times are put right; null where it
   * did not say
   */
  async append(
    sessionId: string,
    householdId: HouseholdId,
    by: Author,
    given: readonly Entry[],
    sentMs: number | null = null,
  ): Promise<number> {
    return this.database.transaction(async (transaction) => {
      const [cook] = await this.database.query<Growing>(
        'SELECT id, position, events, clock, started_at AS "startedAt" FROM cook_sessions WHERE id = $1 AND household_id = $2 FOR UPDATE',
        { type: QueryTypes.SELECT, bind: [sessionId, householdId], transaction },
      );
      if (!cook) throw new NotFound(message('problems.noSuchCook'));
      const { entries, faults } = putRight(given, {
        startMs: cook.startedAt.getTime(),
        nowMs: kitchenTime(cook.clock, this.clock.now()),
        sentMs,
        agreeMs: CLOCKS_AGREE_MS * cook.clock.speed,
        offMs: sentMs === null ? await this.offsets(cook.id, given, transaction) : NOT_ASKED,
      });
      if (faults.length > 0) throw new BadInput(faults);
      const fresh = await this.refuseOtherContent(cook.id, given, transaction);
      refuseTooMany(cook, fresh);
      return (
        (await this.put(
          cook.id,
          entries.map((entry) => ({ ...entry, by })),
          transaction,
        )) ?? cook.position
      );
    });
  }

  /**
   * Takes in what a device read of a cook that is on, as long as nothing was done at it since the
   * reading; answers with whether it was so.
   */
  async appendReadings(
    sessionId: CookId,
    readAtEvents: number,
    readings: readonly (Entry & { readonly by: Author })[],
  ): Promise<boolean> {
    return this.database.transaction(async (transaction) => {
      const session = await this.sessions.findOne({
        attributes: ['events', 'position'],
        where: { id: sessionId, endedAt: null },
        lock: transaction.LOCK.UPDATE,
        transaction,
      });
      if (session === null || session.events !== readAtEvents) return false;
      // A log that is full takes no more readings; its cook goes on.
      if (session.position + readings.length <= MOST_IN_LOG)
        await this.put(
          sessionId,
          readings.map((entry) => ({ ...entry, saidAt: null })),
          transaction,
        );
      return true;
    });
  }

  /** Entries after a place in the log, in its order. */
  async after(sessionId: CookId, position: number): Promise<LoggedEntry[]> {
    const rows = await this.entries.findAll({
      where: { sessionId, position: { [Op.gt]: position } },
      order: [['position', 'ASC']],
      limit: MOST_ANSWERED,
      raw: true,
    });
    return rows.map(loggedEntry);
  }

  /**
   * Everything that was done at a cook by now and can have been, and what was read by hand, without
   * the readings of devices: what is years off harms no pot, and what is dated ahead counts when its
   * time has come.
   */
  async events({ id, startedAt, clock }: CookSessionTimes): Promise<KnownEvents> {
    const rows = await this.entries.findAll({
      where: {
        sessionId: id,
        [Op.or]: [
          { kind: { [Op.notIn]: [...READING_KINDS] } },
          { source: { [Op.startsWith]: PAGE_SOURCE } },
        ],
      },
      order: [['position', 'ASC']],
      raw: true,
    });
    const [startMs, nowMs] = [startedAt.getTime(), kitchenTime(clock, this.clock.now())];
    const possible = rows.map(loggedEntry).filter(({ at }) => canBeAt(at, startMs, nowMs));
    const isAhead = ({ at }: Entry) => at > nowMs + CLOCKS_AGREE_MS;
    const ahead = possible.filter(isAhead);
    return {
      entries: possible.filter((entry) => !isAhead(entry)),
      nextMs: ahead.length === 0 ? null : Math.min(...ahead.map(({ at }) => at)),
    };
  }

  /** What the clocks of sources were off by, as their last entries were put right, ms. */
  private async offsets(
    sessionId: CookId,
    given: readonly Entry[],
    transaction: Transaction,
  ): Promise<ReadonlyMap<string, number>> {
    const rows = await this.database.query<{ source: string; off: number }>(OFFSETS, {
      type: QueryTypes.SELECT,
      bind: [sessionId, [...new Set(given.map(({ source }) => source))]],
      transaction,
    });
    return new Map(rows.map(({ source, off }) => [source, Number(off)]));
  }

  /** The highest `seq` of a source in a cook; 0 for none. */
  async lastSeq(sessionId: CookId, source: string): Promise<number> {
    const last = await this.entries.max<number | null, SessionEntryModel>('seq', {
      where: { sessionId, source },
    });
    return last ?? 0;
  }

  /** Tells every server that a cook itself has changed, once the transaction is through. */
  async tell(session: CookSessionModel, transaction: Transaction): Promise<void> {
    await this.database.query(sayThat({ cook: session.id, what: 'cook' }), { transaction });
  }

  /**
   * An entry is named for ever by its source and number: what repeats a name with other content is
   * no second delivery. Answers with what is new.
   */
  private async refuseOtherContent(
    sessionId: CookId,
    given: readonly Entry[],
    transaction: Transaction,
  ): Promise<readonly Entry[]> {
    const names = given.map(({ source, seq }) => ({ source, seq }));
    const kept = await this.database.query<SessionEntryModel>(KEPT, {
      type: QueryTypes.SELECT,
      bind: [sessionId, JSON.stringify(names)],
      transaction,
    });
    const known = new Map<string, Entry>(
      kept.map((row) => [
        nameOf(row),
        { ...loggedEntry(row), at: (row.saidAt ?? row.at).getTime() },
      ]),
    );
    const fresh: Entry[] = [];
    const faults = given.flatMap((entry, index): Fault[] => {
      const before = known.get(nameOf(entry));
      if (before === undefined) {
        known.set(nameOf(entry), entry);
        fresh.push(entry);
        return [];
      }
      return isSameEntry(before, entry)
        ? []
        : [
            {
              field: `entries[${index}]`,
              message: message('problems.entryIsThere', { seq: entry.seq, source: entry.source }),
            },
          ];
    });
    if (faults.length > 0) throw new Conflict(message('problems.anotherEntry'), faults);
    return fresh;
  }

  /**
   * Puts entries into the log of a cook that this transaction holds locked: those that are new, at
   * the places that follow, told to every server. In one statement, since this is what probes do
   * every second. Answers with where the log stands; null when nothing was new.
   */
  private async put(
    sessionId: CookId,
    given: readonly (DatedEntry & { readonly by: Author })[],
    transaction: Transaction,
  ): Promise<number | null> {
    const [put] = await this.database.query<{ position: number }>(PUT, {
      type: QueryTypes.SELECT,
      bind: [sessionId, JSON.stringify(given.map(flat)), CHANNEL],
      transaction,
    });
    return put?.position ?? null;
  }
}

/** An entry as the statement that puts it takes it. */
const flat = ({ by, ...entry }: DatedEntry & { readonly by: Author }) => ({
  ...entry,
  byKind: by.kind,
  byId: by.id,
});

/** The entries of a log that go by one of some names. */
const KEPT = `
  SELECT kept.source, kept.seq, kept.position, kept.at, kept.said_at AS "saidAt", kept.kind,
    kept.value, kept.text, kept.by_kind AS "byKind", kept.by_id AS "byId"
  FROM cook_session_entries AS kept
  JOIN jsonb_to_recordset($2::jsonb) AS given (source text, seq int)
    ON given.source = kept.source AND given.seq = kept.seq
  WHERE kept.session_id = $1::uuid`;

/** What no device read: `isOfADevice` of core/stove the other way round, as the database says it. */
const isEvent = `kind NOT IN ('${READING_KINDS.join("', '")}') OR starts_with(source, '${PAGE_SOURCE}')`;

/** What was added to the times of some sources, by the last entry of each. */
const OFFSETS = `
  SELECT given.source, extract(epoch FROM at - said_at) * 1000 AS off
  FROM unnest($2::text[]) AS given (source), LATERAL (
    SELECT at, said_at
    FROM cook_session_entries AS kept
    WHERE kept.session_id = $1::uuid AND kept.source = given.source
    ORDER BY seq DESC
    LIMIT 1
  ) AS last
  WHERE said_at IS NOT NULL`;

const PUT = `
  WITH given AS (
    SELECT DISTINCT ON (source, seq)
      source, seq, at, "saidAt", kind, value, text, "byKind", "byId", place
    FROM ROWS FROM (
      jsonb_to_recordset($2::jsonb)
        AS (source text, seq int, at double precision, "saidAt" double precision, kind text,
          value double precision, text text, "byKind" text, "byId" uuid)
    ) WITH ORDINALITY
      AS entry (source, seq, at, "saidAt", kind, value, text, "byKind", "byId", place)
    ORDER BY source, seq, place
  ), fresh AS (
    SELECT given.*, row_number() OVER (ORDER BY place) AS next
    FROM given
    WHERE NOT EXISTS (
      SELECT 1 FROM cook_session_entries AS kept
      WHERE kept.session_id = $1::uuid AND kept.source = given.source AND kept.seq = given.seq
    )
  ), put AS (
    INSERT INTO cook_session_entries
      (session_id, source, seq, position, at, said_at, kind, value, text, by_kind, by_id)
    SELECT session.id, source, seq, session.position + next, to_timestamp(at / 1000),
      to_timestamp("saidAt" / 1000), kind, value, text, "byKind", "byId"
    FROM fresh, cook_sessions AS session
    WHERE session.id = $1::uuid
    RETURNING kind, source
  ), moved AS (
    UPDATE cook_sessions
    SET position = position + (SELECT count(*) FROM put),
      events = events + (SELECT count(*) FROM put WHERE ${isEvent}),
      updated_at = now()
    WHERE id = $1::uuid AND EXISTS (SELECT 1 FROM put)
    RETURNING id, position
  )
  SELECT position, pg_notify($3, json_build_object('cook', id, 'what', 'log')::text)
  FROM moved`;

/** A log has a bound, which is said. */
function refuseTooMany({ position, events }: Growing, fresh: readonly Entry[]): void {
  const more = fresh.filter((entry) => !isOfADevice(entry)).length;
  if (more > 0 && events + more > MOST_EVENTS)
    throw new Conflict(message('problems.logIsFull', { most: MOST_EVENTS }), []);
  if (fresh.length > 0 && position + fresh.length > MOST_IN_LOG)
    throw new Conflict(message('problems.logIsFullOfReadings', { most: MOST_IN_LOG }), []);
}

const isSameEntry = (a: Entry, b: Entry): boolean =>
  a.at === b.at && a.kind === b.kind && a.value === b.value && a.text === b.text;
