import { say } from '@idle-kettle/words';
import { costOf, formatGrams, METHODS } from '@idle-kettle/core';
import { jarsInWords, minutesInWords, moneyInWords, SHELF } from '../ui/words.ts';
import { slowPlanner } from '../workers/planner.ts';
import { useAnswer } from './useAnswer.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';
import type { WorkbenchProps } from './workbenchProps.ts';

/** Every method of the product on the same fruit: amounts, minutes, jars, set, cost. */
export function MethodsTable({ formula, kitchen, onTake }: WorkbenchProps) {
  const trials = useAnswer(
    () => slowPlanner.ask((of) => of.compare(formula, kitchen)),
    [formula, kitchen],
  );
  if (trials === null) return <p>{say('balance.tryingEveryMethodOnThe')}</p>;
  const prices = Object.fromEntries(
    kitchen.prices.map(({ ingredient, minorPerKg }) => [ingredient, minorPerKg]),
  );
  return (
    <div className="overflow-x-auto">
      <table className="table table-fixed table-xs">
        <caption className="sr-only">{say('balance.methodsComparedOnTheSame')}</caption>
        <thead>
          <tr>
            <th scope="col" className="w-[36%]">
              {say('balance.method')}
            </th>
            <th scope="col">{say('balance.time')}</th>
            <th scope="col">{say('balance.jars')}</th>
            <th scope="col">{say('balance.set')}</th>
            <th scope="col">{say('balance.per100G')}</th>
          </tr>
        </thead>
        <tbody>
          {trials.map(({ method, gellingRatio, plan, request }) => {
            const cost = costOf(plan, prices);
            const name =
              gellingRatio === null
                ? METHODS[method].name
                : say('balance.gellingSugarRatio', { ratio: gellingRatio });
            return (
              <tr key={name} className="align-top">
                <th scope="row" className="font-normal">
                  <b>{name}</b>
                  {plan.lines.map((line) => (
                    <span key={line.text} className="block text-xs">
                      {line.massG === undefined
                        ? line.text
                        : `${formatGrams(line.massG)} ${line.name}`}
                    </span>
                  ))}
                  {plan.set?.forecast === 'pours' ? (
                    <span className="mt-1 block text-xs font-bold text-error">
                      {say('balance.itDoesNotSetByThisMethod')}
                    </span>
                  ) : (
                    <button
                      type="button"
                      className="btn btn-xs mt-1 block"
                      aria-label={say('balance.useTheAmountsFor', { name })}
                      onClick={() => onTake(request, say('balance.switchedTo', { name }))}
                    >
                      {say('balance.useThese')}
                    </button>
                  )}
                </th>
                <td>{plan.minutes ? minutesInWords(plan.minutes) : '—'}</td>
                <td>{jarsInWords(plan) ?? '—'}</td>
                <td>{say(plan.set ? SET_IN_A_WORD[plan.set.forecast] : 'balance.unknown')}</td>
                <td>
                  {plan.finish && (
                    <span className="block">
                      {say('balance.gSugars', { round: Math.round(plan.finish.sugarsPer100g) })}
                    </span>
                  )}
                  <span className="block">{say(SHELF[plan.shelf.verdict])}</span>
                  {cost && (
                    <span className="block">{moneyInWords(cost.totalMinor, kitchen.currency)}</span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2 text-sm opacity-80">{say('balance.yourMethodIsShownAs')}</p>
    </div>
  );
}
