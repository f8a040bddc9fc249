import type { Batch, BatchDto } from '@idle-kettle/contract';
import { hashKey } from '@tanstack/react-query';

/**
 * What of a batch a save is about, as one text: the same for the same content, whatever the order
 * of its keys.
 */
export const contentKey = ({
  name,
  lines,
  settings = {},
}: Readonly<Pick<BatchDto, 'name' | 'settings'>> & { readonly lines: readonly string[] }): string =>
  hashKey([name.trim(), lines, settings]);

/** Whether of two rows of a batch the formula itself differs. */
export const isOtherContent = (before: Batch, after: Batch): boolean =>
  contentKey(before) !== contentKey(after);
