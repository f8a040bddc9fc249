import type { Fault } from '@idle-kettle/core';

/**
 * An error as the API answers with it: RFC 9457 problem details, with every fault and its field.
 */
export type Problem = {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly instance: string;
  readonly faults: readonly Fault[];
  /** How many faults there is no room for; left out for none. */
  readonly moreFaults?: number;
};
