import { unitAt } from './measures.ts';
import type { Token } from './tokens.ts';

/** A number read from tokens, and where the tokens go on after it. */
export type NumberRead = {
  readonly low: number;
  readonly high: number;
  readonly next: number;
  /** `1 1/2` with a space between may also be one of a half. */
  readonly mixedBySpace: boolean;
  /** Only `a` or `an`: it may also be the article of what follows. */
  readonly article: boolean;
};

const ONES: ReadonlyMap<string, number> = new Map(
  Object.entries({
    one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11,
    twelve: 12, thirteen: 13, fourteen: 14, fifteen: 15, sixteen: 16, seventeen: 17, eighteen: 18, nineteen: 19,
  }),
); // prettier-ignore
const TENS: ReadonlyMap<string, number> = new Map(
  Object.entries({ twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 }),
); // prettier-ignore
const PARTS: ReadonlyMap<string, number> = new Map(
  Object.entries({ half: 1 / 2, third: 1 / 3, quarter: 1 / 4, fourth: 1 / 4, fifth: 1 / 5, eighth: 1 / 8 }),
); // prettier-ignore

type At = readonly [value: number, next: number];

const is = (token: Token | undefined, ...words: readonly string[]): boolean =>
  token !== undefined && words.includes(token.lower);

/** `half`, `a quarter`, `three quarters`, `two-thirds`, `3/4`, `½`, with `of a` after it. */
function partAt(tokens: readonly Token[], at: number): At | null {
  const first = tokens[at];
  if (first === undefined) return null;
  if (first.kind === 'number' && first.fraction) return [first.value, at + 1];
  const bare = PARTS.get(first.word);
  if (bare !== undefined) return [bare, at + 1];
  const times = is(first, 'a', 'an') ? 1 : (ONES.get(first.lower) ?? wholeValue(first));
  const part = times === undefined ? undefined : PARTS.get(tokens[at + 1]?.word ?? '');
  if (times === undefined || part === undefined || times > 9) return null;
  // `2 half pints`, and not the `2 half` of anything else.
  const isOne = times > 1 && tokens[at + 1]?.lower === 'half' && tokens[at + 1]?.joined === false;
  return isOne && unitAt(tokens, at + 2) === null ? null : [times * part, at + 2];
}

const wholeValue = (token: Token): number | undefined =>
  token.kind === 'number' && Number.isInteger(token.value) ? token.value : undefined;

/**
 * A whole number in words: `three`, `twenty-five`, `two hundred and fifty`, `a hundred`, `a dozen`.
 */
function wordsAt(tokens: readonly Token[], at: number): At | null {
  const small = belowHundredAt(tokens, at);
  const start: At | null = small ?? (is(tokens[at], 'a', 'an') ? [1, at + 1] : null);
  const [value, next] = start ?? [1, at];
  const scale = tokens[next];
  if (is(scale, 'hundred', 'thousand')) {
    const hundreds = value * (scale?.lower === 'thousand' ? 1000 : 100);
    const and = is(tokens[next + 1], 'and') ? next + 2 : next + 1;
    const rest = scale?.lower === 'thousand' ? wordsAt(tokens, and) : belowHundredAt(tokens, and);
    return rest === null ? [hundreds, next + 1] : [hundreds + rest[0], rest[1]];
  }
  if (isDozen(scale)) return [value * 12, next + 1];
  if (is(scale, 'couple')) return [2 * value, is(tokens[next + 1], 'of') ? next + 2 : next + 1];
  return small;
}

function belowHundredAt(tokens: readonly Token[], at: number): At | null {
  const word = tokens[at]?.lower ?? '';
  const ten = TENS.get(word);
  if (ten === undefined) {
    const one = ONES.get(word);
    return one === undefined ? null : [one, at + 1];
  }
  const one = ONES.get(tokens[at + 1]?.lower ?? '');
  return one !== undefined && one < 10 ? [ten + one, at + 2] : [ten, at + 1];
}

