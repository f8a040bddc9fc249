import type { ShelfGroup } from '@idle-kettle/contract/season';
import { findIngredient } from '@idle-kettle/core';

/** Groups that are meant: by name, fruit, size or the number on a label, all the words of it. */
export function found(groups: readonly ShelfGroup[], words: string): readonly ShelfGroup[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return groups;
  return groups.filter(({ name, fruit, size, codes, cookNumber }) => {
    const text = [
      name,
      fruit === null ? '' : (findIngredient(fruit)?.name ?? ''),
      size,
      `${cookNumber}`,
      ...codes,
    ]
      .join(' ')
      .toLowerCase();
    return wanted.every((word) => text.includes(word));
  });
}
