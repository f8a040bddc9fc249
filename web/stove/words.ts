import type { Entry, EntryKind } from '@idle-kettle/core';
import {
  plannedAddition,
  findIngredient,
  formatGrams,
  formatTemperature,
  isOfTheJars,
  type TemperatureScale,
} from '@idle-kettle/core';

const EVENTS: { readonly [kind in EntryKind]: string } = {
  temperature: 'Thermometer',
  weight: 'Weighed',
  'in-water': 'Probe in boiling water',
  'water-boils': 'Boiling water shows',
  lit: 'Lit',
  flame: 'Flame',
  'lid-on': 'Lid on',
  'lid-off': 'Lid off',
  softened: 'Soft',
  added: 'Added',
  dissolved: 'No grit',
  rolling: 'At a full boil',
  stirred: 'Stirred',
  skimmed: 'Skimmed',
  pureed: 'Puréed',
  'plate-test': 'Plate test',
  'sheet-test': 'Sheet test',
  'mound-test': 'Mound test',
  'off-heat': 'Off the heat',
  lifted: 'Lifted off the heat',
  'on-heat': 'Back on the heat',
  stood: 'Stood',
  'probe-out': 'Probe out',
  'probe-in': 'Probe in',
  ready: 'To the jars',
  undo: 'Taken back',
  measured: 'Measured in the pot',
  filled: 'Filled',
  bubbled: 'Bubbles out',
  wiped: 'Rims wiped',
  lidded: 'Lids on',
  tight: 'Bands fingertip-tight',
  loaded: 'Into the canner',
  'canner-lit': 'Canner on the heat',
  'canner-boils': 'Canner at the boil',
  'boil-lost': 'Canner lost the boil',
  'water-in': 'Boiling water into the canner',
  'canner-off': 'Canner off the heat',
  'lifted-out': 'Out of the canner',
  sealed: 'Sealed',
  unsealed: 'Did not seal',
  siphoned: 'Lost liquid',
  floating: 'Fruit floats',
  cracked: 'Broken',
  'new-lid': 'New lid',
  'to-fridge': 'Into the fridge',
  'to-freezer': 'Into the freezer',
  labelled: 'Labelled',
  'put-away': 'Put away',
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
  const name = EVENTS[kind];
  switch (kind) {
    case 'added': {
      const what =
        plannedAddition({ kind, text }) !== null
          ? 'as planned'
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
      return `${name}: ${text ?? ''}`;
    case 'measured':
      return `${name} ${Math.round(value ?? 0)} mL`;
    case 'filled':
      return `${name} ${jarsInWords(text, sizes)}${value === null ? '' : `, ${Math.round(value)} mL each`}`;
    case 'loaded':
      return `${name}, load ${value ?? 1}: ${jarsInWords(text, sizes)}`;
    case 'bubbled':
    case 'wiped':
    case 'lidded':
    case 'tight':
      return text === null ? name : `${name}: ${sizes[Number(text) - 1] ?? `size ${text}`}`;
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
      return `${sizes[Number(size) - 1] ?? `size ${size}`} ${numbers.replace('-', ' to ')}`;
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
