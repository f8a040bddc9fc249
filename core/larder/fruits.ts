import { fromMemory, range, type Range } from '../quantity/index.ts';
import type { AcidClass, CupWeights, Form, Fruit } from './ingredient.ts';

/**
 * Fruit as it goes into the pot: stoned, cored or capped. Middles are rounded from memory of the
 * USDA FoodData Central entries, ranges from the scatter of orchard and market refractometer
 * readings; the tests hold water and sugars against the Indian Food Composition Tables 2017.
 */
const SOURCE = fromMemory(
  'USDA FoodData Central, Foundation and SR Legacy; growers’ refractometer charts',
);

/** Crushed fruit fills its cup nearly as water does; how hard it was crushed is the scatter. */
const CRUSHED = range(205, 230, 245);
const PUREED = range(235, 243, 250);

const about = (grams: number): Range => range(grams * 0.92, grams, grams * 1.08);

type Sketch = {
  names: readonly [string, ...string[]];
  acid: AcidClass;
  colour: string;
  solubles: Range;
  insolubles: Range;
  sugars: Range;
  sucroseShare: number;
  usualForm: Form;
  cups: CupWeights;
  note?: string;
};

const fruit = (id: string, s: Sketch): Fruit => ({
  kind: 'fruit',
  id,
  name: s.names[0],
  alsoCalled: s.names.slice(1),
  acidClass: s.acid,
  jamColour: s.colour,
  make: {
    solublesPct: s.solubles,
    insolublesPct: s.insolubles,
    sugarsPct: s.sugars,
    sucroseShare: s.sucroseShare,
  },
  cups: { crushed: CRUSHED, pureed: PUREED, ...s.cups },
  usualForm: s.usualForm,
  provenance: SOURCE,
  ...(s.note === undefined ? {} : { note: s.note }),
});

