import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { massInWords } from '../words/mass.ts';

type Props = { readonly answer: DayAnswer; readonly units: 'metric' | 'us' };

/** What all batches of a day take together, and jars to have ready. */
export function DayNeeds({ answer: { shopping, batches }, units }: Props) {
  const jars = batches.reduce((sum, batch) => sum + batch.jars, 0);
  if (shopping.length === 0) return null;
  return (
    <section aria-labelledby="needs-title">
      <h2 id="needs-title" className="text-xl font-bold text-primary">
        {say('days.needs')}
      </h2>
      <ul>
        {shopping.map(({ name, massG }) => (
          <li key={name} className="flex justify-between border-b border-base-300 py-1">
            <span>{name}</span>
            <span className="tabular-nums">{massInWords(massG, units)}</span>
          </li>
        ))}
        {jars > 0 && (
          <li className="flex justify-between border-b border-base-300 py-1">
            <span>{say('days.jarsAndLids')}</span>
            <span className="tabular-nums">{jars}</span>
          </li>
        )}
      </ul>
    </section>
  );
}
