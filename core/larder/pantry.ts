import {
  commonPractice,
  fromMemory,
  published,
  range,
  type Provenance,
  type Range,
} from '../quantity/index.ts';
import type { AcidClass, AcidId, Form, Gelling, Make, Pantry } from './ingredient.ts';

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
  readonly note?: string;
  readonly noShelf?: string;
  readonly pectin?: Three;
  readonly gelling?: Gelling;
  readonly calcium?: Three;
  readonly insolublesAre?: Make['insolublesAre'];
  readonly acidClass?: AcidClass;
  /** Grams in one piece as bought, and the share left of it. */
  readonly piece?: Three;
  readonly edible?: number;
  readonly packs?: Pantry['packs'];
  readonly fadesInHeat?: boolean;
};

const DAIRY = 'Dairy in a spread is not safe on the shelf.';
const EGG = 'Eggs in a jam are not safe on the shelf.';
const FATTY = 'Nuts, chocolate, coconut and oil in a spread are not safe on the shelf.';
const STARCH = 'Flour and starch thickeners keep heat from reaching the middle of the jar.';
const GARLIC = 'Garlic is low-acid, and no tested jam with it is in here.';
const WEAK_SUGAR = 'It sets and keeps otherwise than sugar does.';

// prettier-ignore
const SWEETENERS: readonly Entry[] = [
  { id: 'sugar', names: ['white sugar', 'sugar', 'granulated sugar', 'caster sugar', 'castor sugar', 'superfine sugar', 'preserving sugar', 'cane sugar', 'beet sugar'], solubles: [100, 100, 100], sugars: [100, 100, 100], sucrose: 1, form: 'grains', cup: 200, from: UNITS_CUPS },
  { id: 'brown-sugar', names: ['brown sugar', 'light brown sugar', 'dark brown sugar', 'soft brown sugar', 'muscovado', 'muscovado sugar'], solubles: [97.5, 98.5, 99], sugars: [96, 97, 98], sucrose: 0.97, form: 'packed', cup: 217, calcium: [60, 83, 100], from: UNITS_CUPS },
  { id: 'raw-sugar', names: ['demerara sugar', 'demerara', 'turbinado sugar', 'turbinado', 'raw sugar', 'golden caster sugar', 'golden granulated sugar'], solubles: [99, 99.5, 100], sugars: [98, 99, 100], sucrose: 0.99, form: 'grains', cup: 200 },
  { id: 'honey', names: ['honey', 'clear honey', 'runny honey', 'liquid honey'], solubles: [80, 82, 84], sugars: [75, 79, 82], sucrose: 0.015, pH: [3.6, 3.9, 4.5], ta: [0.1, 0.2, 0.3], acid: 'citric', form: 'liquid', cup: 333, from: UNITS_CUPS, note: WEAK_SUGAR },
  { id: 'maple-syrup', names: ['maple syrup'], solubles: [66, 67, 68.5], sugars: [58, 61, 66], sucrose: 0.95, form: 'liquid', cup: 315, calcium: [60, 100, 130], note: WEAK_SUGAR },
  { id: 'golden-syrup', names: ['golden syrup', 'light treacle'], solubles: [81, 82.5, 84], sugars: [76, 79, 82], sucrose: 0.45, form: 'liquid', cup: 340, note: WEAK_SUGAR },
  { id: 'corn-syrup', names: ['corn syrup', 'light corn syrup', 'glucose syrup'], solubles: [77, 79, 82], sugars: [30, 45, 76], sucrose: 0, form: 'liquid', cup: 326, from: UNITS_CUPS, note: WEAK_SUGAR },
  { id: 'jam-sugar', names: ['jam sugar', 'jelly sugar', 'gelling sugar', 'sugar with pectin'], solubles: [99.5, 100, 100], sugars: [97.5, 98.5, 99], sucrose: 1, pH: [2.3, 2.5, 2.7], ta: [0.4, 0.7, 1], acid: 'citric', pectin: [0.4, 0.7, 1], form: 'grains', cup: 200, note: 'Sugar with pectin and citric acid in it; how much differs by maker.' },
  { id: 'sucralose-sweetener', names: ['sucralose sweetener', 'granulated sucralose', 'sucralose', 'sugar substitute', 'granular sweetener'], solubles: [93, 97, 99], form: 'grains', cup: 25, note: 'It sweetens, and holds up in the canner, but neither sets nor preserves.' },
  { id: 'fading-sweetener', names: ['aspartame', 'saccharin', 'stevia', 'stevia sweetener', 'monk fruit sweetener', 'low-calorie sweetener', 'artificial sweetener'], solubles: [93, 97, 99], form: 'grains', cup: 25, fadesInHeat: true, note: 'It fades or turns bitter when boiled; stir it in after cooking, and keep the jars in the fridge.' },
  { id: 'polyol', names: ['erythritol', 'xylitol'], solubles: [99, 100, 100], form: 'grains', cup: 195, note: 'It sweetens, but does not set a regular pectin, and may crystallise in the jar.' },
  { id: 'agave', names: ['agave syrup', 'agave nectar', 'agave'], solubles: [75, 77, 79], sugars: [66, 70, 75], sucrose: 0, form: 'liquid', cup: 330, note: WEAK_SUGAR },
];

