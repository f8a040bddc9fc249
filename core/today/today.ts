import { COOL_MS, REPROCESS_WITHIN_MS } from '../jars/index.ts';
import { TASK_KINDS, type Task, type TaskKind } from './task.ts';

/** A cook that is not done with, as far as Today goes by it. Times in ms. */
export type OpenCook = {
  readonly id: string;
  readonly name: string;
  readonly startedAtMs: number;
  /** Null while it is on the stove. */
  readonly endedAtMs: number | null;
  readonly jars: readonly OpenJar[];
};

/** A jar that is not where it stays. */
export type OpenJar = {
  /** Waits for the canner or is in it · cools · did not seal · sealed, and not on the shelf. */
  readonly stands: 'unfinished' | 'cooling' | 'unsealed' | 'sealed';
  readonly outAtMs: number | null;
};

/** A jar of the fridge, or one that is open. */
export type ShortLivedJar = {
  readonly code: string;
  readonly name: string;
  readonly eatByMs: number;
  /** How many of one batch are so. */
  readonly jars: number;
};

/** Fruit in the house. */
export type FruitAtHand = {
  readonly id: string;
  readonly name: string;
  readonly keepsUntilMs: number;
};

/** Something that stands before a pot is lit: a soak, a drip, an infusion. */
export type StandingStep = {
  readonly batchId: string;
  readonly name: string;
  readonly readyMs: number;
};

/** A day of several batches that is planned, or on. */
export type PlannedDay = {
  readonly id: string;
  readonly name: string;
  readonly fromMs: number;
  readonly untilMs: number;
};

/** Everything that is open in a household. */
export type TodayState = {
  readonly days: readonly PlannedDay[];
  readonly cooks: readonly OpenCook[];
  readonly shortLived: readonly ShortLivedJar[];
  readonly fruit: readonly FruitAtHand[];
  readonly standing: readonly StandingStep[];
  /** Cooks that were over a week ago, of which nobody said how they set. */
  readonly toJudge: readonly {
    readonly id: string;
    readonly name: string;
    readonly cookedAtMs: number;
  }[];
  /** When calcium water was made last; null where none was. */
  readonly calciumMadeMs: number | null;
  readonly short: readonly {
    readonly fruit: string;
    readonly name: string;
    readonly runsOutMs: number;
    readonly ripeMs: number | null;
  }[];
  /** The batch that was planned last and never cooked; null for none. */
  readonly planned: {
    readonly id: string;
    readonly name: string;
    readonly changedAtMs: number;
  } | null;
};

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Jars are told of so long before their last day. Judgement. */
const EAT_AHEAD_MS = 5 * DAY_MS;
/** Fruit is told of so long before it is past cooking. Judgement. */
const FRUIT_AHEAD_MS = 2 * DAY_MS;
/** A soak may wait so long once it is ready; common practice. */
const STEP_WAITS_MS = 12 * HOUR_MS;
/** A set has come to rest after so long; common practice. */
const JUDGED_AFTER_MS = 7 * DAY_MS;
/** Nobody is asked how a batch set after so long. Judgement. */
export const JUDGED_FOR_DAYS = 120;
/** A planned day is told of so long before. Judgement. */
const DAYS_AHEAD_MS = 4 * DAY_MS;
/** Calcium water keeps in the fridge for about so long; common practice. */
export const CALCIUM_KEEPS_DAYS = 60;
const CALCIUM_AHEAD_MS = 14 * DAY_MS;
/** What runs out is told of where its fruit is ripe within so long. Judgement. */
const RIPE_SOON_MS = 45 * DAY_MS;
/** And runs out before it would be ripe again. */
const SHORT_WITHIN_MS = 365 * DAY_MS;
/** A batch that was planned longer ago than this is no plan any more. Judgement. */
export const PLANNED_FOR_DAYS = 30;

/**
 * What wants a hand now, and what will: of everything that is open, ordered by what is lost by
 * waiting. The same list feeds the screen, the calendar and the notices.
 * @param nowMs on the household’s clock
 */
