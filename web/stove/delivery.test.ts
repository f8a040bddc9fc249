import fc from 'fast-check';
import { Refused, Unreachable } from '../api/request.ts';
import { deliverAll, type Post } from './delivery.ts';
import type { KeptEntry } from './keptEntry.ts';
import { runs } from '../../core/test/runs.ts';

const entry = (seq: number): KeptEntry => ({
  cook: 'c', source: 'browser', seq, at: seq, kind: 'stirred', value: null, text: null, waiting: 1, position: null, refused: null,
}); // prettier-ignore

const refusal = (status: number) =>
  new Refused({ status, detail: `status ${status}`, faults: [] } as never);

/**
 * A browser with entries that wait, and a server that takes some and refuses some; what happens at
 * each send is told.
 */
function house(
  count: number,
  wrong: ReadonlySet<number>,
  trouble: () => Error | null = () => null,
) {
  const store = new Map(Array.from({ length: count }, (_, i) => [i + 1, entry(i + 1)]));
  const taken: number[] = [];
  const post: Post = {
    waiting: () => Promise.resolve([...store.values()].filter(({ waiting }) => waiting === 1)),
    send: (parcel) => {
      const bad = trouble();
      if (bad !== null && !(bad instanceof Refused && bad.problem.status === 418))
        return Promise.reject(bad);
      if (parcel.some(({ seq }) => wrong.has(seq))) return Promise.reject(refusal(400));
      for (const { seq } of parcel) if (!taken.includes(seq)) taken.push(seq);
      // Taken, but the answer is lost.
      return bad === null ? Promise.resolve() : Promise.reject(new Unreachable());
    },
    settle: (parcel, refused) => {
      for (const one of parcel) store.set(one.seq, { ...one, waiting: 0, refused });
      return Promise.resolve();
    },
  };
  return { post, taken, store };
}

test('everything goes out in parcels, in order', async () => {
  const { post, taken } = house(12, new Set());
  expect(await deliverAll(post, 5)).toBe(12);
  expect(taken).toEqual(Array.from({ length: 12 }, (_, i) => i + 1));
});

test('one refused entry is refused alone: the 499 others are taken', async () => {
  const { post, taken, store } = house(500, new Set([237]));
  expect(await deliverAll(post, 500)).toBe(499);
  expect(taken).toHaveLength(499);
  expect(store.get(237)).toMatchObject({ waiting: 0, refused: 'status 400' });
  expect([...store.values()].filter(({ refused }) => refused !== null)).toHaveLength(1);
});

test.each([408, 425, 429, 500, 503])(
  'a server that says %d is asked again, and nothing is given up',
  async (status) => {
    const { post, store } = house(4, new Set(), () => refusal(status));
    await expect(deliverAll(post, 500)).rejects.toThrow(`status ${status}`);
    expect([...store.values()].every(({ waiting }) => waiting === 1)).toBe(true);
  },
);

test('a parcel that is too large goes in halves', async () => {
  const { post, taken } = house(10, new Set());
  const send = post.send;
  const small: Post = {
    ...post,
    send: (parcel) => (parcel.length > 3 ? Promise.reject(refusal(413)) : send(parcel)),
  };
  expect(await deliverAll(small, 500)).toBe(10);
  expect(taken).toHaveLength(10);
});

test('1 000 random schedules of drops, lost answers and refusals: nothing lost, nothing doubled, each refused alone', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.integer({ min: 0, max: 40 }),
      fc.uniqueArray(fc.integer({ min: 1, max: 40 }), { maxLength: 5 }),
      fc.infiniteStream(fc.constantFrom('ok', 'ok', 'drop', 'lost', '429', '503')),
      fc.integer({ min: 1, max: 9 }),
      async (count, wrong, weather, most) => {
        const wrongs = new Set(wrong.filter((seq) => seq <= count));
        const { post, taken, store } = house(count, wrongs, () => {
          const now = String(weather.next().value);
          if (now === 'drop') return new Unreachable();
          if (now === 'lost') return refusal(418);
          return now === 'ok' ? null : refusal(Number(now));
        });
        // Bad weather only takes longer: a browser goes on trying.
        for (let tries = 0; tries < 20_000; tries += 1) {
          const done = await deliverAll(post, most).then(
            () => true,
            () => false,
          );
          if (done) break;
        }
        const good = Array.from({ length: count }, (_, i) => i + 1).filter(
          (seq) => !wrongs.has(seq),
        );
        expect([...taken].sort((a, b) => a - b)).toEqual(good);
        for (const { seq, waiting, refused } of store.values()) {
          expect(waiting).toBe(0);
          expect(refused !== null).toBe(wrongs.has(seq));
        }
      },
    ),
    { numRuns: runs(1000) },
  );
});
