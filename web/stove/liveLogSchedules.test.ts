import { nameOf } from '@idle-kettle/core';
import fc from 'fast-check';
import { FakeClock, settled } from '../test/fakeClock.ts';
import { COOK, FakeCooks } from '../test/fakeCooks.ts';
import { anyWeather, weatherOf } from '../test/weather.ts';
import { MemoryCookStore } from './localCookStore.ts';
import { house } from '../test/stoveHouse.ts';

const DEEDS = [
  'note',
  'note',
  'other',
  'tell',
  'tell twice',
  'cut',
  'wake',
  'reload',
  'wait',
] as const;

test('1 000 random schedules of a network that drops, delays, doubles and reorders: nothing lost, nothing doubled', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.constantFrom(...DEEDS), fc.nat(6000)), { maxLength: 24 }),
      anyWeather(40),
      async (deeds, calls) => {
        const clock = new FakeClock();
        const store = new MemoryCookStore();
        const server = new FakeCooks(clock, ({ text }) => text?.endsWith('7') === true);
        const { weather, clearUp } = weatherOf(calls);
        let { log } = house({ clock, store, server, weather });
        await store.keepCook(COOK);
        void log.start();
        await settled();
        let noted = 0;
        let others = 0;
        for (const [deed, ms] of deeds) {
          if (deed === 'note') void log.note('stirred', null, `${(noted += 1)}`);
          if (deed === 'other')
            server.put({ source: 'probe', seq: (others += 1), at: 1, kind: 'stirred' });
          if (deed === 'tell' || deed === 'tell twice') server.tell(deed === 'tell twice');
          if (deed === 'cut') server.cut();
          if (deed === 'wake') log.wake();
          if (deed === 'reload') {
            log.stop();
            ({ log } = house({ clock, store, server, weather }));
            void log.start();
            await settled();
          }
          await clock.pass(ms);
          expect(server.views.size).toBeLessThanOrEqual(1);
        }
        // The weather clears up, and everything finds its way.
        clearUp();
        for (let i = 0; i < 6; i += 1) {
          await clock.pass(15_000);
          server.tell();
        }
        const texts = Array.from({ length: noted }, (_, i) => `${i + 1}`);
        const good = texts.filter((text) => !text.endsWith('7'));
        const there = server.log
          .filter(({ source }) => source !== 'probe')
          .map(({ text }) => text!);
        expect([...there].sort()).toEqual([...good].sort());
        expect(new Set(server.log.map(nameOf)).size).toBe(server.log.length);
        const { state } = log;
        expect(state).toMatchObject({ waiting: 0, heard: true, keeps: true });
        expect(state.refused !== null).toBe(good.length < texts.length);
        // The browser sees what the server holds, each once, and its own that was refused.
        expect(state.entries).toHaveLength(server.log.length + texts.length - good.length);
        expect(server.views.size).toBe(1);
      },
    ),
    { numRuns: 1000 },
  );
}, 60_000);
