import { say, textOf } from '@idle-kettle/words';
import type { Plan, PlanAct } from '@idle-kettle/core';
import { cooksForHours, eitherTemperature } from '@idle-kettle/core';
import { actInWords, PHASE_IN_WORDS } from './acts.ts';
import type { Telling, ToldAct } from './toldAct.ts';

/** An act of a run sheet. */
export type RunSheetLine = {
  readonly key: string;
  readonly title: string;
  readonly detail: string;
  /** `at the stove, 24–31 min`. */
  readonly aside: string;
};

/** What the words of a plan's acts go by: the stop by the reader’s thermometer. */
export function tellingOf({ product, method, stop, process, canner, acts }: Plan): Telling {
  const tempC = stop.tempC ?? stop.ruleTempC;
  return {
    product,
    method,
    process,
    ...(canner === undefined ? {} : { canner }),
    forHours: cooksForHours({ acts }),
    stop: textOf(eitherTemperature(tempC)),
  };
}

/** An act of a plan, as its words go by it. */
const toldAct = (act: PlanAct): ToldAct => ({
  ...act,
  minutes: act.by === 'clock' ? (act.minutes?.p50 ?? null) : null,
});

/** The run sheet of a plan: its chain, act by act. */
export function runSheetOf(plan: Plan): readonly RunSheetLine[] {
  const telling = tellingOf(plan);
  return plan.acts.map((act, index) => {
    const { title, detail } = actInWords(toldAct(act), telling);
    return {
      key: `${index}-${act.id}`,
      title,
      detail,
      aside: [
        say(PHASE_IN_WORDS[act.phase]),
        lasting(act),
        act.hands === 'none' ? say('acts.noOneNeeded') : null,
      ]
        .filter((part) => part !== null)
        .join(', '),
    };
  });
}

const HOURS_FROM_MIN = 120;

function lasting({ minutes }: PlanAct): string | null {
  if (minutes === null) return null;
  const [unit, per] = minutes.p50 >= HOURS_FROM_MIN ? ['h', 60] : ['min', 1];
  const said = (of: number) =>
    per === 60 ? String(Math.round((10 * of) / per) / 10) : String(of < 1 ? of : Math.round(of));
  const [low, high] = [said(minutes.p10), said(minutes.p90)];
  return low === high ? `${said(minutes.p50)} ${unit}` : `${low}–${high} ${unit}`;
}

/** A line of a run sheet in one sentence or two, for files and paper. */
export const lineInText = ({ title, detail }: Pick<RunSheetLine, 'title' | 'detail'>): string =>
  `${title}. ${detail}`;

/** An act of a plan in one sentence or two, as a chore. */
export const actInText = (act: PlanAct, plan: Plan): string =>
  lineInText(actInWords(toldAct(act), tellingOf(plan)));
