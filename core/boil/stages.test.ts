import fc from 'fast-check';
import { pressureAtAltitudePa } from '../ambient/index.ts';
import { massOf, NOTHING, plus, solublesPctOf, type Contents } from '../formula/index.ts';
import { boilOverOf } from './boilOver.ts';
import { boilingPointC } from './boilingPoint.ts';
import { simulateCook } from './cook.ts';
import type { CookSetting, Stage } from './stage.ts';
import { HEAT_SOURCES } from './heatSources.ts';
import { specificHeat } from './kinetics.ts';
import { scorchIndex, stirEveryMin } from './scorch.ts';

const FRUIT: Contents = { ...NOTHING, water: 1450, hexoses: 90, otherSolubles: 35, insolubles: 25 };
const SUGAR: Contents = { ...NOTHING, sucrose: 1400 };

const setting = (stages: readonly Stage[], change: Partial<CookSetting> = {}): CookSetting => ({
  pressurePa: pressureAtAltitudePa(0),
  netPowerW: 1100,
  panDiameterCm: 28,
  startTempC: 20,
  hydrogenAt: () => 10 ** -3.2,
  stages,
  ...change,
});

const TO_THE_BOIL: Stage = { name: 'boil', until: { kind: 'boil' } };
const HARD = (minutes: number): Stage => ({
  name: 'hard boil',
  until: { kind: 'minutes', minutes },
});

describe('a timed boil', () => {
  const stages = [TO_THE_BOIL, { ...TO_THE_BOIL, name: 'sugar in', add: SUGAR }, HARD(1)];

  test('sugar thrown in cold takes the pot off the boil by the heat it needs', () => {
    const cook = simulateCook(FRUIT, setting(stages));
    const [boiled] = cook.stages;
    // Mixing by hand: heat shared between the boiling fruit and sugar at 20 °C (Siebel's 837 J/(kg
    // K)).
    const hot =
      ((boiled?.massG ?? NaN) / 1000) * specificHeat({ ...FRUIT, water: FRUIT.water - 100 });
    const cold = 1.4 * 837;
    const mixedC = (hot * (boiled?.tempC ?? NaN) + cold * 20) / (hot + cold);
    const after = cook.trace.find(({ massG }) => massG > (boiled?.massG ?? NaN) + 1000);
    expect(after?.tempC).toBeGreaterThan(mixedC - 1.5);
    expect(after?.tempC).toBeLessThan(mixedC + 1.5);
  });

  test('mass in equals mass out and steam, and the minute of hard boiling is a minute', () => {
    const cook = simulateCook(FRUIT, setting(stages));
    expect(massOf(FRUIT) + massOf(SUGAR) - cook.steamG).toBeCloseTo(massOf(cook.contents), 6);
    const last = cook.stages.at(-1);
    expect((last?.endMin ?? NaN) - (last?.startMin ?? NaN)).toBeCloseTo(1, 9);
    expect(cook.outcome).toBe('reached');
    expect(cook.stopTempC).toBeCloseTo(boilingPointC(cook.contents, pressureAtAltitudePa(0)), 9);
  });

  test('one more minute of boiling takes what the burner gives for a minute', () => {
    const [one, two] = [1, 2].map((minutes) =>
      simulateCook(FRUIT, setting([stages[0] as Stage, stages[1] as Stage, HARD(minutes)])),
    );
    // 1100 W for 60 s over 2257 kJ/kg, less what the climbing boiling point takes.
    const steamG = (two?.steamG ?? NaN) - (one?.steamG ?? NaN);
    expect(steamG).toBeLessThan((1000 * 1100 * 60) / 2257e3);
    expect(steamG).toBeGreaterThan((0.85 * 1000 * 1100 * 60) / 2257e3);
  });
});

