import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { convert } from '@idle-kettle/core';
import type { CrewLine, CrewPot, Fuel, LineRole } from '@idle-kettle/core/schedule';
import { format } from 'date-fns';
import { fruitColour } from '../ui/fruit.ts';

type Props = {
  readonly answer: DayAnswer;
  readonly crew: CrewLine;
  readonly units: 'metric' | 'us';
};

/** What a crew does at its pots: who stirs when, who stands where as jars are filled, fuel. */
export function CrewLines({ answer, crew, units }: Props) {
  return (
    <section aria-labelledby="crew-title" className="flex flex-col gap-3">
      <h2 id="crew-title" className="text-xl font-bold text-primary">
        {say('days.crew')}
      </h2>
      {crew.pots.map((pot) => (
        <Pot key={pot.of} answer={answer} pot={pot} units={units} />
      ))}
    </section>
  );
}

type PotProps = {
  readonly answer: DayAnswer;
  readonly pot: CrewPot;
  readonly units: 'metric' | 'us';
};

function Pot({ answer: { batches, sheet }, pot, units }: PotProps) {
  const batch = batches[pot.of];
  const nameOf = (person: number) => sheet.people[person]?.name ?? '';
  const first = pot.shifts[0]?.startMs ?? 0;
  const last = pot.shifts.at(-1)?.endMs ?? 1;
  return (
    <article
      data-crew={batch?.name}
      className="border-l-4 pl-3"
      style={{ borderColor: batch?.colour ?? fruitColour(null) }}
    >
      <h3 className="text-lg font-bold">{batch?.name}</h3>
      {pot.shifts.length > 0 && (
        <>
          <p className="text-sm opacity-80">{say('days.atThePaddle')}</p>
          <ol className="flex h-12 w-full gap-px" aria-label={say('days.atThePaddle')}>
            {pot.shifts.map(({ person, startMs, endMs }) => (
              <li
                key={startMs}
                className="overflow-hidden rounded bg-secondary/20 px-1 text-xs leading-tight"
                style={{ width: `${(100 * (endMs - startMs)) / (last - first)}%` }}
              >
                <b>{nameOf(person)}</b>{' '}
                <span className="tabular-nums">{format(startMs, 'HH:mm')}</span>
              </li>
            ))}
          </ol>
        </>
      )}
      <p className="mt-1">
        <b>{say('days.line')}</b>{' '}
        {pot.line
          .map(({ person, roles }) =>
            say('days.doesRole', { name: nameOf(person), role: rolesInWords(roles) }),
          )
          .join(' · ')}
      </p>
      <p>
        {say('days.jarsForCrew', {
          count: pot.jars,
          minutes: Math.ceil((pot.jars * pot.secondsPerJar) / 60),
        })}
      </p>
      {pot.fuel !== null && <p>{fuelInWords(pot.fuel, units)}</p>}
    </article>
  );
}

const rolesInWords = (roles: readonly LineRole[]): string =>
  roles.map((role) => say(`days.role.${role}`)).join(', ');

function fuelInWords({ gasKg, woodKg }: Fuel, units: 'metric' | 'us'): string {
  const of = (kg: number) =>
    units === 'us'
      ? say('days.pounds', { amount: Math.max(1, Math.ceil(convert(kg, 'kg', 'lb'))) })
      : say('days.kilograms', { amount: (Math.ceil(10 * kg) / 10).toString() });
  return say('days.fuel', { gas: of(gasKg), wood: of(woodKg) });
}
