import { message } from '@idle-kettle/words/message';
import {
  kitchenTime,
  type CookSessionDto,
  type CookSession,
  type CookSessionSummary,
  type CookClock,
  type PracticeDto,
} from '@idle-kettle/contract';
import { PROBE_SOURCE, SCALE_SOURCE, USUAL_PROBE, type Practice } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { literal, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BatchesService } from '../batches/batches.service.ts';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { DevicesService } from '../identity/devices.service.ts';
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
    private readonly devices: DevicesService,
    private readonly kitchens: KitchenService,
    private readonly batches: BatchesService,
    private readonly planning: PlanningService,
    private readonly clock: ServerClock,
  ) {}

  /** The cooks, the last begun first; neither their kitchens nor their debriefs are read for it. */
  async list(householdId: HouseholdId): Promise<CookSessionSummary[]> {
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

  async find(householdId: HouseholdId, id: string): Promise<CookSession> {
    return answer(await this.row(householdId, id));
  }

  /** Begins a cook. Asked twice with the same id, there is one. */
  async begin(
    householdId: HouseholdId,
    { id, batchId, practice }: CookSessionDto,
  ): Promise<CookSession> {
    const there = await this.sessions.findOne({ where: { id, householdId } });
    if (there) return answer(there);
    const kitchen = await this.kitchens.current(householdId);
    const of = await this.whatIsCooked(householdId, batchId, practice);
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
    const [row, isNew] = await this.sessions.findOrCreate({
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
    // Another household has one of that id already, and is not told of.
    if (row.householdId !== householdId) throw new NotFound(message('problems.noSuchCook'));
    if (isNew && row.practice !== null)
      await this.devices.pairSimulated(householdId, row.id, simulatedDevicesOf(row.practice));
    return answer(row);
  }

  /** Lets the clock of a practice cook run faster or slower from now on. */
  async setSpeed(householdId: HouseholdId, id: string, speed: number): Promise<CookSession> {
    return this.changed(householdId, id, (row) => {
      if (row.practice === null) {
        throw new BadInput([{ field: 'speed', message: message('problems.onlyPracticeFaster') }]);
      }
      const now = this.clock.now();
      row.clock = { realAt: now, cookAt: kitchenTime(row.clock, now), speed };
    });
  }

  /** Ends a cook; a practice cook is debriefed. Ended twice, it ended the first time. */
  async end(householdId: HouseholdId, id: string): Promise<CookSession> {
    const session = await this.row(householdId, id);
    const endedAt = new Date(this.clock.now());
    const debrief = await this.planning.runInteractive('debrief', {
      session: plainly(session),
      events: (await this.log.events(session)).entries,
      endMs: kitchenTime(session.clock, endedAt.getTime()),
    });
    return this.changed(householdId, id, (row) => {
      if (row.endedAt !== null) return;
      row.endedAt = endedAt;
      row.debrief = debrief;
    });
  }

  private async whatIsCooked(
    householdId: HouseholdId,
    batchId?: string | null,
    practice?: PracticeDto | null,
  ) {
    if (batchId && !practice) {
      const { name, lines, settings } = await this.batches.find(householdId, batchId);
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
    householdId: HouseholdId,
    id: string,
    change: (row: CookSessionModel, transaction: Transaction) => void | Promise<void>,
  ): Promise<CookSession> {
    return this.database.transaction(async (transaction) => {
      const row = await this.sessions.findOne({
        where: { id, householdId },
        lock: transaction.LOCK.UPDATE,
        transaction,
      });
      if (row === null) throw new NotFound(message('problems.noSuchCook'));
      await change(row, transaction);
      await row.save({ transaction });
      await this.log.tell(row, transaction);
      return answer(row);
    });
  }

  /** A cook of a household; its log is read and written by what stands in the row alone. */
  async row(householdId: HouseholdId, id: string): Promise<CookSessionModel> {
    const row = await this.sessions.findOne({ where: { id, householdId } });
    if (row === null) throw new NotFound(message('problems.noSuchCook'));
    return row;
  }
}

/** The devices that a practice has: a probe, and a scale where it was asked for. */
const simulatedDevicesOf = ({ scale }: Practice) => [
  { name: PROBE_SOURCE, kind: 'probe' as const },
  ...(scale ? [{ name: SCALE_SOURCE, kind: 'scale' as const }] : []),
];

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
  number: row.number,
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