// prettier-ignore
const ACIDS: readonly Entry[] = [
  { id: 'lemon-juice-bottled', calcium: [5, 10, 25], names: ['bottled lemon juice', 'lemon juice from a bottle', 'lemon juice bottled'], solubles: [6, 7, 8.5], insolubles: [0, 0.2, 0.5], sugars: [1.5, 2.4, 3], sucrose: 0.1, pH: [2.3, 2.4, 2.5], ta: [4.7, 5, 5.3], acid: 'citric', form: 'liquid', cup: 244, note: 'Bottled juice is standardised; use it where the acid is there for safety.' },
  { id: 'lemon-juice', calcium: [5, 10, 25], names: ['lemon juice', 'fresh lemon juice', 'juice of lemon'], solubles: [6, 7.7, 9.5], insolubles: [0, 0.3, 0.6], sugars: [1.5, 2.5, 3.2], sucrose: 0.12, pH: [2.2, 2.4, 2.6], ta: [3.4, 5, 6.2], acid: 'citric', form: 'liquid', cup: 244, note: 'Fresh lemons vary in strength; where the acid is there for safety, use bottled.' },
  { id: 'lime-juice-bottled', calcium: [5, 10, 25], names: ['bottled lime juice', 'lime juice bottled'], solubles: [6.5, 7.5, 9], insolubles: [0, 0.2, 0.5], sugars: [1, 1.5, 2], sucrose: 0.1, pH: [2.1, 2.3, 2.5], ta: [5, 5.5, 6], acid: 'citric', form: 'liquid', cup: 246, note: 'Bottled juice is standardised; use it where the acid is there for safety.' },
  { id: 'lime-juice', calcium: [5, 10, 25], names: ['lime juice', 'fresh lime juice'], solubles: [6.5, 8, 10], insolubles: [0, 0.3, 0.6], sugars: [1, 1.7, 2.2], sucrose: 0.1, pH: [1.9, 2.2, 2.5], ta: [4.8, 6, 7.2], acid: 'citric', form: 'liquid', cup: 246, note: 'Fresh limes vary in strength; where the acid is there for safety, use bottled.' },
  { id: 'vinegar', names: ['vinegar', 'cider vinegar', 'apple cider vinegar', 'white vinegar', 'distilled vinegar', 'white wine vinegar', 'red wine vinegar', 'wine vinegar'], solubles: [5, 5.6, 6.5], sugars: [0, 0.2, 0.6], pH: [2.4, 2.6, 3], ta: [5, 5, 5.2], acid: 'acetic', form: 'liquid', cup: 239, note: 'Of 5 % acidity.' },
  { id: 'citric-acid', names: ['citric acid', 'citric acid powder'], solubles: [91.4, 100, 100], pH: [1.4, 1.5, 1.6], ta: [91, 99, 100], acid: 'citric', form: 'grains', cup: 220 },
];

