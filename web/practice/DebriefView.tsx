import { say, textOf } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { CookSession } from '@idle-kettle/contract';
import { FAULTS, formatTemperature, type Debrief } from '@idle-kettle/core';
import { Link } from 'react-router';
import { SET_IN_WORDS } from '../balance/SetBar.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { fruitColourOfLines } from '../ui/fruit.ts';

/** The jar you would have had, what told you, and what you missed. */
export function DebriefView({ session, debrief }: { session: CookSession; debrief: Debrief }) {
  const { temperature: scale } = session.kitchen;
  const fault = session.practice?.fault ?? 'none';
  return (
    <section
      aria-label={say('practice.debrief')}
      style={{ '--fruit': fruitColourOfLines(session.formula) } as React.CSSProperties}
      className="jar-label mx-auto flex max-w-3xl flex-col gap-4 p-6"
    >
      <PageHeading className="text-2xl font-bold text-primary">
        {say('practice.theJarYouWouldHave', { name: session.name })}
      </PageHeading>
      <p className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <span className="text-4xl font-bold" data-testid="debrief-set">
          {say(SET_IN_WORDS[debrief.set])}
        </span>
        <span className="text-xl">
          <Say
            id="practice.solidsTheTargetWas"
            values={{
              part: <b data-testid="debrief-solids">{debrief.solublesPct.toFixed(1)}</b>,
              value: debrief.targetPct.toFixed(0),
            }}
          />
        </span>
        <span className="text-xl">
          {say('practice.min', { round: Math.round(debrief.minutes) })}
        </span>
        <span className="text-xl">
          <Say
            id="practice.of100Points"
            values={{ part: <b data-testid="score">{debrief.score}</b> }}
          />
        </span>
      </p>
      <p className="text-lg">
        <Say
          id="practice.youTookItOffAt"
          values={{
            part: <b data-testid="debrief-temp">{formatTemperature(debrief.stoppedC, scale)}</b>,
            part2: <b data-testid="debrief-stop">{formatTemperature(debrief.stopC, scale)}</b>,
          }}
        />
      </p>
      <p className="border-l-4 border-secondary pl-3 text-lg">
        <b>{textOf(FAULTS[fault].name)}.</b> {textOf(debrief.lesson)}
      </p>
      <Points
        title={say('trouble.likely')}
        points={(debrief.causes ?? []).map(({ code, evidence, remedy }) =>
          say('trouble.inADebrief', {
            cause: say(`trouble.cause.${code}`),
            evidence: textOf(evidence),
            remedy: textOf(remedy),
          }),
        )}
      />
      <Points title={say('practice.whatToldYou')} points={debrief.told.map(textOf)} />
      <Points title={say('practice.whatYouMissed')} points={debrief.missed.map(textOf)} />
      <Link to="/stove" className="btn btn-primary self-start">
        {say('practice.practiceAgain')}
      </Link>
    </section>
  );
}

/** A list under its title; nothing where it is empty. */
const Points = ({ title, points }: { title: string; points: readonly string[] }) =>
  points.length > 0 && (
    <div>
      <h2 className="text-lg font-bold text-secondary">{title}</h2>
      <ul className="list-outside list-disc pl-5 text-lg">
        {points.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
    </div>
  );