/** One value: digits or words, with the fraction that belongs to it. */
function valueAt(tokens: readonly Token[], at: number): (NumberRead & { value: number }) | null {
  const first = tokens[at];
  if (first === undefined) return null;
  const read = (value: number, next: number, mixedBySpace = false, article = false) => ({
    value,
    low: value,
    high: value,
    next,
    mixedBySpace,
    article,
  });
  if (is(first, 'half') && isDozen(tokens[at + 1])) return read(6, at + 2);
  if (is(first, 'half') && is(tokens[at + 1], 'a', 'an') && isDozen(tokens[at + 2])) {
    return read(6, at + 3);
  }
  const spoken = spokenDecimalAt(tokens, at);
  if (spoken !== null) return read(...spoken);
  // `half and half` is a kind of cream.
  if (is(first, 'half') && is(tokens[at + 1], 'and') && is(tokens[at + 2], 'half')) return null;
  const part = partAt(tokens, at);
  if (part !== null) return read(part[0], afterOfA(tokens, part[1]));
  const whole: At | null = first.kind === 'number' ? [first.value, at + 1] : wordsAt(tokens, at);
  if (whole === null) {
    return is(first, 'a', 'an') ? read(1, at + 1, false, true) : null;
  }
  const [value, next] = whole;
  const after = tokens[next];
  const dozens = (times: number, end: number) =>
    isDozen(tokens[end]) ? read(12 * times, end + 1) : read(times, end);
  if (after?.kind === 'number' && after.fraction && Number.isInteger(value)) {
    return isDozen(tokens[next + 1])
      ? read(12 * (value + after.value), next + 2)
      : read(value + after.value, next + 1, after.spaced && !after.joined);
  }
  if (is(after, 'and')) {
    const more = partAt(tokens, next + 1);
    if (more !== null && more[0] < 1) return dozens(value + more[0], more[1]);
  }
  return dozens(value, next);
}

const isDozen = (token: Token | undefined): boolean => is(token, 'dozen', 'dozens', 'doz', 'dz');

const NOUGHT: readonly string[] = ['zero', 'nought', 'naught', 'oh', 'nil'];

/** `one point five`, `zero point two five`, `point five`: digits as they are spoken. */
function spokenDecimalAt(tokens: readonly Token[], at: number): At | null {
  const whole: At | null = is(tokens[at], ...NOUGHT)
    ? [0, at + 1]
    : is(tokens[at], 'point')
      ? [0, at]
      : (belowHundredAt(tokens, at) ??
        (tokens[at]?.kind === 'number' ? [tokens[at].value, at + 1] : null));
  if (whole === null || !is(tokens[whole[1]], 'point')) return null;
  let digits = '';
  let next = whole[1] + 1;
  for (; ; next += 1) {
    const token = tokens[next];
    const digit = is(token, ...NOUGHT)
      ? 0
      : token?.kind === 'number' && Number.isInteger(token.value)
        ? token.value
        : ONES.get(token?.lower ?? '');
    if (digit === undefined || (digits !== '' && digit > 9)) break;
    digits += String(digit);
  }
  return digits === '' ? null : [whole[0] + Number(`0.${digits}`), next];
}

/** `half of a`, `a quarter of the`, `half an`: the words between a fraction and what it is of. */
function afterOfA(tokens: readonly Token[], at: number): number {
  if (is(tokens[at], 'a', 'an')) return at + 1;
  return is(tokens[at], 'of') && is(tokens[at + 1], 'a', 'an') ? at + 2 : at;
}

/** From so many times its low end on, a range is rather two numbers: `1-400 g`. */
const WIDEST = 8;

/**
 * The number or range that starts at a token: `2-1/2`, `2½`, `two and three-quarter`, `1 to 2`,
 * `three or four`, `between 2 and 3`, `½–¾`. Null where there is none.
 */
export function numberAt(tokens: readonly Token[], at: number): NumberRead | null {
  const between = is(tokens[at], 'between', 'from');
  const first = valueAt(tokens, between ? at + 1 : at);
  if (first === null) return null;
  const link = tokens[first.next];
  const linked =
    (link?.kind === 'mark' && /^[-–—]$/.test(link.text)) ||
    is(link, 'to', 'or') ||
    (between && is(link, 'and'));
  const tied = link?.kind === 'number' && link.joined;
  if (!linked && !tied) return between ? null : first;
  const second = valueAt(tokens, tied ? first.next : first.next + 1);
  if (second === null || second.article) return first;
  const ends = [first.value, second.value];
  const [low, high] = [Math.min(...ends), Math.max(...ends)];
  if (high > WIDEST * low) return first;
  return { low, high, next: second.next, mixedBySpace: false, article: false };
}

/**
 * `a couple of`, `half a dozen` and the like are numbers; these say that there is one, and not
 * which.
 */
export const VAGUE_NUMBERS: ReadonlySet<string> = new Set([
  'few',
  'some',
  'several',
  'many',
  'lots',
  'plenty',
  'enough',
]);
