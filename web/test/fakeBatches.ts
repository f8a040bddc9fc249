import type { Batch, BatchDto } from '@idle-kettle/contract';
import type { FakeClock } from './fakeClock.ts';
import { refusal, type Answer } from './fakeNet.ts';

/**
 * A server of batches, which takes a change only on the version that it holds, and makes a batch
 * once by its id.
 */
export class FakeBatches {
  readonly rows = new Map<string, Batch>();
  /** Everything that was ever written to it, in its order. */
  readonly written: BatchDto[] = [];

  constructor(private readonly clock: FakeClock) {}

  answer: Answer = (path, method, body) => {
    const id = path.split('/')[2];
    const dto = body as BatchDto;
    if (id === undefined && method === 'POST') return this.make(dto);
    const row = this.rows.get(id ?? '');
    if (row === undefined) throw refusal(404, 'There is no such batch, or it was put away.');
    if (method === 'GET') return row;
    if (dto.version !== row.version) throw refusal(409, 'saved somewhere else meanwhile');
    return this.write(row.id, dto, row.version + 1);
  };

  /** Saves a change as another browser does: on whatever is there. */
  other(id: string, change: Partial<BatchDto>): Batch {
    const row = this.rows.get(id)!;
    const { name, lines, settings, ticked } = row;
    return this.write(
      id,
      { name, lines: [...lines], settings, ticked: [...ticked], ...change },
      row.version + 1,
    );
  }

  private make(dto: BatchDto): Batch {
    const id = dto.id ?? `made ${this.rows.size}`;
    return this.rows.get(id) ?? this.write(id, dto, 1);
  }

  private write(id: string, dto: BatchDto, version: number): Batch {
    if (dto.lines.includes('wrong')) throw refusal(400, 'That cannot be planned.');
    this.written.push(dto);
    const at = new Date(this.clock.now()).toISOString();
    const { name, lines, settings = {}, ticked = [] } = dto;
    const row: Batch = { id, name, lines, settings, ticked, version, plan: null, createdAt: at, updatedAt: at }; // prettier-ignore
    this.rows.set(id, row);
    return row;
  }
}

/** A storage as browsers have it, in memory. */
export const memoryStorage = (entries: Readonly<Record<string, string>> = {}) => {
  const map = new Map(Object.entries(entries));
  return {
    map,
    getItem: (key: string) => map.get(key) ?? null,
    setItem: (key: string, value: string) => void map.set(key, value),
    removeItem: (key: string) => void map.delete(key),
  };
};
