import { refusal } from './refusal.ts';
import type { Formula } from '@idle-kettle/core';
import { MayBeLeftOut } from './nested.ts';
import { IsString, MaxLength } from 'class-validator';
import { FormulaDto } from './batch.ts';

/** A formula to keep: a new recipe, or a new version of one. */
export class RecipeDto extends FormulaDto {
  /** What is new in this version: `less sugar, won at the show`. */
  @MayBeLeftOut()
  @IsString({ message: refusal('requests.text') })
  @MaxLength(2000, { message: refusal('requests.noteLength', { most: 2000 }) })
  note?: string;
}

export type RecipeVersion = Formula & {
  /** 1 for the first. */
  readonly number: number;
  readonly note: string;
  readonly createdAt: string;
};

/** A formula that is made again and again, with every version of it, the newest first. */
export type Recipe = {
  readonly id: string;
  readonly name: string;
  readonly versions: readonly RecipeVersion[];
};
