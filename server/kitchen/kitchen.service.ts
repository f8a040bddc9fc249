import { message } from '@idle-kettle/words/message';
import {
  faultsOf,
  KitchenDto,
  MOST_TAUGHT_NAMES,
  VALIDATION,
  type JarDto,
  type Kitchen,
  type KitchenChangeDto,
  type TaughtNameDto,
} from '@idle-kettle/contract';
import type { CannerWatched, KitchenKnowledge } from '@idle-kettle/core';
import type { Forgotten } from '@idle-kettle/core/learning';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { BatchModel } from '../batches/batch.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { Op, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BadInput, Conflict } from '../problem/errors.ts';
import { saidStock, shownStock, withTaken, type StockTaken } from './jarStock.ts';
import { KitchenModel } from './kitchen.model.ts';

@Injectable()
export class KitchenService {
  constructor(
    @InjectModel(KitchenModel) private readonly kitchens: typeof KitchenModel,
    @InjectModel(BatchModel) private readonly batches: typeof BatchModel,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  /**
   * @param within a transaction of the caller’s, which holds a connection already; null for none
   */
  async current(householdId: HouseholdId, within: Transaction | null = null): Promise<Kitchen> {
    return answer(await this.row(householdId, within));
  }

  /**
   * Sets the whole kitchen up. Made on a version that has changed since, it is refused; made on
   * none, it counts for whatever is there.
   * @param isDone whether the kitchen counts as set up from now on
   */
  setUp(
    householdId: HouseholdId,
    { version, ...dto }: KitchenDto,
    isDone = true,
  ): Promise<Kitchen> {
    return this.changed(
      householdId,
      (row) => {
        if (version !== undefined && version !== row.version) {
          throw new Conflict(
            message('problems.kitchenChangedElsewhere', { there: row.version, on: version }),
          );
        }
        return said({ altitudeM: null, waterBoilsC: null, ...given(dto) }, row);
      },
      isDone,
    );
  }

  /**
   * Changes some fields, made on a version. Of two changes at once both stand where they are of
   * different fields; where a field was changed by somebody else since, nothing is, and each such
   * field is named.
   */
  change(householdId: HouseholdId, { version, changes }: KitchenChangeDto): Promise<Kitchen> {
    return this.changed(householdId, (row) => {
      if (version > row.version) {
        throw new Conflict(
          message('problems.kitchenNeverWas', { there: row.version, on: version }),
        );
      }
      const now: Fields = fieldsOf(row);
      const dto = plainToInstance(KitchenDto, { ...now, ...changes });
      const faults = faultsOf(validateSync(dto, VALIDATION)).map((fault) => ({
        ...fault,
        field: `changes.${fault.field}`,
      }));
      if (faults.length > 0) throw new BadInput(faults);
      const wanted = Object.fromEntries(
        Object.keys(changes).map((field) => [field, dto[field as keyof KitchenDto]]),
      );
      const taken = Object.keys(wanted).filter(
        (field) =>
          (row.changedAt[field] ?? 0) > version &&
          !isDeepStrictEqual(plain(wanted[field]), plain(now[field])),
      );
      if (taken.length > 0) {
        throw new Conflict(
          message('problems.sameChangedElsewhere'),
          taken.map((field) => ({
            field: `changes.${field}`,
            message: message('problems.fieldChangedElsewhere', { field }),
          })),
        );
      }
      return said(given(wanted), row);
    });
  }

  /** Teaches the kitchen a name; one that it knows is taught anew. Two at once both stand. */
  async teach(householdId: HouseholdId, dto: TaughtNameDto): Promise<Kitchen> {
    const taught = { ...dto, taughtAt: new Date().toISOString() };
    return this.withNames(householdId, (names) => {
      const others = names.filter(({ name }) => !isSameName(name, dto.name));
      if (others.length >= MOST_TAUGHT_NAMES) {
        throw new BadInput([
          {
            field: 'name',
            message: message('problems.mostNames', { most: MOST_TAUGHT_NAMES }),
          },
        ]);
      }
      return [...others, taught];
    });
  }

  /** Forgets a name; one that the kitchen does not know changes nothing. */
  forget(householdId: HouseholdId, name: string): Promise<Kitchen> {
    return this.withNames(householdId, (names) =>
      names.filter((known) => !isSameName(known.name, name)),
    );
  }

  /**
   * Changes what a batch has taken off the stock of jars and lids, in a transaction of the caller’s.
   */
  async setTaken(
    householdId: HouseholdId,
    before: readonly StockTaken[],
    now: readonly StockTaken[],
    transaction: Transaction,
  ): Promise<void> {
    await this.changed(
      householdId,
      ({ jars }) => ({ jars: withTaken(jars, before, now) }),
      false,
      transaction,
    );
  }

  /** Keeps how the canner is known after the loads of a batch, in a transaction of the caller’s. */
  async keepCannerWatched(
    householdId: HouseholdId,
    watched: CannerWatched,
    transaction: Transaction,
  ): Promise<void> {
    await this.changed(householdId, () => ({ cannerWatched: watched }), false, transaction);
  }

  /** Keeps what the cooks of a kitchen told; nothing that anybody writes, so it stays its version. */
  async keepKnowledge(householdId: HouseholdId, knowledge: KitchenKnowledge): Promise<void> {
    await this.kitchens.update({ knowledge }, { where: { householdId }, silent: true });
  }

  /** What somebody wanted forgotten of that. */
  async forgotten(householdId: HouseholdId): Promise<Forgotten> {
    return (await this.row(householdId)).forgotten;
  }

  /** Changes what is forgotten, under a lock on the kitchen. */
  async setForgotten(
    householdId: HouseholdId,
    change: (forgotten: Forgotten) => Forgotten,
  ): Promise<void> {
    await this.database.transaction(async (transaction) => {
      const row = await this.kitchens.findOne({
        where: { householdId },
        lock: transaction.LOCK.UPDATE,
        transaction,
        rejectOnEmpty: true,
      });
      await row.update({ forgotten: change(row.forgotten) }, { transaction, silent: true });
    });
  }

  private withNames(
    householdId: HouseholdId,
    change: (names: TaughtNameDto[]) => TaughtNameDto[],
  ): Promise<Kitchen> {
    return this.changed(householdId, ({ names }) => ({ names: change(names) }), false);
  }

  /**
   * Changes fields under a lock on the kitchen, so that nothing is lost between reading and
   * writing.
   */
  private async changed(
    householdId: HouseholdId,
    change: (row: KitchenModel) => Fields,
    isSetUp = true,
    within: Transaction | null = null,
  ): Promise<Kitchen> {
    const { id } = await this.row(householdId, within);
    const work = async (transaction: Transaction) => {
      const row = await this.kitchens.findByPk(id, {
        transaction,
        lock: transaction.LOCK.UPDATE,
        rejectOnEmpty: true,
      });
      const fields = withIds(change(row), row);
      const version = row.version + 1;
      const other = Object.keys(fields).filter(
        (field) => !isDeepStrictEqual(plain(fields[field]), plain(row.get(field))),
      );
      await row.update(
        {
          ...fields,
          version,
          changedAt: {
            ...row.changedAt,
            ...Object.fromEntries(other.map((field) => [field, version])),
          },
          ...(isSetUp ? { setUpAt: new Date() } : {}),
        },
        { transaction },
      );
      // What could not be planned in the kitchen as it was may be planned in this one.
      await this.batches.update(
        { planFaults: null },
        {
          where: { householdId: row.householdId, planFaults: { [Op.ne]: null } },
          silent: true,
          transaction,
        },
      );
      return answer(row);
    };
    return within === null ? this.database.transaction(work) : work(within);
  }

  private row(
    householdId: HouseholdId,
    transaction: Transaction | null = null,
  ): Promise<KitchenModel> {
    return this.kitchens.findOne({ where: { householdId }, transaction, rejectOnEmpty: true });
  }
}

/** Fields of a kitchen by their names. */
type Fields = { readonly [field: string]: unknown };

/** What is said of it; what is left out, or null where nothing may be said, stays as it is. */
const given = (dto: object): Fields =>
  Object.fromEntries(
    Object.entries(dto).filter(
      ([field, value]) => value !== undefined && (value !== null || MAY_BE_NULL.has(field)),
    ),
  );

/** What somebody says of a kitchen, who was shown its stock as it can be. */
const said = (fields: Fields, row: KitchenModel): Fields =>
  'jars' in fields ? { ...fields, jars: saidStock(fields['jars'] as JarDto[], row.jars) } : fields;

const MAY_BE_NULL: ReadonlySet<string> = new Set([
  'altitudeM',
  'waterBoilsC',
  'cannerHolds',
  'cannerWatched',
  'zone',
  'handMinutes',
]);

/** Lists of what a kitchen owns. */
const OWNED = ['pots', 'burners', 'jars'] as const;

/**
 * The same, with an id for everything owned that has none: that of what goes by its name already,
 * or a new one.
 */
const withIds = (fields: Fields, row: KitchenModel): Fields =>
  Object.fromEntries(
    Object.entries(fields).map(([field, value]) => [
      field,
      OWNED.some((name) => name === field)
        ? (value as Thing[]).map((thing) => ({
            ...thing,
            id: thing.id ?? idOf(row.get(field), thing.name) ?? randomUUID(),
          }))
        : value,
    ]),
  );

type Thing = { readonly id?: string; readonly name: string };

const idOf = (things: unknown, name: string): string | undefined =>
  (things as Thing[]).find((thing) => thing.name === name)?.id;

/** As JSON keeps it. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value ?? null));

const isSameName = (a: string, b: string): boolean => a.toLowerCase() === b.toLowerCase();

/** What a kitchen says of itself, as it is sent. */
const fieldsOf = (row: KitchenModel) => ({
  name: row.name,
  altitudeM: row.altitudeM,
  waterBoilsC: row.waterBoilsC,
  units: row.units,
  temperature: row.temperature,
  altitudeUnit: row.altitudeUnit,
  school: row.school,
  canner: row.canner,
  cannerHolds: row.cannerHolds,
  cannerWatched: row.cannerWatched,
  pots: row.pots,
  burners: row.burners,
  jars: shownStock(row.jars),
  packs: row.packs,
  measures: row.measures,
  names: row.names,
  stock: row.stock,
  prices: row.prices,
  currency: row.currency,
  shelves: row.shelves,
  zone: row.zone,
  handMinutes: row.handMinutes,
});

const answer = (row: KitchenModel): Kitchen => ({
  id: row.id,
  ...fieldsOf(row),
  version: row.version,
  knowledge: row.knowledge,
  setUp: row.setUpAt !== null,
});
