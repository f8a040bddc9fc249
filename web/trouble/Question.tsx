import { say } from '@idle-kettle/words';
import { FIGURE_FACTS, YES_NO_FACTS, type Fact } from '@idle-kettle/core/troubleshooting';
import { useState } from 'react';
import { Field } from '../ui/Field.tsx';
import { QuestionDrawing } from './QuestionDrawing.tsx';

type Props = {
  readonly fact: Fact;
  readonly onAnswer: (value: number | boolean) => void;
  readonly onUnknown: () => void;
};

const isYesNo = (fact: Fact): fact is (typeof YES_NO_FACTS)[number] =>
  (YES_NO_FACTS as readonly string[]).includes(fact);

/** One question, the one whose answer would tell most; nobody has to know. */
export function Question({ fact, onAnswer, onUnknown }: Props) {
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
        <Figure key={fact} fact={fact} onAnswer={onAnswer} onUnknown={onUnknown} />
      )}
    </section>
  );
}

const Unknown = ({ onUnknown }: Pick<Props, 'onUnknown'>) => (
  <button type="button" className="btn btn-lg btn-ghost" onClick={onUnknown}>
    {say('trouble.dontKnow')}
  </button>
);

function Figure({
  fact,
  onAnswer,
  onUnknown,
}: Omit<Props, 'fact'> & { readonly fact: keyof typeof FIGURE_FACTS }) {
  const [typed, setTyped] = useState('');
  const [isWrong, setWrong] = useState(false);
  const [low, high] = FIGURE_FACTS[fact];
  const answer = (event: React.FormEvent) => {
    event.preventDefault();
    const value = Number(typed.trim().replace(',', '.'));
    const isRight = typed.trim() !== '' && value >= low && value <= high;
    setWrong(!isRight);
    if (isRight) onAnswer(value);
  };
  return (
    <form onSubmit={answer} noValidate>
      <Field
        label={say(`trouble.ask.${fact}`)}
        error={isWrong ? say('trouble.wrongFigure', { low, high }) : undefined}
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
