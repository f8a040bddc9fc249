import { say, textOf } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { Batch, Kitchen } from '@idle-kettle/contract';
import { METHODS, prepareOf, type Plan } from '@idle-kettle/core';
import { CookingPot, FileText, Printer } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { isFinal, sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Caution } from '../ui/Caution.tsx';
import { fileNameOf } from '../ui/download.ts';
import { fruitColourOf } from '../ui/fruit.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { SaveFileButton } from '../ui/SaveFileButton.tsx';
import { massInWords } from '../words/mass.ts';
import { actInText, runSheetOf } from '../words/runSheet.ts';
import { jarsInWords, minutesInWords } from '../ui/words.ts';
import { loadsInWords } from '../words/loads.ts';
import { usePlan } from '../balance/usePlan.ts';
import { TICKS, useSaver } from '../balance/useSaver.ts';
import { PageHeading } from '../ui/PageHeading.tsx';
import { held } from './cupboard.ts';
import { Shopping } from './Shopping.tsx';

/** Everything to do before the heat: `/batches/:id/prepare`. */
export function PrepareScreen() {
  const { id = '' } = useParams();
  const kitchen = useKitchen();
  const batch = useBatch(id);
  const failure = failureOf([kitchen, batch]);
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || !batch.data) return <Loading what={say('prepare.theBatch')} />;
  return <Prepare key={id} batch={batch.data} kitchen={kitchen.data} />;
}

function Prepare({ batch, kitchen }: { batch: Batch; kitchen: Kitchen }) {
  const { plan } = usePlan(batch, kitchen);
  const { saver, ticked, error } = useSaver(batch, null, TICKS);

  if (plan === null || !plan.finish) {
    return (
      <p className="text-lg">
        <Say
          id="prepare.thereIsNothingToPrepare"
          values={{
            part: (
              <Link className="link" to={`/batches/${batch.id}`}>
                {say('prepare.addIngredientsFirst')}
              </Link>
            ),
          }}
        />
      </p>
    );
  }
  const preparation = prepareOf(plan, held(kitchen.stock), kitchen.jars);
  const amount = (massG: number) => massInWords(massG, kitchen.units);
  const box = (id: string, text: React.ReactNode) => (
    <li key={id} className="py-1">
      <label className="flex cursor-pointer items-start gap-3">
        <input
          type="checkbox"
          className="checkbox mt-0.5"
          checked={ticked.includes(id)}
          onChange={({ target }) => saver.tick(id, target.checked)}
        />
        <span className={ticked.includes(id) ? 'line-through opacity-60' : ''}>{text}</span>
      </label>
    </li>
  );
  return (
    <div
      className="flex flex-col gap-5"
      style={{ '--fruit': fruitColourOf(plan) } as React.CSSProperties}
    >
      <header className="flex flex-wrap items-end gap-4">
        <div>
          <p className="print:hidden">
            <Link className="link" to={`/batches/${batch.id}`}>
              {say('prepare.backToBalance')}
            </Link>
          </p>
          <PageHeading className="text-3xl font-bold text-primary">
            {say('prepare.prepare', { name: batch.name })}
          </PageHeading>
          <p className="text-lg">{inShort(plan, kitchen)}</p>
        </div>
        <div className="ml-auto flex gap-2 print:hidden">
          <button type="button" className="btn" onClick={() => window.print()}>
            <Printer aria-hidden className="size-5" /> {say('prepare.print')}
          </button>
          <SaveFileButton
            className="btn"
            make={() =>
              import('./runSheetPdf.ts').then(({ downloadRunSheet }) =>
                downloadRunSheet(
                  `${fileNameOf(batch.name)}.pdf`,
                  batch.name,
                  plan,
                  preparation,
                  kitchen.units,
                ),
              )
            }
          >
            <FileText aria-hidden className="size-5" /> {say('prepare.pdf')}
          </SaveFileButton>
          <Link className="btn btn-primary" to={`/batches/${batch.id}/stove`}>
            <CookingPot aria-hidden className="size-5" /> {say('prepare.goToTheStove')}
          </Link>
        </div>
      </header>
      {error && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          {isFinal(error)
            ? say('prepare.theTicksWereNotSaved', { sayError: sayError(error) })
            : say('prepare.theTicksAreKeptIn', { sayError: sayError(error) })}
        </p>
      )}
      <div className="grid items-start gap-5 md:grid-cols-[20rem_minmax(0,1fr)] lg:grid-cols-[24rem_minmax(0,1fr)]">
        <div className="flex flex-col gap-5">
          <ErrorBoundary what={say('prepare.theShoppingList')} on={plan}>
            <section
              aria-label={say('prepare.ingredients')}
              className="rounded-box bg-base-100 p-4"
            >
              <h2 className="text-lg font-bold text-primary">{say('prepare.ingredients')}</h2>
              <p className="text-sm opacity-80 print:hidden">
                {say('prepare.tickWhatYouHaveReady')}
              </p>
              <Shopping
                kitchen={kitchen}
                shopping={preparation.shopping}
                inWords={amount}
                box={box}
              />
            </section>
          </ErrorBoundary>
          <ErrorBoundary what={say('prepare.thePreparation')} on={plan}>
            <div className="flex flex-col gap-5">
              {preparation.overnight.length > 0 && (
                <Part title={say('prepare.theDayBefore')}>
                  {preparation.overnight.map((act, index) =>
                    box(`overnight-${index}`, actInText(act, plan)),
                  )}
                </Part>
              )}
              {preparation.prep.length > 0 && (
                <Part title={say('prepare.preparation')}>
                  {preparation.prep.map(({ id, name, boughtG, preparedG, wasteG, form }) =>
                    box(
                      id,
                      <>
                        <Say
                          id="prepare.asBoughtGivesIsWaste"
                          values={{
                            part: <b>{name}</b>,
                            form,
                            amount: amount(boughtG),
                            amount2: amount(preparedG),
                            grams: amount(wasteG),
                          }}
                        />
                      </>,
                    ),
                  )}
                </Part>
              )}
              <Part title={say('prepare.beforeYouStart')}>
                {preparation.first.map((act, index) => box(`first-${index}`, actInText(act, plan)))}
                {preparation.ready.map(({ id, text }) => box(id, textOf(text)))}
              </Part>
              {preparation.later.length > 0 && (
                <Part title={say('prepare.nearTheEnd')}>
                  {preparation.later.map(({ id, text }) => box(id, textOf(text)))}
                </Part>
              )}
            </div>
          </ErrorBoundary>
        </div>
        <ErrorBoundary what={say('prepare.theRunSheet')} on={plan}>
          <RunSheet plan={plan} />
        </ErrorBoundary>
      </div>
    </div>
  );
}

