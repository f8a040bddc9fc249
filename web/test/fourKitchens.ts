import { setMeasures } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { DEFAULTS } from './kitchen.ts';

/** A kitchen, a batch as it is written there, and the units that nobody there reads. */
export type OneOfFour = {
  readonly kitchen: Kitchen;
  readonly lines: readonly string[];
  readonly foreign: RegExp;
};

/** What stands between a figure and its unit. */
const AFTER_FIGURE = String.raw`(?<=[\d½¼¾⅓⅔⅛⅜⅝⅞][\s\u00a0]?)`;
const units = (names: string, more: string): RegExp =>
  new RegExp(String.raw`${AFTER_FIGURE}(?:(?:${names})(?![\p{L}\d])|${more})`, 'gu');

const NOT_US = 'kg|m[lL]|[lL]|cm|mm|m|liters?|litres?|meters?|metres?';
const NOT_METRIC = 'lbs?|oz|fl oz|qt|quarts?|in|inch|inches|ft|feet|cups?|pounds?|ounces?';

const half = { id: 'half', count: 30 };
const METRIC = { ...DEFAULTS, units: 'metric', temperature: 'C', altitudeUnit: 'm' } as const;
const WEIGHED = ['1.6 kg crushed damsons', '1 kg sugar', '30 g bottled lemon juice'];

/** US by the cup, US by the scale, UK, and metric high up. */
export const FOUR_KITCHENS: { readonly [name: string]: OneOfFour } = {
  'US, by the cup': {
    kitchen: DEFAULTS,
    lines: ['7 cups crushed damsons', '5 cups sugar', '2 tbsp bottled lemon juice'],
    foreign: units(NOT_US, '°C'),
  },
  'US, by the scale': {
    kitchen: { ...DEFAULTS, units: 'metric' },
    lines: WEIGHED,
    foreign: units('lbs?|oz|qt|quarts?|cups?|pounds?|ounces?', '°C'),
  },
  UK: {
    kitchen: {
      ...METRIC,
      measures: 'uk',
      altitudeM: 60,
      jars: [{ ...half, name: 'medium jar', volumeMl: 290 }],
    },
    lines: ['1.6 kg crushed damsons', '1 kg sugar', '30 ml bottled lemon juice'],
    foreign: units(NOT_METRIC, '°F'),
  },
  'metric, high up': {
    kitchen: {
      ...METRIC,
      measures: 'metric',
      altitudeM: 2400,
      jars: [{ ...half, name: 'glass', volumeMl: 250 }],
    },
    lines: ['1.6 kg crushed damsons', '1 kg sugar', '30 ml bottled lemon juice'],
    foreign: units(NOT_METRIC, '°F'),
  },
};

/** Lets a text be read as in one of the four. */
export const measuringAs = ({ kitchen: { units: system, temperature } }: OneOfFour): void =>
  setMeasures({ units: system, temperature });

/** `US cup, 237 mL`: whose measure it is, and how large. */
const EXPLAINED = /\b(?:US|UK|metric) (?:cup|pint|quart|gallon|tablespoon), [\d,.]+ mL/g;

/** Units that nobody in this kitchen reads, with the words around them. */
export const foreignIn = (texts: readonly string[], { foreign }: OneOfFour): readonly string[] =>
  texts.flatMap((text) =>
    [...text.replace(EXPLAINED, '').matchAll(foreign)].map(
      ({ index, 0: unit }) => `…${text.slice(Math.max(0, index - 40), index + unit.length + 15)}…`,
    ),
  );
