import { setImmediate } from 'node:timers/promises';
import { PlanQueue, type WantedPlan } from './planQueue.ts';

/** A queue whose work ends when the test says. */
function queue() {
  const begun: string[] = [];
  const failed: string[] = [];
  const ends: (() => void)[] = [];
  const fails: (() => void)[] = [];
  const plans = new PlanQueue<WantedPlan>(
    ({ id, version }) => {
      begun.push(`${id}${version}`);
      return new Promise((resolve, reject) => {
        ends.push(resolve);
        fails.push(() => reject(new Error('no')));
      });
    },
    ({ id, version }) => failed.push(`${id}${version}`),
  );
  const finish = async () => {
    ends.at(-1)?.();
    await setImmediate();
  };
  const fail = async () => {
    fails.at(-1)?.();
    await setImmediate();
  };
  return { plans, begun, failed, finish, fail };
}

test('one batch is planned at a time, the last asked for first', async () => {
  const { plans, begun, finish } = queue();
  for (const id of ['a', 'b', 'c']) plans.ask({ id, version: 1 });
  expect(begun).toEqual(['a1']);
  await finish();
  await finish();
  expect(begun).toEqual(['a1', 'c1', 'b1']);
});

test('a newer version replaces one that waits; an older one changes nothing', async () => {
  const { plans, begun, finish } = queue();
  plans.ask({ id: 'a', version: 1 });
  plans.ask({ id: 'b', version: 1 });
  plans.ask({ id: 'b', version: 2 });
  plans.ask({ id: 'b', version: 1 });
  await finish();
  await finish();
  expect(begun).toEqual(['a1', 'b2']);
});

test('asking again for what waits or is under way plans it once, and keeps its place', async () => {
  const { plans, begun, finish } = queue();
  for (const id of ['a', 'b', 'c', 'b', 'a']) plans.ask({ id, version: 1 });
  await finish();
  await finish();
  await finish();
  expect(begun).toEqual(['a1', 'c1', 'b1']);
  plans.ask({ id: 'a', version: 1 });
  expect(begun).toEqual(['a1', 'c1', 'b1', 'a1']);
});

test('work that throws is reported, and the rest goes on', async () => {
  const { plans, begun, failed, fail } = queue();
  plans.ask({ id: 'a', version: 1 });
  plans.ask({ id: 'b', version: 1 });
  await fail();
  expect(failed).toEqual(['a1']);
  expect(begun).toEqual(['a1', 'b1']);
});
