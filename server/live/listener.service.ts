import { Injectable, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { Client } from 'pg';
import { Subject, type Observable } from 'rxjs';
import { Sequelize } from 'sequelize-typescript';
import { CHANNEL, heard, type Word } from './channel.ts';

/**
 * Between two tries to reach a database that went away, ms: twice as long each time, up to the
 * last.
 */
const FIRST_WAIT_MS = 100;
const LONGEST_WAIT_MS = 2000;

/**
 * Hears what any server says of cooks. Holds one connection of its own; when it is lost it is made
 * again, and everybody who listens is told to look for themselves, since words may have been
 * missed.
 */
@Injectable()
export class ListenerService implements OnModuleInit, OnModuleDestroy {
  private readonly words = new Subject<Word | 'look'>();
  private client: Client | null = null;
  private retry: NodeJS.Timeout | null = null;
  private stopped = false;

  constructor(@InjectConnection() private readonly database: Sequelize) {}

  /** A word about one cook, or `look`: something may have been missed. */
  get heard(): Observable<Word | 'look'> {
    return this.words;
  }

  async onModuleInit(): Promise<void> {
    await this.listen(FIRST_WAIT_MS);
  }

  async onModuleDestroy(): Promise<void> {
    this.stopped = true;
    if (this.retry) clearTimeout(this.retry);
    this.words.complete();
    await this.client?.end().catch(() => undefined);
  }

  private async listen(waitMs: number): Promise<void> {
    const { username, password, host, port, database } = this.database.config;
    const client = new Client({
      ...(username === undefined ? {} : { user: username }),
      ...(password === undefined || password === null ? {} : { password }),
      ...(host === undefined ? {} : { host }),
      port: Number(port),
      ...(database === undefined ? {} : { database }),
      keepAlive: true,
    });
    let lost = false;
    const again = () => {
      if (lost || this.stopped) return;
      lost = true;
      this.client = null;
      client.end().catch(() => undefined);
      this.retry = setTimeout(
        () => void this.listen(Math.min(2 * waitMs, LONGEST_WAIT_MS)),
        waitMs,
      );
    };
    client.on('error', again);
    client.on('end', again);
    client.on('notification', ({ payload }) => {
      const word = heard(payload);
      if (word) this.words.next(word);
    });
    try {
      await client.connect();
      await client.query(`LISTEN ${CHANNEL}`);
      this.client = client;
      waitMs = FIRST_WAIT_MS;
      this.words.next('look');
    } catch {
      again();
    }
  }
}
