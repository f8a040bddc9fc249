import { message } from '@idle-kettle/words/message';
import { kitchenTime, type CookClock, type LoggedEntry } from '@idle-kettle/contract';
import { canBeAt, nameOf, READING_KINDS, type Entry, type Fault } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { CHANNEL, sayThat } from '../live/channel.ts';
import { BadInput, Conflict, NotFound } from '../problem/errors.ts';
import { CookSessionModel } from './cookSession.model.ts';
import { SessionEntryModel } from './sessionEntry.model.ts';

/** Most entries that one question is answered with; who wants more asks again. */
export const MOST_ANSWERED = 500;

/** What is known of a cook’s time. */
type CookTimes = { readonly clock: CookClock; readonly startedAt: Date };

/** Entries that cannot be of this cook: years off, which no view of it could show. */
function faultsOfTime(
  given: readonly Entry[],
  { clock, startedAt }: CookTimes,
  nowMs: number,
): Fault[] {
  const now = kitchenTime(clock, nowMs);
  return given.flatMap(({ at }, index) =>
    canBeAt(at, startedAt.getTime(), now)
      ? []
      : [
          {
            field: `entries[${index}].at`,
            message: message('problems.withinADay'),
          },
        ],
  );
}

/** The logs of cooks: entries go in once each, and get places without gaps. */
@Injectable()
export class CookLogService {
  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  /**
   * Takes in entries, those that it has already left out, and tells every server. Answers with
   * where the log stands.
   */
  async append(sessionId: string, householdId: string, given: readonly Entry[]): Promise<number> {
    return this.database.transaction(async (transaction) => {
      const [cook] = await this.database.query<CookTimes & { position: number }>(
        'SELECT position, clock, started_at AS "startedAt" FROM cook_sessions WHERE id = $1 AND household_id = $2 FOR UPDATE',
        { type: QueryTypes.SELECT, bind: [sessionId, householdId], transaction },
      );
      if (!cook) throw new NotFound(message('problems.noSuchCook'));
      const faults = faultsOfTime(given, cook, Date.now());
      if (faults.length > 0) throw new BadInput(faults);
      await this.refuseOtherContent(sessionId, given, transaction);
      return (await this.put(sessionId, given, transaction)) ?? cook.position;
    });
  }

  /**
   * Takes in what `made` makes of a cook, while no other process does: null when one is at it
   * already, or the cook is over.
   */
  async appendAlone(
    sessionId: string,
    made: (session: CookSessionModel, transaction: Transaction) => Promise<readonly Entry[]>,
  ): Promise<number | null> {
    return this.database.transaction(async (transaction) => {
      const session = await this.sessions.findOne({
        where: { id: sessionId, endedAt: null },
        lock: transaction.LOCK.UPDATE,
        skipLocked: true,
        transaction,
      });
      if (session === null) return null;
      const entries = await made(session, transaction);
      if (entries.length === 0) return session.position;
      return (await this.put(sessionId, entries, transaction)) ?? session.position;
    });
  }

  /** Entries after a place in the log, in its order. */
  async after(sessionId: string, position: number): Promise<LoggedEntry[]> {
    const rows = await this.entries.findAll({
      where: { sessionId, position: { [Op.gt]: position } },
      order: [['position', 'ASC']],
      limit: MOST_ANSWERED,
      raw: true,
    });
    return rows.map(answer);
  }

  /**
   * Everything that was done at a cook and can have been, without the readings: what is years off
   * harms no pot.
   */
  async events(sessionId: string, transaction: Transaction | null = null): Promise<Entry[]> {
    const session = await this.sessions.findByPk(sessionId, {
      attributes: ['startedAt', 'clock'],
      transaction,
    });
    if (session === null) return [];
    const rows = await this.entries.findAll({
      where: { sessionId, kind: { [Op.notIn]: [...READING_KINDS] } },
      order: [['position', 'ASC']],
      raw: true,
      transaction,
    });
    const [startMs, nowMs] = [session.startedAt.getTime(), kitchenTime(session.clock, Date.now())];
    return rows.map(answer).filter(({ at }) => canBeAt(at, startMs, nowMs));
  }

