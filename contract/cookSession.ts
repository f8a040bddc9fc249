import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { AreParts, IsPart } from './nested.ts';
import {
  EVENT_KINDS,
  FAULT_IDS,
  PROBE_SOURCE,
  READING_KINDS,
  SCALE_SOURCE,
  type Debrief,
  type Entry,
  type EntryKind,
  type FaultId,
  type Drops,
  type Practice,
  type Senses,
  type PlanningKitchen,
  type Formula,
} from '@idle-kettle/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsNotIn,
  IsOptional,
  IsUUID,
  Matches,
  ValidateBy,
} from 'class-validator';
import { SuitsItsKind } from './entryRules.ts';
import { AreKeptLines } from './batch.ts';
import type { CookClock } from './cookClock.ts';
import type { Kitchen } from './kitchen.ts';
import { IsBetween, IsWholeBetween } from './numbers.ts';
import { SettingsDto } from './settings.ts';
import { IsName } from './text.ts';

/** Fastest that a practice cook runs: sixty minutes of the kitchen in one of the wall. */
export const FASTEST = 60;
/** Most entries that are delivered at once. */
export const MOST_ENTRIES = 100;
/** Names that only the devices of a kitchen write under. */
const DEVICE_SOURCES: readonly string[] = [PROBE_SOURCE, SCALE_SOURCE];
export const MOST_TEXT_CHARS = 120;
/** Names that sources of entries go by. */
export const SOURCE = /^[\w .:-]{1,60}$/;
const ENTRY_KINDS: readonly EntryKind[] = [...READING_KINDS, ...EVENT_KINDS];
/** Moments that a kitchen’s clock may show, ms: the years 2000 to 2100. */
export const EARLIEST_MS = Date.UTC(2000, 0);
export const LATEST_MS = Date.UTC(2100, 0);

/** Left out, null, or a finite number. */
const IsNumberOrNothing = (): PropertyDecorator =>
  ValidateBy({
    name: 'isNumberOrNothing',
    validator: {
      validate: (value: unknown) => value == null || Number.isFinite(value),
      defaultMessage: () => refusal('requests.number'),
    },
  });

/** Left out, null, or a short text. */
const IsTextOrNothing = (): PropertyDecorator =>
  ValidateBy({
    name: 'isTextOrNothing',
    validator: {
      validate: (text: unknown) =>
        text == null || (typeof text === 'string' && text.length <= MOST_TEXT_CHARS),
      defaultMessage: () => refusal('requests.textLength', { most: MOST_TEXT_CHARS }),
    },
  });

/** One line of a cook’s log, as a browser or a probe sends it. */
export class EntryDto {
  /**
   * Who writes: a browser, a probe. With `seq` it names the entry for ever, so that a second
   * delivery changes nothing.
   */
  @IsNotIn(DEVICE_SOURCES, {
    message: refusal('requests.sourceOfADevice'),
  })
  @Matches(SOURCE, {
    message: refusal('requests.source'),
  })
  source!: string;

  @IsWholeBetween(1, 2_000_000_000)
  seq!: number;

  /** When it happened, ms since 1970 on the kitchen’s clock. */
  @IsWholeBetween(EARLIEST_MS, LATEST_MS, 'ms since 1970')
  at!: number;

  @IsOneOf(ENTRY_KINDS)
  kind!: EntryKind;

  /** °C as shown, or grams, as the kind asks. */
  @IsNumberOrNothing()
  @SuitsItsKind('value')
  value?: number | null;

  @IsTextOrNothing()
  @SuitsItsKind('text')
  text?: string | null;
}

/** Some entries, delivered together: all of them are kept, or none. */
export class EntriesDto {
  @IsArray({ message: refusal('requests.list') })
  @ArrayMinSize(1, { message: refusal('requests.leastEntries') })
  @ArrayMaxSize(MOST_ENTRIES, { message: refusal('requests.mostEntries', { most: MOST_ENTRIES }) })
  @AreParts(() => EntryDto, refusal('requests.eachObject'))
  entries!: EntryDto[];

