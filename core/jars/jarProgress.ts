import { isOfTheJars, type JarEventKind } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import { closing, filled, measured } from './fillSteps.ts';
import type { JarPlan } from './jarPlan.ts';
import { NOTHING_YET, type JarProgress } from './jarState.ts';
import { ofJars, storeJars, seen } from './jarSteps.ts';
import { loaded, ofLoad } from './loadSteps.ts';

/** Where the jars stand after the events that stand, in order. */
export const jarProgressOf = (jarPlan: JarPlan, events: readonly Entry[]): JarProgress =>
  events.reduce(
    (now, event) => (isOfTheJars(event.kind) ? after(jarPlan, now, event, event.kind) : now),
    NOTHING_YET,
  );

function after(jarPlan: JarPlan, now: JarProgress, event: Entry, kind: JarEventKind): JarProgress {
  switch (kind) {
    case 'measured':
      return measured(jarPlan, now, event);
    case 'filled':
      return filled(jarPlan, now, event);
    case 'bubbled':
    case 'wiped':
    case 'lidded':
    case 'tight':
      return closing(now, event, kind);
    case 'loaded':
      return loaded(jarPlan, now, event);
    case 'canner-lit':
      return ofLoad(now, event, 'light');
    case 'canner-boils':
      return ofLoad(now, event, 'boil');
    case 'boil-lost':
      return ofLoad(now, event, 'lose');
    case 'water-in':
      return ofLoad(now, event, 'water');
    case 'canner-off':
      return ofLoad(now, event, 'off');
    case 'lifted-out':
      return ofLoad(now, event, 'lift');
    case 'sealed':
      return ofJars(now, event, 'seal');
    case 'unsealed':
      return ofJars(now, event, 'fail');
    case 'cracked':
      return ofJars(now, event, 'break');
    case 'new-lid':
      return ofJars(now, event, 'new lid');
    case 'to-fridge':
      return ofJars(now, event, 'chill');
    case 'to-freezer':
      return ofJars(now, event, 'freeze');
    case 'siphoned':
    case 'floating':
      return seen(now, event, kind);
    case 'labelled':
      return { ...now, labelled: true };
    case 'put-away':
      return storeJars(now, event);
  }
}
