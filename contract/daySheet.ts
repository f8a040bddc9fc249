import type { ActId, Fault } from '@idle-kettle/core';
import type { CrewLine, DayNeed, LiveDay } from '@idle-kettle/core/schedule';
import { ArrayMaxSize, IsArray, IsOptional, IsUUID, Matches, ValidateBy } from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { MOST_VERSION } from './batch.ts';
import { MOST_OF_A_DAY } from './day.ts';
import { BreakDto, IsMoment } from './moment.ts';
import { AreParts, MayBeLeftOut } from './nested.ts';
import { IsWholeBetween } from './numbers.ts';
import { AllDiffer } from './owned.ts';
import { refusal } from './refusal.ts';
import { IsName } from './text.ts';

const MOST_PEOPLE = 50;
const MOST_THINGS = 20;
const MOST_TICKS = 400;
/** Most batches of one sheet: it is planned anew all the time. */
export const MOST_ON_A_SHEET = 24;

/** A list of parts, bounded. */
const AreSome = (most: number, kind: () => new () => object): PropertyDecorator =>
  applyDecorators(
    IsArray({ message: refusal('requests.list') }),
    ArrayMaxSize(most, { message: refusal('requests.mostOfThem', { most }) }),
    AreParts(kind, refusal('requests.eachObject')),
  );

/** Somebody who helps, a burner, a slow cooker. */
export class NamedDto {
  @IsName()
  name!: string;
}

/** A canner, and how many half-pints stand in it. */
export class NamedCannerDto extends NamedDto {
  @IsWholeBetween(1, 60, 'half-pints')
  halfPints!: number;
}

/** One batch of a day sheet, and what is wished of it. */
export class SheetBatchDto {
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  batchId!: string;

  /** Not begun before, for it was dragged there; left out for as soon as it goes. */
  @IsOptional()
  @IsMoment()
  notBefore?: string | null;

  /** Until when its fruit keeps. */
  @IsOptional()
  @IsMoment()
  keepsUntil?: string | null;

  /** Whose it is, by the place among the people; left out for anybody’s. */
  @IsOptional()
  @IsWholeBetween(0, MOST_PEOPLE - 1, 'people')
  person?: number | null;
}

/** That something before the stove is done: what no log of a cook tells. */
export class SheetTickDto {
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  batchId!: string;

  @Matches(/^[a-z-]{1,20}$/, { message: refusal('requests.text') })
  act!: ActId;

  @IsMoment()
  at!: string;
}

const isInOrder = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.every((one: unknown) => {
    const { from, to } = (one ?? {}) as Partial<BreakDto>;
    return new Date(from ?? '').getTime() < new Date(to ?? '').getTime();
  });

const InOrder = (): PropertyDecorator =>
  ValidateBy({
    name: 'inOrder',
    validator: { validate: isInOrder, defaultMessage: () => refusal('requests.breakInOrder') },
  });

const ofDifferentBatches = (value: unknown): boolean =>
  Array.isArray(value) &&
  new Set(value.map((one: unknown) => (one as SheetBatchDto | null)?.batchId)).size ===
    value.length;

const EachOnce = (): PropertyDecorator =>
  ValidateBy({
    name: 'eachOnce',
    validator: {
      validate: ofDifferentBatches,
      defaultMessage: () => refusal('requests.batchOnce'),
    },
  });

/** A day sheet, as it is sent: the batches of one day, and who makes them on what. */
export class DaySheetDto {
  /** Chosen by who makes it, so that a second press is the same sheet. */
  @MayBeLeftOut()
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  id?: string;

  /** The version that a change is made on. */
  @MayBeLeftOut()
  @IsWholeBetween(1, MOST_VERSION, '')
  version?: number;

  @IsName()
  name!: string;

  @IsMoment()
  from!: string;

  @IsOptional()
  @IsMoment()
  finishBy?: string | null;

  @AreSome(MOST_PEOPLE, () => NamedDto)
  @AllDiffer()
  people!: NamedDto[];

  @AreSome(MOST_THINGS, () => NamedDto)
  @AllDiffer()
  burners!: NamedDto[];

  @AreSome(MOST_THINGS, () => NamedDto)
  @AllDiffer()
  slowCookers!: NamedDto[];

  @AreSome(10, () => NamedCannerDto)
  @AllDiffer()
  canners!: NamedCannerDto[];

  /** Pots for the burners; left out for as many as are wanted. */
  @IsOptional()
  @AreSome(MOST_THINGS, () => NamedDto)
  @AllDiffer()
  pots?: NamedDto[] | null;

  /** Bowls to soak, drip and infuse in; left out for as many as are wanted. */
  @IsOptional()
  @AreSome(MOST_THINGS, () => NamedDto)
  @AllDiffer()
  bowls?: NamedDto[] | null;

  /** When nobody is there. */
  @AreSome(MOST_OF_A_DAY, () => BreakDto)
  @InOrder()
  breaks!: BreakDto[];

  @AreSome(MOST_ON_A_SHEET, () => SheetBatchDto)
  @EachOnce()
  batches!: SheetBatchDto[];

  @AreSome(MOST_TICKS, () => SheetTickDto)
  ticks!: SheetTickDto[];
}

/** What a day sheet keeps. */
export type SheetDocument = Omit<DaySheetDto, 'id' | 'version'>;

/** A day sheet as it is kept. */
export type DaySheet = SheetDocument & { readonly id: string; readonly version: number };

/** A line of the list of day sheets. */
export type DaySheetLine = {
  readonly id: string;
  readonly name: string;
  readonly from: string;
  /** What the batches are called. */
  readonly batches: readonly string[];
};

/** A batch of a sheet, as it is drawn. */
export type SheetBatch = {
  readonly batchId: string;
  readonly name: string;
  readonly colour: string | null;
  /** The cook that was begun of it on that day; null for none. */
  readonly cookId: string | null;
  /** Jars to have ready, the most that it is likely to fill; 0 where that is not known. */
  readonly jars: number;
};

/** A day sheet, and the day as it is planned by now. */
export type DayAnswer = {
  readonly sheet: DaySheet;
  readonly batches: readonly SheetBatch[];
  /** Null where nothing can be planned: no batch, or a formula that has faults. */
  readonly day: LiveDay | null;
  readonly faults: readonly Fault[];
  readonly crew: CrewLine | null;
  readonly shopping: readonly DayNeed[];
  /** The server’s clock, ms. */
  readonly nowMs: number;
};
