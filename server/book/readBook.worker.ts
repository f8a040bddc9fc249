import type { ReadJson } from '@idle-kettle/contract';
import { readBookFile, type BookFileDto } from '@idle-kettle/contract/bookFile';

/** A Book as it was sent, looked through whole, in a thread that ends soon after. */
export default function work(text: string): ReadJson<BookFileDto> {
  const read = readBookFile(text);
  // A thread answers with plain values.
  return read.ok ? { ok: true, request: structuredClone({ ...read.request }) } : read;
}
