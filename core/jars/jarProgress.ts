import { isOfTheJars, type JarEventKind } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import { closing, filled, measured } from './fillSteps.ts';
import type { JarPlan } from './jarPlan.ts';
import { NOTHING_YET, type Jar, type JarProgress } from './jarState.ts';
import { ofJars, storeJars, seen } from './jarSteps.ts';
import { loaded, ofLoad } from './loadSteps.ts';
import { heatAfter } from './potHeat.ts';

/**
 * Where the jars stand after what was done and stands, in order, and what was read by hand of the
 * pot: off the heat a probe may hang anywhere.
 */
export const jarProgressOf = (jarPlan: JarPlan, events: readonly Entry[]): JarProgress =>
  events.reduce(
    (now, event) =>
      isOfTheJars(event.kind)
        ? after(jarPlan, now, event, event.kind)
        : atTheStove(jarPlan, now, event),
    NOTHING_YET,
  );

/**
 * What was done at the stove. A pot that is heated again has back what was filled from it too cool,
 * and what is not in the canner yet.
 */
function atTheStove({ hot }: JarPlan, now: JarProgress, event: Entry): JarProgress {
  if (hot === null) return now;
  const pot = heatAfter(now.pot, event, hot);
  const jars = event.kind === 'rolling' ? now.jars.filter((jar) => !isPouredBack(jar)) : now.jars;
  return { ...now, pot, jars };
}

const isPouredBack = ({ cool, state }: Jar): boolean =>
  cool !== null && (state === 'filled' || state === 'closed');

/** The log is wrong: all that was filled was hot, and the pot is. */
const wasHot = ({ hot }: JarPlan, now: JarProgress, event: Entry): JarProgress => ({
  ...now,
  pot: hot === null ? now.pot : heatAfter(now.pot, event, hot),
  jars: now.jars.map((jar) => (jar.cool === null ? jar : { ...jar, cool: null })),
});

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
    case 'was-hot':
      return wasHot(jarPlan, now, event);
  }
}
