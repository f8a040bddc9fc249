import { type PlainMessageId, say } from '@idle-kettle/words';
import { readAmount, type Progress, type CookPlan, type TemperatureScale } from '@idle-kettle/core';
import { memo, useState, type FormEvent } from 'react';
import { oncePressed } from '../ui/oncePressed.ts';
import { fromScale } from './scale.ts';
import type { CookLog } from './useCookLog.ts';

type Props = {
  readonly cookPlan: CookPlan;
  readonly progress: Progress;
  readonly scale: TemperatureScale;
  readonly note: CookLog['note'];
  readonly onTest: (test: TestKind) => void;
};

export type TestKind = 'plate-test' | 'sheet-test' | 'mound-test';

/** What may be added besides the run sheet, with what a hand usually adds, g. */
const EXTRAS = [
  { id: 'lemon-juice-bottled', name: 'stove.lemonJuice', usual: 15 },
  { id: 'white-sugar', name: 'stove.sugar', usual: 100 },
  { id: 'butter', name: 'stove.butter', usual: 5 },
  { id: 'water', name: 'stove.water', usual: 100 },
] as const;

const FLAMES = [
  { name: 'stove.low', value: 0.4 },
  { name: 'stove.half', value: 0.7 },
  { name: 'stove.full', value: 1 },
] as const;

type Panel = 'add' | 'weigh' | 'read' | null;

/** Buttons for what happens at the pot, big enough for a wet finger. */
export const EventButtons = memo(function EventButtons(props: Props) {
  const { cookPlan, progress, scale, note, onTest } = props;
  const [panel, setPanel] = useState<Panel>(null);
  const jam = cookPlan.stopKind === 'temperature' || cookPlan.stopKind === 'timed-boil';
  const butter = cookPlan.stopKind === 'body';
  const toggle = (next: Panel) => setPanel(panel === next ? null : next);
  const lit = progress.litAtMs !== null;
  return (
    <section aria-label={say('stove.logAnEvent')} className="flex flex-col gap-3">
      <div className="grid grid-cols-2 gap-2">
        <Do
          name={cookPlan.stopKind === 'egg' ? say('stove.whisked') : say('stove.stirred')}
          onPress={() => void note('stirred')}
          off={!lit}
        />
        {jam && <Do name={say('stove.skimmed')} onPress={() => void note('skimmed')} off={!lit} />}
        <Do
          name={say('stove.add')}
          onPress={() => toggle('add')}
          off={!lit}
          open={panel === 'add'}
        />
        <Do
          name={say('stove.reading')}
          onPress={() => toggle('read')}
          off={!lit}
          open={panel === 'read'}
        />
        <Do
          name={say('stove.weigh')}
          onPress={() => toggle('weigh')}
          off={!lit}
          open={panel === 'weigh'}
        />
        {jam && (
          <Do name={say('stove.plateTest2')} onPress={() => onTest('plate-test')} off={!lit} />
        )}
        {jam && (
          <Do name={say('stove.sheetTest2')} onPress={() => onTest('sheet-test')} off={!lit} />
        )}
        {butter && (
          <Do name={say('stove.moundTest2')} onPress={() => onTest('mound-test')} off={!lit} />
        )}
        {butter && <Do name={say('stove.purEd')} onPress={() => void note('pureed')} off={!lit} />}
        {cookPlan.stopKind !== 'egg' && (
          <Do
            name={progress.lid ? say('stove.lidOff') : say('stove.lidOn')}
            onPress={() => void note(progress.lid ? 'lid-off' : 'lid-on')}
            off={!lit}
          />
        )}
        <Do
          name={progress.onHeat ? say('stove.liftItOff') : say('stove.backOnTheHeat')}
          onPress={() => void note(progress.onHeat ? 'lifted' : 'on-heat')}
          off={!lit}
        />
        <Do
          name={progress.probeIn ? say('stove.probeOut') : say('stove.probeIn')}
          onPress={() => void note(progress.probeIn ? 'probe-out' : 'probe-in')}
          off={!lit}
        />
      </div>
      {panel === 'add' && (
        <Amounts
          items={EXTRAS}
          onGive={(id, grams) => {
            setPanel(null);
            void note('added', grams, id);
          }}
        />
      )}
      {panel === 'weigh' && (
        <OneNumber
          label={say('stove.gramsInThePotWithout')}
          unit="g"
          min={50}
          max={200_000}
          onGive={(grams) => {
            setPanel(null);
            void note('weight', grams);
          }}
        />
      )}
      {panel === 'read' && (
        <OneNumber
          label={say('stove.theThermometerShows')}
          unit={`°${scale}`}
          min={scale === 'C' ? 0 : 32}
          max={scale === 'C' ? 150 : 300}
          onGive={(value) => {
            setPanel(null);
            void note('temperature', fromScale(value, scale));
          }}
        />
      )}
      <fieldset className="flex items-center gap-2" disabled={!lit}>
        <legend className="sr-only">{say('stove.flame')}</legend>
        <span aria-hidden className="text-lg">
          {say('stove.flame')}
        </span>
        {FLAMES.map(({ name, value }) => (
          <button
            key={name}
            type="button"
            aria-pressed={progress.onHeat && Math.abs(progress.flame - value) < 0.05}
            onClick={oncePressed(() => void note('flame', value))}
            className="btn min-h-12 grow border-2 border-base-300 text-lg aria-pressed:btn-secondary"
          >
            {say(name)}
          </button>
        ))}
      </fieldset>
    </section>
  );
});

