import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import type { TroubledCook } from '@idle-kettle/contract/trouble';
import { SYMPTOMS, type Fact, type Facts, type Symptom } from '@idle-kettle/core/troubleshooting';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { useTroubledCook } from '../api/book.ts';
import { useKitchen } from '../api/kitchen.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useAsked } from '../ui/useAsked.ts';
import { planner } from '../workers/planner.ts';
import { Answer, Discard } from './Answer.tsx';
import { NextVersion } from './NextVersion.tsx';
import { Question, shownFigure } from './Question.tsx';
import { RemakePanel } from './RemakePanel.tsx';
import { SymptomDrawing } from './SymptomDrawing.tsx';

/** What went wrong with a batch: the record first, then one question after another. */
export function TroubleScreen() {
  const [asked, ask] = useAsked();
  const cookId = asked.get('cook');
  const cook = useTroubledCook(cookId);
  const kitchen = useKitchen();
  const failure = failureOf(cookId === null ? [kitchen] : [cook, kitchen]);
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || (cookId !== null && !cook.data))
    return <Loading what={say('trouble.trouble')} />;
  const symptom = SYMPTOMS.find((one) => one === asked.get('symptom')) ?? null;
  return (
    <>
      <PageHeading className="text-3xl font-bold text-primary">
        {say('trouble.trouble')}
      </PageHeading>
      <p className="max-w-prose">{say('trouble.intro')}</p>
      <p className="mb-3">
        {cook.data ? (
          <Link className="link" to={`/book/${cook.data.id}`}>
            {say('trouble.ofCook', { name: cook.data.name })}
          </Link>
        ) : (
          <Link className="link" to="/book">
            {say('trouble.noRecord')}
          </Link>
        )}
      </p>
      {symptom === null ? (
        <Symptoms onSee={(of) => ask({ symptom: of })} />
      ) : (
        <Seen symptom={symptom} onElse={() => ask({ symptom: '' })} />
      )}
      {symptom !== null && (
        <ErrorBoundary what={say('trouble.trouble')} on={symptom}>
          <Finder
            key={`${symptom} ${cookId}`}
            symptom={symptom}
            cook={cook.data ?? null}
            kitchen={kitchen.data}
          />
        </ErrorBoundary>
      )}
    </>
  );
}

/** Jars are drawn in the colour that the app has for heat; what is seen is not of one fruit. */
const DRAWN = { '--fruit': 'var(--color-secondary)' } as React.CSSProperties;

const Symptoms = ({ onSee }: { readonly onSee: (symptom: Symptom) => void }) => (
  <fieldset style={DRAWN}>
    <legend className="mb-1 font-bold">{say('trouble.symptoms')}</legend>
    <div className="grid grid-cols-3 gap-2 sm:grid-cols-4 lg:grid-cols-6">
      {SYMPTOMS.map((one) => (
        <button
          key={one}
          type="button"
          onClick={() => onSee(one)}
          className="flex flex-col items-center rounded-box border-2 border-base-300 p-2 text-center"
        >
          <SymptomDrawing symptom={one} />
          {say(`trouble.symptom.${one}`)}
        </button>
      ))}
    </div>
  </fieldset>
);

const Seen = ({ symptom, onElse }: { readonly symptom: Symptom; readonly onElse: () => void }) => (
  <div className="mb-4 flex items-center gap-3" style={DRAWN}>
    <SymptomDrawing symptom={symptom} />
    <p className="text-xl font-bold">{say(`trouble.symptom.${symptom}`)}</p>
    <button type="button" className="btn btn-sm" onClick={onElse}>
      {say('trouble.somethingElse')}
    </button>
  </div>
);

type FinderProps = {
  readonly symptom: Symptom;
  readonly cook: TroubledCook | null;
  readonly kitchen: Kitchen;
};

/** The causes as they are known so far, and what would tell more. */
function Finder({ symptom, cook, kitchen }: FinderProps) {
  const mayCook = useMay()('cook');
  const [said, setSaid] = useState<Facts>({});
  const [unknown, setUnknown] = useState<ReadonlySet<Fact>>(new Set());
  const facts: Facts = { ...cook?.facts, ...said };
  const formula = cook?.formula ?? null;
  const { data: outcome, error } = useQuery({
    queryKey: ['trouble', symptom, formula, facts, kitchen.version],
    queryFn: () => planner.ask((of) => of.trouble(symptom, formula, kitchen, facts)),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
  });
  if (error) throw error;
  if (outcome === undefined) return <p role="status">{say('trouble.working')}</p>;
  // A formula that can’t be planned any more tells nothing.
  if (!outcome.ok) return <p role="alert">{say('trouble.noRemake')}</p>;
  const { trouble } = outcome;
  const next = trouble.ask.find((fact) => !unknown.has(fact));
  const takeBack = (fact: Fact) =>
    setSaid(Object.fromEntries(Object.entries(said).filter(([name]) => name !== fact)));
  const problem = symptom === 'loose' || symptom === 'stiff' ? symptom : null;
  return (
    <>
      <Discard why={trouble.why} />
      <div className="grid items-start gap-5 lg:grid-cols-2">
        <div className="flex flex-col gap-4 lg:col-start-1">
          {next !== undefined && (
            <Question
              fact={next}
              kitchen={kitchen}
              onAnswer={(value) => setSaid({ ...said, [next]: value })}
              onUnknown={() => setUnknown(new Set([...unknown, next]))}
            />
          )}
          <Said said={said} kitchen={kitchen} onTakeBack={takeBack} />
        </div>
        <div className="flex flex-col gap-4 lg:col-start-2 lg:row-span-2 lg:row-start-1">
          <Answer trouble={trouble} />
          {mayCook &&
            cook !== null &&
            cook.formula.settings.remake == null &&
            trouble.causes[0] !== undefined && (
              <NextVersion
                key={trouble.causes[0].code}
                name={cook.name}
                formula={cook.formula}
                kitchen={kitchen}
                cause={trouble.causes[0]}
              />
            )}
        </div>
        {problem !== null && formula !== null && trouble.now.includes('remake') && (
          <div className="lg:col-start-1">
            <RemakePanel
              cook={mayCook ? cook : null}
              problem={problem}
              formula={formula}
              kitchen={kitchen}
              facts={facts}
              volumeMl={cook?.volumeMl ?? null}
            />
          </div>
        )}
      </div>
    </>
  );
}

const Said = ({
  said,
  kitchen,
  onTakeBack,
}: {
  readonly said: Facts;
  readonly kitchen: Kitchen;
  readonly onTakeBack: (fact: Fact) => void;
}) => {
  const told = Object.entries(said) as [Fact, number | boolean][];
  if (told.length === 0) return null;
  return (
    <section aria-label={say('trouble.said')}>
      <h2 className="font-bold">{say('trouble.said')}</h2>
      <ul>
        {told.map(([fact, value]) => (
          <li key={fact} className="flex items-center gap-2">
            <span>
              {say(`trouble.ask.${fact}`)}{' '}
              <b>
                {typeof value === 'boolean'
                  ? say(value ? 'trouble.yes' : 'trouble.no')
                  : shownFigure(fact, value, kitchen)}
              </b>
            </span>
            <button
              type="button"
              className="btn btn-ghost btn-xs"
              aria-label={say('trouble.takeBack', { what: say(`trouble.ask.${fact}`) })}
              onClick={() => onTakeBack(fact)}
            >
              <Undo2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
};
