import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { TooSoon } from '../problem/errors.ts';

/** So many wrong tries cost nothing but themselves. */
const FREE_TRIES = 3;
/** From one address, whoever is tried: a household behind one router shares it. */
export const FREE_FOR_AN_ADDRESS = 10;
/** The wait after the next, s; twice as long after each that follows. */
const FIRST_WAIT_S = 2;
const LONGEST_WAIT_S = 900;
/** After so long without a try, what was tried before is forgotten, s. */
const FORGOTTEN_S = 24 * 3600;

/**
 * How soon something secret may be tried again. A try is taken down before it is looked at, so that
 * many at once are no more than one; the right one makes it as if nothing had been tried.
 */
@Injectable()
export class TriesService {
  constructor(@InjectConnection() private readonly database: Sequelize) {}

  /**
   * Takes a try down. Throws {@link TooSoon} where it comes before its time.
   * @param key who tries what: `sign-in ann 192.168.1.7`
   * @param free so many tries come without a wait
   */
  async take(key: string, free = FREE_TRIES): Promise<void> {
    const [taken] = await this.database.query(TAKE, {
      type: QueryTypes.SELECT,
      bind: [key, free, FIRST_WAIT_S, LONGEST_WAIT_S, FORGOTTEN_S],
    });
    if (taken !== undefined) return;
    const [waits] = await this.database.query<{ s: number }>(
      'SELECT ceil(extract(epoch FROM next_at - now())) AS s FROM tries WHERE key = $1',
      { type: QueryTypes.SELECT, bind: [key] },
    );
    const s = Math.max(1, Number(waits?.s ?? 1));
    throw new TooSoon(message('problems.triedTooSoon', { count: s }), s);
  }

  /** The right one was tried. */
  async forget(key: string): Promise<void> {
    await this.database.query('DELETE FROM tries WHERE key = $1', { bind: [key] });
  }
}

/** In one statement: of many at once the first is taken, and the others find its time. */
const TAKE = `
  INSERT INTO tries AS tried (key, failures, next_at)
  VALUES ($1, 1, now())
  ON CONFLICT (key) DO UPDATE
  SET failures = CASE
        WHEN tried.next_at < now() - make_interval(secs => $5) THEN 1
        ELSE tried.failures + 1
      END,
      next_at = now() + make_interval(secs => CASE
        WHEN tried.next_at < now() - make_interval(secs => $5) OR tried.failures + 1 <= $2 THEN 0
        ELSE least($4, $3 * 2 ^ least(20, tried.failures - $2))
      END)
  WHERE tried.next_at <= now()
  RETURNING failures`;