type DoProps = {
  readonly name: string;
  readonly onPress: () => void;
  readonly off: boolean;
  readonly open?: boolean;
};

const Do = ({ name, onPress, off, open }: DoProps) => (
  <button
    type="button"
    onClick={oncePressed(onPress)}
    disabled={off}
    aria-expanded={open}
    className="btn h-auto min-h-14 border-2 border-base-300 px-2 text-lg leading-tight disabled:border-transparent aria-expanded:border-secondary"
  >
    {name}
  </button>
);

type AmountsProps = {
  readonly items: readonly {
    readonly id: string;
    readonly name: PlainMessageId;
    readonly usual: number;
  }[];
  readonly onGive: (id: string, grams: number) => void;
};

function Amounts({ items, onGive }: AmountsProps) {
  const [id, setId] = useState(items[0]?.id ?? '');
  const item = items.find((one) => one.id === id);
  return (
    <div className="rounded-box border-2 border-base-300 p-3">
      <div className="flex flex-wrap gap-2">
        {items.map((one) => (
          <button
            key={one.id}
            type="button"
            aria-pressed={one.id === id}
            onClick={() => setId(one.id)}
            className="btn min-h-12 text-base aria-pressed:btn-secondary"
          >
            {say(one.name)}
          </button>
        ))}
      </div>
      <OneNumber
        key={id}
        label={say('stove.grams', { value: item && say(item.name) })}
        unit="g"
        min={0.5}
        max={50_000}
        start={item?.usual ?? 10}
        onGive={(grams) => onGive(id, grams)}
      />
    </div>
  );
}

type OneNumberProps = {
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  readonly start?: number;
  readonly onGive: (value: number) => void;
};

/** One number and a button; says what would be right when it is not. */
export function OneNumber({ label, unit, min, max, start, onGive }: OneNumberProps) {
  const [text, setText] = useState(start === undefined ? '' : String(start));
  const [wrong, setWrong] = useState(false);
  function onSubmit(event: FormEvent) {
    event.preventDefault();
    // `2.5`, `2,5` and `2½` are one number.
    const value = readAmount(text) ?? NaN;
    if (text.trim() === '' || !(value >= min && value <= max)) setWrong(true);
    else onGive(value);
  }
  return (
    <form onSubmit={onSubmit} noValidate className="mt-2 flex flex-wrap items-end gap-2">
      <label className="flex grow flex-col text-base">
        {label}
        <input
          inputMode="decimal"
          value={text}
          onChange={({ target }) => setText(target.value)}
          aria-invalid={wrong}
          className="input h-14 w-full text-2xl"
        />
      </label>
      <button type="submit" className="btn btn-secondary min-h-14 text-lg">
        {say('stove.logIt')}
      </button>
      {wrong && (
        <p role="alert" className="w-full text-error">
          {say('stove.enterANumberFromTo', {
            min: min.toLocaleString('en-US'),
            max: max.toLocaleString('en-US'),
            unit,
          })}
        </p>
      )}
    </form>
  );
}
