import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { format } from 'date-fns';
import { thingName } from './sheet.ts';

/** Everything that hands do, in order: for paper, and for whoever does not see the lanes. */
export function WhatWhen({ answer: { day, sheet, crew } }: { readonly answer: DayAnswer }) {
  const acts = day?.acts.filter(({ hands }) => hands) ?? [];
  if (acts.length === 0) return null;
  return (
    <section aria-labelledby="when-title">
      <h2 id="when-title" className="text-xl font-bold text-primary">
        {say('days.whatWhen')}
      </h2>
      <table className="table table-sm">
        <thead className="text-base-content">
          <tr>
            <th scope="col">{say('days.time')}</th>
            <th scope="col">{say('days.what')}</th>
            {sheet.people.length > 1 && crew === null && <th scope="col">{say('days.who')}</th>}
            <th scope="col">{say('days.where')}</th>
          </tr>
        </thead>
        <tbody>
          {acts.map(({ of, batch, act, startMs, endMs, person, holds }, nth) => (
            <tr key={`${of} ${act} ${nth}`}>
              <td className="tabular-nums">
                {format(startMs, 'HH:mm')}–{format(endMs, 'HH:mm')}
              </td>
              <td>{say('days.actOf', { batch, act: say(`days.act.${act}`) })}</td>
              {sheet.people.length > 1 && crew === null && (
                <td>{person === null ? '' : sheet.people[person]?.name}</td>
              )}
              <td>{holds.map((thing) => thingName(sheet, thing)).join(', ')}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
