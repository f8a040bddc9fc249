import type { ActId, Method, Phase, Plan, PlanAct, Product, Used } from '@idle-kettle/core';
import { CARRIER_SUGAR_G, formatGrams, formatVolume } from '@idle-kettle/core';

/** What the words of an act need to know besides the act: the batch, and the stop as it is to be read. */
export type Telling = {
  readonly product: Product;
  readonly method: Method;
  /** `219.9 °F (104.4 °C)`. */
  readonly stop: string;
  readonly process: Plan['process'];
};

/** An act of a plan or of the stove's sheet, as far as its words go by it. */
export type ToldAct = Pick<
  PlanAct,
  'id' | 'phase' | 'uses' | 'again' | 'softens' | 'waterG' | 'gives'
> & {
  readonly adds: Pick<NonNullable<PlanAct['adds']>, 'id' | 'massG'> | null;
  readonly minutes: number | null;
};

/** An act in words: short enough to be read across a kitchen, what to mind, and what its button says. */
export type ActWords = {
  readonly title: string;
  readonly detail: string;
  readonly press: string;
};

const QUARTER_CUP_ML = 59.147;

/** `1,400 g white sugar and 20 g honey`. */
function listed(uses: readonly Used[], nothing: string): string {
  const items = uses.map(({ name, massG }) => `${formatGrams(massG)} ${name}`);
  if (items.length === 0) return nothing;
  return items.length === 1
    ? (items[0] ?? nothing)
    : `${items.slice(0, -1).join(', ')} and ${items[items.length - 1] ?? ''}`;
}

const withWater = (act: ToldAct): string =>
  act.waterG !== undefined && act.waterG > 0 ? ` in ${formatGrams(act.waterG)} of water` : '';

const volume = (mL: number): string =>
  formatVolume(Math.round(mL / QUARTER_CUP_ML) * QUARTER_CUP_ML, 'us');

/** What it should give, or gave. */
function given({ gives }: ToldAct): string {
  if (gives === undefined) return 'Measure what it gives: the rest goes by it.';
  const { massG, volumeMl, measured } = gives;
  return measured
    ? `It gave ${volume(volumeMl.typical)} (${formatGrams(massG.typical)}).`
    : `It should give ${volume(volumeMl.low)} to ${volume(volumeMl.high)} (${formatGrams(massG.low)} to ${formatGrams(massG.high)}). Measure it, and write it down: the rest goes by it.`;
}

/** `5 minutes`; `the time` where nobody said. */
export const minutesInWords = (count: number | null): string =>
  count === null ? 'the time' : `${count} ${count === 1 ? 'minute' : 'minutes'}`;

/** What goes into a butter near its end. */
function toTaste(uses: readonly Used[]): string {
  const sweet = uses.filter(({ sweetens }) => sweetens === true).length;
  if (sweet === 0) return 'Spice';
  return sweet === uses.length ? 'Sugar' : 'Sugar and spice';
}

const ADDED: {
  readonly [id in NonNullable<ToldAct['adds']>['id']]: (
    telling: Telling,
    uses: readonly Used[],
  ) => readonly [title: string, more: string];
} = {
  sugar: ({ method }, uses) =>
    method === 'powdered-pectin'
      ? ['All the sugar in, at once', 'It dissolves as it comes back to the boil.']
      : method === 'reduce'
        ? [`${toTaste(uses)} in, to taste`, 'Taste it first.']
        : ['Sugar in', 'Stir it in over low heat.'],
  pectin: () => ['Pectin in, at once', 'All of it, stirred through.'],
  'sugar-and-pectin': () => [
    'Sugar with pectin in',
    'Mix the pectin into the sugar first, and stir hard until it dissolves.',
  ],
  'against-foam': () => [
    'A knob of butter in, against foam',
    'Once it foams. It may be left out: then skim.',
  ],
  'at-the-end': () => [
    'Stir in what goes in last',
    'Off the heat, so that scent and bite stay. It may be left out.',
  ],
};

