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

/** Most characters of one line that a batch keeps: more than a plan takes, so that its fault can be shown. */
const MOST_KEPT_CHARS = 400;

/** Whether there is anything in a formula: lines for the pot, or for what is done first, which may drip or stand overnight before the rest is known. */
export const isSomething = ({ lines, settings }: Formula): boolean =>
  [...lines, ...(settings.before?.lines ?? [])].some((line) => line.trim() !== '');

const IsSomething = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'isSomething',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (_, found) => {
        const { lines, settings } = (found?.object ?? {}) as Partial<FormulaDto>;
        const texts = [lines, settings?.before?.lines].flatMap((all) =>
          Array.isArray(all) ? (all as readonly unknown[]) : [],
        );
        return texts.some((line) => typeof line === 'string' && line.trim() !== '');
      },
      defaultMessage: () => 'Write at least one line.',
    },
  });

/** The lines of a formula, as they are kept. */
export const AreKeptLines = (): PropertyDecorator =>
  applyDecorators(
    IsArray({ message: 'lines must be a list of text.' }),
    IsSomething(),
    ArrayMaxSize(MOST_LINES, { message: `A batch may have at most ${MOST_LINES} lines.` }),
    IsString({ each: true, message: 'Each line must be text.' }),
    MaxLength(MOST_KEPT_CHARS, {
      each: true,
      message: `A line may have at most ${MOST_KEPT_CHARS} characters.`,
    }),
  );

/** A named formula, as batches and cards send it. */
export class FormulaDto {
  /** Made by whoever asks, so that a first save which is sent twice makes one; looked at only there. */
  @MayBeLeftOut()
  @IsUUID(undefined, { message: 'id must be a UUID.' })
  id?: string;

  @IsName()
  name!: string;

  @AreKeptLines()
  lines!: string[];

  /** What is said besides the lines; left out, everything is as usual. */
  @MayBeLeftOut()
  @IsPart(() => SettingsDto, 'settings must be an object.')
  settings?: SettingsDto;
}

/** A batch as the Balance screen saves it. */
export class BatchDto extends FormulaDto {
  /** What of the preparation is done, by its ids. */
  @MayBeLeftOut()
  @IsArray({ message: 'ticked must be a list of text.' })
  @ArrayMaxSize(300, { message: 'At most 300 things can be ticked.' })
  @IsString({ each: true, message: 'Each thing ticked must be text.' })
  @MaxLength(80, { each: true, message: 'An id has at most 80 characters.' })
  ticked?: string[];

  /** The version this change was made on; left out for a new batch. */
  @MayBeLeftOut()
  @IsInt({ message: 'version must be a whole number.' })
  @Min(1, { message: 'version must be 1 or more.' })
  @Max(MOST_VERSION, { message: 'No batch was ever saved so often.' })
  version?: number;
}

/** A batch as the server answers with it. */
export type Batch = Formula & {
  readonly id: string;
  readonly name: string;
  readonly ticked: readonly string[];
  /** Goes up by one with every save. */
  readonly version: number;
  /** What was planned when it was last saved, for the kitchen as it was then; null while that is worked out, for a moment after a save. */
  readonly plan: Plan | null;
  readonly createdAt: string;
  readonly updatedAt: string;
};
