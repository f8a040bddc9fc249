import { findIngredient, type Ingredient } from '../larder/index.ts';
import {
  ACIDIFIED,
  CAPS,
  CURD,
  DRIED_TAKES_UP,
  HIGH_ACID_PH,
  INFUSION,
  LEAST_ACID_FRUIT,
  LEAST_METER_PH,
  METER_BELOW_SUMS,
  METER_PH,
  MOST_NUTS,
  MOST_WATER,
  MOST_ZEST,
  NEVER,
  PEPPERS,
  roleOf,
} from './caps.ts';
import { amountsOf, type PotAmounts } from './potAmounts.ts';
import { largestJarMl, largestJarName } from './processing.ts';
import type { Against, Assurance, ShelfCase } from './shelfCase.ts';
import { bestPH, worstPH } from './worstPH.ts';

/** What the rules of one batch go by. */
export type Judged = {
  readonly found: ShelfCase;
  readonly pot: PotAmounts;
  /** Rows that are not acid by themselves, with acid enough by a published formula. */
  readonly acidified: ReadonlySet<string>;
  readonly family: 'spread' | 'curd' | 'pepper' | 'infusion';
  /** A named formula or a believed meter: the cook’s own statement. */
  readonly assured: boolean;
};

/** Products of which the fig, tomato and elderberry formulas are published. */
const ACIDIFIED_PRODUCTS: ReadonlySet<string> = new Set(['jam', 'jelly', 'conserve']);

const NO_NAMES =
  /^(?:none|no|not|test|tested|unknown|n\/?a|formula|recipe|jam|jelly|it|is|the|a|my|own|yes|ok|null)$/i;

/** Whether a tested formula is named: at least two words that say something. */
export const isNamed = ({ testedFormula }: Assurance): boolean =>
  (testedFormula ?? '').split(/[\s,;:.–—-]+/).filter((word) => /\p{L}{2}/u.test(word)).length >=
    2 &&
  (testedFormula ?? '')
    .split(/[\s,;:.–—-]+/)
    .some((word) => /\p{L}{3}/u.test(word) && !NO_NAMES.test(word));

/** Whether the meter’s reading is low enough, and can be true. */
const isMetered = (found: ShelfCase): boolean =>
  found.assurance.meterPH !== null && againstMeter(found).length === 0;

/** Sums a batch up once, to be judged in one of its families. */
export function judged(found: ShelfCase, family: Judged['family'] = familyOf(found)): Judged {
  const plain = amountsOf(found.lines, new Set());
  const acidified = new Set(
    Object.entries(ACIDIFIED)
      .filter(
        ([id, { least, by }]) =>
          ACIDIFIED_PRODUCTS.has(found.product) &&
          plain.ofRow(id) > 0 &&
          plain.bottled + (by === 'bottled' ? 0 : plain.vinegar) >= least * plain.ofRow(id) * EXACT,
      )
      .map(([id]) => id),
  );
  const pot = amountsOf(found.lines, acidified);
  return { found, pot, acidified, family, assured: isNamed(found.assurance) || isMetered(found) };
}

/** The family that a batch belongs to by what it is called, and a jelly by what most of its liquid is. */
export function familyOf({ product, lines }: ShelfCase): Judged['family'] {
  if (product === 'curd') return 'curd';
  if (product === 'pepper-jelly') return 'pepper';
  const pot = amountsOf(lines, new Set());
  return isInfused(product) && liquidOf(pot) > 2 * pot.of('acid-fruit') ? 'infusion' : 'spread';
}

/** Products that may be an infusion, a herb or a wine set to jelly; they may pass as that or as a fruit jelly. */
export const isInfused = (product: ShelfCase['product']): boolean =>
  product === 'infusion-jelly' || product === 'jelly';

const liquidOf = (pot: PotAmounts): number => pot.of('water', 'wine');

/** Weights are rounded; a thousandth short is not short. */
const EXACT = 0.999;

const against = (text: string, rows: readonly string[], way: Against['way'] = null): Against => ({
  text,
  rows,
  way,
});

const nameOf = (id: string): string => findIngredient(id)?.name ?? id;
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const names = (ids: readonly string[]): string => ids.map(nameOf).join(' and ');
const grams = (value: number): string =>
  value < 10 ? `${Number(value.toFixed(1))} g` : `${Math.round(value).toLocaleString('en-US')} g`;