// prettier-ignore
const LIQUIDS: readonly (Entry & { readonly kind: 'water' | 'juice' })[] = [
  { kind: 'water', id: 'water', names: ['water', 'tap water', 'cold water', 'boiling water', 'hot water', 'warm water'], solubles: [0, 0, 0], calcium: [0, 4, 12], form: 'liquid', cup: 236.2, from: CRC },
  { kind: 'water', id: 'infusion', names: ['infusion', 'herb infusion', 'flower infusion', 'mint infusion', 'elderflower infusion', 'lavender infusion', 'rose petal infusion', 'rose infusion', 'basil infusion', 'tea infusion', 'brewed tea', 'strong tea', 'dandelion infusion', 'violet infusion', 'strained infusion'], solubles: [0.1, 0.4, 1], calcium: [0, 5, 12], form: 'liquid', cup: 237 },
  { kind: 'juice', id: 'apple-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.2, 0.45], names: ['apple juice', 'cloudy apple juice', 'sweet cider', 'apple cider'], solubles: [10, 11.5, 13], insolubles: [0, 0.1, 0.3], sugars: [9, 10, 11.5], sucrose: 0.15, pH: [3.3, 3.6, 4], ta: [0.25, 0.45, 0.8], acid: 'malic', form: 'liquid', cup: 248 },
  { kind: 'juice', id: 'orange-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.05, 0.1], names: ['orange juice', 'fresh orange juice'], solubles: [9.5, 11.3, 13], insolubles: [0, 0.2, 0.5], sugars: [7.5, 8.5, 10], sucrose: 0.5, pH: [3.3, 3.7, 4.1], ta: [0.6, 0.85, 1.3], acid: 'citric', form: 'liquid', cup: 248 },
  { kind: 'juice', id: 'cranberry-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.3, 0.6], names: ['cranberry juice', 'unsweetened cranberry juice'], solubles: [6.5, 7.5, 9], sugars: [3, 4, 5.5], sucrose: 0.03, pH: [2.4, 2.6, 2.9], ta: [1.5, 2, 2.5], acid: 'citric', form: 'liquid', cup: 247 },
  { kind: 'juice', id: 'grape-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.1, 0.25], names: ['grape juice', 'unsweetened grape juice'], solubles: [14, 16, 19], sugars: [13, 14.5, 17], sucrose: 0.01, pH: [3, 3.4, 3.8], ta: [0.4, 0.6, 1], acid: 'tartaric', form: 'liquid', cup: 253 },
  { kind: 'juice', id: 'pomegranate-juice', calcium: [5, 9, 14], acidClass: 'high', pectin: [0, 0.05, 0.15], names: ['pomegranate juice'], solubles: [12, 14, 16.5], sugars: [10.5, 12.5, 14.5], sucrose: 0.02, pH: [2.9, 3.2, 3.6], ta: [0.8, 1.2, 1.9], acid: 'citric', form: 'liquid', cup: 249 },
];

/**
 * Added pectins. A 49 g box of regular powder carries about 15 g of 150-grade, an 85 mL pouch about 10 g
 * (common practice); makers differ, and a pack's own figures override these.
 */
const PACK_FIGURES = commonPractice('grade and weight of usual packs; read the pack in hand');

// prettier-ignore
const PECTINS: readonly Entry[] = [
  { id: 'powdered-pectin', names: ['powdered pectin', 'regular powdered pectin', 'pectin powder', 'dry pectin', 'regular pectin', 'pectin', 'fruit pectin', 'powdered fruit pectin', 'classic pectin'], solubles: [97, 98, 99], sugars: [55, 60, 66], sucrose: 0, pH: [2.4, 2.6, 2.8], ta: [3, 4, 6], acid: 'citric', pectin: [26, 30.6, 34], form: 'grains', cup: 136, packs: { box: 49, package: 49, packet: 49, pack: 49, sachet: 13 }, from: PACK_FIGURES },
  { id: 'liquid-pectin', names: ['liquid pectin', 'liquid fruit pectin', 'bottled pectin', 'pectin liquid'], solubles: [11, 14, 17], sugars: [0, 0.5, 2], sucrose: 0, pH: [2.7, 2.9, 3.2], ta: [0.8, 1.2, 1.8], acid: 'citric', pectin: [9.5, 11.4, 13], form: 'liquid', cup: 245, packs: { pouch: 88, packet: 88, package: 88, bottle: 176, envelope: 88 }, from: PACK_FIGURES },
  { id: 'low-sugar-pectin', names: ['low-sugar pectin', 'low sugar pectin', 'no-sugar pectin', 'no sugar pectin', 'no-sugar-needed pectin', 'low or no sugar pectin', 'low- or no-sugar pectin', 'reduced sugar pectin', 'light pectin'], solubles: [97, 98, 99], sugars: [48, 55, 62], sucrose: 0, pH: [2.6, 2.8, 3.2], ta: [2, 4, 6], acid: 'citric', pectin: [24, 30, 36], gelling: 'low-methoxyl', calcium: [400, 750, 1100], form: 'grains', cup: 136, packs: { box: 49, package: 49, packet: 49, pack: 49 }, from: PACK_FIGURES, note: 'Brings its own calcium; makers differ.' },
  { id: 'low-methoxyl-pectin', names: ['low-methoxyl pectin', 'low methoxyl pectin', 'lm pectin', 'citrus pectin', 'calcium pectin', 'low-methoxyl pectin powder', 'low methoxyl pectin powder'], solubles: [97, 98, 99], pectin: [90, 98, 100], gelling: 'low-methoxyl', form: 'grains', cup: 144, packs: { box: 28, package: 28, packet: 28 }, from: PACK_FIGURES, note: 'Needs calcium water.' },
];

const CALCIUM_WATER: Entry = {
  id: 'calcium-water',
  names: ['calcium water'],
  solubles: [1.2, 1.7, 2.2],
  calcium: [220, 280, 340],
  form: 'liquid',
  cup: 237,
  from: commonPractice('½ tsp monocalcium phosphate in ½ cup of water'),
  note: 'Keeps some weeks in the fridge; shake it.',
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
  packs: { sprig: 1.5, bunch: 30 },
  id,
  names,
  solubles: [3, 5, 9],
  insolubles: [4, 8, 12],
  form: 'chopped',
  cup,
});

const SEASONINGS: readonly Entry[] = [
  { id: 'salt', names: ['salt', 'table salt', 'sea salt', 'canning salt'], solubles: [100, 100, 100], form: 'grains', cup: 288 },
  { id: 'vanilla-extract', names: ['vanilla extract', 'vanilla', 'vanilla essence'], solubles: [5, 13, 20], form: 'liquid', cup: 208 },
  { id: 'zest', names: ['lemon zest', 'orange zest', 'lime zest', 'zest', 'grated lemon zest', 'grated orange zest', 'lemon peel', 'orange peel'], solubles: [6, 9, 12], insolubles: [7, 10, 14], form: 'grains', cup: 96 },
  { id: 'candied-ginger', names: ['crystallised ginger', 'crystallized ginger', 'candied ginger', 'stem ginger'], solubles: [75, 82, 88], insolubles: [1, 2, 4], sugars: [70, 77, 84], sucrose: 0.8, form: 'chopped', cup: 170 },
  dry('cinnamon', ['cinnamon', 'ground cinnamon', 'cinnamon stick', 'cinnamon sticks', 'cinnamon bark'], 125, [2, 3, 5]),
  dry('cloves', ['cloves', 'ground cloves', 'whole cloves', 'clove'], 102, [0.05, 0.08, 0.12]),
  dry('nutmeg', ['nutmeg', 'grated nutmeg', 'mace'], 112),
  dry('vanilla-pod', ['vanilla pod', 'vanilla pods', 'vanilla bean', 'vanilla beans'], 100, [2, 3, 5]),
  dry('allspice', ['allspice', 'ground allspice', 'mixed spice'], 96),
  dry('ground-ginger', ['ground ginger', 'powdered ginger'], 83),
  dry('cardamom', ['cardamom', 'ground cardamom', 'cardamom pods', 'cardamom pod'], 93, [0.1, 0.2, 0.3]),
  dry('star-anise', ['star anise', 'anise', 'aniseed'], 100, [0.6, 1, 1.5]),
  dry('black-pepper', ['black pepper', 'ground black pepper', 'peppercorns'], 110),
  dry('chilli-flakes', ['chilli flakes', 'red pepper flakes', 'chili flakes', 'cayenne'], 86),
  dry('tea', ['tea', 'tea leaves', 'loose tea'], 80),
  fresh('ginger', ['ginger', 'fresh ginger', 'ginger root', 'grated ginger'], 96),
  fresh('mint', ['mint', 'mint leaves', 'fresh mint'], 45),
  fresh('basil', ['basil', 'basil leaves', 'thyme', 'rosemary', 'sage', 'lemon verbena'], 32),
  fresh('lavender', ['lavender', 'lavender flowers', 'lavender buds'], 25),
  fresh('rose-petals', ['rose petals', 'petals'], 18),
  { ...fresh('elderflower', ['elderflower', 'elderflowers', 'elderflower heads'], 20), packs: { head: 8 } },
]; // prettier-ignore

/** Alcohol boils away with the water: it counts as water here, which the finished batch has lost. */
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
  spirit('brandy', ['brandy', 'apple brandy', 'cognac-style brandy'], [0, 0, 1], 222),
  spirit('rum', ['rum', 'dark rum', 'white rum'], [0, 0, 1], 222),
  spirit('whisky', ['whisky', 'whiskey'], [0, 0, 0], 222),
  spirit('gin', ['gin', 'sloe gin', 'vodka'], [0, 0, 2], 222),
  spirit('wine', ['wine', 'red wine', 'white wine'], [1, 2.5, 5], 235),
  spirit('port', ['port', 'sweet wine', 'sherry'], [8, 11, 14], 245),
  spirit('orange-liqueur', ['orange liqueur', 'liqueur', 'cherry brandy'], [25, 32, 40], 250),
];

// prettier-ignore
const FOODS: readonly Entry[] = [
  { id: 'butter', names: ['butter', 'unsalted butter', 'knob of butter'], solubles: [0, 0.1, 0.5], insolubles: [80, 82, 85], insolublesAre: 'fat', packs: { stick: 113.4 }, form: 'packed', cup: 227, from: UNITS_CUPS, note: 'A small knob settles the foam; more than that is dairy.' },
  { id: 'cream', names: ['cream', 'double cream', 'heavy cream', 'whipping cream'], solubles: [3, 3.5, 5], insolubles: [30, 38, 48], insolublesAre: 'fat', calcium: [60, 65, 90], form: 'liquid', cup: 232, from: UNITS_CUPS, noShelf: DAIRY },
  { id: 'milk', names: ['milk', 'whole milk', 'condensed milk'], solubles: [8, 9, 12], insolubles: [1, 4, 8], insolublesAre: 'fat', calcium: [100, 120, 280], form: 'liquid', cup: 242, from: UNITS_CUPS, noShelf: DAIRY },
  { id: 'egg', names: ['egg', 'eggs', 'whole egg', 'whole eggs'], solubles: [0.5, 1, 2], insolubles: [22, 23, 25], insolublesAre: 'egg', calcium: [45, 56, 60], form: 'whole', cup: 243, piece: [44, 50, 56], from: UNITS_CUPS, noShelf: EGG },
  { id: 'egg-yolk', names: ['egg yolk', 'egg yolks', 'yolk', 'yolks'], solubles: [0.5, 1, 2], insolubles: [47, 49, 51], insolublesAre: 'egg', calcium: [110, 129, 145], form: 'whole', cup: 243, piece: [16.5, 18.6, 20.5], from: UNITS_CUPS, noShelf: EGG },
  { id: 'egg-white', names: ['egg white', 'egg whites'], solubles: [0.7, 1, 1.5], insolubles: [10.5, 11, 12], insolublesAre: 'egg', form: 'whole', cup: 243, piece: [28, 32, 36], noShelf: EGG },
  { id: 'chocolate', names: ['chocolate', 'dark chocolate', 'chocolate chips', 'white chocolate', 'milk chocolate'], solubles: [35, 45, 47], insolubles: [46, 52, 53], sugars: [33, 43, 45], sucrose: 1, form: 'chopped', cup: 168, noShelf: FATTY },
  { id: 'cocoa', names: ['cocoa', 'cocoa powder'], solubles: [15, 20, 22], insolubles: [70, 75, 77], form: 'grains', cup: 82, from: UNITS_CUPS, noShelf: FATTY },
  { id: 'walnut', names: ['walnuts', 'walnut', 'pecans', 'pecan', 'nuts', 'chopped nuts'], solubles: [3, 5, 7], insolubles: [85, 91, 93], form: 'chopped', cup: 117, noShelf: FATTY },
  { id: 'almond', names: ['almonds', 'almond', 'flaked almonds', 'hazelnuts', 'hazelnut', 'pistachios'], solubles: [4, 6, 8], insolubles: [84, 89, 92], form: 'chopped', cup: 140, noShelf: FATTY },
  { id: 'coconut', names: ['coconut', 'desiccated coconut', 'coconut milk', 'coconut cream'], solubles: [4, 7, 10], insolubles: [20, 60, 88], form: 'grains', cup: 93, noShelf: FATTY },
  { id: 'oil', names: ['oil', 'olive oil', 'vegetable oil'], solubles: [0, 0, 0], insolubles: [100, 100, 100], insolublesAre: 'fat', form: 'liquid', cup: 213, from: UNITS_CUPS, noShelf: FATTY },
  { id: 'flour', names: ['flour', 'plain flour'], solubles: [3, 4, 5], insolubles: [80, 84, 87], form: 'grains', cup: 122, from: UNITS_CUPS, noShelf: STARCH },
  { id: 'cornflour', names: ['cornflour', 'cornstarch', 'tapioca', 'arrowroot', 'starch'], solubles: [0, 1, 2], insolubles: [85, 88, 92], form: 'grains', cup: 120, from: UNITS_CUPS, noShelf: STARCH },
  { id: 'garlic', names: ['garlic', 'garlic cloves', 'shallots', 'shallot'], solubles: [12, 25, 32], insolubles: [2, 8, 14], form: 'chopped', cup: 136, piece: [3, 5, 8], edible: 0.88, noShelf: GARLIC },
];

const rangeOf = ([low, typical, high]: Three): Range => range(low, typical, high);

const toRow =
  (kind: Pantry['kind']) =>
  (entry: Entry): Pantry => ({
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
    ...(entry.fadesInHeat === undefined ? {} : { fadesInHeat: entry.fadesInHeat }),
    ...(entry.note === undefined ? {} : { note: entry.note }),
    ...(entry.noShelf === undefined ? {} : { noShelf: entry.noShelf }),
  });

/** What is not fruit: sweeteners, acids, liquids, seasonings, spirits, and foods that bar the shelf. */
export const PANTRY: readonly Pantry[] = [
  ...SWEETENERS.map(toRow('sweetener')),
  ...ACIDS.map(toRow('acid')),
  ...PECTINS.map(toRow('pectin')),
  toRow('calcium')(CALCIUM_WATER),
  ...LIQUIDS.map((entry) => toRow(entry.kind)(entry)),
  ...SEASONINGS.map(toRow('seasoning')),
  ...SPIRITS.map(toRow('spirit')),
  ...FOODS.map(toRow('food')),
];