export function today(state: TodayState, nowMs: number): readonly Task[] {
  const tasks = [
    ...state.cooks.flatMap((cook) => ofCook(cook, nowMs)),
    ...state.days.flatMap((day) => ofDay(day, nowMs)),
    ...state.standing.map((step) => ofStep(step, nowMs)),
    ...state.fruit.map((fruit) => ofFruit(fruit, nowMs)),
    ...state.shortLived.filter(({ eatByMs }) => eatByMs >= nowMs).map((jar) => ofJar(jar, nowMs)),
    ...ofPast(
      state.shortLived.filter(({ eatByMs }) => eatByMs < nowMs),
      nowMs,
    ),
    ...state.toJudge.flatMap((cook) => ofJudging(cook, nowMs)),
    ...ofCalcium(state.calciumMadeMs, nowMs),
    ...state.short.flatMap((one) => ofShort(one, nowMs)),
    ...ofPlanned(state.planned, nowMs),
  ];
  return tasks.sort(byNeed);
}

const RANK = new Map(TASK_KINDS.map((kind, index) => [kind, index]));
const rankOf = (kind: TaskKind): number => RANK.get(kind) ?? TASK_KINDS.length;

/** What wants a hand now before what will; by what is lost by waiting; the first due first. */
const byNeed = (a: Task, b: Task): number =>
  Number(b.isNow) - Number(a.isNow) ||
  rankOf(a.kind) - rankOf(b.kind) ||
  (a.untilMs ?? Infinity) - (b.untilMs ?? Infinity) ||
  a.dueMs - b.dueMs ||
  (a.id < b.id ? -1 : 1);

/** What is told of a task beside whether it is due yet; a name, a deadline or jars where it has them. */
type Told = Pick<Task, 'kind' | 'dueMs' | 'place' | 'of'> &
  Partial<Pick<Task, 'id' | 'name' | 'untilMs' | 'isNow' | 'jars'>>;

const taskAt = (nowMs: number, told: Told): Task => ({
  id: `${told.kind} ${told.of}`,
  name: '',
  untilMs: null,
  isNow: told.dueMs <= nowMs,
  jars: 0,
  ...told,
});

function ofCook(cook: OpenCook, nowMs: number): readonly Task[] {
  const { id, name, startedAtMs, endedAtMs, jars } = cook;
  const task = (kind: TaskKind, count: number, dueMs: number, untilMs: number | null) =>
    taskAt(nowMs, { kind, name, dueMs, untilMs, jars: count, place: 'jars', of: id });
  // What did not seal and stood for a day is for the fridge, and no work any more.
  const open = jars.filter(
    ({ stands, outAtMs }) =>
      stands !== 'unsealed' || outAtMs === null || nowMs < outAtMs + REPROCESS_WITHIN_MS,
  );
  const standing = (stands: OpenJar['stands']) => open.filter((jar) => jar.stands === stands);
  const outAt = (of: readonly OpenJar[]) => of.map(({ outAtMs }) => outAtMs ?? nowMs);
  const [unfinished, cooling, unsealed, sealed] = [
    standing('unfinished'),
    standing('cooling'),
    standing('unsealed'),
    standing('sealed'),
  ];
  if (endedAtMs === null && jars.length === 0)
    return [
      taskAt(nowMs, { kind: 'on-the-stove', name, dueMs: startedAtMs, place: 'stove', of: id }),
    ];
  const found: Task[] = [];
  if (unfinished.length > 0)
    found.push(task('jars-waiting', unfinished.length, startedAtMs, startedAtMs + DAY_MS));
  if (unsealed.length > 0) {
    const first = Math.min(...outAt(unsealed));
    found.push(task('reprocess', unsealed.length, first, first + REPROCESS_WITHIN_MS));
  }
  if (cooling.length > 0) {
    const last = Math.max(...outAt(cooling));
    const first = Math.min(...outAt(cooling));
    const dueMs = last + COOL_MS;
    const until = first + REPROCESS_WITHIN_MS;
    found.push(task(dueMs <= nowMs ? 'press-lids' : 'jars-cooling', cooling.length, dueMs, until));
  } else if (sealed.length > 0 && unfinished.length + unsealed.length === 0)
    found.push(task('store', sealed.length, Math.max(...outAt(sealed)), null));
  return found;
}

