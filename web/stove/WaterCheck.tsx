import { say } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
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

/**
 * Two minutes with boiling water before the cook: the thermometer, the height and the weather in
 * one reading.
 */
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
    <section
      aria-label={say('stove.boilingWater')}
      className="rounded-box border-2 border-base-300 p-4"
    >
      <h2 className="text-2xl font-bold">{say('stove.firstBoilSomeWater')}</h2>
      {checked ? (
        <>
          <p className="text-lg">
            <Say
              id="stove.waterBoilsHereAtOn"
              values={{
                part: <b data-testid="water-boils">{formatTemperature(waterBoilsC, scale)}</b>,
              }}
            />
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {keeping && (
              <>
                <button
                  type="button"
                  className="btn min-h-12"
                  onClick={() => keeping.keep(waterBoilsC)}
                >
                  {say('stove.saveItForThisKitchen')}
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
              {say('stove.checkAgain')}
            </button>
          </div>
        </>
      ) : since === null ? (
        <>
          <p className="text-lg">{say('stove.thermometersAreOftenOffAnd')}</p>
          <button
            type="button"
            className="btn btn-secondary mt-2 min-h-14 text-lg"
            onClick={() => void note('in-water')}
          >
            {say('stove.theProbeIsInBoiling')}
          </button>
        </>
      ) : (
        <>
          <ol className="list-outside list-decimal pl-7 text-lg">
            <li>{say('stove.theWaterIsRollingAnd')}</li>
            <li>{say('stove.waitUntilTheReadingStops')}</li>
            <li>{say('stove.useItOrTypeWhat')}</li>
          </ol>
          <p className="mt-2 text-4xl font-bold tabular-nums">
            {reading === null
              ? say('stove.noReadingYet')
              : formatTemperature(reading.shownC, scale)}
          </p>
          {reading !== null && (
            <button
              type="button"
              data-due={reading.steady}
              className={`btn mt-2 min-h-14 text-lg ${reading.steady ? 'btn-secondary' : ''}`}
              disabled={!reading.steady || !boils(reading.shownC)}
              onClick={() => void note('water-boils', Number(reading.shownC.toFixed(2)))}
            >
              {reading.steady ? say('stove.itsSteadyUseIt') : say('stove.notSteadyYet')}
            </button>
          )}
          <OneNumber
            label={say('stove.orWhatTheThermometerShows')}
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
              {say('stove.isntBoilingWaterHereIt', {
                temperature: formatTemperature(odd, scale),
                temperature2: formatTemperature(waterBoilsC, scale),
              })}
            </p>
          )}
        </>
      )}
    </section>
  );
}
