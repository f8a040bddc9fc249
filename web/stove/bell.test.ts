import { FakeClock } from '../test/fakeClock.ts';
import { Bell, RESTS_AFTER_MS, type Audio } from './bell.ts';

/** A browser’s audio that runs only once the page was touched. */
function browser(touchedAtFirst: boolean) {
  let touched = touchedAtFirst;
  let state: AudioContextState = touched ? 'running' : 'suspended';
  let changed = () => undefined as void;
  const starts: number[] = [];
  const audio = {
    get state() {
      return state;
    },
    currentTime: 10,
    destination: {},
    addEventListener: (_: string, listener: () => void) => (changed = listener),
    resume: () => {
      if (!touched) return Promise.reject(new Error('not allowed'));
      state = 'running';
      changed();
      return Promise.resolve();
    },
    suspend: () => {
      state = 'suspended';
      changed();
      return Promise.resolve();
    },
    createOscillator: () => ({
      frequency: { value: 0 },
      connect: (next: unknown) => next,
      start: (at: number) => starts.push(at),
      stop: () => undefined,
    }),
    createGain: () => ({ gain: { value: 0 }, connect: (next: unknown) => next }),
  } as unknown as Audio;
  let made = 0;
  const clock = new FakeClock();
  const bell = new Bell(() => {
    made += 1;
    return audio;
  }, clock);
  const suspend = () => {
    state = 'suspended';
    changed();
  };
  return {
    bell,
    clock,
    starts,
    touch: () => (touched = true),
    untouch: () => (touched = false),
    suspend,
    made: () => made,
    runs: () => state === 'running',
  };
}

test('a page that was touched rings three times', async () => {
  const { bell, starts, made } = browser(true);
  await bell.wake();
  expect(bell.isMute).toBe(false);
  bell.ring();
  expect(starts).toEqual([10, 10.35, 10.7]);
  bell.ring();
  expect(made()).toBe(1);
});

test('after a reload it is mute, says so, and is woken by a touch', async () => {
  const { bell, touch } = browser(false);
  const said: boolean[] = [];
  bell.subscribe(() => said.push(bell.isMute));
  await bell.wake();
  expect(bell.isMute).toBe(true);
  expect(said).toContain(true);
  touch();
  await bell.wake();
  expect(bell.isMute).toBe(false);
  expect(said.at(-1)).toBe(false);
});

test('a bell that fell mute while the device slept wakes by ringing', async () => {
  const { bell, suspend } = browser(true);
  await bell.wake();
  suspend();
  expect(bell.isMute).toBe(true);
  bell.ring();
  await new Promise(setImmediate);
  expect(bell.isMute).toBe(false);
});

test('one that was never wanted is not mute, and makes no audio', () => {
  const { bell, made } = browser(false);
  expect(bell.isMute).toBe(false);
  expect(made()).toBe(0);
});

test('it rests while it does not ring, is not mute for that, and rings again', async () => {
  const { bell, clock, starts, runs } = browser(true);
  await bell.wake();
  await clock.pass(RESTS_AFTER_MS);
  expect([runs(), bell.isMute]).toEqual([false, false]);
  // A touch alone does not wake it; ringing does, and it rests again after the last.
  await bell.wake();
  expect(runs()).toBe(false);
  bell.ring();
  await clock.pass(RESTS_AFTER_MS - 1);
  bell.ring();
  await clock.pass(RESTS_AFTER_MS - 1);
  expect([runs(), starts.length]).toEqual([true, 6]);
  await clock.pass(1);
  expect(runs()).toBe(false);
});

test('one that may not be heard again after its rest says so', async () => {
  const { bell, clock, untouch } = browser(true);
  await bell.wake();
  await clock.pass(RESTS_AFTER_MS);
  untouch();
  bell.ring();
  await clock.pass(1);
  expect(bell.isMute).toBe(true);
});
