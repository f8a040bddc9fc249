import type { Batch } from '@idle-kettle/contract';
import fc from 'fast-check';
import { Unreachable } from '../api/request.ts';
import { FakeBatches, memoryStorage } from '../test/fakeBatches.ts';
import { FakeClock } from '../test/fakeClock.ts';
import { fakeNet } from '../test/fakeNet.ts';
import type { Fate, Weather } from '../test/fate.ts';
import { anyWeather, forecast, weatherOf } from '../test/weather.ts';
import { keepDraft, keptDraft } from './draft.ts';
import { Saver } from './saver.ts';
import { QUIET_MS } from './saverState.ts';
import type { Content } from './saverState.ts';

const MINUTE = 60_000;
const PLUM: Content = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'], settings: {} };
const sugar = (grams: number): Content => ({ ...PLUM, lines: ['1 kg plums', `${grams} g sugar`] });

type Table = {
  readonly clock?: FakeClock;
  readonly server?: FakeBatches;
  readonly storage?: ReturnType<typeof memoryStorage>;
  readonly weather?: Weather;
  readonly start?: Content | null;
};

/** A Balance screen before a server that holds one batch of plums, `a`. */
function table(
  saved: 'a' | 'new',
  {
    clock = new FakeClock(),
    server = new FakeBatches(clock),
    storage = memoryStorage(),
    weather,
    start = null,
  }: Table = {},
) {
  if (saved === 'a' && !server.rows.has('a'))
    server.answer('/batches', 'POST', { id: 'a', ...PLUM });
  let ids = 0;
  const saver = new Saver(saved === 'a' ? server.rows.get('a')! : null, start, {
    send: fakeNet(clock, server.answer, weather),
    storage,
    clock,
    newId: () => `new ${(ids += 1)}`,
  });
  const made: string[] = [];
  const shown: Batch[] = [];
  saver.onSaved(({ id }, isNew) => isNew && made.push(id));
  saver.onShow((batch) => shown.push(batch));
  saver.start();
  const write = (content: Content, ok = true) =>
    saver.write(content, content.name.trim() || 'Suggested', ok);
  return { clock, server, storage, saver, made, shown, write };
}

test('what is typed is in the browser at once, and the server’s after a quiet moment', async () => {
  const { write, saver, storage, clock, server } = table('a');
  write(sugar(700));
  expect(keptDraft('a', storage)).toMatchObject(sugar(700));
  expect(saver.state).toMatchObject({ changed: true, pending: false });
  await clock.pass(QUIET_MS - 1);
  expect(server.rows.get('a')?.version).toBe(1);
  await clock.pass(100);
  expect(server.rows.get('a')).toMatchObject({ ...sugar(700), version: 2 });
  expect(saver.state).toMatchObject({ changed: false, error: null, saved: { version: 2 } });
  expect(keptDraft('a', storage)).toBeNull();
});

test('a word is saved once, not letter by letter; what is typed back is not saved at all', async () => {
  const { write, clock, server } = table('a');
  for (const grams of [7, 70, 700]) {
    write(sugar(grams));
    await clock.pass(300);
  }
  await clock.pass(MINUTE);
  expect(server.written).toHaveLength(2);
  write(sugar(600));
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(server.written).toHaveLength(2);
});

test('a batch at fault stays in the browser until it can be planned', async () => {
  const { write, clock, server, storage } = table('a');
  write({ ...PLUM, lines: ['?'] }, false);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.version).toBe(1);
  expect(keptDraft('a', storage)?.lines).toEqual(['?']);
  write({ ...PLUM, lines: ['?'] }, true);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.version).toBe(2);
});

test('a new batch is saved when it is asked for, and from then on by itself', async () => {
  const { write, saver, clock, server, made, storage } = table('new');
  write(PLUM);
  await clock.pass(MINUTE);
  expect(server.rows.size).toBe(0);
  expect(keptDraft(null, storage)).toMatchObject(PLUM);
  saver.save();
  await clock.pass(100);
  expect(made).toEqual(['new 1']);
  expect(keptDraft(null, storage)).toBeNull();
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(server.rows.get('new 1')).toMatchObject({ ...sugar(700), version: 2 });
});

