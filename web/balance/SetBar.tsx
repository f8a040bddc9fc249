import { SET_IN_A_WORD } from '../words/sets.ts';
import { say, type PlainMessageId } from '@idle-kettle/words';
import { SET_CLASSES, wholePercents, type Plan, type SetClass } from '@idle-kettle/core';

export const SET_IN_WORDS: { readonly [set in SetClass]: PlainMessageId } = {
  pours: 'balance.runny',
  loose: 'balance.looseSet',
  soft: 'balance.softSet',
  firm: 'balance.firmSet',
  slices: 'balance.stiffSet',
};

const percent = (share: number): string => `${share} %`;

type Share = NonNullable<Plan['set']>['share'];

/**
 * The classes that some of the simulated batches are in, with whole per cents that add up to a
 * hundred.
 */
function seenOf(share: Share): readonly (readonly [set: SetClass, percent: number])[] {
  const percents = wholePercents(SET_CLASSES.map((set) => share[set]));
  return SET_CLASSES.map((set, index) => [set, percents[index] ?? 0] as const).filter(
    ([, whole]) => whole > 0,
  );
}

const inWords = (share: Share): string =>
  seenOf(share)
    .map(([set, whole]) => `${percent(whole)} ${say(SET_IN_A_WORD[set])}`)
    .join(', ');

/**
 * How sure the set is: the share of simulated batches in each class, from what pours to what slices.
 */
export const SetBar = ({ share }: { readonly share: Share }) => {
  const shown = seenOf(share);
  return (
    <div role="img" aria-label={inWords(share)} className="text-xs">
      <div className="flex h-2.5 gap-px">
        {shown.map(([set]) => (
          <div
            key={set}
            className="min-w-1 rounded-xs"
            style={{
              flexGrow: share[set],
              background: 'var(--fruit)',
              opacity: 0.25 + 0.17 * SET_CLASSES.indexOf(set),
            }}
          />
        ))}
      </div>
      <p className="mt-0.5 flex flex-wrap gap-x-1">
        {shown.map(([set, whole]) => (
          <span key={set} className="whitespace-nowrap">
            {say(SET_IN_A_WORD[set])} {percent(whole)}
          </span>
        ))}
      </p>
    </div>
  );
};
