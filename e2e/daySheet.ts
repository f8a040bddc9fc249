import type { Batch } from '@idle-kettle/contract';
import type { DaySheet, DaySheetDto } from '@idle-kettle/contract/daySheet';
import { randomUUID } from 'node:crypto';
import type { KettleServer } from './kettleServer.ts';

/** Batches that a day is planned of. */
export const OF_A_DAY = {
  seville: {
    name: 'Seville marmalade',
    lines: ['2 kg sugar'],
    settings: {
      product: 'marmalade',
      before: { kind: 'soak', lines: ['1 kg seville oranges'], water: 2000, hours: 14 },
    },
  },
  damson: { name: 'Damson jam', lines: ['2 kg crushed damsons', '1.4 kg sugar'] },
  plum: { name: 'Plum jam', lines: ['3 kg plums', '2.1 kg sugar'] },
} as const;

/** Keeps a batch, and answers with its id. */
export const keptBatch = async (
  kettle: KettleServer,
  batch: (typeof OF_A_DAY)[keyof typeof OF_A_DAY] | object,
): Promise<string> => (await kettle.send<Batch>('POST', '/batches', batch)).id;

/** Keeps a day sheet of batches, as a test changes it. */
export const keptDay = (
  kettle: KettleServer,
  batchIds: readonly string[],
  change: Partial<DaySheetDto> = {},
): Promise<DaySheet> =>
  kettle.send<DaySheet>('POST', '/days', {
    id: randomUUID(),
    name: 'Saturday',
    from: new Date(Date.now() + 3_600_000).toISOString(),
    finishBy: null,
    people: [{ name: 'Ana' }, { name: 'Ben' }],
    burners: [{ name: 'Front' }, { name: 'Back' }],
    slowCookers: [],
    canners: [{ name: 'Canner', halfPints: 7 }],
    breaks: [],
    batches: batchIds.map((batchId) => ({ batchId })),
    ticks: [],
    ...change,
  });

/** The paths of the screens of a day. */
export async function dayScreens(kettle: KettleServer): Promise<readonly string[]> {
  const ids = [await keptBatch(kettle, OF_A_DAY.damson), await keptBatch(kettle, OF_A_DAY.plum)];
  const { id } = await keptDay(kettle, ids);
  return ['/days', `/days/${id}`, `/days/${id}/hands/0`];
}
