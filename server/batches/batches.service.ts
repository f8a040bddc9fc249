import { message } from '@idle-kettle/words/message';
import type { Formula } from '@idle-kettle/core';
import {
  progressOf,
  summaryOf,
  type Batch,
  type BatchDto,
  type BatchSummary,
  type DeletedBatch,
  type Kitchen,
  type PlanSummary,
} from '@idle-kettle/contract';
import { Injectable, Logger } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op, type Transaction } from 'sequelize';
import { randomUUID } from 'node:crypto';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import { AuditService } from '../identity/audit.service.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { BadInput, Conflict, NotFound } from '../problem/errors.ts';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { BatchModel } from './batch.model.ts';
import { PlanQueue, type WantedPlan } from './planQueue.ts';

/** Most batches that one listing answers with, newest first. */
const MOST_LISTED = 200;

/**
 * A plan that is wanted, in the kitchen as it was when the batch was saved; null for the kitchen as
 * it is when planning begins.
 */
type Planning = WantedPlan & { readonly kitchen: Kitchen | null };

@Injectable()
export class BatchesService {
  private readonly logger = new Logger(BatchesService.name);
  private readonly plans = new PlanQueue<Planning>(
    (wanted) => this.plan(wanted),
    // It is asked for again when somebody next looks at the batch.
    ({ id, version }, error) =>
      this.logger.warn(`No plan for batch ${id} version ${version}: ${String(error)}`),
  );

  constructor(
    @InjectModel(BatchModel) private readonly batches: typeof BatchModel,
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    private readonly kitchens: KitchenService,
    private readonly planning: PlanningService,
    private readonly audit: AuditService,
  ) {}

  /** The batches as their labels show them, last changed first; their plans are not read for it. */
  async list(householdId: HouseholdId): Promise<BatchSummary[]> {
    const rows = await this.batches.findAll({
      attributes: [
        'id',
        'name',
        'version',
        'summary',
        'planFaults',
        'doneAt',
        'createdAt',
        'updatedAt',
      ],
      where: { householdId },
      order: [['updatedAt', 'DESC']],
      limit: MOST_LISTED,
    });
    const sessions = await this.lastCooks(
      householdId,
      rows.map(({ id }) => id),
    );
    return Promise.all(
      rows.map(async (row) => ({
        id: row.id,
        name: row.name,
        version: row.version,
        plan: row.summary ?? (await this.summarised(row)),
        planFaults: row.planFaults,
        ...progressOf(row.updatedAt, sessions.get(row.id) ?? null, row.doneAt),
        createdAt: row.createdAt.toISOString(),
        updatedAt: row.updatedAt.toISOString(),
      })),
    );
  }

  /** What was deleted and can be restored, the last first. */
  async deleted(householdId: HouseholdId): Promise<DeletedBatch[]> {
    const rows = await this.batches.findAll({
      attributes: ['id', 'name', 'deletedAt'],
      where: { householdId, deletedAt: { [Op.ne]: null } },
      paranoid: false,
      order: [['deletedAt', 'DESC']],
      limit: MOST_LISTED,
    });
    return rows.map(({ id, name, deletedAt }) => ({
      id,
      name,
      deletedAt: (deletedAt as Date).toISOString(),
    }));
  }

  async find(householdId: HouseholdId, id: string): Promise<Batch> {
    return answer(this.planned(await this.row(householdId, id)));
  }

  /** Saves a new batch. Asked twice with the same id, there is one: the first. */
  async create(
    householdId: HouseholdId,
    { id = randomUUID(), name, lines, settings = {}, ticked = [] }: BatchDto,
  ): Promise<Batch> {
    const kitchen = await this.mustPlan(householdId, { lines, settings });
    const batch = { id, householdId, name, lines, settings, ticked };
    await this.batches.bulkCreate([batch], { ignoreDuplicates: true });
    return answer(this.planned(await this.row(householdId, id), kitchen));
  }

  /** Saves a change. Refuses it when somebody else saved since the version it was made on. */
  async change(
    householdId: HouseholdId,
    id: string,
    { name, lines, settings = {}, ticked = [], version }: BatchDto,
  ): Promise<Batch> {
    if (version === undefined) {
      throw new BadInput([{ field: 'version', message: message('problems.sayWhichVersion') }]);
    }
    const kitchen = await this.mustPlan(householdId, { lines, settings });
    // One statement: it changes the version it was made on, unless it was deleted, and answers
    // with the row it wrote.
    const [, [written]] = await this.batches.update(
      {
        name,
        lines,
        settings,
        ticked,
        plan: null,
        summary: null,
        planFaults: null,
        version: version + 1,
      },
      { where: { id, householdId, version }, returning: true },
    );
    if (written !== undefined) return answer(this.planned(written, kitchen));
    const row = await this.row(householdId, id);
    throw new Conflict(
      message('problems.batchSavedElsewhere', { there: row.version, on: version }),
    );
  }

