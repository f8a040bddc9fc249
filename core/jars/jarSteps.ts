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
    if (jar === undefined) return tell(state, event, 'No such jar was filled. It is not counted.');
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

function refusalOf({ state }: Jar, step: JarStep): string {
  if (step === 'seal')
    return state === 'unsealed'
      ? 'That lid was loose once. A new lid and the whole time again, or the fridge.'
      : 'That jar was not processed for its whole time, so a lid that is down proves nothing. It is not counted.';
  return `That jar is in another place by now (${state}). It is not counted.`;
}

function withNewLid(now: JarProgress, jar: Jar, event: Entry, to: JarState): JarProgress {
  if (jar.outAtMs !== null && event.at - jar.outAtMs > REPROCESS_WITHIN_MS)
    return tell(
      now,
      event,
      'More than 24 hours since it came out: too late for the canner. It goes to the fridge.',
    );
  return changed(now, jar.id, { state: to, lids: jar.lids + 1, outAtMs: null });
}

/** What was seen of jars that is no fault of their seal. */
export function seen(now: JarProgress, event: Entry, what: 'siphoned' | 'floating'): JarProgress {
  return namedIn(event).reduce((state, name) => {
    const jar = jarOf(state, jarId(name));
    if (jar === undefined) return tell(state, event, 'No such jar was filled. It is not counted.');
    return jar.seen.includes(what) ? state : changed(state, jar.id, { seen: [...jar.seen, what] });
  }, now);
}

/** What is sealed goes on the shelf; what is in the fridge or the freezer is where it is kept. */
export function storeJars(now: JarProgress, event: Entry): JarProgress {
  const sealed = now.jars.filter(({ state }) => JAR_TRANSITIONS[state].store !== undefined);
  if (now.jars.length === 0 || !now.jars.every(isAtRest))
    return tell(
      now,
      event,
      'Not every jar is sealed, in the fridge or in the freezer yet. It is put away when all of them are.',
    );
  return sealed.reduce<JarProgress>((state, { id }) => changed(state, id, { state: 'shelf' }), {
    ...now,
    storedAtMs: now.storedAtMs ?? event.at,
  });
}