export const FRUITS: readonly Fruit[] = [
  fruit('apple', {
    names: ['apple', 'apples', 'cooking apple', 'cooking apples'],
    acid: 'high',
    colour: '#c9922e',
    solubles: range(10, 12.5, 15.5),
    insolubles: range(1.2, 1.6, 2.2),
    sugars: range(8.2, 10.4, 13),
    sucroseShare: 0.2,
    usualForm: 'chopped',
    cups: { sliced: about(110), chopped: about(125) },
  }),
  fruit('apricot', {
    names: ['apricot', 'apricots'],
    acid: 'high',
    colour: '#d9822b',
    solubles: range(9, 11.5, 14.5),
    insolubles: range(0.9, 1.4, 2),
    sugars: range(6.5, 9, 11),
    sucroseShare: 0.6,
    usualForm: 'sliced',
    cups: { whole: about(155), sliced: about(165), chopped: about(165) },
  }),
  fruit('blackberry', {
    names: ['blackberry', 'blackberries', 'bramble', 'brambles'],
    acid: 'high',
    colour: '#4a1638',
    solubles: range(7, 9, 12),
    insolubles: range(3, 4, 6),
    sugars: range(4.5, 6, 8),
    sucroseShare: 0.05,
    usualForm: 'whole',
    cups: { whole: about(144) },
  }),
  fruit('blackcurrant', {
    names: ['blackcurrant', 'blackcurrants', 'black currant', 'black currants'],
    acid: 'high',
    colour: '#33112f',
    solubles: range(11, 14.5, 18),
    insolubles: range(2.4, 4.5, 6.5),
    sugars: range(5.5, 8, 11),
    sucroseShare: 0.08,
    usualForm: 'whole',
    cups: { whole: about(112) },
  }),
  fruit('blueberry', {
    names: ['blueberry', 'blueberries', 'bilberry', 'bilberries'],
    acid: 'high',
    colour: '#2f2450',
    solubles: range(9, 12, 15),
    insolubles: range(2, 2.6, 3.5),
    sugars: range(7.5, 10, 13),
    sucroseShare: 0.01,
    usualForm: 'whole',
    cups: { whole: about(148) },
  }),
  fruit('damson', {
    names: ['damson', 'damsons', 'damson plum', 'damson plums'],
    acid: 'high',
    colour: '#5a1230',
    solubles: range(12, 15, 19),
    insolubles: range(1.2, 1.8, 2.5),
    sugars: range(7, 9.5, 12),
    sucroseShare: 0.3,
    usualForm: 'whole',
    cups: { whole: about(150), sliced: about(165), chopped: about(165) },
    note: 'Figures are for stoned fruit; weigh after stoning.',
  }),
  fruit('fig', {
    names: ['fig', 'figs'],
    acid: 'borderline',
    colour: '#7a3b45',
    solubles: range(13, 17, 22),
    insolubles: range(1.8, 2.6, 3.6),
    sugars: range(8.5, 15, 19),
    sucroseShare: 0.05,
    usualForm: 'whole',
    cups: { whole: about(150), sliced: about(165), chopped: about(165) },
    note: 'Figs are not reliably acid: ripe ones often test above pH 4.6.',
  }),
  fruit('gooseberry', {
    names: ['gooseberry', 'gooseberries'],
    acid: 'high',
    colour: '#8c8b3a',
    solubles: range(6, 8.5, 12),
    insolubles: range(2.5, 3.5, 5),
    sugars: range(3.2, 6, 9),
    sucroseShare: 0.08,
    usualForm: 'whole',
    cups: { whole: about(150) },
  }),
  fruit('melon', {
    names: [
      'melon',
      'melons',
      'muskmelon',
      'cantaloupe',
      'cantaloupes',
      'honeydew',
      'honeydew melon',
    ],
    acid: 'low',
    colour: '#dd9650',
    solubles: range(4, 9.5, 13),
    insolubles: range(0.4, 0.8, 1.1),
    sugars: range(2.3, 7.9, 11),
    sucroseShare: 0.5,
    usualForm: 'chopped',
    cups: { chopped: about(158), sliced: about(160) },
    note: 'Melon is a low-acid fruit, near pH 6.',
  }),
  fruit('peach', {
    names: ['peach', 'peaches', 'yellow peach', 'yellow peaches'],
    acid: 'high',
    colour: '#dd8138',
    solubles: range(8.5, 10.5, 13),
    insolubles: range(0.8, 1.2, 1.7),
    sugars: range(6.5, 8.4, 10.5),
    sucroseShare: 0.65,
    usualForm: 'sliced',
    cups: { sliced: about(154), chopped: about(154) },
    note: 'For yellow peaches only: white-fleshed ones can be above pH 4.6.',
  }),
  fruit('plum', {
    names: ['plum', 'plums'],
    acid: 'high',
    colour: '#8a2331',
    solubles: range(9.5, 12.5, 16),
    insolubles: range(0.8, 1.3, 1.8),
    sugars: range(7, 9.9, 12),
    sucroseShare: 0.3,
    usualForm: 'sliced',
    cups: { whole: about(150), sliced: about(165), chopped: about(165) },
  }),
  fruit('quince', {
    names: ['quince', 'quinces'],
    acid: 'high',
    colour: '#b9502f',
    solubles: range(10, 13, 16),
    insolubles: range(1.6, 2.3, 3.2),
    sugars: range(6, 9, 11),
    sucroseShare: 0.1,
    usualForm: 'chopped',
    cups: { chopped: about(125), sliced: about(115) },
  }),
  fruit('raspberry', {
    names: ['raspberry', 'raspberries'],
    acid: 'high',
    colour: '#a01936',
    solubles: range(7.5, 9.5, 12),
    insolubles: range(4, 5, 6.5),
    sugars: range(4.4, 5, 7),
    sucroseShare: 0.06,
    usualForm: 'whole',
    cups: { whole: about(123) },
  }),
  fruit('strawberry', {
    names: ['strawberry', 'strawberries'],
    acid: 'high',
    colour: '#b5202c',
    solubles: range(6, 8, 10.5),
    insolubles: range(1.2, 1.6, 2.2),
    sugars: range(3.5, 5.8, 8),
    sucroseShare: 0.1,
    usualForm: 'whole',
    cups: { whole: about(144), sliced: about(166), chopped: about(166) },
  }),
];
