import { USUAL_PROBE, BARE_KITCHEN, planInKitchen } from '@idle-kettle/core';
import { fromScale, inScale } from './scale.ts';
import { isCalibrated, plannedMinutes, stoveCookPlan, type CookFacts } from './stoveCookPlan.ts';

const COOK: CookFacts = {
  formula: { lines: ['2 kg crushed damsons', '1.4 kg sugar'], settings: {} },
  kitchen: { ...BARE_KITCHEN, altitudeM: 1524, units: 'us', temperature: 'F' },
  practice: null,
};

test('a cook goes by the altitude until boiling water was read, and then by that', () => {
  const byAltitude = stoveCookPlan(COOK, null);
  const byWater = stoveCookPlan(COOK, 97);
  expect(byAltitude?.waterBoilsC).toBeCloseTo(94.9, 0);
  expect(byWater?.waterBoilsC).toBe(97);
  const shift = (byWater?.stopC ?? 0) - (byAltitude?.stopC ?? 0);
  expect(shift).toBeCloseTo(97 - (byAltitude?.waterBoilsC ?? 0), 0);
});

test('a thermometer counts as read on this cook, or before in a kitchen that is no practice', () => {
  const kitchen = { ...COOK.kitchen, waterBoilsC: 95 };
  const practice = { seed: 1, fault: 'none', probe: USUAL_PROBE, scale: false } as const;
  expect(isCalibrated(COOK, null)).toBe(false);
  expect(isCalibrated(COOK, 95)).toBe(true);
  expect(isCalibrated({ ...COOK, kitchen }, null)).toBe(true);
  expect(isCalibrated({ ...COOK, kitchen, practice }, null)).toBe(false);
});

test('before the burner is on the minutes are those of the plan', () => {
  const balance = planInKitchen(COOK.formula, COOK.kitchen);
  if (!balance.ok) throw new Error('no plan');
  expect(plannedMinutes(COOK, null)).toEqual(balance.plan.minutes);
  expect(plannedMinutes({ ...COOK, formula: { lines: [], settings: {} } }, null)).toBeNull();
});

test('what cannot be cooked has no sheet', () => {
  expect(
    stoveCookPlan({ ...COOK, formula: { lines: ['something blue'], settings: {} } }, null),
  ).toBeNull();
});

test('what is read off either scale comes back the same', () => {
  for (const tempC of [-5, 0, 95.8, 104.4]) {
    expect(fromScale(inScale(tempC, 'F'), 'F')).toBeCloseTo(tempC, 9);
    expect(fromScale(inScale(tempC, 'C'), 'C')).toBe(tempC);
  }
  expect(inScale(100, 'F')).toBeCloseTo(212, 9);
});
