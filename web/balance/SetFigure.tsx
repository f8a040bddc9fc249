import { SET_CLASSES, type Plan, type SetClass } from '@idle-kettle/core';
import { Plus } from 'lucide-react';
import { Where } from '../ui/Where.tsx';
import { Figure, Note } from './Figure.tsx';

type PlanSet = NonNullable<Plan['set']>;

type Props = {
  readonly set: PlanSet;
  readonly why: string | undefined;
  readonly onAddLine: (line: string) => void;
};

const IN_WORDS: { readonly [set in SetClass]: string } = {
  pours: 'It will pour',
  loose: 'Loose',
  soft: 'Soft set',
  firm: 'Firm set',
  slices: 'Stiff enough to slice',
};

/** The line of a change that is one more line and nothing else; added pectin changes the method too. */
const oneFruitLine = ({ drop = [], add = [] }: PlanSet['remedies'][number]['change']) =>
  drop.length === 0 && add.length === 1 && !/pectin/.test(add[0] ?? '') ? (add[0] ?? null) : null;

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** How it will set, how sure that is, what is short, and what mends it with one press. */
export const SetFigure = ({ set, why, onAddLine }: Props) => (
  <Figure name="Set" value={IN_WORDS[set.forecast]} testId="set">
    <SetBar share={set.share} />
    <Note>
      <p>{set.text}</p>
      <Where about="Set">{why}</Where>
    </Note>
    {set.remedies.length > 0 && (
      <ul className="flex flex-col gap-1.5">
        {set.remedies.map(({ text, change, forecast }) => {
          const line = oneFruitLine(change);
          return (
            <li key={text} className="flex items-start gap-2 text-sm">
              {line === null ? (
                <span>{text}</span>
              ) : (
                <button
                  type="button"
                  className="btn btn-sm btn-outline btn-primary"
                  onClick={() => onAddLine(line)}
                >
                  <Plus aria-hidden className="size-4" />
                  {line}
                </button>
              )}
              <span className="pt-1">{IN_WORDS[forecast].toLowerCase()}</span>
            </li>
          );
        })}
      </ul>
    )}
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
