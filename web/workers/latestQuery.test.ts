import { LatestQuery } from './latestQuery.ts';

type Sheet = { readonly sugar: number };

/** A table on which something is written, and a worker that answers when it is told to. */
function table() {
  const waiting: (() => void)[] = [];
  const asker = new LatestQuery<Sheet>({ sugar: 1 });
  return {
    write: (sugar: number) => asker.write({ sugar }),
    ask: (times: number) =>
      asker.ask(
        (about) =>
          new Promise<number>((resolve) => waiting.push(() => resolve(about.sugar * times))),
      ),
    answer: async () => {
      waiting.shift()?.();
      await new Promise(setImmediate);
    },
    waiting,
  };
}

test('an answer to what is still written is given', async () => {
  const { ask, answer } = table();
  const asked = ask(10);
  await answer();
  expect(await asked).toBe(10);
});

test('a late answer never overwrites newer lines: it is asked again about those', async () => {
  const { ask, answer, write } = table();
  const asked = ask(10);
  write(2);
  await answer();
  write(3);
  await answer();
  await answer();
  expect(await asked).toBe(30);
});

test('of several questions about lines that have changed only the last is answered', async () => {
  const { ask, answer, write, waiting } = table();
  const [first, second] = [ask(10), ask(20)];
  write(2);
  await answer();
  expect(await first).toBeNull();
  await answer();
  await answer();
  expect(await second).toBe(40);
  expect(waiting).toHaveLength(0);
});

test('while nothing is changed every question is answered, as along a drag', async () => {
  const { ask, answer } = table();
  const both = [ask(10), ask(20)];
  await answer();
  await answer();
  expect(await Promise.all(both)).toEqual([10, 20]);
});

test('what fails is told', async () => {
  const asker = new LatestQuery(1);
  await expect(asker.ask(() => Promise.reject(new Error('stopped')))).rejects.toThrow('stopped');
});
