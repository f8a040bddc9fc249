import type { SetClass } from '../gel/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';

/**
 * Formulas whose outcome is known. Amounts and yields are from memory of the USDA Complete Guide to
 * Home Canning, guide 7, and of the national extension centre's pages, unless `source` says common
 * practice.
 */
export type TestedFormula = {
  readonly name: string;
  readonly source: 'USDA Complete Guide' | 'extension centre' | 'common practice';
  readonly request: Partial<PlanRequest> & { readonly lines: readonly string[] };
  /** How it may come out; absent where only the yield is held to something. */
  readonly sets?: readonly SetClass[];
  /** Printed yield, in jars of `jarMl` each (a half-pint unless given). */
  readonly jars?: { readonly from: number; readonly to: number; readonly jarMl?: number };
  /** Not shown to the fit, so that it can be asked how well it does on what it has not seen. */
  readonly heldOut?: true;
};

const SOFT_OR_BETTER: readonly SetClass[] = ['soft', 'firm', 'slices'];
const FIRM_OR_BETTER: readonly SetClass[] = ['firm', 'slices'];
const LOOSE_OR_BETTER: readonly SetClass[] = ['loose', 'soft', 'firm', 'slices'];
/** What has not set. */
export const FAILS: readonly SetClass[] = ['pours', 'loose'];

const jars = (from: number, to = from, jarMl?: number) => ({
  from,
  to,
  ...(jarMl === undefined ? {} : { jarMl }),
});

const BOX = '1 box powdered pectin';
const POUCH = '1 pouch liquid pectin';
const POUCHES = '2 pouches liquid pectin';
const PINT_ML = 473;

