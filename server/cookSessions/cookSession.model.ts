import type { Formula } from '@idle-kettle/core';
import type { CookKitchen, CookClock, JarPlaces } from '@idle-kettle/contract';
import type { Debrief, Practice } from '@idle-kettle/core';
import {
  AllowNull,
  Column,
  DataType,
  Default,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import type { StockTaken } from '../kitchen/jarStock.ts';

declare const ofACook: unique symbol;

/**
 * The id of a cook that was found in the household of whoever asks: no text that somebody sends is
 * one, so that no log is read or written without looking whose it is.
 */
export type CookId = string & { readonly [ofACook]: true };

/** One time that a pot stood on the stove, of a batch or for practice. */
@Table({ tableName: 'cook_sessions', underscored: true })
export class CookSessionModel extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: CookId;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @Column(DataType.UUID)
  declare batchId: string | null;

  @AllowNull(false)
  @Column(DataType.STRING(120))
  declare name: string;

  /**
   * As they were when it was begun, so that a later change of batch or kitchen does not move a
   * cook.
   */
  @AllowNull(false)
  @Column(DataType.JSONB)
  declare formula: Formula;

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare kitchen: CookKitchen;

  @Column(DataType.JSONB)
  declare practice: Practice | null;

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare clock: CookClock;

  /** How many entries its log holds. */
  @AllowNull(false)
  @Default(0)
  @Column(DataType.INTEGER)
  declare position: number;

  /** How many of those people wrote: what was done, and what was read by hand. */
  @AllowNull(false)
  @Default(0)
  @Column(DataType.INTEGER)
  declare events: number;

  /** From how many of them its jars and the stock were worked out. */
  @AllowNull(false)
  @Default(0)
  @Column(DataType.INTEGER)
  declare eventsSettled: number;

  /** From how many of them the table of its jars was. */
  @AllowNull(false)
  @Default(0)
  @Column(DataType.INTEGER)
  declare jarsSettled: number;

  /**
   * Its number in the household, which the database gives it; null for a practice. It never
   * changes: labels print it.
   */
  @Column(DataType.INTEGER)
  declare number: number | null;

  /** When an entry that is dated ahead counts, and they are worked out anew; null for none. */
  @Column(DataType.DATE)
  declare settleAt: Date | null;

  @AllowNull(false)
  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare startedAt: Date;

  @Column(DataType.DATE)
  declare endedAt: Date | null;

  /** When its jars were put away, and taken off the kitchen’s stock. */
  @Column(DataType.DATE)
  declare storedAt: Date | null;

  /** What its jars have taken off the stock. */
  @AllowNull(false)
  @Default([])
  @Column(DataType.JSONB)
  declare stockTaken: readonly StockTaken[];

  /** Whether its loads have told how the kitchen’s canner heats: once. */
  @AllowNull(false)
  @Default(false)
  @Column(DataType.BOOLEAN)
  declare cannerCounted: boolean;

  /** How many of its jars are where, as its log says; null while it does not. */
  @Column(DataType.JSONB)
  declare jarPlaces: JarPlaces | null;

  @Column(DataType.JSONB)
  declare debrief: Debrief | null;
}
