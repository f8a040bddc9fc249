import type { Act, End } from './act.ts';

/** Whether an act may end so: by that kind of event, saying that. */
export const isOutcome =
  (kind: string, text: string | null) =>
  ({ on, said }: End): boolean =>
    on === kind && said === text;

/**
 * Minutes that the pot boils on after a test that comes out so; null where the acts ask for none.
 * @param kind of the test, `plate-test`
 * @param text of it, `runs`
 */
export function boilsOnMin(
  acts: readonly Pick<Act, 'ends'>[],
  kind: string,
  text: string,
): number | null {
  const then = acts.flatMap(({ ends }) => ends).find(isOutcome(kind, text))?.then;
  return then === undefined || then === 'next act' ? null : then.boilOnMin;
}
