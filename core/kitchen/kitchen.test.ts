import {
  BARE_KITCHEN,
  requestInKitchen,
  UNNAMED_BURNER,
  higherKitchen,
  loadsInKitchen,
  pretreatmentIn,
} from './index.ts';

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

test('what was learned of a burner is that burner’s, and a kitchen that names none has one too', () => {
  const watts = (p50: number) => ({ p10: p50 - 100, p50, p90: p50 + 100, batches: 3 });
  const knowledge = {
    burners: [
      { id: UNNAMED_BURNER, netPowerW: watts(900) },
      { id: 'back', netPowerW: watts(1500) },
    ],
    thermometerOffsetK: null,
    yieldTimes: null,
    minutesTimes: null,
  };
  const of = (burners: (typeof BARE_KITCHEN)['burners'], burner?: string) =>
    requestInKitchen(
      { lines: ['2 kg plums'], settings: burner === undefined ? {} : { burner } },
      { ...BARE_KITCHEN, burners, knowledge },
    ).learned.netPowerKw?.p50 ?? null;
  const two = [
    { id: 'front', name: 'Front', heat: 'medium-burner' },
    { id: 'back', name: 'Back', heat: 'medium-burner' },
  ] as const;
  expect(of([])).toBe(0.9);
  expect(of(two)).toBeNull();
  expect(of(two, 'back')).toBe(1.5);
});
