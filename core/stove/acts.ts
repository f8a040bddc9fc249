import type { HeatSource, Stage } from '../boil/index.ts';
import { startContents, type Contents } from '../formula/index.ts';
import { type UnderstoodLine } from '../reader/index.ts';
import {
  COOK_TO_SAUCE_MIN,
  CURD_DONE_C,
  DISSOLVE_MIN,
  GENTLE_FLAME,
  HELD_FLAME,
  isSugar,
  listed,
  LOW_FLAME,
  METHODS,
  PUREE_MIN,
  ROLLING_MIN,
  softeningOf,
  softeningStage,
  type Method,
  type Product,
} from '../method/index.ts';
import type { EventKind } from './entry.ts';

export type ActId =
  | 'light'
  | 'soften'
  | 'sauce'
  | 'slow'
  | 'puree'
  | 'add'
  | 'dissolve'
  | 'to-boil'
  | 'to-rolling'
  | 'clock'
  | 'boil-down'
  | 'reduce'
  | 'whisk'
  | 'plate'
  | 'mound'
  | 'strain'
  | 'stand'
  | 'fill';

/** What goes in during an act. */
export type Addition = { readonly contents: Contents; readonly massG: number };

/** One thing to do at the stove. */
export type Act = {
  readonly id: ActId;
  /** What to do, short enough to be read from across the kitchen. */
  readonly text: string;
  readonly detail: string;
  /** The event that ends it, and what its button says. */
  readonly done: EventKind;
  readonly press: string;
  /** Minutes on its clock, which starts with the act; null where no clock runs. */
  readonly minutes: number | null;
  readonly handsOn: boolean;
  /** Share of the burner's power that the act asks for. */
  readonly flame: number;
  readonly lid: boolean;
  readonly adds: Addition | null;
  /** What the pot is expected to go through while it lasts. */
  readonly ahead: readonly Stage[];
};

export type ActsCase = {
  readonly product: Product;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  readonly targetPct: number;
  readonly boilMin: number | null;
  readonly heat: HeatSource;
  /** Whether a butter's fruit comes as a sauce already, puréed. */
  readonly isSauce: boolean;
  /** The stop as this thermometer shows it: `219.9 °F`. */
  readonly stop: string;
};

/** A drop on a plate from the freezer, and a pot that stands so that its pieces spread; common practice. */
const PLATE_MIN = 2;
const STAND_MIN = 5;

type Given = Partial<Act> & Pick<Act, 'id' | 'text' | 'detail' | 'done' | 'press'>;

const act = (given: Given): Act => ({
  minutes: null,
  handsOn: true,
  flame: 1,
  lid: false,
  adds: null,
  ahead: [],
  ...given,
});

const stage = (name: string, until: Stage['until'], rest: Partial<Stage> = {}): Stage => ({
  name,
  until,
  ...rest,
});
const minutes = (count: number): Stage['until'] => ({ kind: 'minutes', minutes: count });

/** The acts of a cook at the stove, by its method, with the grams at each; and what is in the pot when it is lit. */
export function actsOf(of: ActsCase): { readonly first: Contents; readonly acts: readonly Act[] } {
  const { product, method, lines, stop } = of;
  const isPectin = ({ ingredient }: UnderstoodLine) => ingredient.kind === 'pectin';
  const later: { readonly [method in Method]: (line: UnderstoodLine) => boolean } = {
    'long-boil': isSugar,
    'powdered-pectin': isSugar,
    'liquid-pectin': isPectin,
    'low-methoxyl': (line) => isSugar(line) || isPectin(line),
    reduce: isSugar,
    egg: () => false,
  };
  const goesIn = lines.filter(later[method]);
  const first = lines.filter((line) => !later[method](line));
  const light = act({
    id: 'light',
    text: 'Light the burner',
    detail: `In the pot: ${listed(first) ?? 'nothing yet'}.`,
    done: 'lit',
    press: 'It is lit',
  });
  const acts = {
    'long-boil': () => longBoil(of, goesIn),
    'powdered-pectin': () => byTheClock(of, goesIn, 'All the sugar in, at once'),
    'liquid-pectin': () => byTheClock(of, goesIn, 'Pectin in, at once'),
    'low-methoxyl': () => byTheClock(of, goesIn, 'Sugar with pectin in'),
    reduce: () => reducing(of, goesIn),
    egg: () => whisking(stop),
  }[method]();
  const floats = !['jelly', 'infusion-jelly', 'butter', 'curd'].includes(product);
  return {
    first: startContents(first),
    acts: [
      light,
      ...acts,
      ...(floats
        ? [
            act({
              id: 'stand',
              text: 'Skim, and let it stand',
              detail: 'Stir now and then, so that the pieces spread and do not float.',
              done: 'stood',
              press: 'It has stood',
              minutes: STAND_MIN,
              flame: 0,
              ahead: [stage('stand', minutes(STAND_MIN), { flame: 0 })],
            }),
          ]
        : []),
      act({
        id: 'fill',
        text: 'Fill the jars',
        detail: 'At once, while it is hot.',
        done: 'ready',
        press: 'In the jars',
        flame: 0,
      }),
    ],
  };
}

