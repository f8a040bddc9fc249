import { say } from '@idle-kettle/words';
import type { UnitSystem } from '@idle-kettle/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { useRecipes } from '../api/recipes.ts';
import { FruitDrawing } from '../drawings/FruitDrawing.tsx';
import { shapeOfFruit } from '../drawings/shapeOfFruit.ts';
import { fruitColour } from '../ui/fruit.ts';
import { Import } from './Import.tsx';

/** A handful of fruits; any other is written. */
const HANDFUL: readonly (readonly [id: string, many: string])[] = [
  ['strawberry', 'strawberries'],
  ['raspberry', 'raspberries'],
  ['blackberry', 'blackberries'],
  ['blackcurrant', 'blackcurrants'],
  ['rhubarb', 'rhubarb'],
  ['apricot', 'apricots'],
  ['peach', 'peaches'],
  ['plum', 'plums'],
  ['apple', 'apples'],
  ['quince', 'quinces'],
  ['fig', 'figs'],
  ['seville-orange', 'Seville oranges'],
];

const MOST_CARDS = 4;

type Props = {
  readonly units: UnitSystem;
  readonly busy: boolean;
  /** A line of fruit, `3 kg quinces`, for which a formula is to be worked out. */
  readonly onFruit: (line: string) => void;
  readonly onBringIn: (text: string) => void;
};

/**
 * Where a new batch begins: with the fruit that is there, with a card, or with a recipe from
 * elsewhere.
 */
export function StartingPoints({ units, busy, onFruit, onBringIn }: Props) {
  const [amount, setAmount] = useState('1');
  const [unit, setUnit] = useState(units === 'us' ? 'lb' : 'kg');
  const recipes = useRecipes().data?.slice(0, MOST_CARDS) ?? [];
  const given = amount.trim() === '' ? '1' : amount.trim();
  return (
    <section
      aria-label={say('balance.startABatch')}
      aria-busy={busy}
      className="flex flex-col gap-3"
    >
      <div className="flex flex-wrap items-center gap-2 text-xl">
        <label className="flex items-center gap-2 font-bold text-primary">
          {say('balance.iHave')}
          <input
            type="text"
            inputMode="decimal"
            autoComplete="off"
            aria-label={say('balance.amountOfFruit')}
            maxLength={12}
            value={amount}
            onChange={({ target }) => setAmount(target.value)}
            onFocus={({ target }) => target.select()}
            className="input w-20 text-xl"
          />
        </label>
        <select
          aria-label={say('balance.unit')}
          value={unit}
          onChange={({ target }) => setUnit(target.value)}
          className="select w-20 text-xl"
        >
          <option>kg</option>
          <option>lb</option>
          <option>cups</option>
        </select>
        <span className="font-bold text-primary">{say('balance.of2')}</span>
      </div>
      <ul className="grid grid-cols-3 gap-1.5 sm:grid-cols-4">
        {HANDFUL.map(([id, many]) => (
          <li key={id}>
            <button
              type="button"
              disabled={busy}
              onClick={() => onFruit(`${given} ${unit} ${many}`)}
              className="flex size-full cursor-pointer flex-col items-center rounded-field border border-base-300 bg-base-100 px-1 py-1.5 text-sm leading-tight hover:border-primary focus-visible:border-primary disabled:opacity-60"
            >
              <FruitDrawing shape={shapeOfFruit(id)} colour={fruitColour(id)} />
              {many}
            </button>
          </li>
        ))}
      </ul>
      <p className="text-sm opacity-80">{say('balance.pickAFruitForA')}</p>
      {recipes.length > 0 && (
        <div>
          <h3 className="font-bold text-primary">{say('balance.orStartFromARecipe')}</h3>
          <ul className="flex flex-wrap gap-x-4 gap-y-1">
            {recipes.map((recipe) => (
              <li key={recipe.id}>
                <Link className="link" to={`/batches/new?card=${recipe.id}`}>
                  {recipe.name}
                </Link>
              </li>
            ))}
          </ul>
        </div>
      )}
      <div>
        <h3 className="font-bold text-primary">{say('balance.orImportARecipe')}</h3>
        <p className="mb-1">{say('balance.pasteItWholeIntoThe')}</p>
        <Import onBringIn={onBringIn} />
      </div>
    </section>
  );
}
