import { say, textOf } from '@idle-kettle/words';
import {
  convert,
  COOL_MS,
  isAtRest,
  isNamed,
  jarsInText,
  loadTime,
  nextLoad,
  REPROCESS_WITHIN_MS,
  REST_MS,
  type EntryKind,
  type Filling,
  type Jar,
  type JarProgress,
  type JarPlan,
  type Load,
  type Quantiles,
} from '@idle-kettle/core';
import { minutesInWords } from '../words/acts.ts';
import { countedInWords, jarInWords } from './jarWords.ts';

/** Something that a press writes down: its kind, number and words. */
export type Noting = readonly [kind: EntryKind, value: number | null, text: string | null];

/** A button: what it says, and what it writes down. */
export type Press = { readonly label: string; readonly notes: readonly Noting[] };

/** One thing that wants doing at the jars, with its clock. */
export type JarTask = {
  readonly id: string;
  readonly title: string;
  readonly detail: string;
  /** Null where it is done in a panel of its own. */
  readonly press: Press | null;
  /** What may have happened instead. */
  readonly others: readonly Press[];
  /** When it is time, ms on the kitchen’s clock; null where no clock runs down. */
  readonly dueAtMs: number | null;
  /** Since when it goes on; null where that is no matter. */
  readonly sinceMs: number | null;
  readonly due: boolean;
  readonly rings: boolean;
  /** Why the press is asked about first; null where it is not. */
  readonly asks: string | null;
  /** Lower comes first. */
  readonly rank: number;
};

/** What the calls go by. */
export type JarsCase = {
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly filling: Filling;
  readonly nowMs: number;
  /** When the pot came off for the jars; null where that was not noted. */
  readonly readyAtMs: number | null;
  readonly cannerHolds: number;
  /** Minutes from the flame to the boil of a load. */
  readonly toBoil: (load: Load) => Quantiles;
};

const call = (
  given: Partial<JarTask> & Pick<JarTask, 'id' | 'title' | 'detail' | 'rank'>,
): JarTask => ({
  press: null,
  others: [],
  dueAtMs: null,
  sinceMs: null,
  due: true,
  rings: false,
  asks: null,
  ...given,
});

const named = (jars: readonly Jar[]): string => jarsInText(jars);

/** Everything that wants doing now, the most pressing first; empty when all is put away. */
export function jarTasksOf(now: JarsCase): readonly JarTask[] {
  const { progress } = now;
  const tasks = [
    ...progress.loads.flatMap((load) => callOfLoad(now, load)),
    ...toFill(now),
    ...toFridge(now),
    ...(now.jarPlan.shelf.verdict === 'pantry' ? toLoad(now) : notForTheShelf(now)),
    ...cooling(now),
    ...notSealed(now),
    ...lastThings(now),
  ];
  return tasks.sort((a, b) => Number(b.rings) - Number(a.rings) || a.rank - b.rank);
}

const of = (load: Load) => (load.number === 1 ? '' : ` ${load.number}`);
const inCanner = (load: Load) =>
  load.number === 1 ? '' : say('jars.canner', { number: load.number });

/** How a canner shows that the time counts, and how that is said. */
const SIGNS = {
  'boiling-water': {
    upTo: 'jars.upToAFullRolling',
    reached: 'jars.itsAtARollingBoil',
    keep: 'jars.keepBoilingFor',
    lost: 'jars.itLostTheBoil',
    ifLost: 'jars.ifItStopsBoiling',
    backTo: 'jars.backToAFullBoil',
    whenBack: 'jars.whenItBoils',
    again: 'jars.itsBoilingAgain',
    atIt: 'jars.atTheBoil',
  },
  steam: {
    upTo: 'jars.upToTheGaugesMark',
    reached: 'jars.theGaugeIsAtThe',
    keep: 'jars.keepTheGaugeAtThe',
    lost: 'jars.itFellBelowTheMark',
    ifLost: 'jars.ifItFallsBelow',
    backTo: 'jars.backUpToTheGauges',
    whenBack: 'jars.whenItGetsThere',
    again: 'jars.atTheMarkAgain',
    atIt: 'jars.atTheGaugesMark',
  },
} as const;

