import { BARE_KITCHEN, planInKitchen, requestInKitchen } from '@idle-kettle/core';
import { textOf } from '@idle-kettle/words';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { BatchDto, faultsOf, readPlanRequest, VALIDATION } from './index.ts';

const EXTRACT = { kind: 'extract', lines: ['3 lb crab apples'], water: 710 };

describe('a before in a plan request', () => {
  const before = (json: object) => {
    const read = readPlanRequest({ lines: ['4 cups sugar'], product: 'jelly', before: json });
    if (!read.ok) throw new Error(textOf(read.faults.map(({ message }) => message)));
    return read.request.before;
  };

  test('has everything but its kind and lines from what is usual', () => {
    expect(before({ kind: 'soak', lines: ['1 kg oranges'] })).toEqual({
      kind: 'soak',
      lines: ['1 kg oranges'],
      waterG: null,
      hours: null,
      obtainedG: null,
      obtainedMl: null,
      brix: null,
      clot: null,
    });
    expect(readPlanRequest({ lines: ['1 kg plums'], before: null })).toMatchObject({
      ok: true,
      request: { before: null },
    });
  });

  test('takes what was measured, and weighed lines', () => {
    expect(
      before({
        ...EXTRACT,
        lines: [{ ingredient: 'crab-apple', massG: 1360 }],
        hours: 6,
        obtained: { volumeMl: 950 },
        brix: 10.5,
        clot: 'lump',
      }),
    ).toMatchObject({
      lines: [{ ingredient: 'crab-apple', massG: 1360 }],
      waterG: 710,
      hours: 6,
      obtainedMl: 950,
      brix: 10.5,
      clot: 'lump',
    });
  });

  test.each([
    ['3 cups', 710],
    ['3 cups water', 710],
    ['1 litre', 998],
    [0, 0],
  ])('water may be %j', (water, grams) => {
    expect(before({ ...EXTRACT, water })?.waterG).toBeCloseTo(grams, -1);
  });

  test.each<[string, unknown, string]>([
    ['no kind', { lines: [] }, 'before.kind'],
    ['a kind nobody knows', { kind: 'ferment', lines: [] }, 'before.kind'],
    ['no lines', { kind: 'extract' }, 'before.lines'],
    ['a line that is no text', { kind: 'extract', lines: [3] }, 'before.lines[0].text'],
    ['water of wine', { ...EXTRACT, water: 'two jars of wine' }, 'before.water'],
    ['less than no water', { ...EXTRACT, water: -1 }, 'before.water'],
    ['hours without end', { ...EXTRACT, hours: 1000 }, 'before.hours'],
    [
      'juice of less than nothing',
      { ...EXTRACT, obtained: { volumeMl: -5 } },
      'before.obtained.volumeMl',
    ],
    ['juice as thick as tar', { ...EXTRACT, brix: 120 }, 'before.brix'],
    ['a clot nobody saw', { ...EXTRACT, clot: 'butter' }, 'before.clot'],
    ['a key nobody knows', { ...EXTRACT, stir: true }, 'before.stir'],
    ['a word in its place', 'juice', 'before'],
  ])('%s is refused by its field', (_, json, field) => {
    const read = readPlanRequest({ lines: ['4 cups sugar'], before: json });
    expect(read.ok ? [] : read.faults.map((fault) => fault.field)).toContain(field);
  });

  test('an impossible line of it refuses the plan by its place', () => {
    const outcome = planInKitchen(
      {
        lines: ['4 cups sugar'],
        settings: { product: 'jelly', before: { kind: 'extract', lines: ['-3 lb crab apples'] } },
      },
      BARE_KITCHEN,
      0,
    );
    expect(outcome).toMatchObject({ ok: false, faults: [{ field: 'before.lines[0]' }] });
  });
});

describe('a before that a batch keeps', () => {
  const kept = (before: unknown) =>
    validateSync(
      plainToInstance(BatchDto, { name: 'Jelly', lines: ['4 cups sugar'], settings: { before } }),
      VALIDATION,
    );

  test('is plain text and numbers, blank lines of a sheet being written included', () => {
    expect(kept({ ...EXTRACT, lines: ['3 lb crab apples', ''] })).toEqual([]);
    expect(kept(null)).toEqual([]);
    expect(faultsOf(kept({ ...EXTRACT, lines: [{ text: 'x' }] }))[0]?.field).toBe(
      'settings.before.lines',
    );
  });

  test('plans as the written request does, its blank lines left out', () => {
    const { before } = requestInKitchen(
      {
        lines: ['4 cups sugar'],
        settings: { before: { kind: 'extract', lines: ['3 lb crab apples', ' '] } },
      },
      BARE_KITCHEN,
    );
    expect(before).toMatchObject({ kind: 'extract', lines: ['3 lb crab apples'] });
  });

  test('and how thick a butter is wanted goes with it', () => {
    const stop = (bodyStop?: 'spoonable' | 'stiff') =>
      requestInKitchen(
        {
          lines: ['1 kg apples'],
          settings: { product: 'butter', ...(bodyStop ? { bodyStop } : {}) },
        },
        BARE_KITCHEN,
      ).bodyStop;
    expect([stop(), stop('stiff')]).toEqual(['mounds', 'stiff']);
    const read = readPlanRequest({ lines: ['1 kg apples'], target: { body: 'wobbly' } });
    expect(read.ok ? [] : read.faults.map(({ field }) => field)).toEqual(['target.body']);
  });
});