  /**
   * What the sender’s clock shows as it sends, ms since 1970: a clock that is wrong is measured by
   * it, and the times of the entries are put right.
   */
  @IsOptional()
  @IsBetween(0, LATEST_MS, 'ms since 1970')
  now?: number | null;
}

/** A cook on the simulated burner. */
export class PracticeDto {
  @IsName()
  name!: string;

  @AreKeptLines()
  lines!: string[];

  /** What the batch or the recipe says besides its lines; left out for nothing. */
  @IsOptional()
  @IsPart(() => SettingsDto, refusal('requests.object'))
  settings?: SettingsDto;

  @IsOneOf(FAULT_IDS)
  fault!: FaultId;

  @IsWholeBetween(1, 2_000_000_000)
  seed!: number;

  /** Minutes of the kitchen in a minute of the wall. */
  @IsBetween(1, FASTEST)
  speed!: number;

  /** What the probe shows above the truth, K; the fault’s own comes on top. */
  @IsOptional()
  @IsBetween(-5, 5, 'K')
  probeOffsetK?: number;

  @IsOptional()
  @IsBoolean({ message: refusal('requests.trueOrFalse') })
  scale?: boolean;
}

/** A new cook: of a batch, or for practice. */
export class CookSessionDto {
  /** Made by whoever asks, so that a request that is sent twice makes one cook. */
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  id!: string;

  @IsOptional()
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  batchId?: string;

  @IsOptional()
  @IsPart(() => PracticeDto, refusal('requests.object'))
  practice?: PracticeDto;
}

/** How fast a practice cook runs from now on. */
export class SpeedDto {
  @IsBetween(1, FASTEST)
  speed!: number;
}

/** The kitchen of a cook, with how it likes to read its figures. */
export type CookKitchen = PlanningKitchen & Pick<Kitchen, 'units' | 'temperature'>;

/** A cook as a list of them tells it. */
export type CookSessionSummary = {
  readonly id: string;
  readonly name: string;
  readonly batchId: string | null;
  readonly startedAt: string;
  readonly endedAt: string | null;
  /** When its jars were put away; null until then. */
  readonly storedAt: string | null;
  /** What may be wrong with the pot of a practice; null for a cook that is none. */
  readonly fault: FaultId | null;
  /** Of a practice cook that is over. */
  readonly score: number | null;
};

/** A cook as the server answers with it. */
export type CookSession = {
  readonly id: string;
  readonly name: string;
  readonly batchId: string | null;
  /** Its number in the household, which its jars’ labels begin with; null for a practice. */
  readonly number: number | null;
  /** What is cooked and where, as they were when it was begun. */
  readonly formula: Formula;
  readonly kitchen: CookKitchen;
  readonly practice: Practice | null;
  readonly clock: CookClock;
  readonly startedAt: string;
  readonly endedAt: string | null;
  /** When its jars were put away and taken off the stock; null until then. */
  readonly storedAt: string | null;
  /** How many entries its log holds. */
  readonly position: number;
  /** Of a practice cook that is over. */
  readonly debrief: Debrief | null;
};

/** Who made an entry: a member or a device of the household, or whoever was at the machine itself. */
export type Author = {
  readonly kind: 'member' | 'device' | 'machine';
  readonly id: string | null;
};

/**
 * An entry with its place in the log, counted from 1 without gaps, and who made it; null for one of
 * a time when that was not kept.
 */
export type LoggedEntry = Entry & { readonly position: number; readonly by: Author | null };

/** What the live view sends. */
export type LiveMessage = {
  readonly entries: readonly LoggedEntry[];
  /** Where the log stands after them. */
  readonly position: number;
};

/** What is seen of a practice pot. */
export type PotSight = Senses & {
  /** ms on the kitchen’s clock. */
  readonly at: number;
  readonly drops: Drops;
};