/** Formulas without added pectin. */
const LONG_BOILED: readonly TestedFormula[] = [
  {
    name: 'blackberry jam, 9 : 6',
    source: 'USDA Complete Guide',
    request: { lines: ['9 cups crushed blackberries', '6 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'raspberry jam, 9 : 6',
    source: 'USDA Complete Guide',
    request: { lines: ['9 cups crushed raspberries', '6 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'apricot jam, 4¼ : 4 with lemon',
    source: 'USDA Complete Guide',
    request: { lines: ['4¼ cups crushed apricots', '4 cups sugar', '2 tbsp lemon juice'] },
    sets: LOOSE_OR_BETTER,
    jars: jars(5, 6),
  },
  {
    name: 'strawberry jam, 4 : 4',
    source: 'USDA Complete Guide',
    request: { lines: ['4 cups crushed strawberries', '4 cups sugar'] },
    sets: ['loose', 'soft'],
    jars: jars(4),
  },
  {
    name: 'apple jelly, 4 : 3 with lemon',
    source: 'USDA Complete Guide',
    request: {
      product: 'jelly',
      lines: ['4 cups apple juice', '3 cups sugar', '2 tbsp lemon juice'],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(4, 5),
  },
  {
    name: 'crab apple jelly, 4 : 4',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['4 cups crab apple juice', '4 cups sugar'] },
    sets: FIRM_OR_BETTER,
    jars: jars(4, 5),
  },
  {
    name: 'blackberry jelly, 8 : 6',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['8 cups blackberry juice', '6 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'quince jelly, 3¾ : 3 with lemon',
    source: 'USDA Complete Guide',
    request: {
      product: 'jelly',
      lines: ['3¾ cups quince juice', '3 cups sugar', '¼ cup lemon juice'],
    },
    sets: FIRM_OR_BETTER,
    jars: jars(4),
  },
  {
    name: 'gooseberry jam, weight for weight',
    source: 'common practice',
    request: { lines: ['1 kg gooseberries', '1 kg sugar', '400 mL water', 'juice of ½ lemon'] },
    sets: FIRM_OR_BETTER,
  },
  {
    name: 'whole cranberry sauce, 12 oz : 1 cup : 1 cup',
    source: 'common practice',
    request: { product: 'sauce', lines: ['12 oz cranberries', '1 cup water', '1 cup sugar'] },
    sets: ['slices'],
  },
  {
    name: 'damson jam, weight for weight',
    source: 'common practice',
    request: { lines: ['1 kg stoned damsons', '1 kg sugar', '300 mL water'] },
    sets: FIRM_OR_BETTER,
  },
  {
    name: 'Seville orange marmalade, 1 : 2',
    source: 'common practice',
    request: {
      product: 'marmalade',
      lines: ['1 kg Seville oranges', '2 kg sugar', '2 litres water', '2 lemons, juiced'],
    },
    sets: ['soft', 'firm'],
  },
  {
    name: 'grape jelly, 4 : 3',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['4 cups grape juice', '3 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(3, 4),
  },
  {
    name: 'redcurrant jelly, 1 L : 1 kg',
    source: 'common practice',
    request: { product: 'jelly', lines: ['1 L redcurrant juice', '1 kg sugar'] },
    sets: FIRM_OR_BETTER,
  },
  {
    name: 'peach jam, 5¾ : 4½ with lemon',
    source: 'USDA Complete Guide',
    request: { lines: ['5¾ cups crushed peaches', '4½ cups sugar', '2 tbsp lemon juice'] },
    sets: LOOSE_OR_BETTER,
    jars: jars(6, 7),
  },
  {
    name: 'fig jam with liquid, 4 : 7½',
    source: 'extension centre',
    request: {
      lines: ['4 cups crushed figs', '½ cup bottled lemon juice', '7½ cups sugar', POUCH],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(9),
  },
  {
    name: 'gooseberry jam, 9 : 6',
    source: 'USDA Complete Guide',
    request: { lines: ['9 cups crushed gooseberries', '6 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'blackcurrant jam, 1 : 1½ with water',
    source: 'common practice',
    request: { lines: ['1 kg blackcurrants', '1.5 kg sugar', '800 mL water'] },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'plum jelly, 4 : 3',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['4 cups plum juice', '3 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(4),
  },
  {
    name: 'loganberry jam, 9 : 6',
    source: 'USDA Complete Guide',
    request: { lines: ['9 cups crushed loganberries', '6 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'boysenberry jam, 9 : 6',
    source: 'USDA Complete Guide',
    request: { lines: ['9 cups crushed boysenberries', '6 cups sugar'] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'plum jam, weight for weight',
    source: 'common practice',
    request: { lines: ['1 kg stoned plums', '1 kg sugar', '150 mL water'] },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'raspberry jelly, 1 L : 900 g',
    source: 'common practice',
    request: { product: 'jelly', lines: ['1 L raspberry juice', '900 g sugar'] },
    sets: LOOSE_OR_BETTER,
  },
  {
    name: 'bramble and apple jelly, 1 L : 800 g',
    source: 'common practice',
    request: {
      product: 'jelly',
      lines: ['600 mL bramble juice', '400 mL apple juice', '800 g sugar'],
    },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'blackcurrant jelly, 1 L : 800 g',
    source: 'common practice',
    request: { product: 'jelly', lines: ['1 L blackcurrant juice', '800 g sugar'] },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'raspberry jam, weight for weight',
    source: 'common practice',
    request: { lines: ['1 kg raspberries', '1 kg sugar'] },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'apricot jam, weight for weight with lemon',
    source: 'common practice',
    request: { lines: ['1 kg apricots', '1 kg sugar', 'juice of 1 lemon'] },
    sets: LOOSE_OR_BETTER,
  },
  {
    name: 'rhubarb jam, weight for weight with lemon',
    source: 'common practice',
    request: { lines: ['1 kg rhubarb', '1 kg sugar', 'juice of 1 lemon'] },
    sets: LOOSE_OR_BETTER,
  },
  {
    name: 'grapefruit marmalade, 1 : 1½',
    source: 'common practice',
    request: {
      product: 'marmalade',
      lines: ['1 kg grapefruit', '1.5 kg sugar', '1.5 litres water', '2 lemons'],
    },
    sets: SOFT_OR_BETTER,
  },
];

/** Formulas with added pectin. */
const WITH_PECTIN: readonly TestedFormula[] = [
  {
    name: 'strawberry jam with powder, 5½ : 8',
    source: 'USDA Complete Guide',
    request: { lines: ['5½ cups crushed strawberries', '8 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(9, 10),
  },
  {
    name: 'peach jam with powder, 3¾ : 5',
    source: 'USDA Complete Guide',
    request: { lines: ['3¾ cups crushed peaches', '½ cup lemon juice', '5 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(5.5, 6.5),
  },
  {
    name: 'grape jelly with powder, 5 : 7',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['5 cups grape juice', '7 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(8, 9),
  },
  {
    name: 'strawberry and rhubarb jelly with liquid, 3½ : 6',
    source: 'USDA Complete Guide',
    request: {
      product: 'jelly',
      lines: ['1¾ cups strawberry juice', '1¾ cups rhubarb juice', '6 cups sugar', POUCHES],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(7),
  },
  {
    name: 'strawberry jam with powder and lemon',
    source: 'common practice',
    request: {
      lines: ['1.4 kg crushed strawberries', BOX, '¼ cup lemon juice', '7 cups sugar'],
    },
    sets: ['soft', 'firm'],
  },
  {
    name: 'redcurrant jelly with powder, 6½ : 7',
    source: 'extension centre',
    request: { product: 'jelly', lines: ['6½ cups redcurrant juice', '7 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'cranberry and orange marmalade with powder',
    source: 'extension centre',
    request: {
      product: 'marmalade',
      lines: ['2 oranges', '1 lemon', '4 cups cranberries', '3 cups water', '7 cups sugar', BOX],
    },
    sets: SOFT_OR_BETTER,
  },
  {
    name: 'blueberry jam with powder, 4 : 4',
    source: 'extension centre',
    request: {
      lines: ['4 cups crushed blueberries', '2 tbsp lemon juice', '4 cups sugar', BOX],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(5, 6),
  },
  {
    name: 'elderberry jelly with powder, 3 : 4½',
    source: 'extension centre',
    request: {
      product: 'jelly',
      lines: ['3 cups elderberry juice', '¼ cup bottled lemon juice', '4½ cups sugar', BOX],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(5),
  },
  {
    name: 'jalapeño jelly with liquid, 2 : 6',
    source: 'extension centre',
    request: {
      product: 'pepper-jelly',
      lines: ['¾ lb jalapeño peppers', '2 cups cider vinegar', '6 cups sugar', POUCHES],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(5),
  },
];

/** What every preserver has seen fail. */
const FAILURES: readonly TestedFormula[] = [
  {
    name: 'strawberries, one box, half the sugar',
    source: 'common practice',
    request: { lines: ['5 cups crushed strawberries', BOX, '3½ cups sugar'] },
    sets: FAILS,
  },
  {
    name: 'sweet-pepper jelly without pectin',
    source: 'common practice',
    request: {
      product: 'pepper-jelly',
      lines: ['8 cups chopped sweet peppers', '¾ cup vinegar', '4 cups sugar'],
    },
    sets: FAILS,
  },
  {
    name: 'ripe strawberries, weight for weight, a quadruple batch',
    source: 'common practice',
    request: { lines: ['4 kg ripe strawberries', '4 kg sugar'] },
    sets: FAILS,
  },
  {
    name: 'melon, 2 : 1, with a spoon of lemon',
    source: 'common practice',
    request: { lines: ['2 kg diced melon', '1 kg sugar', '1 tbsp lemon juice'] },
    sets: FAILS,
  },
  {
    name: 'sweet cherries, weight for weight',
    source: 'common practice',
    request: { lines: ['1 kg stoned sweet cherries', '1 kg sugar'] },
    sets: FAILS,
  },
  {
    name: 'pears and sugar, weight for weight, no acid',
    source: 'common practice',
    request: { lines: ['1 kg chopped pears', '1 kg sugar'] },
    sets: FAILS,
  },
];

/** Formulas that the fit does not see. */
const HELD_OUT: readonly TestedFormula[] = [
  {
    name: 'blueberry jam, weight for weight with lemon',
    source: 'common practice',
    request: { lines: ['1 kg blueberries', '1 kg sugar', '60 mL lemon juice'] },
    sets: LOOSE_OR_BETTER,
  },
  {
    name: 'sour cherry jam with powder, 4 : 5',
    source: 'USDA Complete Guide',
    request: { lines: ['4 cups crushed sour cherries', '5 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(6),
  },
  {
    name: 'sour cherry jelly with powder, 3½ : 4½',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['3½ cups sour cherry juice', '4½ cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(6),
  },
  {
    name: 'blueberry spice jam with powder',
    source: 'extension centre',
    request: {
      lines: ['2½ pints blueberries', '1 tbsp lemon juice', '¾ cup water', '5½ cups sugar', BOX],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(5, 6),
  },
  {
    name: 'plum jelly with powder, 5 : 7',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['5 cups plum juice', '7 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'strawberry jam with liquid, 4 : 7',
    source: 'USDA Complete Guide',
    request: { lines: ['4 cups crushed strawberries', '7 cups sugar', POUCH] },
    sets: SOFT_OR_BETTER,
    jars: jars(8, 9),
  },
  {
    name: 'plum jam with liquid, 4½ : 7½',
    source: 'USDA Complete Guide',
    request: { lines: ['4½ cups crushed plums', '7½ cups sugar', POUCH] },
    sets: SOFT_OR_BETTER,
    jars: jars(8, 9),
  },
  {
    name: 'pineapple jam with liquid',
    source: 'USDA Complete Guide',
    request: {
      lines: ['20 oz crushed pineapple', '3 tbsp lemon juice', '3¼ cups sugar', POUCH],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(4, 5),
  },
  {
    name: 'pear and apple jam with liquid',
    source: 'USDA Complete Guide',
    request: {
      lines: [
        '2 cups chopped pears',
        '1 cup chopped apples',
        '⅓ cup bottled lemon juice',
        '6½ cups sugar',
        POUCHES,
      ],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'blackberry jelly with powder, 3½ : 4½',
    source: 'extension centre',
    request: { product: 'jelly', lines: ['3½ cups blackberry juice', '4½ cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(5),
  },
  {
    name: 'sour cherry jelly with liquid, 3 : 7',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['3 cups sour cherry juice', '7 cups sugar', POUCHES] },
    sets: SOFT_OR_BETTER,
    jars: jars(8),
  },
  {
    name: 'plum jelly with liquid, 4 : 7½',
    source: 'USDA Complete Guide',
    request: { product: 'jelly', lines: ['4 cups plum juice', '7½ cups sugar', POUCH] },
    sets: SOFT_OR_BETTER,
    jars: jars(7, 8),
  },
  {
    name: 'grape and plum jelly with powder, 6½ : 8½',
    source: 'USDA Complete Guide',
    request: {
      product: 'jelly',
      lines: ['3¼ cups grape juice', '3¼ cups plum juice', '8½ cups sugar', BOX],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(10),
  },
  {
    name: 'berry jam with powder, 5 : 7',
    source: 'extension centre',
    request: { lines: ['5 cups crushed raspberries', '7 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(8),
  },
  {
    name: 'strawberry jam with powder, 5 : 7',
    source: 'extension centre',
    request: { lines: ['5 cups crushed strawberries', '7 cups sugar', BOX] },
    sets: SOFT_OR_BETTER,
    jars: jars(8),
  },
  {
    name: 'peach jam with powder, 4 : 5½',
    source: 'extension centre',
    request: {
      lines: ['4 cups crushed peaches', '2 tbsp lemon juice', '5½ cups sugar', BOX],
    },
    sets: SOFT_OR_BETTER,
    jars: jars(6, 7),
  },
  {
    name: 'ripe peaches, weight for weight, no acid',
    source: 'common practice',
    request: { lines: ['1 kg ripe peaches', '1 kg sugar'] },
    sets: FAILS,
  },
  {
    name: 'pineapple and sugar, weight for weight',
    source: 'common practice',
    request: { lines: ['1 kg crushed pineapple', '1 kg sugar'] },
    sets: FAILS,
  },
  {
    name: 'raspberries, one box, a third of the sugar',
    source: 'common practice',
    request: { lines: ['5 cups crushed raspberries', BOX, '2⅓ cups sugar'] },
    sets: FAILS,
  },
  {
    name: 'bottled apple juice and sugar',
    source: 'common practice',
    request: { product: 'jelly', lines: ['4 cups bottled apple juice', '3 cups sugar'] },
    sets: FAILS,
  },
];

/** Butters, which are held to their yield. */
const BUTTERS: readonly TestedFormula[] = [
  {
    name: 'apple butter of 8 lb',
    source: 'USDA Complete Guide',
    request: {
      product: 'butter',
      lines: [
        '8 lb apples, cored and quartered',
        '2 cups cider',
        '2 cups vinegar',
        '2¼ cups white sugar',
        '2¼ cups packed brown sugar',
      ],
    },
    jars: jars(8, 9, PINT_ML),
  },
  {
    name: 'peach butter, 2 quarts of pulp : 4 cups',
    source: 'extension centre',
    request: { product: 'butter', lines: ['8 cups peach pulp', '4 cups sugar'] },
    jars: jars(8),
    heldOut: true,
  },
  {
    name: 'pear butter, 2 quarts of pulp : 4 cups',
    source: 'extension centre',
    request: {
      product: 'butter',
      lines: ['8 cups pear pulp', '4 cups sugar', '⅓ cup orange juice'],
    },
    jars: jars(8, 9),
    heldOut: true,
  },
  {
    name: 'apricot butter, 1½ quarts of pulp : 3 cups',
    source: 'extension centre',
    request: {
      product: 'butter',
      lines: ['6 cups apricot pulp', '3 cups sugar', '2 tbsp lemon juice'],
    },
    jars: jars(6),
    heldOut: true,
  },
];

/** Every formula whose outcome is known. */
export const TESTED_FORMULAS: readonly TestedFormula[] = [
  ...LONG_BOILED,
  ...WITH_PECTIN,
  ...FAILURES,
  ...HELD_OUT.map((formula) => ({ ...formula, heldOut: true as const })),
  ...BUTTERS,
];
