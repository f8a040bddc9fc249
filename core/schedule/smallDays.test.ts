import { chanceFrom } from '../forecast/index.ts';
import { earliestFinish } from '../test/earliestFinish.ts';
import { schedule, type Job, type Piece, type Things } from './index.ts';

const THINGS: Things = { people: 1, burners: 1, slowCookers: 0, ovens: 1, canners: 0, breaks: [] };

/** Small days of two or three batches, in steps of ten minutes and more. */
function smallDay(seed: number): readonly Job[] {
  const chance = chanceFrom(seed);
  const whole = (from: number, to: number) => from + Math.floor(chance() * (to - from + 1));
  const piece = (): Piece => ({
    act: 'weigh',
    minutes: whole(1, 4),
    hands: chance() < 0.6,
    holds: chance() < 0.4 ? 'burner' : null,
  });
  return Array.from({ length: whole(2, 3) }, (_, nth) => ({
    name: `Batch ${nth}`,
    readyMin: whole(0, 3),
    keepsUntilMin: null,
    segments: Array.from({ length: whole(1, 3) }, () => ({
      pieces: Array.from({ length: whole(1, 3) }, piece),
      mayWaitMin: whole(0, 3),
    })),
    loads: [],
    heatsMin: 0,
    jarsWaitMin: 0,
  }));
}

test('small days are over within 5 % of the earliest that there is, by trying every way', () => {
  const over: number[] = [];
  for (let seed = 1; seed <= 300; seed += 1) {
    const jobs = smallDay(seed);
    const { finish } = schedule(jobs, THINGS);
    const best = earliestFinish(jobs, THINGS, finish + 1);
    expect(finish).toBeGreaterThanOrEqual(best);
    over.push(finish / best);
  }
  const late = over.filter((ratio) => ratio > 1.05);
  expect(late).toHaveLength(0);
});
