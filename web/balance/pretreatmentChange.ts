import type { Settings } from '@idle-kettle/core';

/** What comes before the pot, as a batch keeps it. */
export type KeptBefore = NonNullable<Settings['before']>;

/** Changes something of it: what is new, what to call that, and what typing it is part of. */
export type ChangeBefore = (next: Partial<KeptBefore>, did: string, typing?: string) => void;