test('what is typed during the first save is kept, and saved under the batch’s own name', async () => {
  const { write, saver, clock, server, storage } = table('new', {
    weather: () => ({ fate: 'ok', ms: 500 }),
  });
  write(PLUM);
  saver.save();
  await clock.pass(600);
  write(sugar(650));
  await clock.pass(600);
  expect(keptDraft(null, storage)).toBeNull();
  expect(keptDraft('new 1', storage)).toMatchObject(sugar(650));
  await clock.pass(MINUTE);
  expect([...server.rows.values()]).toMatchObject([{ ...sugar(650), version: 2 }]);
});

test.each<Fate>(['lost', 'drop', 'late', 'double', 429, 503])(
  'a first save that meets %s makes one batch, also by a page that was loaded anew',
  async (fate) => {
    const clock = new FakeClock();
    const server = new FakeBatches(clock);
    const storage = memoryStorage();
    const first = table('new', { clock, server, storage, weather: forecast(fate) });
    first.write(PLUM);
    first.saver.save();
    await clock.pass(fate === 'late' ? 20_050 : 100);
    first.saver.stop();
    if (fate === 'double') return expect(server.rows.size).toBe(1);
    expect(first.saver.state.error).not.toBeNull();
    const second = table('new', { clock, server, storage });
    expect(second.saver.first).toEqual(PLUM);
    second.saver.save();
    second.saver.save();
    await clock.pass(MINUTE);
    expect([...server.rows.values()]).toMatchObject([PLUM]);
    expect(second.made).toEqual(['new 1']);
    return expect(keptDraft(null, storage)).toBeNull();
  },
);

test('a first save whose answer was lost, and then another text: one batch, and the newer text', async () => {
  const { write, saver, clock, server } = table('new', { weather: forecast('lost') });
  write(PLUM);
  saver.save();
  await clock.pass(100);
  expect(saver.state.error).toBeInstanceOf(Unreachable);
  write(sugar(640));
  saver.save();
  await clock.pass(MINUTE);
  expect([...server.rows.values()]).toMatchObject([{ ...sugar(640), version: 2 }]);
});

test('a batch without a name gets the one that is suggested, and is not saved again for it', async () => {
  const { write, saver, clock, server } = table('new');
  write({ ...PLUM, name: '' });
  saver.save();
  await clock.pass(MINUTE);
  expect([...server.rows.values()]).toMatchObject([{ name: 'Suggested', version: 1 }]);
  expect(saver.state.changed).toBe(false);
});

test('while no server answers it is tried again, less and less often, and at once when the network is back', async () => {
  let calls = 0;
  let isAway = true;
  const { write, saver, clock, server } = table('a', {
    weather: () => {
      calls += 1;
      return { fate: isAway ? 'drop' : 'ok', ms: 5 };
    },
  });
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(calls).toBeGreaterThan(5);
  expect(calls).toBeLessThan(10);
  expect(saver.state.error).toBeInstanceOf(Unreachable);
  isAway = false;
  saver.wake();
  await clock.pass(100);
  expect(server.rows.get('a')).toMatchObject(sugar(700));
  expect(saver.state).toMatchObject({ error: null, changed: false });
});

test('what was refused for good is not sent again before it is another', async () => {
  const { write, saver, clock, server } = table('a');
  write({ ...PLUM, lines: ['wrong'] });
  await clock.pass(MINUTE);
  expect(saver.state.error?.message).toBe('That cannot be planned.');
  saver.wake();
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject(sugar(700));
  expect(saver.state.error).toBeNull();
});

test('a save whose answer was lost is no conflict with oneself, whatever was typed since', async () => {
  const { write, saver, clock, server } = table('a', { weather: forecast('lost') });
  write(sugar(700));
  await clock.pass(QUIET_MS + 50);
  write(sugar(600));
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject({ ...sugar(600), version: 3 });
  expect(saver.state).toMatchObject({ theirs: null, error: null });
});

