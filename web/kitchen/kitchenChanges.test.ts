import { DEFAULTS } from '../test/kitchen.ts';
import { equipmentIn, equipmentOf, kitchenWith } from './equipmentForm.ts';
import { changesOf } from './kitchenChanges.ts';
import { formOf, readForm } from './kitchenForm.ts';

const placeOf = (form = formOf(DEFAULTS)) => {
  const read = readForm(form);
  if (!read.ok) throw new Error('The form is at fault');
  return read.kitchen;
};
const equipment = (form = equipmentOf(DEFAULTS)) =>
  equipmentIn(kitchenWith(DEFAULTS, form, (name) => name) as never);

test('a form in which nothing was typed changes nothing, however its figures were rounded', () => {
  expect(changesOf(placeOf(), placeOf())).toEqual({});
  expect(changesOf(equipment(), equipment())).toEqual({});
});

test('only what was typed is sent', () => {
  const changes = changesOf(placeOf(), placeOf({ ...formOf(DEFAULTS), waterBoils: '204.8' }));
  expect(Object.keys(changes)).toEqual(['waterBoilsC']);
  expect(changes.waterBoilsC).toBeCloseTo(96, 6);
});

test('what is owned keeps its id through the form', () => {
  const form = equipmentOf(DEFAULTS);
  form.pots[0]!.name = 'wide pot, mended';
  expect(changesOf(equipment(), equipment(form))).toEqual({
    pots: [{ id: 'wide', name: 'wide pot, mended', diameterCm: 30, heightCm: 19 }],
  });
});

test('a field that is emptied is a change', () => {
  const changes = changesOf(placeOf(), placeOf({ ...formOf(DEFAULTS), altitude: '' }));
  expect(changes).toEqual({ altitudeM: null });
});
