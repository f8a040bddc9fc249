import type { PlainMessageId } from '@idle-kettle/words';
import {
  commonPractice,
  fromMemory,
  published,
  range,
  type Provenance,
  type Range,
} from '../quantity/index.ts';
import type { AcidClass, AcidId, Form, Gelling, Make, OtherIngredient } from './ingredient.ts';

const UNITS_CUPS = published('GNU units, cooking measures (Debian package `units`)');
const FDC = fromMemory('USDA FoodData Central, SR Legacy');
const CRC = fromMemory('CRC Handbook of Chemistry and Physics: 998.2 kg/m³ at 20 °C');

type Three = readonly [low: number, typical: number, high: number];

type Entry = {
  readonly id: string;
  /** Its name, then the other words people write for it. */
  readonly names: readonly [string, ...string[]];
  /** g per 100 g; the rest is water. */
  readonly solubles: Three;
  readonly insolubles?: Three;
  readonly sugars?: Three;
  readonly sucrose?: number;
  readonly pH?: Three;
  readonly ta?: Three;
  readonly acid?: AcidId;
  readonly form: Form;
  /** Grams a cup in that form. */
  readonly cup: number;
  readonly from?: Provenance;
  readonly note?: PlainMessageId;
  readonly noShelf?: PlainMessageId;
  readonly pectin?: Three;
  readonly gelling?: Gelling;
  readonly calcium?: Three;
  readonly insolublesAre?: Make['insolublesAre'];
  readonly acidClass?: AcidClass;
  /** Grams in one piece as bought, and the share left of it. */
  readonly piece?: Three;
  readonly edible?: number;
  readonly packs?: OtherIngredient['packs'];
  readonly fadesInHeat?: boolean;
  readonly setsFruit?: OtherIngredient['setsFruit'];
};

const DAIRY: PlainMessageId = 'ingredients.dairy';
const EGG: PlainMessageId = 'ingredients.eggs';
const FATTY: PlainMessageId = 'ingredients.nutsAndOil';
const STARCH: PlainMessageId = 'ingredients.starch';
const GARLIC: PlainMessageId = 'ingredients.garlic';
const WEAK_SUGAR: PlainMessageId = 'ingredients.otherSugar';

/** What sugar with pectin is called where its ratio is told. */
const GELLING_NAMES = [
  'gelling sugar', 'jam sugar', 'jelly sugar', 'sugar with pectin', 'sugar with added pectin', 'jam sugar with pectin', 'preserving sugar with pectin', 'extra gelling sugar', 'jam setting sugar',
]; // prettier-ignore

/** The same with a ratio before it or behind. */
const gellingNames = (ratio: string): readonly [string, ...string[]] => [
  `${ratio} gelling sugar`,
  ...GELLING_NAMES.flatMap((name) => [`${name} ${ratio}`, `${ratio} ${name}`]).filter(
    (name) => name !== `${ratio} gelling sugar`,
  ),
];

/** What packs of pectin and gelling sugar usually hold. */
const PACK_FIGURES = commonPractice('grade and weight of usual packs; read the pack in hand');

