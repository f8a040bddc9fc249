import { say, type PlainMessageId } from '@idle-kettle/words';
import type { BatchState, BatchSummary } from '@idle-kettle/contract';
import { BATCH_STATES, countsOf, fruitsOf, type Finding } from './finding.ts';

/** How far a batch has come, in words. */
export const STATE_IN_WORDS: { readonly [state in BatchState]: PlainMessageId } = {
  planned: 'batches.planned',
  'on the stove': 'batches.onTheStove',
  'in jars': 'batches.inJars',
  done: 'batches.done',
};

type Props = {
  readonly batches: readonly BatchSummary[];
  readonly finding: Finding;
  /** Fields of the address that change; empty ones go. */
  readonly onFind: (next: { readonly [name in 'find' | 'state' | 'fruit']?: string }) => void;
};

/** Finds batches by a word, by how far they have come, and by their fruit. */
export function FindBar({ batches, finding, onFind }: Props) {
  const counts = countsOf(batches);
  return (
    <search className="mb-4 flex flex-wrap items-center gap-2">
      <input
        type="search"
        aria-label={say('batches.findABatch')}
        placeholder={say('batches.findABatch')}
        maxLength={80}
        value={finding.words}
        onChange={({ target }) => onFind({ find: target.value })}
        className="input w-48"
      />
      <fieldset className="flex flex-wrap gap-1">
        <legend className="sr-only">{say('batches.stage')}</legend>
        {(['', ...BATCH_STATES] as const).map((state) => (
          <label
            key={state}
            className={`inline-flex cursor-pointer items-center rounded-field border px-2.5 py-1.5 focus-within:outline-2 ${finding.state === state ? 'border-primary bg-primary text-primary-content' : 'border-base-300 bg-base-100'}`}
          >
            <input
              type="radio"
              name="state"
              className="sr-only"
              checked={finding.state === state}
              onChange={() => onFind({ state })}
            />
            {say('ui.counted', {
              what: say(state === '' ? 'batches.all' : STATE_IN_WORDS[state]),
              count: state === '' ? batches.length : counts[state],
            })}
          </label>
        ))}
      </fieldset>
      <select
        aria-label={say('batches.fruit')}
        value={finding.fruit}
        onChange={({ target }) => onFind({ fruit: target.value })}
        className="select w-auto"
      >
        <option value="">{say('batches.anyFruit')}</option>
        {fruitsOf(batches).map((fruit) => (
          <option key={fruit} value={fruit}>
            {fruit.replaceAll('-', ' ')}
          </option>
        ))}
      </select>
    </search>
  );
}
