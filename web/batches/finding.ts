import type { BatchState, BatchSummary } from '@idle-kettle/contract';

export const BATCH_STATES: readonly BatchState[] = ['planned', 'on the stove', 'in jars', 'done'];

/** What is looked for among the batches; empty for everything. */
export type Finding = {
  readonly words: string;
  readonly state: BatchState | '';
  /** Id of a fruit. */
  readonly fruit: string;
};

const plain = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/**
 * What an address asks for, such as `?find=plum&state=in+jars`; what it cannot mean is left out.
 */
export function findingIn(search: URLSearchParams): Finding {
  const state = search.get('state');
  return {
    words: search.get('find') ?? '',
    state: BATCH_STATES.find((one) => one === state) ?? '',
    fruit: search.get('fruit') ?? '',
  };
}

/** The batches that are meant: every word in the name or the fruit, whatever its accents. */
export function found(
  batches: readonly BatchSummary[],
  { words, state, fruit }: Finding,
): readonly BatchSummary[] {
  const wanted = plain(words)
    .split(/\s+/)
    .filter((word) => word !== '');
  return batches.filter((batch) => {
    const text = plain(`${batch.name} ${batch.plan?.fruit?.replaceAll('-', ' ') ?? ''}`);
    return (
      (state === '' || batch.state === state) &&
      (fruit === '' || batch.plan?.fruit === fruit) &&
      wanted.every((word) => text.includes(word))
    );
  });
}

const RANK: { readonly [state in BatchState]: number } = {
  'on the stove': 0,
  'in jars': 1,
  planned: 2,
  done: 3,
};

/**
 * What wants somebody first: the pot that is on, jars that wait, plans, and what is done; of each
 * the last first.
 */
export const byNeed = (batches: readonly BatchSummary[]): readonly BatchSummary[] =>
  [...batches].sort(
    (a, b) => RANK[a.state] - RANK[b.state] || Date.parse(b.since) - Date.parse(a.since),
  );

/** The fruits that are there, by name. */
export const fruitsOf = (batches: readonly BatchSummary[]): readonly string[] =>
  [...new Set(batches.flatMap(({ plan }) => plan?.fruit ?? []))].sort();

/** How many there are of each state. */
export const countsOf = (
  batches: readonly BatchSummary[],
): { readonly [state in BatchState]: number } => {
  const count = (state: BatchState) => batches.filter((batch) => batch.state === state).length;
  return {
    planned: count('planned'),
    'on the stove': count('on the stove'),
    'in jars': count('in jars'),
    done: count('done'),
  };
};
