import { RestartingWorker, LONGEST_ANSWER_MS, type StartedWorker } from './restartingWorker.ts';

type Adder = { readonly add: (a: number, b: number) => Promise<number> };

/** Workers that answer, never answer or die, one after another. */
function hiring(...fates: readonly ('works' | 'hangs' | 'dies' | 'throws')[]) {
  const left = [...fates];
  const ended: number[] = [];
  let hired = 0;
  const hand = new RestartingWorker<Adder>((): StartedWorker<Adder> => {
    const fate = left.shift() ?? 'works';
    const number = (hired += 1);
    return {
      remote: {
        add: (a, b) => {
          if (fate === 'throws') return Promise.reject(new Error('no such fruit'));
          return fate === 'works' ? Promise.resolve(a + b) : new Promise(() => undefined);
        },
      },
      died: new Promise((_, reject) => {
        if (fate === 'dies') setTimeout(() => reject(new Error('The worker stopped.')), 5);
      }),
      end: () => ended.push(number),
    };
  });
  return { hand, ended, hired: () => hired };
}

const ask = (hand: RestartingWorker<Adder>) => hand.ask(({ add }) => add(1, 2));

test('one worker answers everything', async () => {
  const { hand, hired } = hiring();
  expect(await Promise.all([ask(hand), ask(hand)])).toEqual([3, 3]);
  expect(hired()).toBe(1);
});

test('after one that died another is asked', async () => {
  const { hand, ended, hired } = hiring('dies');
  await expect(ask(hand)).rejects.toThrow('stopped');
  expect(await ask(hand)).toBe(3);
  expect([hired(), ended]).toEqual([2, [1]]);
});

test('one that does not answer is let go after half a minute', async () => {
  jest.useFakeTimers();
  const { hand, ended } = hiring('hangs');
  const told = expect(ask(hand)).rejects.toThrow('did not answer');
  await jest.advanceTimersByTimeAsync(LONGEST_ANSWER_MS);
  await told;
  expect(ended).toEqual([1]);
  expect(await ask(hand)).toBe(3);
  jest.useRealTimers();
});

test('one that says no is kept', async () => {
  const { hand, ended } = hiring('throws');
  await expect(ask(hand)).rejects.toThrow('no such fruit');
  expect(ended).toEqual([]);
});
