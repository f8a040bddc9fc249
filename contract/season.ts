import type { PlaceKind } from '@idle-kettle/core';
import {
  FRUIT_PLACES,
  JAR_LIFE_KINDS,
  jarOfCode,
  type FruitPlace,
  type JarLife,
  type JarLifeKind,
  type ToBuy,
  type ToMake,
} from '@idle-kettle/core/season';
import type { Task } from '@idle-kettle/core/today';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Max,
  MaxLength,
  Min,
  MinLength,
  registerDecorator,
} from 'class-validator';
import { IsMoment } from './moment.ts';
import { AreParts, MayBeLeftOut } from './nested.ts';
import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';

/** Most events that are sent at a time: a stock-take of many shelves. */
export const MOST_JAR_EVENTS = 1000;
/** Most characters of whom a jar was given to, of a place, of a source. */
const MOST_CHARS = 80;
const MOST_SEQ = 2_000_000_000;
/** No jar is older or newer than this, ms. */
const FIRST_MS = Date.UTC(2000, 0, 1);
const LAST_MS = Date.UTC(2200, 0, 1);

const IsJarCode = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'isJarCode',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown) => typeof value === 'string' && jarOfCode(value) !== null,
      defaultMessage: () => refusal('requests.jarCode'),
    },
  });

/** One thing that happened to a jar, as a phone tells it. */
export class JarEventDto {
  /** Who writes it, and the how-manieth of theirs it is: so it is kept once. */
  @IsString({ message: refusal('requests.text') })
  @MinLength(1, { message: refusal('requests.text') })
  @MaxLength(MOST_CHARS, { message: refusal('requests.textLength', { most: MOST_CHARS }) })
  source!: string;

  @IsInt({ message: refusal('requests.seq') })
  @Min(1, { message: refusal('requests.seq') })
  @Max(MOST_SEQ, { message: refusal('requests.seq') })
  seq!: number;

  /** ms since 1970. */
  @IsInt({ message: refusal('requests.momentMs') })
  @Min(FIRST_MS, { message: refusal('requests.momentMs') })
  @Max(LAST_MS, { message: refusal('requests.momentMs') })
  at!: number;

  @IsOneOf(JAR_LIFE_KINDS)
  kind!: JarLifeKind;

  /** The short number on its label: `14-3`. */
  @IsJarCode()
  jar!: string;

  /** `moved` and `stored` a place · `given` to whom · `undone` the name of the event undone. */
  @IsOptional()
  @IsString({ message: refusal('requests.text') })
  @MaxLength(MOST_CHARS, { message: refusal('requests.textLength', { most: MOST_CHARS }) })
  to?: string | null;
}

/** Things that happened to jars, in the order they are told. */
export class JarEventsDto {
  @IsArray({ message: refusal('requests.list') })
  @ArrayMinSize(1, { message: refusal('requests.list') })
  @ArrayMaxSize(MOST_JAR_EVENTS, {
    message: refusal('requests.mostOfThem', { most: MOST_JAR_EVENTS }),
  })
  @AreParts(() => JarEventDto, refusal('requests.eachObject'))
  events!: JarEventDto[];

  /** What the sender’s clock shows, ms: one that is wrong is put right. */
  @MayBeLeftOut()
  @IsInt({ message: refusal('requests.momentMs') })
  sentMs?: number;
}

/** What became of an event: whether it counts, and how its jar stands now. */
export type JarEventAnswer = {
  readonly source: string;
  readonly seq: number;
  /** False where the jar was gone already, or nothing was to be undone. */
  readonly counted: boolean;
  readonly jar: string;
  readonly life: ShelfLife;
};

/** How a jar stands: as in {@link JarLife}, or not done with yet, or broken. */
export type ShelfLife = JarLife | 'waiting' | 'broken';

