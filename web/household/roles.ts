import type { Role } from '@idle-kettle/contract';
import type { PlainMessageId } from '@idle-kettle/words';

/** What each role is called. */
export const ROLE_IN_WORDS = {
  keeper: 'people.keeper',
  helper: 'people.helper',
  viewer: 'people.viewer',
} as const satisfies { readonly [role in Role]: PlainMessageId };

/** What each role may do. */
export const ROLE_MAY = {
  keeper: 'people.keeperMay',
  helper: 'people.helperMay',
  viewer: 'people.viewerMay',
} as const satisfies { readonly [role in Role]: PlainMessageId };
