import { refusal } from './refusal.ts';
import { IsPart, MayBeLeftOut } from './nested.ts';
import { MOST_LINES, type Plan, type Formula } from '@idle-kettle/core';
import {
  ArrayMaxSize,
  IsArray,
  IsInt,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  registerDecorator,
} from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { SettingsDto } from './settings.ts';
import { IsName } from './text.ts';

/** Versions count in whole numbers of the database. */
export const MOST_VERSION = 2_000_000_000;

/**
 * Most characters of one line that a batch keeps: more than a plan takes, so that its fault can be
 * shown.
 */
const MOST_KEPT_CHARS = 400;

/**
 * Whether there is anything in a formula: lines for the pot, jars that are emptied into it, or lines
 * for what is done first, which may drip or stand overnight before the rest is known.
 */
export const isSomething = ({ lines, settings }: Formula): boolean =>
  settings.remake != null ||
  [...lines, ...(settings.before?.lines ?? [])].some((line) => line.trim() !== '');

const IsSomething = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'isSomething',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (_, found) => {
        const { lines, settings } = (found?.object ?? {}) as Partial<FormulaDto>;
        if (settings?.remake != null) return true;
        const texts = [lines, settings?.before?.lines].flatMap((all) =>
          Array.isArray(all) ? (all as readonly unknown[]) : [],
        );
        return texts.some((line) => typeof line === 'string' && line.trim() !== '');
      },
      defaultMessage: () => refusal('requests.leastLines'),
    },
  });

/** The lines of a formula, as they are kept. */
export const AreKeptLines = (): PropertyDecorator =>
  applyDecorators(
    IsArray({ message: refusal('requests.listOfText') }),
    IsSomething(),
    ArrayMaxSize(MOST_LINES, { message: refusal('requests.mostLines', { most: MOST_LINES }) }),
    IsString({ each: true, message: refusal('requests.eachLineText') }),
    MaxLength(MOST_KEPT_CHARS, {
      each: true,
      message: refusal('requests.lineLength', { most: MOST_KEPT_CHARS }),
    }),
  );

/** A named formula, as batches and cards send it. */
export class FormulaDto {
  /**
   * Made by whoever asks, so that a first save which is sent twice makes one; looked at only there.
   */
  @MayBeLeftOut()
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  id?: string;

  @IsName()
  name!: string;

  @AreKeptLines()
  lines!: string[];

  /** What is said besides the lines; left out, everything is as usual. */
  @MayBeLeftOut()
  @IsPart(() => SettingsDto, refusal('requests.object'))
  settings?: SettingsDto;
}

/** A batch as the Balance screen saves it. */
export class BatchDto extends FormulaDto {
  /** What of the preparation is done, by its ids. */
  @MayBeLeftOut()
  @IsArray({ message: refusal('requests.listOfText') })
  @ArrayMaxSize(300, { message: refusal('requests.mostTicked', { most: 300 }) })
  @IsString({ each: true, message: refusal('requests.eachTickedText') })
  @MaxLength(80, { each: true, message: refusal('requests.idLength', { most: 80 }) })
  ticked?: string[];

  /** The version this change was made on; left out for a new batch. */
  @MayBeLeftOut()
  @IsInt({ message: refusal('requests.versionWhole') })
  @Min(1, { message: refusal('requests.versionFromOne') })
  @Max(MOST_VERSION, { message: refusal('requests.versionTooHigh') })
  version?: number;
}

/** A batch as the server answers with it. */
export type Batch = Formula & {
  readonly id: string;
  readonly name: string;
  readonly ticked: readonly string[];
  /** Goes up by one with every save. */
  readonly version: number;
  /**
   * What was planned when it was last saved, for the kitchen as it was then; null while that is
   * worked out, for a moment after a save.
   */
  readonly plan: Plan | null;
  readonly createdAt: string;
  readonly updatedAt: string;
};
