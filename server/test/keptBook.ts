import type { BookFileDto } from '@idle-kettle/contract/bookFile';
import type { BookHome } from '@idle-kettle/contract';
import { createHash } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import { body, type servedApi } from './servedApi.ts';
import { ALL_MEASURED, keptCook, type TrueKitchen } from '../../core/test/keptCooks.ts';

const DAY_MS = 86_400_000;
const FIRST_MS = Date.UTC(2026, 5, 1, 9);

/** An id of its own for a name, the same every time. */
export const idOf = (name: string): string => {
  const hex = createHash('sha256').update(name).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
};

/** What the kitchen of these cooks says of itself. */
export const KEPT_KITCHEN = {
  name: 'Kept kitchen',
  altitudeM: 0,
  waterBoilsC: null,
  units: 'metric',
  temperature: 'C',
  altitudeUnit: 'm',
  school: 'sterilised',
  canner: 'boiling-water',
  cannerHolds: null,
  cannerWatched: null,
  pots: [{ id: 'wide', name: 'wide pot', diameterCm: 28, heightCm: 15 }],
  burners: [{ id: 'front', name: 'front burner', heat: 'medium-burner', netPowerKw: null }],
  jars: [],
  packs: [],
  measures: 'metric',
  names: [],
  stock: [],
  prices: [],
  currency: 'EUR',
} as const;

/**
 * A Book of cooks that were simulated in a kitchen, a week between them, each with its log and what
 * was measured of it.
 * @param seeds of the cooks, the first first
 */
export function keptBook(kitchen: TrueKitchen, seeds: readonly number[]): BookFileDto {
  const cooks = seeds.map((seed, nth) => {
    const { request, log, outcome } = keptCook(kitchen, seed, { ...ALL_MEASURED, saysWhat: true });
    const startMs = FIRST_MS + 7 * nth * DAY_MS;
    const moment = (ms: number) => new Date(ms).toISOString();
    const endMs = startMs + Math.max(...log.map(({ at }) => at)) + 3_600_000;
    const formula = {
      lines: request.lines.map(String),
      settings: { pot: 'wide', burner: 'front' },
    };
    const name = `Kept ${seed}`;
    return {
      batch: {
        id: idOf(`batch ${seed}`),
        name,
        ...formula,
        ticked: [],
        version: 1,
        doneAt: moment(endMs),
        deletedAt: null,
        createdAt: moment(startMs),
        updatedAt: moment(startMs),
      },
      cook: {
        id: idOf(`cook ${seed}`),
        batchId: idOf(`batch ${seed}`),
        name,
        formula,
        kitchen: KEPT_KITCHEN,
        startedAt: moment(startMs),
        endedAt: moment(endMs),
        storedAt: null,
        jarPlaces: null,
        log: log.map((entry, index) => ({
          source: 'kept',
          seq: index + 1,
          at: startMs + Math.round(entry.at),
          saidAt: null,
          kind: entry.kind,
          value: entry.value,
          text: entry.text,
          by: { kind: 'machine' as const, id: null },
        })),
        outcome: {
          version: 1,
          set: 'soft' as const,
          taste: 4,
          colour: null,
          clarity: null,
          again: true,
          costMinor: 540,
          volumeMl: outcome.volumeMl,
          finalMassG: outcome.finalMassG,
          notes: `cook number ${nth + 1}`,
        },
      },
    };
  });
  return {
    format: 'kettle-book',
    version: 1,
    recipes: [],
    batches: cooks.map(({ batch }) => batch),
    cooks: cooks.map(({ cook }) => cook),
    photos: [],
  };
}

/** Once everything of a Book is worked out. */
export async function workedOut(api: ReturnType<typeof servedApi>['api']): Promise<void> {
  for (let tries = 0; tries < 600; tries += 1) {
    const { waiting } = body<BookHome>(await api().get('/api/book/home').expect(200));
    if (waiting === 0) return;
    await setTimeout(100);
  }
  throw new Error('The Book was not worked out');
}
