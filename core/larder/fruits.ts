import { convert, fromMemory, range, type Range } from '../quantity/index.ts';
import type { AcidClass, AcidId, CupWeights, Form, Fruit } from './ingredient.ts';

/**
 * Fruit and vegetables as they go into the pot: stoned, cored, capped or peeled. Middles are rounded
 * from memory of the USDA FoodData Central entries, acidity from the FDA's list of pH of foods and
 * growers' tables, pectin from handbook ranges reckoned as 150-grade; ranges are the scatter of orchard
 * and market. Starch counts as insoluble. The tests hold water, sugars and main acid against the Indian Food Composition Tables 2017.
 */
const SOURCE = fromMemory(
  'USDA FoodData Central; FDA list of approximate pH of foods; handbook ranges for pectin',
);

/** Crushed fruit fills its cup nearly as water does; how hard it was crushed is the scatter. */
const CRUSHED = range(205, 230, 245);
const PUREED = range(235, 243, 250);

/** Low, typical, high. */
type Three = readonly [low: number, typical: number, high: number];

/** One fruit of the table. Percentages are g per 100 g of the edible part. */
type Entry = {
  readonly id: string;
  /** Its name, then the other words people write for it. */
  readonly names: readonly [string, ...string[]];
  readonly acid: AcidClass;
  readonly colour: string;
  readonly solubles: Three;
  readonly insolubles: Three;
  readonly sugars: Three;
  /** Sucrose as a share of the sugars. */
  readonly sucrose: number;
  readonly pH: Three;
  readonly ta: Three;
  readonly acids: readonly (readonly [AcidId, number])[];
  readonly pectin: Three;
  /** Grams a cup in each form besides crushed and puréed. */
  readonly cups: { readonly [form in Form]?: number };
  readonly form: Form;
  readonly piece?: Three;
  /** Share left after preparing; 1 when left out. */
  readonly edible?: number;
  readonly note?: string;
};

const CITRIC = [['citric', 1]] as const;
const MALIC = [['malic', 1]] as const;
const CITRIC_MALIC = [
  ['citric', 0.8],
  ['malic', 0.2],
] as const;
const MALIC_CITRIC = [
  ['malic', 0.75],
  ['citric', 0.25],
] as const;
const TARTARIC_MALIC = [
  ['tartaric', 0.55],
  ['malic', 0.45],
] as const;

/** Berries: whole by the cup. */
const berry = (grams: number) => ({ cups: { whole: grams }, form: 'whole' }) as const;
/** Fruit that is cut up: sliced and chopped by the cup. */
const cut = (grams: number, form: 'sliced' | 'chopped' = 'chopped') =>
  ({ cups: { sliced: grams, chopped: grams, whole: Math.round(grams * 0.9) }, form }) as const;

const NOT_ACID = 'A low-acid food.';
const UNSURE = 'Not reliably acid: it can test above pH 4.6.';

