import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Plan } from '@idle-kettle/core';
import { planCommand, planFromText } from './plan.ts';

const REQUEST = JSON.stringify({
  lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
  altitudeM: 1524,
  school: 'sterilised',
});

test('answers with the plan as JSON', () => {
  const { code, out, err } = planFromText(REQUEST);
  const plan = JSON.parse(out) as Plan;
  expect(code).toBe(0);
  expect(err).toBe('');
  expect(plan.process.minutes).toBe(10);
  expect(plan.stop.ruleTempF).toBeCloseTo(210.8, 1);
});

test('names every fault on a line of its own, and exits 2', () => {
  const { code, out, err } = planFromText(
    JSON.stringify({ lines: [], altitudeM: 'high', jars: [{ name: 'x', volumeMl: 0 }] }),
  );
  expect(code).toBe(2);
  expect(out).toBe('');
  expect(err.trim().split('\n')).toEqual([
    'altitudeM: altitudeM must be a number from -450 to 5,500 m.',
    'jars[0].volumeMl: volumeMl must be a number from 30 to 4,000 mL.',
  ]);
});

test.each([
  ['what is no JSON', '{', 'This is not JSON'],
  ['nothing', '', 'This is not JSON'],
  ['a megabyte', `"${'x'.repeat(1_000_000)}"`, 'larger than 256 kB'],
  [
    'an impossible line',
    JSON.stringify({ lines: ['-1 kg sugar'] }),
    'lines[0]: The amount must be more than zero.',
  ],
])('refuses %s', (_, source, message) => {
  expect(planFromText(source)).toMatchObject({
    code: 2,
    out: '',
    err: expect.stringContaining(message) as string,
  });
});

test('reads a file, and says when it cannot', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'kettle-plan-')), 'plan.json');
  writeFileSync(file, REQUEST);
  expect((await planCommand(file)).code).toBe(0);
  const missing = await planCommand(`${file}.gone`);
  expect(missing).toMatchObject({ code: 2, err: expect.stringContaining('Cannot read') as string });
});
