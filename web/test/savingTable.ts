import type { Batch } from '@idle-kettle/contract';
import { Saver } from '../balance/saver.ts';
import type { Content } from '../balance/saverState.ts';
import { FakeBatches, memoryStorage } from './fakeBatches.ts';
import { FakeClock } from './fakeClock.ts';
import { fakeNet } from './fakeNet.ts';
import type { Weather } from './fate.ts';

export const MINUTE = 60_000;

export const PLUM: Content = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'], settings: {} };

/** The plums with so much sugar. */
export const sugar = (grams: number): Content => ({
  ...PLUM,
  lines: ['1 kg plums', `${grams} g sugar`],
});

type Table = {
  readonly clock?: FakeClock;
  readonly server?: FakeBatches;
  readonly storage?: ReturnType<typeof memoryStorage>;
  readonly weather?: Weather;
  readonly start?: Content | null;
};
/** A Balance screen before a server that holds one batch of plums, `a`. */
export function table(
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