// prettier-ignore
const SWEETENERS: readonly Entry[] = [
  { id: 'sugar', names: ['white sugar', 'sugar', 'granulated sugar', 'caster sugar', 'castor sugar', 'superfine sugar', 'preserving sugar', 'cane sugar', 'beet sugar', 'white granulated sugar', 'granulated white sugar', 'unrefined cane sugar', "baker's sugar", 'fine sugar', 'extra fine sugar', 'fine granulated sugar', 'granulated cane sugar'], solubles: [100, 100, 100], sugars: [100, 100, 100], sucrose: 1, form: 'grains', cup: 200, from: UNITS_CUPS },
  { id: 'brown-sugar', names: ['brown sugar', 'light brown sugar', 'dark brown sugar', 'soft brown sugar', 'muscovado', 'muscovado sugar', 'light muscovado sugar', 'dark muscovado sugar', 'light soft brown sugar', 'dark soft brown sugar', 'golden brown sugar'], solubles: [97.5, 98.5, 99], sugars: [96, 97, 98], sucrose: 0.97, form: 'packed', cup: 217, calcium: [60, 83, 100], from: UNITS_CUPS },
  { id: 'raw-sugar', names: ['demerara sugar', 'demerara', 'turbinado sugar', 'turbinado', 'raw sugar', 'golden caster sugar', 'golden granulated sugar', 'golden sugar', 'unrefined sugar', 'unrefined golden caster sugar'], solubles: [99, 99.5, 100], sugars: [98, 99, 100], sucrose: 0.99, form: 'grains', cup: 200 },
  { id: 'honey', names: ['honey', 'clear honey', 'runny honey', 'liquid honey', 'set honey', 'raw honey', 'wildflower honey', 'heather honey', 'acacia honey', 'clover honey', 'creamed honey', 'orange blossom honey', 'local honey'], solubles: [80, 82, 84], sugars: [75, 79, 82], sucrose: 0.015, pH: [3.6, 3.9, 4.5], ta: [0.1, 0.2, 0.3], acid: 'citric', form: 'liquid', cup: 333, from: UNITS_CUPS, note: WEAK_SUGAR },
  { id: 'maple-syrup', names: ['maple syrup', 'pure maple syrup'], solubles: [66, 67, 68.5], sugars: [58, 61, 66], sucrose: 0.95, form: 'liquid', cup: 315, calcium: [60, 100, 130], note: WEAK_SUGAR },
  { id: 'golden-syrup', names: ['golden syrup'], solubles: [81, 82.5, 84], sugars: [76, 79, 82], sucrose: 0.45, form: 'liquid', cup: 340, note: WEAK_SUGAR },
  { id: 'corn-syrup', names: ['corn syrup', 'light corn syrup', 'dark corn syrup'], solubles: [77, 79, 82], sugars: [30, 45, 76], sucrose: 0, form: 'liquid', cup: 326, from: UNITS_CUPS, note: WEAK_SUGAR },
  { id: 'jam-sugar', names: ['jam sugar', 'jelly sugar', 'gelling sugar', 'sugar with pectin', 'jam sugar with pectin', 'jam sugar with added pectin', 'sugar with added pectin', 'pectin sugar', 'preserving sugar with pectin', 'jam-making sugar', 'jam setting sugar', ...gellingNames('1:1')], solubles: [99.5, 100, 100], sugars: [97.5, 98.5, 99], sucrose: 1, pH: [2.3, 2.5, 2.7], ta: [0.4, 0.7, 1], acid: 'citric', pectin: [0.62, 0.7, 0.78], setsFruit: 1, form: 'grains', cup: 200, packs: { pack: 1000, packet: 1000, package: 1000, bag: 1000 }, from: PACK_FIGURES, note: 'ingredients.jamSugar' },
  { id: 'sucralose-sweetener', names: ['sucralose sweetener', 'granulated sucralose', 'sucralose', 'sugar substitute', 'granular sweetener', 'granular sucralose'], solubles: [93, 97, 99], form: 'grains', cup: 25, note: 'ingredients.sucraloseSweetener' },
  { id: 'fading-sweetener', names: ['aspartame', 'saccharin', 'stevia', 'stevia sweetener', 'monk fruit sweetener', 'low-calorie sweetener', 'artificial sweetener', 'stevia powder', 'stevia drops', 'monk fruit', 'granulated stevia'], solubles: [93, 97, 99], form: 'grains', cup: 25, fadesInHeat: true, note: 'ingredients.fadingSweetener' },
  { id: 'icing-sugar', names: ['icing sugar', 'powdered sugar', "confectioners' sugar", 'confectioners sugar', "confectioner's sugar", 'sifted icing sugar'], solubles: [95, 96.5, 97], insolubles: [1, 2.5, 3], sugars: [95, 96.5, 97], sucrose: 1, form: 'grains', cup: 120, note: 'ingredients.icingSugar' },
  { id: 'coconut-sugar', names: ['coconut sugar', 'coconut blossom sugar'], solubles: [96, 97.5, 99], sugars: [85, 90, 95], sucrose: 0.88, form: 'grains', cup: 160, note: WEAK_SUGAR },
  { id: 'palm-sugar', names: ['palm sugar', 'jaggery', 'gur', 'panela', 'piloncillo', 'rapadura'], solubles: [92, 95, 98], sugars: [80, 87, 94], sucrose: 0.9, form: 'grains', cup: 190, note: WEAK_SUGAR },
  { id: 'dextrose', names: ['dextrose', 'glucose powder', 'powdered glucose', 'fructose', 'fruit sugar', 'dextrose powder'], solubles: [91, 99, 100], sugars: [91, 99, 100], sucrose: 0, form: 'grains', cup: 170, note: WEAK_SUGAR },
  { id: 'gelling-sugar-2-1', names: gellingNames('2:1'), solubles: [98, 99.5, 100], sugars: [94, 96, 98], sucrose: 1, pH: [2.2, 2.4, 2.7], ta: [0.9, 1.4, 2], acid: 'citric', pectin: [1.25, 1.4, 1.55], setsFruit: 2, form: 'grains', cup: 200, packs: { pack: 500, packet: 500, package: 500, bag: 500 }, from: PACK_FIGURES, note: 'ingredients.gellingSugar21' },
  { id: 'gelling-sugar-3-1', names: gellingNames('3:1'), solubles: [97, 99, 100], sugars: [91, 94, 97], sucrose: 1, pH: [2.2, 2.4, 2.7], ta: [1.3, 2, 2.8], acid: 'citric', pectin: [1.85, 2.1, 2.35], setsFruit: 3, form: 'grains', cup: 200, packs: { pack: 500, packet: 500, package: 500, bag: 500 }, from: PACK_FIGURES, note: 'ingredients.gellingSugar31' },
  { id: 'molasses', names: ['molasses', 'black treacle', 'treacle', 'blackstrap molasses', 'dark molasses', 'light molasses'], solubles: [74, 77, 80], sugars: [60, 68, 75], sucrose: 0.55, pH: [4.9, 5.3, 5.8], ta: [0.2, 0.4, 0.8], acid: 'citric', calcium: [150, 205, 600], form: 'liquid', cup: 337, note: WEAK_SUGAR },
  { id: 'rice-syrup', names: ['rice syrup', 'brown rice syrup', 'rice malt syrup', 'malt syrup', 'barley malt syrup', 'malt extract'], solubles: [76, 79, 82], sugars: [40, 55, 70], sucrose: 0, form: 'liquid', cup: 330, note: WEAK_SUGAR },
  { id: 'glucose-syrup', names: ['glucose syrup', 'liquid glucose', 'glucose', 'invert syrup', 'invert sugar syrup', 'invert sugar'], solubles: [76, 80, 84], sugars: [30, 45, 78], sucrose: 0, form: 'liquid', cup: 336, note: WEAK_SUGAR },
  { id: 'cordial', names: ['cordial', 'fruit cordial', 'elderflower cordial', 'blackcurrant cordial', 'lime cordial', 'ginger cordial', 'orange cordial', 'rosehip cordial', 'lemon cordial', 'raspberry cordial'], solubles: [35, 52, 65], sugars: [33, 50, 63], sucrose: 0.7, pH: [2.5, 2.9, 3.3], ta: [0.5, 1, 1.8], acid: 'citric', form: 'liquid', cup: 290, note: 'ingredients.cordial' },
  { id: 'polyol', names: ['erythritol', 'xylitol'], solubles: [99, 100, 100], form: 'grains', cup: 195, note: 'ingredients.polyol' },
  { id: 'agave', names: ['agave syrup', 'agave nectar', 'agave'], solubles: [75, 77, 79], sugars: [66, 70, 75], sucrose: 0, form: 'liquid', cup: 330, note: WEAK_SUGAR },
];

