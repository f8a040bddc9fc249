import { message, type Text } from '@idle-kettle/words/message';
import { jarId } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import {
  changed,
  isAtRest,
  jarOf,
  namedIn,
  REPROCESS_WITHIN_MS,
  tell,
  type Jar,
  type JarProgress,
} from './jarState.ts';
import { JAR_TRANSITIONS, type JarState, type JarStep } from './jarTransitions.ts';

/** Something becomes of jars: by the table, or it is told. */
export function ofJars(now: JarProgress, event: Entry, step: JarStep): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const jar = jarOf(state, jarId(name));
    if (jar === undefined) return tell(state, event, message('jars.thatJarWasNeverFilled'));
    const to = JAR_TRANSITIONS[jar.state][step];
    // Said again, it stays said.
    if (to === undefined && AGAIN[step] === jar.state) return state;
    if (to === undefined) return tell(state, event, refusalOf(jar, step));
    if (step === 'new lid') return withNewLid(state, jar, event, to);
    return changed(state, jar.id, { state: to });
  }, now);
}

const AGAIN: { readonly [step in JarStep]?: JarState } = {
  seal: 'sealed',
  fail: 'unsealed',
  chill: 'fridge',
  freeze: 'freezer',
  break: 'broken',
  'new lid': 'closed',
};

function refusalOf({ state }: Jar, step: JarStep): Text {
  if (step === 'seal')
    return state === 'unsealed'
      ? message('jars.thatLidWasLooseUse')
      : message('jars.thatJarWasNotProcessed');
  return message('jars.thatJarIsSomewhereElse', { state });
}

function withNewLid(now: JarProgress, jar: Jar, event: Entry, to: JarState): JarProgress {
  if (jar.outAtMs !== null && event.at - jar.outAtMs > REPROCESS_WITHIN_MS)
    return tell(now, event, message('jars.itLeftTheCannerMore'));
  return changed(now, jar.id, { state: to, lids: jar.lids + 1, outAtMs: null });
}

/** What was seen of jars that is no fault of their seal. */
export function seen(now: JarProgress, event: Entry, what: 'siphoned' | 'floating'): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const jar = jarOf(state, jarId(name));
    if (jar === undefined) return tell(state, event, message('jars.thatJarWasNeverFilled'));
    return jar.seen.includes(what) ? state : changed(state, jar.id, { seen: [...jar.seen, what] });
  }, now);
}

/** What is sealed goes on the shelf; what is in the fridge or the freezer is where it is kept. */
export function storeJars(now: JarProgress, event: Entry): JarProgress {
  const sealed = now.jars.filter(({ state }) => JAR_TRANSITIONS[state].store !== undefined);
  if (now.jars.length === 0 || !now.jars.every(isAtRest))
    return tell(now, event, message('jars.notEveryJarIsSealed'));
  return sealed.reduce<JarProgress>((state, { id }) => changed(state, id, { state: 'shelf' }), {
    ...now,
    storedAtMs: now.storedAtMs ?? event.at,
  });
}
