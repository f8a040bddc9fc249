import { PROBE_SOURCE, readingsOf } from '@idle-kettle/core';
import type { DeviceDriver } from './devices.ts';
import { truthOf } from './truth.ts';

/** The simulated probe and scale of a practice cook. */
export const SIMULATED_DEVICES: DeviceDriver = {
  source: PROBE_SOURCE,
  reads: ({ practice }) => practice !== null,
  read(cook, events, fromS, toS) {
    const sheet = truthOf(cook);
    if (cook.practice === null || sheet === null) return [];
    return readingsOf(sheet, cook.practice, events, cook.startMs, fromS, toS);
  },
};