function longBoil(
  { product, lines, targetPct, stop }: ActsCase,
  sugar: readonly UnderstoodLine[],
): readonly Act[] {
  const softening = softeningOf(product, lines);
  return [
    ...(softening === null
      ? []
      : [
          TO_THE_BOIL,
          act({
            id: 'soften',
            text: `Soften the ${softening.what}, lid on`,
            detail:
              softening.what === 'peel'
                ? 'At a simmer until a piece crushes between the fingers. Sugar would keep it hard.'
                : 'In its own liquid, before any sugar goes in: sugar would keep the skins hard.',
            done: 'softened',
            press: 'It is soft',
            minutes: softening.minutes,
            handsOn: false,
            flame: LOW_FLAME,
            lid: true,
            ahead: [softeningStage(softening)],
          }),
        ]),
    ...(sugar.length === 0
      ? []
      : [
          addition(sugar, 'Sugar in', LOW_FLAME),
          act({
            id: 'dissolve',
            text: 'Stir until no grit is felt',
            detail:
              'Low heat. Feel the spoon: sugar that is not dissolved scorches, and grows crystals.',
            done: 'dissolved',
            press: 'No grit',
            flame: LOW_FLAME,
            ahead: [stage('dissolve', minutes(DISSOLVE_MIN), { flame: LOW_FLAME })],
          }),
        ]),
    act({
      id: 'boil-down',
      text: `Boil hard to ${stop}`,
      detail: 'It climbs slowly at first and fast at the end. Do not leave it now.',
      done: 'off-heat',
      press: 'Off the heat',
      ahead: [stage('boil to the stop', { kind: 'solubles', pct: targetPct })],
    }),
    act({
      id: 'plate',
      text: 'Test a drop on the cold plate',
      detail: 'A minute in the freezer, then push it with a finger. The heat stays off meanwhile.',
      done: 'plate-test',
      press: 'Plate test',
      flame: 0,
      ahead: [stage('plate test', minutes(PLATE_MIN), { flame: 0 })],
    }),
  ];
}

const addition = (lines: readonly UnderstoodLine[], text: string, flame: number): Act => {
  const contents = startContents(lines);
  const massG = lines.reduce((sum, line) => sum + line.massG.typical, 0);
  return act({
    id: 'add',
    text,
    detail: `${listed(lines) ?? ''}.`,
    done: 'added',
    press: 'It is in',
    flame,
    adds: { contents, massG },
  });
};

/** Minutes of softening count from the boil. */
const TO_THE_BOIL: Act = act({
  id: 'to-boil',
  text: 'Bring it to the boil, lid on',
  detail: 'Stir once or twice, so that nothing catches before the juice runs.',
  done: 'rolling',
  press: 'It boils',
  lid: true,
  ahead: [stage('to the boil', { kind: 'boil' }, { lid: true })],
});

const toRolling = (text: string): Act =>
  act({
    id: 'to-rolling',
    text,
    detail: 'A boil that stirring does not stop. The minute counts only from there.',
    done: 'rolling',
    press: 'Rolling boil now',
    ahead: [
      stage('to the boil', { kind: 'boil' }),
      stage('to a full rolling boil', minutes(ROLLING_MIN)),
    ],
  });

