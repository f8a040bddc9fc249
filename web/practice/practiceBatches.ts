/** Batches to practise on, each a set of its own kind. */
export const PRACTICE_BATCHES = [
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
] as const;
