/** One size of jar. `count` is how many are on hand; null when there is no limit. */
export type JarSize = {
  /** What a kitchen knows it by, whatever it is called; left out for a size of no kitchen. */
  readonly id?: string;
  readonly name: string;
  readonly volumeMl: number;
  readonly count: number | null;
  /** Taken before others that do as well. */
  readonly prefer?: boolean;
  /** How many of this size are filled before anything else, to be given away. */
  readonly gift?: number;
};

/** How a volume fills the jars on hand. */
export type Packing = {
  /** Full jars by size, in the order given; sizes not used are left out. */
  readonly jars: readonly { readonly name: string; readonly count: number }[];
  /** What is left for the part jar, in mL. It goes to the fridge. */
  readonly partMl: number;
};

/** Most that is packed in one go, in mL. */
export const MOST_PACKED_ML = 1_000_000;

/**
 * Jars this much short of their nominal content are full all the same: in a half-pint, 60 mm wide,
 * that is not a millimetre of headspace, and nobody fills closer. Twice as much is borne for fewer
 * sizes. Else a batch a spoonful short of eight half-pints would go into a dozen smaller jars that
 * happen to fit.
 */
const A_HAIR_SHORT = 0.01;
const SHORT_FOR_FEWER_SIZES = 0.02;

/** Costs of a jar: those that are not preferred count first, then jars. */
const PER_JAR = { plain: 1e6 + 1, preferred: 1 } as const;

/**
 * Packs a volume into the jars on hand, which may together be a hair short of their nominal
 * content. Gifts are filled first; then exactly the least left over, the fewest sizes, the fewest
 * jars that are not preferred, and the fewest jars, over whole millilitres. What can be filled at
 * all is known from bit sets; the counts are then searched with more and more sizes allowed.
 * @param totalMl 0 to 1 000 000 mL
 * @throws RangeError for a volume outside that, or a jar size that is not at least 1 mL
 */
export function packJars(totalMl: number, sizes: readonly JarSize[]): Packing {
  if (!(totalMl >= 0 && totalMl <= MOST_PACKED_ML)) {
    throw new RangeError(`Cannot pack ${totalMl} mL; give 0 to ${MOST_PACKED_ML}`);
  }
  for (const { name, volumeMl } of sizes) {
    if (!(Math.round(volumeMl) >= 1)) throw new RangeError(`Jar “${name}” must hold at least 1 mL`);
  }
  const gifts = giftsIn(totalMl * (1 + A_HAIR_SHORT), sizes);
  const given = sizes.reduce((ml, size, i) => ml + (gifts[i] ?? 0) * Math.round(size.volumeMl), 0);
  const packed = fill(
    totalMl,
    given,
    sizes.map((size, i) => ({
      ...size,
      count: size.count === null ? null : size.count - (gifts[i] ?? 0),
    })),
  );
  return {
    jars: sizes.flatMap(({ name }, i) => {
      const count = (gifts[i] ?? 0) + (packed.counts[i] ?? 0);
      return count === 0 ? [] : [{ name, count }];
    }),
    partMl: packed.partMl,
  };
}

/** How many gifts of each size there is room for, in the order given. */
function giftsIn(room: number, sizes: readonly JarSize[]): number[] {
  let left = room;
  return sizes.map(({ volumeMl, count, gift = 0 }) => {
    const step = Math.round(volumeMl);
    const filled = Math.min(gift, count ?? Infinity, Math.floor((left + 1e-6) / step));
    left -= filled * step;
    return filled;
  });
}

/** Fills what of a volume the jars given away do not hold, `given`. */
function fill(
  totalMl: number,
  given: number,
  sizes: readonly JarSize[],
): { counts: number[]; partMl: number } {
  const left = Math.max(0, totalMl - given);
  const roomAt = (short: number) => Math.floor(totalMl * (1 + short) - given + 1e-6);
  const room = roomAt(SHORT_FOR_FEWER_SIZES);
  // The largest first: they need the fewest jars, which bounds the rest of the search.
  const kinds = sizes
    .map(({ volumeMl, count, prefer }, index) => {
      const step = Math.round(volumeMl);
      const most = Math.min(count ?? Infinity, Math.floor(room / step));
      return { index, step, most, perJar: prefer === true ? PER_JAR.preferred : PER_JAR.plain };
    })
    .sort((x, y) => y.step - x.step);
  const fillable = fillableFrom(room, kinds);
  const most = highestBit(fillable[0] as Uint32Array, roomAt(A_HAIR_SHORT));
  // Where jars a hair short hold it all, nothing is left over; else they are filled to the line.
  const all = Math.ceil(left - 1e-6);
  const filled = Math.min(most, all);
  const found = fewest(filled, most >= all ? room - all : 0, kinds, fillable);
  const counts = sizes.map(() => 0);
  kinds.forEach(({ index }, i) => {
    counts[index] = found[i] ?? 0;
  });
  return { counts, partMl: Math.max(0, left - filled) };
}