type Signs = { readonly [sign in keyof (typeof SIGNS)['steam']]: string };

/** What the canner of a batch shows, in words. */
const signsOf = ({ timedBy }: JarPlan): Signs =>
  Object.fromEntries(
    Object.entries(SIGNS[timedBy.canner]).map(([sign, id]) => [sign, say(id)]),
  ) as Signs;

/** What a load in a canner wants. */
function callOfLoad(now: JarsCase, load: Load): readonly JarTask[] {
  const { jarPlan, progress, nowMs } = now;
  const steam = jarPlan.timedBy.canner === 'steam';
  const signs = signsOf(jarPlan);
  const jars = progress.jars.filter(({ id }) => load.jars.includes(id));
  const what = countedInWords(jarPlan, jars);
  const note = (kind: EntryKind): readonly Noting[] => [[kind, load.number, null]];
  const time =
    load.minutes === null ? say('jars.theTimePrintedInThe') : minutesInWords(load.minutes);
  const base = { id: `load-${load.number}-${load.state}` };
  const water = { label: say('jars.addedBoilingWater'), notes: note('water-in') };
  const boils = { label: signs.reached, notes: note('canner-boils') };
  switch (load.state) {
    case 'in':
      return [
        call({
          ...base,
          rank: 2,
          title: steam
            ? say('jars.heatTheSteamCanner', { of: of(load) })
            : say('jars.lidOnFullHeatUnder', { of: of(load) }),
          detail: steam
            ? say('jars.inItTimeStartsWhen', { what })
            : say('jars.inItCoveredBy1', { what }),
          press: { label: say('jars.burnerIsOn'), notes: note('canner-lit') },
          others: [boils],
        }),
      ];
    case 'heating': {
      const { p10, p50, p90 } = now.toBoil(load);
      const since = load.litAtMs ?? load.loadedAtMs;
      return [
        call({
          ...base,
          rank: 3,
          title: `${signs.upTo}${inCanner(load)}`,
          detail: say('jars.thisTakesAboutMinutesMost', {
            round: Math.round(p10),
            round2: Math.round(p90),
            round3: Math.round(p50),
          }),
          press: boils,
          others: steam ? [] : [water],
          sinceMs: since,
          due: nowMs >= since + p10 * 60_000,
        }),
      ];
    }
    case 'timed': {
      const over = load.timedToMs !== null && nowMs >= load.timedToMs;
      const lost = { label: signs.lost, notes: note('boil-lost') };
      const off = { label: say('jars.heatOff'), notes: note('canner-off') };
      const left = load.timedToMs === null ? null : Math.ceil((load.timedToMs - nowMs) / 60_000);
      return [
        call({
          ...base,
          rank: 3,
          title: over
            ? say('jars.timesUpHeatOffCanner', { of: of(load) })
            : `${signs.keep} ${time}${inCanner(load)}`,
          detail: over
            ? say('jars.lidOffAwayFromYour')
            : say('jars.theWholeTimeStartsAgain', {
                what,
                reason: reasonOf(jarPlan),
                ifLost: signs.ifLost,
              }),
          press: off,
          others: over ? [] : steam ? [lost] : [lost, water],
          dueAtMs: load.timedToMs,
          sinceMs: load.timedToMs === null ? load.timedFromMs : null,
          due: over,
          rings: over,
          asks:
            over || left === null
              ? null
              : say('jars.leftStopNowAndThese', {
                  minutes: minutesInWords(left),
                  part: left === 1 ? say('jars.is') : say('jars.are'),
                }),
        }),
      ];
    }
    case 'boil lost':
      return [
        call({
          ...base,
          rank: 0,
          title: `${signs.backTo}${inCanner(load)}`,
          detail: say('jars.fullHeatLidOnThe', { whenBack: signs.whenBack, time }),
          press: { ...boils, label: signs.again },
          others: steam ? [] : [water],
        }),
      ];
    case 'resting': {
      if (!load.whole)
        return [
          call({
            ...base,
            rank: 0,
            title: say('jars.notProcessed2', {
              toLowerCase: signs.backTo.toLowerCase(),
              inCanner: inCanner(load),
            }),
            detail: say('jars.theHeatWentOffBefore', { time }),
            press: { ...boils, label: signs.again },
            others: [{ label: say('jars.takeThemOutForThe'), notes: note('lifted-out') }],
          }),
        ];
      const until = (load.offAtMs ?? 0) + REST_MS;
      const over = nowMs >= until;
      return [
        call({
          ...base,
          rank: 1,
          title: `${over ? say('jars.liftTheJarsStraightOut') : say('jars.lidOffLetThemRest')}${inCanner(load)}`,
          detail: over ? say('jars.neverTiltThemSetThem') : say('jars.heatOffLidAwayFrom'),
          press: { label: say('jars.jarsAreOut'), notes: note('lifted-out') },
          dueAtMs: until,
          due: over,
          rings: over,
        }),
      ];
    }
    case 'out':
      return [];
  }
}