// prettier-ignore
const TABLE: readonly Entry[] = [
  { id: 'apple', names: ['apple', 'apples', 'cooking apple', 'cooking apples', 'tart apple', 'tart apples'], acid: 'high', colour: '#c9922e', solubles: [10, 12.5, 15.5], insolubles: [1.2, 1.6, 2.2], sugars: [8.2, 10.4, 13], sucrose: 0.2, pH: [3.1, 3.4, 3.9], ta: [0.3, 0.6, 1.1], acids: MALIC, pectin: [0.5, 0.75, 1.1], cups: { sliced: 110, chopped: 125 }, form: 'chopped', piece: [135, 170, 230], edible: 0.86 },
  { id: 'crab-apple', names: ['crab apple', 'crab apples', 'crabapple', 'crabapples'], acid: 'high', colour: '#c2452d', solubles: [13, 16, 20], insolubles: [1.8, 2.5, 3.5], sugars: [7, 10, 13], sucrose: 0.15, pH: [2.9, 3.1, 3.4], ta: [0.9, 1.4, 2], acids: MALIC, pectin: [0.8, 1.1, 1.5], cups: { whole: 110, sliced: 110, chopped: 115 }, form: 'whole', piece: [12, 20, 35], edible: 0.9 },
  { id: 'apricot', names: ['apricot', 'apricots'], acid: 'high', colour: '#d9822b', solubles: [9, 11.5, 14.5], insolubles: [0.9, 1.4, 2], sugars: [6.5, 9, 11], sucrose: 0.6, pH: [3.3, 3.6, 4], ta: [0.8, 1.3, 2], acids: MALIC_CITRIC, pectin: [0.4, 0.6, 0.9], ...cut(165, 'sliced'), piece: [30, 40, 60], edible: 0.92 },
  { id: 'banana', names: ['banana', 'bananas'], acid: 'low', colour: '#d8b25c', solubles: [18, 20.5, 24], insolubles: [2, 4, 6.5], sugars: [11.5, 14.5, 17], sucrose: 0.25, pH: [4.5, 4.9, 5.2], ta: [0.25, 0.35, 0.5], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.7], ...cut(150, 'sliced'), piece: [150, 180, 220], edible: 0.65, note: NOT_ACID },
  { id: 'beetroot', names: ['beetroot', 'beet', 'beets', 'beetroots'], acid: 'low', colour: '#6d1233', solubles: [8, 10, 13], insolubles: [1.5, 2, 3], sugars: [5, 6.8, 9], sucrose: 0.95, pH: [5.3, 5.8, 6.5], ta: [0.05, 0.1, 0.2], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.8], ...cut(136), piece: [80, 115, 180], edible: 0.85, note: NOT_ACID },
  { id: 'blackberry', names: ['blackberry', 'blackberries', 'bramble', 'brambles', 'dewberry', 'dewberries'], acid: 'high', colour: '#4a1638', solubles: [7, 9, 12], insolubles: [3, 4, 6], sugars: [4.5, 6, 8], sucrose: 0.05, pH: [3, 3.4, 3.9], ta: [0.6, 1.1, 1.7], acids: [['citric', 0.6], ['malic', 0.4]], pectin: [0.3, 0.55, 0.8], ...berry(144) },
  { id: 'blackcurrant', names: ['blackcurrant', 'blackcurrants', 'black currant', 'black currants'], acid: 'high', colour: '#33112f', solubles: [10.5, 14.5, 18], insolubles: [2.4, 4.5, 6.5], sugars: [5.5, 8, 11], sucrose: 0.08, pH: [2.7, 2.9, 3.2], ta: [1.1, 3, 4], acids: CITRIC_MALIC, pectin: [0.8, 1.1, 1.6], ...berry(112) },
  { id: 'blueberry', names: ['blueberry', 'blueberries', 'bilberry', 'bilberries', 'huckleberry', 'huckleberries'], acid: 'high', colour: '#2f2450', solubles: [9, 12, 15], insolubles: [2, 2.6, 3.5], sugars: [7.5, 10, 13], sucrose: 0.01, pH: [3, 3.3, 3.8], ta: [0.4, 0.7, 1.2], acids: CITRIC, pectin: [0.3, 0.5, 0.7], ...berry(148) },
  { id: 'boysenberry', names: ['boysenberry', 'boysenberries'], acid: 'high', colour: '#5a1433', solubles: [8, 10, 12.5], insolubles: [3.5, 4.5, 6], sugars: [5, 6.9, 8.5], sucrose: 0.05, pH: [2.9, 3.2, 3.5], ta: [1, 1.5, 2], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.7], ...berry(132) },
  { id: 'carrot', names: ['carrot', 'carrots'], acid: 'low', colour: '#d9732b', solubles: [7, 9, 11], insolubles: [1.8, 2.4, 3.2], sugars: [3.5, 4.7, 6.5], sucrose: 0.75, pH: [5.8, 6.1, 6.4], ta: [0.05, 0.1, 0.2], acids: MALIC, pectin: [0.4, 0.6, 0.9], ...cut(128), piece: [50, 70, 110], edible: 0.87, note: NOT_ACID },
  { id: 'cape-gooseberry', names: ['cape gooseberry', 'cape gooseberries', 'ground cherry', 'ground cherries', 'physalis'], acid: 'borderline', colour: '#d99a2b', solubles: [11, 13.5, 16], insolubles: [1.5, 2.4, 3.5], sugars: [6, 8, 11], sucrose: 0.5, pH: [3.4, 3.7, 4.6], ta: [0.8, 1.4, 2], acids: CITRIC, pectin: [0.4, 0.7, 1], ...berry(140), note: UNSURE },
  { id: 'cherry', names: ['cherry', 'cherries', 'sweet cherry', 'sweet cherries', 'red cherry', 'red cherries'], acid: 'high', colour: '#7d1226', solubles: [12.5, 16, 20], insolubles: [1, 1.6, 2.2], sugars: [10, 12.8, 15.5], sucrose: 0.02, pH: [3.6, 3.9, 4.2], ta: [0.35, 0.6, 0.9], acids: MALIC, pectin: [0.15, 0.3, 0.5], cups: { whole: 150, chopped: 155, sliced: 155 }, form: 'whole', piece: [6, 8, 11], edible: 0.87 },
  { id: 'sour-cherry', names: ['sour cherry', 'sour cherries', 'tart cherry', 'tart cherries', 'pie cherries', 'cooking cherries'], acid: 'high', colour: '#a3142b', solubles: [11, 14, 17], insolubles: [0.9, 1.4, 2], sugars: [7, 8.5, 11], sucrose: 0.1, pH: [3.1, 3.4, 3.6], ta: [1.1, 1.6, 2.2], acids: MALIC, pectin: [0.15, 0.3, 0.5], cups: { whole: 150, chopped: 155, sliced: 155 }, form: 'whole', piece: [4, 6, 8], edible: 0.87 },
  { id: 'clementine', names: ['clementine', 'clementines', 'tangerine', 'tangerines', 'mandarin', 'mandarins', 'satsuma', 'satsumas'], acid: 'high', colour: '#e07b1c', solubles: [10, 12, 14], insolubles: [0.8, 1.2, 1.8], sugars: [7.5, 9.5, 11.5], sucrose: 0.6, pH: [3.3, 3.7, 4.2], ta: [0.5, 0.8, 1.2], acids: CITRIC, pectin: [0.4, 0.7, 1], ...cut(190), piece: [60, 75, 100], edible: 0.74 },
  { id: 'cloudberry', names: ['cloudberry', 'cloudberries'], acid: 'high', colour: '#d98a34', solubles: [8, 10, 12], insolubles: [3, 4.5, 6], sugars: [4, 6, 8], sucrose: 0.02, pH: [3, 3.3, 3.7], ta: [0.7, 1, 1.5], acids: CITRIC_MALIC, pectin: [0.4, 0.6, 0.9], ...berry(130) },
  { id: 'cranberry', names: ['cranberry', 'cranberries'], acid: 'high', colour: '#a81a2b', solubles: [7, 8.5, 10.5], insolubles: [3, 3.8, 4.8], sugars: [3, 4.2, 5], sucrose: 0.03, pH: [2.3, 2.5, 2.8], ta: [1.7, 2.2, 2.8], acids: [['citric', 0.6], ['malic', 0.4]], pectin: [0.7, 1, 1.3], cups: { whole: 100, chopped: 110 }, form: 'whole' },
  { id: 'damson', names: ['damson', 'damsons', 'damson plum', 'damson plums'], acid: 'high', colour: '#5a1230', solubles: [12, 15, 19], insolubles: [1.2, 1.8, 2.5], sugars: [7, 9.5, 12], sucrose: 0.3, pH: [2.9, 3.1, 3.4], ta: [1.6, 2.1, 2.7], acids: MALIC, pectin: [0.8, 1.1, 1.4], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [9, 13, 18], edible: 0.88, note: 'Figures are for stoned fruit; weigh after stoning.' },
  { id: 'elderberry', names: ['elderberry', 'elderberries'], acid: 'borderline', colour: '#2b1030', solubles: [9, 12, 15], insolubles: [4.5, 6.5, 8], sugars: [5.5, 7.5, 9.5], sucrose: 0.05, pH: [3.9, 4.3, 4.9], ta: [0.5, 0.9, 1.3], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.7], ...berry(145), note: `${UNSURE} Cook them; raw ones and their stalks upset the stomach.` },
  { id: 'fig', names: ['fig', 'figs'], acid: 'borderline', colour: '#7a3b45', solubles: [13, 17, 22], insolubles: [1.8, 2.6, 3.6], sugars: [8.5, 15, 19], sucrose: 0.05, pH: [4.6, 4.9, 5.4], ta: [0.15, 0.3, 0.5], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.8], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [40, 50, 70], edible: 0.97, note: UNSURE },
  { id: 'gooseberry', names: ['gooseberry', 'gooseberries'], acid: 'high', colour: '#8c8b3a', solubles: [6, 8.5, 12], insolubles: [2.5, 3.5, 5], sugars: [3.2, 6, 9], sucrose: 0.08, pH: [2.8, 2.9, 3.2], ta: [1.5, 2.2, 2.8], acids: [['citric', 0.55], ['malic', 0.45]], pectin: [0.7, 1, 1.3], ...berry(150) },
  { id: 'grape', names: ['grape', 'grapes', 'slip-skin grapes', 'black grapes', 'green grapes', 'red grapes', 'seedless grapes'], acid: 'high', colour: '#4b1f4d', solubles: [12, 17, 23.5], insolubles: [0.7, 1.1, 1.8], sugars: [9, 14, 18], sucrose: 0.02, pH: [2.9, 3.3, 3.8], ta: [0.4, 0.7, 1.2], acids: TARTARIC_MALIC, pectin: [0.2, 0.4, 0.8], ...berry(150) },
  { id: 'grapefruit', names: ['grapefruit', 'grapefruits', 'pomelo', 'pummelo'], acid: 'high', colour: '#d97b57', solubles: [8.5, 10, 12.8], insolubles: [0.4, 0.8, 1.3], sugars: [4.2, 7, 8.5], sucrose: 0.4, pH: [3, 3.2, 3.7], ta: [0.9, 1.3, 2.2], acids: CITRIC, pectin: [0.3, 0.5, 0.9], ...cut(220), piece: [350, 420, 550], edible: 0.6 },
  { id: 'greengage', names: ['greengage', 'greengages', 'gage', 'gages', 'mirabelle', 'mirabelles'], acid: 'high', colour: '#a29c3a', solubles: [12, 15, 18], insolubles: [0.9, 1.4, 2], sugars: [8, 10.5, 13], sucrose: 0.4, pH: [3.1, 3.5, 3.9], ta: [0.7, 1.1, 1.6], acids: MALIC, pectin: [0.6, 0.85, 1.1], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [15, 25, 35], edible: 0.92 },
  { id: 'guava', names: ['guava', 'guavas'], acid: 'high', colour: '#c96a5d', solubles: [7, 9.5, 13], insolubles: [4.5, 6, 8], sugars: [3.8, 7, 9.5], sucrose: 0.15, pH: [3.3, 3.7, 4.3], ta: [0.15, 0.6, 1], acids: CITRIC_MALIC, pectin: [0.7, 1, 1.5], ...cut(165), piece: [50, 90, 150], edible: 0.8 },
  { id: 'hawthorn', names: ['hawthorn berry', 'hawthorn berries', 'haws', 'haw'], acid: 'borderline', colour: '#8d2b26', solubles: [12, 16, 20], insolubles: [4, 6, 9], sugars: [5, 8, 11], sucrose: 0.1, pH: [3.4, 3.9, 4.6], ta: [0.4, 0.8, 1.3], acids: MALIC_CITRIC, pectin: [0.7, 1.1, 1.6], ...berry(110), note: UNSURE },
  { id: 'kiwi', names: ['kiwi', 'kiwis', 'kiwi fruit', 'kiwifruit'], acid: 'high', colour: '#7d8f36', solubles: [11, 13.5, 16], insolubles: [1.4, 2.1, 3], sugars: [7, 9, 11], sucrose: 0.03, pH: [3.1, 3.3, 3.7], ta: [0.9, 1.3, 1.8], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.4, 0.6, 0.9], ...cut(180, 'sliced'), piece: [65, 85, 110], edible: 0.86 },
  { id: 'kumquat', names: ['kumquat', 'kumquats'], acid: 'high', colour: '#e08a1f', solubles: [11, 14, 17], insolubles: [3, 4.5, 6], sugars: [7, 9.4, 11], sucrose: 0.5, pH: [3.3, 3.7, 4.2], ta: [0.6, 1, 1.6], acids: CITRIC, pectin: [0.7, 1.1, 1.6], ...cut(165), piece: [12, 19, 25], edible: 0.95 },
  { id: 'lemon', names: ['lemon', 'lemons', 'whole lemon', 'whole lemons'], acid: 'high', colour: '#e2c22f', solubles: [8, 9.5, 11.5], insolubles: [1.5, 2.5, 4], sugars: [2, 2.6, 3.5], sucrose: 0.15, pH: [2.2, 2.4, 2.6], ta: [4, 5, 6.2], acids: CITRIC, pectin: [1.2, 1.8, 2.6], ...cut(212, 'sliced'), piece: [85, 110, 140], edible: 0.95 },
  { id: 'lime', names: ['lime', 'limes', 'whole lime', 'whole limes'], acid: 'high', colour: '#9bb043', solubles: [8, 9.5, 11], insolubles: [1, 2, 3.2], sugars: [1.2, 1.8, 3.5], sucrose: 0.1, pH: [1.9, 2.2, 2.5], ta: [4.8, 5.8, 7], acids: CITRIC, pectin: [1, 1.6, 2.4], ...cut(200, 'sliced'), piece: [50, 65, 85], edible: 0.93 },
  { id: 'lingonberry', names: ['lingonberry', 'lingonberries', 'cowberry', 'cowberries'], acid: 'high', colour: '#9c1528', solubles: [11, 13, 15], insolubles: [2, 2.8, 3.6], sugars: [6, 8, 10], sucrose: 0.05, pH: [2.6, 2.8, 3], ta: [1.8, 2.2, 2.8], acids: CITRIC_MALIC, pectin: [0.5, 0.8, 1.1], ...berry(120) },
  { id: 'loganberry', names: ['loganberry', 'loganberries', 'tayberry', 'tayberries'], acid: 'high', colour: '#8f1634', solubles: [8, 10, 12.5], insolubles: [3.5, 4.5, 6], sugars: [5, 6.5, 8], sucrose: 0.05, pH: [2.7, 3, 3.3], ta: [1.7, 2.3, 2.9], acids: CITRIC, pectin: [0.4, 0.6, 0.8], ...berry(147) },
  { id: 'lychee', names: ['lychee', 'lychees', 'litchi', 'litchis'], acid: 'borderline', colour: '#d9a59f', solubles: [13, 16, 19.5], insolubles: [0.6, 0.9, 1.4], sugars: [9, 14, 16.5], sucrose: 0.35, pH: [4, 4.5, 5], ta: [0.15, 0.3, 0.5], acids: MALIC, pectin: [0.2, 0.35, 0.5], ...berry(190), piece: [12, 17, 22], edible: 0.6, note: UNSURE },
  { id: 'mango', names: ['mango', 'mangoes', 'mangos', 'ripe mango', 'ripe mangoes'], acid: 'borderline', colour: '#e09a2b', solubles: [10, 14.5, 18], insolubles: [0.7, 1.1, 1.8], sugars: [7.5, 12, 14.5], sucrose: 0.55, pH: [3.8, 4.3, 4.9], ta: [0.2, 0.45, 0.7], acids: CITRIC, pectin: [0.3, 0.6, 0.9], ...cut(165), piece: [280, 340, 500], edible: 0.69, note: UNSURE },
  { id: 'medlar', names: ['medlar', 'medlars'], acid: 'borderline', colour: '#a05a34', solubles: [14, 18, 23], insolubles: [3, 5, 8], sugars: [7, 10, 13], sucrose: 0.05, pH: [3.7, 4.1, 4.7], ta: [0.3, 0.6, 1], acids: MALIC_CITRIC, pectin: [0.4, 0.8, 1.3], ...cut(140), piece: [20, 30, 40], edible: 0.7, note: UNSURE },
  { id: 'melon', names: ['melon', 'melons', 'muskmelon', 'cantaloupe', 'cantaloupes', 'honeydew', 'honeydew melon'], acid: 'low', colour: '#dd9650', solubles: [4, 9.5, 13], insolubles: [0.4, 0.8, 1.1], sugars: [2.3, 7.9, 11], sucrose: 0.5, pH: [5.8, 6.2, 6.6], ta: [0.05, 0.1, 0.2], acids: CITRIC, pectin: [0.1, 0.25, 0.4], cups: { chopped: 158, sliced: 160 }, form: 'chopped', piece: [900, 1400, 2200], edible: 0.55, note: 'Melon is a low-acid fruit, near pH 6.' },
  { id: 'mulberry', names: ['mulberry', 'mulberries'], acid: 'borderline', colour: '#3d1230', solubles: [9, 12, 15], insolubles: [1.5, 2.2, 3.2], sugars: [6, 8.1, 11], sucrose: 0.03, pH: [3.6, 4.1, 4.9], ta: [0.3, 0.7, 1.3], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.8], ...berry(140), note: UNSURE },
  { id: 'nectarine', names: ['nectarine', 'nectarines'], acid: 'high', colour: '#db7438', solubles: [8.5, 11, 14], insolubles: [0.8, 1.3, 1.8], sugars: [6.5, 8, 11], sucrose: 0.65, pH: [3.5, 3.9, 4.2], ta: [0.4, 0.65, 1], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.7], ...cut(150, 'sliced'), piece: [110, 142, 180], edible: 0.91, note: 'For yellow nectarines only: white-fleshed ones can be above pH 4.6.' },
  { id: 'onion', names: ['onion', 'onions', 'red onion', 'red onions'], acid: 'low', colour: '#8d5b6b', solubles: [6, 8.5, 12], insolubles: [1, 1.6, 2.4], sugars: [3, 4.5, 7], sucrose: 0.25, pH: [5.3, 5.6, 5.9], ta: [0.1, 0.15, 0.3], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], ...cut(160), piece: [90, 130, 200], edible: 0.9, note: NOT_ACID },
  { id: 'orange', names: ['orange', 'oranges', 'sweet orange', 'sweet oranges'], acid: 'high', colour: '#e08420', solubles: [8, 11.8, 14], insolubles: [0.6, 1.2, 1.8], sugars: [6.5, 9, 11], sucrose: 0.5, pH: [3.2, 3.6, 4], ta: [0.6, 1, 1.6], acids: CITRIC, pectin: [0.3, 0.7, 1.2], ...cut(180), piece: [130, 160, 210], edible: 0.73 },
  { id: 'seville-orange', names: ['seville orange', 'seville oranges', 'bitter orange', 'bitter oranges', 'marmalade orange', 'marmalade oranges'], acid: 'high', colour: '#cf6d18', solubles: [9, 11, 13], insolubles: [2, 3, 4.5], sugars: [4, 5.5, 7.5], sucrose: 0.4, pH: [2.8, 3, 3.3], ta: [1.8, 2.5, 3.4], acids: CITRIC, pectin: [1.8, 2.5, 3.5], ...cut(180, 'sliced'), piece: [110, 140, 180], edible: 0.95, note: 'Figures are for the whole fruit, peel and all.' },
  { id: 'papaya', names: ['papaya', 'papayas', 'pawpaw', 'pawpaws'], acid: 'low', colour: '#db7f45', solubles: [6.5, 10, 13], insolubles: [0.8, 1.3, 2], sugars: [4, 7.8, 10], sucrose: 0.2, pH: [5.1, 5.5, 6], ta: [0.08, 0.15, 0.3], acids: CITRIC_MALIC, pectin: [0.4, 0.7, 1], ...cut(145), piece: [300, 500, 900], edible: 0.65, note: NOT_ACID },
  { id: 'passion-fruit', names: ['passion fruit', 'passion fruits', 'passionfruit', 'passion fruit pulp', 'passionfruit pulp'], acid: 'high', colour: '#d99a1e', solubles: [13, 16, 19], insolubles: [5, 9, 12], sugars: [8, 11, 13], sucrose: 0.35, pH: [2.7, 3, 3.4], ta: [2.4, 3.3, 4.3], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.2, 0.35, 0.6], cups: { whole: 236 }, form: 'whole', piece: [25, 35, 50], edible: 0.5 },
  { id: 'peach', names: ['peach', 'peaches', 'yellow peach', 'yellow peaches'], acid: 'high', colour: '#dd8138', solubles: [8.5, 10.5, 13], insolubles: [0.8, 1.2, 1.7], sugars: [6.5, 8.4, 10.5], sucrose: 0.65, pH: [3.4, 3.8, 4.2], ta: [0.35, 0.6, 0.9], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], cups: { sliced: 154, chopped: 154 }, form: 'sliced', piece: [120, 150, 200], edible: 0.88, note: 'For yellow peaches only: white-fleshed ones can be above pH 4.6.' },
  { id: 'white-peach', names: ['white peach', 'white peaches', 'white nectarine', 'white nectarines'], acid: 'borderline', colour: '#e0a58c', solubles: [9, 11.5, 14], insolubles: [0.8, 1.2, 1.7], sugars: [7, 9, 11.5], sucrose: 0.65, pH: [4.1, 4.5, 4.9], ta: [0.15, 0.3, 0.5], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], cups: { sliced: 154, chopped: 154 }, form: 'sliced', piece: [120, 150, 200], edible: 0.88, note: UNSURE },
  { id: 'pear', names: ['pear', 'pears', 'dessert pear', 'dessert pears'], acid: 'high', colour: '#bda85a', solubles: [9, 13, 16], insolubles: [1.8, 2.4, 4.1], sugars: [7, 9.8, 12], sucrose: 0.08, pH: [3.6, 4, 4.4], ta: [0.15, 0.3, 0.5], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], ...cut(145), piece: [140, 178, 230], edible: 0.85 },
  { id: 'asian-pear', names: ['asian pear', 'asian pears', 'nashi', 'nashi pear'], acid: 'low', colour: '#c9b878', solubles: [9, 11, 13.5], insolubles: [1.5, 2.2, 3], sugars: [6, 7.5, 10], sucrose: 0.2, pH: [4.6, 5.2, 6], ta: [0.05, 0.15, 0.3], acids: MALIC_CITRIC, pectin: [0.2, 0.4, 0.6], ...cut(145), piece: [120, 200, 280], edible: 0.88, note: NOT_ACID },
  { id: 'sweet-pepper', names: ['sweet pepper', 'sweet peppers', 'bell pepper', 'bell peppers', 'red pepper', 'red peppers', 'green pepper', 'green peppers', 'capsicum'], acid: 'low', colour: '#b8382b', solubles: [4, 5.5, 8], insolubles: [1.2, 1.8, 2.6], sugars: [1.5, 3.4, 5], sucrose: 0.05, pH: [4.6, 5, 5.7], ta: [0.1, 0.2, 0.35], acids: CITRIC_MALIC, pectin: [0.5, 0.9, 1.2], ...cut(149), piece: [110, 150, 200], edible: 0.82, note: NOT_ACID },
  { id: 'chilli', names: ['chilli', 'chillies', 'chilli pepper', 'chilli peppers', 'chili', 'chilies', 'chili peppers', 'hot pepper', 'hot peppers', 'jalapeño', 'jalapeños', 'jalapeno', 'jalapenos'], acid: 'low', colour: '#9c2a1e', solubles: [5, 7.5, 10], insolubles: [1.5, 2.5, 4], sugars: [2, 4, 6], sucrose: 0.05, pH: [4.7, 5.2, 5.8], ta: [0.1, 0.25, 0.4], acids: CITRIC_MALIC, pectin: [0.5, 0.9, 1.2], ...cut(110), piece: [5, 15, 30], edible: 0.8, note: NOT_ACID },
  { id: 'persimmon', names: ['persimmon', 'persimmons', 'sharon fruit', 'kaki'], acid: 'low', colour: '#d96e2b', solubles: [14, 18, 22], insolubles: [1.5, 2.2, 3.2], sugars: [10, 13, 17], sucrose: 0.1, pH: [5.2, 5.6, 6], ta: [0.05, 0.15, 0.3], acids: MALIC, pectin: [0.3, 0.6, 0.9], ...cut(165), piece: [120, 168, 220], edible: 0.84, note: NOT_ACID },
  { id: 'pineapple', names: ['pineapple', 'pineapples'], acid: 'high', colour: '#dcb02f', solubles: [10, 13, 16], insolubles: [0.8, 1.4, 2.9], sugars: [8, 10, 12.5], sucrose: 0.6, pH: [3.2, 3.5, 3.9], ta: [0.5, 0.75, 1.1], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.05, 0.15, 0.3], ...cut(165), piece: [900, 1300, 1900], edible: 0.52 },
  { id: 'plum', names: ['plum', 'plums', 'red plum', 'red plums', 'victoria plum', 'victoria plums'], acid: 'high', colour: '#8a2331', solubles: [9.5, 12.5, 16], insolubles: [0.8, 1.3, 1.8], sugars: [7, 9.9, 12], sucrose: 0.3, pH: [2.9, 3.3, 3.8], ta: [0.6, 1.2, 1.9], acids: MALIC, pectin: [0.5, 0.8, 1.1], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'sliced', piece: [45, 66, 90], edible: 0.94 },
  { id: 'pomegranate', names: ['pomegranate', 'pomegranates', 'pomegranate seeds'], acid: 'high', colour: '#9c1f33', solubles: [13, 16, 18.5], insolubles: [1.2, 2.2, 3.5], sugars: [10, 13, 15], sucrose: 0.03, pH: [2.9, 3.2, 3.7], ta: [0.8, 1.3, 2], acids: CITRIC, pectin: [0.1, 0.3, 0.5], ...berry(174), piece: [220, 280, 400], edible: 0.55 },
  { id: 'prickly-pear', names: ['prickly pear', 'prickly pears', 'cactus pear', 'tuna fruit'], acid: 'low', colour: '#b02a56', solubles: [9, 12, 15], insolubles: [1.5, 2.6, 4], sugars: [6, 9, 12], sucrose: 0.02, pH: [5.3, 5.8, 6.3], ta: [0.03, 0.06, 0.12], acids: CITRIC, pectin: [0.1, 0.2, 0.4], ...cut(149), piece: [80, 103, 140], edible: 0.6, note: NOT_ACID },
  { id: 'pumpkin', names: ['pumpkin', 'pumpkins', 'pumpkin flesh', 'pumpkin purée', 'pumpkin puree'], acid: 'low', colour: '#d07a23', solubles: [4, 6.5, 9], insolubles: [0.7, 1.2, 1.9], sugars: [1.7, 2.8, 5], sucrose: 0.4, pH: [4.9, 5.3, 5.8], ta: [0.05, 0.1, 0.2], acids: MALIC, pectin: [0.3, 0.5, 0.8], ...cut(116), piece: [2000, 3500, 6000], edible: 0.7, note: 'No safe way of home canning pumpkin or squash butter exists.' },
  { id: 'squash', names: ['squash', 'winter squash', 'butternut squash', 'butternut', 'marrow', 'courgette', 'courgettes', 'zucchini'], acid: 'low', colour: '#d6963a', solubles: [4, 9, 13], insolubles: [0.9, 1.6, 2.4], sugars: [1.5, 2.4, 5], sucrose: 0.4, pH: [5, 5.6, 6.3], ta: [0.05, 0.1, 0.2], acids: MALIC, pectin: [0.3, 0.5, 0.9], ...cut(140), piece: [300, 900, 1800], edible: 0.84, note: 'No safe way of home canning pumpkin or squash butter exists.' },
  { id: 'quince', names: ['quince', 'quinces'], acid: 'high', colour: '#b9502f', solubles: [10, 13, 16], insolubles: [1.6, 2.3, 3.2], sugars: [6, 9, 11], sucrose: 0.1, pH: [3.1, 3.4, 3.7], ta: [0.6, 1, 1.5], acids: MALIC, pectin: [0.9, 1.3, 1.8], cups: { chopped: 125, sliced: 115 }, form: 'chopped', piece: [150, 250, 400], edible: 0.72 },
  { id: 'raspberry', names: ['raspberry', 'raspberries', 'black raspberry', 'black raspberries'], acid: 'high', colour: '#a01936', solubles: [7.5, 9.5, 12], insolubles: [4, 5, 6.5], sugars: [4.4, 5, 7], sucrose: 0.06, pH: [2.9, 3.2, 3.6], ta: [1.1, 1.6, 2.2], acids: CITRIC, pectin: [0.3, 0.5, 0.7], ...berry(123) },
  { id: 'redcurrant', names: ['redcurrant', 'redcurrants', 'red currant', 'red currants', 'white currant', 'white currants', 'whitecurrant', 'whitecurrants', 'currant', 'currants'], acid: 'high', colour: '#b3162a', solubles: [9, 11.5, 14], insolubles: [3, 4.2, 5.5], sugars: [5, 7.2, 9], sucrose: 0.08, pH: [2.7, 2.9, 3.2], ta: [1.8, 2.4, 3], acids: CITRIC, pectin: [0.7, 1, 1.3], ...berry(112) },
  { id: 'rhubarb', names: ['rhubarb', 'rhubarb stalks'], acid: 'high', colour: '#bb5560', solubles: [3.2, 4.5, 6], insolubles: [1.2, 1.7, 2.3], sugars: [0.8, 1.2, 2], sucrose: 0.1, pH: [3, 3.2, 3.4], ta: [1, 1.4, 1.9], acids: MALIC, pectin: [0.2, 0.4, 0.6], ...cut(122) },
  { id: 'rose-hip', names: ['rose hip', 'rose hips', 'rosehip', 'rosehips'], acid: 'high', colour: '#b8431f', solubles: [14, 19, 25], insolubles: [10, 14, 20], sugars: [6, 10, 14], sucrose: 0.1, pH: [3.3, 3.7, 4.1], ta: [1, 1.6, 2.4], acids: CITRIC_MALIC, pectin: [0.8, 1.3, 1.9], ...berry(127) },
  { id: 'rowan', names: ['rowan', 'rowan berry', 'rowan berries', 'rowanberry', 'rowanberries'], acid: 'high', colour: '#c94a1e', solubles: [14, 18, 23], insolubles: [3.5, 5.5, 8], sugars: [6, 8.5, 11], sucrose: 0.05, pH: [3, 3.4, 3.8], ta: [1.6, 2.4, 3.2], acids: MALIC, pectin: [0.5, 0.9, 1.3], ...berry(120) },
  { id: 'saskatoon', names: ['saskatoon', 'saskatoons', 'saskatoon berries', 'serviceberry', 'serviceberries', 'juneberry', 'juneberries'], acid: 'borderline', colour: '#452049', solubles: [12, 15, 18], insolubles: [3.5, 5, 6.5], sugars: [8, 11, 14], sucrose: 0.02, pH: [3.8, 4.3, 4.9], ta: [0.25, 0.45, 0.8], acids: MALIC, pectin: [0.5, 0.8, 1.2], ...berry(145), note: UNSURE },
  { id: 'sea-buckthorn', names: ['sea buckthorn', 'sea buckthorn berries', 'seaberry', 'seaberries'], acid: 'high', colour: '#dd7a17', solubles: [7, 9.5, 13], insolubles: [3, 5, 8], sugars: [1, 2.5, 5], sucrose: 0.02, pH: [2.6, 2.8, 3.2], ta: [2, 3, 4.2], acids: MALIC, pectin: [0.2, 0.4, 0.6], ...berry(125) },
  { id: 'sloe', names: ['sloe', 'sloes'], acid: 'high', colour: '#37203f', solubles: [14, 18, 23], insolubles: [2.5, 4, 6], sugars: [5, 7.5, 10], sucrose: 0.05, pH: [2.9, 3.2, 3.6], ta: [1.6, 2.3, 3], acids: MALIC, pectin: [0.7, 1, 1.4], ...berry(140), piece: [2, 3, 4], edible: 0.8 },
  { id: 'star-fruit', names: ['star fruit', 'starfruit', 'carambola', 'carambolas'], acid: 'borderline', colour: '#ccb03a', solubles: [5, 7.5, 10], insolubles: [1.2, 1.9, 2.6], sugars: [3, 4.2, 6.5], sucrose: 0.03, pH: [2.8, 3.6, 4.7], ta: [0.2, 0.6, 1.1], acids: CITRIC, pectin: [0.3, 0.6, 0.9], ...cut(132, 'sliced'), piece: [70, 91, 125], edible: 0.97, note: UNSURE },
  { id: 'strawberry', names: ['strawberry', 'strawberries'], acid: 'high', colour: '#b5202c', solubles: [5.5, 8, 10.5], insolubles: [1.2, 1.6, 2.2], sugars: [3.5, 5.8, 8], sucrose: 0.1, pH: [3.1, 3.4, 3.8], ta: [0.55, 0.85, 1.3], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.35, 0.55, 0.8], cups: { whole: 144, sliced: 166, chopped: 166 }, form: 'whole', piece: [7, 14, 25], edible: 0.95 },
  { id: 'tomato', names: ['tomato', 'tomatoes', 'red tomato', 'red tomatoes'], acid: 'borderline', colour: '#b83324', solubles: [3.5, 4.6, 6], insolubles: [0.6, 0.9, 1.5], sugars: [1.5, 2.7, 3.6], sucrose: 0.02, pH: [4.1, 4.4, 4.8], ta: [0.25, 0.4, 0.6], acids: CITRIC_MALIC, pectin: [0.15, 0.3, 0.5], ...cut(180), piece: [90, 123, 180], edible: 0.95, note: UNSURE },
  { id: 'green-tomato', names: ['green tomato', 'green tomatoes'], acid: 'borderline', colour: '#8b9440', solubles: [4, 5.4, 7], insolubles: [0.8, 1.2, 1.8], sugars: [2.5, 4, 5], sucrose: 0.02, pH: [3.8, 4.1, 4.6], ta: [0.4, 0.6, 0.9], acids: CITRIC_MALIC, pectin: [0.2, 0.4, 0.6], ...cut(180), piece: [90, 123, 180], edible: 0.93, note: UNSURE },
  { id: 'watermelon', names: ['watermelon', 'watermelons', 'water melon'], acid: 'low', colour: '#cf4747', solubles: [4, 7.5, 10.5], insolubles: [0.3, 0.5, 0.8], sugars: [2.9, 6.2, 8], sucrose: 0.25, pH: [5.2, 5.5, 5.9], ta: [0.05, 0.1, 0.2], acids: CITRIC, pectin: [0.05, 0.15, 0.3], ...cut(152), piece: [2500, 5000, 9000], edible: 0.52, note: NOT_ACID },
  { id: 'dried-apricot', names: ['dried apricot', 'dried apricots'], acid: 'high', colour: '#b5651d', solubles: [58, 63, 80], insolubles: [3, 4.5, 6], sugars: [25, 53, 60], sucrose: 0.15, pH: [3.3, 3.7, 4.1], ta: [1, 2.6, 4], acids: MALIC_CITRIC, pectin: [0.6, 1.5, 2.5], cups: { whole: 130, chopped: 150 }, form: 'whole' },
  { id: 'prune', names: ['prune', 'prunes', 'dried plum', 'dried plums'], acid: 'high', colour: '#3b1c1c', solubles: [58, 63, 69], insolubles: [3, 4.5, 6], sugars: [34, 38, 45], sucrose: 0.02, pH: [3.6, 3.8, 4.2], ta: [1, 1.6, 2.3], acids: MALIC, pectin: [1, 1.7, 2.5], cups: { whole: 174, chopped: 174 }, form: 'whole' },
  { id: 'raisin', names: ['raisin', 'raisins', 'sultana', 'sultanas', 'golden raisins'], acid: 'high', colour: '#54301f', solubles: [72, 79, 84], insolubles: [2, 2.8, 4], sugars: [56, 62, 70], sucrose: 0.03, pH: [3.6, 3.9, 4.2], ta: [0.15, 1.5, 2.4], acids: TARTARIC_MALIC, pectin: [0.6, 1, 1.5], cups: { whole: 150, chopped: 160, packed: 165 }, form: 'whole' },
  { id: 'date', names: ['date', 'dates', 'dried dates'], acid: 'low', colour: '#5b371c', solubles: [64, 74, 82], insolubles: [4.5, 6.5, 8.5], sugars: [56, 65, 70], sucrose: 0.3, pH: [5, 5.7, 6.3], ta: [0.1, 0.2, 0.4], acids: CITRIC_MALIC, pectin: [0.7, 1.2, 1.8], cups: { whole: 150, chopped: 147 }, form: 'chopped', note: NOT_ACID },
];

