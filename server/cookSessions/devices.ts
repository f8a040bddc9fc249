import type { CookSession } from '@idle-kettle/contract';
import type { Entry } from '@idle-kettle/core';

/**
 * Something that reads a pot by itself: a probe, a scale. Drivers hold no state: what they say of a
 * second of the kitchen’s clock is the same whichever server asks, so that one takes over from
 * another without a gap and without saying anything twice.
 */
export interface DeviceDriver {
  /** Who its readings are from; the `seq` of one is its second and one more. */
  readonly source: string;
  /** Whether it reads the pot of this cook. */
  reads(session: Pick<CookSession, 'practice'>): boolean;
  /**
   * What it reads from second `fromS` of the cook to before `toS`, given what was done so far and as
   * long as nothing else is done.
   */
  read(
    session: DrivenSession,
    events: readonly Entry[],
    fromS: number,
    toS: number,
  ): Promise<readonly Entry[]>;
}

export type DrivenSession = Pick<CookSession, 'formula' | 'kitchen' | 'practice'> & {
  /** Second 0, ms on the kitchen’s clock. */
  readonly startMs: number;
};
