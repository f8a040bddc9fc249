import type { CookRecord } from '../learning/index.ts';
import { keptCook, type Spoiling } from '../test/keptCooks.ts';
import { isWhole } from '../test/runs.ts';
import { troubleOf, type CauseId, type Symptom } from '../troubleshooting/index.ts';
import { recordFacts } from './index.ts';

const KITCHEN = { powerW: 1100, offsetK: 0, loss: 0.025 };
const MONTH_MS = 30 * 86_400_000;

/** Ways in which a practice kettle is spoiled, what is seen of the jars, and what it was. */
const SPOILED: readonly {
  readonly spoiling: Spoiling;
  readonly symptom: Symptom;
  readonly cause: CauseId;
}[] = [
  { spoiling: { kind: 'thermometer', offsetK: 2.2 }, symptom: 'loose', cause: 'low-solids' },
  { spoiling: { kind: 'thermometer', offsetK: -2.2 }, symptom: 'stiff', cause: 'high-solids' },
  { spoiling: { kind: 'boiled-short', pct: 8 }, symptom: 'loose', cause: 'low-solids' },
  { spoiling: { kind: 'boiled-long', pct: 8 }, symptom: 'stiff', cause: 'high-solids' },
  { spoiling: { kind: 'over-ripe' }, symptom: 'loose', cause: 'low-pectin' },
  { spoiling: { kind: 'acid-left-out' }, symptom: 'loose', cause: 'low-acid' },
  { spoiling: { kind: 'doubled' }, symptom: 'loose', cause: 'worn-pectin' },
];

test('of cooks that a practice kettle spoiled the record alone tells how in 85 of a hundred', () => {
  const cooks = isWhole ? 200 : 21;
  let right = 0;
  for (let index = 0; index < cooks; index += 1) {
    const { spoiling, symptom, cause } = SPOILED[index % SPOILED.length] as (typeof SPOILED)[0];
    const record: CookRecord = keptCook(KITCHEN, index + 1, undefined, spoiling);
    const facts = recordFacts({ ...record, jarLog: [] }, (record.log.at(-1)?.at ?? 0) + MONTH_MS);
    const outcome = troubleOf({ symptom, formula: record.request, facts });
    if (outcome.ok && outcome.trouble.causes[0]?.code === cause) right += 1;
  }
  // Two standard deviations of what so few tell of a share of 90 in a hundred.
  const chance = isWhole ? 0 : (2 * Math.sqrt(0.9 * 0.1)) / Math.sqrt(cooks);
  expect(right / cooks).toBeGreaterThanOrEqual(0.85 - chance);
});

test('a record tells of the jars too, and nothing that is not in it', () => {
  const at = (minute: number) => minute * 60_000;
  const line = (
    minute: number,
    kind: CookRecord['log'][0]['kind'],
    value: number | null = null,
  ) => ({
    at: at(minute),
    kind,
    value,
    text: null,
  });
  const { request } = keptCook(KITCHEN, 1);
  const nothing = { volumeMl: null, finalMassG: null, set: null };
  const log = [line(0, 'lit'), line(20, 'stirred'), line(30, 'stirred'), line(45, 'off-heat')];
  const jarLog = [
    line(52, 'filled'),
    line(55, 'wiped'),
    line(60, 'loaded', 1),
    line(70, 'canner-boils', 1),
    line(74, 'boil-lost', 1),
    line(80, 'canner-off', 1),
    line(82, 'lifted-out', 1),
  ];
  expect(recordFacts({ request, log, jarLog, outcome: nothing }, at(45) + MONTH_MS)).toMatchObject({
    cookMin: 45,
    stirredMin: 15,
    standMin: 7,
    boilLost: true,
    restMin: 2,
    processedMin: 10,
    rimWiped: true,
  });
  expect(recordFacts({ request, log: [], jarLog: [], outcome: nothing }, 0)).toEqual({});
});
