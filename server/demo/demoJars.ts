import { type Batch, type Kitchen } from '@idle-kettle/contract';
import {
  fillingOf,
  jarProgressOf,
  jarPlanOf,
  jarsInText,
  loadTime,
  USUAL_HALF_PINTS,
  type Entry,
  type EntryKind,
  requestInKitchen,
} from '@idle-kettle/core';

const MIN = 60_000;
const HOUR = 60 * MIN;
/** From the loading to the boil, and between two loads. */
const CLIMB_MS = 14 * MIN;
const REST_MS = 5 * MIN;

/**
 * What was done with the jars of a batch of the season: filled as it was forecast, the part jar to
 * the fridge, the rest through the canner in as many loads as it takes.
 * @param fromMs when the pot came off
 * @param isDone whether lids were pressed and all of it put away, the next day; else the jars cool
 */
export function demoJars(
  { lines, settings }: Pick<Batch, 'lines' | 'settings'>,
  kitchen: Kitchen,
  fromMs: number,
  isDone: boolean,
): readonly Entry[] {
  const jarPlan = jarPlanOf(requestInKitchen({ lines, settings }, kitchen), [], 0);
  if (jarPlan === null) throw new Error('The demo’s batch cannot be filled into jars');
  const { rest, part } = fillingOf(jarPlan, jarProgressOf(jarPlan, []), null);
  const entries: Entry[] = [];
  const note = (
    at: number,
    kind: EntryKind,
    text: string | null = null,
    value: number | null = null,
  ): void => {
    entries.push({ source: 'demo jars', seq: entries.length + 1, at, kind, text, value });
  };
  const jars = rest.jars.flatMap(({ name, count }) => {
    const size = jarPlan.sizes.findIndex((one) => one.name === name) + 1;
    return Array.from({ length: count }, (_, i) => ({ size, number: i + 1 }));
  });
  let at = fromMs;
  note(at, 'ready');
  if (jars.length > 0) note((at += 3 * MIN), 'filled', jarsInText(jars));
  if (part !== null) {
    const number = 1 + jars.filter(({ size }) => size === part.size).length;
    note(at, 'filled', jarsInText([{ size: part.size, number }]), Math.round(part.mL));
    note((at += MIN), 'to-fridge', jarsInText([{ size: part.size, number }]));
  }
  for (const step of ['bubbled', 'wiped', 'lidded', 'tight'] as const) note((at += MIN), step);
  const time = loadTime(
    jarPlan,
    jars.map(({ size }) => jarPlan.sizes[size - 1]?.volumeMl ?? 0),
  );
  if (time.refused !== null) note(at, 'to-fridge', jarsInText(jars));
  else
    for (let from = 0, load = 1; from < jars.length; from += USUAL_HALF_PINTS, load += 1) {
      const together = jarsInText(jars.slice(from, from + USUAL_HALF_PINTS));
      note((at += 2 * MIN), 'loaded', together, load);
      note(at, 'canner-lit', null, load);
      note((at += CLIMB_MS), 'canner-boils', null, load);
      note((at += (time.minutes ?? 0) * MIN), 'canner-off', null, load);
      note((at += REST_MS), 'lifted-out', null, load);
    }
  if (!isDone) return entries;
  at += 18 * HOUR;
  if (time.refused === null) note(at, 'sealed', jarsInText(jars));
  note(at + 10 * MIN, 'labelled');
  note(at + 15 * MIN, 'put-away');
  return entries;
}
