import 'reflect-metadata';
import { MOST_LINES, STORAGES, type Fault } from '@idle-kettle/core';
import { message } from '@idle-kettle/words/message';
import {
  ArrayMaxSize,
  Equals,
  IsArray,
  IsBase64,
  IsISO8601,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
  registerDecorator,
  type ValidationArguments,
} from 'class-validator';
import { AreKeptLines, BatchDto } from './batch.ts';
import { MOST_PHOTO_BYTES, OutcomeDto } from './book.ts';
import { applyDecorators } from './applyDecorators.ts';
import { kitchenFaults } from './keptKitchen.ts';
import { IsKeptLog, type KeptEntry } from './keptLog.ts';
import { AreParts, IsPart, MayBeLeftOut } from './nested.ts';
import { IsWholeBetween } from './numbers.ts';
import { readJson, type ReadJson } from './planRequest.ts';
import { packed, refusal } from './refusal.ts';
import { SettingsDto } from './settings.ts';
import { IsName } from './text.ts';

export type { KeptEntry };

/** What such a file calls itself, and how it is written. */
export const BOOK_FORMAT = 'kettle-book';
export const BOOK_FORMAT_VERSION = 1;
/** Largest book that is taken in at once, bytes. */
export const MOST_BOOK_BYTES = 64 * 1024 * 1024;
const MOST_OF_EACH = 20_000;

const IsId = (): PropertyDecorator => IsUUID(undefined, { message: refusal('requests.uuid') });
const IsMoment = (): PropertyDecorator =>
  applyDecorators(
    IsISO8601({ strict: true }, { message: refusal('requests.moment') }),
    MaxLength(30, { message: refusal('requests.moment') }),
  );
const AreMany = (kind: () => new () => object): PropertyDecorator =>
  applyDecorators(
    IsArray({ message: refusal('requests.list') }),
    ArrayMaxSize(MOST_OF_EACH, { message: refusal('requests.mostOfThem', { most: MOST_OF_EACH }) }),
    AreParts(kind, refusal('requests.eachObject')),
  );

/** A version of a recipe, as a book keeps it. */
export class KeptVersionDto {
  @IsWholeBetween(1, 1_000_000)
  number!: number;

  @AreKeptLines()
  lines!: string[];

  @IsPart(() => SettingsDto, refusal('requests.object'))
  settings!: SettingsDto;

  @IsString({ message: refusal('requests.text') })
  @MaxLength(2000, { message: refusal('requests.noteLength', { most: 2000 }) })
  note!: string;

  @IsMoment()
  createdAt!: string;
}

/** A recipe, as a book keeps it. */
export class KeptRecipeDto {
  @IsId()
  id!: string;

  @IsName()
  name!: string;

  @AreMany(() => KeptVersionDto)
  versions!: KeptVersionDto[];

  @IsOptional()
  @IsMoment()
  deletedAt!: string | null;

  @IsMoment()
  createdAt!: string;

  @IsMoment()
  updatedAt!: string;
}

/** A batch, as a book keeps it. */
export class KeptBatchDto extends BatchDto {
  @IsId()
  declare id: string;

  @IsOptional()
  @IsMoment()
  doneAt!: string | null;

  @IsOptional()
  @IsMoment()
  deletedAt!: string | null;

  @IsMoment()
  createdAt!: string;

  @IsMoment()
  updatedAt!: string;
}

/** A kitchen as a cook was begun in it. */
const IsKeptKitchen = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'isKeptKitchen',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown) => kitchenFaults(value) === null,
      defaultMessage: (of?: ValidationArguments) =>
        packed(kitchenFaults(of?.value) ?? message('requests.object', { property: 'kitchen' })),
    },
  });

class KeptFormulaDto {
  @IsArray({ message: refusal('requests.listOfText') })
  @ArrayMaxSize(MOST_LINES, { message: refusal('requests.mostLines', { most: MOST_LINES }) })
  @IsString({ each: true, message: refusal('requests.eachLineText') })
  @MaxLength(400, { each: true, message: refusal('requests.lineLength', { most: 400 }) })
  lines!: string[];

  @IsPart(() => SettingsDto, refusal('requests.object'))
  settings!: SettingsDto;
}

class JarPlacesDto implements Record<(typeof STORAGES)[number], number> {
  @IsWholeBetween(0, 100_000)
  pantry!: number;

  @IsWholeBetween(0, 100_000)
  fridge!: number;

  @IsWholeBetween(0, 100_000)
  freezer!: number;
}

