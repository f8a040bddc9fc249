import type { Entry, EntryKind } from '@idle-kettle/core';
import {
  plannedAddition,
  findIngredient,
  formatGrams,
  formatTemperature,
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
  ready: 'In the jars',
  undo: 'Taken back',
};

/** An entry of the log in a few words: `Added 1,400 g, as planned`. */
export function entryInWords({ kind, value, text }: Entry, scale: TemperatureScale): string {
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
    default:
      return name;
  }
}

/** `4:05`, `1:02:00`; with a plus once it has passed. */
export function clockInWords(ms: number): string {
  const passed = ms < 0;
  const seconds = passed ? Math.floor(-ms / 1000) : Math.ceil(ms / 1000);
  const two = (n: number) => String(n).padStart(2, '0');
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  return `${passed ? '+' : ''}${h > 0 ? `${h}:${two(m)}` : m}:${two(s)}`;
}
