import { message } from '@idle-kettle/words/message';
import { eitherVolume } from '../quantity/index.ts';
import { jarId } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import type { JarPlan } from './jarPlan.ts';
import {
  CLOSING,
  jarOf,
  LITTLE_SHORT,
  namedIn,
  tell,
  type Closing,
  type Jar,
  type JarProgress,
} from './jarState.ts';
import { JAR_TRANSITIONS } from './jarTransitions.ts';
import { notHotAt } from './potHeat.ts';

/** What is in the pot was measured. */
export function measured({ potMl }: JarPlan, now: JarProgress, event: Entry): JarProgress {
  const mL = event.value ?? 0;
  if (potMl !== null && mL > potMl)
    return tell(
      now,
      event,
      message('jars.thePotHoldsMlTo', { pot: eitherVolume(potMl), said: eitherVolume(mL) }),
    );
  return { ...now, measuredMl: mL, measuredAtMs: event.at };
}

/** Jars are filled: each once, however often that is said. */
export function filled(jarPlan: JarPlan, now: JarProgress, event: Entry): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const id = jarId(name);
    // Pressed on two devices, or twice: it is one jar.
    if (jarOf(state, id) !== undefined) return state;
    const size = jarPlan.sizes[name.size - 1];
    if (size === undefined) return tell(state, event, message('jars.thisKitchenHasNoSuch'));
    const holdsMl = Math.min(event.value ?? size.volumeMl, size.volumeMl);
    const jar: Jar = {
      ...name,
      id,
      state: 'filled',
      holdsMl,
      part: holdsMl < size.volumeMl * (1 - LITTLE_SHORT),
      filledAtMs: event.at,
      done: [],
      lids: 0,
      load: null,
      outAtMs: null,
      cool: notHotAt(state.pot, event.at, jarPlan.hot),
      seen: [],
    };
    const next: JarProgress = { ...state, jars: [...state.jars, jar] };
    const count = next.jars.filter(({ size: of }) => of === name.size).length;
    return size.count !== null && count > size.count
      ? tell(
          next,
          event,
          message('jars.ofAreFilledButKitchen', { count, name: size.name, count2: size.count }),
        )
      : next;
  }, now);
}

/**
 * A row of jars, all of one size that are filled and open, has a step of its closing done; without
 * a size, all of them.
 */
export function closing(now: JarProgress, event: Entry, step: Closing): JarProgress {
  const row = event.text === null ? null : Number(event.text);
  return {
    ...now,
    jars: now.jars.map((jar) => {
      if (jar.state !== 'filled' || (row !== null && jar.size !== row) || jar.done.includes(step))
        return jar;
      const done = [...jar.done, step];
      const lids = step === 'lidded' ? jar.lids + 1 : jar.lids;
      const state = CLOSING.every((each) => done.includes(each))
        ? (JAR_TRANSITIONS.filled.close ?? jar.state)
        : jar.state;
      return { ...jar, done, lids, state };
    }),
  };
}
