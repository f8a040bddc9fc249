import type { TroubledCook } from '@idle-kettle/contract/trouble';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { message } from '@idle-kettle/words/message';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { loggedEntry } from '../cookSessions/loggedEntry.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { NotFound } from '../problem/errors.ts';
import { measuredOf, OutcomeModel } from './outcome.model.ts';

/** What the record of a cook says to somebody who asks what went wrong with it. */
@Injectable()
export class TroubledCookService {
  constructor(
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectModel(OutcomeModel) private readonly outcomes: typeof OutcomeModel,
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    private readonly planning: PlanningService,
  ) {}

  /** A cook of the household, over or not, with the facts that its record gives. */
  async find(householdId: HouseholdId, id: string): Promise<TroubledCook> {
    const session = await this.sessions.findOne({ where: { id, householdId } });
    if (session === null) throw new NotFound(message('problems.noSuchCook'));
    const { name, formula, kitchen } = session;
    const [rows, outcome] = await Promise.all([
      this.entries.findAll({ where: { sessionId: id }, order: [['position', 'ASC']], raw: true }),
      this.outcomes.findByPk(id),
    ]);
    const { facts, volumeMl } = await this.planning.runInteractive('troubledCook', {
      cook: {
        formula,
        kitchen,
        entries: rows.map(loggedEntry),
        outcome: measuredOf(outcome),
      },
      nowMs: Date.now(),
    });
    return { id, name, formula, facts, volumeMl };
  }
}
