import type { PlainMessageId } from '@idle-kettle/words';
import { convert, fromMemory, range, type Range } from '../quantity/index.ts';
import {
  acidOffset,
  deviation,
  logDeviation,
  CALIBRATION_OFFSETS,
  pectinOffset,
} from './calibrationOffsets.ts';
import type { AcidClass, AcidId, CupWeights, Form, Fruit } from './ingredient.ts';

/**
 * Fruit and vegetables as they go into the pot: stoned, cored, capped or peeled. Middles are
 * rounded from memory of the USDA FoodData Central entries, acidity from the FDA's list of pH of
 * foods and growers' tables, pectin from handbook ranges reckoned as 150-grade; ranges are the
 * scatter of orchard and market. Starch counts as insoluble. The tests hold water, sugars and main
 * acid against the Indian Food Composition Tables 2017.
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
  /** Grams in one bundle, by the word for it. */
  readonly packs?: { readonly [word: string]: number };
  readonly note?: PlainMessageId;
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

const NOT_ACID: PlainMessageId = 'ingredients.notAcid';
const UNSURE: PlainMessageId = 'ingredients.notReliablyAcid';

// prettier-ignore
const TABLE: readonly Entry[] = [
  { id: 'amla', names: ['amla', 'amlas', 'amla berries', 'indian gooseberry', 'indian gooseberries', 'aonla', 'aonlas'], acid: 'high', colour: '#8f8a3f', solubles: [4.5, 6.5, 9], insolubles: [4, 5.5, 7], sugars: [2, 3.5, 5], sucrose: 0.1, pH: [2.7, 3, 3.3], ta: [1.4, 2, 2.6], acids: CITRIC_MALIC, pectin: [0.5, 0.8, 1.1], ...cut(150), piece: [12, 25, 45], edible: 0.88 },
  { id: 'apple', names: ['apple', 'apples', 'cooking apple', 'cooking apples', 'tart apple', 'tart apples', 'windfall apples', 'eating apples', 'dessert apples'], acid: 'high', colour: '#c9922e', solubles: [10, 12.5, 15.5], insolubles: [1.2, 1.6, 2.2], sugars: [8.2, 10.4, 13], sucrose: 0.2, pH: [3.1, 3.4, 3.9], ta: [0.3, 0.6, 1.1], acids: MALIC, pectin: [0.5, 0.75, 1.1], cups: { sliced: 110, chopped: 125 }, form: 'chopped', piece: [135, 170, 230], edible: 0.86 },
  { id: 'crab-apple', names: ['crab apple', 'crab apples', 'crabapple', 'crabapples'], acid: 'high', colour: '#c2452d', solubles: [13, 16, 20], insolubles: [1.8, 2.5, 3.5], sugars: [7, 10, 13], sucrose: 0.15, pH: [2.9, 3.1, 3.4], ta: [0.9, 1.4, 2], acids: MALIC, pectin: [0.8, 1.1, 1.5], cups: { whole: 110, sliced: 110, chopped: 115 }, form: 'whole', piece: [12, 20, 35], edible: 0.9 },
  { id: 'apricot', names: ['apricot', 'apricots', 'fresh apricots'], acid: 'high', colour: '#d9822b', solubles: [9, 11.5, 14.5], insolubles: [0.9, 1.4, 2], sugars: [6.5, 9, 11], sucrose: 0.6, pH: [3.3, 3.6, 4], ta: [0.8, 1.3, 2], acids: MALIC_CITRIC, pectin: [0.4, 0.6, 0.9], ...cut(165, 'sliced'), piece: [30, 42, 60], edible: 0.92 },
  { id: 'banana', names: ['banana', 'bananas'], acid: 'low', colour: '#d8b25c', solubles: [18, 20.5, 24], insolubles: [2, 4, 6.5], sugars: [11.5, 14.5, 17], sucrose: 0.25, pH: [4.5, 4.9, 5.2], ta: [0.25, 0.35, 0.5], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.7], ...cut(150, 'sliced'), piece: [150, 180, 220], edible: 0.65, note: NOT_ACID },
  { id: 'beetroot', names: ['beetroot', 'beet', 'beets', 'beetroots', 'red beet', 'beetroot bulbs'], acid: 'low', colour: '#6d1233', solubles: [8, 10, 13], insolubles: [1.5, 2, 3], sugars: [5, 6.8, 9], sucrose: 0.95, pH: [5.3, 5.8, 6.5], ta: [0.05, 0.1, 0.2], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.8], ...cut(136), piece: [80, 115, 180], edible: 0.85, note: NOT_ACID },
  { id: 'blackberry', names: ['blackberry', 'blackberries', 'dewberry', 'dewberries', 'cultivated blackberries'], acid: 'high', colour: '#4a1638', solubles: [7, 9, 12], insolubles: [3, 4, 6], sugars: [4.5, 6, 8], sucrose: 0.05, pH: [3, 3.4, 3.9], ta: [0.6, 1.1, 1.7], acids: [['citric', 0.6], ['malic', 0.4]], pectin: [0.3, 0.6, 0.9], ...berry(144) },
  { id: 'blackcurrant', names: ['blackcurrant', 'blackcurrants', 'black currant', 'black currants'], acid: 'high', colour: '#33112f', solubles: [10.5, 14.5, 18], insolubles: [2.4, 4.5, 6.5], sugars: [5.5, 8, 11], sucrose: 0.08, pH: [2.7, 2.9, 3.2], ta: [1.1, 3, 4], acids: CITRIC_MALIC, pectin: [0.8, 1.1, 1.6], ...berry(112) },
  { id: 'blueberry', names: ['blueberry', 'blueberries', 'highbush blueberries'], acid: 'high', colour: '#2f2450', solubles: [9, 12, 15], insolubles: [2, 2.6, 3.5], sugars: [7.5, 10, 13], sucrose: 0.01, pH: [3, 3.3, 3.8], ta: [0.4, 0.7, 1.2], acids: CITRIC, pectin: [0.3, 0.5, 0.7], ...berry(148) },
  { id: 'boysenberry', names: ['boysenberry', 'boysenberries', 'youngberry', 'youngberries'], acid: 'high', colour: '#5a1433', solubles: [8, 10, 12.5], insolubles: [3.5, 4.5, 6], sugars: [5, 6.9, 8.5], sucrose: 0.05, pH: [2.9, 3.2, 3.5], ta: [1, 1.5, 2], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.7], ...berry(132) },
  { id: 'carrot', names: ['carrot', 'carrots'], acid: 'low', colour: '#d9732b', solubles: [7, 9, 11], insolubles: [1.8, 2.4, 3.2], sugars: [3.5, 4.7, 6.5], sucrose: 0.75, pH: [5.8, 6.1, 6.4], ta: [0.05, 0.1, 0.2], acids: MALIC, pectin: [0.4, 0.6, 0.9], ...cut(128), piece: [50, 70, 110], edible: 0.87, note: NOT_ACID },
  { id: 'cape-gooseberry', names: ['cape gooseberry', 'cape gooseberries', 'ground cherry', 'ground cherries', 'physalis'], acid: 'borderline', colour: '#d99a2b', solubles: [11, 13.5, 16], insolubles: [1.5, 2.4, 3.5], sugars: [6, 8, 11], sucrose: 0.5, pH: [3.4, 3.7, 4.6], ta: [0.8, 1.4, 2], acids: CITRIC, pectin: [0.4, 0.7, 1], ...berry(140), note: UNSURE },
  { id: 'cherry', names: ['cherry', 'cherries', 'sweet cherry', 'sweet cherries', 'red cherry', 'red cherries', 'black cherry', 'black cherries', 'dark sweet cherries', 'bing cherries'], acid: 'high', colour: '#7d1226', solubles: [12.5, 16, 20], insolubles: [1, 1.6, 2.2], sugars: [10, 12.8, 15.5], sucrose: 0.02, pH: [3.6, 3.9, 4.2], ta: [0.35, 0.6, 0.9], acids: MALIC, pectin: [0.15, 0.3, 0.5], cups: { whole: 150, chopped: 155, sliced: 155 }, form: 'whole', piece: [6, 8, 11], edible: 0.87 },
  { id: 'sour-cherry', names: ['sour cherry', 'sour cherries', 'tart cherry', 'tart cherries', 'pie cherries', 'cooking cherries', 'morello cherry', 'morello cherries', 'montmorency cherries', 'amarelle cherries', 'morellos'], acid: 'high', colour: '#a3142b', solubles: [11, 14, 17], insolubles: [0.9, 1.4, 2], sugars: [7, 8.5, 11], sucrose: 0.1, pH: [3.1, 3.4, 3.6], ta: [1.1, 1.6, 2.2], acids: MALIC, pectin: [0.15, 0.3, 0.5], cups: { whole: 150, chopped: 155, sliced: 155 }, form: 'whole', piece: [4, 6, 8], edible: 0.87 },
  { id: 'clementine', names: ['clementine', 'clementines', 'tangerine', 'tangerines', 'mandarin', 'mandarins', 'satsuma', 'satsumas', 'tangelo', 'tangelos', 'easy peelers'], acid: 'high', colour: '#e07b1c', solubles: [10, 12, 14], insolubles: [0.8, 1.2, 1.8], sugars: [7.5, 9.5, 11.5], sucrose: 0.6, pH: [3.3, 3.7, 4.2], ta: [0.5, 0.8, 1.2], acids: CITRIC, pectin: [0.4, 0.7, 1], ...cut(190), piece: [70, 100, 130], edible: 0.74 },
  { id: 'cloudberry', names: ['cloudberry', 'cloudberries'], acid: 'high', colour: '#d98a34', solubles: [8, 10, 12], insolubles: [3, 4.5, 6], sugars: [4, 6, 8], sucrose: 0.02, pH: [3, 3.3, 3.7], ta: [0.7, 1, 1.5], acids: CITRIC_MALIC, pectin: [0.4, 0.6, 0.9], ...berry(130) },
  { id: 'cranberry', names: ['cranberry', 'cranberries'], acid: 'high', colour: '#a81a2b', solubles: [7, 8.5, 10.5], insolubles: [3, 3.8, 4.8], sugars: [3, 4.2, 5], sucrose: 0.03, pH: [2.3, 2.5, 2.8], ta: [1.7, 2.2, 2.8], acids: [['citric', 0.6], ['malic', 0.4]], pectin: [0.7, 1, 1.3], cups: { whole: 100, chopped: 110 }, form: 'whole' },
  { id: 'damson', names: ['damson', 'damsons', 'damson plum', 'damson plums'], acid: 'high', colour: '#5a1230', solubles: [12, 15, 19], insolubles: [1.2, 1.8, 2.5], sugars: [7, 9.5, 12], sucrose: 0.3, pH: [2.9, 3.1, 3.4], ta: [1.6, 2.1, 2.7], acids: MALIC, pectin: [0.8, 1.1, 1.4], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [9, 13, 18], edible: 0.88, note: 'ingredients.damson' },
  { id: 'elderberry', names: ['elderberry', 'elderberries', 'elder berries', 'elderberry clusters'], acid: 'borderline', colour: '#2b1030', solubles: [9, 12, 15], insolubles: [4.5, 6.5, 8], sugars: [5.5, 7.5, 9.5], sucrose: 0.05, pH: [3.9, 4.3, 4.9], ta: [0.5, 0.9, 1.3], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.7], ...berry(145), note: 'ingredients.elderberry' },
  { id: 'fig', names: ['fig', 'figs', 'fresh figs'], acid: 'borderline', colour: '#7a3b45', solubles: [13, 17, 22], insolubles: [1.8, 2.6, 3.6], sugars: [8.5, 15, 19], sucrose: 0.05, pH: [4.6, 4.9, 5.4], ta: [0.15, 0.3, 0.5], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.8], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [40, 50, 70], edible: 0.97, note: UNSURE },
  { id: 'gooseberry', names: ['gooseberry', 'gooseberries'], acid: 'high', colour: '#8c8b3a', solubles: [6, 8.5, 12], insolubles: [2.5, 3.5, 5], sugars: [3.2, 6, 9], sucrose: 0.08, pH: [2.8, 2.9, 3.2], ta: [1.5, 2.2, 2.8], acids: [['citric', 0.55], ['malic', 0.45]], pectin: [0.7, 1, 1.3], ...berry(150) },
  { id: 'grape', names: ['grape', 'grapes', 'black grapes', 'green grapes', 'red grapes', 'seedless grapes', 'white grapes', 'table grapes', 'wine grapes'], acid: 'high', colour: '#4b1f4d', solubles: [12, 17, 23.5], insolubles: [0.7, 1.1, 1.8], sugars: [9, 14, 18], sucrose: 0.02, pH: [2.9, 3.3, 3.8], ta: [0.4, 0.7, 1.2], acids: TARTARIC_MALIC, pectin: [0.2, 0.4, 0.8], ...berry(150) },
  { id: 'grapefruit', names: ['grapefruit', 'grapefruits', 'pomelo', 'pummelo', 'pink grapefruit', 'ruby grapefruit'], acid: 'high', colour: '#d97b57', solubles: [8.5, 10, 12.8], insolubles: [0.4, 0.8, 1.3], sugars: [4.2, 7, 8.5], sucrose: 0.4, pH: [3, 3.2, 3.7], ta: [0.9, 1.3, 2.2], acids: CITRIC, pectin: [0.3, 0.5, 0.9], ...cut(220), piece: [350, 420, 550], edible: 0.6 },
  { id: 'greengage', names: ['greengage', 'greengages', 'gage', 'gages', 'mirabelle', 'mirabelles', 'mirabelle plum', 'mirabelle plums', 'greengage plums'], acid: 'high', colour: '#a29c3a', solubles: [12, 15, 18], insolubles: [0.9, 1.4, 2], sugars: [8, 10.5, 13], sucrose: 0.4, pH: [3.1, 3.5, 3.9], ta: [0.7, 1.1, 1.6], acids: MALIC, pectin: [0.6, 0.85, 1.1], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [15, 25, 35], edible: 0.92 },
  { id: 'guava', names: ['guava', 'guavas', 'strawberry guava', 'strawberry guavas', 'apple guava'], acid: 'high', colour: '#c96a5d', solubles: [7, 9.5, 13], insolubles: [4.5, 6, 8], sugars: [3.8, 7, 9.5], sucrose: 0.15, pH: [3.3, 3.7, 4.3], ta: [0.15, 0.6, 1], acids: CITRIC_MALIC, pectin: [0.7, 1, 1.5], ...cut(165), piece: [50, 90, 150], edible: 0.8 },
  { id: 'hawthorn', names: ['hawthorn berry', 'hawthorn berries', 'haws', 'haw', 'hawthorn', 'hawthorns'], acid: 'borderline', colour: '#8d2b26', solubles: [12, 16, 20], insolubles: [4, 6, 9], sugars: [5, 8, 11], sucrose: 0.1, pH: [3.4, 3.9, 4.6], ta: [0.4, 0.8, 1.3], acids: MALIC_CITRIC, pectin: [0.7, 1.1, 1.6], ...berry(110), note: UNSURE },
  { id: 'kiwi', names: ['kiwi', 'kiwis', 'kiwi fruit', 'kiwifruit', 'kiwifruits', 'golden kiwi', 'kiwi fruits', 'gold kiwi'], acid: 'high', colour: '#7d8f36', solubles: [11, 13.5, 16], insolubles: [1.4, 2.1, 3], sugars: [7, 9, 11], sucrose: 0.03, pH: [3.1, 3.3, 3.7], ta: [0.9, 1.3, 1.8], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.4, 0.6, 0.9], ...cut(180, 'sliced'), piece: [65, 85, 110], edible: 0.86 },
  { id: 'kumquat', names: ['kumquat', 'kumquats'], acid: 'high', colour: '#e08a1f', solubles: [11, 14, 17], insolubles: [3, 4.5, 6], sugars: [7, 9.4, 11], sucrose: 0.5, pH: [3.3, 3.7, 4.2], ta: [0.6, 1, 1.6], acids: CITRIC, pectin: [0.7, 1.1, 1.6], ...cut(165), piece: [12, 19, 25], edible: 0.95 },
  { id: 'lemon', names: ['lemon', 'lemons', 'whole lemon', 'whole lemons'], acid: 'high', colour: '#e2c22f', solubles: [8, 9.5, 11.5], insolubles: [1.5, 2.5, 4], sugars: [2, 2.6, 3.5], sucrose: 0.15, pH: [2.2, 2.4, 2.6], ta: [4, 5, 6.2], acids: CITRIC, pectin: [1.2, 1.8, 2.6], ...cut(212, 'sliced'), piece: [85, 110, 140], edible: 0.95 },
  { id: 'lime', names: ['lime', 'limes', 'whole lime', 'whole limes'], acid: 'high', colour: '#9bb043', solubles: [8, 9.5, 11], insolubles: [1, 2, 3.2], sugars: [1.2, 1.8, 3.5], sucrose: 0.1, pH: [1.9, 2.2, 2.5], ta: [4.8, 5.8, 7], acids: CITRIC, pectin: [1, 1.6, 2.4], ...cut(200, 'sliced'), piece: [50, 65, 85], edible: 0.93 },
  { id: 'lingonberry', names: ['lingonberry', 'lingonberries', 'cowberry', 'cowberries'], acid: 'high', colour: '#9c1528', solubles: [11, 13, 15], insolubles: [2, 2.8, 3.6], sugars: [6, 8, 10], sucrose: 0.05, pH: [2.6, 2.8, 3], ta: [1.8, 2.2, 2.8], acids: CITRIC_MALIC, pectin: [0.5, 0.8, 1.1], ...berry(120) },
  { id: 'loganberry', names: ['loganberry', 'loganberries', 'tayberry', 'tayberries'], acid: 'high', colour: '#8f1634', solubles: [8, 10, 12.5], insolubles: [3.5, 4.5, 6], sugars: [5, 6.5, 8], sucrose: 0.05, pH: [2.7, 3, 3.3], ta: [1.7, 2.3, 2.9], acids: CITRIC, pectin: [0.4, 0.6, 0.8], ...berry(147) },
  { id: 'lychee', names: ['lychee', 'lychees', 'litchi', 'litchis'], acid: 'borderline', colour: '#d9a59f', solubles: [13, 16, 19.5], insolubles: [0.6, 0.9, 1.4], sugars: [9, 14, 16.5], sucrose: 0.35, pH: [4, 4.5, 5], ta: [0.15, 0.3, 0.5], acids: MALIC, pectin: [0.2, 0.35, 0.5], ...berry(190), piece: [12, 17, 22], edible: 0.6, note: UNSURE },
  { id: 'mango', names: ['mango', 'mangoes', 'mangos', 'ripe mango', 'ripe mangoes'], acid: 'borderline', colour: '#e09a2b', solubles: [10, 14.5, 18], insolubles: [0.7, 1.1, 1.8], sugars: [7.5, 12, 14.5], sucrose: 0.55, pH: [3.8, 4.3, 4.9], ta: [0.2, 0.45, 0.7], acids: CITRIC, pectin: [0.3, 0.6, 0.9], ...cut(165), piece: [300, 400, 560], edible: 0.69, note: UNSURE },
  { id: 'medlar', names: ['medlar', 'medlars'], acid: 'borderline', colour: '#a05a34', solubles: [14, 18, 23], insolubles: [3, 5, 8], sugars: [7, 10, 13], sucrose: 0.05, pH: [3.7, 4.1, 4.7], ta: [0.3, 0.6, 1], acids: MALIC_CITRIC, pectin: [0.4, 0.8, 1.3], ...cut(140), piece: [20, 30, 40], edible: 0.7, note: UNSURE },
  { id: 'melon', names: ['melon', 'melons', 'muskmelon', 'cantaloupe', 'cantaloupes', 'honeydew', 'honeydew melon', 'cantaloupe melon', 'charentais melon', 'galia melon', 'rockmelon', 'canary melon', 'musk melon'], acid: 'low', colour: '#dd9650', solubles: [4, 9.5, 13], insolubles: [0.4, 0.8, 1.1], sugars: [2.3, 7.9, 11], sucrose: 0.5, pH: [5.8, 6.2, 6.6], ta: [0.05, 0.1, 0.2], acids: CITRIC, pectin: [0.1, 0.25, 0.4], cups: { chopped: 158, sliced: 160 }, form: 'chopped', piece: [900, 1400, 2200], edible: 0.55, note: 'ingredients.melon' },
  { id: 'mulberry', names: ['mulberry', 'mulberries'], acid: 'borderline', colour: '#3d1230', solubles: [9, 12, 15], insolubles: [1.5, 2.2, 3.2], sugars: [6, 8.1, 11], sucrose: 0.03, pH: [3.6, 4.1, 4.9], ta: [0.3, 0.7, 1.3], acids: CITRIC_MALIC, pectin: [0.3, 0.5, 0.8], ...berry(140), note: UNSURE },
  { id: 'nectarine', names: ['nectarine', 'nectarines'], acid: 'high', colour: '#db7438', solubles: [8.5, 11, 14], insolubles: [0.8, 1.3, 1.8], sugars: [6.5, 8, 11], sucrose: 0.65, pH: [3.5, 3.9, 4.2], ta: [0.4, 0.65, 1], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.7], ...cut(150, 'sliced'), piece: [120, 156, 200], edible: 0.91, note: 'ingredients.nectarine' },
  { id: 'onion', names: ['onion', 'onions', 'red onion', 'red onions', 'white onion', 'white onions', 'yellow onion', 'yellow onions', 'brown onion', 'brown onions', 'spanish onion', 'sweet onion', 'sweet onions', 'pearl onions'], acid: 'low', colour: '#8d5b6b', solubles: [6, 8.5, 12], insolubles: [1, 1.6, 2.4], sugars: [3, 4.5, 7], sucrose: 0.25, pH: [5.3, 5.6, 5.9], ta: [0.1, 0.15, 0.3], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], ...cut(160), piece: [90, 130, 200], edible: 0.9, note: NOT_ACID },
  { id: 'orange', names: ['orange', 'oranges', 'sweet orange', 'sweet oranges', 'navel orange', 'navel oranges', 'blood orange', 'blood oranges', 'valencia oranges'], acid: 'high', colour: '#e08420', solubles: [8, 11.8, 14], insolubles: [0.6, 1.2, 1.8], sugars: [6.5, 9, 11], sucrose: 0.5, pH: [3.2, 3.6, 4], ta: [0.6, 1, 1.6], acids: CITRIC, pectin: [0.3, 0.7, 1.2], ...cut(180), piece: [140, 180, 240], edible: 0.73 },
  { id: 'seville-orange', names: ['seville orange', 'seville oranges', 'bitter orange', 'bitter oranges', 'marmalade orange', 'marmalade oranges', 'sour orange', 'sour oranges', 'sevilles'], acid: 'high', colour: '#cf6d18', solubles: [9, 11, 13], insolubles: [2, 3, 4.5], sugars: [4, 5.5, 7.5], sucrose: 0.4, pH: [2.8, 3, 3.3], ta: [1.8, 2.5, 3.4], acids: CITRIC, pectin: [1.8, 2.5, 3.5], ...cut(180, 'sliced'), piece: [110, 140, 180], edible: 0.95, note: 'ingredients.sevilleOrange' },
  { id: 'papaya', names: ['papaya', 'papayas', 'pawpaw', 'pawpaws'], acid: 'low', colour: '#db7f45', solubles: [6.5, 10, 13], insolubles: [0.8, 1.3, 2], sugars: [4, 7.8, 10], sucrose: 0.2, pH: [5.1, 5.5, 6], ta: [0.08, 0.15, 0.3], acids: CITRIC_MALIC, pectin: [0.4, 0.7, 1], ...cut(145), piece: [300, 500, 900], edible: 0.65, note: NOT_ACID },
  { id: 'passion-fruit', names: ['passion fruit', 'passion fruits', 'passionfruit', 'purple passion fruit', 'yellow passion fruit', 'granadilla', 'lilikoi'], acid: 'high', colour: '#d99a1e', solubles: [13, 16, 19], insolubles: [5, 9, 12], sugars: [8, 11, 13], sucrose: 0.35, pH: [2.7, 3, 3.4], ta: [2.4, 3.3, 4.3], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.2, 0.35, 0.6], cups: { whole: 236 }, form: 'whole', piece: [25, 35, 50], edible: 0.5 },
  { id: 'peach', names: ['peach', 'peaches', 'yellow peach', 'yellow peaches'], acid: 'high', colour: '#dd8138', solubles: [8.5, 10.5, 13], insolubles: [0.8, 1.2, 1.7], sugars: [6.5, 8.4, 10.5], sucrose: 0.65, pH: [3.4, 3.8, 4.2], ta: [0.35, 0.6, 0.9], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], cups: { sliced: 154, chopped: 154 }, form: 'sliced', piece: [130, 172, 220], edible: 0.88, note: 'ingredients.peach' },
  { id: 'white-peach', names: ['white peach', 'white peaches', 'white nectarine', 'white nectarines', 'white-fleshed peach', 'white-fleshed peaches', 'white flesh peaches', 'white-fleshed nectarines', 'white flesh nectarines', 'babcock peaches', 'saturn peaches', 'donut peaches', 'doughnut peaches', 'flat peaches', 'snow peaches'], acid: 'borderline', colour: '#e0a58c', solubles: [9, 11.5, 14], insolubles: [0.8, 1.2, 1.7], sugars: [7, 9, 11.5], sucrose: 0.65, pH: [4.1, 4.5, 4.9], ta: [0.15, 0.3, 0.5], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], cups: { sliced: 154, chopped: 154 }, form: 'sliced', piece: [130, 172, 220], edible: 0.88, note: UNSURE },
  { id: 'pear', names: ['pear', 'pears', 'dessert pear', 'dessert pears'], acid: 'high', colour: '#bda85a', solubles: [9, 13, 16], insolubles: [1.8, 2.4, 4.1], sugars: [7, 9.8, 12], sucrose: 0.08, pH: [3.6, 4, 4.4], ta: [0.15, 0.3, 0.5], acids: MALIC_CITRIC, pectin: [0.3, 0.5, 0.8], ...cut(145), piece: [160, 209, 270], edible: 0.85 },
  { id: 'asian-pear', names: ['asian pear', 'asian pears', 'nashi', 'nashi pear', 'nashis', 'nashi pears', 'korean pear', 'korean pears', 'chinese pear', 'chinese pears', 'japanese pear', 'japanese pears', 'apple pear', 'apple pears', 'sand pear', 'hosui pear', 'hosui pears', 'kosui pears', 'shinseiki pears'], acid: 'low', colour: '#c9b878', solubles: [9, 11, 13.5], insolubles: [1.5, 2.2, 3], sugars: [6, 7.5, 10], sucrose: 0.2, pH: [4.6, 5.2, 6], ta: [0.05, 0.15, 0.3], acids: MALIC_CITRIC, pectin: [0.2, 0.4, 0.6], ...cut(145), piece: [120, 200, 280], edible: 0.88, note: NOT_ACID },
  { id: 'sweet-pepper', names: ['sweet pepper', 'sweet peppers', 'chopped peppers', 'finely chopped peppers', 'diced peppers', 'finely diced peppers', 'minced peppers', 'sliced peppers', 'bell pepper', 'bell peppers', 'red pepper', 'red peppers', 'green pepper', 'green peppers', 'capsicum', 'red bell pepper', 'red bell peppers', 'green bell pepper', 'green bell peppers', 'yellow bell pepper', 'yellow bell peppers', 'orange bell pepper', 'orange bell peppers', 'yellow pepper', 'yellow peppers', 'orange pepper', 'orange peppers', 'romano pepper', 'pointed pepper', 'red sweet pepper', 'red sweet peppers', 'green sweet peppers', 'sweet red pepper', 'sweet red peppers', 'sweet green peppers', 'sweet banana pepper', 'sweet banana peppers', 'pimento', 'pimentos', 'pimiento', 'capsicums', 'red capsicum', 'green capsicum', 'mini sweet peppers'], acid: 'low', colour: '#b8382b', solubles: [4, 5.5, 8], insolubles: [1.2, 1.8, 2.6], sugars: [1.5, 3.4, 5], sucrose: 0.05, pH: [4.6, 5, 5.7], ta: [0.1, 0.2, 0.35], acids: CITRIC_MALIC, pectin: [0.5, 0.9, 1.2], ...cut(149), piece: [110, 150, 200], edible: 0.82, note: NOT_ACID },
  { id: 'chilli', names: ['chilli', 'chillies', 'chilli pepper', 'chilli peppers', 'chili', 'chilies', 'chili peppers', 'hot pepper', 'hot peppers', 'jalapeño', 'jalapeños', 'jalapeno', 'jalapenos', 'serrano', 'serranos', 'serrano pepper', 'serrano chilli', 'habanero', 'habaneros', 'habanero pepper', 'scotch bonnet', 'scotch bonnets', 'scotch bonnet pepper', 'poblano', 'poblanos', 'poblano pepper', 'jalapeño pepper', 'jalapeno pepper', 'jalapeno chilli', 'jalapeno chillies', 'red chilli', 'red chillies', 'green chilli', 'green chillies', 'red chili', 'green chili', "bird's eye chilli", 'thai chilli', 'thai chili', 'thai pepper', 'cayenne pepper fresh', 'fresh cayenne pepper', 'anaheim pepper', 'anaheim', 'hot red pepper', 'hot red peppers', 'hot green pepper', 'hot green peppers', 'hot chilli', 'hot chilli pepper', 'hot chili pepper', 'banana pepper', 'banana peppers', 'hot banana peppers', 'wax pepper', 'hungarian wax pepper', 'ghost pepper', 'fresno pepper', 'fresno chilli', 'cherry pepper', 'chile', 'chiles', 'chile pepper', 'red chile', 'green chile', 'hot chile', 'chili pepper', 'red chili pepper', 'red chilli pepper', 'green chilli pepper'], acid: 'low', colour: '#9c2a1e', solubles: [5, 7.5, 10], insolubles: [1.5, 2.5, 4], sugars: [2, 4, 6], sucrose: 0.05, pH: [4.7, 5.2, 5.8], ta: [0.1, 0.25, 0.4], acids: CITRIC_MALIC, pectin: [0.5, 0.9, 1.2], ...cut(110), piece: [5, 15, 30], edible: 0.8, note: NOT_ACID },
  { id: 'persimmon', names: ['persimmon', 'persimmons', 'sharon fruit', 'kaki'], acid: 'low', colour: '#d96e2b', solubles: [14, 18, 22], insolubles: [1.5, 2.2, 3.2], sugars: [10, 13, 17], sucrose: 0.1, pH: [5.2, 5.6, 6], ta: [0.05, 0.15, 0.3], acids: MALIC, pectin: [0.3, 0.6, 0.9], ...cut(165), piece: [150, 200, 260], edible: 0.84, note: NOT_ACID },
  { id: 'pineapple', names: ['pineapple', 'pineapples'], acid: 'high', colour: '#dcb02f', solubles: [10, 13, 16], insolubles: [0.8, 1.4, 2.9], sugars: [8, 10, 12.5], sucrose: 0.6, pH: [3.2, 3.5, 3.9], ta: [0.5, 0.75, 1.1], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.05, 0.15, 0.3], ...cut(165), piece: [900, 1300, 1900], edible: 0.52 },
  { id: 'plum', names: ['plum', 'plums', 'red plum', 'red plums', 'victoria plum', 'victoria plums', 'prune plum', 'prune plums', 'italian plums', 'italian prune plums', 'cherry plum', 'cherry plums', 'purple plums', 'blue plums', 'yellow plums', 'santa rosa plums'], acid: 'high', colour: '#8a2331', solubles: [9.5, 12.5, 16], insolubles: [0.8, 1.3, 1.8], sugars: [7, 9.9, 12], sucrose: 0.3, pH: [2.9, 3.3, 3.8], ta: [0.6, 1.2, 1.9], acids: MALIC, pectin: [0.5, 0.8, 1.1], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'sliced', piece: [48, 70, 95], edible: 0.94 },
  { id: 'pomegranate', names: ['pomegranate', 'pomegranates', 'pomegranate seeds', 'pomegranate arils', 'pomegranate seed'], acid: 'high', colour: '#9c1f33', solubles: [13, 16, 18.5], insolubles: [1.2, 2.2, 3.5], sugars: [10, 13, 15], sucrose: 0.03, pH: [2.9, 3.2, 3.7], ta: [0.8, 1.3, 2], acids: CITRIC, pectin: [0.1, 0.3, 0.5], ...berry(174), piece: [300, 420, 560], edible: 0.55 },
  { id: 'prickly-pear', names: ['prickly pear', 'prickly pears', 'cactus pear', 'tuna fruit'], acid: 'low', colour: '#b02a56', solubles: [9, 12, 15], insolubles: [1.5, 2.6, 4], sugars: [6, 9, 12], sucrose: 0.02, pH: [5.3, 5.8, 6.3], ta: [0.03, 0.06, 0.12], acids: CITRIC, pectin: [0.1, 0.2, 0.4], ...cut(149), piece: [80, 103, 140], edible: 0.6, note: NOT_ACID },
  { id: 'pumpkin', names: ['pumpkin', 'pumpkins', 'pie pumpkin', 'canned pumpkin', 'winter pumpkin'], acid: 'low', colour: '#d07a23', solubles: [4, 6.5, 9], insolubles: [0.7, 1.2, 1.9], sugars: [1.7, 2.8, 5], sucrose: 0.4, pH: [4.9, 5.3, 5.8], ta: [0.05, 0.1, 0.2], acids: MALIC, pectin: [0.3, 0.5, 0.8], ...cut(116), piece: [2000, 3500, 6000], edible: 0.7, note: 'ingredients.pumpkin' },
  { id: 'squash', names: ['squash', 'winter squash', 'butternut squash', 'butternut', 'marrow', 'acorn squash', 'yellow squash', 'summer squash', 'kabocha', 'spaghetti squash', 'hubbard squash', 'banana squash', 'delicata squash', 'butternut pumpkin', 'vegetable marrow', 'crookneck squash', 'patty pan squash', 'squashes', 'overgrown marrow'], acid: 'low', colour: '#d6963a', solubles: [4, 9, 13], insolubles: [0.9, 1.6, 2.4], sugars: [1.5, 2.4, 5], sucrose: 0.4, pH: [5, 5.6, 6.3], ta: [0.05, 0.1, 0.2], acids: MALIC, pectin: [0.3, 0.5, 0.9], ...cut(140), piece: [300, 900, 1800], edible: 0.84, note: 'ingredients.pumpkin' },
  { id: 'quince', names: ['quince', 'quinces'], acid: 'high', colour: '#b9502f', solubles: [10, 13, 16], insolubles: [1.6, 2.3, 3.2], sugars: [6, 9, 11], sucrose: 0.1, pH: [3.1, 3.4, 3.7], ta: [0.6, 1, 1.5], acids: MALIC, pectin: [0.9, 1.3, 1.8], cups: { chopped: 125, sliced: 115 }, form: 'chopped', piece: [150, 250, 400], edible: 0.72 },
  { id: 'raspberry', names: ['raspberry', 'raspberries', 'black raspberry', 'black raspberries', 'golden raspberries'], acid: 'high', colour: '#a01936', solubles: [7.5, 9.5, 12], insolubles: [4, 5, 6.5], sugars: [4.4, 5, 7], sucrose: 0.06, pH: [2.9, 3.2, 3.6], ta: [1.1, 1.6, 2.2], acids: CITRIC, pectin: [0.3, 0.5, 0.7], ...berry(123) },
  { id: 'redcurrant', names: ['redcurrant', 'redcurrants', 'red currant', 'red currants', 'white currant', 'white currants', 'whitecurrant', 'whitecurrants', 'fresh redcurrants'], acid: 'high', colour: '#b3162a', solubles: [9, 11.5, 14], insolubles: [3, 4.2, 5.5], sugars: [5, 7.2, 9], sucrose: 0.08, pH: [2.7, 2.9, 3.2], ta: [1.8, 2.4, 3], acids: CITRIC, pectin: [0.7, 1, 1.3], ...berry(112) },
  { id: 'rhubarb', names: ['rhubarb', 'forced rhubarb', 'pink rhubarb'], acid: 'high', colour: '#bb5560', solubles: [3.2, 4.5, 6], insolubles: [1.2, 1.7, 2.3], sugars: [0.8, 1.2, 2], sucrose: 0.1, pH: [3, 3.2, 3.4], ta: [1, 1.4, 1.9], acids: MALIC, pectin: [0.2, 0.4, 0.6], ...cut(122), packs: { stalk: 65, stick: 65, stem: 65, rib: 65 } },
  { id: 'rose-hip', names: ['rose hip', 'rose hips', 'rosehip', 'rosehips'], acid: 'high', colour: '#b8431f', solubles: [14, 19, 25], insolubles: [10, 14, 20], sugars: [6, 10, 14], sucrose: 0.1, pH: [3.3, 3.7, 4.1], ta: [1, 1.6, 2.4], acids: CITRIC_MALIC, pectin: [0.8, 1.3, 1.9], ...berry(127) },
  { id: 'rowan', names: ['rowan', 'rowan berry', 'rowan berries', 'rowanberry', 'rowanberries'], acid: 'high', colour: '#c94a1e', solubles: [14, 18, 23], insolubles: [3.5, 5.5, 8], sugars: [6, 8.5, 11], sucrose: 0.05, pH: [3, 3.4, 3.8], ta: [1.6, 2.4, 3.2], acids: MALIC, pectin: [0.5, 0.9, 1.3], ...berry(120) },
  { id: 'saskatoon', names: ['saskatoon', 'saskatoons', 'saskatoon berries', 'serviceberry', 'serviceberries', 'juneberry', 'juneberries'], acid: 'borderline', colour: '#452049', solubles: [12, 15, 18], insolubles: [3.5, 5, 6.5], sugars: [8, 11, 14], sucrose: 0.02, pH: [3.8, 4.3, 4.9], ta: [0.25, 0.45, 0.8], acids: MALIC, pectin: [0.5, 0.8, 1.2], ...berry(145), note: UNSURE },
  { id: 'sea-buckthorn', names: ['sea buckthorn', 'sea buckthorn berries', 'seaberry', 'seaberries'], acid: 'high', colour: '#dd7a17', solubles: [7, 9.5, 13], insolubles: [3, 5, 8], sugars: [1, 2.5, 5], sucrose: 0.02, pH: [2.6, 2.8, 3.2], ta: [2, 3, 4.2], acids: MALIC, pectin: [0.2, 0.4, 0.6], ...berry(125) },
  { id: 'sloe', names: ['sloe', 'sloes'], acid: 'high', colour: '#37203f', solubles: [14, 18, 23], insolubles: [2.5, 4, 6], sugars: [5, 7.5, 10], sucrose: 0.05, pH: [2.9, 3.2, 3.6], ta: [1.6, 2.3, 3], acids: MALIC, pectin: [0.7, 1, 1.4], ...berry(140), piece: [2, 3, 4], edible: 0.8 },
  { id: 'star-fruit', names: ['star fruit', 'starfruit', 'carambola', 'carambolas', 'star fruits', 'starfruits'], acid: 'borderline', colour: '#ccb03a', solubles: [5, 7.5, 10], insolubles: [1.2, 1.9, 2.6], sugars: [3, 4.2, 6.5], sucrose: 0.03, pH: [2.8, 3.6, 4.7], ta: [0.2, 0.6, 1.1], acids: CITRIC, pectin: [0.3, 0.6, 0.9], ...cut(132, 'sliced'), piece: [70, 91, 125], edible: 0.97, note: UNSURE },
  { id: 'strawberry', names: ['strawberry', 'strawberries'], acid: 'high', colour: '#b5202c', solubles: [5.5, 8, 10.5], insolubles: [1.2, 1.6, 2.2], sugars: [3.5, 5.8, 8], sucrose: 0.1, pH: [3.1, 3.4, 3.8], ta: [0.55, 0.85, 1.3], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.35, 0.55, 0.8], cups: { whole: 144, sliced: 166, chopped: 166 }, form: 'whole', piece: [7, 14, 25], edible: 0.95 },
  { id: 'tomato', names: ['tomato', 'tomatoes', 'red tomato', 'red tomatoes', 'cherry tomatoes', 'cherry tomato', 'grape tomatoes', 'plum tomatoes', 'roma tomatoes', 'beefsteak tomatoes', 'vine tomatoes', 'salad tomatoes', 'yellow tomatoes', 'orange tomatoes', 'heirloom tomatoes', 'paste tomatoes', 'black tomatoes', 'pear tomatoes', 'san marzano tomatoes'], acid: 'borderline', colour: '#b83324', solubles: [3.5, 4.6, 6], insolubles: [0.6, 0.9, 1.5], sugars: [1.5, 2.7, 3.6], sucrose: 0.02, pH: [4.1, 4.4, 4.8], ta: [0.25, 0.4, 0.6], acids: CITRIC_MALIC, pectin: [0.15, 0.3, 0.5], ...cut(180), piece: [90, 123, 180], edible: 0.95, note: UNSURE },
  { id: 'green-tomato', names: ['green tomato', 'green tomatoes'], acid: 'borderline', colour: '#8b9440', solubles: [4, 5.4, 7], insolubles: [0.8, 1.2, 1.8], sugars: [2.5, 4, 5], sucrose: 0.02, pH: [3.8, 4.1, 4.6], ta: [0.4, 0.6, 0.9], acids: CITRIC_MALIC, pectin: [0.2, 0.4, 0.6], ...cut(180), piece: [90, 123, 180], edible: 0.93, note: UNSURE },
  { id: 'watermelon', names: ['watermelon', 'watermelons', 'water melon'], acid: 'low', colour: '#cf4747', solubles: [4, 7.5, 10.5], insolubles: [0.3, 0.5, 0.8], sugars: [2.9, 6.2, 8], sucrose: 0.25, pH: [5.2, 5.5, 5.9], ta: [0.05, 0.1, 0.2], acids: CITRIC, pectin: [0.05, 0.15, 0.3], ...cut(152), piece: [2500, 5000, 9000], edible: 0.52, note: NOT_ACID },
  { id: 'dried-apricot', names: ['dried apricot', 'dried apricots', 'apricots dried'], acid: 'high', colour: '#b5651d', solubles: [58, 63, 80], insolubles: [3, 4.5, 6], sugars: [25, 53, 60], sucrose: 0.15, pH: [3.3, 3.7, 4.1], ta: [1, 2.6, 4], acids: MALIC_CITRIC, pectin: [0.6, 1.5, 2.5], cups: { whole: 130, chopped: 150 }, form: 'whole' },
  { id: 'prune', names: ['prune', 'prunes', 'dried plum', 'dried plums', 'pitted prunes'], acid: 'high', colour: '#3b1c1c', solubles: [58, 63, 69], insolubles: [3, 4.5, 6], sugars: [34, 38, 45], sucrose: 0.02, pH: [3.6, 3.8, 4.2], ta: [1, 1.6, 2.3], acids: MALIC, pectin: [1, 1.7, 2.5], cups: { whole: 174, chopped: 174 }, form: 'whole' },
  { id: 'raisin', names: ['raisin', 'raisins', 'sultana', 'sultanas', 'golden raisins', 'golden sultanas', 'seedless raisins', 'golden raisin'], acid: 'high', colour: '#54301f', solubles: [72, 79, 84], insolubles: [2, 2.8, 4], sugars: [56, 62, 70], sucrose: 0.03, pH: [3.6, 3.9, 4.2], ta: [0.15, 1.5, 2.4], acids: TARTARIC_MALIC, pectin: [0.6, 1, 1.5], cups: { whole: 150, chopped: 160, packed: 165 }, form: 'whole' },
  { id: 'date', names: ['date', 'dates', 'dried dates', 'medjool dates', 'pitted dates', 'medjool date', 'stoned dates'], acid: 'low', colour: '#5b371c', solubles: [64, 74, 82], insolubles: [4.5, 6.5, 8.5], sugars: [56, 65, 70], sucrose: 0.3, pH: [5, 5.7, 6.3], ta: [0.1, 0.2, 0.4], acids: CITRIC_MALIC, pectin: [0.7, 1.2, 1.8], cups: { whole: 150, chopped: 147 }, form: 'chopped', note: NOT_ACID },
  { id: 'wild-strawberry', names: ['wild strawberry', 'wild strawberries', 'alpine strawberry', 'alpine strawberries', 'woodland strawberries', 'fraises des bois'], acid: 'high', colour: '#a8182a', solubles: [8, 11, 14], insolubles: [2, 3, 4.5], sugars: [4.5, 7, 9.5], sucrose: 0.08, pH: [3, 3.3, 3.6], ta: [0.8, 1.2, 1.7], acids: [['citric', 0.85], ['malic', 0.15]], pectin: [0.4, 0.65, 0.9], ...berry(140) },
  { id: 'wild-blackberry', names: ['wild blackberry', 'wild blackberries', 'bramble', 'brambles', 'hedgerow blackberries', 'wild brambles'], acid: 'high', colour: '#451034', solubles: [8, 11, 15], insolubles: [4.5, 6, 8], sugars: [4.5, 6.5, 9], sucrose: 0.05, pH: [3, 3.3, 3.7], ta: [0.8, 1.3, 1.9], acids: [['citric', 0.6], ['malic', 0.4]], pectin: [0.4, 0.7, 1], ...berry(140) },
  { id: 'wild-raspberry', names: ['wild raspberry', 'wild raspberries'], acid: 'high', colour: '#98132f', solubles: [8, 11, 14], insolubles: [5, 6.5, 8], sugars: [4.5, 6, 8], sucrose: 0.06, pH: [2.9, 3.1, 3.5], ta: [1.3, 1.8, 2.4], acids: CITRIC, pectin: [0.35, 0.55, 0.8], ...berry(120) },
  { id: 'wild-plum', names: ['wild plum', 'wild plums', 'bullace', 'bullaces', 'beach plum', 'beach plums'], acid: 'high', colour: '#7a1a30', solubles: [11, 14.5, 18], insolubles: [1, 1.6, 2.4], sugars: [6, 9, 12], sucrose: 0.3, pH: [2.8, 3.1, 3.5], ta: [1.3, 1.9, 2.6], acids: MALIC, pectin: [0.7, 1, 1.3], cups: { whole: 150, sliced: 165, chopped: 165 }, form: 'whole', piece: [6, 12, 20], edible: 0.86 },
  { id: 'fox-grape', names: ['fox grape', 'fox grapes', 'slip-skin grapes', 'slip-skin grape', 'wild grape', 'wild grapes', 'jelly grapes'], acid: 'high', colour: '#43194a', solubles: [12, 15.5, 19], insolubles: [0.9, 1.4, 2.2], sugars: [10, 13.5, 17], sucrose: 0.02, pH: [2.9, 3.2, 3.5], ta: [0.6, 0.95, 1.4], acids: TARTARIC_MALIC, pectin: [0.4, 0.65, 0.95], ...berry(145) },
  { id: 'bilberry', names: ['bilberry', 'bilberries', 'wild blueberry', 'wild blueberries', 'huckleberry', 'huckleberries', 'wild huckleberry', 'wild huckleberries', 'whortleberry', 'whortleberries', 'blaeberry', 'blaeberries', 'lowbush blueberries'], acid: 'high', colour: '#2a1f4a', solubles: [8.5, 11, 14], insolubles: [2, 3, 4], sugars: [5.5, 8, 11], sucrose: 0.02, pH: [2.8, 3.1, 3.5], ta: [0.7, 1.1, 1.6], acids: CITRIC_MALIC, pectin: [0.4, 0.6, 0.9], ...berry(148) },
  { id: 'mixed-berries', names: ['mixed berries', 'mixed berry', 'summer berries', 'forest fruits', 'mixed summer fruit', 'mixed soft fruit', 'frozen mixed berries', 'summer fruits', 'fruits of the forest'], acid: 'high', colour: '#7a1838', solubles: [7, 9.5, 12], insolubles: [2.5, 3.8, 5.5], sugars: [4.5, 6.5, 9], sucrose: 0.06, pH: [3, 3.4, 3.9], ta: [0.6, 1, 1.6], acids: CITRIC_MALIC, pectin: [0.3, 0.55, 0.8], ...berry(140), note: 'ingredients.mixedBerries' },
  { id: 'muscadine', names: ['muscadine', 'muscadines', 'muscadine grape', 'muscadine grapes', 'scuppernong', 'scuppernongs', 'scuppernong grapes'], acid: 'high', colour: '#4a2240', solubles: [12, 15, 19], insolubles: [1.5, 2.5, 4], sugars: [9, 12, 16], sucrose: 0.15, pH: [2.9, 3.2, 3.6], ta: [0.4, 0.65, 1.1], acids: TARTARIC_MALIC, pectin: [0.3, 0.6, 1], ...berry(160), piece: [4, 6, 9], edible: 0.85 },
  { id: 'mayhaw', names: ['mayhaw', 'mayhaws', 'mayhaw berries'], acid: 'high', colour: '#c2402f', solubles: [7, 9, 12], insolubles: [2, 3.5, 5], sugars: [3.5, 5.5, 8], sucrose: 0.1, pH: [2.8, 3.1, 3.5], ta: [1, 1.5, 2.2], acids: MALIC_CITRIC, pectin: [0.6, 0.9, 1.3], ...berry(120) },
  { id: 'feijoa', names: ['feijoa', 'feijoas', 'pineapple guava', 'pineapple guavas', 'guavasteen'], acid: 'high', colour: '#8f9a55', solubles: [9, 12, 15], insolubles: [3, 5, 7], sugars: [6, 8, 10], sucrose: 0.4, pH: [3, 3.4, 4], ta: [0.6, 1.1, 1.8], acids: CITRIC_MALIC, pectin: [0.6, 1, 1.5], ...cut(175), piece: [35, 55, 90], edible: 0.6 },
  { id: 'yuzu', names: ['yuzu', 'yuzus', 'sudachi'], acid: 'high', colour: '#d9bd35', solubles: [8, 10, 12], insolubles: [2, 3.5, 5], sugars: [2, 3, 4.5], sucrose: 0.3, pH: [2.2, 2.5, 2.8], ta: [3.5, 4.5, 6], acids: CITRIC, pectin: [1.2, 1.9, 2.8], ...cut(200, 'sliced'), piece: [70, 100, 140], edible: 0.85 },
  { id: 'bergamot', names: ['bergamot', 'bergamots', 'bergamot orange', 'bergamot oranges', 'bergamot lemon'], acid: 'high', colour: '#c9c13c', solubles: [8, 9.5, 11.5], insolubles: [1.5, 2.5, 4], sugars: [2.5, 3.8, 5.5], sucrose: 0.3, pH: [2.2, 2.4, 2.7], ta: [3.5, 4.8, 6], acids: CITRIC, pectin: [1.2, 1.9, 2.8], ...cut(200, 'sliced'), piece: [100, 150, 200], edible: 0.95 },
  { id: 'chokecherry', names: ['chokecherry', 'chokecherries', 'choke cherries'], acid: 'high', colour: '#43122b', solubles: [14, 19, 24], insolubles: [4, 7, 10], sugars: [8, 12, 16], sucrose: 0.05, pH: [3.2, 3.6, 4.1], ta: [0.8, 1.2, 1.8], acids: MALIC, pectin: [0.2, 0.4, 0.7], ...berry(140) },
  { id: 'aronia', names: ['aronia', 'aronia berry', 'aronia berries', 'chokeberry', 'chokeberries', 'black chokeberries'], acid: 'high', colour: '#2c1230', solubles: [14, 17, 21], insolubles: [3.5, 5, 7], sugars: [6, 9, 12], sucrose: 0.02, pH: [3.2, 3.5, 3.9], ta: [0.7, 1, 1.4], acids: MALIC_CITRIC, pectin: [0.4, 0.6, 0.9], ...berry(140) },
  { id: 'rosella', names: ['rosella', 'rosellas', 'roselle', 'roselles', 'rosella calyces', 'roselle calyces', 'rosella petals', 'hibiscus calyces'], acid: 'high', colour: '#96102c', solubles: [6, 8.5, 11], insolubles: [3, 5, 7], sugars: [2, 3.5, 5.5], sucrose: 0.1, pH: [2.3, 2.6, 3], ta: [1.5, 2.2, 3], acids: CITRIC_MALIC, pectin: [0.8, 1.3, 2], ...cut(57) },
  { id: 'applesauce', names: ['applesauce', 'apple sauce', 'unsweetened applesauce', 'apple puree', 'apple purée', 'apple pulp', 'unsweetened apple sauce'], acid: 'high', colour: '#c9a05a', solubles: [9, 11.5, 14], insolubles: [0.9, 1.3, 1.9], sugars: [7.5, 9.6, 12], sucrose: 0.12, pH: [3.1, 3.5, 3.9], ta: [0.25, 0.45, 0.8], acids: MALIC, pectin: [0.4, 0.6, 0.9], cups: {}, form: 'pureed' },
  { id: 'sweetened-applesauce', names: ['sweetened applesauce', 'sweetened apple sauce'], acid: 'high', colour: '#c9a05a', solubles: [16, 19, 23], insolubles: [0.8, 1.2, 1.8], sugars: [14, 17, 21], sucrose: 0.45, pH: [3.1, 3.5, 3.9], ta: [0.2, 0.4, 0.7], acids: MALIC, pectin: [0.3, 0.55, 0.8], cups: {}, form: 'pureed' },
  { id: 'tomato-paste', names: ['tomato paste', 'tomato concentrate', 'double concentrated tomato paste'], acid: 'borderline', colour: '#a02c1c', solubles: [17, 21, 26], insolubles: [3.5, 5, 6.5], sugars: [10, 12.5, 16], sucrose: 0.02, pH: [3.9, 4.2, 4.6], ta: [1.2, 1.8, 2.5], acids: CITRIC_MALIC, pectin: [0.6, 1, 1.6], cups: {}, form: 'pureed', note: UNSURE },
  { id: 'sweet-potato', names: ['sweet potato', 'sweet potatoes', 'kumara'], acid: 'low', colour: '#c9702a', solubles: [6, 9, 12], insolubles: [10, 14, 18], sugars: [3, 4.2, 6.5], sucrose: 0.6, pH: [5.3, 5.6, 5.9], ta: [0.05, 0.1, 0.2], acids: MALIC_CITRIC, pectin: [0.4, 0.7, 1], ...cut(133), piece: [110, 160, 280], edible: 0.82, note: NOT_ACID },
  { id: 'watermelon-rind', names: ['watermelon rind', 'watermelon rinds', 'watermelon peel', 'melon rind'], acid: 'low', colour: '#c3d6a0', solubles: [2, 3.5, 5], insolubles: [0.8, 1.4, 2.2], sugars: [1, 2, 3.2], sucrose: 0.15, pH: [5, 5.4, 5.9], ta: [0.03, 0.07, 0.15], acids: CITRIC, pectin: [0.3, 0.6, 1], ...cut(150), note: NOT_ACID },
  { id: 'courgette', names: ['courgette', 'courgettes', 'zucchini', 'zucchinis'], acid: 'low', colour: '#7f9a4a', solubles: [2.5, 3.5, 5], insolubles: [0.8, 1.4, 2], sugars: [1.5, 2.4, 3.2], sucrose: 0.05, pH: [5.7, 6, 6.4], ta: [0.03, 0.07, 0.15], acids: MALIC_CITRIC, pectin: [0.2, 0.4, 0.7], ...cut(124), piece: [130, 200, 320], edible: 0.95, note: 'ingredients.courgette' },
  { id: 'shallot', names: ['shallot', 'shallots', 'banana shallot', 'banana shallots'], acid: 'low', colour: '#9a6a78', solubles: [10, 15, 19], insolubles: [2, 3.5, 5], sugars: [4, 7.9, 11], sucrose: 0.3, pH: [5.3, 5.6, 5.9], ta: [0.1, 0.2, 0.35], acids: MALIC_CITRIC, pectin: [0.4, 0.7, 1], ...cut(160), piece: [15, 25, 45], edible: 0.88, note: NOT_ACID },
  { id: 'dried-cranberry', names: ['dried cranberry', 'dried cranberries', 'sweetened dried cranberries'], acid: 'high', colour: '#7a1420', solubles: [68, 76, 82], insolubles: [4, 6, 8], sugars: [58, 66, 73], sucrose: 0.5, pH: [2.5, 2.8, 3.2], ta: [0.8, 1.4, 2.2], acids: [['citric', 0.6], ['malic', 0.4]], pectin: [0.5, 1, 1.6], cups: { whole: 120, chopped: 130 }, form: 'whole', note: 'ingredients.driedCranberry' },
  { id: 'dried-currant', names: ['dried currant', 'dried currants', 'zante currants', 'currants dried', 'vine currants', 'currant raisins'], acid: 'high', colour: '#3a2118', solubles: [70, 77, 82], insolubles: [2, 3.5, 5], sugars: [58, 65, 70], sucrose: 0.01, pH: [3.5, 3.8, 4.2], ta: [0.6, 1.6, 2.4], acids: TARTARIC_MALIC, pectin: [0.6, 1, 1.5], cups: { whole: 144, packed: 160, chopped: 150 }, form: 'whole' },
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
  rosella: [100, 180, 240],
  'dried-currant': [50, 86, 110],
  shallot: [20, 37, 50],
  'sweet-potato': [20, 30, 45],
  'tomato-paste': [25, 36, 60],
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