test('a draft does not conflict with itself after a reload between save and answer', async () => {
  const clock = new FakeClock();
  const server = new FakeBatches(clock);
  const storage = memoryStorage();
  const first = table('a', { clock, server, storage, weather: forecast('lost') });
  first.write(sugar(700));
  await clock.pass(QUIET_MS + 50);
  first.write(sugar(600));
  first.saver.stop();
  expect(server.rows.get('a')).toMatchObject({ version: 2 });
  const second = table('a', { clock, server, storage });
  expect(second.saver.first).toMatchObject(sugar(600));
  expect(second.saver.state.theirs).toBeNull();
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject({ ...sugar(600), version: 3 });
});

test('what somebody else saved is not written over: both stand there, and saving by itself stops', async () => {
  const { write, saver, clock, server, storage } = table('a');
  server.other('a', { name: 'Plum, by another' });
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(saver.state.theirs).toMatchObject({ name: 'Plum, by another', version: 2 });
  expect(keptDraft('a', storage)).toMatchObject(sugar(700));
  write(sugar(650));
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.version).toBe(2);

  saver.keepMine();
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject({ ...sugar(650), version: 3 });
  expect(saver.state).toMatchObject({ theirs: null, changed: false, error: null });
});

test('after a conflict going back leads to the newest, not to a stale copy', async () => {
  const { write, saver, clock, server, shown, storage } = table('a');
  server.other('a', { lines: ['9 kg plums'] });
  write(sugar(700));
  await clock.pass(MINUTE);
  server.other('a', { lines: ['10 kg plums'] });
  saver.keepMine();
  await clock.pass(100);
  expect(saver.state.theirs?.lines).toEqual(['10 kg plums']);
  saver.goBack();
  expect(shown.map(({ lines }) => lines)).toEqual([['10 kg plums']]);
  expect(saver.state).toMatchObject({ theirs: null, changed: false, saved: { version: 3 } });
  expect(keptDraft('a', storage)).toBeNull();
  write({ ...PLUM, lines: ['10 kg plums', '7 kg sugar'] });
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject({ version: 4, lines: ['10 kg plums', '7 kg sugar'] });
});

test('of two, mine can be saved as another batch: once, though its answer was lost', async () => {
  const { write, saver, clock, server, made, storage } = table('a', {
    weather: forecast('ok', 'ok', 'lost'),
  });
  server.other('a', { name: 'Plum, by another' });
  write(sugar(700));
  await clock.pass(MINUTE);
  await Promise.all([saver.saveAsNew(), clock.pass(100)]);
  await Promise.all([saver.saveAsNew(), clock.pass(100)]);
  expect([...server.rows.values()].map(({ name }) => name)).toEqual([
    'Plum, by another',
    'Plum (copy)',
  ]);
  expect(made).toEqual(['new 1']);
  expect(keptDraft('a', storage)).toBeNull();
});

test('a draft that was made before somebody else saved stands beside it at once', () => {
  const clock = new FakeClock();
  const server = new FakeBatches(clock);
  const storage = memoryStorage();
  server.answer('/batches', 'POST', { id: 'a', ...PLUM });
  keepDraft('a', { ...sugar(700), version: 1 }, storage);
  server.other('a', { lines: ['2 kg plums'] });
  const { saver } = table('a', { clock, server, storage });
  expect(saver.state.theirs).toMatchObject({ lines: ['2 kg plums'] });
  expect(saver.first).toMatchObject(sugar(700));
});

test('a newer copy is shown where nothing is written here, and stands beside what is', async () => {
  const idle = table('a');
  idle.saver.receiveUpdate(idle.server.other('a', { lines: ['2 kg plums'] }));
  expect(idle.shown).toMatchObject([{ lines: ['2 kg plums'], version: 2 }]);
  const busy = table('a');
  busy.write(sugar(700));
  busy.saver.receiveUpdate(busy.server.other('a', { lines: ['2 kg plums'] }));
  expect(busy.shown).toEqual([]);
  expect(busy.saver.state.theirs).toMatchObject({ lines: ['2 kg plums'] });
  // An older copy, as a cache may still hold it, changes nothing.
  idle.saver.receiveUpdate({ ...idle.server.rows.get('a')!, version: 1, lines: ['old'] });
  expect(idle.shown).toHaveLength(1);
  await idle.clock.pass(MINUTE);
  expect(idle.server.rows.get('a')?.version).toBe(2);
});

