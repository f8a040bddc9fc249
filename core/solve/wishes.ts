import type { SetClass } from '../gel/index.ts';
import type { Text } from '@idle-kettle/words/message';

/** What a cook asks a batch to be; whatever is not asked for follows from the recipe. */
export type Wishes = {
  /** So many full jars of this size. */
  readonly jars?: { readonly volumeMl: number; readonly count: number };
  /** All of this fruit, prepared, g. */
  readonly fruitG?: number;
  /** This much sugar, g. */
  readonly sugarG?: number;
  /** This sweet: g of sugars per 100 g of the finished spread. */
  readonly sugarsPer100g?: number;
  /** This firm. */
  readonly firmness?: SetClass;
  /** No more than the pot takes at a third full. */
  readonly fitsPot?: boolean;
};

/** What may be wished of a batch. */
export type WishName = 'jars' | 'fruit' | 'sugar' | 'sweetness' | 'firmness' | 'pot';

/** A wish, or the recipe itself: its method and its fruit, which no wish may change. */
export type Party = WishName | 'recipe';

/** Two wishes that cannot both be had. */
export type Collision = {
  readonly between: readonly [Party, Party];
  /** What one of the two comes to when the other is granted. */
  readonly message: Text;
};