/**
 * Peel as a share of a piece as bought, where some leave it on; common practice. Cored but unpeeled
 * fruit keeps it.
 */
const PEEL_SHARE: { readonly [id: string]: number } = {
  apple: 0.06,
  'crab-apple': 0.04,
  pear: 0.06,
  'asian-pear': 0.06,
  quince: 0.08,
  peach: 0.05,
  'white-peach': 0.05,
  nectarine: 0.04,
  orange: 0.25,
  clementine: 0.24,
  grapefruit: 0.35,
  mango: 0.12,
  kiwi: 0.12,
  feijoa: 0.3,
  pumpkin: 0.1,
  squash: 0.1,
  courgette: 0.03,
  carrot: 0.08,
  'sweet-potato': 0.14,
};

/** What can hurt with a fruit, each by itself; common practice. */
const KERNELS: PlainMessageId = 'ingredients.kernels';
const YELLOW: PlainMessageId = 'ingredients.yellowFleshed';
const NO_SQUASH_BUTTER: PlainMessageId = 'ingredients.noSquashButter';
const CAUTIONS: { readonly [id: string]: readonly PlainMessageId[] } = {
  apricot: [KERNELS],
  peach: [YELLOW, KERNELS],
  nectarine: [YELLOW, KERNELS],
  'white-peach': [KERNELS],
  plum: [KERNELS],
  damson: [KERNELS],
  greengage: [KERNELS],
  cherry: [KERNELS],
  'sour-cherry': [KERNELS],
  sloe: [KERNELS],
  chokecherry: ['ingredients.chokecherryCaution'],
  elderberry: ['ingredients.elderberryCaution'],
  rowan: ['ingredients.rowanCaution'],
  'rose-hip': ['ingredients.roseHipCaution'],
  rhubarb: ['ingredients.rhubarbCaution'],
  tomato: ['ingredients.tomatoCaution'],
  pumpkin: [NO_SQUASH_BUTTER],
  squash: [NO_SQUASH_BUTTER],
  courgette: [NO_SQUASH_BUTTER],
};

