import { type PlainMessageId, say, textOf } from '@idle-kettle/words';

import {
  convert,
  readAmount,
  SET_CLASSES,
  type JarSize,
  type Solved,
  type Party,
  type SetClass,
  type Wishes,
  findIngredient,
  jarsOnHand,
} from '@idle-kettle/core';
import { useState } from 'react';
import { slowPlanner } from '../workers/planner.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';
import type { WorkbenchProps } from './workbenchProps.ts';

type Answer = { readonly text: string; readonly good: boolean };

const IN_WORDS: { readonly [party in Party]: PlainMessageId } = {
  jars: 'balance.theJars',
  fruit: 'balance.theFruit',
  sugar: 'balance.theSugar',
  sweetness: 'balance.theSweetness',
  firmness: 'balance.theFirmness',
  pot: 'balance.thePot',
  recipe: 'balance.theRecipeAsItIs',
};

/** Grams in the units that fruit and sugar are asked for in. */
const GRAMS_IN = { lb: 453.592, kg: 1000 } as const;

const EMPTY = { jars: '', fruit: '', sugar: '', sweetness: '', firmness: '', pot: false };

/**
 * Jars wanted, fruit in hand, sugar, sweetness, firmness, pot: the amounts follow, or the two
 * wishes that collide.
 */
export function Targets({ kitchen, plan, onTake, onAsk }: WorkbenchProps) {
  const [form, setForm] = useState(EMPTY);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [busy, setBusy] = useState(false);
  const jar = jarsOnHand(kitchen)[0] as JarSize;
  const madeMl = plan.yield?.volumeMl.p50;
  const imperial = kitchen.units === 'us';
  const massUnit = imperial ? 'lb' : 'kg';
  const read = wishesOf(form, jar.volumeMl, massUnit);

  function ask() {
    if (!read.ok) return setAnswer({ text: read.message, good: false });
    const { wishes } = read;
    setBusy(true);
    setAnswer(null);
    onAsk(
      (now) => slowPlanner.ask((of) => of.solve(now, kitchen, wishes)),
      tell,
      () => setBusy(false),
    );
  }

  function tell(found: Solved) {
    if (found.outcome === 'solved') {
      setAnswer({ text: say('balance.theAmountsAreChangedUndo'), good: true });
      onTake(found.request, say('balance.changedTheAmountsToFit'));
    } else if (found.outcome === 'collides') {
      const [a, b] = found.collision.between;
      setAnswer({
        text: say('balance.andDontFitTogether', {
          capital: capital(say(IN_WORDS[a])),
          value: say(IN_WORDS[b]),
          message: found.collision.message,
        }),
        good: false,
      });
    } else {
      setAnswer({ text: textOf(found.faults.map(({ message }) => message)), good: false });
    }
  }

  const field = (
    key: 'jars' | 'fruit' | 'sugar' | 'sweetness',
    label: string,
    unit: string,
    placeholder: string,
  ) => (
    <label className="flex flex-col text-sm">
      {label}
      <span className="flex items-center gap-1">
        <input
          className="input input-sm w-24"
          inputMode="decimal"
          value={form[key]}
          placeholder={placeholder}
          onChange={({ target }) => setForm({ ...form, [key]: target.value })}
        />
        {unit}
      </span>
    </label>
  );

  /** What this batch holds of it now, as an example of what may be written. */
  const ownMass = (kind: 'fruit' | 'sweetener'): string => {
    const grams = plan.lines
      .filter(({ ingredient }) => findIngredient(ingredient ?? '')?.kind === kind)
      .reduce((sum, { massG }) => sum + (massG ?? 0), 0);
    const amount = Number((grams / GRAMS_IN[massUnit]).toFixed(1));
    return amount === 0 ? '' : String(amount);
  };
  const solids = plan.finish?.sugarsPer100g.toFixed(0) ?? '';
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        ask();
      }}
      className="flex flex-col gap-2"
    >
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        {field(
          'jars',
          say('balance.jarsWanted'),
          say('balance.fullS', { name: jar.name }),
          madeMl === undefined ? '' : String(Math.round(madeMl / jar.volumeMl)),
        )}
        {field('fruit', say('balance.fruitToUse'), massUnit, ownMass('fruit'))}
        {field('sugar', say('balance.sugarToUse'), massUnit, ownMass('sweetener'))}
        {field('sweetness', say('balance.sugarsPer100G'), 'g', solids)}
        <label className="flex flex-col text-sm">
          {say('balance.firmness')}
          <select
            className="select select-sm w-28"
            value={form.firmness}
            onChange={({ target }) => setForm({ ...form, firmness: target.value })}
          >
            <option value="">{say('balance.any')}</option>
            {SET_CLASSES.slice(1).map((set) => (
              <option key={set} value={set}>
                {say(SET_IN_A_WORD[set])}
              </option>
            ))}
          </select>
        </label>
        {kitchen.pots.length > 0 && (
          <label className="flex items-center gap-2 pb-1 text-sm">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={form.pot}
              onChange={({ target }) => setForm({ ...form, pot: target.checked })}
            />
            {say('balance.noMoreThanThisPot')}
          </label>
        )}
        <button type="submit" className="btn btn-sm btn-primary" disabled={busy}>
          {say('balance.findTheAmounts')}
        </button>
      </div>
      <div className="text-sm" data-testid="asked">
        <p role="status" className={answer && !answer.good ? 'font-bold text-error' : ''}>
          {busy ? '' : (answer?.text ?? '')}
        </p>
        {busy && <p>{say('balance.working')}</p>}
        {!busy && answer === null && <p>{say('balance.leaveBlankAnythingThatDoesnt')}</p>}
      </div>
    </form>
  );
}

function wishesOf(
  form: typeof EMPTY,
  jarMl: number,
  massUnit: 'kg' | 'lb',
):
  | { readonly ok: true; readonly wishes: Wishes }
  | { readonly ok: false; readonly message: string } {
  const numbers = (['jars', 'fruit', 'sugar', 'sweetness'] as const).map((key) => {
    const text = form[key].trim();
    return text === '' ? null : (readAmount(text) ?? NaN);
  });
  if (numbers.some((value) => value !== null && !(value > 0 && value < 10_000))) {
    return { ok: false, message: say('balance.enterNumbersAboveZeroOr') };
  }
  const [jars, fruit, sugar, sweetness] = numbers;
  const grams = (value: number) => convert(value, massUnit, 'g');
  const wishes: Wishes = {
    ...(jars ? { jars: { count: Math.round(jars), volumeMl: jarMl } } : {}),
    ...(fruit ? { fruitG: grams(fruit) } : {}),
    ...(sugar ? { sugarG: grams(sugar) } : {}),
    ...(sweetness ? { sugarsPer100g: sweetness } : {}),
    ...(form.firmness === '' ? {} : { firmness: form.firmness as SetClass }),
    ...(form.pot ? { fitsPot: true } : {}),
  };
  return Object.keys(wishes).length === 0
    ? { ok: false, message: say('balance.enterAtLeastOneTarget') }
    : { ok: true, wishes };
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
