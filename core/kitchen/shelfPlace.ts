/** Where a jar is kept: the kinds of place that a household has, whatever it calls them. */
export const PLACE_KINDS = ['pantry', 'fridge', 'freezer', 'gifts'] as const;
/** One of {@link PLACE_KINDS}. */
export type PlaceKind = (typeof PLACE_KINDS)[number];

/** A place of the household where jars are kept. */
export type ShelfPlace = { readonly id: string; readonly name: string; readonly kind: PlaceKind };
