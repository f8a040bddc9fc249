import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { formatGrams, formatVolume, type Plan, type Settings } from '@idle-kettle/core';
import { Link } from 'react-router';
import { EmptiedJars } from './EmptiedJars.tsx';
import { VolumeField } from './VolumeField.tsx';

type Props = {
  readonly remake: NonNullable<Settings['remake']>;
  /** What the plan says of it; absent until there is one. */
  readonly plan: Plan['remake'];
  readonly kitchen: Kitchen;
  readonly onSet: (settings: Settings, did: string) => void;
};

/** The jars that are emptied into the pot: whose they are, how much, and what is in them. */
export const EmptiedPanel = ({ remake, plan, kitchen, onSet }: Props) => (
  <section
    aria-labelledby="emptied-title"
    className="flex flex-col gap-2 rounded-box border border-base-300 px-3 py-2.5"
  >
    <h2 id="emptied-title" className="text-lg font-bold text-primary">
      {say('balance.fromTheJars')}
    </h2>
    <VolumeField
      label={say('balance.inTheJars')}
      valueMl={remake.volumeMl}
      units={kitchen.units}
      kitchen={kitchen}
      placeholder=""
      onSet={(mL) => {
        if (mL === null || mL < LEAST_ML) return;
        onSet(
          { remake: { ...remake, volumeMl: mL } },
          say('balance.setInTheJars', { volume: formatVolume(mL, kitchen.units) }),
        );
      }}
    />
    {plan && (
      <>
        <p className="text-sm">
          {say('balance.emptied', {
            grams: formatGrams(plan.massG),
            pct: plan.solublesPct.toFixed(0),
          })}
        </p>
        <p className="text-sm opacity-80">
          {say('balance.onceWentIn', { lines: plan.lines.map(({ text }) => text).join(' · ') })}
        </p>
      </>
    )}
    <EmptiedJars cook={remake.cook} volumeMl={remake.volumeMl} />
    <Link to={`/book/${remake.cook}`} className="link text-sm">
      {say('balance.itsRecord')}
    </Link>
  </section>
);

/** Less than this is no jar. */
const LEAST_ML = 20;
