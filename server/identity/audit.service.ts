import type { AuditEvent, AuditKind } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import type { Transaction } from 'sequelize';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from './actor.ts';
import { AuditEventModel } from './auditEvent.model.ts';

/** Most characters of what an event is about. */
const MOST_CHARS = 120;
/** Most events that are listed, the last first. */
const MOST_LISTED = 200;

/** Notes who signed in, deleted, changed a role or confirmed where jars may be kept. */
@Injectable()
export class AuditService {
  constructor(@InjectModel(AuditEventModel) private readonly events: typeof AuditEventModel) {}

  /** Notes what somebody did, within the transaction that does it where there is one. */
  async note(
    { householdId, name }: Pick<Actor, 'householdId' | 'name'>,
    what: AuditKind,
    about: string | null = null,
    transaction: Transaction | null = null,
  ): Promise<void> {
    await this.events.create({ householdId, what, by: name, about }, { transaction });
  }

  /** Notes something that is done again with every save, the first time. */
  async noteOnce(actor: Actor, what: AuditKind, about: string): Promise<void> {
    const short = about.slice(0, MOST_CHARS);
    const where = { householdId: actor.householdId, what, about: short };
    if ((await this.events.count({ where })) === 0) await this.note(actor, what, short);
  }

  async list(householdId: HouseholdId): Promise<AuditEvent[]> {
    const rows = await this.events.findAll({
      where: { householdId },
      order: [['at', 'DESC']],
      limit: MOST_LISTED,
    });
    return rows.map(({ id, at, what, by, about }) => ({
      id,
      at: at.toISOString(),
      what,
      by,
      about,
    }));
  }
}
