import { readDayRequest } from '@idle-kettle/contract/day';
import { planDay, type Day, type DayAct } from '@idle-kettle/core/schedule';
import { answerRequests, sourceOf, type Answer, type Outcome } from './answer.ts';

/** A day as it is printed: its moments in ISO 8601. */
type PrintedDay = Omit<Day, 'acts' | 'finishMs'> & {
  readonly acts: readonly (Pick<DayAct, 'batch' | 'act' | 'hands' | 'holds'> & {
    readonly start: string;
    readonly end: string;
  })[];
  readonly finish: string;
};

const moment = (ms: number): string => new Date(ms).toISOString();

function dayOne(json: unknown): Outcome<PrintedDay> {
  const read = readDayRequest(json);
  if (!read.ok) return read;
  const outcome = planDay(read.request);
  if (!outcome.ok) return outcome;
  const { acts, finishMs, ...day } = outcome.day;
  return {
    ok: true,
    value: {
      acts: acts.map(({ batch, act, startMs, endMs, hands, holds }) => ({
        batch,
        act,
        start: moment(startMs),
        end: moment(endMs),
        hands,
        holds,
      })),
      finish: moment(finishMs),
      ...day,
    },
  };
}

/** When what is done on a day, from the text of a JSON request, or of an array of them. */
export const dayFromText = (source: string): Answer => answerRequests(source, dayOne);

/** `day [FILE]`: reads the file, or standard input when none is named. */
export const dayCommand = (file: string | undefined): Promise<Answer> =>
  sourceOf(file, dayFromText);
