import {
  kitchenTime,
  requestInKitchen,
  type CookDto,
  type CookRecord,
  type CookSummary,
  type KitchenClock,
  type PracticeDto,
} from '@idle-kettle/contract';
import {
  debriefOf,
  jarProgressOf,
  jarSheetOf,
  sheetOf,
  stockUseOf,
  USUAL_PROBE,
  type Practice,
} from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { literal, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BatchesService } from '../batches/batches.service.ts';
import { HouseholdService } from '../household/household.service.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { BadInput, NotFound } from '../problem/errors.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookModel } from './cook.model.ts';
import { truthOf } from './truth.ts';

const MOST_LISTED = 100;

@Injectable()
export class CooksService {
  constructor(
    @InjectModel(CookModel) private readonly cooks: typeof CookModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly log: CookLogService,
    private readonly households: HouseholdService,
    private readonly kitchens: KitchenService,
    private readonly batches: BatchesService,
  ) {}

  /** The cooks, the last begun first; neither their kitchens nor their debriefs are read for it. */
  async list(): Promise<CookSummary[]> {
    const householdId = await this.households.currentId();
    const rows = await this.cooks.findAll({
      attributes: [
        'id',
        'name',
        'batchId',
        'practice',
        'startedAt',
        'endedAt',
        'putAwayAt',
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
      putAwayAt: row.putAwayAt?.toISOString() ?? null,
      fault: row.practice?.fault ?? null,
      score: row.get('score') as number | null,
    }));
  }

  async find(id: string): Promise<CookRecord> {
    return answer(await this.row(id));
  }

  /** Begins a cook. Asked twice with the same id, there is one. */
  async begin({ id, batchId, practice }: CookDto): Promise<CookRecord> {
    const householdId = await this.households.currentId();
    const there = await this.cooks.findOne({ where: { id, householdId } });
    if (there) return answer(there);
    const kitchen = await this.kitchens.current();
    const of = await this.whatIsCooked(batchId, practice);
    if (sheetOf(requestInKitchen(of.formula, kitchen)) === null) {
      throw new BadInput([
        {
          field: 'lines',
          message: 'There must be fruit and water enough in the pot to be cooked.',
        },
      ]);
    }
    const now = Date.now();
    const clock: KitchenClock = { realAt: now, cookAt: now, speed: practice?.speed ?? 1 };
    const [row] = await this.cooks.findOrCreate({
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
  async setSpeed(id: string, speed: number): Promise<CookRecord> {
    return this.changed(id, (row) => {
      if (row.practice === null) {
        throw new BadInput([{ field: 'speed', message: 'Only a practice cook can run faster.' }]);
      }
      const now = Date.now();
      row.clock = { realAt: now, cookAt: kitchenTime(row.clock, now), speed };
    });
  }

  /** Ends a cook; a practice cook is debriefed. Ended twice, it ended the first time. */
  async end(id: string): Promise<CookRecord> {
    const events = await this.log.events(id);
    return this.changed(id, (row) => {
      if (row.endedAt !== null) return;
      row.endedAt = new Date();
      const sheet = truthOf(row);
      if (row.practice === null || sheet === null) return;
      const endMs = kitchenTime(row.clock, row.endedAt.getTime());
      row.debrief = debriefOf(sheet, row.practice, events, endMs);
    });
  }

  /**
   * Puts the jars of a cook away, where its log says that they are: the batch is done, and what it used comes off the stock of jars and
   * lids. Asked again, it was done the first time.
   */
  async putAway(id: string): Promise<void> {
    const { batchId } = await this.row(id);
    const events = await this.log.events(id);
    await this.changed(id, async (row, transaction) => {
      if (row.putAwayAt !== null) return;
      const sheet = jarSheetOf(requestInKitchen(row.formula, row.kitchen), events, 0);
      const progress = sheet && jarProgressOf(sheet, events);
      if (!sheet || !progress || progress.putAwayAtMs === null) return;
      await this.kitchens.takeJars(stockUseOf(sheet, progress), transaction);
      row.putAwayAt = new Date();
      row.endedAt ??= row.putAwayAt;
    });
    if (batchId !== null) await this.batches.setDone(batchId, true);
  }

  private async whatIsCooked(batchId?: string | null, practice?: PracticeDto | null) {
    if (batchId && !practice) {
      const { name, lines, settings } = await this.batches.find(batchId);
      return { batchId, name, formula: { lines, settings } };
    }
    if (practice && !batchId) {
      const { name, lines } = practice;
      return { batchId: null, name, formula: { lines, settings: {} } };
    }
    throw new BadInput([
      {
        field: 'batchId',
        message: 'Say which batch is cooked, or what is practised: one of them.',
      },
    ]);
  }

  /** Changes a cook while nobody else does, and tells everybody who looks at it. */
  private async changed(
    id: string,
    change: (row: CookModel, transaction: Transaction) => void | Promise<void>,
  ): Promise<CookRecord> {
    const { householdId } = await this.row(id);
    return this.database.transaction(async (transaction) => {
      const row = await this.cooks.findOne({
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

  private async row(id: string): Promise<CookModel> {
    const householdId = await this.households.currentId();
    const row = await this.cooks.findOne({ where: { id, householdId } });
    if (row === null) throw new NotFound('There is no such cook.');
    return row;
  }
}

const practiceOf = ({ seed, fault, probeOffsetK, scale }: PracticeDto): Practice => ({
  seed,
  fault,
  probe: { ...USUAL_PROBE, offsetK: probeOffsetK ?? USUAL_PROBE.offsetK },
  scale: scale ?? false,
});

const answer = (row: CookModel): CookRecord => ({
  id: row.id,
  name: row.name,
  batchId: row.batchId,
  formula: row.formula,
  kitchen: row.kitchen,
  practice: row.practice,
  clock: row.clock,
  startedAt: row.startedAt.toISOString(),
  endedAt: row.endedAt?.toISOString() ?? null,
  putAwayAt: row.putAwayAt?.toISOString() ?? null,
  position: row.position,
  debrief: row.debrief,
});
