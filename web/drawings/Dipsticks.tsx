import { say } from '@idle-kettle/words';
import type { GaugeId, Plan } from '@idle-kettle/core';
import { memo } from 'react';
import { KETTLE } from './kettle.ts';
import { Contents, EmptyKettle } from './PotContents.tsx';
import { captionOf, isOff, isShort } from './stick.ts';
import { Stick } from './Stick.tsx';

const { width: WIDTH, height: HEIGHT, left: LEFT, right: RIGHT } = KETTLE;

type Props = {
  readonly plan: Plan;
  readonly fruit: string;
  /** A stick was let go, or stepped, at a value; the amounts follow. */
  readonly onTurn: (gauge: GaugeId, value: number) => void;
};

/**
 * The pot in section with four dipsticks standing in it. Below, the layers by mass and what leaves
 * as steam; on each stick the window of the method as a notched band, and this batch as a smear
 * from p10 to p90.
 */
export const Dipsticks = memo(function Dipsticks({ plan, fruit, onTurn }: Props) {
  const { start, finish, gauges, set } = plan;
  if (!start || !finish || !gauges) return <EmptyKettle />;
  const step = (RIGHT - LEFT) / 4;
  const order: readonly GaugeId[] = ['fruit', 'sugar', 'acid', 'pectin'];
  return (
    <figure className="m-0 [contain:content] will-change-transform">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="group"
        aria-label={say('drawings.thePotWithItsFour')}
        className="w-full touch-pan-y select-none wide:max-h-[36dvh]"
      >
        <Contents plan={plan} fruit={fruit} />
        {gauges.map((gauge) => (
          <Stick
            key={gauge.id}
            gauge={gauge}
            short={isShort(gauge, set)}
            x={LEFT + step * (order.indexOf(gauge.id) + 0.5)}
            room={step}
            onTurn={(value) => onTurn(gauge.id, value)}
          />
        ))}
      </svg>
      <figcaption>
        <dl className="grid grid-cols-4 gap-x-2 text-xs leading-tight">
          {gauges.map((gauge) => {
            const { is, wants } = captionOf(gauge);
            return (
              <div key={gauge.id}>
                <dt className="font-bold text-secondary">{gauge.side}</dt>
                <dd className={isOff(gauge, isShort(gauge, set)) ? 'font-bold text-error' : ''}>
                  {is}
                </dd>
                <dd>{wants}</dd>
              </div>
            );
          })}
        </dl>
      </figcaption>
    </figure>
  );
});