  async remove(actor: Actor, id: string): Promise<void> {
    const row = await this.row(actor.householdId, id);
    await row.destroy();
    await this.audit.note(actor, 'batch-deleted', row.name);
  }

  async restore(householdId: HouseholdId, id: string): Promise<Batch> {
    const row = await this.row(householdId, id, true);
    await row.restore();
    return answer(row);
  }

  /**
   * Says that a batch is done, or that it is not after all. Said twice, it is so since the first
   * time.
   */
  async setDone(householdId: HouseholdId, id: string, isDone: boolean): Promise<void> {
    await this.row(householdId, id);
    await this.markDone(householdId, id, isDone, null);
  }

  /**
   * Marks a batch as done, or as not done, together with what else is written; one that was put
   * away stays as it is.
   */
  async markDone(
    householdId: HouseholdId,
    id: string,
    isDone: boolean,
    transaction: Transaction | null,
  ): Promise<void> {
    const row = await this.batches.findOne({ where: { id, householdId }, transaction });
    if (row === null) return;
    const session = (await this.lastCooks(householdId, [id], transaction)).get(id) ?? null;
    const { state } = progressOf(row.updatedAt, session, row.doneAt);
    if (isDone && state === 'done') return;
    await row.update({ doneAt: isDone ? new Date() : null }, { silent: true, transaction });
  }

  /** The last cook of each batch that was ever cooked, by the batch. */
  private async lastCooks(
    householdId: HouseholdId,
    batchIds: readonly string[],
    transaction: Transaction | null = null,
  ): Promise<ReadonlyMap<string, CookSessionModel>> {
    const rows = await this.sessions.findAll({
      transaction,
      attributes: ['id', 'batchId', 'startedAt', 'endedAt', 'jarPlaces'],
      where: { householdId, batchId: [...batchIds] },
      order: [['startedAt', 'ASC']],
    });
    return new Map(rows.map((session) => [session.batchId ?? '', session]));
  }

  /**
   * The summary of a batch that has none: of its plan, which is kept from now on; null while there
   * is no plan.
   */
  private async summarised({ id, version }: BatchModel): Promise<PlanSummary | null> {
    const row = await this.batches.findOne({ where: { id, version } });
    if (row === null) return null;
    if (row.plan === null) {
      this.planned(row);
      return null;
    }
    const summary = summaryOf(row.plan);
    await this.batches.update({ summary }, { where: { id, version }, silent: true });
    return summary;
  }

  /**
   * Refuses what cannot be planned, by its typical figures, which are there at once. Answers with
   * the kitchen that it was tried in.
   */
  private async mustPlan(householdId: HouseholdId, formula: Formula): Promise<Kitchen> {
    const kitchen = await this.kitchens.current(householdId);
    const faults = await this.planning.runInteractive('faultsInKitchen', { formula, kitchen });
    if (faults.length > 0) throw new BadInput(faults);
    return kitchen;
  }

  /** The row itself; where it has no plan yet, one is asked for. */
  private planned(row: BatchModel, kitchen: Kitchen | null = null): BatchModel {
    const { id, version, plan, planFaults } = row;
    if (plan === null && planFaults === null) this.plans.ask({ id, version, kitchen });
    return row;
  }

  /**
   * Plans a batch and stores the plan, or why there is none, unless it was saved or deleted
   * meanwhile.
   */
  private async plan({ id, version, kitchen }: Planning): Promise<void> {
    const row = await this.batches.findOne({
      attributes: ['householdId', 'lines', 'settings'],
      where: { id, version },
    });
    if (row === null) return;
    const { householdId, lines, settings } = row;
    const outcome = await this.planning.runPlan('planInKitchen', {
      formula: { lines, settings },
      kitchen: kitchen ?? (await this.kitchens.current(householdId)),
    });
    const found = outcome.ok
      ? { plan: outcome.plan, summary: summaryOf(outcome.plan) }
      : { planFaults: [...outcome.faults] };
    await this.batches.update(found, { where: { id, version }, silent: true });
  }

  private async row(
    householdId: HouseholdId,
    id: string,
    alsoPutAway = false,
  ): Promise<BatchModel> {
    const row = await this.batches.findOne({ where: { id, householdId }, paranoid: !alsoPutAway });
    if (row === null) throw new NotFound(message('problems.noSuchBatchOrDeleted'));
    return row;
  }
}

const answer = (row: BatchModel): Batch => ({
  id: row.id,
  name: row.name,
  lines: row.lines,
  settings: row.settings,
  ticked: row.ticked,
  version: row.version,
  plan: row.plan,
  createdAt: row.createdAt.toISOString(),
  updatedAt: row.updatedAt.toISOString(),
});