/** Calcium, mg per 100 g, where it is out of the usual; the tests hold them against IFCT 2017. */
const USUAL_CALCIUM: Three = [4, 13, 30];
const CALCIUM: { readonly [id: string]: Three } = {
  blackberry: [20, 29, 40],
  blackcurrant: [40, 55, 75],
  redcurrant: [25, 33, 45],
  fig: [30, 45, 80],
  orange: [18, 35, 55],
  'seville-orange': [25, 40, 60],
  lemon: [15, 28, 60],
  lime: [15, 33, 60],
  kumquat: [40, 62, 80],
  kiwi: [20, 34, 45],
  raspberry: [18, 25, 35],
  rhubarb: [30, 86, 150],
  'rose-hip': [80, 160, 220],
  carrot: [25, 33, 50],
  onion: [15, 23, 40],
  'dried-apricot': [25, 55, 90],
  raisin: [40, 60, 90],
  date: [12, 39, 80],
  prune: [35, 45, 70],
};

/** A bushel as bought, lb; common practice in US orchards and markets. */
const BUSHEL_LB: { readonly [id: string]: number } = {
  apple: 45,
  'crab-apple': 45,
  apricot: 48,
  cherry: 56,
  'sour-cherry': 56,
  damson: 54,
  greengage: 54,
  plum: 54,
  grape: 48,
  nectarine: 50,
  peach: 50,
  'white-peach': 50,
  pear: 50,
  quince: 48,
  tomato: 53,
  'green-tomato': 53,
  'sweet-pepper': 26,
};

