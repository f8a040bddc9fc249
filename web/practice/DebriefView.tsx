import type { CookSession } from '@idle-kettle/contract';
import { FAULTS, formatTemperature, type Debrief } from '@idle-kettle/core';
import { Link } from 'react-router';
import { SET_IN_WORDS } from '../balance/SetBar.tsx';
import { fruitColourOfLines } from '../ui/fruit.ts';

/** The jar you would have had, what told you, and what you missed. */
export function DebriefView({ session, debrief }: { session: CookSession; debrief: Debrief }) {
  const { temperature: scale } = session.kitchen;
  const fault = session.practice?.fault ?? 'none';
  return (
    <section
      aria-label="Debrief"
      style={{ '--fruit': fruitColourOfLines(session.formula) } as React.CSSProperties}
      className="jar-label mx-auto flex max-w-3xl flex-col gap-4 p-6"
    >
      <h1 className="text-2xl font-bold text-primary">
        {session.name}: the jar you would have had
      </h1>
      <p className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <span className="text-4xl font-bold" data-testid="debrief-set">
          {SET_IN_WORDS[debrief.set]}
        </span>
        <span className="text-xl">
          <b data-testid="debrief-solids">{debrief.solublesPct.toFixed(1)}</b> % solids, of{' '}
          {debrief.targetPct.toFixed(0)}
        </span>
        <span className="text-xl">{Math.round(debrief.minutes)} min</span>
        <span className="text-xl">
          <b data-testid="score">{debrief.score}</b> of 100 points
        </span>
      </p>
      <p className="text-lg">
        It left the heat at{' '}
        <b data-testid="debrief-temp">{formatTemperature(debrief.stoppedC, scale)}</b>, as a true
        thermometer shows it; the stop was at{' '}
        <b data-testid="debrief-stop">{formatTemperature(debrief.stopC, scale)}</b>.
      </p>
      <p className="border-l-4 border-secondary pl-3 text-lg">
        <b>{FAULTS[fault].name}.</b> {debrief.lesson}
      </p>
      <Points title="What told you" points={debrief.told} />
      <Points title="What you missed" points={debrief.missed} />
      <Link to="/stove" className="btn btn-primary self-start">
        Practise again
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