/** A day is told of while it is near, and until it is over. */
const ofDay = ({ id, name, fromMs, untilMs }: PlannedDay, nowMs: number): readonly Task[] =>
  untilMs < nowMs || fromMs > nowMs + DAYS_AHEAD_MS
    ? []
    : [taskAt(nowMs, { kind: 'day-sheet', name, dueMs: fromMs, place: 'day', of: id })];

const ofStep = ({ batchId, name, readyMs }: StandingStep, nowMs: number): Task =>
  taskAt(nowMs, {
    id: `step ${batchId}`,
    kind: readyMs <= nowMs ? 'next-step' : 'step-waiting',
    name,
    dueMs: readyMs,
    untilMs: readyMs + STEP_WAITS_MS,
    place: 'prepare',
    of: batchId,
  });

const ofFruit = ({ id, name, keepsUntilMs }: FruitAtHand, nowMs: number): Task =>
  taskAt(nowMs, {
    kind: 'fruit',
    name,
    dueMs: keepsUntilMs - FRUIT_AHEAD_MS,
    untilMs: keepsUntilMs,
    place: 'fruit',
    of: id,
  });

const ofJar = ({ code, name, eatByMs, jars }: ShortLivedJar, nowMs: number): Task =>
  taskAt(nowMs, {
    kind: 'eat',
    name,
    dueMs: eatByMs - EAT_AHEAD_MS,
    untilMs: eatByMs,
    jars,
    place: 'shelf',
    of: code,
  });

/** Jars that are past their last day: looked through together, and eaten no more without a look. */
function ofPast(past: readonly ShortLivedJar[], nowMs: number): readonly Task[] {
  const [first] = past;
  if (first === undefined) return [];
  return [
    taskAt(nowMs, {
      id: 'past',
      kind: 'past',
      name: first.name,
      dueMs: Math.min(...past.map(({ eatByMs }) => eatByMs)),
      jars: past.reduce((sum, { jars }) => sum + jars, 0),
      place: 'shelf',
      of: past.length === 1 ? first.code : '',
    }),
  ];
}

function ofJudging(
  { id, name, cookedAtMs }: TodayState['toJudge'][number],
  nowMs: number,
): readonly Task[] {
  const untilMs = cookedAtMs + JUDGED_FOR_DAYS * DAY_MS;
  if (nowMs > untilMs) return [];
  const dueMs = cookedAtMs + JUDGED_AFTER_MS;
  return [taskAt(nowMs, { kind: 'judge', name, dueMs, untilMs, place: 'book', of: id })];
}

function ofCalcium(madeMs: number | null, nowMs: number): readonly Task[] {
  if (madeMs === null) return [];
  const untilMs = madeMs + CALCIUM_KEEPS_DAYS * DAY_MS;
  if (nowMs > untilMs) return [];
  return [
    taskAt(nowMs, {
      id: `calcium ${madeMs}`,
      kind: 'calcium',
      dueMs: untilMs - CALCIUM_AHEAD_MS,
      untilMs,
      place: 'batch',
      of: '',
    }),
  ];
}

/** What runs out before its fruit would be ripe a second time, told of while it is ripe. */
function ofShort(
  { fruit, name, runsOutMs, ripeMs }: TodayState['short'][number],
  nowMs: number,
): readonly Task[] {
  if (ripeMs === null || ripeMs > nowMs + RIPE_SOON_MS || runsOutMs > nowMs + SHORT_WITHIN_MS)
    return [];
  return [
    taskAt(nowMs, {
      id: `short ${fruit}`,
      kind: 'runs-short',
      name,
      dueMs: ripeMs,
      untilMs: runsOutMs > nowMs ? runsOutMs : null,
      place: 'shelf',
      of: fruit,
    }),
  ];
}

function ofPlanned(planned: TodayState['planned'], nowMs: number): readonly Task[] {
  if (planned === null || planned.changedAtMs < nowMs - PLANNED_FOR_DAYS * DAY_MS) return [];
  const { id, name, changedAtMs: dueMs } = planned;
  // It can wait for as long as anybody likes.
  return [taskAt(nowMs, { kind: 'planned', name, dueMs, isNow: false, place: 'batch', of: id })];
}
