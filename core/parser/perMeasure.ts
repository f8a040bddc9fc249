import type { Amount } from './amount.ts';
import type { Beside } from './beside.ts';
import { headOf } from './head.ts';
import type { LineReading, UnderstoodLine } from './line.ts';
import { measured } from './measuredAmount.ts';
import { unitAt, type MeasuresId } from './measures.ts';
import { numberAt } from './numbers.ts';
import type { Parser } from './parserKitchen.ts';
import { isMark, isWord, tokensOf, type Token } from './tokens.ts';

/** What an amount may go by: `for each cup of juice`. */
type Basis = 'juice' | 'pulp' | 'fruit';

/** A line whose amount goes by another: `¾ cup sugar per cup of juice`. */
export type PerMeasure = {
  /** What is left: `¾ cup sugar`. */
  readonly line: readonly Token[];
  /** The measure it is said for: one cup. */
  readonly each: Amount;
  readonly basis: Basis;
  /** As it is written: `per cup of juice`. */
  readonly written: readonly Token[];
};

const BASES: ReadonlyMap<string, Basis> = new Map([
  ['juice', 'juice'],
  ['liquid', 'juice'],
  ['pulp', 'pulp'],
  ['puree', 'pulp'],
  ['fruit', 'fruit'],
]);

/** Words before what is measured that change nothing of how much it is. */
const ASIDE: ReadonlySet<string> = new Set([
  'of', 'the', 'your', 'this', 'that', 'measured', 'strained', 'extracted', 'prepared', 'cooked', 'dripped', 'hot', 'resulting',
]); // prettier-ignore

/**
 * The part of a line that says by what its amount goes, at its end or in front of it. Null where
 * there is none, or where the rest of the words is not understood.
 */
export function perMeasureOf(tokens: readonly Token[], measures: MeasuresId): PerMeasure | null {
  for (let at = 0; at < tokens.length; at += 1) {
    const from = perAt(tokens, at);
    const basis = from === null ? null : basisAt(tokens, from, measures);
    if (basis === null) continue;
    const { each, of, next } = basis;
    const end = isMark(tokens[next], ',', ':', '.') ? next + 1 : next;
    const line = at === 0 ? tokens.slice(end) : end === tokens.length ? tokens.slice(0, at) : [];
    const ahead = isMark(line.at(-1), ',') ? line.slice(0, -1) : line;
    if (ahead.length > 0) return { line: ahead, each, basis: of, written: tokens.slice(at, next) };
  }
  return null;
}

/** Where the measure begins after `per`, `for each`, `to every`; null where none of them stands. */
function perAt(tokens: readonly Token[], at: number): number | null {
  if (isWord(tokens[at], 'per')) return at + 1;
  return isWord(tokens[at], 'for', 'to') && isWord(tokens[at + 1], 'each', 'every') ? at + 2 : null;
}

function basisAt(
  tokens: readonly Token[],
  from: number,
  measures: MeasuresId,
): { readonly each: Amount; readonly of: Basis; readonly next: number } | null {
  const number = numberAt(tokens, from);
  if (number !== null && number.low !== number.high) return null;
  const one = number === null || number.article ? 1 : number.low;
  const unit = unitAt(tokens, number?.next ?? from);
  if (unit === null) return null;
  const each = measured(unit, one, one, measures);
  if (each.kind !== 'mass' && each.kind !== 'volume') return null;
  let at = unit.next;
  while (ASIDE.has(tokens[at]?.lower ?? '')) at += 1;
  const of = BASES.get(tokens[at]?.lower ?? '');
  return of === undefined ? null : { each, of, next: at + 1 };
}

/**
 * How many times the measure is there: 4 where the lines beside hold 4 cups of juice. Null where
 * that is not written in the same kind of measure, or is not there at all.
 */
export function timesBeside(
  { each, basis }: PerMeasure,
  { lines, juiceMl }: Beside,
  reader: Parser,
  read: (line: string) => LineReading,
): number | null {
  if (each.kind === 'volume' && basis === 'juice' && juiceMl !== null) return juiceMl / each.low;
  const those = lines
    .map(read)
    .filter((line): line is UnderstoodLine => line.understood && isOf(line, basis));
  const amounts = those.map((line) =>
    each.kind === 'mass' ? line.massG.typical : volumeOf(line.text, reader),
  );
  if (amounts.length === 0 || amounts.some((amount) => amount === null)) return null;
  return amounts.reduce<number>((sum, amount) => sum + (amount ?? 0), 0) / each.low;
}

function isOf({ ingredient, form }: UnderstoodLine, basis: Basis): boolean {
  const juice =
    ingredient.kind === 'juice' || (ingredient.kind === 'fruit' && ingredient.state === 'juice');
  if (basis === 'juice') return juice;
  return ingredient.kind === 'fruit' && !juice && (basis === 'fruit' || form === 'pureed');
}

/** The volume that a line gives, mL; null where it gives none. */
function volumeOf(text: string, reader: Parser): number | null {
  const head = headOf(tokensOf(text), reader);
  if ('message' in head) return null;
  const { amount } = head;
  return amount.kind === 'volume' ? (amount.low + amount.high) / 2 : null;
}