  /** The highest `seq` of a source in a cook; 0 for none. */
  async lastSeq(sessionId: string, source: string, transaction: Transaction): Promise<number> {
    const last = await this.entries.max<number | null, SessionEntryModel>('seq', {
      where: { sessionId, source },
      transaction,
    });
    return last ?? 0;
  }

  /** Tells every server that a cook itself has changed, once the transaction is through. */
  async tell(session: CookSessionModel, transaction: Transaction): Promise<void> {
    await this.database.query(sayThat({ cook: session.id, what: 'cook' }), { transaction });
  }

  /**
   * An entry is named for ever by its source and number: what repeats a name with other content is
   * no second delivery.
   */
  private async refuseOtherContent(
    sessionId: string,
    given: readonly Entry[],
    transaction: Transaction,
  ): Promise<void> {
    const names = given.map(({ source, seq }) => ({ source, seq }));
    const kept = await this.database.query<SessionEntryModel>(KEPT, {
      type: QueryTypes.SELECT,
      bind: [sessionId, JSON.stringify(names)],
      transaction,
    });
    const known = new Map<string, Entry>(kept.map((row) => [nameOf(row), answer(row)]));
    const faults = given.flatMap((entry, index): Fault[] => {
      const before = known.get(nameOf(entry));
      if (before === undefined) {
        known.set(nameOf(entry), entry);
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
  }

  /**
   * Puts entries into the log of a cook that this transaction holds locked: those that are new, at
   * the places that follow, told to every server. In one statement, since this is what probes do
   * every second. Answers with where the log stands; null when nothing was new.
   */
  private async put(
    sessionId: string,
    given: readonly Entry[],
    transaction: Transaction,
  ): Promise<number | null> {
    const [put] = await this.database.query<{ position: number }>(PUT, {
      type: QueryTypes.SELECT,
      bind: [sessionId, JSON.stringify(given), CHANNEL],
      transaction,
    });
    return put?.position ?? null;
  }
}

/** The entries of a log that go by one of some names. */
const KEPT = `
  SELECT kept.source, kept.seq, kept.position, kept.at, kept.kind, kept.value, kept.text
  FROM cook_session_entries AS kept
  JOIN jsonb_to_recordset($2::jsonb) AS given (source text, seq int)
    ON given.source = kept.source AND given.seq = kept.seq
  WHERE kept.session_id = $1::uuid`;

const PUT = `
  WITH given AS (
    SELECT DISTINCT ON (source, seq) source, seq, at, kind, value, text, place
    FROM ROWS FROM (
      jsonb_to_recordset($2::jsonb)
        AS (source text, seq int, at double precision, kind text, value double precision, text text)
    ) WITH ORDINALITY AS entry (source, seq, at, kind, value, text, place)
    ORDER BY source, seq, place
  ), fresh AS (
    SELECT given.*, row_number() OVER (ORDER BY place) AS next
    FROM given
    WHERE NOT EXISTS (
      SELECT 1 FROM cook_session_entries AS kept
      WHERE kept.session_id = $1::uuid AND kept.source = given.source AND kept.seq = given.seq
    )
  ), put AS (
    INSERT INTO cook_session_entries (session_id, source, seq, position, at, kind, value, text)
    SELECT session.id, source, seq, session.position + next, to_timestamp(at / 1000), kind, value, text
    FROM fresh, cook_sessions AS session
    WHERE session.id = $1::uuid
    RETURNING 1
  ), moved AS (
    UPDATE cook_sessions
    SET position = position + (SELECT count(*) FROM put), updated_at = now()
    WHERE id = $1::uuid AND EXISTS (SELECT 1 FROM put)
    RETURNING id, position
  )
  SELECT position, pg_notify($3, json_build_object('cook', id, 'what', 'log')::text)
  FROM moved`;

const isSameEntry = (a: Entry, b: Entry): boolean =>
  a.at === b.at && a.kind === b.kind && a.value === b.value && a.text === b.text;

const answer = (row: SessionEntryModel): LoggedEntry => ({
  source: row.source,
  seq: row.seq,
  position: row.position,
  at: row.at.getTime(),
  kind: row.kind,
  value: row.value,
  text: row.text,
});
