import { packJars } from '@idle-kettle/core';
import highs from 'highs';
import { ms, timed, times } from './measure.mjs';

const VOLUME_ML = 60_000;
/** Jars may be a hundredth short, and two hundredths for fewer sizes. */
const ROOM_ML = 1.01 * VOLUME_ML;
const ROOM_FOR_FEWER_ML = 1.02 * VOLUME_ML;
const MOST_MS = 5;
const LEAST_RATIO = 10;
const SIZES = [
  ['quarter-pint', 118, 40],
  ['six-ounce', 177, 30],
  ['half-pint', 237, 60],
  ['twelve-ounce', 355, 24],
  ['pint', 473, 24],
  ['third-litre', 314, 36],
  ['half-litre', 500, 20],
  ['quart', 946, 12],
].map(([name, volumeMl, count]) => ({
  name: String(name),
  volumeMl: Number(volumeMl),
  count: Number(count),
}));

const sum = (/** @type {(i: number) => string} */ term) => SIZES.map((_, i) => term(i)).join(' + ');

const FILLED = sum((i) => `${SIZES[i]?.volumeMl} n${i}`);

/**
 * The packing as an integer program: `n` jars of each size, `y` whether it is used at all.
 * @param {string} goal
 * @param {number} least
 * @param {number} most
 */
const program = (goal, least, most) => `${goal}
subject to
 all: ${FILLED} >= ${least}
 room: ${FILLED} <= ${most}
${SIZES.map(({ count }, i) => ` use${i}: n${i} - ${count} y${i} <= 0`).join('\n')}
bounds
${SIZES.map(({ count }, i) => ` n${i} <= ${count}`).join('\n')}
general
 ${SIZES.map((_, i) => `n${i}`).join(' ')}
binary
 ${SIZES.map((_, i) => `y${i}`).join(' ')}
end`;

/**
 * Row 4 of the table: 60 L into eight sizes, and the same optimum by an integer-programming
 * library.
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function packingRows() {
  const load = /** @type {() => Promise<import('highs').LegacyHighs>} */ (
    /** @type {unknown} */ (highs)
  );
  const solver = await load();
  const options = { mip_rel_gap: 0, mip_abs_gap: 1e-6, output_flag: false };
  const theirs = () => {
    const most = Math.round(
      solver.solve(program(`maximize\n ${FILLED}`, 0, ROOM_ML), options).ObjectiveValue,
    );
    // Fewest sizes, then fewest jars, among those that leave as little over.
    const filled = Math.min(most, VOLUME_ML);
    const { ObjectiveValue } = solver.solve(
      program(
        `minimize\n ${sum((i) => `1000 y${i} + n${i}`)}`,
        filled,
        most < VOLUME_ML ? filled : ROOM_FOR_FEWER_ML,
      ),
      options,
    );
    const cost = Math.round(ObjectiveValue);
    return { filled, sizes: Math.floor(cost / 1000), jars: cost % 1000 };
  };
  const packed = packJars(VOLUME_ML, SIZES);
  const ours = {
    filled: VOLUME_ML - packed.partMl,
    sizes: packed.jars.length,
    jars: packed.jars.reduce((total, { count }) => total + count, 0),
  };
  const found = theirs();
  const same = JSON.stringify(found) === JSON.stringify(ours);
  const our = timed(() => packJars(VOLUME_ML, SIZES), 100);
  const their = timed(theirs, 10);
  const ratio = their.median / our.median;
  return [
    {
      what: 'packing 60 L into 8 sizes',
      bar: `≤ ${MOST_MS} ms`,
      found: ms(our.median),
      met: our.median <= MOST_MS,
    },
    {
      what: 'the same by HiGHS',
      bar: `same optimum, ≥ ${LEAST_RATIO} ×`,
      found: `${same ? 'same' : `OTHER: ${JSON.stringify({ ours, theirs: found })}`}, ${ms(their.median)}: ${times(ratio)}`,
      met: same && ratio >= LEAST_RATIO,
    },
  ];
}
