import type { Kitchen } from '@idle-kettle/contract';
import { findIngredient } from '@idle-kettle/core';
import { equipmentOf, kitchenWith } from './equipmentForm.ts';

const KITCHEN: Kitchen = {
  id: 'k',
  version: 1,
  setUp: true,
  name: 'Mine',
  altitudeM: 0,
  waterBoilsC: null,
  units: 'us',
  temperature: 'F',
  altitudeUnit: 'ft',
  school: 'sterilised',
  canner: 'steam',
  cannerHolds: null,
  cannerWatched: null,
  pots: [{ name: 'wide', diameterCm: 30, heightCm: 14 }],
  burners: [{ name: 'ring', heat: 'outdoor-ring', netPowerKw: 4 }],
  jars: [{ name: 'pint', volumeMl: 473, count: 3, prefer: true, gift: 2, lids: 4, inUse: 2 }],
  stock: [{ ingredient: 'sugar', massG: 2500 }],
  packs: [{ ingredient: 'powdered-pectin', packG: 57, pectinG: 20 }],
  prices: [{ ingredient: 'sugar', minorPerKg: 120 }],
  measures: 'us',
  names: [],
  currency: 'EUR',
};
const idOf = (name: string) => findIngredient(name)?.id;

test('what stands in a kitchen goes into the form and comes back the same', () => {
  const form = equipmentOf(KITCHEN);
  expect(form.prices).toEqual([{ ingredient: 'white sugar', perKg: '1.20' }]);
  const { id, setUp, version, names, ...kitchen } = KITCHEN;
  expect([id, setUp, version, names]).toEqual(['k', true, 1, []]);
  expect(kitchenWith(KITCHEN, form, idOf)).toEqual(kitchen);
});

test('what is no number is left for the contract to refuse, and nothing typed is nothing known', () => {
  const form = equipmentOf(KITCHEN);
  const typed = {
    ...form,
    pots: [{ name: 'x', diameterCm: 'wide', heightCm: '1 1/2' }],
    jars: [
      { name: 'pint', volumeMl: '473', count: '', prefer: false, gift: '', lids: '', inUse: '' },
    ],
    prices: [{ ingredient: ' ', perKg: '' }],
  };
  expect(kitchenWith(KITCHEN, typed, idOf)).toMatchObject({
    pots: [{ diameterCm: NaN, heightCm: 1.5 }],
    jars: [{ count: null, gift: 0 }],
    prices: [],
  });
});
