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
const inCanner = (load: Load) => (load.number === 1 ? '' : `, canner ${load.number}`);

/** How a canner shows that the time counts, and how that is said. */
const SIGNS = {
  'boiling-water': {
    upTo: 'Up to a full rolling boil',
    reached: 'It boils, rolling',
    keep: 'Keep it boiling for',
    lost: 'The boil was lost',
    ifLost: 'If the boil is lost',
    backTo: 'Back to a full boil',
    whenBack: 'When it boils',
    again: 'It boils again',
    atIt: 'at the boil',
  },
  steam: {
    upTo: 'Up to the gauge’s mark',
    reached: 'The gauge is at the mark',
    keep: 'Keep the gauge at the mark for',
    lost: 'It fell below the mark',
    ifLost: 'If it falls below',
    backTo: 'Back up to the gauge’s mark',
    whenBack: 'When it is there',
    again: 'At the mark again',
    atIt: 'at the gauge’s mark',
  },
} as const;

/** What a load in a canner wants. */
function callOfLoad(now: JarsCase, load: Load): readonly JarTask[] {
  const { jarPlan, progress, nowMs } = now;
  const steam = jarPlan.timedBy.canner === 'steam';
  const signs = SIGNS[jarPlan.timedBy.canner];
  const jars = progress.jars.filter(({ id }) => load.jars.includes(id));
  const what = countedInWords(jarPlan, jars);
  const note = (kind: EntryKind): readonly Noting[] => [[kind, load.number, null]];
  const time =
    load.minutes === null ? 'the time that the formula prints' : minutesInWords(load.minutes);
  const base = { id: `load-${load.number}-${load.state}` };
  const water = { label: 'Water was low: boiling water in', notes: note('water-in') };
  const boils = { label: signs.reached, notes: note('canner-boils') };
  switch (load.state) {
    case 'in':
      return [
        call({
          ...base,
          rank: 2,
          title: steam
            ? `Heat the steam canner${of(load)}`
            : `Lid on, full heat under canner${of(load)}`,
          detail: steam
            ? `${what} in it. No minute counts before the gauge reaches the mark for your altitude.`
            : `${what} in it, covered by 1 to 2 in of water. No minute counts before the full rolling boil.`,
          press: { label: 'It is on', notes: note('canner-lit') },
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
          detail: `It takes some ${Math.round(p10)} to ${Math.round(p90)} minutes, most likely near ${Math.round(p50)}. The time begins only then.`,
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
      const off = { label: 'Heat off', notes: note('canner-off') };
      const left = load.timedToMs === null ? null : Math.ceil((load.timedToMs - nowMs) / 60_000);
      return [
        call({
          ...base,
          rank: 3,
          title: over
            ? `Time is up: heat off, canner${of(load)}`
            : `${signs.keep} ${time}${inCanner(load)}`,
          detail: over
            ? 'Lid off, away from your face. Then five minutes’ rest.'
            : `${what}. ${reasonOf(jarPlan)} ${signs.ifLost}, the whole time begins again.`,
          press: off,
          others: over ? [] : steam ? [lost] : [lost, water],
          dueAtMs: load.timedToMs,
          sinceMs: load.timedToMs === null ? load.timedFromMs : null,
          due: over,
          rings: over,
          asks:
            over || left === null
              ? null
              : `${minutesInWords(left)} ${left === 1 ? 'is' : 'are'} left. Heat off now is no process: the whole time would begin again.`,
        }),
      ];
    }
    case 'boil lost':
      return [
        call({
          ...base,
          rank: 0,
          title: `${signs.backTo}${inCanner(load)}`,
          detail: `Full heat, lid on. ${signs.whenBack}, the whole ${time} begin again: what was counted before does not hold, since the jars cooled.`,
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
            title: `Not processed: ${signs.backTo.toLowerCase()}${inCanner(load)}`,
            detail: `The heat went off before ${time} were over. Bring it back for the whole time, or take the jars out for the fridge.`,
            press: { ...boils, label: signs.again },
            others: [{ label: 'Take them out, for the fridge', notes: note('lifted-out') }],
          }),
        ];
      const until = (load.offAtMs ?? 0) + REST_MS;
      const over = nowMs >= until;
      return [
        call({
          ...base,
          rank: 1,
          title: `${over ? 'Lift the jars straight out' : 'Lid off, and let them rest'}${inCanner(load)}`,
          detail: over
            ? 'Never tilt them. Onto a towel, a gap between them, out of any draught. Never tighten a band again.'
            : 'Heat off, lid away from your face. Jars that come out too soon lose their liquid.',
          press: { label: 'They are out', notes: note('lifted-out') },
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
    return 'The time is the one that you say the formula prints.';
  const feet = Math.round(convert(timedBy.altitudeM, 'm', 'ft'));
  const school =
    timedBy.school === 'sterilised' ? 'jars boiled sterile' : 'clean hot jars, not boiled sterile';
  return altitudeAssumed
    ? `By the table for ${school} at sea level: say how high this kitchen is, for higher up it takes longer.`
    : `By the table for ${school} at ${feet.toLocaleString('en-US')} ft.`;
}

/** Whatever was reckoned: what is filled is all there was. */
const THE_POT_IS_EMPTY: Press = { label: 'The pot is empty', notes: [['measured', 0, null]] };

/** What is left in the pot. */
function toFill({ filling, progress, readyAtMs }: JarsCase): readonly JarTask[] {
  const open = progress.jars.filter(({ state }) => state === 'filled');
  const empty = filling.isEmpty || progress.loads.length > 0;
  if (!empty)
    return [
      call({
        id: 'fill',
        rank: 1,
        title: progress.jars.length === 0 ? 'Fill the jars, at once' : 'Go on filling',
        detail:
          'It sets in the pot: from sugar to jar there is no waiting. Ladle, funnel, hot jar.',
        press: progress.jars.length === 0 ? null : THE_POT_IS_EMPTY,
        sinceMs: readyAtMs,
        due: true,
      }),
    ];
  if (open.length === 0) return [];
  return [
    call({
      id: 'close',
      rank: 1,
      title: 'Close the jars',
      detail: 'Bubbles out, rims wiped, lids on, bands fingertip-tight.',
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
      title: `${countedInWords(jarPlan, parts)}, not full: into the fridge`,
      detail: `A jar that is not full does not seal as it should. Eat it first: it keeps ${weeks(jarPlan)} in the fridge.`,
      press: { label: 'In the fridge', notes: [['to-fridge', null, named(parts)]] },
    }),
  ];
}

const weeks = ({ keeping }: JarPlan): string =>
  `${keeping.openedWeeks.low} to ${keeping.openedWeeks.high} weeks`;

/** Closed jars go into the canner, as many as it takes. */
function toLoad({ jarPlan, progress, cannerHolds, filling }: JarsCase): readonly JarTask[] {
  const { jars, waiting, refused } = nextLoad(jarPlan, progress, cannerHolds);
  if (refused.length > 0) return [notInto(jarPlan, refused)];
  if (jars.length === 0) return [];
  const time = loadTime(jarPlan, sizesOf(jarPlan, jars));
  const cold: Press = {
    label: 'Into the fridge instead',
    notes: [['to-fridge', null, named(jars)]],
  };
  const number = Math.max(0, ...progress.loads.map((load) => load.number)) + 1;
  const busy = progress.loads.some(({ state }) => state !== 'out');
  const more = !filling.isEmpty && progress.loads.length === 0;
  return [
    call({
      id: `load-${number}`,
      rank: busy || more ? 5 : 2,
      title: `${countedInWords(jarPlan, jars)} into ${busy ? 'another canner' : 'the canner'}`,
      detail: `${heldBack(jarPlan, waiting)}${
        jarPlan.timedBy.canner === 'steam'
          ? 'On the rack, not touching, lid on.'
          : `On the rack, not touching, into water of ${jarPlan.product === 'curd' ? '82 °C (180 °F), not boiling, and 25 to 30 minutes’ climb from there' : 'about 82 °C (180 °F)'}, 1 to 2 in over the lids.`
      } ${time.minutes === null ? 'Its time is the one printed in the formula.' : `It takes ${minutesInWords(time.minutes)} ${SIGNS[jarPlan.timedBy.canner].atIt}.`}`,
      press: { label: 'They are in', notes: [['loaded', number, named(jars)]] },
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
    title: `${countedInWords(jarPlan, jars)}: not into this canner`,
    detail: time.refused ?? '',
    press: { label: 'In the fridge', notes: [['to-fridge', null, named(jars)]] },
  });
}

const sizesOf = ({ sizes }: JarPlan, jars: readonly Jar[]): number[] =>
  jars.map(({ size }) => sizes[size - 1]?.volumeMl ?? Infinity);

const heldBack = (jarPlan: JarPlan, waiting: readonly Jar[]): string =>
  waiting.length === 0
    ? ''
    : `As many as it takes; ${countedInWords(jarPlan, waiting)} ${waiting.length === 1 ? 'waits' : 'wait'}, hot, for the next load. `;

/** What is not for the shelf cools quickly, for the fridge or the freezer. */
function notForTheShelf({ progress }: JarsCase): readonly JarTask[] {
  const closed = progress.jars.filter(({ state, part }) => state === 'closed' && !part);
  if (closed.length === 0) return [];
  return [
    call({
      id: 'chill',
      rank: 2,
      title: 'Cool them quickly, into the fridge',
      detail:
        'Lids loose in a cold room or a cold water bath to the shoulder; from hot to fridge-cold within two hours. Not into the canner: no time is known that makes it safe.',
      press: { label: 'In the fridge', notes: [['to-fridge', null, named(closed)]] },
      others: [{ label: 'In the freezer', notes: [['to-freezer', null, named(closed)]] }],
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
      title: due ? 'Press every lid' : 'Leave them alone to cool',
      detail: due
        ? 'Press the middle, look along the lid, tap it. Down and still is sealed. A seal is not proof of safety: the time in the canner is.'
        : `${countedInWords(jarPlan, jars)} cool for 12 to 24 hours, untouched. Lids may ping as they go down.`,
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
      const fridge: Press = { label: 'Into the fridge', notes: [['to-fridge', null, jar.id]] };
      const late = nowMs > until;
      return call({
        id: `again-${jar.id}`,
        rank: 3,
        title: `${capital(jarInWords(jarPlan, jar))} ${jar.state === 'unsealed' ? 'did not seal' : 'was not processed'}`,
        detail: late
          ? 'More than 24 hours ago: too late for the canner. Fridge, and eaten first.'
          : 'Open it, look at the rim, wipe it, a new lid, and the whole time again within 24 hours of coming out. Or the fridge.',
        press: late ? fridge : { label: 'New lid on: again', notes: [['new-lid', null, jar.id]] },
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
        title: sealed.length > 0 ? 'Bands off, wash and label' : 'Label them',
        detail:
          'What it is, when it was made, and which batch: jars that look alike are told apart only so.',
        press: { label: 'Labelled', notes: [['labelled', null, null]] },
      }),
    ];
  return [
    call({
      id: 'put-away',
      rank: 7,
      title: sealed.length > 0 ? 'Onto the shelf' : 'Put away',
      detail:
        sealed.length > 0
          ? `${countedInWords(jarPlan, sealed)}, in a dark cool place. They come off the stock of jars and lids.`
          : 'They are where they are kept, and come off the stock of jars.',
      press: { label: 'Put away', notes: [['put-away', null, null]] },
    }),
  ];
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
