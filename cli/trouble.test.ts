import { remakeFromText, troubleFromText } from './trouble.ts';

const FORMULA = { lines: ['2 kg crushed damsons', '1.4 kg sugar'] };
const asked = (change: object = {}) =>
  JSON.stringify({ symptom: 'loose', formula: FORMULA, facts: { solublesPct: 58 }, ...change });
const again = (change: object = {}) =>
  JSON.stringify({ formula: FORMULA, jars: { volumeMl: 1900 }, problem: 'loose', ...change });

test('what ails a batch, and what to do', () => {
  const { code, out } = troubleFromText(asked());
  expect(code).toBe(0);
  const { causes, ask, discard } = JSON.parse(out) as {
    causes: { code: string; share: number; evidence: string; remedy: string }[];
    ask: string[];
    discard: boolean;
  };
  expect(causes[0]).toMatchObject({ code: 'low-solids' });
  expect(causes[0]?.share).toBeGreaterThan(0.8);
  expect(causes[0]?.evidence).toContain('58 %');
  expect(causes[0]?.remedy).toContain('setting point');
  expect(ask).toEqual([]);
  expect(discard).toBe(false);
});

test('a list gives a list, and a fact that is null is one that is not known', () => {
  const { code, out } = troubleFromText(
    `[${asked({ formula: null, facts: { solublesPct: null } })}, ${asked({ facts: null })}]`,
  );
  expect(code).toBe(0);
  const [bare] = JSON.parse(out) as { ask: string[] }[];
  expect(bare?.ask).toContain('solublesPct');
});

test('how jars are made again', () => {
  const { code, out } = remakeFromText(again({ facts: { solublesPct: 58 } }));
  expect(code).toBe(0);
  const { published, computed, trial } = JSON.parse(out) as {
    published: { lines: string[] };
    computed: { forecast: { odds: number } };
    trial: { volumeMl: number };
  };
  expect(published.lines).toEqual(['4 tbsp bottled lemon juice']);
  expect(computed.forecast.odds).toBeGreaterThan(0.8);
  expect(trial.volumeMl).toBe(237);
});

test.each([
  [asked({ symptom: 'sad' }), 'symptom'],
  [asked({ facts: { zorp: 1 } }), '“zorp”'],
  [asked({ facts: { pH: 'sour' } }), 'facts.pH'],
  [asked({ facts: { pH: 99 } }), 'facts.pH'],
  [asked({ facts: { boilLost: 'yes' } }), 'facts.boilLost'],
  [asked({ facts: [] }), 'facts'],
  [asked({ formula: { lines: 'plums' } }), 'formula.lines'],
  [asked({ zorp: 1 }), 'zorp'],
  ['not JSON', 'JSON'],
])('a question that is wrong ends with 2 and names the fault: %#', (source, named) => {
  const { code, err } = troubleFromText(source);
  expect(code).toBe(2);
  expect(err).toContain(named);
});

test.each([
  [again({ jars: undefined }), 'jars'],
  [again({ jars: { volumeMl: -4 } }), 'jars.volumeMl'],
  [again({ problem: 'sad' }), 'problem'],
  [again({ formula: null }), 'formula'],
])('a remake that is wrong ends with 2 and names the fault: %#', (source, named) => {
  const { code, err } = remakeFromText(source);
  expect(code).toBe(2);
  expect(err).toContain(named);
});
