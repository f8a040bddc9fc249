import { FakeClock } from '../test/fakeClock.ts';
import { Together } from './together.ts';

test('what comes within a while is done together, in its order, and nothing is done for nothing', async () => {
  const clock = new FakeClock();
  const done: (readonly number[])[] = [];
  const together = new Together<number>(clock, (all) => done.push(all));
  together.add([], 100);
  await clock.pass(200);
  together.add([1], 100);
  await clock.pass(60);
  together.add([2, 3], 100);
  expect(done).toEqual([]);
  await clock.pass(40);
  expect(done).toEqual([[1, 2, 3]]);
  together.add([4], 100);
  together.now();
  together.now();
  await clock.pass(200);
  expect(done).toEqual([[1, 2, 3], [4]]);
  expect(clock.waiting).toBe(0);
});
