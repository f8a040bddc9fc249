import { say } from '@idle-kettle/words';
import { COOL_MS, isAtRest, REPROCESS_WITHIN_MS } from '@idle-kettle/core';
import { call, capital, named, type JarsCase, type JarTask, type Press } from './jarTask.ts';
import { countedInWords, jarInWords } from './jarWords.ts';

/** Jars that cool are left alone, and pressed the next day. */
export function cooling({ jarPlan, progress, nowMs }: JarsCase): readonly JarTask[] {
  const jars = progress.jars.filter(({ state }) => state === 'cooling');
  if (jars.length === 0) return [];
  const lastOut = Math.max(...jars.map(({ outAtMs }) => outAtMs ?? 0));
  const until = lastOut + COOL_MS;
  const due = nowMs >= until;
  return [
    call({
      id: due ? 'press' : 'cool',
      rank: due ? 2 : 8,
      title: due ? say('jars.pressEveryLid') : say('jars.leaveThemToCool'),
      detail: due
        ? say('jars.pressTheMiddleDownAnd')
        : say('jars.coolFor12To24', { counted: countedInWords(jarPlan, jars) }),
      dueAtMs: due ? null : until,
      due,
    }),
  ];
}

/** Lids that were pressed while their jars still cooled are pressed once more, when it is time. */
export function pressAgain({ jarPlan, progress, nowMs }: JarsCase): readonly JarTask[] {
  const jars = progress.jars.filter(
    ({ state, pressedEarly }) => pressedEarly && (state === 'sealed' || state === 'shelf'),
  );
  if (jars.length === 0) return [];
  const until = Math.max(...jars.map(({ outAtMs }) => outAtMs ?? 0)) + COOL_MS;
  const due = nowMs >= until;
  // On their shelf already, they are asked about when it is time.
  if (!due && progress.storedAtMs !== null) return [];
  return [
    call({
      id: 'press-again',
      rank: due ? 2 : 9,
      title: say(due ? 'jars.pressThemAgain' : 'jars.pressedTooSoon', {
        counted: countedInWords(jarPlan, jars),
      }),
      detail: say('jars.aWarmJarsLid'),
      press: due
        ? { label: say('jars.allStillDown'), notes: [['sealed', null, named(jars)]] }
        : null,
      dueAtMs: due ? null : until,
      due,
    }),
  ];
}

/** A lid that did not go down: again within a day, or the fridge. */
export function notSealed({ jarPlan, progress, nowMs }: JarsCase): readonly JarTask[] {
  return progress.jars
    .filter(({ state }) => state === 'unsealed' || state === 'cut short')
    .map((jar) => {
      const until = (jar.outAtMs ?? 0) + REPROCESS_WITHIN_MS;
      const fridge: Press = {
        label: say('jars.intoTheFridge'),
        notes: [['to-fridge', null, jar.id]],
      };
      const late = nowMs > until;
      return call({
        id: `again-${jar.id}`,
        rank: 3,
        title: `${capital(jarInWords(jarPlan, jar))} ${jar.state === 'unsealed' ? say('jars.didNotSeal') : say('jars.notProcessed')}`,
        detail: late ? say('jars.moreThan24HoursAgo') : say('jars.checkAndWipeTheRim'),
        press: late
          ? fridge
          : { label: say('jars.newLidOnProcessAgain'), notes: [['new-lid', null, jar.id]] },
        others: late ? [] : [fridge],
        dueAtMs: late ? null : until,
        due: true,
      });
    });
}

/** Bands off, labels, and where they are kept. */
export function lastThings({ jarPlan, progress }: JarsCase): readonly JarTask[] {
  const { jars, labelled, storedAtMs } = progress;
  if (jars.length === 0 || storedAtMs !== null) return [];
  if (!jars.every(isAtRest)) return [];
  const sealed = jars.filter(({ state }) => state === 'sealed');
  const kept = jars.filter(({ state }) => state !== 'broken');
  if (kept.length === 0) return [];
  if (!labelled)
    return [
      call({
        id: 'label',
        rank: 6,
        title: sealed.length > 0 ? say('jars.bandsOffWashAndLabel') : say('jars.labelThem'),
        detail: say('jars.writeWhatItIsThe'),
        press: { label: say('jars.labeled'), notes: [['labelled', null, null]] },
      }),
    ];
  return [
    call({
      id: 'put-away',
      rank: 7,
      title: sealed.length > 0 ? say('jars.ontoTheShelf') : say('jars.onTheShelf2'),
      detail:
        sealed.length > 0
          ? say('jars.somewhereDarkAndCoolThey', { counted: countedInWords(jarPlan, sealed) })
          : say('jars.theyAreStoredAndCome'),
      press: { label: say('jars.done'), notes: [['put-away', null, null]] },
    }),
  ];
}
