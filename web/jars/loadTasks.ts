import { say } from '@idle-kettle/words';
import {
  eitherAltitude,
  isNamed,
  REST_MS,
  type EntryKind,
  type JarPlan,
  type Load,
} from '@idle-kettle/core';
import { minutesInWords } from '../words/minutes.ts';
import { call, type JarsCase, type JarTask, type Noting } from './jarTask.ts';
import { countedInWords } from './jarWords.ts';

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
export const signsOf = ({ timedBy }: JarPlan): Signs =>
  Object.fromEntries(
    Object.entries(SIGNS[timedBy.canner === 'steam' ? 'steam' : 'boiling-water']).map(
      ([sign, id]) => [sign, say(id)],
    ),
  ) as Signs;

/** What a load in a canner wants. */
export function callOfLoad(now: JarsCase, load: Load): readonly JarTask[] {
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
            : altitudeNote(now) +
              say('jars.theWholeTimeStartsAgain', {
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
              : {
                  text: say('jars.leftStopNowAndThese', {
                    minutes: minutesInWords(left),
                    part: left === 1 ? say('jars.is') : say('jars.are'),
                  }),
                  yes: say('jars.heatIsOff'),
                  no: say('jars.keepItBoiling'),
                },
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

/**
 * That the kitchen is higher up than when the batch began, and that the longer time counts; empty
 * where it is not.
 */
export const altitudeNote = ({ altitudeWasM, jarPlan }: JarsCase): string =>
  altitudeWasM === null
    ? ''
    : say('jars.altitudeChanged', {
        was: eitherAltitude(altitudeWasM),
        is: eitherAltitude(jarPlan.timedBy.altitudeM),
      });

/** Why it takes so long. */
function reasonOf({ timedBy, altitudeAssumed, stated }: JarPlan): string {
  if (stated !== null && isNamed(stated) && stated.minutes !== null)
    return say('jars.thisIsTheTimeYou');
  const school =
    timedBy.school === 'sterilised' ? say('jars.boiledJars') : say('jars.cleanHotJars');
  return altitudeAssumed
    ? say('jars.fromTheTableForAt', { school })
    : say('jars.fromTheTableForAtFt', {
        school,
        altitude: eitherAltitude(timedBy.altitudeM),
      });
}
