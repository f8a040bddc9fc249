import type { BookQuery } from '@idle-kettle/contract';
import { SET_CLASSES } from '@idle-kettle/core';

/** What an address asks of the Book; what makes no sense asks for nothing. */
export function queryOf(search: URLSearchParams): BookQuery {
  const text = (of: string) => {
    const value = search.get(of)?.trim() ?? '';
    return value === '' ? null : value;
  };
  const set = text('set');
  const year = Number(text('year') ?? NaN);
  return {
    words: text('words'),
    fruit: text('fruit'),
    year: Number.isInteger(year) ? year : null,
    method: text('method'),
    set: set === 'unsaid' ? set : (SET_CLASSES.find((one) => one === set) ?? null),
    cook: text('cook'),
    again: search.get('again') === 'true' ? true : null,
  };
}

/** Whether a query asks for anything. */
export const asks = (query: BookQuery): boolean =>
  Object.values(query).some((value) => value !== null);
