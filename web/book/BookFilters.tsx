import { say } from '@idle-kettle/words';
import type { BookFacets } from '@idle-kettle/contract';
import { findIngredient, METHODS, SET_CLASSES, type Method } from '@idle-kettle/core';
import { SET_IN_A_WORD } from '../words/sets.ts';

type Field = 'words' | 'fruit' | 'year' | 'method' | 'set' | 'cook' | 'again';

type Props = {
  readonly search: URLSearchParams;
  readonly facets: BookFacets;
  /** A field of the address that changes; an empty one goes. */
  readonly onAsk: (field: Field, value: string) => void;
};

const methodInWords = (id: string): string => METHODS[id as Method]?.name ?? id;
const fruitInWords = (id: string): string => findIngredient(id)?.name ?? id;
const setInWords = (id: string): string => {
  const set = SET_CLASSES.find((one) => one === id);
  return set === undefined ? id : say(SET_IN_A_WORD[set]);
};

/** Looks the Book through: by words as they are typed, and by what there is. */
export function BookFilters({ search, facets, onAsk }: Props) {
  const choices = [
    { field: 'fruit', name: 'book.fruit', any: 'book.anyFruit', words: fruitInWords },
    { field: 'year', name: 'book.year', any: 'book.anyYear', words: (year: string) => year },
    { field: 'method', name: 'book.method', any: 'book.anyMethod', words: methodInWords },
    { field: 'set', name: 'book.set', any: 'book.anySet', words: setInWords },
    { field: 'cook', name: 'book.cook', any: 'book.anyCook', words: (cook: string) => cook },
  ] as const;
  return (
    <search className="mb-3 flex flex-wrap items-center gap-2">
      <input
        type="search"
        data-look
        aria-label={say('book.search')}
        placeholder={say('book.search')}
        maxLength={120}
        value={search.get('words') ?? ''}
        onChange={({ target }) => onAsk('words', target.value)}
        className="input w-full sm:w-64"
      />
      {choices.map(({ field, name, any, words }) => {
        const value = search.get(field) ?? '';
        const known = facets[field];
        const isKnown = known.some((one) => one.value === value);
        if (known.length < 2 && value === '') return null;
        return (
          <select
            key={field}
            data-look
            aria-label={say(name)}
            value={value}
            onChange={({ target }) => onAsk(field, target.value)}
            className="select w-auto max-w-44"
          >
            <option value="">{say(any)}</option>
            {field === 'set' && <option value="unsaid">{say('book.unsaid')}</option>}
            {value !== '' && !isKnown && value !== 'unsaid' && (
              <option value={value}>{words(value)}</option>
            )}
            {known.map((one) => (
              <option key={one.value} value={one.value}>
                {say('ui.counted', { what: words(one.value), count: one.count })}
              </option>
            ))}
          </select>
        );
      })}
      <label className="flex cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          data-look
          className="checkbox"
          checked={search.get('again') === 'true'}
          onChange={({ target }) => onAsk('again', target.checked ? 'true' : '')}
        />
        {say('book.againOnly')}
      </label>
    </search>
  );
}
