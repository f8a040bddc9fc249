import { say, textOf } from '@idle-kettle/words';
import {
  formatVolume,
  loadTime,
  nextLoad,
  spanInWords,
  type Jar,
  type JarPlan,
  isProcessed,
} from '@idle-kettle/core';
import { minutesInWords } from '../words/minutes.ts';
import { call, named, type JarsCase, type JarTask, type Press, type Question } from './jarTask.ts';
import { countedInWords } from './jarWords.ts';
import { toHeat } from './heatTasks.ts';
import { altitudeNote, callOfLoad, signsOf } from './loadTasks.ts';
import { cooling, lastThings, notSealed, pressAgain } from './sealTasks.ts';

/** Everything that wants doing now, the most pressing first; empty when all is put away. */
export function jarTasksOf(now: JarsCase): readonly JarTask[] {
  const { progress } = now;
  const tasks = [
    ...progress.loads.flatMap((load) => callOfLoad(now, load)),
    ...toHeat(now),
    ...toFill(now),
    ...toFridge(now),
    ...(isProcessed(now.jarPlan.shelf.verdict) ? toLoad(now) : notForTheShelf(now)),
    ...cooling(now),
    ...notSealed(now),
    ...pressAgain(now),
    ...lastThings(now),
  ];
  return tasks.sort((a, b) => Number(b.rings) - Number(a.rings) || a.rank - b.rank);
}

/**
 * Less than this share of what was surely reckoned with is asked about: jars are lost from sight,
 * or the pot is not empty.
 */
const FEW = 0.6;

/** Whether the pot can be empty, where far less was filled than was in it. */
function isItEmpty({ filling, progress, jarPlan, units }: JarsCase): Question | null {
  const filledMl = progress.jars.reduce((sum, { holdsMl }) => sum + holdsMl, 0);
  if (filledMl >= FEW * filling.totalMl.p10) return null;
  return {
    text: say('jars.onlySoManyFilled', {
      filled: countedInWords(jarPlan, progress.jars),
      volume: formatVolume(filling.totalMl.p50, units),
    }),
    yes: say('jars.yesItsEmpty'),
    no: say('jars.notYetEmpty'),
  };
}

/** Whatever was reckoned: what is filled is all there was. */
const thePotIsEmpty = (): Press => ({
  label: say('jars.thePotIsEmpty'),
  notes: [['measured', 0, null]],
});

/** What is left in the pot. */
function toFill(now: JarsCase): readonly JarTask[] {
  const { filling, progress, readyAtMs } = now;
  const open = progress.jars.filter(({ state }) => state === 'filled');
  const empty = filling.isEmpty || progress.loads.length > 0;
  if (!empty)
    return [
      call({
        id: 'fill',
        rank: 1,
        title: progress.jars.length === 0 ? say('jars.fillTheJarsNow') : say('jars.keepFilling'),
        detail: say('jars.itSetsInThePot'),
        press: progress.jars.length === 0 ? null : thePotIsEmpty(),
        asks: isItEmpty(now),
        sinceMs: readyAtMs,
        due: true,
      }),
    ];
  if (open.length === 0) return [];
  return [
    call({
      id: 'close',
      rank: 1,
      title: say('jars.closeTheJars'),
      detail: say('jars.removeBubblesWipeRimsLids'),
    }),
  ];
}

/** A part jar is eaten first. */
function toFridge({ jarPlan, progress }: JarsCase): readonly JarTask[] {
  const parts = progress.jars.filter(
    ({ part, state }) => part && (state === 'filled' || state === 'closed'),
  );
  if (parts.length === 0) return [];
  return [
    call({
      id: 'part',
      rank: 4,
      title: say('jars.notFullIntoTheFridge', { counted: countedInWords(jarPlan, parts) }),
      detail: say('jars.aJarThatIsntFull', { span: inTheFridge(jarPlan) }),
      press: { label: say('jars.inTheFridge'), notes: [['to-fridge', null, named(parts)]] },
    }),
  ];
}