/** A size of jar while it is packed: whole mL, how many at most, and what one costs. */
type Kind = {
  readonly index: number;
  readonly step: number;
  readonly most: number;
  readonly perJar: number;
};

/**
 * For each kind, the volumes that it and those after it can fill exactly, a bit for each mL; last,
 * none but 0.
 */
function fillableFrom(room: number, kinds: readonly Kind[]): Uint32Array[] {
  const none = new Uint32Array((room >>> 5) + 1);
  none[0] = 1;
  const found: Uint32Array[] = [none];
  for (const { step, most } of kinds.toReversed()) {
    let bits = found[0] as Uint32Array;
    // 1, 2, 4 … jars at a time, and the rest: every number up to `most` is a sum of some of them.
    for (let left = most, at = 1; left > 0; left -= at, at *= 2) {
      bits = withShifted(bits, Math.min(at, left) * step);
    }
    found.unshift(bits);
  }
  // Bits beyond the room, in the last word.
  for (const bits of found) {
    const last = bits.length - 1;
    bits[last] = ((bits[last] as number) & (0xffffffff >>> (31 - (room & 31)))) >>> 0;
  }
  return found;
}

/** The bits, and the same bits `by` places up. */
function withShifted(bits: Uint32Array, by: number): Uint32Array {
  const next = bits.slice();
  const [words, shift] = [by >>> 5, by & 31];
  for (let i = words; i < bits.length; i++) {
    const low = (bits[i - words] as number) << shift;
    const carry = shift === 0 || i === words ? 0 : (bits[i - words - 1] as number) >>> (32 - shift);
    next[i] = ((next[i] as number) | low | carry) >>> 0;
  }
  return next;
}

const has = (bits: Uint32Array, at: number): boolean =>
  (((bits[at >>> 5] as number) >>> (at & 31)) & 1) === 1;

/** The highest bit at a place or below it; the lowest of all is always set. */
function highestBit(bits: Uint32Array, from: number): number {
  let at = from;
  while (!has(bits, at)) at--;
  return at;
}

function hasAny(bits: Uint32Array, from: number, to: number): boolean {
  for (let at = to; at >= from; at--) if (has(bits, at)) return true;
  return false;
}

/**
 * How many of each kind fill `totalMl`, or up to `slack` more, with the fewest kinds and then the
 * least cost.
 */
function fewest(
  totalMl: number,
  slack: number,
  kinds: readonly Kind[],
  fillable: readonly Uint32Array[],
): number[] {
  let best: number[] = [];
  let least = Infinity;
  const counts = kinds.map(() => 0);
  const cheapest = kinds.map((_, from) =>
    kinds.slice(from).sort((x, y) => x.perJar / x.step - y.perJar / y.step),
  );
  const stock = kinds.map((_, from) => stocksOf(kinds.slice(from)));
  const search = (from: number, left: number, kindsLeft: number, cost: number): void => {
    if (Math.ceil(cost + leastCost(cheapest[from] ?? [], left)) >= least) return;
    if (left <= 0) {
      [least, best] = [cost, counts.slice()];
      return;
    }
    const kind = kinds[from];
    if (kind === undefined || left > (stock[from]?.[kindsLeft] ?? Infinity)) return;
    const { step, most, perJar } = kind;
    const after = fillable[from + 1] as Uint32Array;
    const take = (n: number) => {
      const rest = left - n * step;
      if (!hasAny(after, Math.max(0, rest), rest + slack)) return;
      counts[from] = n;
      search(from + 1, rest, kindsLeft - (n > 0 ? 1 : 0), cost + n * perJar);
      counts[from] = 0;
    };
    if (kindsLeft > 1) {
      for (let n = Math.min(most, Math.floor((left + slack) / step)); n > 0; n--) take(n);
    } else {
      // The last kind fills all that is left, or is not used.
      const whole = Math.ceil(left / step);
      if (whole <= most && whole * step <= left + slack) take(whole);
    }
    take(0);
  };
  for (let kindsLeft = 0; least === Infinity; kindsLeft++) search(0, totalMl, kindsLeft, 0);
  return best;
}

/** What filling `left` costs at least: part jars allowed, the cheapest by the mL first. */
function leastCost(cheapest: readonly Kind[], left: number): number {
  let [rest, cost] = [left, 0];
  for (const { step, most, perJar } of cheapest) {
    const jars = Math.min(most, rest / step);
    cost += jars * perJar;
    rest -= jars * step;
    if (rest <= 0) break;
  }
  return cost - 1e-6 * cost;
}

/** Most that none, one, two … of the kinds can hold together, mL. */
function stocksOf(kinds: readonly Kind[]): number[] {
  const largestFirst = kinds.map(({ step, most }) => step * most).sort((x, y) => y - x);
  let sum = 0;
  return [0, ...largestFirst.map((ml) => (sum += ml))];
}