test('a batch that was put away meanwhile can be saved as another', async () => {
  const { write, saver, clock, server } = table('a');
  server.rows.delete('a');
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(saver.state.error?.message).toContain('put away');
  await Promise.all([saver.saveAsNew(), clock.pass(100)]);
  expect([...server.rows.values()]).toMatchObject([{ ...sugar(700), name: 'Plum (copy)' }]);
});

test('two ticks in one round trip are both kept', async () => {
  const { saver, clock, server } = table('a', { weather: () => ({ fate: 'ok', ms: 300 }) });
  saver.tick('plums', true);
  await clock.pass(50);
  saver.tick('sugar', true);
  expect(saver.state.ticked).toEqual(['plums', 'sugar']);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.ticked).toEqual(['plums', 'sugar']);
  saver.tick('plums', false);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.ticked).toEqual(['sugar']);
  expect(saver.state.changed).toBe(false);
});

test('ticks are kept through a dead server and a reload', async () => {
  const clock = new FakeClock();
  const server = new FakeBatches(clock);
  const storage = memoryStorage();
  const first = table('a', { clock, server, storage, weather: () => ({ fate: 'drop', ms: 5 }) });
  first.saver.tick('sugar', true);
  await clock.pass(1000);
  first.saver.stop();
  const second = table('a', { clock, server, storage });
  expect(second.saver.state.ticked).toEqual(['sugar']);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.ticked).toEqual(['sugar']);
});

test('a tick and another’s formula do not conflict, and neither is written over', async () => {
  const ticking = table('a');
  ticking.server.other('a', { lines: ['2 kg plums'], ticked: ['jars'] });
  ticking.saver.tick('sugar', true);
  await ticking.clock.pass(MINUTE);
  expect(ticking.server.rows.get('a')).toMatchObject({
    lines: ['2 kg plums'],
    ticked: ['jars', 'sugar'],
  });
  const writing = table('a');
  writing.server.other('a', { ticked: ['jars'] });
  writing.write(sugar(700));
  await writing.clock.pass(MINUTE);
  expect(writing.server.rows.get('a')).toMatchObject({ ...sugar(700), ticked: ['jars'] });
  expect(writing.saver.state.theirs).toBeNull();
});

test('a draft does not conflict where only ticks were saved since', async () => {
  const clock = new FakeClock();
  const server = new FakeBatches(clock);
  const storage = memoryStorage();
  const first = table('a', { clock, server, storage });
  first.write(sugar(700));
  first.saver.stop();
  server.other('a', { ticked: ['jars'] });
  const second = table('a', { clock, server, storage });
  expect(second.saver.state.theirs).toBeNull();
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject({ ...sugar(700), ticked: ['jars'] });
});

test('a page that is left during its first save leaves no draft of it behind', async () => {
  const { write, saver, clock, storage, server } = table('new', {
    weather: () => ({ fate: 'ok', ms: 500 }),
  });
  write(PLUM);
  saver.save();
  saver.stop();
  await clock.pass(MINUTE);
  expect(server.rows.size).toBe(1);
  expect(keptDraft(null, storage)).toBeNull();
});

test('what a card starts counts for more than a draft', () => {
  const storage = memoryStorage();
  keepDraft(null, { ...sugar(1), version: null }, storage);
  expect(table('new', { storage, start: PLUM }).saver.first).toEqual(PLUM);
  expect(table('new', { storage: memoryStorage() }).saver.first.lines).toEqual([]);
});

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
    { numRuns: 1000 },
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
    { numRuns: 300 },
  );
}, 60_000);
