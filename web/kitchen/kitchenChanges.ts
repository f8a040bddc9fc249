import type { KitchenDto } from '@idle-kettle/contract';
import { hashKey } from '@tanstack/react-query';

/**
 * What is other in a kitchen than before, field by field, so that nothing is sent that nobody
 * changed.
 * @param before the kitchen as the same form says it before anything is typed
 */
export const changesOf = (
  before: Partial<KitchenDto>,
  next: Partial<KitchenDto>,
): Partial<KitchenDto> =>
  Object.fromEntries(
    Object.entries(next).filter(
      ([field, value]) =>
        value !== undefined && hashKey([value]) !== hashKey([before[field as keyof KitchenDto]]),
    ),
  );