/** Every act in words: the one telling for screen, paper and speech. */
const ACT_WORDS: { readonly [id in ActId]: (act: ToldAct, telling: Telling) => ActWords } = {
  extract: (act) => ({
    title: 'Simmer the fruit, lid on',
    detail: `${listed(act.uses, 'The fruit')}${withWater(act)}, until soft. Mash it.`,
    press: 'It is soft',
  }),
  drip: (act) => ({
    title: 'Drip the juice',
    detail: `Through a damp cloth; pressed, it gives more and is cloudy. ${given(act)}`,
    press: 'It has dripped',
  }),
  'clot-test': () => ({
    title: 'Clot test',
    detail:
      'Stir a teaspoon of the juice into a tablespoon of rubbing alcohol, and lift it with a fork. One lump is rich in pectin. Never taste it; pour it away.',
    press: 'Tested',
  }),
  infuse: (act) => ({
    title: 'Infuse',
    detail: `Pour ${act.waterG ? `${formatGrams(act.waterG)} of water` : 'the liquid'}, boiling, over ${listed(act.uses, 'the flowers or herbs')}. Stand it covered, and strain. ${given(act)}`,
    press: 'Strained',
  }),
  slice: (act) => ({
    title: 'Slice, and boil five minutes',
    detail: `${listed(act.uses, 'The fruit')}${withWater(act)}.`,
    press: 'It has boiled',
  }),
  soak: (act) => ({
    title: 'Soak',
    detail: `${act.gives === undefined ? 'Slice the fruit, boil it five minutes with the water and juice, and stand' : 'Stand'} it covered. ${given(act)}`,
    press: 'It has stood',
  }),
  drain: (act) => ({
    title: 'Chop fine, and drain',
    detail: `${listed(act.uses, 'The peppers')}, in gloves where they are hot. Let the juice drain off; press lightly. ${given(act)}`,
    press: 'Drained',
  }),
  sauce: (act) => ({
    title: 'Cook to a sauce, lid on',
    detail:
      act.phase === 'stove'
        ? 'Until a spoon crushes the fruit. Stir when it begins to catch.'
        : `${listed(act.uses, 'The fruit')}${withWater(act)}, until a spoon crushes it.`,
    press: 'It is a sauce',
  }),
  puree: (act) => ({
    title: 'Purée it, off the heat',
    detail: `Stick blender, mill or sieve. It spits: pot off, lid near, children and pets away.${act.gives === undefined ? '' : ` ${given(act)}`}`,
    press: 'It is smooth',
  }),
  weigh: (act, { process }) => ({
    title: 'Weigh everything out',
    detail: `${listed(act.uses, 'Everything')}; the sugar in a bowl of its own. Check the jars for chips, heat them and a small spare one${process.method === 'none' ? '.' : `, and heat the canner. ${process.notes[0] ?? ''}`}`,
    press: 'Weighed',
  }),
  'carry-pectin': () => ({
    title: 'Stir the pectin powder into a little sugar',
    detail: `${CARRIER_SUGAR_G} g of that same sugar, so that it does not clump.`,
    press: 'Mixed',
  }),
  light: (act) => ({
    title: 'Light the burner',
    detail: `In the pot, cold: ${listed(act.uses, 'nothing yet')}.`,
    press: 'It is lit',
  }),
  'to-boil': (act, { method }) => ({
    title:
      act.again === true
        ? 'Back to the boil, stirring'
        : method === 'low-methoxyl'
          ? 'Bring it to a full boil'
          : 'Bring it to the boil, lid on',
    detail:
      act.again === true
        ? 'Hard, so that the pectin does not clump.'
        : 'Stir once or twice, so that nothing catches before the juice runs.',
    press: 'It boils',
  }),
  soften: (act) => ({
    title: `Soften the ${act.softens ?? 'fruit'}, lid on`,
    detail:
      act.softens === 'peel'
        ? 'At a simmer until a piece crushes between the fingers. Sugar would keep it hard.'
        : 'In its own liquid, before any sugar goes in: sugar would keep the skins hard.',
    press: 'It is soft',
  }),
  slow: () => ({
    title: 'Cook with the lid on',
    detail: 'Keep it above 60 °C (140 °F) throughout. It may be left.',
    press: 'Lid off now',
  }),
  add: (act, telling) => {
    const [title, more] =
      act.adds === null ? ['In with it', ''] : ADDED[act.adds.id](telling, act.uses);
    return { title, detail: `${listed(act.uses, '')}. ${more}`, press: 'It is in' };
  },
  dissolve: () => ({
    title: 'Stir until no grit is felt',
    detail: 'Low heat. Feel the spoon: sugar that is not dissolved scorches, and grows crystals.',
    press: 'No grit',
  }),
  'to-rolling': (act) => ({
    title: act.again === true ? 'Back to a full rolling boil' : 'Bring to a full rolling boil',
    detail: 'A boil that stirring does not stop. The minute counts only from there.',
    press: 'Rolling boil now',
  }),
  clock: (act, { stop, method }) => ({
    title: `${method === 'low-methoxyl' ? 'Boil, stirring,' : 'Boil hard'} for ${minutesInWords(act.minutes)}`,
    detail: `Stir all the while. The clock decides; it should then show about ${stop}.`,
    press: 'Off the heat',
  }),
  'boil-down': (_, { stop }) => ({
    title: `Boil hard to ${stop}`,
    detail: 'It climbs slowly at first and fast at the end. Do not leave it now.',
    press: 'Off the heat',
  }),
  reduce: (_, { stop }) => ({
    title: 'Reduce, lid off',
    detail: `Weigh the pot: weight tells the solids of a butter, temperature hardly does. Done about ${stop}, when a spoonful mounds on a tilted plate and weeps no ring.`,
    press: 'Off the heat',
  }),
  whisk: (_, { stop }) => ({
    title: `Whisk to ${stop}`,
    detail:
      'Gentle heat, the whisk never still, and never a boil: above 82 °C (180 °F) it curdles.',
    press: 'Off the heat',
  }),
  plate: () => ({
    title: 'Test a drop on the cold plate',
    detail:
      'A minute in the freezer, then push it with a finger. The heat stays off meanwhile. If it runs, boil five minutes more.',
    press: 'Plate test',
  }),
  mound: () => ({
    title: 'Spoon a mound on a cold plate',
    detail: 'Tilt it. It should stay heaped, with no ring of water round it.',
    press: 'Mound test',
  }),
  strain: () => ({
    title: 'Strain it at once',
    detail: 'Into a cold bowl: the pot goes on cooking it.',
    press: 'Strained',
  }),
  stand: () => ({
    title: 'Skim, and let it stand',
    detail: 'Off the heat. Stir now and then, so that the pieces spread and do not float.',
    press: 'It has stood',
  }),
  fill: (_, { process }) => ({
    title: 'Fill the jars',
    detail: `At once, while it is hot, leaving ${process.headspaceMm > 10 ? '½ in' : '¼ in'}. Bubble out, wipe the rims, lids on, bands fingertip-tight. The part jar goes to the fridge.`,
    press: 'In the jars',
  }),
  load: (_, { process, product }) => ({
    title: 'Into the canner',
    detail:
      process.method === 'steam'
        ? 'On the rack, not touching, lid on.'
        : `On the rack, not touching, covered by 1 to 2 in of water${product === 'curd' ? ' of 82 °C (180 °F), not boiling' : ''}.`,
    press: 'They are in',
  }),
  'heat-canner': (_, { process }) => ({
    title:
      process.method === 'steam'
        ? 'Heat to the steam gauge’s mark'
        : 'Bring the canner to a full rolling boil',
    detail: 'No minute counts before that.',
    press: 'There now',
  }),
  process: (act, { process }) => ({
    title: `Process ${act.minutes === null ? 'the time printed in the formula' : minutesInWords(act.minutes)}`,
    detail: `In the ${process.method === 'steam' ? 'steam canner' : 'boiling-water canner'}. ${process.notes.slice(1).join(' ')} If the boil is lost, begin again.`,
    press: 'Processed',
  }),
  rest: () => ({
    title: 'Heat off, lid off',
    detail: 'Away from your face. Five minutes’ rest.',
    press: 'Rested',
  }),
  out: () => ({
    title: 'Lift the jars out straight',
    detail: 'Onto a towel, a gap between them, out of any draught. Never tighten the bands again.',
    press: 'They are out',
  }),
  chill: (_, { process }) => ({
    title: 'Cool quickly, into the fridge',
    detail: process.notes.join(' '),
    press: 'In the fridge',
  }),
  cool: () => ({
    title: 'Cool untouched',
    detail: '12 to 24 hours.',
    press: 'Cool',
  }),
  'press-lids': () => ({
    title: 'Press each lid',
    detail:
      'What has not sealed goes in the fridge, or is processed again within 24 hours with a new lid. A seal is not proof of safety.',
    press: 'Pressed',
  }),
  label: () => ({
    title: 'Label every jar',
    detail: 'What, when, and which batch.',
    press: 'Labelled',
  }),
  shelf: () => ({
    title: 'On the shelf',
    detail: 'Bands off, washed, dark and cool.',
    press: 'On the shelf',
  }),
};

/** An act in words. */
export const actInWords = (act: ToldAct, telling: Telling): ActWords =>
  ACT_WORDS[act.id](act, telling);

/** When it is done, for a run sheet. */
export const PHASE_IN_WORDS: { readonly [phase in Phase]: string } = {
  'day-before': 'the day before',
  prepare: 'before the heat',
  stove: 'at the stove',
  jars: 'at the jars',
  after: 'afterwards',
};
