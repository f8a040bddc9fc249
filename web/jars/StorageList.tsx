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
      aria-label="Where they are kept"
      data-testid="keeping"
      data-verdict={shelf.verdict}
      className={`rounded-box border-4 p-4 ${shelf.verdict === 'pantry' ? 'border-base-300' : 'border-error'}`}
    >
      <h2 className="text-2xl font-bold">
        {shelf.verdict === 'pantry'
          ? `For the pantry, until ${format(addMonths(nowMs, shelf.months), 'MMMM yyyy')}`
          : 'Not for the shelf'}
      </h2>
      <ul className="mt-1 list-inside list-disc text-base">
        {shelf.reasons.map((reason) => (
          <li key={reason}>{reason}</li>
        ))}
      </ul>
      {shelf.verdict !== 'pantry' && (
        <ul className="mt-2 flex flex-col gap-1 text-lg">
          <li>
            <b>Fridge:</b> eaten by {day(eatBy(product, nowMs))}, and within two weeks of opening.
          </li>
          <li>
            <b>Freezer:</b> at its best until {day(addMonths(nowMs, FREEZER_MONTHS))}. Leave ½ in (1
            in above a pint) of headspace, in jars with straight sides: it swells.
          </li>
          <li>
            <b>Cool quickly:</b> from hot to fridge-cold within two hours, in a cold water bath or
            spread out.
          </li>
        </ul>
      )}
      {stated !== null && (
        <p data-testid="stated" className="mt-2 border-l-8 border-secondary pl-3 text-lg">
          <b>You state:</b>{' '}
          {isNamed(stated)
            ? `this is exactly “${stated.testedFormula}”${stated.source === null ? '' : `, from ${stated.source}`}${stated.minutes === null ? '' : `, ${stated.minutes} minutes`}.`
            : `a calibrated meter read pH ${stated.meterPH}.`}{' '}
          It is written on the label. Your local extension service or food authority decides where
          it says otherwise.
        </p>
      )}
      <details className="mt-2 text-base">
        <summary className="cursor-pointer text-lg font-bold">
          Hot jars upside down, wax, the oven, no canner?
        </summary>
        <p className="mt-1">
          Filled hot and closed, turned over, sealed with wax or baked in an oven, a lid may go
          down. But the air and the lid inside were never at the boil, an oven’s dry heat does not
          reach the middle, and wax lets mould in along the glass. Such jars are for the fridge, and
          are eaten within {product === 'curd' ? 'two' : 'three'} weeks. There is no press here that
          puts them on the shelf.
        </p>
      </details>
    </section>
  );
}