const rangeOf = ([low, typical, high]: Three): Range => range(low, typical, high);

/** A range with another middle, which stays within it. */
const about = ({ low, high }: Range, middle: number): Range =>
  range(low, Math.min(high, Math.max(low, middle)), high);

/** By what the fit moved a figure of this range: so many standard deviations of its logarithm. */
const movedBy = (deviations: number, published: Range): number =>
  Math.exp(deviations * logDeviation(published));

/** Pectin of a row as the fit left it, within what is published. */
function pectinOf({ id, pectin }: Entry): Range {
  const published = rangeOf(pectin);
  return about(
    published,
    published.typical * movedBy(CALIBRATION_OFFSETS[pectinOffset(id)] ?? 0, published),
  );
}

/**
 * The acidity of a row as the fit left it: sourer is a lower pH and a higher titratable acidity
 * together.
 */
function sournessOf({ id, pH, ta, acids }: Entry): NonNullable<Fruit['sour']> {
  const [published, titrated] = [rangeOf(pH), rangeOf(ta)];
  const sourer = CALIBRATION_OFFSETS[acidOffset(id)] ?? 0;
  return {
    pH: about(published, published.typical - sourer * deviation(published)),
    taPct: about(titrated, titrated.typical * movedBy(sourer, titrated)),
    acids,
  };
}

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
  sour: sournessOf(entry),
  pectinPct: pectinOf(entry),
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
  cautions: CAUTIONS[entry.id] ?? [],
  ...(PEEL_SHARE[entry.id] === undefined ? {} : { peelShare: PEEL_SHARE[entry.id] ?? 0 }),
  ...(entry.piece === undefined ? {} : { pieceG: rangeOf(entry.piece) }),
  ...(entry.packs === undefined ? {} : { packs: entry.packs }),
  ...(entry.note === undefined ? {} : { note: entry.note }),
});

/** Every fruit and vegetable of the ingredient table. */
export const FRUITS: readonly Fruit[] = TABLE.map(toFruit);

/** Pectin of every fruit as it is tabled, g per 100 g: where the fit to tested formulas starts. */
export const TABLED_PECTIN_PCT: ReadonlyMap<string, number> = new Map(
  TABLE.map(({ id, pectin: [, typical] }) => [id, typical]),
);
