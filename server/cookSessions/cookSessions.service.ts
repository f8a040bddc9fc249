import { message } from '@idle-kettle/words/message';
import {
  kitchenTime,
  type CookSessionDto,
  type CookSession,
  type CookSessionSummary,
  type CookClock,
  type PracticeDto,
} from '@idle-kettle/contract';
import { USUAL_PROBE, type Practice } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { literal, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BatchesService } from '../batches/batches.service.ts';
import { ServerClock } from '../clock/serverClock.service.ts';
import { HouseholdService } from '../household/household.service.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { BadInput, NotFound } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionModel } from './cookSession.model.ts';

const MOST_LISTED = 100;

@Injectable()
export class CookSessionsService {
  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly log: CookLogService,
    private readonly households: HouseholdService,
    private readonly kitchens: KitchenService,
    private readonly batches: BatchesService,
    private readonly planning: PlanningService,
    private readonly clock: ServerClock,
  ) {}

  /** The cooks, the last begun first; neither their kitchens nor their debriefs are read for it. */
  async list(): Promise<CookSessionSummary[]> {
    const householdId = await this.households.currentId();
    const rows = await this.sessions.findAll({
      attributes: [
        'id',
        'name',
        'batchId',
        'practice',
        'startedAt',
        'endedAt',
        'storedAt',
        [literal(`(debrief->>'score')::double precision`), 'score'],
      ],
      where: { householdId },
      order: [['startedAt', 'DESC']],
      limit: MOST_LISTED,
    });
    return rows.map((row) => ({
      id: row.id,
      name: row.name,
      batchId: row.batchId,
      startedAt: row.startedAt.toISOString(),
      endedAt: row.endedAt?.toISOString() ?? null,
      storedAt: row.storedAt?.toISOString() ?? null,
      fault: row.practice?.fault ?? null,
      score: row.get('score') as number | null,
    }));
  }

  async find(id: string): Promise<CookSession> {
    return answer(await this.row(id));
  }

  /** Begins a cook. Asked twice with the same id, there is one. */
  async begin({ id, batchId, practice }: CookSessionDto): Promise<CookSession> {
    const householdId = await this.households.currentId();
    const there = await this.sessions.findOne({ where: { id, householdId } });
    if (there) return answer(there);
    const kitchen = await this.kitchens.current();
    const of = await this.whatIsCooked(batchId, practice);
    if (!(await this.planning.runInteractive('canBeCooked', { formula: of.formula, kitchen }))) {
      throw new BadInput([
        {
          field: 'lines',
          message: message('problems.fruitAndWaterEnough'),
        },
      ]);
    }
    const now = this.clock.now();
    const clock: CookClock = { realAt: now, cookAt: now, speed: practice?.speed ?? 1 };
    const [row] = await this.sessions.findOrCreate({
      where: { id },
      defaults: {
        householdId,
        ...of,
        kitchen,
        practice: practice ? practiceOf(practice) : null,
        clock,
        startedAt: new Date(now),
      },
    });
    return answer(row);
  }

  /** Lets the clock of a practice cook run faster or slower from now on. */
  async setSpeed(id: string, speed: number): Promise<CookSession> {
    return this.changed(id, (row) => {
      if (row.practice === null) {
        throw new BadInput([{ field: 'speed', message: message('problems.onlyPracticeFaster') }]);
      }
      const now = this.clock.now();
      row.clock = { realAt: now, cookAt: kitchenTime(row.clock, now), speed };
    });
  }

  /** Ends a cook; a practice cook is debriefed. Ended twice, it ended the first time. */
  async end(id: string): Promise<CookSession> {
    const session = await this.row(id);
    const endedAt = new Date(this.clock.now());
    const debrief = await this.planning.runInteractive('debrief', {
      session: plainly(session),
      events: (await this.log.events(session)).entries,
      endMs: kitchenTime(session.clock, endedAt.getTime()),
    });
    return this.changed(id, (row) => {
      if (row.endedAt !== null) return;
      row.endedAt = endedAt;
      row.debrief = debrief;
    });
  }

  private async whatIsCooked(batchId?: string | null, practice?: PracticeDto | null) {
    if (batchId && !practice) {
      const { name, lines, settings } = await this.batches.find(batchId);
      return { batchId, name, formula: { lines, settings } };
    }
    if (practice && !batchId) {
      const { name, lines } = practice;
      // Left out and null are the same.
      const settings = practice.settings ?? {};
      return { batchId: null, name, formula: { lines, settings } };
    }
    throw new BadInput([
      {
        field: 'batchId',
        message: message('problems.batchOrPractice'),
      },
    ]);
  }

  /** Changes a cook while nobody else does, and tells everybody who looks at it. */
  private async changed(
    id: string,
    change: (row: CookSessionModel, transaction: Transaction) => void | Promise<void>,
  ): Promise<CookSession> {
    const { householdId } = await this.row(id);
    return this.database.transaction(async (transaction) => {
      const row = await this.sessions.findOne({
        where: { id, householdId },
        lock: transaction.LOCK.UPDATE,
        transaction,
        rejectOnEmpty: true,
      });
      await change(row, transaction);
      await row.save({ transaction });
      await this.log.tell(row, transaction);
      return answer(row);
    });
  }

  private async row(id: string): Promise<CookSessionModel> {
    const householdId = await this.households.currentId();
    const row = await this.sessions.findOne({ where: { id, householdId } });
    if (row === null) throw new NotFound(message('problems.noSuchCook'));
    return row;
  }
}

/** What a thread needs of a cook. */
const plainly = ({ formula, kitchen, practice }: CookSessionModel) => ({
  formula,
  kitchen,
  practice,
});

const practiceOf = ({ seed, fault, probeOffsetK, scale }: PracticeDto): Practice => ({
  seed,
  fault,
  probe: { ...USUAL_PROBE, offsetK: probeOffsetK ?? USUAL_PROBE.offsetK },
  scale: scale ?? false,
});

const answer = (row: CookSessionModel): CookSession => ({
  id: row.id,
  name: row.name,
  batchId: row.batchId,
  formula: row.formula,
  kitchen: row.kitchen,
  practice: row.practice,
  clock: row.clock,
  startedAt: row.startedAt.toISOString(),
  endedAt: row.endedAt?.toISOString() ?? null,
  storedAt: row.storedAt?.toISOString() ?? null,
  position: row.position,
  debrief: row.debrief,
});
