import type { Stage } from '../boil/index.ts';
import { contentsOf, NOTHING, plus, timesContents, type Contents } from '../formula/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { stagesOf, toTheStop, type Act, type Addition } from '../chain/index.ts';
import { plannedAddition, type Entry } from './entry.ts';
import type { Moment, Progress } from './progress.ts';
import type { CookPlan } from './cookPlan.ts';

/** Between two points that the simulation remembers, minutes. */
const FINEST_MIN = 0.5;
const POINTS = 120;

/**
 * What the pot went through from the flame to `untilMs`, as stages of a cook; none before it is
 * lit.
 */
export function pastStages(moments: readonly Moment[], untilMs: number): readonly Stage[] {
  const first = moments.findIndex(({ progress }) => progress.litAtMs !== null);
  const litAtMs = moments[first]?.progress.litAtMs ?? null;
  if (litAtMs === null || untilMs <= litAtMs) return [];
  const finest = Math.max(FINEST_MIN, (untilMs - litAtMs) / 60_000 / POINTS);
  const stages: Stage[] = [];
  let adds: Contents | null = null;
  for (const [index, { event, progress, adds: asked }] of moments.entries()) {
    if (event.at >= untilMs) break;
    const more = addedAt({ event, adds: asked });
    if (more !== null) adds = adds === null ? more : plus(adds, more);
    // What goes into the cold pot is in it when it is lit.
    if (index < first) continue;
    const next = moments[index + 1]?.event.at ?? untilMs;
    const minutes = (Math.min(next, untilMs) - event.at) / 60_000;
    if (!(minutes > 0)) continue;
    const pieces = Math.max(1, Math.ceil(minutes / finest));
    for (let piece = 0; piece < pieces; piece += 1) {
      stages.push({
        name: progress.act.id,
        flame: progress.onHeat ? progress.flame : 0,
        lid: progress.lid,
        ...(progress.act.id === 'soften' ? { freesPectin: true } : {}),
        until: { kind: 'minutes', minutes: minutes / pieces },
        ...(adds === null ? {} : { add: adds }),
      });
      adds = null;
    }
  }
  return stages;
}

/** What was put into the pot besides what it held from the first, until `untilMs`. */
export const addedUntil = (moments: readonly Moment[], untilMs: number): Contents =>
  moments.reduce((sum, moment) => {
    const more = moment.event.at > untilMs ? null : addedAt(moment);
    return more === null ? sum : plus(sum, more);
  }, NOTHING);

/** What went into the pot at a moment; null where nothing did that is known. */
const addedAt = ({ event, adds }: Pick<Moment, 'event' | 'adds'>): Contents | null =>
  event.kind !== 'added' ? null : adds === null ? extraContents(event) : askedFor(adds, event);

/**
 * Most of what the sheet asks for that is taken to have gone in, over what it asks for; more is a
 * slip of the finger.
 */
const MOST_TIMES = 3;

/** What the sheet asked for, in the grams that were given. */
function askedFor({ contents, massG }: Addition, { value }: Entry): Contents | null {
  if (massG === 0) return null;
  const times = (value ?? massG) / massG;
  return timesContents(contents, times > MOST_TIMES ? 1 : times);
}

/**
 * Contents of something added that the run sheet does not ask for; null where it is none, or not in
 * the ingredient table.
 */
function extraContents({ kind, value, text }: Entry): Contents | null {
  if (kind !== 'added' || text === null || plannedAddition({ kind, text }) !== null) return null;
  const ingredient = findIngredient(text);
  return ingredient && value !== null && value > 0 ? contentsOf(ingredient, value) : null;
}

/**
 * What is still to come until the stop, if the acts are followed; empty once the stop is behind.
 */
export function stagesAhead(
  { acts }: CookPlan,
  progress: Progress,
  nowMs: number,
): readonly Stage[] {
  const { actIndex, added } = progress;
  const left = toTheStop(acts)
    .map((act, index) => (added.includes(index) ? { ...act, adds: null } : act))
    .slice(actIndex);
  return stagesOf(left, (act, index) =>
    index === 0 ? leftOf(act, progress, nowMs) : act.ahead,
  ).map(({ stage }) => stage);
}

/** The stages of the act that is on, less the minutes that have passed. */
function leftOf(act: Act, progress: Progress, nowMs: number): readonly Stage[] {
  if (progress.more !== null) {
    const left = ((progress.endsAtMs ?? nowMs) - nowMs) / 60_000;
    return left > 0
      ? [{ name: 'some minutes more', until: { kind: 'minutes', minutes: left } }]
      : [];
  }
  // Minutes that count only from the boil are all still to come until somebody says that it boils.
  const counts = act.ahead.every(({ until }) => until.kind === 'minutes');
  let passed = progress.sinceMs === null || !counts ? 0 : (nowMs - progress.sinceMs) / 60_000;
  return act.ahead.flatMap((stage): readonly Stage[] => {
    if (stage.until.kind !== 'minutes') return [stage];
    const left = stage.until.minutes - passed;
    passed = Math.max(0, passed - stage.until.minutes);
    return left > 0 ? [{ ...stage, until: { kind: 'minutes', minutes: left } }] : [];
  });
}
