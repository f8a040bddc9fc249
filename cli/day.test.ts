import { dayFromText } from './day.ts';

const FROM = '2026-09-12T07:00:00.000Z';
const DAMSON = { lines: ['2 kg crushed damsons', '1.4 kg sugar'] };
const asked = (change: object = {}) =>
  JSON.stringify({
    from: FROM,
    finishBy: null,
    people: 1,
    burners: 2,
    slowCookers: 1,
    canners: [{ halfPints: 7 }],
    batches: [
      { name: 'Damson', formula: DAMSON, ready: null, keepsUntil: null },
      { name: 'Plum', formula: { lines: ['2 kg plums', '1.4 kg sugar'] } },
    ],
    ...change,
  });

type Answered = {
  acts: {
    batch: string;
    act: string;
    start: string;
    end: string;
    hands: boolean;
    holds: string[];
  }[];
  finish: string;
  infeasible: { resource: string; shortMin: number } | null;
};

test('a day of two batches, act by act', () => {
  const { code, out } = dayFromText(asked());
  expect(code).toBe(0);
  const { acts, finish, infeasible } = JSON.parse(out) as Answered;
  expect(infeasible).toBeNull();
  expect(new Set(acts.map(({ batch }) => batch))).toEqual(new Set(['Damson', 'Plum']));
  for (const { act, start, end, holds } of acts) {
    expect([act, start >= FROM && start <= end]).toEqual([act, true]);
    for (const thing of holds) expect(thing).toMatch(/^(burner|canner|slow cooker|oven) \d$/);
  }
  const last = acts.filter(({ act }) => act !== 'cool').map(({ end }) => end);
  expect(last.sort().at(-1)).toBe(finish);
  // Eight jars are two loads of seven: several loads are several acts.
  expect(acts.filter(({ act }) => act === 'process').length).toBeGreaterThan(2);
});

test('what is short is named, with the minutes', () => {
  const { out } = dayFromText(asked({ finishBy: '2026-09-12T08:00:00.000Z' }));
  const { infeasible } = JSON.parse(out) as Answered;
  expect(infeasible?.shortMin).toBeGreaterThan(30);
  const none = JSON.parse(dayFromText(asked({ burners: 0 })).out) as Answered;
  expect(none.infeasible).toMatchObject({ resource: 'burners' });
  expect(none.infeasible?.shortMin).toBeGreaterThan(0);
});

test('nobody works in a break', () => {
  const [from, to] = ['2026-09-12T08:00:00.000Z', '2026-09-12T10:00:00.000Z'];
  const { acts } = JSON.parse(dayFromText(asked({ breaks: [{ from, to }] })).out) as Answered;
  expect(acts.filter(({ hands, start, end }) => hands && start < to && end > from)).toEqual([]);
  expect(dayFromText(asked({ breaks: [{ from }] })).code).toBe(2);
});

test('a list gives a list', () => {
  const { code, out } = dayFromText(`[${asked()}, ${asked({ people: 2 })}]`);
  expect(code).toBe(0);
  expect(JSON.parse(out) as unknown[]).toHaveLength(2);
});

test.each([
  [asked({ from: 'Saturday' }), 'from'],
  [asked({ people: 0 }), 'people'],
  [asked({ batches: [] }), 'batches'],
  [asked({ canners: [{ halfPints: 0 }] }), 'canners[0].halfPints'],
  [asked({ batches: [{ name: 'X', formula: { lines: 'plums' } }] }), 'batches[0].formula.lines'],
  [
    asked({ batches: [{ name: 'X', formula: { lines: ['-2 kg plums'] } }] }),
    'batches[0].formula.lines[0]',
  ],
  [asked({ zorp: 1 }), 'zorp'],
])('a day that is wrong ends with 2 and names the fault: %#', (source, named) => {
  const { code, err } = dayFromText(source);
  expect(code).toBe(2);
  expect(err).toContain(named);
});
