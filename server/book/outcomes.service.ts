import { NO_OUTCOME, type Outcome, type OutcomeDto } from '@idle-kettle/contract';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Sequelize } from 'sequelize-typescript';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import type { Actor } from '../identity/actor.ts';
import { Conflict, NotFound } from '../problem/errors.ts';
import { OutcomeModel } from './outcome.model.ts';

/** How batches turned out, as people say. */
@Injectable()
export class OutcomesService {
  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(OutcomeModel) private readonly outcomes: typeof OutcomeModel,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  /**
   * Keeps what somebody says of a cook that is over, whole; made on a version that is no more, it
   * is refused. What is left out nobody has said.
   */
  async save(
    { householdId, author }: Actor,
    sessionId: string,
    { version, notes, ...said }: OutcomeDto,
  ): Promise<Outcome> {
    return this.database.transaction(async (transaction) => {
      // The cook's row is the lock: two first words at once are one after the other.
      const session = await this.sessions.findOne({
        attributes: ['id', 'batchId', 'endedAt'],
        where: { id: sessionId, householdId },
        lock: transaction.LOCK.UPDATE,
        transaction,
      });
      if (session === null || session.batchId === null)
        throw new NotFound(message('problems.noSuchCook'));
      if (session.endedAt === null) throw new Conflict(message('problems.cookIsNotOver'));
      const row = await this.outcomes.findByPk(sessionId, { transaction });
      const there = row?.version ?? 0;
      if (there !== version)
        throw new Conflict(message('problems.outcomeSaidElsewhere', { there, on: version }));
      const fields = {
        ...Object.fromEntries(
          FIELDS.map((field) => [field, (said as { [of: string]: unknown })[field] ?? null]),
        ),
        setClass: said.set ?? null,
        notes: notes ?? '',
        version: version + 1,
        byKind: author.kind,
        byId: author.id,
      };
      const written =
        row === null
          ? await this.outcomes.create({ sessionId, householdId, ...fields }, { transaction })
          : await row.update(fields, { transaction });
      return outcomeOf(written);
    });
  }
}

const FIELDS = Object.keys(NO_OUTCOME).filter(
  (field) => !['version', 'notes', 'set'].includes(field),
);

/** An outcome as it is answered with. */
export const outcomeOf = (row: OutcomeModel): Outcome => ({
  set: row.setClass,
  taste: row.taste,
  colour: row.colour,
  clarity: row.clarity,
  again: row.again,
  costMinor: row.costMinor,
  volumeMl: row.volumeMl,
  finalMassG: row.finalMassG,
  notes: row.notes,
  version: row.version,
});
