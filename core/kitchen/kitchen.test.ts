import { BARE_KITCHEN, higherKitchen, loadsInKitchen, pretreatmentIn } from './index.ts';

test('a batch goes by the higher of two altitudes of its kitchen, and says what it was', () => {
  const at = (altitudeM: number | null) => ({ ...BARE_KITCHEN, altitudeM });
  expect(higherKitchen(at(0), at(1500))).toMatchObject({ kitchen: { altitudeM: 1500 }, wasM: 0 });
  expect(higherKitchen(at(1500), at(0))).toMatchObject({
    kitchen: { altitudeM: 1500 },
    wasM: null,
  });
  expect(higherKitchen(at(null), at(900)).wasM).toBe(0);
  expect(higherKitchen(at(900), undefined)).toMatchObject({
    kitchen: { altitudeM: 900 },
    wasM: null,
  });
});

test('the jars of a plan are counted into loads by the sizes of the kitchen', () => {
  const kitchen = { jars: [{ name: 'pint', volumeMl: 473 }], cannerHolds: 7 };
  expect(loadsInKitchen([{ name: 'pint', count: 12 }], kitchen)).toBeGreaterThanOrEqual(2);
  expect(loadsInKitchen([], kitchen)).toBe(0);
});

test('what is done first goes without the blank lines of a formula that is being written', () => {
  const stored = { kind: 'extract', lines: [' 3 lb apples ', '', ' '], water: 500 } as const;
  expect(pretreatmentIn(stored)).toMatchObject({ lines: ['3 lb apples'], waterG: 500, brix: null });
});
