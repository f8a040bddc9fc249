import type { Kitchen } from '@idle-kettle/contract';
import {
  altitudeInUnit,
  formOf,
  readForm,
  readingInScale,
  type KitchenForm,
} from './kitchenForm.ts';

const form: KitchenForm = {
  name: 'Mine',
  altitude: '5,000',
  altitudeUnit: 'ft',
  waterBoils: '',
  temperature: 'F',
  units: 'us',
  measures: 'us',
  school: 'ten-minute',
};

const faultsOf = (change: Partial<KitchenForm>) => {
  const read = readForm({ ...form, ...change });
  return read.ok ? [] : read.faults.map(({ field }) => field);
};

test('feet and Fahrenheit become metres and Celsius', () => {
  expect(readForm({ ...form, waterBoils: '203' })).toMatchObject({
    ok: true,
    kitchen: {
      altitudeM: expect.closeTo(1524, 6) as number,
      waterBoilsC: expect.closeTo(95, 6) as number,
    },
  });
});

test('nothing typed is nothing known', () => {
  expect(readForm({ ...form, altitude: ' ' })).toMatchObject({
    ok: true,
    kitchen: { altitudeM: null, waterBoilsC: null },
  });
});

test.each<[Partial<KitchenForm>, string[]]>([
  [{ altitude: 'high' }, ['altitude']],
  [{ altitude: '99999' }, ['altitude']],
  [{ waterBoils: '120' }, ['waterBoils']],
  [{ waterBoils: 'hot' }, ['waterBoils']],
  [{ name: '<b>' }, ['name']],
  [{ name: '' }, ['name']],
])('%j is at fault in %j', (change, fields) => {
  expect(faultsOf(change)).toEqual(fields);
});

test('switching units keeps the value, and leaves words alone', () => {
  expect(altitudeInUnit('5000', 'ft', 'm')).toBe('1524');
  expect(altitudeInUnit('1524', 'm', 'ft')).toBe('5000');
  expect(altitudeInUnit('high', 'm', 'ft')).toBe('high');
  expect(readingInScale('203', 'F', 'C')).toBe('95');
  expect(readingInScale('95', 'C', 'F')).toBe('203');
  expect(readingInScale('95', 'C', 'C')).toBe('95');
});

test('a kitchen is shown as it was typed', () => {
  const kitchen: Kitchen = {
    id: 'k',
    version: 1,
    knowledge: null,
    setUp: true,
    name: 'Mine',
    altitudeM: 1524,
    waterBoilsC: 95,
    units: 'us',
    temperature: 'F',
    altitudeUnit: 'ft',
    school: 'sterilised',
    canner: 'boiling-water',
    cannerHolds: null,
    cannerWatched: null,
    pots: [],
    burners: [],
    jars: [],
    stock: [],
    packs: [],
    prices: [],
    measures: 'us',
    names: [],
    currency: 'USD',
    shelves: [],
    zone: null,
    handMinutes: null,
  };
  expect(formOf(kitchen)).toMatchObject({ altitude: '5000', waterBoils: '203' });
  expect(formOf({ ...kitchen, altitudeM: null, waterBoilsC: null })).toMatchObject({
    altitude: '',
    waterBoils: '',
  });
});
