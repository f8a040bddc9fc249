import { headspaceInWords } from '../words/headspace.ts';
import { say, textOf } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { Kitchen } from '@idle-kettle/contract';
import { costOf, formatGrams, formatMass, formatTemperature, type Plan } from '@idle-kettle/core';
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
          value={say('balance.gFruitGSugars', {
            fruit: Math.round(finish.fruitPer100g),
            sugars: Math.round(finish.sugarsPer100g),
          })}
          testId="per100g"
          small
        >
          <p>
            {say('balance.inThePotAtThe', {
              mass: formatMass(finish.massG.p50, kitchen.units),
              round: Math.round(finish.solublesPct),
              label: why.label,
            })}
          </p>
        </Figure>
      )}
      {label && (
        <Figure
          name={say('balance.perSpoonful')}
          value={say('balance.gSugarsKcal', {
            sugars: label.spoon.sugarsG,
            energy: label.spoon.energyKcal,
          })}
          testId="spoon"
          small
        >
          <p>
            {formatGrams(label.spoon.spoonG)}. {textOf(why.spoon ?? '')}
          </p>
        </Figure>
      )}
      {cost && (
        <Figure
          name={say('balance.cost')}
          value={`${unpriced ? say('balance.atLeast') : ''}${moneyInWords(cost.totalMinor, kitchen.currency)}`}
          aside={
            cost.perJarMinor === null || unpriced
              ? ''
              : say('balance.aJar', { money: moneyInWords(cost.perJarMinor, kitchen.currency) })
          }
          testId="cost"
          small
        >
          <p>
            {say('balance.ingredientsAsBoughtAtThe', {
              value: unpriced && say('balance.noPriceYetFor', { value: cost.unpriced.join(', ') }),
            })}
          </p>
        </Figure>
      )}
      <section aria-label={say('balance.sources')} className="flex flex-col gap-2">
        {plan.shelf.reasons.length > 0 && (
          <From name={say('balance.storage')}>{textOf(plan.shelf.reasons)}</From>
        )}
        <From name={say('balance.cookTo2')}>
          {stop.kind === 'temperature' && (
            <>
              <Say
                id="balance.theUsualRuleBoilingWater"
                values={{
                  part: (
                    <b data-testid="rule-stop">
                      {formatTemperature(stop.ruleTempC, kitchen.temperature)}
                    </b>
                  ),
                  part2: kitchen.waterBoilsC === null ? '. ' : say('balance.onYourThermometer'),
                }}
              />
            </>
          )}
          {textOf(why.stop)}
        </From>
        {plan.set && <From name={say('balance.set')}>{textOf(why.set ?? '')}</From>}
        {jars && (
          <From name={say('balance.jars')}>
            {say('balance.heatIncludingOneSpare', {
              jarsToHeat: jars.jarsToHeat,
              yield: why.yield,
              value:
                plan.contributors[0] &&
                say('balance.mostOfTheRangeComes', {
                  what: plan.contributors[0].what,
                  round: Math.round(100 * plan.contributors[0].share),
                }),
            })}
            <Narrower of={plan.narrowing.filter(({ figure }) => figure === 'jars')} />
          </From>
        )}
        {plan.minutes && (
          <From name={say('balance.time')}>
            {textOf(why.minutes ?? '')}
            <Narrower of={plan.narrowing.filter(({ figure }) => figure === 'minutes')} />
          </From>
        )}
        {plan.learned !== undefined && (
          <From name={say('balance.learned')}>
            <span data-testid="learned">
              {plan.learned.map(({ from }) => textOf(from)).join(' ')}
            </span>
          </From>
        )}
        {plan.lines.length > 0 && (
          <From name={say('balance.canner')}>
            {process.method !== 'none' &&
              say('balance.leaveMmInOfHeadspace', {
                headspace: headspaceInWords(process.headspaceMm),
                value: textOf(process.notes),
              })}
            {textOf(why.process)}
          </From>
        )}
      </section>
      {label && (
        <section aria-label={say('balance.legalNames')} className="border-t border-base-300 pt-1.5">
          <h3 className="font-bold text-secondary">{say('balance.legalNames')}</h3>
          <p>{textOf(label.statement)}</p>
          <ul>
            {label.definitions.map(({ name, source, met, text }) => (
              <li key={name} className="mt-1">
                <b>
                  {name}: {met ? say('balance.yes') : say('balance.no')}.
                </b>{' '}
                {textOf(text)} <span className="opacity-80">({source})</span>
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
      <p className="mt-1">{say('balance.toNarrowIt')}</p>
      <ul className="ml-4 list-disc">
        {of.map(({ id, text }) => (
          <li key={id}>{textOf(text)}</li>
        ))}
      </ul>
    </>
  );
