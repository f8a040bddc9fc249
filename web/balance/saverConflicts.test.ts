import { FakeBatches, memoryStorage } from '../test/fakeBatches.ts';
import { FakeClock } from '../test/fakeClock.ts';
import { forecast } from '../test/weather.ts';
import { keepDraft, keptDraft } from './draft.ts';
import { QUIET_MS } from './saverState.ts';
import { PLUM, MINUTE, sugar, table } from '../test/savingTable.ts';

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
