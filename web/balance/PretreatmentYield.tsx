import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { PRETREATMENT_FACTS, formatMass, formatVolume, type Plan } from '@idle-kettle/core';
import { Jug } from '../drawings/Jug.tsx';
import { Say } from '../ui/Say.tsx';
import { ClotTest } from './ClotTest.tsx';
import { NumberField } from './NumberField.tsx';
import type { ChangeBefore, KeptBefore } from './pretreatmentChange.ts';
import { VolumeField } from './VolumeField.tsx';

type Props = {
  readonly before: KeptBefore;
  readonly plan: NonNullable<Plan['before']>;
  readonly kitchen: Kitchen;
  readonly fruit: string;
  readonly onChange: ChangeBefore;
};

/** What it should give, as a jug, and what was measured in its place. */
export function PretreatmentYield({ before, plan, kitchen, fruit, onChange }: Props) {
  const { units } = kitchen;
  const { volumeMl, measured } = plan.obtained;
  const mark = units === 'us' ? US_MARK : METRIC_MARK;
  const gives = PRETREATMENT_FACTS[before.kind].gives;
  const volume = (mL: number) => formatVolume(mL, units);
  return (
    <div className="grid grid-cols-[minmax(6rem,11rem)_minmax(0,1fr)] items-center gap-x-4 gap-y-2">
      <Jug {...mark} volumeMl={volumeMl} measured={measured} fruit={fruit} />
      <div className="flex flex-col gap-2">
        <p className="leading-snug">
          <Say
            id="balance.of"
            values={{
              part: measured ? say('balance.itGave') : say('balance.itShouldGive'),
              part2: (
                <b data-testid="obtained">
                  {measured
                    ? volume(volumeMl.typical)
                    : between(
                        volume(nearest(volumeMl.low, mark.markMl)),
                        volume(nearest(volumeMl.high, mark.markMl)),
                      )}
                </b>
              ),
              gives,
              part3: measured
                ? '.'
                : say('balance.mostLikely2', {
                    volume: volume(nearest(volumeMl.typical, mark.markMl)),
                  }),
            }}
          />
        </p>
        <ul className="text-sm leading-snug">
          {plan.gives.map(({ name, massG, solublesPct, pectinPct, pH }) => (
            <li key={name}>
              {say('balance.solids', {
                mass: formatMass(massG, units),
                name,
                solublesPct,
                value: pectinPct > 0 && say('balance.pectin', { pectinPct }),
                value2: pH !== null && say('balance.ph', { pH: pH.toFixed(1) }),
              })}
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-3">
          <VolumeField
            label={say('balance.measured', { gives })}
            valueMl={before.obtained?.volumeMl ?? null}
            units={units}
            kitchen={kitchen}
            placeholder={volume(nearest(volumeMl.typical, mark.markMl))}
            onSet={(volumeMl) =>
              onChange(
                { obtained: volumeMl === null ? null : { volumeMl } },
                say('balance.measuredIt'),
              )
            }
          />
          {before.kind === 'extract' && (
            <NumberField
              label={say('balance.juiceBrix')}
              least={0}
              most={90}
              value={before.brix ?? null}
              expected={plan.gives[0]?.solublesPct.toFixed(0)}
              onSet={(brix) => onChange({ brix }, say('balance.enteredTheJuicesBrix'))}
            />
          )}
        </div>
      </div>
      {before.kind === 'extract' && (
        <ClotTest before={before} expected={plan.clot} fruit={fruit} onChange={onChange} />
      )}
    </div>
  );
}

/** `2¾–5 cups`: the unit once, where both have it. */
function between(low: string, high: string): string {
  const unit = / [a-z ]+$/i.exec(high)?.[0] ?? '';
  return `${unit !== '' && low.endsWith(unit) ? low.slice(0, -unit.length) : low}–${high}`;
}

type Mark = { readonly markMl: number; readonly markName: (marks: number) => string };

const US_MARK: Mark = {
  markMl: 236.588,
  markName: (cups) => `${Number(cups.toFixed(1))} ${cups === 1 ? 'cup' : 'cups'}`,
};

const METRIC_MARK: Mark = {
  markMl: 250,
  markName: (marks) =>
    say('balance.ml', { value: Math.round(marks * 250).toLocaleString('en-US') }),
};

/** To a quarter of a mark, which is as near as a forecast of juice goes. */
const nearest = (mL: number, markMl: number): number =>
  (Math.round((4 * mL) / markMl) * markMl) / 4;
