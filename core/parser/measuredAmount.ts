import { message, type Text } from '@idle-kettle/words/message';
import type { Amount, AmountRead } from './amount.ts';
import {
  localMl,
  LOOSE_ML,
  MEASURES_NAMES,
  unitAt,
  type LooseName,
  type MeasuresId,
  type UnitRead,
} from './measures.ts';
import { numberAt } from './numbers.ts';
import type { Token } from './tokens.ts';

/** Words that say an amount is not exact, and no more. */
const LEADING_HEDGES: ReadonlySet<string> = new Set([
  'another', 'about', 'approx', 'approximately', 'around', 'roughly', 'circa', 'ca', 'nearly', 'almost', 'just', 'over', 'under', 'say',
]); // prettier-ignore

/** The first token that is no hedge. */
export function afterHedges(tokens: readonly Token[], from: number): number {
  let at = from;
  while (LEADING_HEDGES.has(tokens[at]?.lower ?? '')) at += 1;
  return at;
}

/** Grams or mL that stand at a token, with no pack. */
export function plainSizeAt(
  tokens: readonly Token[],
  at: number,
  measures: MeasuresId,
): AmountRead | null {
  const number = numberAt(tokens, at);
  const unit = number === null ? null : unitAt(tokens, number.next);
  if (number === null || unit === null) return null;
  const amount = measured(unit, number.low, number.high, measures);
  return amount.kind === 'mass' || amount.kind === 'volume' ? { amount, next: unit.next } : null;
}

/**
 * So much of a unit as an amount, by the measures of a kitchen.
 * @param low least of the unit
 * @param high most of the unit
 */
export function measured(read: UnitRead, low: number, high: number, measures: MeasuresId): Amount {
  const { unit, filled, whose, packed, size } = read;
  const as = (kind: Amount['kind'], times: number, name = '', assumed: Text[] = []): Amount => ({
    kind,
    low: low * times * filled,
    high: high * times * filled,
    name,
    size,
    packed,
    assumed,
  });
  switch (unit.kind) {
    case 'mass':
      return as('mass', unit.grams);
    case 'volume':
      return as('volume', unit.ml);
    case 'local': {
      const ml = localMl(unit.unit, whose ?? measures);
      const name = MEASURES_NAMES[whose ?? measures];
      const said =
        whose === null && ml > 20
          ? [message('parser.ml', { name, unit: unit.unit, round: Math.round(ml) })]
          : [];
      return as('volume', ml, unit.unit, said);
    }
    case 'loose':
      return as('loose', 1, unit.name);
    case 'bushels':
      return as('bushels', unit.bushels);
    case 'container':
      return as('container', 1, unit.name);
    case 'count':
      return as('pieces', 1);
    case 'length':
      return as('length', unit.cm);
  }
}

/** mL that a loose measure holds; null for those that go by what is measured. */
export const looseMl = (name: string) =>
  name in LOOSE_ML ? LOOSE_ML[name as Exclude<LooseName, 'handful' | 'knob' | 'thumb'>] : null;
