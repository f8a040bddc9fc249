import { SET_CLASSES, type Plan, type SetClass } from '@idle-kettle/core';
import { Where } from '../ui/Where.tsx';
import { Figure } from './Figure.tsx';

type PlanSet = NonNullable<Plan['set']>;

type Props = {
  readonly set: PlanSet;
  readonly why: string | undefined;
};

export const SET_IN_WORDS: { readonly [set in SetClass]: string } = {
  pours: 'It will pour',
  loose: 'Loose',
  soft: 'Soft set',
  firm: 'Firm set',
  slices: 'Stiff enough to slice',
};

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** How it will set, and how sure that is. */
export const SetFigure = ({ set, why }: Props) => (
  <Figure name="Set" value={SET_IN_WORDS[set.forecast]} testId="set">
    <SetBar share={set.share} />
    <Where about="Set">{why}</Where>
  </Figure>
);

/** The share of imagined batches in each class, from what pours to what slices. */
const SetBar = ({ share }: { share: PlanSet['share'] }) => {
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
            className="h-3 rounded-xs"
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
