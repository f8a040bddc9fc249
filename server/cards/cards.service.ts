import type { Card, CardDto } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { randomUUID } from 'node:crypto';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { HouseholdService } from '../household/household.service.ts';
import { Conflict, NotFound } from '../problem/errors.ts';
import { CardModel } from './card.model.ts';
import { CardVersionModel } from './cardVersion.model.ts';

/** Most cards that one listing answers with, last changed first. */
const MOST_LISTED = 200;

@Injectable()
export class CardsService {
  constructor(
    @InjectModel(CardModel) private readonly cards: typeof CardModel,
    @InjectModel(CardVersionModel) private readonly versions: typeof CardVersionModel,
    private readonly households: HouseholdService,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  async list(): Promise<Card[]> {
    const rows = await this.cards.findAll({
      where: { householdId: await this.households.currentId() },
      include: [CardVersionModel],
      order: [['updatedAt', 'DESC']],
      limit: MOST_LISTED,
    });
    return rows.map(answer);
  }

  async find(id: string): Promise<Card> {
    return answer(await this.row(id));
  }

  /** Keeps a new card with its first version: both or none. Asked twice with the same id, there is one: the first. */
  async create({ id = randomUUID(), name, ...version }: CardDto): Promise<Card> {
    const householdId = await this.households.currentId();
    await this.database.transaction(async (transaction) => {
      const [card, isNew] = await this.cards.findOrCreate({
        where: { id },
        defaults: { householdId, name },
        paranoid: false,
        transaction,
      });
      if (isNew) await this.add(card, 1, version, transaction);
    });
    return this.find(id);
  }

  /** Keeps a new version of a card; the older ones stay. */
  async addVersion(id: string, { name, ...version }: CardDto): Promise<Card> {
    const card = await this.row(id);
    try {
      await this.add(card, Math.max(0, ...card.versions.map(({ number }) => number)) + 1, version);
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      throw new Conflict('Somebody else kept a version of this card just now. Try again.');
    }
    card.changed('updatedAt', true);
    await card.update({ name, updatedAt: new Date() });
    return this.find(id);
  }

  async putAway(id: string): Promise<void> {
    await (await this.row(id)).destroy();
  }

  async bringBack(id: string): Promise<Card> {
    await (await this.row(id, true)).restore();
    return this.find(id);
  }

  private async add(
    { id: cardId }: CardModel,
    number: number,
    { lines, settings = {}, note = '' }: Omit<CardDto, 'name'>,
    transaction: Transaction | null = null,
  ): Promise<void> {
    await this.versions.create({ cardId, number, lines, settings, note }, { transaction });
  }

  private async row(id: string, alsoPutAway = false): Promise<CardModel> {
    const householdId = await this.households.currentId();
    const row = await this.cards.findOne({
      where: { id, householdId },
      include: [CardVersionModel],
      paranoid: !alsoPutAway,
    });
    if (row === null) throw new NotFound('There is no such card, or it was put away.');
    return row;
  }
}

const answer = ({ id, name, versions }: CardModel): Card => ({
  id,
  name,
  versions: [...versions]
    .sort((a, b) => b.number - a.number)
    .map(({ number, lines, settings, note, createdAt }) => ({
      number,
      lines,
      settings,
      note,
      createdAt: createdAt.toISOString(),
    })),
});
