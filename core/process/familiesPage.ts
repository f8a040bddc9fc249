import { findIngredient } from '../ingredients/index.ts';
import {
  ACIDIFIED,
  CAPS,
  CURD,
  HIGH_ACID_PH,
  INFUSION,
  INFUSION_TAKES,
  LEAST_ACID_FRUIT,
  LEAST_METER_PH,
  METER_BELOW_SUMS,
  METER_PH,
  MOST_NUTS,
  MOST_WATER,
  MOST_ZEST,
  NEVER,
  PEPPERS,
  type Role,
} from './caps.ts';
import { LIMITS, type Family, type Limit } from './limits.ts';
import { NAMED } from './safetyContext.ts';

const share = (part: number): string => `${Number((100 * part).toPrecision(3))} %`;
const name = (id: string): string => findIngredient(id)?.name ?? id;

/** The families, and what the page calls them. */
const FAMILIES: readonly (readonly [family: Family, called: string])[] = [
  ['spread', 'spread of fruit'],
  ['pepper', 'pepper jelly'],
  ['infusion', 'infusion, herb or wine jelly'],
  ['curd', 'curd'],
];

const limitInWords = (limit: Limit): string =>
  limit.kind === 'made of'
    ? 'own'
    : limit.kind === 'none'
      ? 'none'
      : `${share(limit.share)} of the ${limit.of}`;

/** How the page calls every role. */
const CALLED: { readonly [role in Role]: string } = {
  'acid-fruit': 'acid fruit',
  'citrus-juice': 'lemon and lime juice',
  vinegar: '5 % vinegar',
  'other-acid': 'other acids',
  sweetener: 'sugar and other sweeteners',
  pectin: 'pectin',
  water: 'water',
  'fresh-herb': 'fresh herbs and roots',
  spirit: 'spirits',
  wine: 'wine and beer',
  zest: 'zest and peel',
  butter: 'butter',
  egg: 'egg',
  salt: 'salt',
  'dry-spice': 'dry spices and teas',
  flavouring: 'extracts and flower waters',
  candied: 'candied peel or ginger',
  nut: 'nuts',
  pepper: 'peppers',
  allium: 'onion or garlic',
  'not-acid': 'fruit that is not acid',
  barred: 'dairy, meat, starch or oil',
};

/** What an infusion takes a limited amount of, and what it takes none of. */
const infusionLimits = (): string => {
  const roles = Object.entries(INFUSION_TAKES) as [Role, number][];
  const some = roles.filter(([, most]) => most > 0 && most < Infinity);
  const none = roles.filter(([, most]) => most === 0);
  return [
    ...some.map(([role, most]) => `${share(most)} ${CALLED[role]}`),
    `no ${none.map(([role]) => CALLED[role]).join(', ')}`,
  ].join(', ');
};

/**
 * What may stand in a pantry, by which amounts and from which source, and what never may: the
 * rules’ own figures as a page of the documents, in Markdown.
 */
export const familiesPage = (): string => `# What may stand in a pantry

Made by \`./kettle families\` from the figures that the rules go by (\`core/process/caps.ts\`); a test holds the two together. Everything here is from memory
of published guidance, or judgement on the careful side of it. Where local guidance says otherwise, do as it says.

A batch is for the pantry when every line is understood, nothing below stands against it, and it is processed in its jars for the time given. The sums’ pH,
with every ingredient at its unfavourable end, may stand against it and never for it.

## Spreads of acid fruit

Acid fruit and its juice are at least ${share(LEAST_ACID_FRUIT)} of what is neither sugar, pectin, water nor vinegar. Added water is at most ${MOST_WATER.usual} times that fruit,
${MOST_WATER.sauce} times in a sauce or a jelly dripped from whole fruit, ${MOST_WATER.marmalade} times in a marmalade; what dried fruit takes up is not counted. The sums stay below pH ${HIGH_ACID_PH}.

| besides | at most | source |
| --- | --- | --- |
${CAPS.map(({ name: what, most, of, source }) => `| ${what} | ${share(most)} of the ${of} | ${source.source} |`).join('\n')}
| zest and peel, outside a marmalade | ${share(MOST_ZEST)} of the fruit | judgement |
| nuts, in a conserve alone | ${share(MOST_NUTS)} of the fruit | judgement |

## Families with acid of known strength

| family | what it takes | source |
| --- | --- | --- |
| lemon and lime curd, half-pints | to a gram of bottled juice: egg and yolk at most ${CURD.mostEgg} g, butter ${CURD.mostButter} g, zest ${CURD.mostZest} g, sucrose at least ${CURD.leastSucrose} g; nothing else, no water | ${CURD.source.source} |
| pepper jelly, half-pints | peppers at least ${share(PEPPERS.leastPeppers)} of peppers, onion, garlic and herbs; 5 % vinegar at least ${PEPPERS.leastVinegar} g to a gram of peppers, onion, garlic and herbs by their fresh weight; no more water than vinegar; sugar at least ${PEPPERS.leastSugar} g to a gram of greens and vinegar; ${PEPPERS.leastSolublesPct} % solids; below pH ${PEPPERS.mostPH} | ${PEPPERS.source.source} |
| infusion, herb and wine jelly | bottled lemon juice or 5 % vinegar at least a sixteenth of the liquid; herbs at most ${INFUSION.mostHerbs} g to a gram of that acid, what was steeped counted; of that acid at most ${infusionLimits()}; below pH ${INFUSION.mostPH} | ${INFUSION.source.source} |
${Object.entries(ACIDIFIED)
  .map(
    ([id, { least, by, published, source }]) =>
      `| ${name(id)} jam, jelly or conserve | at least ${least} g of ${by === 'bottled' ? 'bottled lemon juice' : 'bottled lemon juice or 5 % vinegar'} to a gram: ${published} | ${source.source} |`,
  )
  .join('\n')}

## What every family takes

Of every role, and what a role is not given it takes none of. "own" is what the family is made of, or what a rule above holds.

| | ${FAMILIES.map(([, called]) => called).join(' | ')} |
| --- | ${FAMILIES.map(() => '---').join(' | ')} |
${(Object.keys(LIMITS.spread) as Role[])
  .map(
    (role) =>
      `| ${CALLED[role]} | ${FAMILIES.map(([family]) => limitInWords(LIMITS[family][role])).join(' | ')} |`,
  )
  .join('\n')}

## Never

${[...NEVER].map(name).join(', ')}: no safe process, at any acidity. Dairy, egg outside a curd, chocolate, coconut, oil, starch and flour, gelatin, agar, chia, meat: fridge or freezer. Garlic, onion
and other vegetables outside pepper jelly. Sweeteners that fade in heat. Open kettle, inversion, oven and wax: fridge.

## What the cook states

- **A tested formula**, by a name of two words or more, opens no pantry. Where it holds at most ${NAMED} times the water, herbs, spices, extracts, salt, zest, spirits or nuts given above, or half
  of the acid that is published for a fruit which is not acid by itself, and nothing else stands against it, the verdict is *by its source*: never green, for the minutes that are
  printed in it and no fewer than our own table gives.
- **A calibrated meter** opens nothing. Above ${METER_PH}, finished or raw, it stands against every product. Below ${LEAST_METER_PH}, or ${METER_BELOW_SUMS} below what the sums can be, it
  is disbelieved, and stands against it too.

What does not mound is processed as a sauce: a butter below 25 % solids, another spread below 40 % that does not gel with calcium. Quarts are for apple butter alone.
`;
