import type { BatchDto, KitchenDto } from '@idle-kettle/contract';

/** An invented kitchen, high enough for altitude to matter. */
export const DEMO_KITCHEN: KitchenDto = {
  name: 'Larkrise kitchen',
  altitudeM: 1250,
  waterBoilsC: null,
  units: 'us',
  temperature: 'F',
  altitudeUnit: 'ft',
  school: 'sterilised',
};

/** A season of hedgerow and orchard, oldest first; invented. */
export const DEMO_BATCHES: readonly BatchDto[] = [
  { name: 'First gooseberry', lines: ['1.5 kg gooseberries', '1.5 kg sugar', '300 mL water'] },
  {
    name: 'Strawberry, Sunday',
    lines: ['6 cups crushed strawberries', '5 cups sugar', '2 tbsp bottled lemon juice'],
  },
  {
    name: 'Melon for breakfast',
    lines: ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice'],
  },
  { name: 'Blackcurrant', lines: ['1 kg blackcurrants', '1.2 kg sugar', '2 cups water'] },
  {
    name: 'Apricot and honey',
    lines: ['4 lb apricots', '2 lb 8 oz sugar', '1 cup honey', '¼ cup lemon juice'],
  },
  { name: 'Hedge bramble', lines: ['2 kg crushed blackberries', '1.4 kg sugar'] },
  {
    name: 'Quince, long boil',
    lines: ['3 lb chopped quince', '3 lb sugar', '3 cups water', '2 tbsp lemon juice'],
  },
  { name: 'Pear, too sweet', lines: ['1 kg chopped pears', '800 g sugar', '1 tsp ground ginger'] },
  {
    name: 'Sloe and crab apple',
    lines: ['900 g sloes', '600 g chopped crab apples', '1.2 kg sugar', '500 mL water'],
  },
  {
    name: 'Medlar, trial',
    lines: ['800 g medlars', '600 g sugar', '3 tbsp lemon juice', '2 cups water'],
  },
  { name: 'Plum for the fair', lines: ['4 lb plums', '3 lb sugar', '2 tbsp brandy'] },
  { name: 'Damson, low hedge', lines: ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water'] },
];