/** Grams that suffice, rounded up so that they do. */
const enough = (value: number): number => Math.ceil(value / 5) * 5;
const share = (part: number, whole: number): string =>
  `${Number(((100 * part) / whole).toPrecision(2))} %`;
const ratio = (value: number): string => value.toFixed(2).replace(/0$/, '');

/** Taken away by what the other rules ask for, or by nothing. */
const BY_THE_OTHERS: Against['way'] = { text: '' };

/** Leaves rows out, as a way back. */
const leaveOut = (ids: readonly string[]): Against['way'] => ({
  text: `leave out the ${names(ids)}`,
  leaveOut: ids,
});

const addMore = (id: string, more: number, what: string): Against['way'] => ({
  text: `${grams(enough(more))} more ${what}`,
  add: [{ id, grams: enough(more) }],
});

/** Pumpkin and squash, dairy, starch, oil, meat, chocolate: nothing that holds them may stand in a pantry. */
export function againstNoProcess({ found, family }: Judged): Against[] {
  const rows = new Map(found.lines.map(({ ingredient }) => [ingredient.id, ingredient]));
  return [...rows.values()].flatMap((row) => {
    if (NEVER.has(row.id)) {
      return [
        against(
          `${capital(row.name)} has no safe home-canning process in a spread, at any acidity. Fridge or freezer only.`,
          [row.id],
        ),
      ];
    }
    const role = roleOf(row);
    const isBarred = role === 'barred' || (role === 'egg' && family !== 'curd');
    return isBarred
      ? [
          against(
            `${(row.kind === 'fruit' ? undefined : row.noShelf) ?? `${capital(row.name)} is in no spread for the shelf.`}`,
            [row.id],
            isMostly(found, row) ? null : leaveOut([row.id]),
          ),
        ]
      : [];
  });
}

/** Whether a batch is made of this row: leaving it out would leave nothing. */
const isMostly = ({ lines }: ShelfCase, row: Ingredient): boolean => {
  const mass = (which: (id: string) => boolean) =>
    lines
      .filter(({ ingredient }) => which(ingredient.id) && ingredient.kind !== 'sweetener')
      .reduce((sum, { massG }) => sum + massG.typical, 0);
  return mass((id) => id === row.id) >= mass((id) => id !== row.id);
};

/** Nuts: up to a tenth of the fruit in a conserve, none elsewhere; a named formula does not change that. */
export function againstNuts({ found, pot }: Judged): Against[] {
  const nuts = pot.of('nut');
  if (nuts === 0) return [];
  const most = found.product === 'conserve' ? MOST_NUTS * pot.acidFruit : 0;
  if (nuts <= most / EXACT) return [];
  const rows = pot.rowsOf('nut');
  return [
    against(
      found.product === 'conserve'
        ? `${capital(names(rows))}: ${grams(nuts)} to ${grams(pot.acidFruit)} of fruit, and a conserve may hold at most a tenth, ${grams(most)}.`
        : `${capital(names(rows))}: nuts may stand in a pantry only in a conserve, up to a tenth of the fruit.`,
      rows,
      leaveOut(rows),
    ),
  ];
}

/** Fruit and vegetables that are not reliably acid, but for those with acid enough by a published formula. */
export function againstNotAcid({ found, pot, acidified, family, assured }: Judged): Against[] {
  const hasAcid = pot.of('citrus-juice', 'vinegar', 'other-acid') > 0;
  const rows = new Map(found.lines.map(({ ingredient }) => [ingredient.id, ingredient]));
  return [...rows.values()].flatMap((row) => {
    const role = roleOf(row);
    const isGreen = role === 'pepper' || role === 'allium';
    if ((role !== 'not-acid' && !isGreen) || NEVER.has(row.id) || acidified.has(row.id)) return [];
    if (isGreen && family === 'pepper') return [];
    if (assured && (hasAcid || (row.acidClass === 'borderline' && !isGreen))) return [];
    const published = ACIDIFIED[row.id];
    if (published !== undefined && ACIDIFIED_PRODUCTS.has(found.product)) {
      const have = pot.bottled + (published.by === 'bottled' ? 0 : pot.vinegar);
      const need = published.least * pot.ofRow(row.id);
      return [
        against(
          `${capital(row.name)} is not reliably acid: ${grams(have)} of bottled lemon juice to ${grams(pot.ofRow(row.id))}, and it wants ${grams(need)} (${published.published}).`,
          [row.id],
          addMore('lemon-juice-bottled', need - have, 'bottled lemon juice'),
        ),
      ];
    }
    return [
      against(
        assured
          ? `${capital(row.name)} is a low-acid food, and there is no acid on the lines: no tested formula is without it.`
          : `${capital(row.name)} ${row.acidClass === 'borderline' ? 'is not reliably acid' : 'is a low-acid food'}. It has no tested canning process here, and added lemon juice or vinegar does not change that.`,
        [row.id],
        isMostly(found, row) || assured ? null : leaveOut([row.id]),
      ),
    ];
  });
}

