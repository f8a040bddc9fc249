import fc from 'fast-check';
import { EVENT_KINDS, STOVE_EVENT_KINDS, type EventKind } from '../chain/index.ts';
import { contentsOf, massOf } from '../formula/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { request } from '../test/planned.ts';
import { asPlanned, inOrder, nameOf, type Entry } from './entry.ts';
import { momentsOf, progressOf, type Progress } from './progress.ts';
import { pastStages } from './stages.ts';
import { cookPlanOf, type CookPlan } from './cookPlan.ts';
import { effectiveEvents } from './effectiveEntries.ts';
import { STOVE_STATES, TRANSITIONS } from './transitions.ts';
import { runs } from '../test/runs.ts';

const MIN = 60_000;
const cookPlanFor = (lines: readonly string[], change: object = {}): CookPlan => {
  const cookPlan = cookPlanOf(request({ lines, ...change }));
  if (cookPlan === null) throw new Error('There is no plan for these lines');
  return cookPlan;
};
const SHEETS = [
  cookPlanFor(['2 kg crushed strawberries', '1.4 kg sugar']),
  cookPlanFor(['2 kg damsons', '1.4 kg sugar', '5 g butter', '60 mL brandy']),
  cookPlanFor(['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin']),
  cookPlanFor(['4 cups grape juice', '7 cups sugar', '1 pouch liquid pectin'], {
    product: 'jelly',
  }),
  cookPlanFor(['1 kg peaches', '200 g sugar', '2 tsp low-methoxyl pectin', '2 tsp calcium water']),
  cookPlanFor(['3 kg apples', '300 g sugar', '1 tsp cinnamon'], { product: 'butter' }),
  cookPlanFor(['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'], {
    product: 'curd',
  }),
];

describe('the table', () => {
  test('says what every event does in every state', () => {
    for (const state of STOVE_STATES) {
      expect(Object.keys(TRANSITIONS[state]).sort()).toEqual([...STOVE_EVENT_KINDS].sort());
    }
  });

  test('only a flame leads out of the cold, and nothing out of the jars', () => {
    const does = (state: (typeof STOVE_STATES)[number]) =>
      STOVE_EVENT_KINDS.filter((kind) => TRANSITIONS[state][kind] !== 'note');
    expect(does('cold')).toEqual(['lit', 'added']);
    expect(does('filled')).toEqual([]);
  });

  test('lifted and stopped are two things, in every state on the heat', () => {
    for (const state of ['heated', 'boiling on'] as const) {
      expect(TRANSITIONS[state].lifted).toBe('lift');
      expect(TRANSITIONS[state]['off-heat']).toBe('stop');
    }
    for (const state of ['lifted', 'off'] as const)
      expect(TRANSITIONS[state]['on-heat']).toBe('return');
  });
});

/** A cook who presses what each act waits for, in order; every act has `each` minutes. */
function straight(cookPlan: CookPlan, each = 3): Entry[] {
  return cookPlan.acts.flatMap(({ ends: [end], adds }, index): Entry[] =>
    end === undefined
      ? []
      : [
          {
            source: 'cook',
            seq: index + 1,
            at: index * each * MIN,
            kind: end.on,
            value: adds?.massG ?? null,
            text: adds === null ? (end.said ?? null) : asPlanned(adds.id),
          },
        ],
  );
}

test('whoever presses what each act waits for goes through all of them to the jars', () => {
  for (const cookPlan of SHEETS) {
    const moments = momentsOf(cookPlan, straight(cookPlan));
    expect(moments.map(({ progress }) => progress.actIndex)).toEqual([
      ...cookPlan.acts.slice(1).map((_, index) => index + 1),
      cookPlan.acts.length - 1,
    ]);
    expect(moments.at(-1)?.progress.state).toBe('filled');
  }
});

