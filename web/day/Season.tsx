import { say } from '@idle-kettle/words';
import type { Batch, Kitchen } from '@idle-kettle/contract';
import type { FruitInHouse, FruitStock } from '@idle-kettle/contract/season';
import { addDays, format, isWeekend, startOfDay } from 'date-fns';
import { CalendarPlus } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useMakeDay } from '../api/days.ts';
import { request, sayError } from '../api/request.ts';
import { formulaOf } from '../balance/formula.ts';
import { FruitDrawing } from '../drawings/FruitDrawing.tsx';
import { shapeOfFruit } from '../drawings/shapeOfFruit.ts';
import { fruitColour, whatIsMade } from '../ui/fruit.ts';
import { planner } from '../workers/planner.ts';
import { newSheet } from './sheet.ts';
import { AHEAD_DAYS, wishesOf, type FruitWish } from './wishes.ts';

type Props = {
  readonly kitchen: Kitchen;
  readonly fruit: readonly FruitInHouse[];
  readonly stock: readonly FruitStock[];
  readonly nowMs: number;
  readonly me: string | null;
  readonly mayCook: boolean;
};

const DAY_MS = 86_400_000;
const WEEK_MS = 7 * DAY_MS;

/** What ripens and what waits, as bars over the next weeks; made into a day sheet with one press. */
export function Season({ kitchen, fruit, stock, nowMs, me, mayCook }: Props) {
  const wishes = wishesOf(fruit, stock, nowMs);
  // What is not there within the week is for another day.
  const [left, setLeft] = useState<ReadonlySet<string>>(
    () => new Set(wishes.filter(({ fromMs }) => fromMs > nowMs + WEEK_MS).map(({ id }) => id)),
  );
  const { make, isMaking, trouble } = useSheetOf(kitchen, me);
  const chosen = wishes.filter(({ id }) => !left.has(id));
  const first = startOfDay(nowMs);
  const days = Array.from({ length: AHEAD_DAYS }, (_, nth) => addDays(first, nth));
  const share = (ms: number) =>
    Math.max(0, Math.min(100, (100 * (ms - first.getTime())) / (AHEAD_DAYS * DAY_MS)));
  return (
    <section aria-labelledby="season-title">
      <h2 id="season-title" className="text-xl font-bold text-primary">
        {say('days.season')}
      </h2>
      {wishes.length === 0 ? (
        <p className="max-w-prose">{say('days.noSeason')}</p>
      ) : (
        <>
          <div aria-hidden className="relative mt-1 ml-44 h-5 text-xs max-sm:ml-32">
            {days
              .filter((day) => day.getDay() === 1)
              .map((day) => (
                <span
                  key={day.getTime()}
                  className="absolute -translate-x-1/2 whitespace-nowrap opacity-80"
                  style={{ left: `${share(day.getTime())}%` }}
                >
                  {format(day, 'd MMM')}
                </span>
              ))}
          </div>
          <ul>
            {wishes.map((wish) => (
              <li
                key={wish.id}
                data-wish={wish.name}
                className="flex items-center border-b border-base-300"
              >
                <label className="flex w-44 shrink-0 items-center gap-2 py-1 max-sm:w-32">
                  <input
                    type="checkbox"
                    className="checkbox checkbox-sm"
                    checked={!left.has(wish.id)}
                    onChange={({ target }) => {
                      const next = new Set(left);
                      if (target.checked) next.delete(wish.id);
                      else next.add(wish.id);
                      setLeft(next);
                    }}
                  />
                  <span className="w-9 shrink-0">
                    <FruitDrawing shape={shapeOfFruit(wish.fruit)} colour={wish.colour} />
                  </span>
                  <span className="leading-tight">{wish.name}</span>
                </label>
                <span className="relative h-8 grow">
                  {days
                    .filter((day) => isWeekend(day))
                    .map((day) => (
                      <span
                        key={day.getTime()}
                        className="absolute inset-y-0 bg-base-300/50"
                        style={{ left: `${share(day.getTime())}%`, width: `${100 / AHEAD_DAYS}%` }}
                      />
                    ))}
                  <span
                    className="absolute top-2 flex h-4 items-center rounded-full px-2 text-xs whitespace-nowrap"
                    style={{
                      left: `${share(wish.fromMs)}%`,
                      width: `${Math.max(2, share(wish.untilMs ?? Infinity) - share(wish.fromMs))}%`,
                      background: `color-mix(in srgb, ${wish.colour ?? fruitColour(null)} 40%, var(--color-base-100))`,
                    }}
                  >
                    {wish.untilMs === null
                      ? say('days.ripeFrom', { day: format(wish.fromMs, 'd MMM') })
                      : say('days.keepsTo', { day: format(wish.untilMs, 'd MMM') })}
                  </span>
                </span>
              </li>
            ))}
          </ul>
          {mayCook && (
            <button
              type="button"
              className="btn btn-primary mt-3"
              disabled={isMaking || chosen.length === 0}
              onClick={() => void make(chosen)}
            >
              <CalendarPlus aria-hidden className="size-5" />{' '}
              {say(isMaking ? 'days.workingItOut' : 'days.makeOfThese')}
            </button>
          )}
          {trouble !== null && (
            <p role="alert" className="mt-2 border-l-4 border-error pl-3 text-error">
              {trouble}
            </p>
          )}
        </>
      )}
    </section>
  );
}

/** Makes a batch of every wish, with the formula that its fruit needs, and a sheet of them all. */
function useSheetOf(kitchen: Kitchen, me: string | null) {
  const makeDay = useMakeDay();
  const goTo = useNavigate();
  const [isMaking, setMaking] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const make = async (wishes: readonly FruitWish[]) => {
    setMaking(true);
    setTrouble(null);
    try {
      const batches: { batchId: string; keepsUntil: string | null; notBefore: string | null }[] =
        [];
      for (const wish of wishes)
        for (const line of wish.lines) {
          const first = await planner.ask((of) =>
            of.workOut({ lines: [line], settings: {} }, kitchen),
          );
          const formula =
            first.outcome === 'found'
              ? formulaOf(first.request, {})
              : { lines: [line], settings: {} };
          const { id } = await request<Batch>('/batches', 'POST', {
            name: whatIsMade(formula),
            ...formula,
          });
          batches.push({
            batchId: id,
            keepsUntil: wish.untilMs === null ? null : new Date(wish.untilMs).toISOString(),
            notBefore: null,
          });
        }
      const ripe = Math.max(Date.now(), ...wishes.map(({ fromMs }) => fromMs));
      const sheet = await makeDay.mutateAsync(newSheet(kitchen, me, ripe, batches));
      await goTo(`/days/${sheet.id}`);
    } catch (error) {
      setTrouble(sayError(error instanceof Error ? error : new Error(String(error))));
    } finally {
      setMaking(false);
    }
  };
  return { make, isMaking, trouble };
}
