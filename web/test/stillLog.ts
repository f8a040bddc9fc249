import type { Entry } from '@idle-kettle/core';
import type { CookLog } from '../stove/useCookLog.ts';
import { COOK } from './fakeCooks.ts';

const nothing = () => Promise.resolve();

/**
 * The log of a cook as a screen sees it where a server has all of these entries, and nothing more
 * comes.
 */
export const stillLog = (entries: readonly Entry[]): CookLog => ({
  session: COOK,
  entries: entries.map((entry, i) => ({
    ...entry,
    cook: COOK.id,
    position: i + 1,
    waiting: 0,
    refused: null,
  })),
  waiting: 0,
  refused: null,
  heard: true,
  keeps: true,
  error: null,
  note: nothing,
  end: nothing,
  refresh: nothing,
});
