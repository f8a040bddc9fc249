import { say, type PlainMessageId } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import {
  PRETREATMENT_FACTS,
  PRETREATMENT_KINDS,
  formatVolume,
  PRODUCTS,
  type PretreatmentKind,
  type Plan,
  type Product,
  type Settings,
} from '@idle-kettle/core';
import { Droplets } from 'lucide-react';
import { memo } from 'react';
import { BeforeLines } from './BeforeLines.tsx';
import { NumberField } from './NumberField.tsx';
import type { KeptBefore } from './pretreatmentChange.ts';
import { PretreatmentYield } from './PretreatmentYield.tsx';
import { VolumeField } from './VolumeField.tsx';

type Props = {
  readonly product: Product;
  readonly before: KeptBefore | null;
  /** What the plan says of it; absent until there is one. */
  readonly plan: Plan['before'];
  readonly kitchen: Kitchen;
  readonly fruit: string;
  /** Starts with what comes first, the whole fruit of the pot moved there. */
  readonly onStart: (kind: PretreatmentKind) => void;
  readonly onSet: (settings: Settings, did: string, typing?: string) => void;
};

/**
 * What is done before the pot: its lines, its water, what it should give, and what was measured of
 * it.
 */
export const PretreatmentPanel = memo(function PretreatmentPanel(props: Props) {
  const { product, before, plan, kitchen, fruit, onStart, onSet } = props;
  const usual = PRODUCTS[product].first;
  if (before === null) {
    return usual === null ? null : (
      <button
        type="button"
        className="flex w-fit cursor-pointer items-center gap-2 border-b-2 border-dashed border-primary/50 py-1 text-sm font-semibold text-primary hover:border-primary"
        onClick={() => onStart(usual)}
      >
        <Droplets aria-hidden className="size-4" />
        {say(INVITES[usual])}
      </button>
    );
  }
  const change = (next: Partial<KeptBefore>, did: string, typing?: string) =>
    onSet({ before: { ...before, ...next } }, did, typing);
  return (
    <section
      aria-labelledby="first-title"
      className="flex flex-col gap-2 rounded-box border border-base-300 px-3 py-2.5"
    >
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 id="first-title" className="text-lg font-bold text-primary">
          {say('balance.firstStep2')}
        </h2>
        <select
          aria-label={say('balance.juiceInfusionOrSoakFirst')}
          className="select select-sm w-auto"
          value={before.kind}
          onChange={({ target }) =>
            change(
              { kind: target.value as PretreatmentKind, clot: null, brix: null, obtained: null },
              say('balance.firstStep', {
                name: PRETREATMENT_FACTS[target.value as PretreatmentKind].name,
              }),
            )
          }
        >
          {PRETREATMENT_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {PRETREATMENT_FACTS[kind].name}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => onSet({ before: null }, say('balance.removedTheFirstStep'))}
        >
          {say('balance.removeThisStep')}
        </button>
      </div>
      <BeforeLines before={before} kitchen={kitchen} onChange={change} />
      <div className="flex flex-wrap gap-3">
        {before.kind !== 'drain' && (
          <VolumeField
            key={`water ${before.kind}`}
            label={say('balance.water')}
            valueMl={before.water ?? null}
            units={kitchen.units}
            kitchen={kitchen}
            placeholder={
              plan && plan.waterG > 0
                ? formatVolume(plan.waterG, kitchen.units)
                : say('balance.none')
            }
            onSet={(water) => change({ water }, say('balance.changedTheWaterOfThe'))}
          />
        )}
        {PRETREATMENT_FACTS[before.kind].hours > 0 && (
          <NumberField
            key={`hours ${before.kind}`}
            label={
              before.kind === 'extract'
                ? say('balance.dripsForHours')
                : say('balance.standsForHours')
            }
            least={0}
            most={72}
            value={before.hours ?? null}
            expected={String(PRETREATMENT_FACTS[before.kind].hours)}
            onSet={(hours) => change({ hours }, say('balance.changedTheHoursOfThe'))}
          />
        )}
      </div>
      {plan && plan.obtained.massG.typical > 0 && (
        <PretreatmentYield
          before={before}
          plan={plan}
          kitchen={kitchen}
          fruit={fruit}
          onChange={change}
        />
      )}
    </section>
  );
});

/** What the button says that starts it. */
const INVITES: { readonly [kind in PretreatmentKind]: PlainMessageId } = {
  extract: 'balance.startWithJuiceThroughA',
  infuse: 'balance.startWithAnInfusion',
  soak: 'balance.startWithAnOvernightSoak',
  drain: 'balance.startByDrainingThePeppers',
  sauce: 'balance.startByCookingTheFruit',
};
