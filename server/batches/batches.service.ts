import { planInKitchen, type Batch, type BatchDto, type Formula } from '@idle-kettle/contract';
import type { Plan } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { HouseholdService } from '../household/household.service.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { BadInput, Conflict, NotFound } from '../problem/errors.ts';
import { BatchModel } from './batch.model.ts';

/** Most batches that one listing answers with, newest first. */
const MOST_LISTED = 200;

@Injectable()
export class BatchesService {
  constructor(
    @InjectModel(BatchModel) private readonly batches: typeof BatchModel,
    private readonly households: HouseholdService,
    private readonly kitchens: KitchenService,
  ) {}

  async list(): Promise<Batch[]> {
    const householdId = await this.households.currentId();
    const rows = await this.batches.findAll({
      where: { householdId },
      order: [['updatedAt', 'DESC']],
      limit: MOST_LISTED,
    });
    return rows.map(answer);
  }

  async find(id: string): Promise<Batch> {
    return answer(await this.row(id));
  }

  /** Saves a new batch. Asked twice with the same id, there is one: the first. */
  async create({ id, name, lines, settings = {}, ticked = [] }: BatchDto): Promise<Batch> {
    const householdId = await this.households.currentId();
    const plan = await this.plan({ lines, settings });
    const batch = { householdId, name, lines, settings, ticked, plan };
    if (id === undefined) return answer(await this.batches.create(batch));
    await this.batches.bulkCreate([{ id, ...batch }], { ignoreDuplicates: true });
    return answer(await this.row(id));
  }

  /** Saves a change. Refuses it when somebody else saved since the version it was made on. */
  async change(
    id: string,
    { name, lines, settings = {}, ticked = [], version }: BatchDto,
  ): Promise<Batch> {
    if (version === undefined) {
      throw new BadInput([
        { field: 'version', message: 'Say which version the change was made on.' },
      ]);
    }
    const householdId = await this.households.currentId();
    const plan = await this.plan({ lines, settings });
    // One statement: it changes the version it was made on, where that is not put away, and answers with the row it wrote.
    const [, [written]] = await this.batches.update(
      { name, lines, settings, ticked, plan, version: version + 1 },
      { where: { id, householdId, version }, returning: true },
    );
    if (written !== undefined) return answer(written);
    const row = await this.row(id);
    throw new Conflict(
      `This batch was saved somewhere else meanwhile: it is at version ${row.version}, and the change was made on ${version}.`,
    );
  }

  async putAway(id: string): Promise<void> {
    const row = await this.row(id);
    await row.destroy();
  }

  async bringBack(id: string): Promise<Batch> {
    const row = await this.row(id, true);
    await row.restore();
    return answer(row);
  }

  private async plan(formula: Formula): Promise<Plan> {
    const outcome = planInKitchen(formula, await this.kitchens.current());
    if (!outcome.ok) throw new BadInput(outcome.faults);
    return outcome.plan;
  }

  private async row(id: string, alsoPutAway = false): Promise<BatchModel> {
    const householdId = await this.households.currentId();
    const row = await this.batches.findOne({ where: { id, householdId }, paranoid: !alsoPutAway });
    if (row === null) throw new NotFound('There is no such batch, or it was put away.');
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
