import { type Formula, type Method, type Product, type SetClass } from '@idle-kettle/core';
import type { CookSummary } from '@idle-kettle/core/book';
import {
  COMMON_IDS,
  KEYED_IDS,
  type EstimateStory,
  type QuantityId,
} from '@idle-kettle/core/learning';
import { IsBoolean, IsOptional, IsString, MaxLength } from 'class-validator';
import { MOST_VERSION } from './batch.ts';
import { CookOutcomeDto } from './cookOutcome.ts';
import type { LoggedEntry } from './cookSession.ts';
import { MayBeLeftOut } from './nested.ts';
import { IsWholeBetween } from './numbers.ts';
import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';

/** How many steps a judgement has, 1 the worst. */
export const MOST_STARS = 5;
/** Most characters of what is written of a batch. */
export const MOST_NOTES_CHARS = 4000;
/** Most cooks that are looked at side by side. */
export const MOST_BESIDE = 4;
/** Most pictures of one cook. */
export const MOST_PHOTOS = 12;
/** Largest picture that is taken in, bytes: browsers send smaller ones. */
export const MOST_PHOTO_BYTES = 4 * 1024 * 1024;

const judged = (): PropertyDecorator => IsWholeBetween(1, MOST_STARS);

/** How a batch turned out, as somebody says a week later. What is null nobody has said. */
export class OutcomeDto extends CookOutcomeDto {
  /** The version that this was made on; 0 where nothing was said before. */
  @IsWholeBetween(0, MOST_VERSION)
  version!: number;

  @IsOptional()
  @judged()
  taste?: number | null;

  @IsOptional()
  @judged()
  colour?: number | null;

  @IsOptional()
  @judged()
  clarity?: number | null;

  /** Whether somebody would make it again. */
  @IsOptional()
  @IsBoolean({ message: refusal('requests.trueOrFalse') })
  again?: boolean | null;

  /** What it cost, minor units of the kitchen’s money. */
  @IsOptional()
  @IsWholeBetween(0, 10_000_000)
  costMinor?: number | null;

  @MayBeLeftOut()
  @IsString({ message: refusal('requests.text') })
  @MaxLength(MOST_NOTES_CHARS, {
    message: refusal('requests.noteLength', { most: MOST_NOTES_CHARS }),
  })
  notes?: string;
}

/** How a batch turned out, as the server answers with it. */
export type Outcome = {
  readonly [field in Exclude<keyof OutcomeDto, 'version' | 'notes'>]: NonNullable<
    OutcomeDto[field]
  > | null;
} & {
  readonly notes: string;
  /** Goes up by one with every change; 0 where nobody has said anything. */
  readonly version: number;
};

/** What nobody has said anything of. */
export const NO_OUTCOME: Outcome = {
  set: null,
  taste: null,
  colour: null,
  clarity: null,
  again: null,
  costMinor: null,
  volumeMl: null,
  finalMassG: null,
  notes: '',
  version: 0,
};

/** A cook that is over, as the Book lists it. */
export type BookEntry = {
  /** Of the cook session. */
  readonly id: string;
  readonly batchId: string;
  readonly name: string;
  /** Id of the fruit that it held most of, and the colour of its jam; null for none. */
  readonly fruit: string | null;
  readonly colour: string | null;
  readonly product: Product | null;
  readonly method: Method | null;
  readonly cookedAt: string;
  /** Who did most at it; null for whoever was at the machine itself. */
  readonly cook: string | null;
  readonly jars: number | null;
  /** Full jars as they were foretold, p50. */
  readonly plannedJars: number | null;
  readonly minutes: number | null;
  readonly set: SetClass | null;
  readonly plannedSet: SetClass | null;
  readonly taste: number | null;
  readonly again: boolean | null;
  readonly photos: number;
};

/** What the Book may be looked through by. Each null for all. */
export type BookQuery = {
  readonly words: string | null;
  readonly fruit: string | null;
  readonly year: number | null;
  readonly method: string | null;
  readonly set: SetClass | 'unsaid' | null;
  readonly cook: string | null;
  readonly again: boolean | null;
};

/** What a query may ask for, as far as there is anything, with how many of each. */
export type BookFacets = {
  readonly [facet in 'fruit' | 'year' | 'method' | 'set' | 'cook']: readonly {
    readonly value: string;
    readonly count: number;
  }[];
};

/** How many of the Book are sent at a time. */
export const BOOK_PAGE = 100;

/** A page of the Book, the last cooked first. */
export type BookPage = {
  /** How many there are in all. */
  readonly total: number;
  readonly entries: readonly BookEntry[];
};

/** Cooks that are over for a week, and of which nobody has said how they set. */
export type BookHome = {
  readonly facets: BookFacets;
  readonly toJudge: readonly BookEntry[];
  /** How many cooks are still being worked out. */
  readonly waiting: number;
};

/** A picture of a cook. */
export type Photo = {
  readonly id: string;
  readonly width: number;
  readonly height: number;
  readonly bytes: number;
  readonly takenAt: string;
};

/** A recipe version that a batch was made from. */
export type MadeFrom = {
  readonly recipeId: string;
  readonly name: string;
  readonly number: number;
};

/** What the cooks of one version of a recipe came to, the first first. */
export type VersionCook = {
  readonly id: string;
  readonly number: number;
  readonly cookedAt: string;
  readonly set: SetClass | null;
  readonly taste: number | null;
  readonly notes: string;
};

/** A cook that is over, whole. */
export type BookRecord = Omit<BookEntry, 'photos'> & {
  readonly formula: Formula;
  readonly startedAt: string;
  /** Null while it is worked out, and for what cannot be planned any more. */
  readonly summary: CookSummary | null;
  readonly outcome: Outcome;
  readonly photos: readonly Photo[];
  readonly madeFrom: MadeFrom | null;
  /** The batches that its jars are made again as. */
  readonly remade: readonly { readonly batchId: string; readonly name: string }[];
  /** What was done, without what devices read; the first first. */
  readonly log: readonly LoggedEntry[];
};

/** A cook that an estimate rests on, as the page of what is known names it. */
export type TellingCook = { readonly id: string; readonly name: string; readonly cookedAt: string };

/** What a kitchen knows, with what it rests on. */
export type Knowledge = {
  readonly stories: readonly EstimateStory[];
  readonly cooks: readonly TellingCook[];
  readonly burners: readonly { readonly id: string; readonly name: string }[];
  readonly pots: readonly { readonly id: string; readonly name: string }[];
};

/** A cook as the charts draw it; null for what is not known of it. */
export type ChartRow = {
  readonly id: string;
  readonly name: string;
  readonly cookedAt: string;
  readonly fruit: string | null;
  readonly year: number;
  readonly plannedMl: number | null;
  readonly volumeMl: number | null;
  readonly plannedMinutes: number | null;
  readonly minutes: number | null;
  readonly jars: number | null;
  readonly plannedStopC: number | null;
  readonly stopC: number | null;
  readonly set: SetClass | null;
  readonly costMinor: number | null;
};

/** What of what is known is to be forgotten. */
export class ForgetDto {
  @IsOneOf([...COMMON_IDS, ...KEYED_IDS])
  what!: QuantityId;

  /** The burner whose power it is. */
  @IsOptional()
  @IsString({ message: refusal('requests.text') })
  @MaxLength(120, { message: refusal('requests.idLength', { most: 120 }) })
  burner?: string | null;

  /** The pot, the method or the fruit that it is of. */
  @IsOptional()
  @IsString({ message: refusal('requests.text') })
  @MaxLength(120, { message: refusal('requests.idLength', { most: 120 }) })
  of?: string | null;
}