test.each(
  SHEETS.map((cookPlan) => [`${cookPlan.product} by ${cookPlan.method}`, cookPlan] as const),
)(
  'off for a moment and back on the heat, in every act of a %s: act, flame and clock are as they were',
  (_, sheet) => {
    const all = straight(sheet);
    for (const count of all.keys()) {
      const so = all.slice(0, count + 1);
      const before = progressOf(sheet, so);
      if (!before.onHeat) continue;
      const at = (so.at(-1)?.at ?? 0) + MIN;
      const more = (['lifted', 'on-heat'] as const).map((kind, i): Entry => ({
        source: 'hand',
        seq: i + 1,
        at: at + i * 1000,
        kind,
        value: null,
        text: null,
      }));
      const lifted = progressOf(sheet, [...so, ...more.slice(0, 1)]);
      expect(lifted).toMatchObject({ state: 'lifted', onHeat: false, actIndex: before.actIndex });
      expect(progressOf(sheet, [...so, ...more])).toEqual(before);
    }
  },
);

test('sugar that went into the cold pot is in it, and is not asked for again', () => {
  const [cookPlan] = SHEETS as [CookPlan];
  const cold: Entry[] = [
    { kind: 'added' as const, value: 1400, text: asPlanned('sugar') },
    { kind: 'lit' as const, value: null, text: null },
  ].map((of, index) => ({ ...of, source: 'cook', seq: index + 1, at: index * MIN }));
  expect(progressOf(cookPlan, cold).act.id).toBe('dissolve');
  expect(massIn(cookPlan, cold, 5 * MIN)).toBeCloseTo(1400, 3);
});

/**
 * Grams that went into the pot besides what was in it when it was lit, by the stages that the
 * simulation goes through.
 */
const massIn = (cookPlan: CookPlan, events: readonly Entry[], untilMs: number): number =>
  pastStages(momentsOf(cookPlan, events), untilMs).reduce(
    (sum, { add }) => sum + (add === undefined ? 0 : massOf(add)),
    0,
  );

/**
 * What should be in by the log: each addition of the chain once, the first time, and everything
 * besides.
 */
function expectedIn(cookPlan: CookPlan, events: readonly Entry[]): number {
  const seen = new Set<string>();
  let sum = 0;
  for (const { kind, text, value } of events) {
    if (kind !== 'added' || text === null || value === null) continue;
    const asked = cookPlan.acts.find(
      ({ adds }) => adds !== null && asPlanned(adds.id) === text,
    )?.adds;
    const extra = findIngredient(text);
    if (asked && !seen.has(text)) {
      seen.add(text);
      sum += value > 3 * asked.massG ? asked.massG : value;
    } else if (!asked && extra !== null) sum += massOf(contentsOf(extra, value));
  }
  return sum;
}

/** What is not as it should be in a progress; nothing where all is. */
function illegalIn(cookPlan: CookPlan, now: Progress): string[] {
  const { state, more, added, act, actIndex } = now;
  const rules: { readonly [rule: string]: boolean } = {
    'a state that there is': STOVE_STATES.includes(state),
    'the act of its place': cookPlan.acts[actIndex] === act,
    'on the heat in the states that are':
      now.onHeat === (state === 'heated' || state === 'boiling on'),
    'more minutes only while they run or it is lifted':
      more === null || state === 'boiling on' || state === 'lifted',
    'boiling on has its minutes': state !== 'boiling on' || more !== null,
    'filled since a moment': (state === 'filled') === (now.readyAtMs !== null),
    'cold until it is lit': now.litAtMs !== null || state === 'cold',
    'a flame of nothing or more': now.flame >= 0,
    'everything in once': new Set(added).size === added.length,
    'in is what was to be added': added.every(
      (index) => (cookPlan.acts[index]?.adds ?? null) !== null,
    ),
  };
  return Object.keys(rules).filter((rule) => rules[rule] !== true);
}

const TEXTS: { readonly [kind in EventKind]?: readonly string[] } = {
  'plate-test': ['runs', 'slow', 'wrinkles', 'sings'],
  'sheet-test': ['drops', 'merges'],
  'mound-test': ['weeps', 'mounds'],
  added: ['sugar', 'pectin', 'sugar-and-pectin', 'against-foam', 'at-the-end']
    .map((id) => asPlanned(id as Parameters<typeof asPlanned>[0]))
    .concat('lemon-juice', 'sugar', 'no such thing', 'as planned: hope'),
};
const VALUES: { readonly [kind in EventKind]?: readonly (number | null)[] } = {
  added: [1400, 20, 700, 1e6, -3, null],
  flame: [0, 0.4, 1, -5],
  'water-boils': [100, 20, -20],
};
const HURRY: readonly EventKind[] = [
  'lit',
  'rolling',
  'off-heat',
  'on-heat',
  'lifted',
  'plate-test',
  'added',
  'dissolved',
  'ready',
];

