import { requestInKitchen } from '@idle-kettle/contract';
import { readingsOf, trueSheet } from '@idle-kettle/core';
import type { DeviceDriver } from './devices.ts';

/** The simulated probe and scale of a practice cook. */
export const SIMULATED_DEVICES: DeviceDriver = {
  name: 'simulated probe and scale',
  reads: ({ practice }) => practice !== null,
  read({ formula, kitchen, practice, startMs }, events, fromS, toS) {
    if (practice === null) return [];
    const sheet = trueSheet(requestInKitchen(formula, kitchen), practice);
    return sheet === null ? [] : readingsOf(sheet, practice, events, startMs, fromS, toS);
  },
};
