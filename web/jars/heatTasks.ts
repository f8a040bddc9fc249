import { say } from '@idle-kettle/words';
import { coolAt, isProcessed, notHotAt, type Jar, type NotHot } from '@idle-kettle/core';
import { call, named, type JarsCase, type JarTask, type Press } from './jarTask.ts';
import { countedInWords } from './jarWords.ts';

/** Where nothing is done with a jar now, whatever it was filled with. */
const LEFT_ALONE: ReadonlySet<Jar['state']> = new Set([
  'in the canner',
  'fridge',
  'freezer',
  'broken',
]);
/** What can still be poured back. */
const BEFORE_THE_CANNER: ReadonlySet<Jar['state']> = new Set(['filled', 'closed']);

/**
 * What is for the shelf is filled hot: a pot that by its log never boiled, or has cooled since, is
 * heated again first, and so is what was filled from it.
 */
export function toHeat(now: JarsCase): readonly JarTask[] {
  const { jarPlan, progress, filling, nowMs } = now;
  if (!isProcessed(jarPlan.shelf.verdict)) return [];
  const cool = progress.jars.filter(
    (jar) => coolAt(jar, nowMs) !== null && !LEFT_ALONE.has(jar.state),
  );
  if (cool.length > 0) return [heatJars(now, cool)];
  const isFilling = !filling.isEmpty && progress.loads.length === 0;
  const why = isFilling ? notHotAt(progress.pot, nowMs, jarPlan.hot) : null;
  return why === null ? [] : [heatPot(why, progress.jars.length > 0)];
}

/** The log is wrong. */
const itWasHot = (label: string): Press => ({ label, notes: [['was-hot', null, null]] });

function heatPot(why: NotHot, hasJars: boolean): JarTask {
  return call({
    id: 'heat-again',
    rank: 0,
    title: say('jars.heatItAgainFirst'),
    detail:
      why === 'never boiled'
        ? say('jars.byTheLogItNeverBoiled')
        : hasJars
          ? say('jars.theRestHasCooled')
          : say('jars.itHasCooled'),
    press: { label: say('jars.itsBoiling'), notes: [['rolling', null, null]] },
    others: [itWasHot(why === 'never boiled' ? say('jars.itDidBoil') : say('jars.itsStillHot'))],
  });
}

function heatJars({ jarPlan, nowMs }: JarsCase, cool: readonly Jar[]): JarTask {
  const canPour = cool.every(({ state }) => BEFORE_THE_CANNER.has(state));
  const why = new Set(cool.map((jar) => coolAt(jar, nowMs)));
  const never = why.has('never boiled');
  const stood = why.size === 1 && why.has('stood');
  const counted = countedInWords(jarPlan, cool);
  const toFridge: Press = {
    label: say('jars.intoTheFridgeInstead'),
    notes: [['to-fridge', null, named(cool)]],
  };
  const hot = itWasHot(
    never ? say('jars.itDidBoil') : stood ? say('jars.theyWereKeptHot') : say('jars.itWasStillHot'),
  );
  return call({
    id: 'heat-again',
    rank: 0,
    title: stood
      ? say('jars.wereTheyKeptHot')
      : canPour
        ? say('jars.heatItAgainFirst')
        : say('jars.notFilledHot'),
    detail: say(
      never
        ? 'jars.filledFromAPotThatNeverBoiled'
        : stood
          ? 'jars.stoodBeforeTheCanner'
          : 'jars.filledFromACooledPot',
      { counted, part: canPour ? say('jars.pourThemBack') : say('jars.theyHaveNoShelf') },
    ),
    press: canPour
      ? { label: say('jars.pouredBackItsBoiling'), notes: [['rolling', null, null]] }
      : toFridge,
    others: canPour ? [hot, toFridge] : [hot],
  });
}
