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
import type { CannerWatched, StockUse } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { randomUUID } from 'node:crypto';
import { isDeepStrictEqual } from 'node:util';
import { BatchModel } from '../batches/batch.model.ts';
import { HouseholdService } from '../household/household.service.ts';
import { Op, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BadInput, Conflict } from '../problem/errors.ts';
import { KitchenModel } from './kitchen.model.ts';

@Injectable()
export class KitchenService {
  constructor(
    @InjectModel(KitchenModel) private readonly kitchens: typeof KitchenModel,
    @InjectModel(BatchModel) private readonly batches: typeof BatchModel,
    private readonly households: HouseholdService,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  /**
   * @param within a transaction of the caller’s, which holds a connection already; null for none
   */
  async current(within: Transaction | null = null): Promise<Kitchen> {
    return answer(await this.row(within));
  }

  /**
   * Sets the whole kitchen up. Made on a version that has changed since, it is refused; made on
   * none, it counts for whatever is there.
   * @param isDone whether the kitchen counts as set up from now on
   */
  setUp({ version, ...dto }: KitchenDto, isDone = true): Promise<Kitchen> {
    return this.changed((row) => {
      if (version !== undefined && version !== row.version) {
        throw new Conflict(
          message('problems.kitchenChangedElsewhere', { there: row.version, on: version }),
        );
      }
      return { altitudeM: null, waterBoilsC: null, ...given(dto) };
    }, isDone);
  }

  /**
   * Changes some fields, made on a version. Of two changes at once both stand where they are of
   * different fields; where a field was changed by somebody else since, nothing is, and each such
   * field is named.
   */
  change({ version, changes }: KitchenChangeDto): Promise<Kitchen> {
    return this.changed((row) => {
      const dto = plainToInstance(KitchenDto, { ...fieldsOf(row), ...changes });
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
          !isDeepStrictEqual(plain(wanted[field]), plain(row.get(field))),
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
      return given(wanted);
    });
  }

  /** Teaches the kitchen a name; one that it knows is taught anew. Two at once both stand. */
  async teach(dto: TaughtNameDto): Promise<Kitchen> {
    const taught = { ...dto, taughtAt: new Date().toISOString() };
    return this.withNames((names) => {
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
  forget(name: string): Promise<Kitchen> {
    return this.withNames((names) => names.filter((known) => !isSameName(known.name, name)));
  }

  /**
   * Takes what a batch used off the stock of jars and lids, in a transaction of the caller’s;
   * answers with what that changed.
   */
  async takeJars(used: readonly StockUse[], transaction: Transaction): Promise<StockTaken[]> {
    const taken: StockTaken[] = [];
    await this.withJars((jar) => {
      const use = used.find(({ name }) => name === jar.name);
      if (use === undefined) return jar;
      const left = less(jar, use);
      taken.push(difference(jar, left));
      return left;
    }, transaction);
    return taken;
  }

  /** Gives back what a batch took, in a transaction of the caller’s. */
  async giveBackJars(taken: readonly StockTaken[], transaction: Transaction): Promise<void> {
    await this.withJars((jar) => {
      const took = taken.find(({ name }) => name === jar.name);
      return took === undefined ? jar : more(jar, took);
    }, transaction);
  }

  /** Keeps how the canner is known after the loads of a batch, in a transaction of the caller’s. */
  async keepCannerWatched(watched: CannerWatched, transaction: Transaction): Promise<void> {
    await this.changed(() => ({ cannerWatched: watched }), false, transaction);
  }

  private async withJars(change: (jar: JarDto) => JarDto, transaction: Transaction): Promise<void> {
    await this.changed(({ jars }) => ({ jars: jars.map(change) }), false, transaction);
  }

  private withNames(change: (names: TaughtNameDto[]) => TaughtNameDto[]): Promise<Kitchen> {
    return this.changed(({ names }) => ({ names: change(names) }), false);
  }

  /**
   * Changes fields under a lock on the kitchen, so that nothing is lost between reading and
   * writing.
   */
  private async changed(
    change: (row: KitchenModel) => Fields,
    isSetUp = true,
    within: Transaction | null = null,
  ): Promise<Kitchen> {
    const { id } = await this.row(within);
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

  private async row(transaction: Transaction | null = null): Promise<KitchenModel> {
    const householdId = await this.households.currentId();
    return this.kitchens.findOne({ where: { householdId }, transaction, rejectOnEmpty: true });
  }
}

/**
 * A jar’s stock after a batch: what is in use, what is left empty, lids that are new still. What
 * nobody counts stays uncounted.
 */
const less = (jar: JarDto, { inUse, broken, lids }: StockUse): JarDto => ({
  ...jar,
  inUse: (jar.inUse ?? 0) + inUse,
  ...(jar.count == null ? {} : { count: Math.max(0, jar.count - inUse - broken) }),
  ...(jar.lids == null ? {} : { lids: Math.max(0, jar.lids - lids) }),
});

/** What a batch changed of the stock of a size. */
export type StockTaken = {
  readonly name: string;
  readonly inUse: number;
  readonly count: number;
  readonly lids: number;
};

const difference = (before: JarDto, after: JarDto): StockTaken => ({
  name: before.name,
  inUse: (after.inUse ?? 0) - (before.inUse ?? 0),
  count: (before.count ?? 0) - (after.count ?? 0),
  lids: (before.lids ?? 0) - (after.lids ?? 0),
});

/** The stock with what was taken back in it; what nobody counts stays uncounted. */
const more = (jar: JarDto, { inUse, count, lids }: StockTaken): JarDto => ({
  ...jar,
  inUse: Math.max(0, (jar.inUse ?? 0) - inUse),
  ...(jar.count == null ? {} : { count: jar.count + count }),
  ...(jar.lids == null ? {} : { lids: jar.lids + lids }),
});

/** Fields of a kitchen by their names. */
type Fields = { readonly [field: string]: unknown };

/** What is said of it; what is left out, or null where nothing may be said, stays as it is. */
const given = (dto: object): Fields =>
  Object.fromEntries(
    Object.entries(dto).filter(
      ([field, value]) => value !== undefined && (value !== null || MAY_BE_NULL.has(field)),
    ),
  );

const MAY_BE_NULL: ReadonlySet<string> = new Set([
  'altitudeM',
  'waterBoilsC',
  'cannerHolds',
  'cannerWatched',
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
  jars: row.jars,
  packs: row.packs,
  measures: row.measures,
  names: row.names,
  stock: row.stock,
  prices: row.prices,
  currency: row.currency,
});

const answer = (row: KitchenModel): Kitchen => ({
  id: row.id,
  ...fieldsOf(row),
  version: row.version,
  setUp: row.setUpAt !== null,
});
