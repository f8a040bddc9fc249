import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import {
  formatTemperature,
  HEAT_SOURCES,
  PRETREATMENT_FACTS,
  type MethodFinding,
  type PretreatmentKind,
  type Settings,
} from '@idle-kettle/core';

/** What using a finding does; null where it is only shown. */
export type Use =
  | { readonly settings: Settings }
  | { readonly first: PretreatmentKind; readonly hours: number | null }
  | null;

/** A finding as the screen shows it: in words, and what using it does. */
export type Found = { readonly what: string; readonly use: Use };

/** Whether a batch is set so already. */
export const isUsed = (use: NonNullable<Use>, settings: Settings): boolean =>
  'first' in use
    ? settings.before?.kind === use.first
    : Object.entries(use.settings).every(
        ([key, value]) => settings[key as keyof Settings] === value,
      );

const hoursOf = (minutes: number): number => Math.round(minutes / 6) / 10;

/** What a method says, in the words of this kitchen, and what can be taken from it. */
export function foundInMethod(finding: MethodFinding, kitchen: Kitchen): Found {
  switch (finding.kind) {
    case 'heat': {
      const { name } = HEAT_SOURCES[finding.heat];
      const burner = kitchen.burners.find(({ heat }) => heat === finding.heat);
      return burner === undefined
        ? { what: say('balance.foundHeatNotOwned', { name }), use: null }
        : {
            what: say('balance.foundHeat', { name }),
            use: { settings: { burner: burner.id ?? burner.name } },
          };
    }
    case 'lid':
      return {
        what:
          finding.minutes === 0
            ? say('balance.foundLidOff')
            : say('balance.foundLidOn', { hours: hoursOf(finding.minutes) }),
        use: { settings: { lidMin: finding.minutes } },
      };
    case 'boil':
      return {
        what: say('balance.foundBoil', { count: finding.minutes }),
        use: { settings: { boilMin: finding.minutes } },
      };
    case 'first': {
      const { name } = PRETREATMENT_FACTS[finding.first];
      return {
        what:
          finding.hours === null
            ? say('balance.foundFirst', { name })
            : say('balance.foundFirstHours', { name, hours: finding.hours }),
        use: { first: finding.first, hours: finding.hours },
      };
    }
    case 'store':
      return {
        what: say('balance.storeIn2', {
          place: say(finding.place === 'fridge' ? 'balance.storeInFridge' : 'ui.freezerOnly'),
        }),
        use: { settings: { storeIn: finding.place } },
      };
    case 'stop':
      return {
        what: say('balance.foundStop', {
          temperature: formatTemperature(finding.tempC, kitchen.temperature),
        }),
        use: null,
      };
    case 'process':
      return { what: say('balance.foundProcess', { count: finding.minutes }), use: null };
  }
}
