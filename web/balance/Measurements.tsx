import { filledMl, JAR_SIZES, type Settings } from '@idle-kettle/core';
import { say } from '@idle-kettle/words';
import { useState } from 'react';
import { NumberField } from './NumberField.tsx';
import type { WorkbenchProps } from './workbenchProps.ts';

/**
 * What was measured of the raw batch, which narrows the ranges; and what vouches for its safety.
 */
export function Measurements({ formula, kitchen, plan, onSet }: WorkbenchProps) {
  const { measured, assurance } = formula.settings;
  return (
    <div className="grid gap-6 md:grid-cols-2">
      <div className="flex flex-col gap-3">
        <h3 className="font-bold text-primary">{say('balance.measuredBeforeHeating')}</h3>
        <p className="text-sm">{say('balance.everythingInAndStirredBefore')}</p>
        <NumberField
          label={say('balance.refractometerBrix')}
          least={0}
          most={90}
          value={measured?.startBrix ?? null}
          expected={plan.start?.solublesPct.toFixed(0)}
          onSet={(startBrix) =>
            onSet({ measured: { ...measured, startBrix } }, say('balance.enteredBrix'))
          }
        />
        <NumberField
          label={say('balance.calibratedMeterPh')}
          least={1.5}
          most={8}
          value={measured?.startPH ?? null}
          expected={plan.start?.pH?.p50.toFixed(1)}
          onSet={(startPH) =>
            onSet({ measured: { ...measured, startPH } }, say('balance.enteredPh'))
          }
        />
      </div>
      <div className="flex flex-col gap-3">
        <h3 className="font-bold text-primary">{say('balance.evidenceForThePantry')}</h3>
        <p className="text-sm">{say('balance.aCalculatedPhCantMake')}</p>
        <NumberField
          label={say('balance.phOfTheFinishedSpread')}
          least={1.5}
          most={8}
          value={assurance?.meterPH ?? null}
          expected={plan.finish?.pH?.p50.toFixed(1)}
          onSet={(meterPH) =>
            onSet({ assurance: { ...assurance, meterPH } }, say('balance.enteredTheFinishedPh'))
          }
        />
        <TextField
          label={say('balance.testedFormulaFollowedExactly')}
          value={assurance?.testedFormula ?? ''}
          onSet={(text) =>
            onSet(
              { assurance: { ...assurance, testedFormula: text === '' ? null : text } },
              say('balance.enteredATestedFormula'),
            )
          }
        />
        {assurance?.testedFormula != null && (
          <>
            <TextField
              label={say('balance.whereItIsPrinted')}
              value={assurance.source ?? ''}
              onSet={(text) =>
                onSet(
                  { assurance: { ...assurance, source: text === '' ? null : text } },
                  say('balance.enteredTheSource'),
                )
              }
            />
            <NumberField
              label={say('balance.cannerMinutesPrintedInIt')}
              least={1}
              most={120}
              value={assurance.minutes ?? null}
              expected={undefined}
              onSet={(minutes) =>
                onSet(
                  { assurance: { ...assurance, minutes } },
                  say('balance.enteredThePrintedMinutes'),
                )
              }
            />
            <label className="flex flex-col text-sm">
              {say('balance.largestJarPrintedInIt')}
              <select
                className="select select-sm w-full max-w-sm"
                value={assurance.jarMl ?? ''}
                onChange={({ target }) =>
                  onSet(
                    {
                      assurance: {
                        ...assurance,
                        jarMl: target.value === '' ? null : Number(target.value),
                      },
                    },
                    say('balance.enteredThePrintedJars'),
                  )
                }
              >
                <option value="">{say('balance.notSaidThere')}</option>
                {JAR_SIZES[kitchen.measures].map(({ name, size, measure }) => (
                  <option key={name} value={Math.round(filledMl(size, measure))}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
          </>
        )}
      </div>
    </div>
  );
}

type TextProps = {
  readonly label: string;
  readonly value: NonNullable<NonNullable<Settings['assurance']>['testedFormula']>;
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
        placeholder={say('balance.nameAndSource')}
        onChange={({ target }) => setText(target.value)}
        onBlur={() => text.trim() !== value && onSet(text.trim())}
      />
    </label>
  );
}
