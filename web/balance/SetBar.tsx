import { SET_CLASSES, type Plan, type SetClass } from '@idle-kettle/core';

export const SET_IN_WORDS: { readonly [set in SetClass]: string } = {
  pours: 'It will pour',
  loose: 'Loose',
  soft: 'Soft set',
  firm: 'Firm set',
  slices: 'Stiff enough to slice',
};

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** How sure the set is: the share of imagined batches in each class, from what pours to what slices. */
export const SetBar = ({ share }: Pick<NonNullable<Plan['set']>, 'share'>) => {
  const shown = SET_CLASSES.filter((set) => share[set] >= 0.005);
  return (
    <div
      role="img"
      aria-label={shown.map((set) => `${percent(share[set])} ${set}`).join(', ')}
      className="flex gap-px text-xs"
    >
      {shown.map((set) => (
        <div
          key={set}
          style={{ flexGrow: share[set], flexBasis: '3.9rem' }}
          className="whitespace-nowrap"
        >
          <div
            className="h-2.5 rounded-xs"
            style={{
              background: 'var(--fruit)',
              opacity: 0.25 + 0.17 * SET_CLASSES.indexOf(set),
            }}
          />
          {set} {percent(share[set])}
        </div>
      ))}
    </div>
  );
};