/** Acid fruit and its juice are at least half of all but sugar, pectin and water. */
export function againstTooLittleFruit({ pot, assured }: Judged): Against[] {
  if (assured) return [];
  if (pot.acidFruit === 0) {
    return [
      against(
        'No fruit in it is known to be acid, and no tested formula is named.',
        [],
        BY_THE_OTHERS,
      ),
    ];
  }
  if (pot.acidFruit >= LEAST_ACID_FRUIT * pot.others * EXACT) return [];
  return [
    against(
      `Acid fruit and its juice are ${share(pot.acidFruit, pot.others)} of what is neither sugar, pectin nor water; at least half is wanted.`,
      pot.rowsOf('acid-fruit', 'citrus-juice'),
      BY_THE_OTHERS,
    ),
  ];
}

/** Water that is added, at most as much as the fruit; cranberry sauce half as much again, marmalade three times. */
export function againstWater({ found, pot, assured }: Judged): Against[] {
  const water = pot.of('water');
  const times = waterTimes(found.product, pot);
  const most = times * pot.acidFruit + DRIED_TAKES_UP * pot.driedFruit;
  if (assured || water <= most / EXACT || pot.acidFruit === 0) return [];
  return [
    against(
      `${grams(water)} of water to ${grams(pot.acidFruit)} of acid fruit, and at most ${grams(most)} is in what is tested.`,
      pot.rowsOf('water'),
      addMoreFruit(found, (water - most) / times),
    ),
  ];
}

/** How many times its fruit a product may hold in water. */
function waterTimes(product: ShelfCase['product'], pot: PotAmounts): number {
  if (product === 'marmalade') return MOST_WATER.marmalade;
  if (product === 'sauce') return MOST_WATER.sauce;
  const isDripped = product === 'jelly' && pot.wholeFruit > pot.acidFruit / 2;
  return isDripped ? MOST_WATER.jellyOfWholeFruit : MOST_WATER.usual;
}

/** More of the acid fruit that is most of the batch. */
function addMoreFruit({ lines }: ShelfCase, more: number): Against['way'] {
  const fruits = lines.filter(({ ingredient }) => roleOf(ingredient) === 'acid-fruit');
  const main = fruits.toSorted((a, b) => b.massG.typical - a.massG.typical)[0]?.ingredient;
  return main === undefined ? null : addMore(main.id, more, main.name);
}

/** Herbs, spices, spirits, butter, zest: each up to its cap. */
export function againstCaps({ found, pot, assured, family }: Judged): Against[] {
  if (assured) return [];
  const fruit = pot.acidFruit + (family === 'pepper' ? pot.vinegar : 0);
  const base = (of: 'fruit' | 'fruit and sugar') =>
    of === 'fruit' ? fruit : fruit + pot.of('sweetener');
  const capped = CAPS.flatMap(({ role, most, of, name }) => {
    if (family === 'pepper' && role === 'fresh-herb') return [];
    const have = pot.of(role);
    const may = most * base(of);
    if (have <= may / EXACT || have === 0) return [];
    const rows = pot.rowsOf(role);
    return [
      against(
        `${capital(names(rows))}: ${grams(have)}, and of ${name} at most ${share(most, 1)} of the ${of}, ${grams(may)}.`,
        rows,
        leaveOut(rows),
      ),
    ];
  });
  const zest = pot.of('zest');
  const mayZest = MOST_ZEST * base('fruit');
  if (found.product === 'marmalade' || zest <= mayZest / EXACT) return capped;
  const rows = pot.rowsOf('zest');
  return [
    ...capped,
    against(
      `${capital(names(rows))}: ${grams(zest)}, and outside a marmalade at most ${share(MOST_ZEST, 1)} of the fruit, ${grams(mayZest)}.`,
      rows,
      leaveOut(rows),
    ),
  ];
}

