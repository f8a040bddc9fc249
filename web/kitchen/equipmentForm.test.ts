import type { Kitchen } from '@idle-kettle/contract';
import { findIngredient } from '@idle-kettle/core';
import { equipmentOf, kitchenWith } from './equipmentForm.ts';

const KITCHEN: Kitchen = {
  id: 'k',
  version: 1,
  knowledge: null,
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
  shelves: [],
  zone: null,
  handMinutes: null,
};
const idOf = (name: string) => findIngredient(name)?.id;

test('what stands in a kitchen goes into the form and comes back the same', () => {
  const form = equipmentOf(KITCHEN);
  expect(form.prices).toEqual([{ ingredient: 'white sugar', price: '0.54' }]);
  // What is learned is nobody’s to say.
  const { id, setUp, version, names, knowledge, ...kitchen } = KITCHEN;
  expect([id, setUp, version, names, knowledge]).toEqual(['k', true, 1, [], null]);
  expect(kitchenWith(KITCHEN, form, idOf)).toEqual(kitchen);
});

test('sizes, stock and prices are typed as the kitchen reads them', () => {
  const form = equipmentOf(KITCHEN);
  expect(form.pots[0]).toMatchObject({ width: '11.81', height: '5.51', holds: '10.5' });
  expect(form.stock[0]).toMatchObject({ amount: '5 lb 8.2 oz' });
  const metric = equipmentOf({ ...KITCHEN, units: 'metric' });
  expect(metric.pots[0]).toMatchObject({ width: '30', height: '14', holds: '9.9' });
  const typed = {
    ...form,
    stock: [{ ingredient: 'white sugar', amount: '5 lb' }],
    prices: [{ ingredient: 'white sugar', price: '1' }],
    burners: [{ name: ' ', heat: 'medium-burner' as const, netPowerKw: '' }],
  };
  expect(kitchenWith(KITCHEN, typed, idOf)).toMatchObject({
    stock: [{ ingredient: 'sugar', massG: 2268 }],
    prices: [{ ingredient: 'sugar', minorPerKg: 220 }],
    burners: [{ name: 'medium burner' }],
  });
});

test('a jar is typed as it is sold: to its brim, or by the net weight on its label', () => {
  const jar = (units: 'us' | 'metric', size: string, measure: 'filled' | 'brim' | 'net') => {
    const kitchen = { ...KITCHEN, units };
    const form = equipmentOf(kitchen);
    const [row] = form.jars;
    return kitchenWith(kitchen, { ...form, jars: [{ ...row!, size, measure }] }, idOf);
  };
  expect(jar('metric', '370', 'brim')).toMatchObject({ jars: [{ volumeMl: 337 }] });
  expect(jar('metric', '340', 'net')).toMatchObject({ jars: [{ volumeMl: 258 }] });
  expect(jar('metric', '473', 'filled')).toMatchObject({ jars: [{ volumeMl: 473 }] });
  expect(jar('us', '8', 'filled')).toMatchObject({ jars: [{ volumeMl: 237 }] });
  expect(jar('us', '16', 'net')).toMatchObject({ jars: [{ volumeMl: 345 }] });
});

test('what is no number is left for the contract to refuse, and nothing typed is nothing known', () => {
  const form = equipmentOf(KITCHEN);
  const [row] = form.jars;
  const typed = {
    ...form,
    pots: [{ name: 'x', width: 'wide', height: '1 1/2', holds: '' }],
    jars: [{ ...row!, count: '', gift: '' }],
    stock: [{ ingredient: 'sugar', amount: 'some' }],
    prices: [{ ingredient: ' ', price: '' }],
  };
  expect(kitchenWith(KITCHEN, typed, idOf)).toMatchObject({
    pots: [{ diameterCm: NaN, heightCm: 3.8 }],
    jars: [{ count: null, gift: 0 }],
    stock: [{ massG: NaN }],
    prices: [],
  });
});

test('a pack is typed in grams or in ounces', () => {
  const form = equipmentOf(KITCHEN);
  const packs = [{ ingredient: 'powdered pectin', packG: '1.75 oz', pectinG: '15.5', boilMin: '' }];
  expect(kitchenWith(KITCHEN, { ...form, packs }, idOf)).toMatchObject({
    packs: [{ ingredient: 'powdered-pectin', packG: 50, pectinG: 15.5 }],
  });
});

test('a pack of gelling sugar has its minutes, and need not say how much pectin is in it', () => {
  const form = equipmentOf(KITCHEN);
  const packs = [{ ingredient: '2:1 gelling sugar', packG: '500', pectinG: '', boilMin: '4' }];
  const id = () => 'gelling-sugar-2-1';
  expect(kitchenWith(KITCHEN, { ...form, packs }, id)).toMatchObject({
    packs: [{ ingredient: 'gelling-sugar-2-1', packG: 500, pectinG: null, boilMin: 4 }],
  });
});
