import { say, type PlainMessageId } from '@idle-kettle/words';
import { type Kitchen } from '@idle-kettle/contract';
import {
  BODY_STOPS,
  METHODS,
  PRODUCT_IDS,
  PRODUCTS,
  type BodyStop,
  type Method,
  type Plan,
  type Product,
  chosenOf,
  potAndBurner,
  type Settings,
  STORAGES,
  headspaceMm,
  type Storage,
} from '@idle-kettle/core';
import { memo } from 'react';
import { headspaceInWords } from '../words/headspace.ts';

type Props = {
  readonly settings: Settings;
  /** How it will set and what ends its cook; null before there is a plan. */
  readonly method: Method | null;
  readonly stop: Plan['stop']['kind'] | null;
  /** Soluble solids at the stop, %. */
  readonly solublesPct: number;
  readonly kitchen: Kitchen;
  readonly onSet: (settings: Settings, did: string) => void;
};

const AUTO = '';

const BODY_IN_WORDS: { readonly [stop in BodyStop]: PlainMessageId } = {
  spoonable: 'balance.isSpoonable',
  mounds: 'balance.moundsOnASpoon',
  stiff: 'balance.isStiff',
};

/** What is made, how it sets, on which pot and burner, and where to stop. */
export const SettingsBar = memo(function SettingsBar(props: Props) {
  const { settings, method, stop, solublesPct, kitchen, onSet } = props;
  const product = settings.product ?? 'jam';
  const { pot, burner, bringsPot } = potAndBurner({ settings }, kitchen);
  const bySolids = stop === 'temperature' || stop === 'body';
  return (
    <section aria-label={say('balance.batchSettings')} className="flex flex-wrap gap-1.5 text-sm">
      <Select
        label={say('balance.product')}
        value={product}
        options={PRODUCT_IDS.map((id) => [id, PRODUCTS[id].name])}
        onPick={(id) =>
          onSet(
            { product: id as Product, method: null, targetSolublesPct: null },
            say('balance.product2', { name: PRODUCTS[id as Product].name }),
          )
        }
      />
      <Select
        label={say('balance.method')}
        value={settings.method ?? AUTO}
        options={[
          [
            AUTO,
            method && !settings.method
              ? say('balance.suggested', { name: METHODS[method].name })
              : say('balance.chosenFromTheIngredients'),
          ],
          ...PRODUCTS[product].methods.map((id) => [id, METHODS[id].name] as const),
        ]}
        onPick={(id) =>
          onSet(
            { method: id === AUTO ? null : (id as Method), targetSolublesPct: null },
            id === AUTO
              ? say('balance.methodAutomatic')
              : say('balance.method2', { name: METHODS[id as Method].name }),
          )
        }
      />
      {bySolids && (
        <label className="flex items-center gap-1">
          {say('balance.cookTo')}
          <input
            type="number"
            min={20}
            max={78}
            step={1}
            className="input input-sm w-16"
            value={settings.targetSolublesPct ?? solublesPct}
            onChange={({ target }) => {
              const value = target.valueAsNumber;
              if (value >= 20 && value <= 78)
                onSet({ targetSolublesPct: value }, say('balance.cookToSolids', { value }));
            }}
          />
          {say('balance.solids2')}
        </label>
      )}
      {stop === 'body' && (settings.targetSolublesPct ?? null) === null && (
        <Select
          label={say('balance.doneWhenIt')}
          value={settings.bodyStop ?? 'mounds'}
          options={BODY_STOPS.map((id) => [id, say(BODY_IN_WORDS[id])])}
          onPick={(id) =>
            onSet(
              { bodyStop: id as BodyStop },
              say('balance.doneWhenIt2', { value: say(BODY_IN_WORDS[id as BodyStop]) }),
            )
          }
        />
      )}
      <Select
        label={say('balance.storeIn')}
        value={settings.storeIn ?? 'pantry'}
        options={STORAGES.map((place) => [place, storedIn(place, product)])}
        onPick={(place) =>
          onSet(
            { storeIn: place === 'pantry' ? null : (place as Storage) },
            say('balance.storeIn2', { place: storedIn(place as Storage, product) }),
          )
        }
      />
      {kitchen.pots.length > 0 && !bringsPot && (
        <Select
          label={say('balance.pot')}
          value={keyOf(pot)}
          options={kitchen.pots.map((one) => [keyOf(one), one.name])}
          onPick={(pot) =>
            onSet({ pot }, say('balance.pot2', { name: chosenOf(kitchen.pots, pot)?.name }))
          }
        />
      )}
      {kitchen.burners.length > 0 && (
        <Select
          label={say('balance.burner')}
          value={keyOf(burner)}
          options={kitchen.burners.map((one) => [keyOf(one), one.name])}
          onPick={(burner) =>
            onSet(
              { burner },
              say('balance.burner2', { name: chosenOf(kitchen.burners, burner)?.name }),
            )
          }
        />
      )}
    </section>
  );
});

/** Where jars may be wanted; frozen, with the room that they need. */
const storedIn = (place: Storage, product: Product): string =>
  place === 'pantry'
    ? say('balance.storeWhereSafe')
    : place === 'fridge'
      ? say('balance.storeInFridge')
      : say('balance.storeInFreezer', {
          headspace: headspaceInWords(headspaceMm(product, place)),
        });

const keyOf = (one: { readonly id?: string; readonly name: string } | undefined): string =>
  one?.id ?? one?.name ?? '';

type SelectProps = {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, text: string])[];
  readonly onPick: (value: string) => void;
};

const Select = ({ label, value, options, onPick }: SelectProps) => (
  <label className="min-w-0">
    <span className="sr-only">{label}</span>
    <select
      className="select select-sm w-auto max-w-52"
      value={value}
      onChange={({ target }) => onPick(target.value)}
    >
      {options.map(([id, text]) => (
        <option key={id} value={id}>
          {text}
        </option>
      ))}
    </select>
  </label>
);
