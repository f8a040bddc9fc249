import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import type { Change } from '@idle-kettle/core/schedule';
import { format } from 'date-fns';
import { withChange } from './sheet.ts';
import type { Keep } from './useSheetChanges.ts';

type Props = {
  readonly answer: DayAnswer;
  readonly mayChange: boolean;
  readonly onChange: Keep;
};

/** What is short of a day that does not come out, and changes that would do, a press each. */
export function ShortOf({ answer, mayChange, onChange }: Props) {
  const { day, batches } = answer;
  const short = day?.infeasible ?? null;
  if (day === null || short === null) return null;
  const inWords = (change: Change): string => {
    switch (change.kind) {
      case 'one more':
        return say(`days.oneMore.${change.resource}`);
      case 'leave out':
        return say('days.leaveOut', { name: batches[change.of]?.name ?? '' });
      case 'finish later':
        return say('days.finishLater', { time: format(finish(day.finishMs), 'HH:mm') });
    }
  };
  return (
    <section aria-label={say('days.short')} className="border-l-4 border-error pl-3">
      <p className="text-lg font-bold">
        {say(`days.shortOf.${short.resource}`, { count: short.shortMin })}
      </p>
      {day.begun.length > 0 && <p>{say('days.keepCold')}</p>}
      {short.wouldDo.length > 0 ? (
        <>
          <p>{say('days.whatWouldDo')}</p>
          {mayChange && (
            <div className="mt-1 flex flex-wrap gap-2">
              {short.wouldDo.map((change) => (
                <button
                  key={inWords(change)}
                  type="button"
                  className="btn"
                  onClick={() =>
                    onChange(
                      (document) => withChange(document, change, day.finishMs),
                      inWords(change),
                    )
                  }
                >
                  {inWords(change)}
                </button>
              ))}
            </div>
          )}
        </>
      ) : (
        <p>{say('days.nothingWouldDo')}</p>
      )}
    </section>
  );
}

const FIVE_MS = 5 * 60_000;
const finish = (ms: number): number => Math.ceil(ms / FIVE_MS) * FIVE_MS;