/** Why it takes so long. */
function reasonOf({ timedBy, altitudeAssumed, stated }: JarPlan): string {
  if (stated !== null && isNamed(stated) && stated.minutes !== null)
    return say('jars.thisIsTheTimeYou');
  const feet = Math.round(convert(timedBy.altitudeM, 'm', 'ft'));
  const school =
    timedBy.school === 'sterilised' ? say('jars.boiledJars') : say('jars.cleanHotJars');
  return altitudeAssumed
    ? say('jars.fromTheTableForAt', { school })
    : say('jars.fromTheTableForAtFt', { school, feet: feet.toLocaleString('en-US') });
}

/** Whatever was reckoned: what is filled is all there was. */
const thePotIsEmpty = (): Press => ({
  label: say('jars.thePotIsEmpty'),
  notes: [['measured', 0, null]],
});

/** What is left in the pot. */
function toFill({ filling, progress, readyAtMs }: JarsCase): readonly JarTask[] {
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
      detail: say('jars.aJarThatIsntFull', { weeks: weeks(jarPlan) }),
      press: { label: say('jars.inTheFridge'), notes: [['to-fridge', null, named(parts)]] },
    }),
  ];
}

const weeks = ({ keeping }: JarPlan): string =>
  say('jars.weeks', { low: keeping.openedWeeks.low, high: keeping.openedWeeks.high });

/** Closed jars go into the canner, as many as it takes. */
function toLoad({ jarPlan, progress, cannerHolds, filling }: JarsCase): readonly JarTask[] {
  const { jars, waiting, refused } = nextLoad(jarPlan, progress, cannerHolds);
  if (refused.length > 0) return [notInto(jarPlan, refused)];
  if (jars.length === 0) return [];
  const time = loadTime(jarPlan, sizesOf(jarPlan, jars));
  const cold: Press = {
    label: say('jars.intoTheFridgeInstead'),
    notes: [['to-fridge', null, named(jars)]],
  };
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
      detail: `${heldBack(jarPlan, waiting)}${
        jarPlan.timedBy.canner === 'steam'
          ? say('jars.onTheRackNotTouching')
          : say('jars.onTheRackNotTouchingIn', {
              part: jarPlan.product === 'curd' ? say('jars.82C180FNot') : say('jars.about82C180F'),
            })
      } ${time.minutes === null ? say('jars.theTimeIsTheOne') : say('jars.itTakes', { minutes: minutesInWords(time.minutes), atIt: signsOf(jarPlan).atIt })}`,
      press: { label: say('jars.jarsAreIn'), notes: [['loaded', number, named(jars)]] },
      others: [cold],
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

/** Jars that cool are left alone, and pressed the next day. */
function cooling({ jarPlan, progress, nowMs }: JarsCase): readonly JarTask[] {
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

/** A lid that did not go down: again within a day, or the fridge. */
function notSealed({ jarPlan, progress, nowMs }: JarsCase): readonly JarTask[] {
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
function lastThings({ jarPlan, progress }: JarsCase): readonly JarTask[] {
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

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
