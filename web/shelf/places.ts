import { say } from '@idle-kettle/words';
import type { ShelfPlaceOf } from '@idle-kettle/contract/season';
import { PLACE_KINDS } from '@idle-kettle/core';

/** What a place is called: as the household does, or as anybody would. */
export function placeInWords(id: string, places: readonly ShelfPlaceOf[]): string {
  const place = places.find((one) => one.id === id);
  const kind = PLACE_KINDS.find((one) => one === (place?.kind ?? id));
  return place?.name ?? (kind === undefined ? id : say(`shelf.place.${kind}`));
}