describe('lids, rests and slow heat', () => {
  test('a lid keeps nine tenths of the steam in', () => {
    const simmer = (lid: boolean) =>
      simulateCook(FRUIT, setting([TO_THE_BOIL, { ...HARD(30), lid }]));
    const [open, covered] = [simmer(false), simmer(true)];
    const atTheBoil = (cook: typeof open) => (cook.stages[0]?.massG ?? NaN) - massOf(cook.contents);
    expect(atTheBoil(covered) / atTheBoil(open)).toBeCloseTo(0.1, 2);
  });

  test('off the heat it cools, and leaves the boil', () => {
    const cook = simulateCook(
      plus(FRUIT, SUGAR),
      setting([TO_THE_BOIL, { ...HARD(10), flame: 0, name: 'stand' }]),
    );
    const [boil, stand] = cook.stages;
    expect(stand?.tempC).toBeLessThan((boil?.tempC ?? NaN) - 3);
    expect(stand?.tempC).toBeGreaterThan(70);
    expect(cook.pectinLeft).toBeLessThan(1);
  });

  // Common practice: apple butter in a slow cooker takes 8 to 12 hours, then more with the lid off.
  test('a slow cooker reduces a sauce overnight without boiling it', () => {
    const sauce: Contents = { ...NOTHING, water: 2150, hexoses: 300, insolubles: 40 };
    const { powerW, panCm } = HEAT_SOURCES['slow-cooker-high'];
    const cook = simulateCook(
      sauce,
      setting([{ name: 'reduce', until: { kind: 'solubles', pct: 30 } }], {
        netPowerW: powerW,
        panDiameterCm: panCm,
      }),
    );
    expect(cook.outcome).toBe('reached');
    expect(cook.heatUpMin + cook.boilMin).toBeGreaterThan(6 * 60);
    expect(cook.heatUpMin + cook.boilMin).toBeLessThan(16 * 60);
    expect(cook.stopTempC).toBeLessThan(100);
    expect(solublesPctOf(cook.contents)).toBeCloseTo(30, 3);
  });

  test('a curd stops at its temperature, long before the boil', () => {
    const cook = simulateCook(
      plus(FRUIT, { ...NOTHING, egg: 150, fat: 200 }),
      setting([{ name: 'thicken', flame: 0.3, until: { kind: 'temperature', tempC: 77 } }]),
    );
    expect(cook.stopTempC).toBeCloseTo(77, 2);
    expect(cook.outcome).toBe('reached');
  });

  test('whatever the stages, mass is conserved and nothing runs backwards', () => {
    const stage = fc.oneof(
      fc.constant(TO_THE_BOIL),
      fc.record({
        name: fc.constant('some minutes'),
        flame: fc.double({ min: 0, max: 1, noNaN: true }),
        lid: fc.boolean(),
        add: fc.constantFrom(SUGAR, { ...NOTHING, water: 100 }),
        until: fc.record({
          kind: fc.constant('minutes' as const),
          minutes: fc.double({ min: 0, max: 30, noNaN: true }),
        }),
      }),
    );
    fc.assert(
      fc.property(fc.array(stage, { minLength: 1, maxLength: 5 }), (stages) => {
        const cook = simulateCook(plus(FRUIT, SUGAR), setting(stages));
        const taken = stages.slice(0, cook.stages.length);
        const added = taken.reduce((g, { add }: Stage) => g + (add ? massOf(add) : 0), 0);
        expect(massOf(cook.contents) + cook.steamG).toBeCloseTo(massOf(FRUIT) + 1400 + added, 6);
        expect(cook.steamG).toBeGreaterThanOrEqual(-1e-6);
        for (const { startMin, endMin } of cook.stages)
          expect(endMin).toBeGreaterThanOrEqual(startMin);
        expect(cook.pectinLeft).toBeLessThanOrEqual(1);
        expect(cook.invertShare).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 60 },
    );
  });
});

describe('scorching and boiling over', () => {
  // Common practice: stir a butter every half hour, then every five minutes, every minute,
  // constantly.
  test('stirring comes closer together as it thickens', () => {
    const every = [15, 30, 45, 55, 65].map((pct) => stirEveryMin(scorchIndex(pct, 17_900)));
    expect(every).toEqual([30, 30, 5, 1, 0]);
    expect(stirEveryMin(scorchIndex(50, 2000))).toBe(30);
  });

  // Common practice: a pot at most a third full; a rolling sugar boil climbs 3–4 times its level.
  test.each([
    [1000, 'fine', 1],
    [2200, 'watch', 2],
    [4100, 'too full', 3],
  ] as const)('%d mL in a 6 L pot is %s', (mL, risk, pots) => {
    const found = boilOverOf(mL, 6000);
    expect(found.risk).toBe(risk);
    expect(found.pots).toBe(pots);
    expect(found.foamShare).toBeCloseTo(3.5 * found.fullShare, 9);
  });
});