/** Sweeteners that fade or turn bitter in the canner. */
export function againstFading({ found }: Judged): Against[] {
  const rows = found.lines.filter(
    ({ ingredient }) => ingredient.kind === 'sweetener' && ingredient.fadesInHeat === true,
  );
  return rows.length === 0
    ? []
    : [
        against(
          'Its sweetener fades or turns bitter in the canner. Of the substitutes only sucralose holds up.',
          [...new Set(rows.map(({ ingredient }) => ingredient.id))],
        ),
      ];
}

/** The sums’ pH with every row at its unfavourable end. It can only stand against. */
export function againstPH({ found, pot, family, assured }: Judged): Against[] {
  if (assured) return [];
  const limit =
    family === 'pepper' ? PEPPERS.mostPH : family === 'infusion' ? INFUSION.mostPH : HIGH_ACID_PH;
  const pH = worstPH(found.lines);
  if (pH === null) {
    return family === 'spread' || pot.all === 0
      ? []
      : [against('Nothing in it is sour, so its pH may be anything.', [])];
  }
  if (pH < limit) return [];
  return [
    against(
      limit === HIGH_ACID_PH
        ? `By the sums its pH may reach ${pH.toFixed(1)}, and only food surely below 4.6 may be processed in boiling water.`
        : `By the sums its pH may reach ${pH.toFixed(1)}; for this kind it must stay below ${limit.toFixed(1)}.`,
      [],
      family === 'infusion'
        ? addMore(
            'lemon-juice-bottled',
            Math.max(15, liquidOf(pot) * INFUSION.leastAcid),
            'bottled lemon juice',
          )
        : BY_THE_OTHERS,
    ),
  ];
}

/** A meter above 4.2, of the raw batch or the finished one, stands against whatever else is given; one that cannot be true too. */
export function againstMeter(found: ShelfCase): Against[] {
  const { rawPH, assurance } = found;
  const read = [
    { pH: assurance.meterPH, what: 'the finished spread' },
    { pH: rawPH, what: 'the raw batch' },
  ];
  const low = bestPH(found.lines);
  return read.flatMap(({ pH, what }) => {
    if (pH === null) return [];
    if (pH > METER_PH) {
      return [
        against(
          `A meter read pH ${pH.toFixed(2)} in ${what}, and at most ${METER_PH} is safe with a margin.`,
          [],
        ),
      ];
    }
    const floor = Math.max(LEAST_METER_PH, low === null ? 0 : low - METER_BELOW_SUMS);
    return pH < floor
      ? [
          against(
            `A meter read pH ${pH.toFixed(2)} in ${what}, lower than these lines can be (${floor.toFixed(1)} at the least). Calibrate it, and read again.`,
            [],
          ),
        ]
      : [];
  });
}

/** Curd: by grams of bottled lemon or lime juice, and nothing in it that the tested curd does not hold. */
export function againstCurd({ found, pot }: Judged): Against[] {
  const juice = pot.bottled;
  const sour = pot.rowsOf(
    'acid-fruit',
    'not-acid',
    'citrus-juice',
    'vinegar',
    'other-acid',
    'pepper',
    'allium',
  );
  const others = sour.filter((id) => id !== 'lemon-juice-bottled' && id !== 'lime-juice-bottled');
  const wrong = others.map((id) =>
    /^(?:lemon|lime)-juice/.test(id)
      ? against(
          `Fresh ${nameOf(id).replace('fresh ', '')} varies in strength: only curd of bottled lemon or lime juice may stand on a shelf.`,
          [id],
          {
            text: `bottled ${nameOf(id)} in its place`,
            leaveOut: [id],
            add: [{ id: `${id.replace(/-and-.*/, '')}-bottled`, grams: enough(pot.ofRow(id)) }],
          },
        )
      : against(
          `Only lemon or lime curd of bottled juice has a tested process, and this holds ${nameOf(id)}. Fridge up to four weeks, or freezer up to a year.`,
          [id],
        ),
  );
  if (others.length > 0) return wrong;
  if (juice === 0) {
    return [
      against(
        'A curd for the shelf is made with bottled lemon or lime juice, and there is none in it.',
        [],
      ),
    ];
  }
  return [...curdAmounts(pot, juice), ...curdRest(found, pot)];
}

