/** One size of jar. `count` is how many are on hand; null when there is no limit. */
export type JarSize = {
  readonly name: string;
  readonly volumeMl: number;
  readonly count: number | null;
};

export type Packing = {
  /** Full jars by size, in the order given; sizes not used are left out. */
  readonly jars: readonly { readonly name: string; readonly count: number }[];
  /** What is left for the part jar, in mL. It goes to the fridge. */
  readonly partMl: number;
};

/** Most that is packed in one go, in mL. */
export const MOST_PACKED_ML = 1_000_000;

const UNREACHED = 1e12;
/** Cost of one more size, in jars: sizes count first, jars second. */
const PER_SIZE = 1e6;

/**
 * Packs a volume into the jars on hand: exactly the least left over, then the fewest sizes, then
 * the fewest jars. Bounded knapsack over whole millilitres, with a sliding minimum for each size.
 * @param volume 0 to 1 000 000 mL
 * @throws RangeError for a volume outside that, or a jar size that is not at least 1 mL
 */
export function packJars(volume: number, sizes: readonly JarSize[]): Packing {
  if (!(volume >= 0 && volume <= MOST_PACKED_ML)) {
    throw new RangeError(`Cannot pack ${volume} mL; give 0 to ${MOST_PACKED_ML}`);
  }
  const room = Math.floor(volume + 1e-6);
  let cost = new Float64Array(room + 1).fill(UNREACHED);
  cost[0] = 0;
  const used: Uint32Array[] = [];
  for (const size of sizes) {
    const step = Math.round(size.volumeMl);
    if (!(step >= 1)) throw new RangeError(`Jar “${size.name}” must hold at least 1 mL`);
    const most = Math.min(size.count ?? Infinity, Math.floor(room / step));
    const next = Float64Array.from(cost);
    const take = new Uint32Array(room + 1);
    for (let residue = 0; residue < Math.min(step, room + 1); residue++) {
      addSize(cost, next, take, residue, step, most);
    }
    cost = next;
    used.push(take);
  }
  let filled = room;
  while ((cost[filled] as number) >= UNREACHED) filled--;
  const partMl = volume - filled;
  const jars: { name: string; count: number }[] = [];
  for (let i = sizes.length - 1; i >= 0; i--) {
    const count = (used[i] as Uint32Array)[filled] as number;
    if (count === 0) continue;
    const { name, volumeMl } = sizes[i] as JarSize;
    jars.unshift({ name, count });
    filled -= count * Math.round(volumeMl);
  }
  return { jars, partMl };
}

/**
 * For every volume of one residue, the cheapest way to reach it with 1…most more jars of this size,
 * where that beats using none. A monotone queue keeps the best start within reach.
 */
function addSize(
  cost: Float64Array,
  next: Float64Array,
  take: Uint32Array,
  residue: number,
  step: number,
  most: number,
): void {
  const queue: number[] = [];
  let head = 0;
  const base = (k: number) => (cost[residue + k * step] as number) - k;
  const last = Math.floor((cost.length - 1 - residue) / step);
  for (let k = 1; k <= last; k++) {
    while (queue.length > head && base(queue[queue.length - 1] as number) >= base(k - 1))
      queue.pop();
    queue.push(k - 1);
    while ((queue[head] as number) < k - most) head++;
    const from = queue[head];
    if (from === undefined) continue;
    const reached = base(from) + k + PER_SIZE;
    const at = residue + k * step;
    if (reached < (next[at] as number)) {
      next[at] = reached;
      take[at] = k - from;
    }
  }
}
