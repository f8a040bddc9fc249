import { costOf, formatGrams, METHODS } from '@idle-kettle/core';
import { jarsInWords, minutesInWords, moneyInWords } from '../ui/words.ts';
import { slowPlanner } from '../workers/planner.ts';
import { useAsked } from './useAnswer.ts';
import type { WorkbenchProps } from './Workbench.tsx';

/** Every method of the product on the same fruit: amounts, minutes, jars, set, cost. */
export function MethodsTable({ formula, kitchen, onTake }: WorkbenchProps) {
  const trials = useAsked(
    () => slowPlanner.ask((of) => of.compare(formula, kitchen)),
    [formula, kitchen],
  );
  if (trials === null) return <p role="status">Cooking the same fruit by every method</p>;
  const prices = Object.fromEntries(
    kitchen.prices.map(({ ingredient, minorPerKg }) => [ingredient, minorPerKg]),
  );
  return (
    <div className="overflow-x-auto">
      <table className="table table-fixed table-xs">
        <caption className="sr-only">Methods side by side on the same fruit</caption>
        <thead>
          <tr>
            <th scope="col" className="w-[36%]">
              Method
            </th>
            <th scope="col">Cook</th>
            <th scope="col">Jars</th>
            <th scope="col">Set</th>
            <th scope="col">In 100 g</th>
          </tr>
        </thead>
        <tbody>
          {trials.map(({ method, plan, request }) => {
            const cost = costOf(plan, prices);
            return (
              <tr key={method} className="align-top">
                <th scope="row" className="font-normal">
                  <b>{METHODS[method].name}</b>
                  {plan.lines.map((line) => (
                    <span key={line.text} className="block text-xs">
                      {line.massG === undefined
                        ? line.text
                        : `${formatGrams(line.massG)} ${line.name}`}
                    </span>
                  ))}
                  <button
                    type="button"
                    className="btn btn-xs mt-1 block"
                    aria-label={`Take the amounts by ${METHODS[method].name}`}
                    onClick={() => onTake(request, `Made by ${METHODS[method].name}`)}
                  >
                    Take these
                  </button>
                </th>
                <td>{plan.minutes ? minutesInWords(plan.minutes) : '—'}</td>
                <td>{jarsInWords(plan) ?? '—'}</td>
                <td>{plan.set?.forecast ?? 'cannot be told'}</td>
                <td>
                  {plan.finish && (
                    <span className="block">{Math.round(plan.finish.sugarsPer100g)} g sugars</span>
                  )}
                  <span className="block">{plan.shelf.verdict}</span>
                  {cost && (
                    <span className="block">{moneyInWords(cost.totalMinor, kitchen.currency)}</span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-2 text-sm opacity-80">
        The method you have is as written; the others take the sugar that is usual for them, and the
        pectin that makes them firm.
      </p>
    </div>
  );
}
