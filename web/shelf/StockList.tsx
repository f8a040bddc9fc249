import { say } from '@idle-kettle/words';
import type { FruitStock, Shelf } from '@idle-kettle/contract/season';
import { convert, formatVolume } from '@idle-kettle/core';
import { format } from 'date-fns';
import { FruitDrawing } from '../drawings/FruitDrawing.tsx';
import { shapeOfFruit } from '../drawings/shapeOfFruit.ts';

type Props = {
  readonly stock: readonly FruitStock[];
  readonly toBuy: Shelf['toBuy'];
  readonly nowMs: number;
  readonly units: 'metric' | 'us';
};

/** How long what there is of each fruit lasts, and what to make of it when it is ripe. */
export const StockList = ({ stock, toBuy, nowMs, units }: Props) => (
  <section aria-label={say('shelf.lasts')}>
    <h2 className="text-xl font-bold text-primary">{say('shelf.lasts')}</h2>
    <p className="text-sm opacity-80">{say('shelf.lastsHow')}</p>
    <ul>
      {stock.map((one) => (
        <li
          key={one.fruit}
          className="flex gap-3 border-b border-base-300 py-2"
          data-fruit={one.fruit}
        >
          <span className="w-9 shrink-0">
            <FruitDrawing shape={shapeOfFruit(one.fruit)} colour={one.colour} />
          </span>
          <div>
            <p>
              <b className="text-lg">{one.name}</b>{' '}
              <span className="opacity-80">
                {say('shelf.jarsHeld', {
                  count: one.jars,
                  volume: formatVolume(one.holdsMl, units),
                })}
              </span>
            </p>
            <p className="font-bold">{untilInWords(one)}</p>
            <p className="text-sm opacity-80">{rateInWords(one)}</p>
            <p className="text-sm">{toMakeInWords(one, nowMs)}</p>
          </div>
        </li>
      ))}
    </ul>
    {toBuy.halfPints.high > 0 && (
      <p className="mt-2" data-testid="to-buy">
        {toBuyInWords(toBuy)}
      </p>
    )}
  </section>
);

const month = (ms: number): string => format(ms, 'MMM yyyy');

/** `Until about May 2027 (Mar–Aug)`. */
function untilInWords({ until, jars, uses }: FruitStock): string {
  if (jars === 0) return say('shelf.noneLeft');
  if (uses === 0) return say('shelf.noUseYet');
  if (until.p50 === null) return say('shelf.lastsYears');
  return say('shelf.until', {
    month: month(until.p50),
    from: until.p10 === null ? '' : month(until.p10),
    to: until.p90 === null ? say('shelf.years') : month(until.p90),
  });
}

function rateInWords({ perMonth, uses, givenAYear }: FruitStock): string {
  const parts = [
    uses === 0
      ? ''
      : say('shelf.rate', { low: perMonth.p10.toFixed(1), high: perMonth.p90.toFixed(1) }),
    givenAYear >= 1 ? say('shelf.given', { count: Math.round(givenAYear) }) : '',
  ];
  return parts.filter((part) => part !== '').join(' ');
}

/** `12–16 half-pints for the next year: 3–4 kg, ripe in September`. */
function toMakeInWords({ halfPints, fruitG, ripeMs, uses }: FruitStock, nowMs: number): string {
  if (uses === 0 || halfPints.p90 < 1) return '';
  const low = Math.max(0, halfPints.p10);
  return [
    say('shelf.make', { low, high: halfPints.p90 }),
    fruitG === null ? '' : ofFruit(fruitG),
    ripeMs === null
      ? ''
      : ripeMs <= nowMs
        ? say('shelf.ripeNow')
        : say('shelf.ripeIn', { month: format(ripeMs, 'MMMM') }),
  ]
    .filter((part) => part !== '')
    .join(' ');
}

/** `All of it is 60–90 half-pints. Buy 12–42 jars. Your new lids are enough.` */
function toBuyInWords({ halfPints, jars, lids }: Shelf['toBuy']): string {
  const all = say('shelf.allOfIt', halfPints);
  if (jars === null && lids === null) return `${all} ${say('shelf.countJars')}`;
  const parts = [
    jars === null ? '' : jars.high === 0 ? say('shelf.jarsEnough') : say('shelf.buyJars', jars),
    lids === null ? '' : lids.high === 0 ? say('shelf.lidsEnough') : say('shelf.buyLids', lids),
  ];
  return [all, ...parts].filter((part) => part !== '').join(' ');
}

/** About how much fruit, to the half kilogram or the pound. */
function ofFruit({ p10, p90 }: NonNullable<FruitStock['fruitG']>): string {
  const halves = (grams: number) => (Math.round(grams / 500) / 2).toString();
  const pounds = (grams: number) => Math.round(convert(grams, 'g', 'lb'));
  return say('shelf.ofFruit', {
    kgLow: halves(p10),
    kgHigh: halves(p90),
    lbLow: pounds(p10),
    lbHigh: pounds(p90),
  });
}
