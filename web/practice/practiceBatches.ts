import type { Formula } from '@idle-kettle/core';

/** What can be practised on: a name, with lines and what is said besides them. */
export type NamedFormula = { readonly name: string } & Pick<Formula, 'lines'> &
  Partial<Pick<Formula, 'settings'>>;

/** Batches to practise on, each a set of its own kind. */
export const PRACTICE_BATCHES: readonly NamedFormula[] = [
  { name: 'Damson jam', lines: ['2 kg crushed damsons', '1.4 kg sugar'] },
  {
    name: 'Strawberry jam',
    lines: ['1.5 kg crushed strawberries', '1.3 kg sugar', '60 mL bottled lemon juice'],
  },
  { name: 'Blackcurrant jam', lines: ['1 kg blackcurrants', '500 mL water', '1.3 kg sugar'] },
  {
    name: 'Raspberry jam with powdered pectin',
    lines: ['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin'],
  },
  {
    name: 'Apple jelly',
    lines: ['4 cups sugar'],
    settings: { product: 'jelly', before: { kind: 'extract', lines: ['2 kg tart apples'] } },
  },
  {
    name: 'Apple butter',
    lines: ['3 kg cooked apple pulp', '1 kg sugar'],
    settings: { product: 'butter' },
  },
  {
    name: 'Lemon curd',
    lines: ['6 eggs', '200 g butter', '450 g sugar', '240 mL lemon juice'],
    settings: { product: 'curd' },
  },
];
