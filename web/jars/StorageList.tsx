import { say, textOf } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import { isNamed, type JarPlan } from '@idle-kettle/core';
import { addMonths, format } from 'date-fns';
import { eatBy } from '../labels/eatBy.ts';

/** Frozen, a spread is at its best for a year; judgement of common practice. */
const FREEZER_MONTHS = 12;

type Props = { readonly jarPlan: JarPlan; readonly nowMs: number };

/** Where the jars may be kept, why, and until when; for what is refused the shelf, what to do instead. */
export function StorageList({ jarPlan, nowMs }: Props) {
  const { shelf, stated, product } = jarPlan;
  const day = (date: Date) => format(date, 'd MMMM yyyy');
  return (
    <section
      aria-label={say('jars.storage')}
      data-testid="keeping"
      data-verdict={shelf.verdict}
      className={`rounded-box border-4 p-4 ${shelf.verdict === 'pantry' ? 'border-base-300' : 'border-error'}`}
    >
      <h2 className="text-2xl font-bold">
        {shelf.verdict === 'pantry'
          ? say('jars.pantryUntil', { format: format(addMonths(nowMs, shelf.months), 'MMMM yyyy') })
          : say('jars.notForThePantry')}
      </h2>
      <ul className="mt-1 list-inside list-disc text-base">
        {shelf.reasons.map((reason) => (
          <li key={textOf(reason)}>{textOf(reason)}</li>
        ))}
      </ul>
      {shelf.verdict !== 'pantry' && (
        <ul className="mt-2 flex flex-col gap-1 text-lg">
          <li>
            <Say
              id="jars.eatByWithinTwoWeeks"
              values={{ part: <b>{say('jars.fridge')}</b>, day: day(eatBy(product, nowMs)) }}
            />
          </li>
          <li>
            <Say
              id="jars.bestUntilUseStraightSided"
              values={{
                part: <b>{say('jars.freezer')}</b>,
                day: day(addMonths(nowMs, FREEZER_MONTHS)),
              }}
            />
          </li>
          <li>
            <Say
              id="jars.fromHotToFridgeCold"
              values={{ part: <b>{say('jars.coolQuickly')}</b> }}
            />
          </li>
        </ul>
      )}
      {stated !== null && (
        <p data-testid="stated" className="mt-2 border-l-8 border-secondary pl-3 text-lg">
          <Say
            id="jars.itIsPrintedOnThe"
            values={{
              part: <b>{say('jars.yourEvidence')}</b>,
              part2: isNamed(stated)
                ? say('jars.thisIsExactly', {
                    testedFormula: stated.testedFormula,
                    part: stated.source === null ? '' : say('jars.from', { source: stated.source }),
                    part2:
                      stated.minutes === null
                        ? ''
                        : say('jars.minutes', { minutes: stated.minutes }),
                  })
                : say('jars.aCalibratedMeterReadPh', { meterPH: stated.meterPH }),
            }}
          />
        </p>
      )}
      <details className="mt-2 text-base">
        <summary className="cursor-pointer text-lg font-bold">
          {say('jars.upsideDownJarsWaxOven')}
        </summary>
        <p className="mt-1">
          {say('jars.aLidMayGoDown', {
            part: product === 'curd' ? say('jars.two') : say('jars.three'),
          })}
        </p>
      </details>
    </section>
  );
}