/** How long a jar keeps in the fridge. */
const inTheFridge = ({ keeping }: JarPlan): string => textOf(spanInWords(keeping.unopened.fridge));

/** Closed jars go into the canner, as many as it takes. */
function toLoad(now: JarsCase): readonly JarTask[] {
  const { jarPlan, progress, cannerHolds, filling, nowMs } = now;
  const { jars, waiting, refused } = nextLoad(jarPlan, progress, cannerHolds, nowMs);
  if (refused.length > 0) return [notInto(jarPlan, refused)];
  if (jars.length === 0) return [];
  const time = loadTime(jarPlan, sizesOf(jarPlan, jars));
  const cold: readonly Press[] = [
    { label: say('jars.intoTheFridgeInstead'), notes: [['to-fridge', null, named(jars)]] },
    { label: say('jars.intoTheFreezerInstead'), notes: [['to-freezer', null, named(jars)]] },
  ];
  const number = Math.max(0, ...progress.loads.map((load) => load.number)) + 1;
  const busy = progress.loads.some(({ state }) => state !== 'out');
  const more = !filling.isEmpty && progress.loads.length === 0;
  return [
    call({
      id: `load-${number}`,
      rank: busy || more ? 5 : 2,
      title: say('jars.into', {
        counted: countedInWords(jarPlan, jars),
        part: busy ? say('jars.anotherCanner') : say('jars.theCanner'),
      }),
      detail: `${altitudeNote(now)}${heldBack(jarPlan, waiting)}${
        jarPlan.timedBy.canner === 'steam'
          ? say('jars.onTheRackNotTouching')
          : say('jars.onTheRackNotTouchingIn', {
              part: jarPlan.product === 'curd' ? say('jars.82C180FNot') : say('jars.about82C180F'),
            })
      } ${time.minutes === null ? say('jars.theTimeIsTheOne') : say('jars.itTakes', { minutes: minutesInWords(time.minutes), atIt: signsOf(jarPlan).atIt })}`,
      press: { label: say('jars.jarsAreIn'), notes: [['loaded', number, named(jars)]] },
      others: cold,
      due: !busy,
    }),
  ];
}

/** Jars that may not be processed at all, and why. */
function notInto(jarPlan: JarPlan, jars: readonly Jar[]): JarTask {
  const time = loadTime(jarPlan, sizesOf(jarPlan, jars));
  return call({
    id: 'refused',
    rank: 1,
    title: say('jars.notIntoThisCanner', { counted: countedInWords(jarPlan, jars) }),
    detail: textOf(time.refused ?? ''),
    press: { label: say('jars.inTheFridge'), notes: [['to-fridge', null, named(jars)]] },
  });
}

const sizesOf = ({ sizes }: JarPlan, jars: readonly Jar[]): number[] =>
  jars.map(({ size }) => sizes[size - 1]?.volumeMl ?? Infinity);

const heldBack = (jarPlan: JarPlan, waiting: readonly Jar[]): string =>
  waiting.length === 0
    ? ''
    : say('jars.onlyAsManyAsFit', {
        counted: countedInWords(jarPlan, waiting),
        part: waiting.length === 1 ? say('jars.waits') : say('jars.wait'),
      });

/** What is not for the shelf cools quickly, for the fridge or the freezer. */
function notForTheShelf({ progress }: JarsCase): readonly JarTask[] {
  const closed = progress.jars.filter(({ state, part }) => state === 'closed' && !part);
  if (closed.length === 0) return [];
  return [
    call({
      id: 'chill',
      rank: 2,
      title: say('jars.coolThemQuicklyIntoThe'),
      detail: say('jars.lidsLooseInACold'),
      press: { label: say('jars.inTheFridge'), notes: [['to-fridge', null, named(closed)]] },
      others: [{ label: say('jars.inTheFreezer'), notes: [['to-freezer', null, named(closed)]] }],
    }),
  ];
}