const rangeOf = ([low, typical, high]: Three): Range => range(low, typical, high);

/** What a cup of it may weigh: people fill cups within 8 % of one another. */
const aboutCup = (grams: number): Range => range(grams * 0.92, grams, grams * 1.08);

const cupsOf = (cups: Entry['cups']): CupWeights =>
  Object.fromEntries(Object.entries(cups).map(([form, grams]) => [form, aboutCup(grams)]));

const toFruit = (entry: Entry): Fruit => ({
  kind: 'fruit',
  id: entry.id,
  name: entry.names[0],
  alsoCalled: entry.names.slice(1),
  acidClass: entry.acid,
  jamColour: entry.colour,
  make: {
    solublesPct: rangeOf(entry.solubles),
    insolublesPct: rangeOf(entry.insolubles),
    sugarsPct: rangeOf(entry.sugars),
    sucroseShare: entry.sucrose,
    insolublesAre: 'fibre',
  },
  sour: { pH: rangeOf(entry.pH), taPct: rangeOf(entry.ta), acids: entry.acids },
  pectinPct: rangeOf(entry.pectin),
  gelling: 'high-methoxyl',
  calciumMg: rangeOf(CALCIUM[entry.id] ?? USUAL_CALCIUM),
  state: 'fresh',
  cups: { crushed: CRUSHED, pureed: PUREED, ...cupsOf(entry.cups) },
  usualForm: entry.form,
  edibleShare: entry.edible ?? 1,
  provenance: SOURCE,
  ...(BUSHEL_LB[entry.id] === undefined
    ? {}
    : { bushelKg: convert(BUSHEL_LB[entry.id] ?? NaN, 'lb', 'kg') }),
  ...(entry.piece === undefined ? {} : { pieceG: rangeOf(entry.piece) }),
  ...(entry.note === undefined ? {} : { note: entry.note }),
});

/** Every fruit and vegetable of the larder. */
export const FRUITS: readonly Fruit[] = TABLE.map(toFruit);
