import type { Kitchen } from '@idle-kettle/contract';
import { costOf, formatMass, formatTemperature, type Plan } from '@idle-kettle/core';
import { memo } from 'react';
import { Figure } from '../ui/Figure.tsx';
import { moneyInWords } from '../ui/words.ts';

type Props = {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
};

/** The back of the label: what is asked less often, and where every figure comes from. */
export const LabelBack = memo(function LabelBack({ plan, kitchen }: Props) {
  const { finish, label, stop, yield: jars, why, process } = plan;
  const cost = costOf(
    plan,
    Object.fromEntries(kitchen.prices.map((price) => [price.ingredient, price.minorPerKg])),
  );
  const unpriced = cost !== null && cost.unpriced.length > 0;
  return (
    <div className="flex flex-col gap-2 text-sm leading-snug">
      {finish && (
        <Figure
          name="100 g"
          value={`${Math.round(finish.fruitPer100g)} g fruit · ${Math.round(finish.sugarsPer100g)} g sugars`}
          testId="per100g"
          small
        >
          <p>
            {formatMass(finish.massG.p50, kitchen.units)} in the pot at the stop,{' '}
            {Math.round(finish.solublesPct)} % soluble solids. {why.label}
          </p>
        </Figure>
      )}
      {label && (
        <Figure
          name="Spoon"
          value={`${label.spoon.sugarsG} g sugars · ${label.spoon.energyKcal} kcal`}
          testId="spoon"
          small
        >
          <p>
            {label.spoon.spoonG} g. {why.spoon}
          </p>
        </Figure>
      )}
      {cost && (
        <Figure
          name="Cost"
          value={`${unpriced ? 'at least ' : ''}${moneyInWords(cost.totalMinor, kitchen.currency)}`}
          aside={
            cost.perJarMinor === null || unpriced
              ? ''
              : `${moneyInWords(cost.perJarMinor, kitchen.currency)} a jar`
          }
          testId="cost"
          small
        >
          <p>
            What goes in, as bought, at the prices in your kitchen.
            {unpriced && ` No price yet for ${cost.unpriced.join(', ')}.`}
          </p>
        </Figure>
      )}
      <section aria-label="Where the figures come from" className="flex flex-col gap-2">
        {plan.shelf.reasons.length > 0 && <From name="Shelf">{plan.shelf.reasons.join(' ')}</From>}
        <From name="Stop">
          {stop.kind === 'temperature' && (
            <>
              The rule, boiling water + 8 °F:{' '}
              <b data-testid="rule-stop">
                {formatTemperature(stop.ruleTempC, kitchen.temperature)}
              </b>
              {kitchen.waterBoilsC === null ? '. ' : ', on your thermometer. '}
            </>
          )}
          {why.stop}
        </From>
        {plan.set && <From name="Set">{why.set}</From>}
        {jars && (
          <From name="Jars">
            Heat {jars.jarsToHeat}, one to spare. {why.yield}{' '}
            {plan.contributors[0] &&
              `Most of the range is ${plan.contributors[0].what}: ${Math.round(100 * plan.contributors[0].share)} %.`}
            <Narrower of={plan.narrowing.filter(({ figure }) => figure === 'jars')} />
          </From>
        )}
        {plan.minutes && (
          <From name="Cook">
            {why.minutes}
            <Narrower of={plan.narrowing.filter(({ figure }) => figure === 'minutes')} />
          </From>
        )}
        {plan.lines.length > 0 && (
          <From name="Canner">
            {process.method !== 'none' &&
              `Leave ${process.headspaceMm} mm (${process.headspaceMm > 10 ? '½' : '¼'} in) of headspace. ${process.notes.join(' ')} `}
            {why.process}
          </From>
        )}
      </section>
      {label && (
        <section aria-label="What it may be called" className="border-t border-base-300 pt-1.5">
          <h3 className="font-bold text-secondary">What it may be called</h3>
          <p>{label.statement}</p>
          <ul>
            {label.definitions.map(({ name, source, met, text }) => (
              <li key={name} className="mt-1">
                <b>
                  {name}: {met ? 'yes' : 'no'}.
                </b>{' '}
                {text} <span className="opacity-80">({source})</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
});

/** Where one figure comes from. */
const From = ({
  name,
  children,
}: {
  readonly name: string;
  readonly children: React.ReactNode;
}) => (
  <div className="grid grid-cols-[3.75rem_minmax(0,1fr)] gap-x-2 border-t border-base-300 pt-1.5">
    <h3 className="font-bold text-secondary">{name}</h3>
    <div>{children}</div>
  </div>
);

/** What would narrow a range, and to what. */
const Narrower = ({ of }: { readonly of: Plan['narrowing'] }) =>
  of.length > 0 && (
    <>
      <p className="mt-1">It would be narrower:</p>
      <ul className="ml-4 list-disc">
        {of.map(({ id, text }) => (
          <li key={id}>{text}</li>
        ))}
      </ul>
    </>
  );