const oneEvent = fc
  .oneof(
    { arbitrary: fc.constantFrom(...EVENT_KINDS), weight: 2 },
    { arbitrary: fc.constantFrom(...HURRY), weight: 3 },
  )
  .chain((kind) =>
    fc.record({
      kind: fc.constant(kind),
      value: fc.constantFrom(...(VALUES[kind] ?? [null])),
      text: fc.constantFrom(...(TEXTS[kind] ?? [null])),
      source: fc.constantFrom('stove', 'phone'),
      /**
       * Does what the act that is on waits for instead: so that the far end of the chain is
       * reached, too.
       */
      obeys: fc.option(fc.nat(4), { freq: 2 }),
      /** How long after the one before it; some at the very same moment. */
      waitMs: fc.constantFrom(0, 0, 1000, 20_000, 3 * MIN),
      /** Pressed again at once, by a wet thumb. */
      twice: fc.boolean(),
      /** Takes back the entry that many places before it. */
      undoes: fc.option(fc.integer({ min: 1, max: 6 }), { freq: 6 }),
    }),
  );

function logOf(
  cookPlan: CookPlan,
  notes: readonly (typeof oneEvent extends fc.Arbitrary<infer T> ? T : never)[],
): Entry[] {
  const log: Entry[] = [];
  const seqs: Record<string, number> = {};
  let at = 0;
  const write = (source: string, of: Pick<Entry, 'kind' | 'value' | 'text'>) => {
    seqs[source] = (seqs[source] ?? 0) + 1;
    log.push({ ...of, source, seq: seqs[source], at });
  };
  for (const { obeys, source, waitMs, twice, undoes, ...random } of notes) {
    at += waitMs;
    const { act } = progressOf(cookPlan, effectiveEvents(log));
    const end = obeys === null ? undefined : act.ends[obeys % act.ends.length];
    const of =
      end === undefined
        ? random
        : {
            kind: end.on,
            value: act.adds?.massG ?? null,
            text: act.adds === null ? (end.said ?? null) : asPlanned(act.adds.id),
          };
    if (of.kind !== 'undo') write(source, of);
    if (twice && of.kind !== 'undo') write(source, of);
    const back = undoes === null ? undefined : log[log.length - undoes];
    if (back !== undefined) write(source, { kind: 'undo', value: null, text: nameOf(back) });
  }
  return log;
}

test('10 000 random cooks of two sources, with repeats, undo and delays: always a legal state, everything in once, any delivery the same', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SHEETS),
      fc.array(oneEvent, { maxLength: 30 }),
      fc.infiniteStream(fc.boolean()),
      (cookPlan, notes, coins) => {
        const log = logOf(cookPlan, notes);
        const events = effectiveEvents(log);
        const moments = momentsOf(cookPlan, events);
        expect(moments.flatMap(({ progress }) => illegalIn(cookPlan, progress))).toEqual([]);
        const now = progressOf(cookPlan, events);

        const filled = moments.findIndex(({ progress }) => progress.state === 'filled');
        const open = filled < 0 ? events : events.slice(0, filled);
        const end = (open.at(-1)?.at ?? 0) + MIN;
        if (progressOf(cookPlan, open).litAtMs !== null)
          expect(massIn(cookPlan, open, end)).toBeCloseTo(expectedIn(cookPlan, open), 3);

        // Delivered late, or out of turn between the two, each in its own order: it ends the same.
        const queues = ['stove', 'phone'].map((source) =>
          log.filter((one) => one.source === source),
        );
        const delivered: Entry[] = [];
        while (queues.some((queue) => queue.length > 0)) {
          const [a, b] = queues as [Entry[], Entry[]];
          const from = b.length === 0 || (a.length > 0 && coins.next().value) ? a : b;
          delivered.push(from.shift() as Entry);
        }
        expect(progressOf(cookPlan, effectiveEvents(delivered))).toEqual(now);
        expect([...delivered].sort(inOrder)).toEqual([...log].sort(inOrder));
      },
    ),
    { numRuns: runs(10_000) },
  );
}, 120_000);