function byTheClock(
  { method, boilMin, stop }: ActsCase,
  goesIn: readonly UnderstoodLine[],
  text: string,
): readonly Act[] {
  const count = boilMin ?? METHODS[method].boilMin ?? 1;
  return [
    toRolling('Bring to a full rolling boil'),
    ...(goesIn.length === 0
      ? []
      : [addition(goesIn, text, 1), toRolling('Back to a rolling boil')]),
    act({
      id: 'clock',
      text: `Boil hard for ${count} ${count === 1 ? 'minute' : 'minutes'}`,
      detail: `Stir all the while. The clock decides; it should then show about ${stop}.`,
      done: 'off-heat',
      press: 'Off the heat',
      minutes: count,
      flame: HELD_FLAME,
      ahead: [stage('full rolling boil', minutes(count), { flame: HELD_FLAME })],
    }),
  ];
}

function reducing(
  { heat, targetPct, stop, isSauce }: ActsCase,
  sugar: readonly UnderstoodLine[],
): readonly Act[] {
  return [
    ...(isSauce ? [] : toSauce(heat)),
    ...(sugar.length === 0 ? [] : [addition(sugar, 'Sugar in, to taste', 1)]),
    act({
      id: 'reduce',
      text: 'Reduce, lid off',
      detail: `Weigh the pot: weight tells the solids of a butter, temperature hardly does. Done about ${stop}.`,
      done: 'off-heat',
      press: 'Off the heat',
      handsOn: !heat.slow,
      ahead: [stage('reduce', { kind: 'solubles', pct: targetPct })],
    }),
    act({
      id: 'mound',
      text: 'Spoon a mound on a cold plate',
      detail: 'Tilt it. It should stay heaped, with no ring of water round it.',
      done: 'mound-test',
      press: 'Mound test',
      flame: 0,
      ahead: [stage('mound test', minutes(PLATE_MIN), { flame: 0 })],
    }),
  ];
}

/** Fruit cooked soft under a lid and puréed. */
function toSauce({ slow, lidMin }: HeatSource): readonly Act[] {
  const softening = slow
    ? [
        act({
          id: 'slow',
          text: 'Cook with the lid on',
          detail: 'Keep it above 60 °C (140 °F) throughout. It may be left.',
          done: 'lid-off',
          press: 'Lid off now',
          minutes: lidMin,
          handsOn: false,
          lid: true,
          ahead: [stage('lid on', minutes(lidMin), { lid: true })],
        }),
      ]
    : [
        TO_THE_BOIL,
        act({
          id: 'sauce',
          text: 'Cook to a sauce, lid on',
          detail: 'Until a spoon crushes the fruit. Stir when it begins to catch.',
          done: 'softened',
          press: 'It is a sauce',
          minutes: COOK_TO_SAUCE_MIN,
          handsOn: false,
          flame: 0.5,
          lid: true,
          ahead: [stage('to a sauce', minutes(COOK_TO_SAUCE_MIN), { lid: true, flame: 0.5 })],
        }),
      ];
  return [
    ...softening,
    act({
      id: 'puree',
      text: 'Purée it, off the heat',
      detail: 'Stick blender, mill or sieve. It spits: pot off, lid near, children and pets away.',
      done: 'pureed',
      press: 'It is smooth',
      minutes: PUREE_MIN,
      flame: 0,
      ahead: [stage('purée', minutes(PUREE_MIN), { flame: 0 })],
    }),
  ];
}

const whisking = (stop: string): readonly Act[] => [
  act({
    id: 'whisk',
    text: `Whisk to ${stop}`,
    detail:
      'Gentle heat, the whisk never still, and never a boil: above 82 °C (180 °F) it curdles.',
    done: 'off-heat',
    press: 'Off the heat',
    flame: GENTLE_FLAME,
    ahead: [stage('whisk', { kind: 'temperature', tempC: CURD_DONE_C }, { flame: GENTLE_FLAME })],
  }),
  act({
    id: 'strain',
    text: 'Strain it at once',
    detail: 'Into a cold bowl: the pot goes on cooking it.',
    done: 'stood',
    press: 'Strained',
    flame: 0,
  }),
];