function curdAmounts(pot: PotAmounts, juice: number): Against[] {
  const eggs = pot.of('egg');
  const butter = pot.of('butter');
  const zest = pot.of('zest');
  const mend = (more: number) => addMore('lemon-juice-bottled', more, 'bottled lemon juice');
  const said = (have: number, what: string, most: number, tested: number) =>
    `${ratio(have / juice)} g of ${what} to a gram of bottled juice; at most ${ratio(most)} (the tested curd holds ${ratio(tested)}).`;
  return [
    ...(eggs === 0 ? [against('No egg in it: it is no curd that was tested.', [])] : []),
    ...(eggs > (CURD.mostEgg * juice) / EXACT
      ? [
          against(
            said(eggs, 'egg', CURD.mostEgg, CURD.testedEgg),
            pot.rowsOf('egg'),
            mend(eggs / CURD.mostEgg - juice),
          ),
        ]
      : []),
    ...(butter > (CURD.mostButter * juice) / EXACT
      ? [
          against(
            said(butter, 'butter', CURD.mostButter, CURD.testedButter),
            ['butter'],
            mend(butter / CURD.mostButter - juice),
          ),
        ]
      : []),
    ...(zest > (CURD.mostZest * juice) / EXACT
      ? [
          against(
            said(zest, 'zest', CURD.mostZest, 0.2),
            pot.rowsOf('zest'),
            mend(zest / CURD.mostZest - juice),
          ),
        ]
      : []),
    ...(pot.sucrose < CURD.leastSucrose * juice * EXACT
      ? [
          against(
            `${ratio(pot.sucrose / juice)} g of sugar to a gram of bottled juice; at least ${ratio(CURD.leastSucrose)} (the tested curd holds ${ratio(CURD.testedSucrose)}).`,
            pot.rowsOf('sweetener'),
            addMore('sugar', CURD.leastSucrose * juice - pot.sucrose, 'sugar'),
          ),
        ]
      : []),
  ];
}

/** What else stands in a curd: nothing, water included. */
function curdRest({ lines }: ShelfCase, pot: PotAmounts): Against[] {
  const rows = pot.rowsOf(
    'water',
    'pectin',
    'fresh-herb',
    'dry-spice',
    'flavouring',
    'candied',
    'spirit',
    'wine',
    'nut',
    'salt',
  );
  const odd = lines
    .filter(
      ({ ingredient }) =>
        ingredient.id === 'margarine' ||
        (ingredient.kind === 'sweetener' && !PLAIN_SUGARS.has(ingredient.id)),
    )
    .map(({ ingredient }) => ingredient.id);
  return [...rows, ...new Set(odd)].map((id) =>
    against(`${capital(nameOf(id))} is in no tested curd.`, [id], leaveOut([id])),
  );
}

const PLAIN_SUGARS: ReadonlySet<string> = new Set(['sugar', 'raw-sugar', 'brown-sugar']);

/** Pepper jelly: 5 % vinegar to all that is green in it, no more water than vinegar, solids of half and more, half-pints. */
export function againstPeppers({ found, pot, assured }: Judged): Against[] {
  if (assured) return [];
  const need = PEPPERS.leastVinegar * pot.greens;
  const water = pot.of('water');
  const solids = found.solublesPct;
  const greens = pot.rowsOf('pepper', 'allium', 'fresh-herb');
  return [
    ...(pot.vinegar < need * EXACT
      ? [
          against(
            `Peppers are a low-acid food, and there is too little 5 % vinegar: ${grams(pot.vinegar)} to ${grams(pot.greens)} of peppers, onion, garlic and herbs, where at least ${grams(need)} is wanted.`,
            greens,
            addMore('vinegar', need - pot.vinegar, '5 % vinegar'),
          ),
        ]
      : []),
    ...(water > (PEPPERS.mostWaterOverVinegar * pot.vinegar) / EXACT
      ? [
          against(
            `${grams(water)} of water thins ${grams(pot.vinegar)} of vinegar; no more water than vinegar may go in.`,
            pot.rowsOf('water'),
            addMore('vinegar', water - pot.vinegar, '5 % vinegar'),
          ),
        ]
      : []),
    ...(solids !== null && solids < PEPPERS.leastSolublesPct - 0.5
      ? [
          against(
            `It stops at ${Math.round(solids)} % soluble solids, and a pepper jelly for the shelf has at least ${PEPPERS.leastSolublesPct} %.`,
            pot.rowsOf('sweetener'),
          ),
        ]
      : []),
  ];
}

