import { planBatch, type Plan } from '../plan/index.ts';
import { cookPlanOf, progressOf } from '../stove/index.ts';
import { obedientCook } from './index.ts';
import { DAMSON, practice, sure } from '../test/practised.ts';
import { planned, request } from '../test/planned.ts';
import type { PlanRequest, Remake } from '../evaluate/index.ts';
import { remakeOf } from '../troubleshooting/index.ts';

const MADE: readonly (readonly [string, Partial<PlanRequest>])[] = [
  ['boiled long', { lines: ['2 kg crushed damsons', '1.4 kg sugar'] }],
  [
    'a jelly',
    { product: 'jelly', lines: ['1 L apple juice', '750 g sugar', '30 mL bottled lemon juice'] },
  ],
  [
    'with powdered pectin',
    { lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'] },
  ],
  [
    'with liquid pectin',
    {
      lines: [
        '4 cups crushed strawberries',
        '7 cups sugar',
        '60 mL bottled lemon juice',
        '1 pouch liquid pectin',
      ],
    },
  ],
  ['a butter', { product: 'butter', lines: ['3 kg apples', '500 g sugar'] }],
  [
    'a marmalade',
    { product: 'marmalade', lines: ['1 kg seville oranges', '2 kg sugar', '2 L water'] },
  ],
];

const emptied = (made: PlanRequest, change: Partial<Remake> = {}): Remake => ({
  lines: made.lines,
  before: made.before,
  method: made.method,
  volumeMl: 1500,
  solublesPct: null,
  sugarShare: 1,
  problem: 'loose',
  ...change,
});

/** The batch that jars are made again as, by the amounts that are offered for them. */
function remade(formula: Partial<PlanRequest>, problem: 'loose' | 'stiff', solublesPct?: number) {
  const made = request({ draws: 0, ...formula });
  const outcome = remakeOf({
    formula: made,
    volumeMl: 1500,
    problem,
    facts: solublesPct === undefined ? {} : { solublesPct },
  });
  if (!outcome.ok || outcome.remake.computed === null) throw new Error('Nothing is offered');
  const { computed, processMin } = outcome.remake;
  const { method, targetSolublesPct, boilMin } = computed.by;
  const again = request({
    ...formula,
    lines: computed.lines,
    method,
    targetSolublesPct,
    boilMin,
    remake: emptied(made, { problem, solublesPct: computed.by.solublesPct }),
  });
  return { made, again, computed, processMin };
}

const planOf = (of: PlanRequest): Plan => {
  const outcome = planBatch(of);
  if (!outcome.ok) throw new Error('It cannot be planned');
  return outcome.plan;
};

describe('jars that are emptied into a pot', () => {
  test.each(MADE)('%s hold what their cook left: mass, solids and acid', (_, formula) => {
    const made = request({ draws: 0, ...formula });
    const first = planOf(made);
    const again = planOf({ ...made, lines: [], remake: emptied(made) });
    // 1.5 L of spread, by the density of what the first cook ended as.
    const finish = first.finish ?? { massG: { p50: NaN }, solublesPct: NaN };
    expect(again.remake?.solublesPct).toBeCloseTo(finish.solublesPct, 0);
    expect(again.start?.solublesPct).toBeCloseTo(finish.solublesPct, 0);
    expect(again.start?.massG).toBeGreaterThan(1500 * 1.02);
    expect(again.start?.massG).toBeLessThan(1500 * 1.42);
    const [was, is] = [first.finish?.pH?.p50, again.start?.pH?.p50];
    expect(Math.abs((is ?? NaN) - (was ?? NaN))).toBeLessThan(0.12);
  });

  test('weigh what their volume says', () => {
    const made = request({ draws: 0, ...MADE[0]?.[1] });
    const { start } = planOf({ ...made, lines: [], remake: emptied(made) });
    // Sucrose of 65 °Brix weighs 1.316 kg a litre at 20 °C (ICUMSA’s table, from memory); hot it is
    // 3 to 6 % less.
    expect((start?.massG ?? NaN) / 1500).toBeGreaterThan(1.23);
    expect((start?.massG ?? NaN) / 1500).toBeLessThan(1.3);
  });

  test('set as they were seen to, where nothing is done to them', () => {
    const made = request({ draws: 0, ...MADE[0]?.[1] });
    for (const solublesPct of [56, 60, 65, 70])
      for (const problem of ['loose', 'stiff'] as const) {
        const foretold = planOf({ ...made, targetSolublesPct: solublesPct }).set?.ratio.p50 ?? NaN;
        const { set } = planOf({
          ...made,
          lines: [],
          method: 'long-boil',
          targetSolublesPct: solublesPct + 0.2,
          remake: emptied(made, { problem, solublesPct }),
        });
        // What was seen moves the sums towards it, never further away.
        const seen = problem === 'loose' ? Math.min(foretold, 0.63) : Math.max(foretold, 1.8);
        expect(Math.abs((set?.ratio.p50 ?? NaN) / seen - 1)).toBeLessThan(0.06);
      }
  });

  test('are not weighed out again: what is brought is what goes in besides', () => {
    const { again } = remade(MADE[2]?.[1] ?? {}, 'loose');
    const plan = planOf(again);
    expect(plan.lines.map(({ ingredient }) => ingredient)).not.toContain('strawberry');
    expect(plan.remake?.lines.map(({ ingredient }) => ingredient)).toContain('strawberry');
    // The label counts fruit as it went in at first.
    expect(plan.finish?.fruitPer100g).toBeGreaterThan(25);
  });
});

describe('a batch made again', () => {
  test.each(
    MADE.flatMap(([name, formula]) =>
      (['loose', 'stiff'] as const).map((problem) => [name, problem, formula] as const),
    ),
  )('%s, %s: its plan sets as was offered, and is as safe as the first', (_, problem, formula) => {
    const { made, again, computed, processMin } = remade(formula, problem);
    const [first, plan] = [planOf(made), planOf(again)];
    const share = plan.set?.share;
    expect((share?.soft ?? 0) + (share?.firm ?? 0)).toBeGreaterThan(computed.forecast.odds - 0.08);
    expect(plan.shelf.verdict).toBe(first.shelf.verdict);
    expect(plan.process.minutes).toBe(first.process.minutes);
    expect(processMin).toBe(first.process.minutes);
    expect(plan.minutes?.p50).toBeLessThan((first.minutes?.p50 ?? 0) + 20);
  });

  test('with powder boils that up first and then takes the jars in', () => {
    const made = request({ draws: 0, ...MADE[2]?.[1] });
    const plan = planOf({
      ...made,
      method: 'powdered-pectin',
      boilMin: 0.5,
      lines: ['50 g sugar', '120 mL water', '30 mL bottled lemon juice', '12 g powdered pectin'],
      remake: emptied(made),
    });
    expect(plan.acts.filter(({ phase }) => phase !== 'after').map(({ id }) => id)).toEqual([
      'empty-jars',
      'weigh',
      'light',
      'to-rolling',
      'add',
      'to-rolling',
      'clock',
      'stand',
      'fill',
      'load',
      'heat-canner',
      'process',
      'rest',
      'out',
    ]);
    expect(plan.acts.find(({ id }) => id === 'add')?.adds?.id).toBe('emptied-jars');
    expect(plan.acts.find(({ id }) => id === 'clock')?.minutes?.p50).toBe(0.5);
  });

  test('that is boiled on is neither softened nor sugared again, and is tested on a plate', () => {
    const { again } = remade(MADE[0]?.[1] ?? {}, 'loose', 58);
    const acts = planOf(again).acts.map(({ id }) => id);
    expect(acts).toEqual(expect.arrayContaining(['empty-jars', 'boil-down', 'plate', 'process']));
    expect(acts).not.toContain('soften');
    expect(acts).not.toContain('dissolve');
  });

  test.each(MADE)('%s is followed at the stove to its jars', (_, formula) => {
    for (const problem of ['loose', 'stiff'] as const) {
      const { again } = remade(formula, problem);
      const cookPlan = sure(cookPlanOf(again));
      const events = obedientCook(cookPlan, practice(), 0);
      expect(progressOf(cookPlan, events).state).toBe('filled');
    }
  });

  test('is made again once: a second time it is refused', () => {
    const { again } = remade(MADE[0]?.[1] ?? {}, 'loose', 58);
    const outcome = remakeOf({ formula: again, volumeMl: 900, problem: 'loose', facts: {} });
    expect(outcome.ok && outcome.remake.refused).toBe('made-again');
  });

  test('twice as much of it takes twice the mass', () => {
    const plan = (volumeMl: number) =>
      planned({ ...DAMSON, lines: [], draws: 0, remake: emptied(DAMSON, { volumeMl }) });
    expect((plan(2000).start?.massG ?? NaN) / (plan(1000).start?.massG ?? NaN)).toBeCloseTo(2, 2);
  });
});
