import 'reflect-metadata';
import {
  entryFault,
  EVENT_KINDS,
  MOST_LINES,
  READING_KINDS,
  STORAGES,
  type EntryKind,
  type Fault,
} from '@idle-kettle/core';
import { message, type Text } from '@idle-kettle/words/message';
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
import { AreKeptLines, BatchDto, MOST_VERSION } from './batch.ts';
import { MOST_PHOTO_BYTES, OutcomeDto } from './book.ts';
import { EARLIEST_MS, LATEST_MS } from './cookSession.ts';
import { applyDecorators } from './applyDecorators.ts';
import { kitchenFaults } from './keptKitchen.ts';
import { AreParts, IsPart, MayBeLeftOut } from './nested.ts';
import { IsWholeBetween } from './numbers.ts';
import { readJson, type ReadJson } from './planRequest.ts';
import { packed, refusal } from './refusal.ts';
import { SettingsDto } from './settings.ts';
import { IsName } from './text.ts';

/** What such a file calls itself, and how it is written. */
export const BOOK_FORMAT = 'kettle-book';
export const BOOK_FORMAT_VERSION = 1;
/** Largest book that is taken in at once, bytes. */
export const MOST_BOOK_BYTES = 64 * 1024 * 1024;
const MOST_OF_EACH = 20_000;
const MOST_LOGGED = 100_000;

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

/** One line of a log, as a book keeps it. */
export type KeptEntry = {
  readonly source: string;
  readonly seq: number;
  readonly at: number;
  readonly saidAt: number | null;
  readonly kind: EntryKind;
  readonly value: number | null;
  readonly text: string | null;
  readonly by: {
    readonly kind: 'member' | 'device' | 'machine';
    readonly id: string | null;
  } | null;
};

const KINDS: ReadonlySet<unknown> = new Set([...READING_KINDS, ...EVENT_KINDS]);
const AUTHORS: ReadonlySet<unknown> = new Set(['member', 'device', 'machine']);
const UUID = /^[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const isMs = (value: unknown): boolean =>
  Number.isInteger(value) && (value as number) >= EARLIEST_MS && (value as number) <= LATEST_MS;

/** What is wrong with a line of a log that a book keeps; null for nothing. */
function lineFault(line: unknown): Text | null {
  if (typeof line !== 'object' || line === null) return message('requests.eachObject');
  const { source, seq, at, saidAt, kind, value, text, by, ...more } = line as {
    readonly [key: string]: unknown;
  };
  if (Object.keys(more).length > 0) return message('requests.unknownKey');
  if (typeof source !== 'string' || !/^[\w .:-]{1,60}$/.test(source))
    return message('requests.source');
  if (!Number.isInteger(seq) || (seq as number) < 1 || (seq as number) > MOST_VERSION)
    return message('requests.between', { property: 'seq', low: 1, high: MOST_VERSION });
  if (!isMs(at) || (saidAt !== null && !isMs(saidAt))) return message('requests.loggedAt');
  if (!KINDS.has(kind)) return message('requests.loggedKind', { kind: String(kind).slice(0, 40) });
  if (value !== null && (typeof value !== 'number' || !Number.isFinite(value)))
    return message('requests.loggedValue');
  if (text !== null && (typeof text !== 'string' || text.length > 120 || text.includes('\u0000')))
    return message('requests.loggedText');
  if (by !== null) {
    const author = by as { readonly kind?: unknown; readonly id?: unknown };
    const isOne =
      typeof by === 'object' &&
      AUTHORS.has(author.kind) &&
      (author.id === null || (typeof author.id === 'string' && UUID.test(author.id)));
    if (!isOne) return message('requests.loggedBy');
  }
  return (
    entryFault({
      kind: kind as EntryKind,
      value,
      text,
    })?.message ?? null
  );
}

/** A kept log, looked through line by line: as objects of a class a probe’s would take seconds. */
const IsKeptLog = (): PropertyDecorator => (target, property) => {
  const firstFault = (value: unknown) => {
    if (!Array.isArray(value))
      return { line: 0, why: message('requests.list', { property: 'log' }) };
    if (value.length > MOST_LOGGED)
      return { line: 0, why: message('requests.mostOfThem', { most: MOST_LOGGED }) };
    const names = new Set<string>();
    for (const [index, line] of value.entries()) {
      const why = lineFault(line);
      if (why !== null) return { line: index + 1, why };
      const { source, seq } = line as KeptEntry;
      if (names.has(`${source} ${seq}`))
        return { line: index + 1, why: message('requests.loggedTwice') };
      names.add(`${source} ${seq}`);
    }
    return null;
  };
  registerDecorator({
    name: 'isKeptLog',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown) => firstFault(value) === null,
      defaultMessage: (of?: ValidationArguments) => {
        const fault = firstFault(of?.value);
        return packed(
          message('requests.logged', { line: fault?.line ?? 0, why: fault?.why ?? '' }),
        );
      },
    },
  });
};

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