/** Jars of one batch and size that stand alike, in one place. */
export type ShelfGroup = {
  readonly cook: string;
  readonly cookNumber: number;
  readonly name: string;
  readonly fruit: string | null;
  readonly colour: string | null;
  readonly size: string;
  readonly holdsMl: number;
  readonly place: string;
  readonly life: 'in' | 'opened';
  readonly madeAt: string;
  readonly eatBy: string | null;
  /** Their short numbers, in order. */
  readonly codes: readonly string[];
};

/** What a household has of one fruit, and how long it lasts. */
export type FruitStock = Omit<ToMake, 'ripeMs'> & {
  readonly name: string;
  readonly jars: number;
  readonly holdsMl: number;
  /** Half-pints a month. */
  readonly perMonth: { readonly p10: number; readonly p50: number; readonly p90: number };
  /** Half-pints that tell it. */
  readonly uses: number;
  readonly colour: string | null;
  readonly givenAYear: number;
  readonly ripeMs: number | null;
};

/** The Shelf: what stands where, in the order it is to be eaten, and how long it lasts. */
export type Shelf = {
  /** The server’s clock, ms. */
  readonly nowMs: number;
  readonly groups: readonly ShelfGroup[];
  /** Cooks whose jars are still being worked out from their logs: what is told of them may be old. */
  readonly waiting: number;
  readonly places: readonly ShelfPlaceOf[];
  readonly stock: readonly FruitStock[];
  /** Jars and lids still to buy for all of that. */
  readonly toBuy: ToBuy;
  /** Jars that left, by how. */
  readonly gone: { readonly [life in 'eaten' | 'given' | 'lost' | 'discarded' | 'remade']: number };
};

/** A place of the household where jars are kept; the four that every household has are unnamed. */
export type ShelfPlaceOf = {
  readonly id: string;
  readonly name: string | null;
  readonly kind: PlaceKind;
};

/** One jar, and what happened to it. */
export type JarStory = {
  readonly code: string;
  readonly cook: string;
  readonly name: string;
  readonly colour: string | null;
  readonly size: string;
  readonly holdsMl: number;
  readonly life: ShelfLife;
  readonly place: string;
  readonly madeAt: string;
  readonly eatBy: string | null;
  readonly givenTo: string | null;
  readonly events: readonly {
    readonly name: string;
    readonly at: string;
    readonly kind: JarLifeKind;
    readonly to: string | null;
    readonly by: string | null;
    readonly counted: boolean;
  }[];
};

/** Fruit in the house, as somebody writes it down. */
export class FruitDto {
  @MayBeLeftOut()
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  id?: string;

  /** What and how much: `3 kg plums`. */
  @IsString({ message: refusal('requests.text') })
  @MinLength(1, { message: refusal('requests.text') })
  @MaxLength(200, { message: refusal('requests.textLength', { most: 200 }) })
  line!: string;

  @IsOneOf(FRUIT_PLACES)
  place!: FruitPlace;

  /** When it came; left out for now. */
  @IsOptional()
  @IsMoment()
  since?: string | null;

  /** Until when it keeps, where somebody knows better than the table. */
  @IsOptional()
  @IsMoment()
  keepsUntil?: string | null;
}

/** Fruit in the house, as it is told. */
export type FruitInHouse = {
  readonly id: string;
  readonly line: string;
  readonly fruit: string | null;
  readonly colour: string | null;
  readonly place: FruitPlace;
  readonly since: string;
  readonly keepsUntil: string;
};

/** Everything that wants a hand, and what is in season. */
export type TodayAnswer = {
  readonly tasks: readonly Task[];
  /** Cooks whose jars are still being worked out from their logs: what is told of them may be old. */
  readonly waiting: number;
  /** The server’s clock, ms. */
  readonly nowMs: number;
  readonly fruit: readonly FruitInHouse[];
  /** Fruit that is ripe this month. */
  readonly inSeason: readonly {
    readonly fruit: string;
    readonly name: string;
    readonly colour: string | null;
  }[];
  /** Whether anything was ever made here. */
  readonly isNew: boolean;
};

/** A calendar feed of one’s own: its address is told once, when it is made or renewed. */
export type FeedAnswer = { readonly hasFeed: boolean; readonly path: string | null };
