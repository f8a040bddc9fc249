/** What somebody in a household is, from all rights to only looking. */
export const ROLES = ['keeper', 'helper', 'viewer'] as const;

export type Role = (typeof ROLES)[number];

/**
 * What a request may need: to look at what the household keeps; to cook, which is to write batches,
 * recipes and logs; to delete and restore; to change the kitchen; to say who belongs to the
 * household; to change what is one’s own, such as a passphrase; to add what a device read.
 */
export const RIGHTS = ['look', 'cook', 'remove', 'kitchen', 'people', 'own', 'read'] as const;

export type Right = (typeof RIGHTS)[number];

/** Who does something: somebody of the household, or one of its devices. */
export type ActorRole = Role | 'device';

const HAS: { readonly [role in ActorRole]: ReadonlySet<Right> } = {
  keeper: new Set(['look', 'cook', 'remove', 'kitchen', 'people', 'own']),
  helper: new Set(['look', 'cook', 'own']),
  viewer: new Set(['look', 'own']),
  device: new Set(['read']),
};

/** Whether somebody may do that. */
export const may = (role: ActorRole, right: Right): boolean => HAS[role].has(right);
