import { outcomeInWords } from '../words/outcomes.ts';
import { say, textOf, type PlainMessageId } from '@idle-kettle/words';
import type { Entry, EntryKind } from '@idle-kettle/core';
import {
  eitherVolume,
  plannedAddition,
  findIngredient,
  formatGrams,
  formatTemperature,
  isOfTheJars,
  type TemperatureScale,
} from '@idle-kettle/core';

const EVENTS: { readonly [kind in EntryKind]: PlainMessageId } = {
  temperature: 'stove.thermometer',
  weight: 'stove.weighed',
  'in-water': 'stove.probeInBoilingWater',
  'water-boils': 'stove.boilingWaterShows',
  lit: 'stove.burnerOn2',
  flame: 'stove.flame',
  'lid-on': 'stove.lidOn',
  'lid-off': 'stove.lidOff',
  softened: 'stove.soft',
  added: 'stove.added',
  dissolved: 'stove.dissolved',
  rolling: 'stove.atAFullBoil',
  stirred: 'stove.stirred',
  skimmed: 'stove.skimmed',
  pureed: 'stove.purEd',
  'plate-test': 'stove.plateTest',
  'sheet-test': 'stove.sheetTest',
  'mound-test': 'stove.moundTest',
  'off-heat': 'stove.offTheHeat',
  lifted: 'stove.liftedOffTheHeat',
  'on-heat': 'stove.backOnTheHeat',
  stood: 'stove.readyToFill',
  'probe-out': 'stove.probeOut',
  'probe-in': 'stove.probeIn',
  ready: 'stove.toTheJars',
  undo: 'stove.undone',
  measured: 'stove.measuredInThePot',
  filled: 'stove.filled',
  bubbled: 'stove.bubblesRemoved',
  wiped: 'stove.rimsWiped',
  lidded: 'stove.lidsOn',
  tight: 'stove.bandsFingertipTight',
  loaded: 'stove.intoTheCanner',
  'canner-lit': 'stove.cannerOnTheHeat',
  'canner-boils': 'stove.cannerAtTheBoil',
  'boil-lost': 'stove.cannerLostTheBoil',
  'water-in': 'stove.boilingWaterIntoTheCanner',
  'canner-off': 'stove.cannerOffTheHeat',
  'lifted-out': 'stove.outOfTheCanner',
  sealed: 'stove.sealed',
  unsealed: 'stove.didNotSeal',
  siphoned: 'stove.lostLiquid',
  floating: 'stove.fruitFloats',
  cracked: 'stove.broken',
  'new-lid': 'stove.newLid',
  'to-fridge': 'stove.intoTheFridge',
  'to-freezer': 'stove.intoTheFreezer',
  labelled: 'stove.labeled',
  'put-away': 'stove.onTheShelf',
  'was-hot': 'stove.itWasHot',
};

/**
 * An entry of the log in a few words: `Added 1,400 g, as planned`.
 * @param sizes the names of the kitchen’s jars, in its order, which entries name by their place
 */
export function entryInWords(
  { kind, value, text }: Entry,
  scale: TemperatureScale,
  sizes: readonly string[] = [],
): string {
  const name = say(EVENTS[kind]);
  switch (kind) {
    case 'added': {
      const what =
        plannedAddition({ kind, text }) !== null
          ? say('stove.asPlanned')
          : (findIngredient(text ?? '')?.name ?? text ?? '');
      return `${name} ${formatGrams(value ?? 0)}, ${what}`;
    }
    case 'flame':
      return `${name} ${Math.round(100 * (value ?? 0))} %`;
    case 'temperature':
    case 'water-boils':
      return `${name} ${formatTemperature(value ?? 0, scale)}`;
    case 'weight':
      return `${name} ${formatGrams(value ?? 0)}`;
    case 'plate-test':
    case 'sheet-test':
    case 'mound-test':
      return `${name}: ${outcomeInWords(text)}`;
    case 'measured':
      return `${name} ${textOf(eitherVolume(value ?? 0))}`;
    case 'filled':
      return `${name} ${jarsInWords(text, sizes)}${value === null ? '' : say('stove.volumeEach', { volume: textOf(eitherVolume(value)) })}`;
    case 'loaded':
      return say('stove.load', { name, value: value ?? 1, jars: jarsInWords(text, sizes) });
    case 'bubbled':
    case 'wiped':
    case 'lidded':
    case 'tight':
      return text === null
        ? name
        : `${name}: ${sizes[Number(text) - 1] ?? say('stove.size', { text })}`;
    default:
      return isOfTheJars(kind) && text !== null ? `${name}: ${jarsInWords(text, sizes)}` : name;
  }
}

/** `1.1-3 2.1` with the names of the sizes: `half-pint 1 to 3, pint 1`. */
const jarsInWords = (text: string | null, sizes: readonly string[]): string =>
  (text ?? '')
    .split(/\s+/)
    .map((part) => {
      const [size = '', numbers = ''] = part.split('.');
      return `${sizes[Number(size) - 1] ?? say('stove.size2', { size })} ${numbers.replace('-', say('stove.to'))}`;
    })
    .join(', ');

/** `4:05`, `1:02:00`; with a plus once it has passed. */
export function clockInWords(ms: number): string {
  const passed = ms < 0;
  const seconds = passed ? Math.floor(-ms / 1000) : Math.ceil(ms / 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return `${passed ? '+' : ''}${h > 0 ? `${h}:${two(m)}` : m}:${two(s)}`;
}

/** A number stays with its unit. */
export const unbroken = (text: string): string => text.replace(/(\d) /g, '$1\u00a0');