// prettier-ignore
const ACIDS: readonly Entry[] = [
  { id: 'lemon-juice-bottled', calcium: [5, 10, 25], names: ['bottled lemon juice', 'lemon juice from a bottle', 'lemon juice bottled'], solubles: [6, 7, 8.5], insolubles: [0, 0.2, 0.5], sugars: [1.5, 2.4, 3], sucrose: 0.1, pH: [2.3, 2.4, 2.5], ta: [4.7, 5, 5.3], acid: 'citric', form: 'liquid', cup: 244, note: 'ingredients.lemonJuiceBottled' },
  { id: 'lemon-juice', calcium: [5, 10, 25], names: ['lemon juice', 'fresh lemon juice', 'freshly squeezed lemon juice', 'fresh squeezed lemon juice'], solubles: [6, 7.7, 9.5], insolubles: [0, 0.3, 0.6], sugars: [1.5, 2.5, 3.2], sucrose: 0.12, pH: [2.2, 2.4, 2.6], ta: [3.4, 5, 6.2], acid: 'citric', form: 'liquid', cup: 244, note: 'ingredients.lemonJuice' },
  { id: 'lime-juice-bottled', calcium: [5, 10, 25], names: ['bottled lime juice', 'lime juice bottled'], solubles: [6.5, 7.5, 9], insolubles: [0, 0.2, 0.5], sugars: [1, 1.5, 2], sucrose: 0.1, pH: [2.1, 2.3, 2.5], ta: [5, 5.5, 6], acid: 'citric', form: 'liquid', cup: 246, note: 'ingredients.lemonJuiceBottled' },
  { id: 'lime-juice', calcium: [5, 10, 25], names: ['lime juice', 'fresh lime juice', 'key lime juice', 'freshly squeezed lime juice'], solubles: [6.5, 8, 10], insolubles: [0, 0.3, 0.6], sugars: [1, 1.7, 2.2], sucrose: 0.1, pH: [1.9, 2.2, 2.5], ta: [4.8, 6, 7.2], acid: 'citric', form: 'liquid', cup: 246, note: 'ingredients.limeJuice' },
  { id: 'vinegar', names: ['vinegar', 'cider vinegar', 'apple cider vinegar', 'white vinegar', 'distilled vinegar', 'white wine vinegar', 'red wine vinegar', 'wine vinegar', 'distilled white vinegar', 'white distilled vinegar', 'sherry vinegar', 'spirit vinegar', 'raw cider vinegar', 'apple vinegar', 'pickling vinegar', 'white cider vinegar'], solubles: [5, 5.6, 6.5], sugars: [0, 0.2, 0.6], pH: [2.4, 2.6, 3], ta: [5, 5, 5.2], acid: 'acetic', form: 'liquid', cup: 239, note: 'ingredients.vinegar' },
  { id: 'balsamic-vinegar', names: ['balsamic vinegar', 'balsamic', 'white balsamic vinegar', 'aged balsamic vinegar'], solubles: [18, 25, 40], sugars: [12, 18, 32], sucrose: 0, pH: [2.6, 2.9, 3.2], ta: [5.5, 6, 6.5], acid: 'acetic', form: 'liquid', cup: 255, note: 'ingredients.balsamicVinegar' },
  { id: 'malt-vinegar', names: ['malt vinegar', 'brown malt vinegar', 'distilled malt vinegar', 'brown vinegar', 'beer vinegar'], solubles: [5, 5.8, 7], sugars: [0, 0.3, 0.8], pH: [2.4, 2.7, 3], ta: [4.5, 5, 5.5], acid: 'acetic', form: 'liquid', cup: 239, note: 'ingredients.maltVinegar' },
  { id: 'rice-vinegar', names: ['rice vinegar', 'rice wine vinegar', 'seasoned rice vinegar'], solubles: [4, 5, 9], sugars: [0, 1, 5], pH: [2.5, 2.8, 3.2], ta: [4, 4.2, 4.5], acid: 'acetic', form: 'liquid', cup: 239, note: 'ingredients.riceVinegar' },
  { id: 'fruit-vinegar', names: ['fruit vinegar', 'raspberry vinegar', 'blackberry vinegar', 'pear vinegar', 'strawberry vinegar', 'plum vinegar', 'fig vinegar', 'quince vinegar'], solubles: [4, 12, 40], sugars: [0, 8, 35], sucrose: 0.5, pH: [2.5, 2.9, 3.3], ta: [3, 4.8, 6], acid: 'acetic', form: 'liquid', cup: 245, note: 'ingredients.fruitVinegar' },
  { id: 'unknown-vinegar', names: ['homemade vinegar', 'home-made vinegar', 'homemade cider vinegar', 'home-made cider vinegar', 'homemade apple cider vinegar', 'homemade wine vinegar', 'homemade fruit vinegar', 'diluted vinegar', 'watered-down vinegar', 'diluted cider vinegar', 'diluted white vinegar', 'weak vinegar'], solubles: [1, 4, 7], sugars: [0, 0.3, 1], pH: [2.5, 2.9, 3.6], ta: [1, 3.5, 6], acid: 'acetic', form: 'liquid', cup: 238, note: 'ingredients.unknownVinegar' },
  { id: 'tartaric-acid', names: ['tartaric acid', 'tartaric acid powder'], solubles: [98, 100, 100], pH: [1.4, 1.5, 1.6], ta: [97, 99, 100], acid: 'tartaric', form: 'grains', cup: 220 },
  { id: 'malic-acid', names: ['malic acid', 'malic acid powder'], solubles: [98, 100, 100], pH: [1.4, 1.6, 1.8], ta: [97, 99, 100], acid: 'malic', form: 'grains', cup: 200 },
  { id: 'ascorbic-acid', names: ['ascorbic acid', 'vitamin c powder', 'ascorbic acid powder', 'powdered ascorbic acid', 'fruit preservative powder'], solubles: [98, 100, 100], pH: [1.9, 2, 2.1], ta: [33, 34, 34.1], acid: 'acetic', form: 'grains', cup: 190, note: 'ingredients.ascorbicAcid' },
  { id: 'cream-of-tartar', names: ['cream of tartar', 'potassium bitartrate'], solubles: [98, 100, 100], pH: [3.6, 3.7, 3.8], ta: [39, 39.9, 40.5], acid: 'tartaric', form: 'grains', cup: 144, note: 'ingredients.creamOfTartar' },
  { id: 'citric-acid', names: ['citric acid', 'citric acid powder'], solubles: [91.4, 100, 100], pH: [1.4, 1.5, 1.6], ta: [91, 99, 100], acid: 'citric', form: 'grains', cup: 220 },
];

