import type { SettingsDto } from '@idle-kettle/contract';

/** What comes before the pot, as a batch keeps it. */
export type KeptBefore = NonNullable<SettingsDto['before']>;

/** Changes something of it: what is new, what to call that, and what typing it is part of. */
export type ChangeBefore = (next: Partial<KeptBefore>, did: string, typing?: string) => void;
