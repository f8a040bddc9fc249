import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Plan, PlanLine } from '@idle-kettle/core';
import { planFromText } from './plan.ts';
import { readCommand, readFromText } from './read.ts';

const linesOf = (out: string) => (JSON.parse(out) as { lines: PlanLine[] }).lines;

describe('read', () => {
  test('answers plain text, one line a line, as a plan has them', () => {
    const { code, out, err } = readFromText(
      '2 kg plums\r\n\n1 cup sugar or honey\n- 12 oz bag cranberries\n',
    );
    expect([code, err]).toEqual([0, '']);
    expect(linesOf(out)).toMatchObject([
      { text: '2 kg plums', understood: true, ingredient: 'plum', massG: 2000 },
      { understood: false, words: ['or'], offers: [['1 cup sugar'], ['1 cup honey']] },
      { understood: true, ingredient: 'cranberry', massG: 340.2 },
    ]);
  });

  test('answers JSON with what lines are read with', () => {
    const request = {
      lines: ['1 pint water', '2 kg Old Codlin'],
      measures: 'uk',
      names: [{ name: 'Old Codlin', ingredient: 'apple' }],
    };
    expect(linesOf(readFromText(JSON.stringify(request)).out)).toMatchObject([
      { massG: 567.3 },
      { ingredient: 'apple', name: 'apple', called: 'Old Codlin' },
    ]);
  });

  test('a list of lines is read, and an array gives an array', () => {
    expect(linesOf(readFromText('["2 kg plums", "1 kg sugar"]').out)).toHaveLength(2);
    const { code, out } = readFromText('[{"lines": ["2 kg plums"]}, {"lines": []}]');
    expect([code, JSON.parse(out)]).toMatchObject([
      0,
      [{ lines: [{ ingredient: 'plum' }] }, { lines: [] }],
    ]);
  });

  test.each([
    ['{"lines": "2 kg plums"}', 'lines: lines must be a list'],
    [
      '{"lines": ["2 kg plums"], "measures": "roman"}',
      'measures: measures must be one of: us, uk, metric.',
    ],
    [
      '{"lines": [], "names": [{"name": "pumpkin", "ingredient": "apple"}]}',
      'names[0].name: “pumpkin” is already pumpkin.',
    ],
    [
      '{"lines": [], "names": [{"name": "Codlin", "ingredient": "zorp"}]}',
      'names[0].ingredient: Name an ingredient from the list.',
    ],
    ['{"lines": [], "names": {}}', 'names: names must be a list.'],
    ['{"lines": [3]}', 'lines[0]'],
    ['{"lines": [', 'This is not JSON'],
  ])('refuses %s', (source, message) => {
    expect(readFromText(source)).toMatchObject({
      code: 2,
      out: '',
      err: expect.stringContaining(message) as string,
    });
  });

  test('reads a file, and says when it cannot', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'kettle-read-')), 'lines.txt');
    writeFileSync(file, '2 kg plums\n');
    expect((await readCommand(file)).code).toBe(0);
    expect(await readCommand(`${file}.gone`)).toMatchObject({
      code: 2,
      err: expect.stringContaining('Cannot read') as string,
    });
  });
});

describe('plan takes an array', () => {
  test('and answers one, each as it would be alone', () => {
    const requests = [
      { lines: ['2 kg plums', '1.6 kg sugar'] },
      { lines: ['1 kg rhubarb', '1 kg sugar'], seed: 3 },
    ];
    const { code, out } = planFromText(JSON.stringify(requests));
    expect(code).toBe(0);
    expect(JSON.parse(out)).toEqual(
      requests.map((request) => JSON.parse(planFromText(JSON.stringify(request)).out) as Plan),
    );
  });

  test('a request that is wrong has its faults in its place, and ends the command as bad input', () => {
    const { code, out, err } = planFromText(
      JSON.stringify([
        { lines: ['2 kg plums'] },
        { lines: ['-1 kg sugar'] },
        7,
        null,
        { lines: [], altitudeM: 'high' },
      ]),
    );
    expect(code).toBe(2);
    const answers = JSON.parse(out) as (Plan | { faults: { field: string }[] })[];
    expect(answers).toHaveLength(5);
    expect(answers[0]).toMatchObject({ lines: [{ ingredient: 'plum' }] });
    expect(answers[1]).toMatchObject({ faults: [{ field: 'lines[0]' }] });
    expect(err.trim().split('\n')).toEqual([
      '[1].lines[0]: The amount must be more than zero.',
      '[2]: Send one JSON object with "lines".',
      '[3]: Send one JSON object with "lines".',
      '[4].altitudeM: altitudeM must be a number from -450 to 5,500 m.',
    ]);
  });

  test('of none is none, and one without end is refused', () => {
    expect(planFromText('[]')).toMatchObject({ code: 0, out: '[]\n' });
    expect(planFromText(`[${'0,'.repeat(2000)}0]`)).toMatchObject({
      code: 2,
      err: expect.stringContaining('at most 2,000') as string,
    });
    const large = JSON.stringify([{ lines: ['x'.repeat(300_000)] }]);
    expect(planFromText(large)).toMatchObject({
      code: 2,
      err: expect.stringContaining('[0]: The request is larger than 256 kB') as string,
    });
  });
});