type PartProps = {
  readonly title: string;
  readonly children: React.ReactNode;
};

const Part = ({ title, children }: PartProps) => (
  <section aria-label={title} className="rounded-box bg-base-100 p-4">
    <h2 className="text-lg font-bold text-primary">{title}</h2>
    <ul className="mt-1">{children}</ul>
  </section>
);

const RunSheet = ({ plan }: { plan: Plan }) => (
  <section aria-label={say('prepare.runSheet')} className="jar-label p-4 pr-6">
    <h2 className="text-lg font-bold text-primary">{say('prepare.runSheet')}</h2>
    <p className="text-sm opacity-80">
      {plan.remake === undefined ? textOf(METHODS[plan.method].rule) : say('prepare.remakeRule')}
    </p>
    <ol className="mt-2 list-decimal gap-x-12 pl-7 lg:columns-2 print:columns-1">
      {runSheetOf(plan).map(({ key, title, detail, aside }) => (
        <li key={key} className="mb-2 break-inside-avoid">
          <b>{title}</b>. {detail}
          <span className="block text-sm opacity-80">{aside}</span>
        </li>
      ))}
    </ol>
    <h3 className="mt-3 font-bold text-primary">{say('prepare.warnings')}</h3>
    <ul className="mt-1 gap-x-8 lg:columns-2 print:columns-1 [&>li]:mb-1.5 [&>li]:break-inside-avoid">
      {plan.cautions.map((caution) => (
        <Caution key={`${caution.code}${textOf(caution.text)}`} of={caution} />
      ))}
    </ul>
    <p className="mt-3 text-sm">{say('prepare.timesAndVerdictsAreA')}</p>
  </section>
);

function inShort(plan: Plan, kitchen: Kitchen): string {
  const parts = [
    jarsInWords(plan),
    plan.minutes ? say('prepare.onTheStove', { minutes: minutesInWords(plan.minutes) }) : null,
    plan.process.method === 'none'
      ? say('prepare.forTheFridge')
      : say('prepare.inTheCanner', { part: loadsInWords(plan, kitchen) }),
  ];
  return parts.filter((part) => part !== null).join(' · ');
}
