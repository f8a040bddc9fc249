import {
  canBeBoilingWater,
  formatTemperature,
  waterReading,
  type Entry,
  type Progress,
  type TemperatureScale,
} from '@idle-kettle/core';
import { useState } from 'react';
import { fromScale } from './scale.ts';
import { OneNumber } from './EventButtons.tsx';
import type { CookLog } from './useCookLog.ts';

type Props = {
  readonly entries: readonly Entry[];
  readonly nowMs: number;
  readonly progress: Progress;
  readonly scale: TemperatureScale;
  /** What the sheet goes by so far. */
  readonly waterBoilsC: number;
  readonly checked: boolean;
  readonly note: CookLog['note'];
  /** Keeps the reading for the whole kitchen; null where there is none to keep it for. */
  readonly keeping: WaterCheckSaving | null;
};

/** Keeping a reading for the kitchen, and what came of it so far. */
export type WaterCheckSaving = {
  readonly keep: (waterBoilsC: number) => void;
  readonly said: string;
};

/** Two minutes with boiling water before the cook: the thermometer, the height and the weather in one reading. */
export function WaterCheck(props: Props) {
  const { entries, nowMs, progress, scale, waterBoilsC, checked, note, keeping } = props;
  const dipped = entries.findLast(({ kind }) => kind === 'in-water' || kind === 'water-boils');
  const since = dipped?.kind === 'in-water' ? dipped.at : null;
  const reading = since === null ? null : waterReading(entries, since, nowMs);
  const [typed, setTyped] = useState<number | null>(null);
  const boils = (shownC: number) => canBeBoilingWater(shownC, waterBoilsC);
  const odd = typed ?? (reading?.steady === true ? reading.shownC : null);
  if (progress.litAtMs !== null) return null;
  return (
    <section aria-label="Boiling water" className="rounded-box border-2 border-base-300 p-4">
      <h2 className="text-2xl font-bold">First, boiling water</h2>
      {checked ? (
        <>
          <p className="text-lg">
            Water boils here at{' '}
            <b data-testid="water-boils">{formatTemperature(waterBoilsC, scale)}</b> on this
            thermometer. Every stop is counted from there.
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {keeping && (
              <>
                <button
                  type="button"
                  className="btn min-h-12"
                  onClick={() => keeping.keep(waterBoilsC)}
                >
                  Keep it for this kitchen
                </button>
                <p role="status" className="self-center">
                  {keeping.said}
                </p>
              </>
            )}
            <button
              type="button"
              className="btn btn-ghost min-h-12"
              onClick={() => void note('in-water')}
            >
              Check again
            </button>
          </div>
        </>
      ) : since === null ? (
        <>
          <p className="text-lg">
            Thermometers lie, and kitchens lie high. Boil a pan of plain water, hold the probe in it
            clear of the base, and two minutes later every figure here is right for this
            thermometer.
          </p>
          <button
            type="button"
            className="btn btn-secondary mt-2 min-h-14 text-lg"
            onClick={() => void note('in-water')}
          >
            It is in boiling water
          </button>
        </>
      ) : (
        <>
          <ol className="list-inside list-decimal text-lg">
            <li>The water rolls, and the probe does not touch the base.</li>
            <li>Wait until the reading stands still.</li>
            <li>Take it, or type what a dial shows.</li>
          </ol>
          <p className="mt-2 text-4xl font-bold tabular-nums" role="status">
            {reading === null ? 'No reading yet' : formatTemperature(reading.shownC, scale)}
          </p>
          {reading !== null && (
            <button
              type="button"
              data-due={reading.steady}
              className={`btn mt-2 min-h-14 text-lg ${reading.steady ? 'btn-secondary' : ''}`}
              disabled={!reading.steady || !boils(reading.shownC)}
              onClick={() => void note('water-boils', Number(reading.shownC.toFixed(2)))}
            >
              {reading.steady ? 'It stands still: take it' : 'Not still yet'}
            </button>
          )}
          <OneNumber
            label="Or what the thermometer shows"
            unit={`°${scale}`}
            min={scale === 'C' ? 85 : 185}
            max={scale === 'C' ? 105 : 221}
            onGive={(value) => {
              const shownC = fromScale(value, scale);
              setTyped(boils(shownC) ? null : shownC);
              if (boils(shownC)) void note('water-boils', shownC);
            }}
          />
          {odd !== null && !boils(odd) && (
            <p role="alert" className="mt-2 text-lg text-error">
              {formatTemperature(odd, scale)} is not boiling water: here it boils near{' '}
              {formatTemperature(waterBoilsC, scale)}. Is the probe in it, and does it roll?
            </p>
          )}
        </>
      )}
    </section>
  );
}