/** A cook that is over, as a book keeps it. */
export class KeptCookDto {
  @IsId()
  id!: string;

  @IsId()
  batchId!: string;

  @IsName()
  name!: string;

  @IsPart(() => KeptFormulaDto, refusal('requests.object'))
  formula!: KeptFormulaDto;

  @IsObject({ message: refusal('requests.object') })
  @IsKeptKitchen()
  kitchen!: object;

  @IsMoment()
  startedAt!: string;

  @IsMoment()
  endedAt!: string;

  @IsOptional()
  @IsMoment()
  storedAt!: string | null;

  @IsOptional()
  @IsPart(() => JarPlacesDto, refusal('requests.object'))
  jarPlaces!: JarPlacesDto | null;

  @IsKeptLog()
  log!: KeptEntry[];

  @IsOptional()
  @IsPart(() => OutcomeDto, refusal('requests.object'))
  outcome!: OutcomeDto | null;
}

/** A picture, as a book keeps it. */
export class KeptPhotoDto {
  @IsId()
  id!: string;

  @IsId()
  cookId!: string;

  @IsMoment()
  takenAt!: string;

  @IsBase64(undefined, { message: refusal('requests.base64') })
  @MaxLength(Math.ceil((MOST_PHOTO_BYTES * 4) / 3), {
    message: refusal('requests.noteLength', { most: MOST_PHOTO_BYTES }),
  })
  jpeg!: string;
}

/** A whole book: recipes, batches, cooks with their logs and outcomes, and pictures. */
export class BookFileDto {
  @Equals(BOOK_FORMAT, { message: refusal('requests.bookFormat', { format: BOOK_FORMAT }) })
  format!: string;

  @Equals(BOOK_FORMAT_VERSION, {
    message: refusal('requests.bookVersion', { version: BOOK_FORMAT_VERSION }),
  })
  version!: number;

  @AreMany(() => KeptRecipeDto)
  recipes!: KeptRecipeDto[];

  @AreMany(() => KeptBatchDto)
  batches!: KeptBatchDto[];

  @AreMany(() => KeptCookDto)
  cooks!: KeptCookDto[];

  @MayBeLeftOut()
  @AreMany(() => KeptPhotoDto)
  photos?: KeptPhotoDto[];
}

/** What an import did: how many of each came in, and how many were there already. */
export type BookImported = {
  readonly [of in 'recipes' | 'batches' | 'cooks' | 'photos']: number;
} & { readonly there: number };

/** Ids that a file names and does not hold, and those that it holds twice. */
function strayFaults({ batches, cooks, photos = [], recipes }: BookFileDto): Fault[] {
  const twice = (field: string, rows: readonly { readonly id: string }[]): Fault[] => {
    const seen = new Set<string>();
    return rows.flatMap(({ id }, index) => {
      const isThere = seen.has(id);
      seen.add(id);
      return isThere
        ? [{ field: `${field}[${index}].id`, message: message('requests.idTwice') }]
        : [];
    });
  };
  const batchIds = new Set(batches.map(({ id }) => id));
  const cookIds = new Set(cooks.map(({ id }) => id));
  return [
    ...twice('recipes', recipes),
    ...twice('batches', batches),
    ...twice('cooks', cooks),
    ...twice('photos', photos),
    ...cooks.flatMap(({ batchId }, index) =>
      batchIds.has(batchId)
        ? []
        : [{ field: `cooks[${index}].batchId`, message: message('requests.noSuchId') }],
    ),
    ...photos.flatMap(({ cookId }, index) =>
      cookIds.has(cookId)
        ? []
        : [{ field: `photos[${index}].cookId`, message: message('requests.noSuchId') }],
    ),
  ];
}

/** Most faults of a file that are named at once. */
const MOST_FAULTS = 100;

/** Reads the text of a book: all of it, or every fault with its place, and nothing of it. */
export function readBookFile(text: string): ReadJson<BookFileDto> {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    // Not every engine says where for every fault.
    const where = /position (\d+)/.exec(String(error))?.[1];
    const told =
      where === undefined
        ? message('requests.bookNoJson')
        : message('requests.notJsonAt', {
            line: text.slice(0, Number(where)).split('\n').length,
          });
    return { ok: false, faults: [{ field: '', message: told }] };
  }
  const read = readJson(BookFileDto, json, (dto) => dto);
  const faults = read.ok ? strayFaults(read.request) : read.faults;
  return faults.length === 0 ? read : { ok: false, faults: faults.slice(0, MOST_FAULTS) };
}
