import { type Text, message } from '@idle-kettle/words/message';
import type { Entry } from '../stove/index.ts';
import type { JarBook } from './jarBook.ts';
import { loadTime, type JarPlan } from './jarPlan.ts';
import { coolAt, REST_MS, type Jar, type Load } from './jarState.ts';
import {
  JAR_TRANSITIONS,
  LOAD_TRANSITIONS,
  type LoadState,
  type LoadStep,
} from './jarTransitions.ts';

/** Closed jars go into a canner together, where their sheet allows it. */
export function loaded(jarPlan: JarPlan, book: JarBook, event: Entry): void {
  const number = event.value ?? 0;
  if (book.load(number) !== undefined) {
    book.tell(event, message('jars.loadIsAlreadyInIt', { number }));
    return;
  }
  const named = book.namedIn(event).map(([, jar]) => jar);
  const fit = named.filter(
    (jar): jar is Jar =>
      jar !== undefined && !jar.part && JAR_TRANSITIONS[jar.state].load !== undefined,
  );
  if (fit.length < named.length)
    book.tell(
      event,
      named.some((jar) => jar?.part === true)
        ? message('jars.aJarThatIsntFullStays')
        : message('jars.jarsThatArentFilledAnd'),
    );
  if (fit.length === 0) return;
  const time = loadTime(
    jarPlan,
    fit.map(({ size }) => jarPlan.sizes[size - 1]?.volumeMl ?? Infinity),
  );
  if (time.refused !== null) {
    book.tell(event, time.refused);
    return;
  }
  book.putLoad({
    number,
    state: 'in',
    jars: fit.map(({ id }) => id),
    minutes: time.minutes,
    loadedAtMs: event.at,
    litAtMs: null,
    timedFromMs: null,
    timedToMs: null,
    lost: 0,
    whole: false,
    offAtMs: null,
    outAtMs: null,
  });
  for (const jar of fit) {
    const cool = coolAt(jar, event.at);
    if (cool === 'stood') book.tell(event, message('jars.theyStoodForHours'));
    book.change(jar, { state: 'in the canner', load: number, cool });
  }
}

/** Something happens to a load: by the table, or it is told. */
export function ofLoad(book: JarBook, event: Entry, step: LoadStep): void {
  const load = book.load(event.value);
  if (load === undefined) {
    book.tell(event, message('jars.thereIsNoLoadIn', { value: event.value ?? '' }));
    return;
  }
  const state = LOAD_TRANSITIONS[load.state][step];
  // Whole, and out of its time: nothing sends it back.
  const over = load.state === 'resting' && load.whole && (step === 'boil' || step === 'light');
  if (state === undefined || over) {
    book.tell(event, NOT_NOW[step]);
    return;
  }
  const next = stepped(load, state, step, event.at);
  book.putLoad(next);
  if (step === 'off' && !next.whole && next.offAtMs !== null)
    book.tell(event, cutShort(load, event.at));
  if (step !== 'lift') return;
  for (const jar of book.inLoad(next)) {
    const to = JAR_TRANSITIONS[jar.state][next.whole ? 'out' : 'out early'];
    if (to !== undefined) book.change(jar, { state: to, outAtMs: event.at });
  }
  if (next.whole && next.offAtMs !== null && event.at - next.offAtMs < REST_MS)
    book.tell(event, message('jars.theyCameOutBeforeFive'));
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
