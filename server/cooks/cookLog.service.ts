import type { LoggedEntry } from '@idle-kettle/contract';
import { nameOf, READING_KINDS, type Entry } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, type Transaction } from 'sequelize';
import { sayThat } from '../live/channel.ts';
import { NotFound } from '../problem/errors.ts';
import { CookModel } from './cook.model.ts';
import { CookEntryModel } from './cookEntry.model.ts';

/** Most entries that one question is answered with; who wants more asks again. */
export const MOST_ANSWERED = 5000;

/** The logs of cooks: entries go in once each, and get places without gaps. */
@Injectable()
export class CookLogService {
  constructor(
    @InjectModel(CookModel) private readonly cooks: typeof CookModel,
    @InjectModel(CookEntryModel) private readonly entries: typeof CookEntryModel,
  ) {}

  /** Takes in entries, those that it has already left out, and tells every server. Answers with where the log stands. */
  async append(cookId: string, householdId: string, given: readonly Entry[]): Promise<number> {
    return this.database.transaction(async (transaction) => {
      const cook = await this.locked(cookId, householdId, transaction);
      return this.put(cook, given, transaction);
    });
  }

  /**
   * Takes in what `made` makes of a cook, while no other process does: null when one is at it already, or the cook is over.
   */
  async appendAlone(
    cookId: string,
    made: (cook: CookModel, transaction: Transaction) => Promise<readonly Entry[]>,
  ): Promise<number | null> {
    return this.database.transaction(async (transaction) => {
      const cook = await this.cooks.findOne({
        where: { id: cookId, endedAt: null },
        lock: transaction.LOCK.UPDATE,
        skipLocked: true,
        transaction,
      });
      if (cook === null) return null;
      const entries = await made(cook, transaction);
      return entries.length === 0 ? cook.position : this.put(cook, entries, transaction);
    });
  }

  /** Entries after a place in the log, in its order. */
  async after(cookId: string, position: number): Promise<LoggedEntry[]> {
    const rows = await this.entries.findAll({
      where: { cookId, position: { [Op.gt]: position } },
      order: [['position', 'ASC']],
      limit: MOST_ANSWERED,
    });
    return rows.map(answer);
  }

  /** Everything that was done, without the readings. */
  async events(cookId: string, transaction: Transaction | null = null): Promise<Entry[]> {
    const rows = await this.entries.findAll({
      where: { cookId, kind: { [Op.notIn]: [...READING_KINDS] } },
      order: [['position', 'ASC']],
      transaction,
    });
    return rows.map(answer);
  }

  /** The highest `seq` of a source in a cook; 0 for none. */
  async lastSeq(cookId: string, source: string, transaction: Transaction): Promise<number> {
    const last = await this.entries.max<number | null, CookEntryModel>('seq', {
      where: { cookId, source },
      transaction,
    });
    return last ?? 0;
  }

  /** Tells every server that something about a cook has changed, once the transaction is through. */
  async tell(cook: CookModel, transaction: Transaction): Promise<void> {
    await this.database.query(sayThat({ cook: cook.id, position: cook.position }), { transaction });
  }

  private get database() {
    const { sequelize } = this.cooks;
    if (!sequelize) throw new Error('The cooks have no database');
    return sequelize;
  }

  private async locked(id: string, householdId: string, transaction: Transaction) {
    const cook = await this.cooks.findOne({
      where: { id, householdId },
      lock: transaction.LOCK.UPDATE,
      transaction,
    });
    if (cook === null) throw new NotFound('There is no such cook.');
    return cook;
  }

  /** Puts entries into the log of a cook that this transaction holds. */
  private async put(cook: CookModel, given: readonly Entry[], transaction: Transaction) {
    const known = await this.entries.findAll({
      attributes: ['source', 'seq'],
      where: {
        cookId: cook.id,
        source: [...new Set(given.map(({ source }) => source))],
        seq: given.map(({ seq }) => seq),
      },
      transaction,
    });
    const names = new Set(known.map(nameOf));
    const fresh = given.filter((entry) => {
      const isNew = !names.has(nameOf(entry));
      names.add(nameOf(entry));
      return isNew;
    });
    if (fresh.length === 0) return cook.position;
    await this.entries.bulkCreate(
      fresh.map(({ source, seq, at, kind, value, text }, index) => ({
        cookId: cook.id,
        source,
        seq,
        position: cook.position + index + 1,
        at: new Date(at),
        kind,
        value: value ?? null,
        text: text ?? null,
      })),
      { transaction },
    );
    await cook.update({ position: cook.position + fresh.length }, { transaction });
    await this.tell(cook, transaction);
    return cook.position;
  }
}

const answer = (row: CookEntryModel): LoggedEntry => ({
  source: row.source,
  seq: row.seq,
  position: row.position,
  at: row.at.getTime(),
  kind: row.kind,
  value: row.value,
  text: row.text,
});
