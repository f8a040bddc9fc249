import type { Batch, BatchDto } from '@idle-kettle/contract';
import { hashKey } from '@tanstack/react-query';
import { Refused, request } from './request.ts';

/** One call to the API, as {@link request}. */
export type Send = <T>(path: string, method?: string, body?: unknown) => Promise<T>;

/** What of a batch a save is about, as one text: the same for the same content, whatever the order of its keys. */
export const contentKey = ({
  name,
  lines,
  settings = {},
}: Pick<BatchDto, 'name' | 'lines' | 'settings'>): string =>
  hashKey([name.trim(), lines, settings]);

/**
 * Saves a change to a batch. An answer that never came is no conflict with oneself: where the server holds something that this browser sent, the
 * change goes on from there.
 * @param unanswered {@link contentKey} of everything that was sent before and not answered
 * @throws Refused with 409 where somebody else saved meanwhile
 */
export async function saveChange(
  id: string,
  body: BatchDto,
  unanswered: readonly string[],
  send: Send = request,
): Promise<Batch> {
  try {
    return await send<Batch>(`/batches/${id}`, 'PUT', body);
  } catch (error) {
    if (!(error instanceof Refused) || error.problem.status !== 409) throw error;
    const there = await send<Batch>(`/batches/${id}`);
    const key = contentKey({ ...there, lines: [...there.lines] });
    if (key === contentKey(body)) return there;
    if (unanswered.includes(key))
      return send<Batch>(`/batches/${id}`, 'PUT', { ...body, version: there.version });
    throw error;
  }
}
