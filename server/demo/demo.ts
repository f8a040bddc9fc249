import type { BatchDto, KitchenDto, OutcomeDto, RecipeDto } from '@idle-kettle/contract';

/** An invented kitchen, high enough for altitude to matter. */
export const DEMO_KITCHEN: KitchenDto = {
  name: 'Larkrise kitchen',
  altitudeM: 1250,
  waterBoilsC: null,
  units: 'us',
  temperature: 'F',
  altitudeUnit: 'ft',
  school: 'sterilised',
  canner: 'boiling-water',
  cannerHolds: 8,
  cannerWatched: { factor: 1.2, watched: 5 },
  pots: [
    { name: 'wide enamel pot', diameterCm: 30, heightCm: 19 },
    { name: 'small saucepan', diameterCm: 20, heightCm: 11 },
  ],
  burners: [
    { name: 'front burner', heat: 'medium-burner', netPowerKw: null },
    { name: 'back burner', heat: 'small-burner', netPowerKw: null },
    { name: 'slow cooker', heat: 'slow-cooker-high', netPowerKw: null },
  ],
  jars: [
    { name: 'half-pint', volumeMl: 237, count: 30, lids: 6, inUse: 41 },
    { name: 'quarter-pint', volumeMl: 118, count: 12, lids: 24, inUse: 9 },
  ],
  packs: [{ ingredient: 'powdered-pectin', packG: 49, pectinG: 15 }],
  stock: [
    { ingredient: 'sugar', massG: 6000 },
    { ingredient: 'lemon-juice-bottled', massG: 480 },
    { ingredient: 'powdered-pectin', massG: 98 },
    { ingredient: 'honey', massG: 900 },
    { ingredient: 'cinnamon', massG: 40 },
  ],
  measures: 'us',
  names: [
    {
      name: 'Old Codlin',
      ingredient: 'apple',
      taughtAt: '2026-08-30T09:12:00Z',
      line: '3 kg Old Codlin, cored',
    },
  ],
  prices: [
    { ingredient: 'sugar', minorPerKg: 130 },
    { ingredient: 'blackberry', minorPerKg: 600 },
    { ingredient: 'damson', minorPerKg: 320 },
    { ingredient: 'apple', minorPerKg: 180 },
    { ingredient: 'lemon-juice-bottled', minorPerKg: 450 },
  ],
  currency: 'USD',
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
  {
    name: 'Seville, thick',
    lines: ['1 kg Seville oranges', '2 kg sugar', '2 litres water', '2 lemons, juiced'],
    settings: { product: 'marmalade' },
  },
  {
    name: 'Apple butter, overnight',
    lines: ['5 lb apples, peeled and cored', '2 cups sugar', '1 cup apple juice', '1 tsp cinnamon'],
    settings: { product: 'butter', burner: 'slow cooker' },
  },
  {
    name: 'Lime curd',
    lines: ['1 cup bottled lime juice', '4 eggs', '7 egg yolks', '2½ cups sugar', '¾ cup butter'],
    settings: { product: 'curd', pot: 'small saucepan' },
  },
  {
    name: 'Red pepper jelly',
    lines: [
      '2 cups chopped sweet peppers',
      '1½ cups cider vinegar',
      '6 cups sugar',
      '2 pouches liquid pectin',
    ],
    settings: { product: 'pepper-jelly' },
  },
  {
    name: 'Crab apple from the lane',
    lines: ['4 cups sugar'],
    settings: {
      product: 'jelly',
      before: { kind: 'extract', lines: ['3 lb crab apples'], water: 710 },
    },
  },
  { name: 'Damson, low hedge', lines: ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water'] },
];

/**
 * When in the season each was made, and how far it has come; those that are not named are planned.
 */
export const DEMO_SEASON: readonly {
  readonly name: string;
  /** Month and day, `06-21`. */
  readonly day: string;
  readonly state: 'planned' | 'in jars' | 'done';
}[] = [
  { name: 'Seville, thick', day: '01-24', state: 'done' },
  { name: 'First gooseberry', day: '06-21', state: 'done' },
  { name: 'Strawberry, Sunday', day: '06-28', state: 'done' },
  { name: 'Blackcurrant', day: '07-11', state: 'done' },
  { name: 'Apricot and honey', day: '07-26', state: 'done' },
  { name: 'Melon for breakfast', day: '08-09', state: 'planned' },
  { name: 'Red pepper jelly', day: '08-30', state: 'done' },
  { name: 'Hedge bramble', day: '09-05', state: 'done' },
  { name: 'Plum for the fair', day: '09-12', state: 'done' },
  { name: 'Crab apple from the lane', day: '09-27', state: 'done' },
  { name: 'Sloe and crab apple', day: '10-04', state: 'done' },
  { name: 'Pear, too sweet', day: '10-10', state: 'planned' },
  { name: 'Quince, long boil', day: '10-18', state: 'in jars' },
  { name: 'Medlar, trial', day: '11-08', state: 'planned' },
  { name: 'Apple butter, overnight', day: '11-14', state: 'planned' },
  { name: 'Lime curd', day: '11-21', state: 'planned' },
];

/** The last time that a day of the year came round, at half past two. */
export function lastTimeOn(day: string, now: Date): Date {
  const inYear = (year: number) => new Date(`${year}-${day}T14:30:00Z`);
  const year = now.getUTCFullYear();
  return inYear(year) <= now ? inYear(year) : inYear(year - 1);
}

/** Recipes that this kitchen makes again, each with its versions, oldest first; invented. */
export const DEMO_RECIPES: readonly (readonly [RecipeDto, ...RecipeDto[]])[] = [
  [
    {
      name: 'Damson, low hedge',
      lines: ['2 kg crushed damsons', '1.6 kg sugar', '1 cup water'],
      note: 'as my neighbour makes it',
    },
    {
      name: 'Damson, low hedge',
      lines: ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water'],
      note: 'less sugar, sharper',
    },
  ],
  [
    {
      name: 'Seville, thick',
      lines: ['1 kg Seville oranges', '2 kg sugar', '2 litres water', '2 lemons, juiced'],
      settings: { product: 'marmalade' },
      note: '',
    },
  ],
  [
    {
      name: 'Hedge bramble',
      lines: ['2 kg crushed blackberries', '1.6 kg sugar'],
      note: 'too sweet',
    },
    {
      name: 'Hedge bramble',
      lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
      note: 'won at the fair',
    },
  ],
];

/** How what was made in the season turned out, as its cooks said a week later; invented. */
export const DEMO_OUTCOMES: { readonly [name: string]: Omit<OutcomeDto, 'version'> } = {
  'Seville, thick': {
    set: 'firm',
    taste: 5,
    colour: 4,
    clarity: 4,
    again: true,
    costMinor: 1480,
    notes: 'Bitter as it should be. Peel cut by hand, two evenings.',
  },
  'First gooseberry': {
    set: 'firm',
    taste: 3,
    colour: 2,
    again: true,
    costMinor: 620,
    notes: 'Went dull green. Shorter next time.',
  },
  'Strawberry, Sunday': {
    set: 'loose',
    taste: 4,
    colour: 5,
    again: true,
    costMinor: 1150,
    notes: 'Runs off the spoon, good on yoghurt.',
  },
  Blackcurrant: { set: 'firm', taste: 5, colour: 5, again: true, costMinor: 890 },
  'Apricot and honey': {
    set: 'soft',
    taste: 3,
    again: false,
    costMinor: 1720,
    notes: 'Honey covers the apricot.',
  },
  'Red pepper jelly': { set: 'soft', taste: 4, clarity: 5, again: true, costMinor: 960 },
  'Hedge bramble': { set: 'soft', taste: 4, colour: 5, again: true, costMinor: 210 },
  'Plum for the fair': {
    set: 'soft',
    taste: 5,
    colour: 4,
    clarity: 3,
    again: true,
    costMinor: 780,
    notes: 'Second at the fair.',
  },
};
