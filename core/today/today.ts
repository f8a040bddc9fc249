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
  readonly isOpened: boolean;
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
  readonly sinceMs: number;
  readonly readyMs: number;
};

/** Everything that is open in a household. */
export type TodayState = {
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
/** A set has come to rest after so long, and is asked about for so long; common practice. */
const JUDGED_AFTER_MS = 7 * DAY_MS;
const JUDGED_FOR_MS = 120 * DAY_MS;
/** Calcium water keeps in the fridge for about so long; common practice. */
const CALCIUM_KEEPS_MS = 60 * DAY_MS;
const CALCIUM_AHEAD_MS = 14 * DAY_MS;
/** What runs out is told of where its fruit is ripe within so long. Judgement. */
const RIPE_SOON_MS = 45 * DAY_MS;
/** And runs out before it would be ripe again. */
const SHORT_WITHIN_MS = 365 * DAY_MS;
/** A batch that was planned longer ago than this is no plan any more. Judgement. */
const PLANNED_FOR_MS = 30 * DAY_MS;

/**
 * What wants a hand now, and what will: of everything that is open, ordered by what is lost by
 * waiting. The same list feeds the screen, the calendar and the notices.
 * @param nowMs on the household’s clock
 */
export function today(state: TodayState, nowMs: number): readonly Task[] {
  const tasks = [
    ...state.cooks.flatMap((cook) => ofCook(cook, nowMs)),
    ...state.standing.map((step) => ofStep(step, nowMs)),
    ...state.fruit.map((fruit) => ofFruit(fruit, nowMs)),
    ...state.shortLived.filter(({ eatByMs }) => eatByMs >= nowMs).map((jar) => ofJar(jar, nowMs)),
    ...ofPast(state.shortLived.filter(({ eatByMs }) => eatByMs < nowMs)),
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

function ofCook(cook: OpenCook, nowMs: number): readonly Task[] {
  const { id, name, startedAtMs, endedAtMs, jars } = cook;
  const task = (
    kind: TaskKind,
    count: number,
    dueMs: number,
    untilMs: number | null,
    place: Task['place'] = 'jars',
  ): Task => ({
    id: `${kind} ${id}`,
    kind,
    name,
    dueMs,
    untilMs,
    isNow: dueMs <= nowMs,
    count,
    jars: count,
    place,
    of: id,
  });
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
    return [task('on-the-stove', 0, startedAtMs, null, 'stove')];
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

const ofStep = ({ batchId, name, readyMs }: StandingStep, nowMs: number): Task => ({
  id: `step ${batchId}`,
  kind: readyMs <= nowMs ? 'next-step' : 'step-waiting',
  name,
  dueMs: readyMs,
  untilMs: readyMs + STEP_WAITS_MS,
  isNow: readyMs <= nowMs,
  count: 0,
  jars: 0,
  place: 'prepare',
  of: batchId,
});

const daysLeft = (untilMs: number, nowMs: number): number =>
  Math.max(0, Math.floor((untilMs - nowMs) / DAY_MS));

const ofFruit = ({ id, name, keepsUntilMs }: FruitAtHand, nowMs: number): Task => ({
  id: `fruit ${id}`,
  kind: 'fruit',
  name,
  dueMs: keepsUntilMs - FRUIT_AHEAD_MS,
  untilMs: keepsUntilMs,
  isNow: keepsUntilMs - FRUIT_AHEAD_MS <= nowMs,
  count: daysLeft(keepsUntilMs, nowMs),
  jars: 0,
  place: 'fruit',
  of: id,
});

function ofJar({ code, name, eatByMs, jars }: ShortLivedJar, nowMs: number): Task {
  const dueMs = eatByMs - EAT_AHEAD_MS;
  return {
    id: `eat ${code}`,
    kind: 'eat',
    name,
    dueMs,
    untilMs: eatByMs,
    isNow: dueMs <= nowMs,
    count: daysLeft(eatByMs, nowMs),
    jars,
    place: 'shelf',
    of: code,
  };
}

/** Jars that are past their last day: looked through together, and eaten no more without a look. */
function ofPast(past: readonly ShortLivedJar[]): readonly Task[] {
  const [first] = past;
  if (first === undefined) return [];
  return [
    {
      id: 'past',
      kind: 'past',
      name: first.name,
      dueMs: Math.min(...past.map(({ eatByMs }) => eatByMs)),
      untilMs: null,
      isNow: true,
      count: 0,
      jars: past.reduce((sum, { jars }) => sum + jars, 0),
      place: 'shelf',
      of: past.length === 1 ? first.code : '',
    },
  ];
}

function ofJudging(
  { id, name, cookedAtMs }: TodayState['toJudge'][number],
  nowMs: number,
): readonly Task[] {
  const dueMs = cookedAtMs + JUDGED_AFTER_MS;
  if (nowMs > cookedAtMs + JUDGED_FOR_MS) return [];
  return [
    {
      id: `judge ${id}`,
      kind: 'judge',
      name,
      dueMs,
      untilMs: cookedAtMs + JUDGED_FOR_MS,
      isNow: dueMs <= nowMs,
      count: 0,
      jars: 0,
      place: 'book',
      of: id,
    },
  ];
}

function ofCalcium(madeMs: number | null, nowMs: number): readonly Task[] {
  if (madeMs === null || nowMs > madeMs + CALCIUM_KEEPS_MS) return [];
  const untilMs = madeMs + CALCIUM_KEEPS_MS;
  const dueMs = untilMs - CALCIUM_AHEAD_MS;
  return [
    {
      id: `calcium ${madeMs}`,
      kind: 'calcium',
      name: '',
      dueMs,
      untilMs,
      isNow: dueMs <= nowMs,
      count: daysLeft(untilMs, nowMs),
      jars: 0,
      place: 'batch',
      of: '',
    },
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
    {
      id: `short ${fruit}`,
      kind: 'runs-short',
      name,
      dueMs: ripeMs,
      untilMs: runsOutMs > nowMs ? runsOutMs : null,
      isNow: ripeMs <= nowMs,
      count: 0,
      jars: 0,
      place: 'shelf',
      of: fruit,
    },
  ];
}

function ofPlanned(planned: TodayState['planned'], nowMs: number): readonly Task[] {
  if (planned === null || planned.changedAtMs < nowMs - PLANNED_FOR_MS) return [];
  return [
    {
      id: `planned ${planned.id}`,
      kind: 'planned',
      name: planned.name,
      dueMs: planned.changedAtMs,
      untilMs: null,
      // It waits as long as anybody likes.
      isNow: false,
      count: 0,
      jars: 0,
      place: 'batch',
      of: planned.id,
    },
  ];
}
