import type { Batch } from '@idle-kettle/contract';
import fc from 'fast-check';
import { FakeBatches, memoryStorage } from '../test/fakeBatches.ts';
import { FakeClock } from '../test/fakeClock.ts';
import { anyWeather, weatherOf } from '../test/weather.ts';
import type { Content } from './saverState.ts';
import { MINUTE, PLUM, sugar, table } from '../test/savingTable.ts';
import { runs } from '../../core/test/runs.ts';

const DEEDS = ['type', 'type', 'type', 'tick', 'save', 'wake', 'reload', 'wait'] as const;

test('1 000 random schedules of one browser alone: never a conflict, the last word saved, one batch', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.boolean(),
      fc.array(fc.tuple(fc.constantFrom(...DEEDS), fc.nat(5000)), { maxLength: 24 }),
      anyWeather(30),
      async (isNew, deeds, calls) => {
        const clock = new FakeClock();
        const server = new FakeBatches(clock);
        const storage = memoryStorage();
        const { weather, clearUp } = weatherOf(calls);
        const first = isNew ? 'new' : 'a';
        let now = table(first, { clock, server, storage, weather });
        let id: string | null = isNew ? null : 'a';
        let last: Content | null = null;
        const ticks = new Set<string>();
        const conflicts: Batch[] = [];
        const look = () => {
          if (now.saver.state.theirs) conflicts.push(now.saver.state.theirs);
          id = now.made[0] ?? id;
        };
        for (const [index, [deed, ms]] of deeds.entries()) {
          if (deed === 'type') now.write((last = sugar(100 + index)));
          if (deed === 'tick') {
            const thing = `thing ${index % 3}`;
            const done = !ticks.has(thing);
            if (done) ticks.add(thing);
            else ticks.delete(thing);
            now.saver.tick(thing, done);
          }
          if (deed === 'save' && last !== null) now.saver.save();
          if (deed === 'wake') now.saver.wake();
          if (deed === 'reload') {
            now.saver.stop();
            look();
            now = table(id === null ? 'new' : 'a', { clock, server: viewOf(server, id), storage, weather }); // prettier-ignore
            if (last !== null) expect(now.saver.first).toMatchObject(last);
          }
          await clock.pass(ms);
          look();
        }
        clearUp();
        if (id === null && last !== null) now.saver.save();
        for (let i = 0; i < 4; i += 1) {
          await clock.pass(15_000);
          now.saver.wake();
        }
        look();
        expect(conflicts).toEqual([]);
        const rows = [...server.rows.values()];
        if (isNew && last === null) return expect(rows).toEqual([]);
        expect(rows).toHaveLength(1);
        expect(rows[0]).toMatchObject(last ?? PLUM);
        expect([...rows[0]!.ticked].sort()).toEqual([...ticks].sort());
        return expect(now.saver.state).toMatchObject({ changed: false, error: null });
      },
    ),
    { numRuns: runs(1000) },
  );
}, 60_000);

/** The same server, under the name that a page of this batch asks for. */
function viewOf(server: FakeBatches, id: string | null): FakeBatches {
  if (id === null || id === 'a') return server;
  const row = server.rows.get(id)!;
  const view = Object.create(server) as FakeBatches;
  Object.defineProperty(view, 'rows', { value: new Map([['a', row]]) });
  return view;
}

test('two browsers at once: every save is told from the other’s, and none is written over unseen', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.boolean(), fc.nat(4000)), { maxLength: 16 }),
      async (deeds) => {
        const clock = new FakeClock();
        const server = new FakeBatches(clock);
        const both = [table('a', { clock, server }), table('a', { clock, server })] as const;
        const seen = new Set<string>();
        const authors = new Map<string, number>();
        for (const [index, [isFirst, ms]] of deeds.entries()) {
          const author = isFirst ? 0 : 1;
          const one = both[author];
          const content = sugar(1 + index);
          authors.set(content.lines.join(), author);
          one.write(content);
          await clock.pass(ms);
          for (const [reader, { saver }] of both.entries()) {
            const { theirs } = saver.state;
            if (theirs === null) continue;
            seen.add(`${reader} ${theirs.lines.join()}`);
            saver.keepMine();
          }
        }
        await clock.pass(MINUTE);
        const writes = server.written.map(({ lines }) => lines.join());
        const over = writes.slice(1).flatMap((write, index) => {
          const [reader, before] = [authors.get(write), writes[index]!];
          const isOthers = authors.has(before) && authors.get(before) !== reader;
          return isOthers ? [`${reader} ${before}`] : [];
        });
        // What one wrote and the other wrote over, the other had been shown.
        expect(over.filter((name) => !seen.has(name))).toEqual([]);
      },
    ),
    { numRuns: runs(300) },
  );
}, 60_000);
