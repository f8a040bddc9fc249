import { request } from '../test/planned.ts';
import {
  crewLine,
  crewOf,
  fillingLine,
  jobsOfDay,
  LINE,
  planDay,
  teamOf,
  type DayRequest,
} from './index.ts';

const sum = (all: readonly number[]) => all.reduce((total, one) => total + one, 0);

describe('a crew', () => {
  const of = (people: number, burners: number, batches: number) =>
    crewOf({ people, burners, slowCookers: 0, batches: Array.from({ length: batches }) });

  test('of fewer than four works each for themselves, of more in a team to a pot', () => {
    expect(of(3, 2, 3)).toEqual({ teams: 3, size: 1 });
    expect(of(8, 2, 3)).toEqual({ teams: 2, size: 4 });
    expect(of(10, 3, 1)).toEqual({ teams: 1, size: 10 });
    expect(of(5, 0, 2)).toEqual({ teams: 1, size: 5 });
  });

  test('everybody belongs to one team', () => {
    const crew = of(9, 2, 2);
    const all = Array.from({ length: crew.teams }, (_, team) => teamOf(team, crew, 9)).flat();
    expect([...all].sort((a, b) => a - b)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8]);
  });
});

describe('a line at the jars', () => {
  const alone = sum(LINE.map(({ secondsPerJar }) => secondsPerJar));

  test('of one does all of it; each more makes it no slower', () => {
    expect(fillingLine(1)).toEqual({
      roles: [['fill', 'wipe', 'lid', 'carry']],
      secondsPerJar: alone,
    });
    for (let size = 2; size <= 12; size += 1)
      expect(fillingLine(size).secondsPerJar).toBeLessThanOrEqual(
        fillingLine(size - 1).secondsPerJar,
      );
  });

  test.each([2, 3, 4, 5, 8])('of %i gives everybody a role, and every role to somebody', (size) => {
    const { roles, secondsPerJar } = fillingLine(size);
    expect(roles).toHaveLength(size);
    expect(roles.every((own) => own.length > 0)).toBe(true);
    expect(new Set(roles.flat())).toEqual(new Set(LINE.map(({ role }) => role)));
    // No line is quicker than its hands together.
    expect(secondsPerJar).toBeGreaterThanOrEqual(alone / size - 1e-9);
  });

  test('of two parts the work as evenly as its order allows: filling, and all the rest', () => {
    expect(fillingLine(2).roles).toEqual([['fill'], ['wipe', 'lid', 'carry']]);
  });
});

describe('what a crew does', () => {
  const day: DayRequest = {
    fromMs: Date.UTC(2026, 8, 12, 7),
    finishByMs: null,
    people: 8,
    crew: true,
    burners: 2,
    slowCookers: 0,
    canners: [{ halfPints: 32 }],
    breaks: [],
    batches: [
      {
        name: 'Butter',
        formula: request({
          product: 'butter',
          lines: ['1 bushel apples', '10 lb sugar'],
          heat: 'outdoor-ring',
        }),
        readyMs: null,
        keepsUntilMs: null,
      },
      {
        name: 'Plum',
        formula: request({ lines: ['10 kg plums', '7 kg sugar'], heat: 'outdoor-ring' }),
        readyMs: null,
        keepsUntilMs: null,
      },
    ],
  };
  const worked = (change: Partial<DayRequest> = {}) => {
    const jobs = jobsOfDay({ ...day, ...change });
    const planned = planDay({ ...day, ...change });
    if (!jobs.ok || !planned.ok) throw new Error('It cannot be planned');
    return {
      plans: jobs.plans,
      day: planned.day,
      crew: crewLine({ ...day, ...change }, jobs.plans, planned.day.acts),
    };
  };

  test('turns at the paddle follow one another, are short, and nobody has two at a time', () => {
    const { crew, day: planned } = worked();
    for (const { of, shifts, people } of crew?.pots ?? []) {
      expect(shifts.length).toBeGreaterThan(0);
      for (const [nth, { person, startMs, endMs }] of shifts.entries()) {
        expect(people).toContain(person);
        expect(endMs - startMs).toBeLessThanOrEqual(20 * 60_000 + 1);
        if (nth > 0) expect(startMs).toBe(shifts[nth - 1]?.endMs);
      }
      const boil = planned.acts.filter(
        (act) => act.of === of && ['boil-down', 'reduce', 'dissolve'].includes(act.act),
      );
      expect(shifts[0]?.startMs).toBe(Math.min(...boil.map(({ startMs }) => startMs)));
      expect(shifts.at(-1)?.endMs).toBe(Math.max(...boil.map(({ endMs }) => endMs)));
    }
    const [first, second] = crew?.pots ?? [];
    expect(first?.people.some((person) => second?.people.includes(person))).toBe(false);
  });

  test('there are jars for a good outcome, so that nobody runs out', () => {
    const { crew, plans } = worked();
    for (const { of, jars } of crew?.pots ?? [])
      expect(jars).toBeGreaterThan(plans[of]?.yield?.fullJars.p90 ?? Infinity);
  });

  test('fuel holds the heat that reaches the pot, by the heat of combustion', () => {
    const { crew } = worked();
    for (const { fuel } of crew?.pots ?? []) {
      if (fuel === null) throw new Error('It stands on a ring');
      // Propane 50.3 MJ/kg with the water condensed, 46.4 without; wood dried in the air 14 to 16:
      // handbook values, from memory. None reaches the batch whole.
      expect(fuel.gasKg * (46.4 / 3.6)).toBeGreaterThan(fuel.heatKwh * 1.5);
      expect(fuel.woodKg * (15 / 3.6)).toBeGreaterThan(fuel.heatKwh * 4);
      expect(fuel.gasKg).toBeLessThan(fuel.woodKg);
    }
  });

  test('a crew is quicker than the same pots with one at each, and three are no crew', () => {
    expect(worked().day.finishMs).toBeLessThan(worked({ people: 2 }).day.finishMs);
    expect(worked({ people: 3 }).crew).toBeNull();
    // Nor are many who work each for themselves.
    expect(worked({ crew: false }).crew).toBeNull();
  });
});
