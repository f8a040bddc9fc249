import fc from 'fast-check';
import type { Fate, Weather } from './fate.ts';

type Call = readonly [fate: Fate, ms: number];

const FATES: readonly Fate[] = ['ok', 'ok', 'ok', 'drop', 'lost', 'late', 'double', 408, 429, 503];

/** Weather of any kind for so many calls. */
export const anyWeather = (mostCalls: number) =>
  fc.array(fc.tuple(fc.constantFrom(...FATES), fc.integer({ min: 1, max: 900 })), {
    maxLength: mostCalls,
  });

/**
 * Weather that comes as it is told, one call after another, and is fine afterwards, or from when it
 * clears up.
 */
export function weatherOf(calls: readonly Call[]): { weather: Weather; clearUp: () => void } {
  const left = [...calls];
  return {
    weather: () => {
      const [fate, ms] = left.shift() ?? (['ok', 5] as const);
      return { fate, ms };
    },
    clearUp: () => {
      left.length = 0;
    },
  };
}

/** The same, of calls that all take 5 ms. */
export const forecast = (...fates: readonly Fate[]): Weather =>
  weatherOf(fates.map((fate) => [fate, 5])).weather;
