import { jarsIn } from '@idle-kettle/contract';
import {
  convert,
  readAmount,
  SET_CLASSES,
  type JarSize,
  type Solved,
  type Party,
  type SetClass,
  type Wishes,
} from '@idle-kettle/core';
import { useState } from 'react';
import { slowPlanner } from '../workers/planner.ts';
import type { WorkbenchProps } from './Workbench.tsx';

type Answer = { readonly text: string; readonly good: boolean };

const IN_WORDS: { readonly [party in Party]: string } = {
  jars: 'the jars',
  fruit: 'the fruit',
  sugar: 'the sugar',
  sweetness: 'the sweetness',
  firmness: 'the firmness',
  pot: 'the pot',
  recipe: 'the recipe as it is',
};

const EMPTY = { jars: '', fruit: '', sugar: '', sweetness: '', firmness: '', pot: false };

/** Jars wanted, fruit in hand, sugar, sweetness, firmness, pot: the amounts follow, or the two wishes that collide. */
export function Targets({ kitchen, plan, onTake, onAsk }: WorkbenchProps) {
  const [form, setForm] = useState(EMPTY);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [busy, setBusy] = useState(false);
  const jar = jarsIn(kitchen)[0] as JarSize;
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
      setAnswer({ text: 'These are the amounts; undo takes them back.', good: true });
      onTake(found.request, 'Amounts solved for');
    } else if (found.outcome === 'collides') {
      const [a, b] = found.collision.between;
      setAnswer({
        text: `${capital(IN_WORDS[a])} and ${IN_WORDS[b]} collide. ${found.collision.message}`,
        good: false,
      });
    } else {
      setAnswer({ text: found.faults.map(({ message }) => message).join(' '), good: false });
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
          'Jars wanted',
          `full ${jar.name}s`,
          madeMl === undefined ? '' : String(Math.round(madeMl / jar.volumeMl)),
        )}
        {field('fruit', 'All of this fruit', massUnit, imperial ? '5' : '2.3')}
        {field('sugar', 'This much sugar', massUnit, imperial ? '3' : '1.4')}
        {field('sweetness', 'Sugars in 100 g', 'g', solids)}
        <label className="flex flex-col text-sm">
          Firmness
          <select
            className="select select-sm w-28"
            value={form.firmness}
            onChange={({ target }) => setForm({ ...form, firmness: target.value })}
          >
            <option value="">as it comes</option>
            {SET_CLASSES.slice(1).map((set) => (
              <option key={set}>{set}</option>
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
            no more than this pot takes
          </label>
        )}
        <button type="submit" className="btn btn-sm btn-primary" disabled={busy}>
          Find the amounts
        </button>
      </div>
      <p
        role="status"
        className={`text-sm ${answer && !answer.good ? 'font-bold text-error' : ''}`}
        data-testid="asked"
      >
        {busy ? 'Working it out' : (answer?.text ?? 'Leave blank what you do not mind.')}
      </p>
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
    return { ok: false, message: 'Give numbers above zero, or leave a field blank.' };
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
    ? { ok: false, message: 'Say at least one thing that you want.' }
    : { ok: true, wishes };
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
