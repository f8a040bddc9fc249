import { type Text, message } from '@idle-kettle/words/message';
import { jarId } from '../chain/index.ts';
import type { Entry } from '../stove/index.ts';
import { loadTime, type JarPlan } from './jarPlan.ts';
import {
  changed,
  jarOf,
  namedIn,
  REST_MS,
  tell,
  type Jar,
  type JarProgress,
  type Load,
} from './jarState.ts';
import {
  JAR_TRANSITIONS,
  LOAD_TRANSITIONS,
  type JarStep,
  type LoadState,
  type LoadStep,
} from './jarTransitions.ts';

/** Closed jars go into a canner together, where their sheet allows it. */
export function loaded(jarPlan: JarPlan, now: JarProgress, event: Entry): JarProgress {
  const number = event.value ?? 0;
  if (now.loads.some((load) => load.number === number))
    return tell(now, event, message('jars.loadIsAlreadyInIt', { number }));
  const named = namedIn(event).map((name) => jarOf(now, jarId(name)));
  const fit = named.filter(
    (jar): jar is Jar =>
      jar !== undefined && !jar.part && JAR_TRANSITIONS[jar.state].load !== undefined,
  );
  const why = named.some((jar) => jar?.part === true)
    ? message('jars.aJarThatIsntFullStays')
    : message('jars.jarsThatArentFilledAnd');
  const told = fit.length < named.length ? tell(now, event, why) : now;
  if (fit.length === 0) return told;
  const time = loadTime(
    jarPlan,
    fit.map(({ size }) => jarPlan.sizes[size - 1]?.volumeMl ?? Infinity),
  );
  if (time.refused !== null) return tell(now, event, time.refused);
  const jars = fit.map(({ id }) => id);
  const load: Load = {
    number,
    state: 'in',
    jars,
    minutes: time.minutes,
    loadedAtMs: event.at,
    litAtMs: null,
    timedFromMs: null,
    timedToMs: null,
    lost: 0,
    whole: false,
    offAtMs: null,
    outAtMs: null,
  };
  return jars.reduce<JarProgress>(
    (state, id) => changed(state, id, { state: 'in the canner', load: number }),
    { ...told, loads: [...told.loads, load] },
  );
}

/** Something happens to a load: by the table, or it is told. */
export function ofLoad(now: JarProgress, event: Entry, step: LoadStep): JarProgress {
  const load = now.loads.find(({ number }) => number === event.value);
  if (load === undefined)
    return tell(now, event, message('jars.thereIsNoLoadIn', { value: event.value ?? '' }));
  const state = LOAD_TRANSITIONS[load.state][step];
  // Whole, and out of its time: nothing sends it back.
  const over = load.state === 'resting' && load.whole && (step === 'boil' || step === 'light');
  if (state === undefined || over) return tell(now, event, NOT_NOW[step]);
  const next = stepped(load, state, step, event.at);
  const loads = now.loads.map((each) => (each === load ? next : each));
  const moved: JarProgress = { ...now, loads };
  if (step === 'off' && !next.whole && next.offAtMs !== null)
    return tell(moved, event, cutShort(load, event.at));
  if (step !== 'lift') return moved;
  const out: JarStep = next.whole ? 'out' : 'out early';
  const lifted = next.jars.reduce((state, id) => {
    const to = JAR_TRANSITIONS[jarOf(state, id)?.state ?? 'broken'][out];
    return to === undefined ? state : changed(state, id, { state: to, outAtMs: event.at });
  }, moved);
  return next.whole && next.offAtMs !== null && event.at - next.offAtMs < REST_MS
    ? tell(lifted, event, message('jars.theyCameOutBeforeFive'))
    : lifted;
}

const NOT_NOW: { readonly [step in LoadStep]: Text } = {
  light: message('jars.thatCannerIsAlreadyOn'),
  boil: message('jars.itsTimeIsAlreadyRunning'),
  lose: message('jars.noTimeWasRunningSo'),
  water: message('jars.thatLoadIsNotOn'),
  off: message('jars.thatLoadIsNotOn'),
  lift: message('jars.thatLoadIsAlreadyOut'),
};

function cutShort({ timedToMs, state }: Load, atMs: number): Text {
  const again = message('jars.soItIsNotProcessed');
  if (state === 'boil lost' || timedToMs === null)
    return message('jars.noTimeWasRunningWhen', { again });
  const short = Math.ceil((timedToMs - atMs) / 60_000);
  return message('jars.short', { short, part: short === 1 ? 'minute' : 'minutes', again });
}

function stepped(load: Load, state: LoadState, step: LoadStep, atMs: number): Load {
  const timed = { timedFromMs: null, timedToMs: null };
  switch (step) {
    case 'light':
      return { ...load, ...timed, state, litAtMs: atMs, offAtMs: null };
    case 'boil':
      return {
        ...load,
        state,
        timedFromMs: atMs,
        timedToMs: load.minutes === null ? null : atMs + load.minutes * 60_000,
        offAtMs: null,
      };
    case 'lose':
      // Lost after its time was over, it had its time.
      return isWhole(load, atMs) ? load : { ...load, ...timed, state, lost: load.lost + 1 };
    case 'water':
      return load;
    case 'off':
      return state === 'in'
        ? { ...load, state, litAtMs: null }
        : { ...load, state, whole: isWhole(load, atMs), offAtMs: atMs };
    case 'lift':
      return { ...load, state, whole: load.whole || isWhole(load, atMs), outAtMs: atMs };
  }
}

/** Whether its time is over at a moment; where only the formula says how long, whether any runs. */
const isWhole = ({ state, timedFromMs, timedToMs, minutes }: Load, atMs: number): boolean =>
  state === 'timed' &&
  timedFromMs !== null &&
  (minutes === null ? atMs > timedFromMs : timedToMs !== null && atMs >= timedToMs);
