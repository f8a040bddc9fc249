import { say, type PlainMessageId } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import {
  restate,
  RIPENESS_STOPS,
  type Form,
  type FruitState,
  type Range,
  type ParserKitchen,
  type UnderstoodLine,
} from '@idle-kettle/core';
import { useId } from 'react';

const FORMS: readonly Form[] = ['whole', 'sliced', 'chopped', 'crushed', 'pureed'];
const STATES: readonly FruitState[] = ['fresh', 'frozen', 'dried', 'canned', 'juice'];
const RIPENESS_WORDS: readonly PlainMessageId[] = [
  'balance.unripe',
  'balance.underRipe',
  'balance.justRipe',
  'balance.ripe',
  'balance.veryRipe',
  'balance.overRipe',
];

const ripenessInWords = (stop: number): string => say(RIPENESS_WORDS[stop] ?? 'balance.ripe');

type Props = {
  readonly line: UnderstoodLine;
  readonly kitchen: ParserKitchen;
  readonly index: number;
  readonly onReplace: (text: string) => void;
};

/** What may be said of a line besides its amount, and where its figures come from. */
export function LineDetails({ line, kitchen, index, onReplace }: Props) {
  const { ingredient } = line;
  const id = useId();
  const stop = RIPENESS_STOPS.findIndex((value) => value === (line.ripeness ?? 0.5));
  const fruit = ingredient.kind === 'fruit';
  return (
    <div className="mb-2 ml-5 flex flex-col gap-2 rounded-box bg-base-100 p-3 text-sm">
      {fruit && (
        <div className="flex flex-wrap items-end gap-3">
          <label className="flex flex-col">
            {say('balance.form')}
            <select
              className="select select-sm w-28"
              value={line.form}
              onChange={({ target }) =>
                onReplace(restate(line, { form: target.value as Form }, kitchen))
              }
            >
              {[...new Set([...FORMS, line.form])].map((form) => (
                <option key={form}>{form}</option>
              ))}
            </select>
          </label>
          <label className="flex flex-col">
            {say('balance.bought')}
            <select
              className="select select-sm w-28"
              value={ingredient.state}
              onChange={({ target }) =>
                onReplace(restate(line, { state: target.value as FruitState }, kitchen))
              }
            >
              {STATES.map((state) => (
                <option key={state}>{state}</option>
              ))}
            </select>
          </label>
          <label className="flex grow flex-col" htmlFor={id}>
            <span>
              <Say id="balance.ripeness" values={{ part: <b>{ripenessInWords(stop)}</b> }} />
            </span>
            <input
              id={id}
              type="range"
              min={0}
              max={RIPENESS_STOPS.length - 1}
              step={1}
              value={stop === -1 ? 3 : stop}
              aria-label={say('balance.ripenessOfLine', { value: index + 1 })}
              aria-valuetext={ripenessInWords(stop)}
              className="range range-primary range-xs"
              onChange={({ target }) =>
                onReplace(
                  restate(line, { ripeness: RIPENESS_STOPS[Number(target.value)] ?? 0.5 }, kitchen),
                )
              }
            />
          </label>
        </div>
      )}
      <dl className="grid grid-cols-[auto_1fr] gap-x-3">
        <Property name="soluble solids" unit="%" range={ingredient.make.solublesPct} />
        <Property name="sugars" unit="%" range={ingredient.make.sugarsPct} />
        {ingredient.sour && <Property name="pH" unit="" range={ingredient.sour.pH} />}
        {ingredient.pectinPct.high > 0 && (
          <Property name="pectin" unit="%" range={ingredient.pectinPct} />
        )}
        {ingredient.edibleShare < 1 && (
          <>
            <dt className="opacity-80">{say('balance.leftAfterPreparing')}</dt>
            <dd>{Math.round(100 * ingredient.edibleShare)} %</dd>
          </>
        )}
      </dl>
      {line.called !== undefined && (
        <p>
          <Say
            id="balance.countsAs"
            values={{ called: line.called, part: <b>{ingredient.name}</b> }}
          />
        </p>
      )}
      {ingredient.note !== undefined && <p>{say(ingredient.note)}</p>}
      <p className="opacity-80">
        {ingredient.name}: {ingredient.provenance.source} ({ingredient.provenance.kind}).
      </p>
    </div>
  );
}

const Property = ({ name, unit, range }: { name: string; unit: string; range: Range }) => (
  <>
    <dt className="opacity-80">{name}</dt>
    <dd className="tabular-nums">
      <Say
        id="balance.usually"
        values={{
          shown: shown(range.low),
          shown2: shown(range.high),
          part: <b>{shown(range.typical)}</b>,
          unit,
        }}
      />
    </dd>
  </>
);

const shown = (value: number): string => String(Number(value.toPrecision(3)));