/** Infusion, herb and wine jellies: acid of known strength to the liquid. */
export function againstInfusion({ pot, assured }: Judged): Against[] {
  if (assured) return [];
  const liquid = liquidOf(pot);
  const need = INFUSION.leastAcid * liquid;
  const acid = pot.bottled + pot.vinegar;
  const herbs = pot.of('fresh-herb');
  return [
    ...(acid < need * EXACT
      ? [
          against(
            `${grams(acid)} of bottled lemon juice or 5 % vinegar to ${grams(liquid)} of liquid; at least a sixteenth is wanted, ${grams(need)}.`,
            pot.rowsOf('water', 'wine'),
            addMore('lemon-juice-bottled', need - acid, 'bottled lemon juice'),
          ),
        ]
      : []),
    ...(herbs > INFUSION.mostHerbs * acid
      ? [
          against(
            `${grams(herbs)} of herbs to ${grams(acid)} of bottled lemon juice or 5 % vinegar; at most ${INFUSION.mostHerbs} times as much.`,
            pot.rowsOf('fresh-herb'),
            addMore(
              'lemon-juice-bottled',
              herbs / INFUSION.mostHerbs - acid,
              'bottled lemon juice',
            ),
          ),
        ]
      : []),
    ...(pot.of('acid-fruit') > INFUSION.mostFruit * acid
      ? [
          against(
            `With ${grams(pot.of('acid-fruit'))} of fruit or its juice it is no infusion.`,
            pot.rowsOf('acid-fruit'),
          ),
        ]
      : []),
    ...infusionRest(pot, acid),
  ];
}

/** What else is in an infusion: no nuts or pieces, and of spirits no more than of the acid. */
function infusionRest(pot: PotAmounts, acid: number): Against[] {
  const pieces = pot.rowsOf('candied', 'nut');
  const spirits = pot.of('spirit');
  return [
    ...(pieces.length > 0
      ? [
          against(
            `${capital(names(pieces))} in an infusion is in nothing that was tested.`,
            pieces,
            leaveOut(pieces),
          ),
        ]
      : []),
    ...(spirits > acid
      ? [
          against(
            `${capital(names(pot.rowsOf('spirit')))}: ${grams(spirits)}, and at most as much as the acid, ${grams(acid)}.`,
            pot.rowsOf('spirit'),
            leaveOut(pot.rowsOf('spirit')),
          ),
        ]
      : []),
  ];
}

/** Lines that are not understood, jars beyond the tables, altitudes beyond them. */
export function againstJars({ found, assured }: Judged): Against[] {
  const { product, puzzlingLines, process, largestJarMl: largest, assurance } = found;
  const all: Against[] = [];
  if (puzzlingLines > 0) {
    all.push(
      against(
        puzzlingLines === 1
          ? 'One line is not understood, so its safety cannot be told.'
          : `${puzzlingLines} lines are not understood, so their safety cannot be told.`,
        [],
      ),
    );
  }
  // A named formula prints its own jars.
  if (!(assured && isNamed(assurance)) && largest > largestJarMl(product, holdsApples(found))) {
    all.push(
      against(
        `No processing time is published for ${product === 'butter' ? 'this butter' : product.replace('-', ' ')} in jars larger than a ${largestJarName(product, holdsApples(found))}.`,
        [],
      ),
    );
  } else if (process === null && largest <= largestJarMl(product, holdsApples(found))) {
    all.push(against('No processing time is published above 10,000 ft (3,048 m).', []));
  }
  return all;
}

/** Whether its fruit is apple, and nothing else: apple butter alone has a time for quarts. */
export const holdsApples = ({ lines }: Pick<ShelfCase, 'lines'>): boolean => {
  const fruit = lines
    .filter(({ ingredient }) => ingredient.kind === 'fruit')
    .map(({ ingredient }) => ingredient.id);
  return fruit.length > 0 && fruit.every((id) => APPLES.has(id));
};

const APPLES: ReadonlySet<string> = new Set([
  'apple',
  'crab-apple',
  'applesauce',
  'sweetened-applesauce',
]);
