import type { SettingsDto } from '@idle-kettle/contract';
import { useState } from 'react';
import { NumberField } from './NumberField.tsx';
import type { WorkbenchProps } from './Workbench.tsx';

/** What was measured of the raw batch, which narrows the ranges; and what vouches for its safety. */
export function Measurements({ formula, plan, onSet }: WorkbenchProps) {
  const { measured, assurance } = formula.settings;
  return (
    <div className="grid gap-6 md:grid-cols-2">
      <div className="flex flex-col gap-3">
        <h3 className="font-bold text-primary">Measured in the raw batch</h3>
        <p className="text-sm">
          Everything in and stirred, before the heat. It narrows the ranges.
        </p>
        <NumberField
          label="Refractometer, °Brix"
          least={0}
          most={90}
          value={measured?.startBrix ?? null}
          expected={plan.start?.solublesPct.toFixed(0)}
          onSet={(startBrix) => onSet({ measured: { ...measured, startBrix } }, '°Brix measured')}
        />
        <NumberField
          label="Calibrated meter, pH"
          least={1.5}
          most={8}
          value={measured?.startPH ?? null}
          expected={plan.start?.pH?.p50.toFixed(1)}
          onSet={(startPH) => onSet({ measured: { ...measured, startPH } }, 'pH measured')}
        />
      </div>
      <div className="flex flex-col gap-3">
        <h3 className="font-bold text-primary">What vouches for it</h3>
        <p className="text-sm">
          Sums never open the pantry to fruit that is not plainly acid. A tested formula, followed
          exactly, or a calibrated meter on the finished spread can. Local guidance comes first.
        </p>
        <NumberField
          label="Meter on the finished spread, pH (4.2 or less)"
          least={1.5}
          most={8}
          value={assurance?.meterPH ?? null}
          expected={plan.finish?.pH?.p50.toFixed(1)}
          onSet={(meterPH) =>
            onSet({ assurance: { ...assurance, meterPH } }, 'Finished pH metered')
          }
        />
        <TextField
          label="It is exactly this tested formula"
          value={assurance?.testedFormula ?? ''}
          onSet={(text) =>
            onSet(
              { assurance: { ...assurance, testedFormula: text === '' ? null : text } },
              'Tested formula named',
            )
          }
        />
        {assurance?.testedFormula != null && (
          <>
            <TextField
              label="Where it is printed"
              value={assurance.source ?? ''}
              onSet={(text) =>
                onSet(
                  { assurance: { ...assurance, source: text === '' ? null : text } },
                  'Source named',
                )
              }
            />
            <NumberField
              label="Minutes in the canner that it prints"
              least={1}
              most={120}
              value={assurance.minutes ?? null}
              expected={undefined}
              onSet={(minutes) =>
                onSet({ assurance: { ...assurance, minutes } }, 'Printed minutes given')
              }
            />
          </>
        )}
      </div>
    </div>
  );
}

type TextProps = {
  readonly label: string;
  readonly value: NonNullable<NonNullable<SettingsDto['assurance']>['testedFormula']>;
  readonly onSet: (text: string) => void;
};

function TextField({ label, value, onSet }: TextProps) {
  const [text, setText] = useState(value);
  return (
    <label className="flex flex-col text-sm">
      {label}
      <input
        className="input input-sm w-full max-w-sm"
        value={text}
        maxLength={120}
        placeholder="its name and where it is from"
        onChange={({ target }) => setText(target.value)}
        onBlur={() => text.trim() !== value && onSet(text.trim())}
      />
    </label>
  );
}
