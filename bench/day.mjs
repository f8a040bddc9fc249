import { USUAL_REQUEST } from '@idle-kettle/core';
import { jobsOfDay, planDay, schedule } from '@idle-kettle/core/schedule';
import highs from 'highs';
import { programOfDay } from './dayProgram.mjs';
import { ms, timed } from './measure.mjs';

const MOST_8_MS = 1000;
const MOST_20_MS = 5000;
/** A day may be over so much later than by the program, as a share. */
const MOST_OVER = 0.05;
/** The program is given up after so long, s. */
const PATIENCE_S = 30;

/** @param {object} change */
const request = (change) => ({
  ...USUAL_REQUEST,
  altitudeM: 0,
  school: /** @type {const} */ ('sterilised'),
  ...change,
});

const FORMULAS = [
  request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'] }),
  request({ lines: ['3 kg plums', '2.1 kg sugar', '30 mL bottled lemon juice'] }),
  request({ lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'] }),
  request({ product: 'butter', lines: ['3 kg apples', '500 g sugar'] }),
  request({ lines: ['1 kg blackberries', '700 g sugar'] }),
];

/**
 * A day of batches in a kitchen of two burners and one canner.
 * @param {readonly number[]} which of the formulas
 * @param {number} people
 * @param {number} burners
 * @returns {import('@idle-kettle/core/schedule').DayRequest}
 */
const day = (which, people, burners) => ({
  fromMs: Date.UTC(2026, 8, 12, 7),
  finishByMs: null,
  people,
  burners,
  slowCookers: 1,
  canners: [{ halfPints: 7 }],
  breaks: [],
  batches: which.map((one, nth) => ({
    name: `Batch ${nth + 1}`,
    formula: /** @type {import('@idle-kettle/core').PlanRequest} */ (FORMULAS[one]),
    readyMs: null,
    keepsUntilMs: null,
  })),
});

/** @param {number} count */
const ofAll = (count) => Array.from({ length: count }, (_, nth) => nth % FORMULAS.length);

/** Days of three and four batches of which the program knows the optimum in seconds. */
const SMALL = [
  [1, 2, 3],
  [0, 1, 2, 3],
  [2, 2, 0, 0],
  [3, 3, 1, 0],
  [4, 2, 3, 1],
];

/**
 * How long days of eight and twenty batches take, and how much later small ones are over than by an
 * integer-programming library.
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function dayRows() {
  const load = /** @type {() => Promise<import('highs').LegacyHighs>} */ (
    /** @type {unknown} */ (highs)
  );
  const solver = await load();
  const eight = timed(() => planDay(day(ofAll(8), 1, 2)), 5);
  const twenty = timed(() => planDay(day(ofAll(20), 2, 2)), 3);
  const over = SMALL.flatMap((which) =>
    [1, 2].map((burners) => {
      const planned = jobsOfDay(day(which, 1, burners));
      if (!planned.ok) throw new Error(JSON.stringify(planned.faults));
      const { finish } = schedule(planned.jobs, planned.things);
      const { ObjectiveValue } = solver.solve(programOfDay(planned.jobs, planned.things), {
        time_limit: PATIENCE_S,
        output_flag: false,
      });
      return finish / ObjectiveValue - 1;
    }),
  );
  const most = Math.max(...over);
  return [
    {
      what: 'a day of 8 batches, one person',
      bar: `≤ ${MOST_8_MS} ms`,
      found: ms(eight.median),
      met: eight.median <= MOST_8_MS,
    },
    {
      what: 'a day of 20 batches, two people',
      bar: `≤ ${MOST_20_MS} ms`,
      found: ms(twenty.median),
      met: twenty.median <= MOST_20_MS,
    },
    {
      what: `${over.length} days of 3 and 4 batches against HiGHS`,
      bar: `over ≤ ${100 * MOST_OVER} % later`,
      found: `${(100 * most).toFixed(1)} % at most`,
      met: most <= MOST_OVER,
    },
  ];
}
