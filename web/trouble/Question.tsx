import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { celsiusToFahrenheit, convert, fahrenheitToCelsius } from '@idle-kettle/core';
import {
  FIGURE_FACTS,
  YES_NO_FACTS,
  type Fact,
  type FigureFact,
} from '@idle-kettle/core/troubleshooting';
import { useState } from 'react';
import { Field } from '../ui/Field.tsx';
import { QuestionDrawing } from './QuestionDrawing.tsx';

type Props = {
  readonly fact: Fact;
  readonly kitchen: Kitchen;
  readonly onAnswer: (value: number | boolean) => void;
  readonly onUnknown: () => void;
};

const isYesNo = (fact: Fact): fact is (typeof YES_NO_FACTS)[number] =>
  (YES_NO_FACTS as readonly string[]).includes(fact);

/** One question, the one whose answer would tell most; nobody has to know. */
export function Question({ fact, kitchen, onAnswer, onUnknown }: Props) {
  return (
    <section
      aria-label={say('trouble.question')}
      className="rounded-box border-2 border-secondary bg-base-100 p-4"
    >
      <QuestionDrawing fact={fact} />
      <p className="text-sm font-bold text-secondary">{say('trouble.question')}</p>
      {isYesNo(fact) ? (
        <>
          <p className="text-xl font-bold">{say(`trouble.ask.${fact}`)}</p>
          <div className="mt-2 flex flex-wrap gap-2">
            <button type="button" className="btn btn-lg" onClick={() => onAnswer(true)}>
              {say('trouble.yes')}
            </button>
            <button type="button" className="btn btn-lg" onClick={() => onAnswer(false)}>
              {say('trouble.no')}
            </button>
            <Unknown onUnknown={onUnknown} />
          </div>
        </>
      ) : (
        <Figure
          key={fact}
          fact={fact}
          kitchen={kitchen}
          onAnswer={onAnswer}
          onUnknown={onUnknown}
        />
      )}
    </section>
  );
}

const Unknown = ({ onUnknown }: Pick<Props, 'onUnknown'>) => (
  <button type="button" className="btn btn-lg btn-ghost" onClick={onUnknown}>
    {say('trouble.dontKnow')}
  </button>
);

/** How a kitchen measures what is asked: in it, and back. */
type Measure = {
  readonly shown: (value: number) => number;
  readonly read: (typed: number) => number;
};

const AS_IT_IS: Measure = { shown: (value) => value, read: (typed) => typed };
const IN_FAHRENHEIT: Measure = { shown: celsiusToFahrenheit, read: fahrenheitToCelsius };
const IN_INCHES: Measure = {
  shown: (mm) => convert(mm, 'mm', 'in'),
  read: (inches) => convert(inches, 'in', 'mm'),
};

function measureOf(fact: FigureFact, { temperature, units }: Kitchen): Measure {
  if (fact === 'stopTempC' || fact === 'waterBoilsC')
    return temperature === 'F' ? IN_FAHRENHEIT : AS_IT_IS;
  return fact === 'headspaceMm' && units === 'us' ? IN_INCHES : AS_IT_IS;
}

/** To a tenth, or to three figures of what is small. */
const bound = (value: number): number =>
  value < 1 ? Number(value.toPrecision(2)) : Number(value.toFixed(1));

/** What was answered, as the kitchen measures it. */
export const shownFigure = (fact: Fact, value: number, kitchen: Kitchen): string =>
  String(bound(isYesNo(fact) ? value : measureOf(fact, kitchen).shown(value)));

function Figure({
  fact,
  kitchen,
  onAnswer,
  onUnknown,
}: Omit<Props, 'fact'> & { readonly fact: FigureFact }) {
  const [typed, setTyped] = useState('');
  const [isWrong, setWrong] = useState(false);
  const { shown, read } = measureOf(fact, kitchen);
  const [low, high] = FIGURE_FACTS[fact];
  const answer = (event: React.FormEvent) => {
    event.preventDefault();
    const value = read(Number(typed.trim().replace(',', '.')));
    const isRight = typed.trim() !== '' && value >= low && value <= high;
    setWrong(!isRight);
    if (isRight) onAnswer(value);
  };
  return (
    <form onSubmit={answer} noValidate>
      <Field
        label={say(`trouble.ask.${fact}`)}
        error={
          isWrong
            ? say('trouble.wrongFigure', { low: bound(shown(low)), high: bound(shown(high)) })
            : undefined
        }
        input={{
          value: typed,
          inputMode: 'decimal',
          onChange: ({ target }) => setTyped(target.value),
        }}
      >
        <button type="submit" className="btn btn-lg btn-primary">
          {say('trouble.answer')}
        </button>
        <Unknown onUnknown={onUnknown} />
      </Field>
    </form>
  );
}