// prettier-ignore
const LIQUIDS: readonly (Entry & { readonly kind: 'water' | 'juice' })[] = [
  { kind: 'water', id: 'water', names: ['water', 'tap water', 'cold water', 'boiling water', 'hot water', 'warm water', 'filtered water', 'distilled water', 'spring water', 'mineral water', 'sparkling water', 'soda water', 'iced water', 'ice water', 'rain water', 'just boiled water'], solubles: [0, 0, 0], calcium: [0, 4, 12], form: 'liquid', cup: 236.2, from: CRC },
  { kind: 'water', id: 'infusion', names: ['infusion', 'herb infusion', 'flower infusion', 'mint infusion', 'elderflower infusion', 'lavender infusion', 'rose petal infusion', 'rose infusion', 'basil infusion', 'tea infusion', 'brewed tea', 'strong tea', 'dandelion infusion', 'violet infusion', 'strained infusion', 'rooibos tea', 'chamomile tea', 'peppermint tea infusion', 'green tea infusion', 'strong black tea', 'cold tea', 'brewed coffee', 'espresso', 'strong coffee', 'strong brewed coffee', 'black coffee', 'lavender tea', 'hibiscus infusion', 'rosemary infusion', 'mint tea', 'thyme infusion', 'sage infusion', 'geranium infusion'], solubles: [0.1, 0.4, 1], calcium: [0, 5, 12], form: 'liquid', cup: 237 },
  { kind: 'juice', id: 'apple-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.2, 0.45], names: ['apple juice', 'cloudy apple juice', 'clear apple juice', 'bottled apple juice', 'carton apple juice', 'pressed apple juice'], solubles: [10, 11.5, 13], insolubles: [0, 0.1, 0.3], sugars: [9, 10, 11.5], sucrose: 0.15, pH: [3.3, 3.6, 4], ta: [0.25, 0.45, 0.8], acid: 'malic', form: 'liquid', cup: 248 },
  { kind: 'juice', id: 'apple-juice-concentrate', calcium: [15, 20, 26], acidClass: 'high', pectin: [0, 0.2, 0.5], names: ['apple juice concentrate', 'frozen apple juice concentrate', 'concentrated apple juice'], solubles: [38, 43, 70], insolubles: [0, 0.1, 0.3], sugars: [34, 39, 64], sucrose: 0.1, pH: [3.2, 3.5, 3.9], ta: [0.9, 1.6, 2.8], acid: 'malic', form: 'liquid', cup: 282, note: 'ingredients.juiceConcentrate' },
  { kind: 'juice', id: 'grape-juice-concentrate', calcium: [10, 15, 22], acidClass: 'high', pectin: [0, 0.1, 0.3], names: ['grape juice concentrate', 'frozen grape juice concentrate', 'concentrated grape juice', 'white grape juice concentrate', 'frozen white grape juice concentrate'], solubles: [42, 47, 68], insolubles: [0, 0.1, 0.3], sugars: [39, 44, 62], sucrose: 0.2, pH: [2.9, 3.3, 3.7], ta: [0.6, 1, 2.2], acid: 'tartaric', form: 'liquid', cup: 288, note: 'ingredients.juiceConcentrate' },
  { kind: 'juice', id: 'orange-juice-concentrate', calcium: [26, 34, 42], acidClass: 'high', pectin: [0, 0.1, 0.3], names: ['orange juice concentrate', 'frozen orange juice concentrate', 'concentrated orange juice'], solubles: [38, 42, 66], insolubles: [0.2, 0.5, 1], sugars: [32, 37, 58], sucrose: 0.45, pH: [3.3, 3.7, 4.1], ta: [1.8, 2.6, 4.2], acid: 'citric', form: 'liquid', cup: 284, note: 'ingredients.juiceConcentrate' },
  { kind: 'juice', id: 'cider', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.2, 0.45], names: ['fresh cider', 'sweet cider', 'apple cider', 'fresh apple cider', 'pressed cider', 'fresh-pressed cider', 'sweet apple cider', 'unfermented cider', 'soft cider'], solubles: [10.5, 12, 14], insolubles: [0.1, 0.3, 0.6], sugars: [9, 10.5, 12.5], sucrose: 0.15, pH: [3.3, 3.6, 4], ta: [0.25, 0.45, 0.8], acid: 'malic', form: 'liquid', cup: 248, note: 'ingredients.cider' },
  { kind: 'juice', id: 'grapefruit-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.05, 0.1], names: ['grapefruit juice', 'fresh grapefruit juice', 'bottled grapefruit juice'], solubles: [8.5, 10, 12], insolubles: [0, 0.2, 0.5], sugars: [6.5, 7.8, 9], sucrose: 0.4, pH: [2.9, 3.2, 3.6], ta: [0.9, 1.3, 2], acid: 'citric', form: 'liquid', cup: 247 },
  { kind: 'juice', id: 'pineapple-juice', calcium: [8, 13, 20], acidClass: 'high', pectin: [0, 0.05, 0.1], names: ['pineapple juice', 'unsweetened pineapple juice', 'bottled pineapple juice', 'canned pineapple juice'], solubles: [11, 13, 15], insolubles: [0, 0.2, 0.4], sugars: [9, 10.5, 12.5], sucrose: 0.5, pH: [3.2, 3.5, 3.9], ta: [0.5, 0.75, 1.1], acid: 'citric', form: 'liquid', cup: 250 },
  { kind: 'juice', id: 'fruit-nectar', calcium: [4, 8, 14], acidClass: 'high', pectin: [0, 0.15, 0.3], names: ['apricot nectar', 'peach nectar', 'pear nectar', 'fruit nectar'], solubles: [12, 14.5, 17], insolubles: [0.3, 0.6, 1.2], sugars: [11, 13.5, 16], sucrose: 0.5, pH: [3.3, 3.7, 4.1], ta: [0.25, 0.4, 0.7], acid: 'citric', form: 'liquid', cup: 251, note: 'ingredients.fruitNectar' },
  { kind: 'juice', id: 'verjuice', calcium: [5, 10, 20], acidClass: 'high', names: ['verjuice', 'verjus'], solubles: [5, 7.5, 10], sugars: [1, 3.5, 6.5], sucrose: 0.02, pH: [2.5, 2.8, 3.2], ta: [1.5, 2.2, 3], acid: 'tartaric', form: 'liquid', cup: 242, note: 'ingredients.verjuice' },
  { kind: 'juice', id: 'orange-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.05, 0.1], names: ['orange juice', 'fresh orange juice', 'freshly squeezed orange juice', 'bottled orange juice', 'carton orange juice'], solubles: [9.5, 11.3, 13], insolubles: [0, 0.2, 0.5], sugars: [7.5, 8.5, 10], sucrose: 0.5, pH: [3.3, 3.7, 4.1], ta: [0.6, 0.85, 1.3], acid: 'citric', form: 'liquid', cup: 248 },
  { kind: 'juice', id: 'cranberry-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.3, 0.6], names: ['cranberry juice', 'unsweetened cranberry juice'], solubles: [6.5, 7.5, 9], sugars: [3, 4, 5.5], sucrose: 0.03, pH: [2.4, 2.6, 2.9], ta: [1.5, 2, 2.5], acid: 'citric', form: 'liquid', cup: 247 },
  { kind: 'juice', id: 'grape-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.1, 0.25], names: ['grape juice', 'unsweetened grape juice', 'bottled grape juice', 'concord grape juice', 'purple grape juice', 'white grape juice', 'red grape juice'], solubles: [14, 16, 19], sugars: [13, 14.5, 17], sucrose: 0.01, pH: [3, 3.4, 3.8], ta: [0.4, 0.6, 1], acid: 'tartaric', form: 'liquid', cup: 253 },
  { kind: 'juice', id: 'pomegranate-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.05, 0.15], names: ['pomegranate juice', 'bottled pomegranate juice'], solubles: [12, 14, 16.5], sugars: [10.5, 12.5, 14.5], sucrose: 0.02, pH: [2.9, 3.2, 3.6], ta: [0.8, 1.2, 1.9], acid: 'citric', form: 'liquid', cup: 249 },
];

/**
 * Added pectins. A 49 g box of regular powder carries about 15 g of 150-grade, an 85 mL pouch about
 * 10 g (common practice); makers differ, and a pack's own figures override these.
 */
// prettier-ignore
const PECTINS: readonly Entry[] = [
  { id: 'powdered-pectin', names: ['powdered pectin', 'regular powdered pectin', 'pectin powder', 'dry pectin', 'regular pectin', 'pectin', 'fruit pectin', 'powdered fruit pectin', 'classic pectin', 'classic powdered pectin', 'dry fruit pectin', 'original powdered pectin', 'original pectin', 'regular dry pectin', 'regular fruit pectin', 'jam setting powder', 'powder pectin', 'classic fruit pectin', 'pectin crystals'], solubles: [97, 98, 99], sugars: [55, 60, 66], sucrose: 0, pH: [2.4, 2.6, 2.8], ta: [3, 4, 6], acid: 'citric', pectin: [26, 30.6, 34], form: 'grains', cup: 136, packs: { box: 49, package: 49, packet: 49, pack: 49, sachet: 13 }, from: PACK_FIGURES },
  { id: 'high-methoxyl-pectin', names: ['high-methoxyl pectin', 'hm pectin', 'pure high-methoxyl pectin', 'yellow pectin', 'pectin jaune', 'jaune pectin', 'slow-set pectin', 'rapid-set pectin', 'apple pectin', 'apple pectin powder', 'pure pectin powder'], solubles: [97, 98, 99], pectin: [88, 95, 100], form: 'grains', cup: 136, note: 'ingredients.highMethoxylPectin' },
  { id: 'liquid-pectin', names: ['liquid pectin', 'liquid fruit pectin', 'bottled pectin', 'pectin liquid', 'liquid apple pectin'], solubles: [11, 14, 17], sugars: [0, 0.5, 2], sucrose: 0, pH: [2.7, 2.9, 3.2], ta: [0.8, 1.2, 1.8], acid: 'citric', pectin: [9.5, 11.4, 13], form: 'liquid', cup: 245, packs: { pouch: 88, packet: 88, package: 88, bottle: 176, envelope: 88 }, from: PACK_FIGURES },
  { id: 'low-sugar-pectin', names: ['low-sugar pectin', 'low sugar pectin', 'no-sugar pectin', 'no sugar pectin', 'no-sugar-needed pectin', 'low or no sugar pectin', 'reduced sugar pectin', 'light pectin', 'low-sugar powdered pectin', 'powdered low-sugar pectin', 'no-sugar powdered pectin', 'low sugar fruit pectin', 'sugar-free pectin', 'less sugar pectin', 'pectin for low sugar jam', 'low or no-sugar-needed pectin', 'no sugar needed powdered pectin', 'reduced-sugar powdered pectin'], solubles: [97, 98, 99], sugars: [48, 55, 62], sucrose: 0, pH: [2.6, 2.8, 3.2], ta: [2, 4, 6], acid: 'citric', pectin: [24, 30, 36], gelling: 'low-methoxyl', calcium: [400, 750, 1100], form: 'grains', cup: 136, packs: { box: 49, package: 49, packet: 49, pack: 49 }, from: PACK_FIGURES, note: 'ingredients.lowSugarPectin' },
  { id: 'low-methoxyl-pectin', names: ['low-methoxyl pectin', 'low methoxyl pectin', 'lm pectin', 'nh pectin', 'pectin nh', 'calcium pectin', 'low-methoxyl pectin powder', 'low methoxyl pectin powder', 'amidated pectin', 'calcium-activated pectin'], solubles: [97, 98, 99], pectin: [90, 98, 100], gelling: 'low-methoxyl', form: 'grains', cup: 144, packs: { box: 28, package: 28, packet: 28 }, from: PACK_FIGURES, note: 'ingredients.lowMethoxylPectin' },
];

const CALCIUM_WATER: Entry = {
  id: 'calcium-water',
  names: ['calcium water'],
  solubles: [1.2, 1.7, 2.2],
  calcium: [220, 280, 340],
  form: 'liquid',
  cup: 237,
  from: commonPractice('½ tsp monocalcium phosphate in ½ cup of water'),
  note: 'ingredients.homemadePectin',
};

/** Spice and scent: grams a cup matter, what they hold hardly does. */
const dry = (id: string, names: Entry['names'], cup: number, piece?: Three): Entry => ({
  ...(piece === undefined ? {} : { piece }),
  id,
  names,
  solubles: [18, 25, 30],
  insolubles: [52, 62, 68],
  form: 'grains',
  cup,
});
const fresh = (id: string, names: Entry['names'], cup: number): Entry => ({
  packs: { sprig: 1.5, bunch: 30, leaf: 0.2 },
  id,
  names,
  solubles: [3, 5, 9],
  insolubles: [4, 8, 12],
  form: 'chopped',
  cup,
});

const SEASONINGS: readonly Entry[] = [
  { id: 'salt', names: ['salt', 'table salt', 'sea salt', 'canning salt', 'kosher salt', 'fine salt', 'coarse salt', 'fine sea salt', 'coarse sea salt', 'flaky salt', 'flaky sea salt', 'sea salt flakes', 'pickling salt', 'cooking salt', 'himalayan salt', 'pink salt', 'iodised salt', 'iodized salt'], solubles: [100, 100, 100], form: 'grains', cup: 288 },
  { id: 'vanilla-extract', names: ['vanilla extract', 'vanilla', 'vanilla essence', 'pure vanilla extract', 'vanilla bean paste', 'vanilla paste', 'vanilla flavouring', 'vanilla flavoring'], solubles: [5, 13, 20], form: 'liquid', cup: 208 },
  { id: 'zest', names: ['lemon zest', 'orange zest', 'lime zest', 'grated lemon zest', 'grated orange zest', 'grapefruit zest', 'clementine zest', 'tangerine zest', 'mandarin zest', 'grated lemon rind', 'grated orange rind', 'lemon rind', 'orange rind', 'lime rind', 'grated lime zest', 'citrus zest', 'seville orange zest', 'yuzu zest', 'bergamot zest'], solubles: [6, 9, 12], insolubles: [7, 10, 14], form: 'grains', cup: 96 },
  { id: 'citrus-peel', names: ['citrus peel', 'lemon peel', 'orange peel', 'lime peel', 'grapefruit peel', 'clementine peel', 'mandarin peel', 'tangerine peel', 'seville orange peel'], solubles: [10, 14, 18], insolubles: [8, 11, 15], sugars: [5, 7.5, 10], sucrose: 0.3, pectin: [1.5, 2.8, 4], calcium: [100, 140, 170], form: 'sliced', cup: 96, note: 'ingredients.citrusPeel' },
  { id: 'candied-peel', names: ['candied peel', 'mixed peel', 'candied mixed peel', 'candied orange peel', 'candied lemon peel', 'candied citron', 'candied citrus peel', 'chopped mixed peel', 'crystallised peel'], solubles: [72, 79, 85], insolubles: [1.5, 3, 5], sugars: [62, 72, 80], sucrose: 0.5, form: 'chopped', cup: 150 },
  { id: 'extract', names: ['almond extract', 'lemon extract', 'orange extract', 'peppermint extract', 'mint extract', 'rum extract', 'almond essence', 'maple extract', 'lemon essence', 'orange essence', 'coconut extract', 'pure almond extract', 'brandy extract', 'rum essence'], solubles: [0, 3, 8], form: 'liquid', cup: 208 },
  { id: 'food-colouring', names: ['food colouring', 'food coloring', 'green food colouring', 'green food coloring', 'red food colouring', 'red food coloring', 'yellow food coloring', 'liquid food colouring', 'liquid food coloring'], solubles: [1, 5, 12], form: 'liquid', cup: 240 },
  { id: 'flower-water', names: ['rose water', 'rosewater', 'orange flower water', 'orange blossom water', 'orangeflower water', 'elderflower water', 'lavender water'], solubles: [0, 0, 0.5], form: 'liquid', cup: 237 },
  { id: 'candied-ginger', piece: [10, 17, 25], names: ['crystallised ginger', 'crystallized ginger', 'candied ginger', 'stem ginger', 'preserved ginger', 'ginger in syrup', 'stem ginger in syrup', 'crystallised stem ginger', 'glace ginger'], solubles: [75, 82, 88], insolubles: [1, 2, 4], sugars: [70, 77, 84], sucrose: 0.8, form: 'chopped', cup: 170 },
  dry('cinnamon', ['cinnamon', 'ground cinnamon', 'cinnamon stick', 'cinnamon sticks', 'cinnamon bark', 'cinnamon powder', 'cinnamon quill', 'cinnamon quills', 'powdered cinnamon', 'stick cinnamon'], 125, [2, 3, 5]),
  dry('cloves', ['cloves', 'ground cloves', 'whole cloves', 'clove', 'ground clove', 'powdered cloves'], 102, [0.05, 0.08, 0.12]),
  dry('nutmeg', ['nutmeg', 'grated nutmeg', 'mace', 'ground nutmeg', 'freshly grated nutmeg', 'ground mace', 'blade mace', 'mace blades'], 112, [4, 6, 8]),
  dry('vanilla-pod', ['vanilla pod', 'vanilla pods', 'vanilla bean', 'vanilla beans'], 100, [2, 3, 5]),
  dry('allspice', ['allspice', 'ground allspice', 'allspice berries', 'whole allspice', 'pimento berries'], 96, [0.04, 0.07, 0.1]),
  dry('ground-ginger', ['ground ginger', 'powdered ginger'], 83),
  dry('cardamom', ['cardamom', 'ground cardamom', 'cardamom pods', 'cardamom pod', 'green cardamom pods', 'cardamom seeds', 'green cardamom', 'cardamom powder'], 93, [0.1, 0.2, 0.3]),
  dry('star-anise', ['star anise', 'anise', 'aniseed', 'star anise pods', 'anise seed', 'anise seeds', 'ground star anise'], 100, [0.6, 1, 1.5]),
  dry('black-pepper', ['black pepper', 'ground black pepper', 'peppercorns', 'white pepper', 'ground pepper', 'black peppercorns', 'pink peppercorns', 'cracked black pepper', 'white peppercorns', 'green peppercorns', 'coarse black pepper'], 110, [0.02, 0.035, 0.05]),
  dry('chilli-flakes', ['chilli flakes', 'red pepper flakes', 'chili flakes', 'hot pepper flakes', 'dried chilli flakes', 'crushed red pepper', 'crushed red pepper flakes', 'dried red pepper flakes', 'dried hot pepper flakes', 'dried chilli', 'dried chillies', 'dried red chillies'], 86),
  dry('cayenne', ['cayenne', 'cayenne pepper', 'ground cayenne', 'ground cayenne pepper', 'paprika', 'smoked paprika', 'chipotle powder', 'ground red pepper'], 86),
  dry('pie-spice', ['pie spice', 'apple pie spice', 'pumpkin pie spice', 'pumpkin spice', 'mixed spice', 'pudding spice', 'mulling spice', 'mulling spices', 'speculaas spice', 'gingerbread spice', 'chai spice', 'pickling spice', 'ground mixed spice', 'baking spice'], 96),
  dry('juniper', ['juniper berries', 'juniper berry', 'juniper', 'crushed juniper berries'], 80, [0.05, 0.1, 0.15]),
  dry('spice', ['fennel seeds', 'fennel seed', 'coriander seeds', 'coriander seed', 'ground coriander', 'cumin', 'ground cumin', 'cumin seeds', 'mustard seeds', 'mustard seed', 'caraway seeds', 'caraway', 'turmeric', 'ground turmeric', 'saffron', 'saffron threads', 'sumac', 'curry powder', 'poppy seeds', 'sesame seeds', 'celery seeds', 'celery seed', 'dill seed', 'nigella seeds', 'mahlab', 'tonka beans', 'tonka bean', 'grains of paradise', 'szechuan peppercorns'], 95),
  dry('bay', ['bay leaf', 'bay leaves', 'dried bay leaves', 'dried bay leaf', 'bay', 'fresh bay leaves', 'fresh bay leaf', 'bay laurel leaves'], 20, [0.1, 0.2, 0.5]),
  dry('dried-herbs', ['dried thyme', 'dried rosemary', 'dried sage', 'dried mint', 'dried lavender', 'dried lavender flowers', 'dried lavender buds', 'culinary lavender', 'dried basil', 'dried oregano', 'dried tarragon', 'dried marjoram', 'dried elderflowers', 'dried hibiscus', 'dried hibiscus flowers'], 30),
  dry('coffee', ['coffee', 'ground coffee', 'coffee beans', 'instant coffee', 'espresso powder', 'instant espresso'], 75),
  dry('tea', ['tea', 'tea leaves', 'loose tea', 'black tea', 'green tea', 'earl grey tea', 'black tea leaves', 'tea leaf'], 80),
  fresh('ginger', ['ginger', 'fresh ginger', 'ginger root', 'grated ginger', 'root ginger', 'fresh ginger root', 'fresh root ginger', 'gingerroot', 'minced ginger'], 96),
  fresh('mint', ['mint', 'fresh mint', 'spearmint', 'peppermint', 'apple mint'], 45),
  fresh('basil', ['basil', 'lemon verbena', 'fresh basil', 'thai basil', 'lemon basil', 'lemon balm', 'lemon thyme', 'pineapple sage', 'tarragon', 'parsley', 'coriander leaves', 'cilantro', 'fresh coriander', 'lemongrass', 'marjoram', 'oregano', 'dill', 'chives', 'scented geranium leaves', 'geranium leaves', 'rose geranium leaves', 'lemon verbena leaves', 'shiso'], 32),
  fresh('thyme', ['thyme', 'fresh thyme', 'lemon thyme leaves'], 40),
  fresh('rosemary', ['rosemary', 'fresh rosemary', 'rosemary needles'], 45),
  fresh('sage', ['sage', 'fresh sage'], 32),
  fresh('lavender', ['lavender', 'lavender flowers', 'lavender buds'], 25),
  fresh('rose-petals', ['rose petals', 'petals', 'dried rose petals', 'fresh rose petals', 'red rose petals'], 18),
  { ...fresh('elderflower', ['elderflower', 'elderflowers', 'elder flowers', 'elder blossom', 'elder blossoms', 'elderflower blossoms'], 20), packs: { head: 8 } },
]; // prettier-ignore

/**
 * Alcohol counts as water here: what is cooked loses it with the water, what goes in at the end
 * keeps both.
 */
const spirit = (id: string, names: Entry['names'], solubles: Three, cup: number): Entry => ({
  id,
  names,
  solubles,
  sugars: [solubles[0] * 0.9, solubles[1] * 0.9, solubles[2] * 0.9],
  sucrose: 0.5,
  form: 'liquid',
  cup,
});

const SPIRITS: readonly Entry[] = [
  spirit(
    'brandy',
    [
      'brandy',
      'apple brandy',
      'cognac-style brandy',
      'cognac',
      'calvados',
      'grappa',
      'plum brandy',
      'pear brandy',
      'apricot brandy',
      'eau de vie',
      'pisco',
    ],
    [0, 0, 1],
    222,
  ),
  spirit(
    'rum',
    ['rum', 'dark rum', 'white rum', 'golden rum', 'spiced rum', 'light rum'],
    [0, 0, 1],
    222,
  ),
  spirit(
    'whisky',
    [
      'whisky',
      'whiskey',
      'bourbon',
      'bourbon whiskey',
      'scotch',
      'rye whiskey',
      'scotch whisky',
      'irish whiskey',
    ],
    [0, 0, 0],
    222,
  ),
  spirit(
    'gin',
    ['gin', 'sloe gin', 'vodka', 'damson gin', 'tequila', 'aquavit', 'london dry gin', 'dry gin'],
    [0, 0, 2],
    222,
  ),
  spirit('kirsch', ['kirsch', 'kirschwasser', 'slivovitz'], [0, 0, 0], 222),
  spirit('beer', ['beer', 'stout', 'ale', 'lager', 'porter', 'brown ale'], [2.5, 4, 6], 240),
  {
    ...spirit(
      'hard-cider',
      [
        'hard cider',
        'dry cider',
        'strong cider',
        'alcoholic cider',
        'scrumpy',
        'medium cider',
        'fermented cider',
        'hard apple cider',
        'perry',
      ],
      [1.5, 3, 5],
      240,
    ),
    pH: [3.2, 3.6, 4],
    ta: [0.3, 0.5, 0.8],
    acid: 'malic',
  },
  {
    ...spirit(
      'wine',
      [
        'wine',
        'red wine',
        'white wine',
        'dry white wine',
        'dry red wine',
        'rose wine',
        'sparkling wine',
        'champagne',
        'prosecco',
        'cava',
        'mulled wine',
        'merlot',
        'dry wine',
        'fruit wine',
        'elderberry wine',
        'dandelion wine',
        'fruity red wine',
        'full-bodied red wine',
        'dry rose wine',
        'cabernet',
      ],
      [1, 2.5, 5],
      235,
    ),
    packs: { bottle: 745 },
  },
  spirit(
    'port',
    [
      'port',
      'sweet wine',
      'sherry',
      'ruby port',
      'tawny port',
      'cream sherry',
      'dry sherry',
      'sweet sherry',
      'marsala',
      'madeira',
      'vermouth',
      'sweet vermouth',
      'dry vermouth',
      'dessert wine',
      'port wine',
      'ginger wine',
    ],
    [8, 11, 14],
    245,
  ),
  spirit(
    'orange-liqueur',
    [
      'orange liqueur',
      'liqueur',
      'cherry brandy',
      'triple sec',
      'limoncello',
      'creme de cassis',
      'cassis',
      'amaretto',
      'schnapps',
      'peach schnapps',
      'cherry liqueur',
      'elderflower liqueur',
      'raspberry liqueur',
      'sloe liqueur',
      'black raspberry liqueur',
      'apricot liqueur',
      'maraschino liqueur',
      'herb liqueur',
      'hazelnut liqueur',
      'curacao',
    ],
    [25, 32, 40],
    250,
  ),
];

// prettier-ignore
const FOODS: readonly Entry[] = [
  { id: 'butter', names: ['butter', 'unsalted butter', 'salted butter', 'sweet butter', 'cold butter', 'melted butter', 'soft butter'], solubles: [0, 0.1, 0.5], insolubles: [80, 82, 85], insolublesAre: 'fat', packs: { stick: 113.4 }, form: 'packed', cup: 227, from: UNITS_CUPS, note: 'ingredients.butter' },
  { id: 'cream', names: ['cream', 'double cream', 'heavy cream', 'whipping cream', 'single cream', 'thick cream', 'thickened cream', 'half and half', 'light cream', 'pouring cream', 'clotted cream'], solubles: [3, 3.5, 5], insolubles: [30, 38, 48], insolublesAre: 'fat', calcium: [60, 65, 90], form: 'liquid', cup: 232, from: UNITS_CUPS, noShelf: DAIRY },
  { id: 'condensed-milk', names: ['condensed milk', 'sweetened condensed milk'], solubles: [60, 63, 66], insolubles: [7, 9, 10], insolublesAre: 'fat', sugars: [52, 54, 57], sucrose: 0.8, calcium: [250, 284, 300], packs: { can: 397, tin: 397 }, form: 'liquid', cup: 306, noShelf: DAIRY },
  { id: 'margarine', names: ['margarine', 'baking spread', 'vegan spread', 'dairy-free spread'], solubles: [0, 1, 3], insolubles: [58, 75, 82], insolublesAre: 'fat', packs: { stick: 113.4 }, form: 'packed', cup: 227 },
  { id: 'peanut-butter', names: ['peanut butter', 'smooth peanut butter', 'crunchy peanut butter'], solubles: [5, 7, 8], insolubles: [82, 88, 91], form: 'packed', cup: 258, noShelf: FATTY },
  { id: 'coconut-milk', names: ['coconut milk', 'tinned coconut milk', 'canned coconut milk', 'light coconut milk'], solubles: [2, 4, 6], insolubles: [12, 22, 26], insolublesAre: 'fat', packs: { can: 400, tin: 400 }, form: 'liquid', cup: 230, noShelf: FATTY },
  { id: 'coconut-cream', names: ['coconut cream', 'creamed coconut', 'cream of coconut'], solubles: [3, 6, 12], insolubles: [22, 34, 65], insolublesAre: 'fat', form: 'liquid', cup: 240, noShelf: FATTY },
  { id: 'gelatin', names: ['gelatin', 'gelatine', 'powdered gelatin', 'powdered gelatine', 'unflavored gelatin', 'unflavoured gelatine', 'gelatin powder', 'gelatine powder', 'leaf gelatine', 'sheet gelatin', 'gelatin sheets', 'gelatine leaves', 'unflavoured gelatin', 'unflavored gelatine'], solubles: [86, 88, 90], packs: { envelope: 7, sachet: 12, packet: 7, leaf: 2, sheet: 2 }, form: 'grains', cup: 150, noShelf: 'ingredients.gelatin' },
  { id: 'agar', names: ['agar', 'agar agar', 'agar powder', 'agar flakes', 'agar-agar powder', 'agar-agar flakes', 'carrageenan'], solubles: [80, 86, 90], form: 'grains', cup: 90, noShelf: 'ingredients.agar' },
  { id: 'chia', names: ['chia', 'chia seeds', 'chia seed'], solubles: [3, 5, 8], insolubles: [84, 89, 91], form: 'grains', cup: 170, noShelf: 'ingredients.chia' },
  { id: 'milk', names: ['milk', 'whole milk', 'skim milk', 'semi-skimmed milk', 'skimmed milk', 'evaporated milk', 'full-fat milk', 'cow milk'], solubles: [8, 9, 12], insolubles: [1, 4, 8], insolublesAre: 'fat', calcium: [100, 120, 280], form: 'liquid', cup: 242, from: UNITS_CUPS, noShelf: DAIRY },
  { id: 'egg', names: ['egg', 'eggs', 'whole egg', 'whole eggs', 'hen egg', 'hens eggs', 'chicken egg', 'chicken eggs', "hen's eggs"], solubles: [0.5, 1, 2], insolubles: [22, 23, 25], insolublesAre: 'egg', calcium: [45, 56, 60], form: 'whole', cup: 243, piece: [44, 50, 56], from: UNITS_CUPS, noShelf: EGG },
  { id: 'egg-yolk', names: ['egg yolk', 'egg yolks', 'yolks of eggs', 'yolk of egg', 'yolks of egg'], solubles: [0.5, 1, 2], insolubles: [47, 49, 51], insolublesAre: 'egg', calcium: [110, 129, 145], form: 'whole', cup: 243, piece: [16.5, 18.6, 20.5], from: UNITS_CUPS, noShelf: EGG },
  { id: 'egg-white', names: ['egg white', 'egg whites', 'whites of eggs', 'white of egg', 'whites of egg'], solubles: [0.7, 1, 1.5], insolubles: [10.5, 11, 12], insolublesAre: 'egg', form: 'whole', cup: 243, piece: [28, 32, 36], noShelf: EGG },
  { id: 'chocolate', names: ['chocolate', 'dark chocolate', 'chocolate chips', 'white chocolate', 'milk chocolate', 'plain chocolate', 'bittersweet chocolate', 'semisweet chocolate', 'cooking chocolate', 'semi-sweet chocolate', 'dark chocolate chips', 'chocolate chunks', 'unsweetened chocolate', 'white chocolate chips'], solubles: [35, 45, 47], insolubles: [46, 52, 53], sugars: [33, 43, 45], sucrose: 1, form: 'chopped', cup: 168, noShelf: FATTY },
  { id: 'cocoa', names: ['cocoa', 'cocoa powder', 'unsweetened cocoa', 'unsweetened cocoa powder', 'cacao powder', 'dutch cocoa'], solubles: [15, 20, 22], insolubles: [70, 75, 77], form: 'grains', cup: 82, from: UNITS_CUPS, noShelf: FATTY },
  { id: 'walnut', names: ['walnuts', 'walnut', 'pecans', 'pecan', 'nuts', 'chopped nuts', 'walnut halves', 'walnut pieces', 'pecan halves', 'pecan pieces', 'macadamias', 'macadamia nuts', 'brazil nuts', 'mixed nuts', 'pine nuts', 'peanuts', 'cashews', 'cashew nuts', 'hickory nuts'], solubles: [3, 5, 7], insolubles: [85, 91, 93], form: 'chopped', cup: 117, noShelf: FATTY },
  { id: 'almond', names: ['almonds', 'almond', 'flaked almonds', 'hazelnuts', 'hazelnut', 'pistachios', 'slivered almonds', 'blanched almonds', 'ground almonds', 'sliced almonds', 'whole almonds', 'pistachio nuts', 'toasted almonds'], solubles: [4, 6, 8], insolubles: [84, 89, 92], form: 'chopped', cup: 140, noShelf: FATTY },
  { id: 'coconut', names: ['coconut', 'desiccated coconut', 'coconut flakes', 'flaked coconut', 'shredded coconut', 'unsweetened coconut', 'fresh coconut', 'coconut flesh', 'grated coconut', 'sweetened coconut', 'sweetened shredded coconut'], solubles: [4, 7, 10], insolubles: [20, 60, 88], form: 'grains', cup: 93, noShelf: FATTY },
  { id: 'oil', names: ['oil', 'olive oil', 'vegetable oil', 'sunflower oil', 'rapeseed oil', 'canola oil', 'neutral oil', 'walnut oil', 'avocado oil', 'sesame oil'], solubles: [0, 0, 0], insolubles: [100, 100, 100], insolublesAre: 'fat', form: 'liquid', cup: 213, from: UNITS_CUPS, noShelf: FATTY },
  { id: 'flour', names: ['flour', 'plain flour', 'wheat flour', 'all-purpose flour', 'all purpose flour', 'white flour', 'bread flour'], solubles: [3, 4, 5], insolubles: [80, 84, 87], form: 'grains', cup: 122, from: UNITS_CUPS, noShelf: STARCH },
  { id: 'cornflour', names: ['cornflour', 'cornstarch', 'tapioca', 'arrowroot', 'starch', 'corn starch', 'tapioca starch', 'instant tapioca', 'arrowroot powder', 'potato starch flour', 'tapioca flour', 'quick-cooking tapioca'], solubles: [0, 1, 2], insolubles: [85, 88, 92], form: 'grains', cup: 120, from: UNITS_CUPS, noShelf: STARCH },
  { id: 'garlic', packs: { head: 45, bulb: 45 }, names: ['garlic', 'garlic clove', 'fresh garlic', 'garlic cloves'], solubles: [12, 25, 32], insolubles: [2, 8, 14], form: 'chopped', cup: 136, piece: [3, 5, 8], edible: 0.88, noShelf: GARLIC },
];

const rangeOf = ([low, typical, high]: Three): Range => range(low, typical, high);

const toRow =
  (kind: OtherIngredient['kind']) =>
  (entry: Entry): OtherIngredient => ({
    kind,
    id: entry.id,
    name: entry.names[0],
    alsoCalled: entry.names.slice(1),
    make: {
      solublesPct: rangeOf(entry.solubles),
      insolublesPct: rangeOf(entry.insolubles ?? [0, 0, 0]),
      sugarsPct: rangeOf(entry.sugars ?? [0, 0, 0]),
      sucroseShare: entry.sucrose ?? 0,
      insolublesAre: entry.insolublesAre ?? 'fibre',
    },
    ...(entry.pH && entry.ta && entry.acid
      ? { sour: { pH: rangeOf(entry.pH), taPct: rangeOf(entry.ta), acids: [[entry.acid, 1]] } }
      : {}),
    pectinPct: rangeOf(entry.pectin ?? [0, 0, 0]),
    gelling: entry.gelling ?? 'high-methoxyl',
    calciumMg: rangeOf(entry.calcium ?? [0, 0, 0]),
    edibleShare: entry.edible ?? 1,
    cups: { [entry.form]: range(entry.cup * 0.97, entry.cup, entry.cup * 1.03) },
    usualForm: entry.form,
    provenance: entry.from ?? FDC,
    ...(entry.acidClass === undefined ? {} : { acidClass: entry.acidClass }),
    ...(entry.piece === undefined ? {} : { pieceG: rangeOf(entry.piece) }),
    ...(entry.packs === undefined ? {} : { packs: entry.packs }),
    ...(entry.setsFruit === undefined ? {} : { setsFruit: entry.setsFruit }),
    ...(entry.fadesInHeat === undefined ? {} : { fadesInHeat: entry.fadesInHeat }),
    ...(entry.note === undefined ? {} : { note: entry.note }),
    ...(entry.noShelf === undefined ? {} : { noShelf: entry.noShelf }),
  });

/**
 * What is not fruit: sweeteners, acids, liquids, seasonings, spirits, and foods that bar the shelf.
 */
export const OTHER_INGREDIENTS: readonly OtherIngredient[] = [
  ...SWEETENERS.map(toRow('sweetener')),
  ...ACIDS.map(toRow('acid')),
  ...PECTINS.map(toRow('pectin')),
  toRow('calcium')(CALCIUM_WATER),
  ...LIQUIDS.map((entry) => toRow(entry.kind)(entry)),
  ...SEASONINGS.map(toRow('seasoning')),
  ...SPIRITS.map(toRow('spirit')),
  ...FOODS.map(toRow('food')),
];
