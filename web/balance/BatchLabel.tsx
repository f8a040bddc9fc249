import type { Kitchen } from '@idle-kettle/contract';
import { formatMass, formatTemperature, formatVolume, type Plan } from '@idle-kettle/core';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { SetFigure } from './SetFigure.tsx';
import { Figure, Note } from './Figure.tsx';
import { RangeBar } from '../ui/RangeBar.tsx';
import { Where } from '../ui/Where.tsx';
import { jarsInWords, processInWords, shelfInWords } from '../ui/words.ts';

type Props = {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly fruit: string;
  /** The batch’s name, as a heading or as a field to write it in. */
  readonly title: React.ReactNode;
  /** The lines cannot be planned just now; what is shown is from before. */
  readonly stale: boolean;
  /** Adds a line that a remedy asks for. */
  readonly onAddLine: (line: string) => void;
};

/** The verdicts, in the shape of the label that this batch will wear. It fills in while you type. */
export function BatchLabel({ plan, kitchen, fruit, title, stale, onAddLine }: Props) {
  const { stop, finish, yield: jars, shelf, process, why } = plan;
  const scale = kitchen.temperature;
  const other = scale === 'C' ? 'F' : 'C';
  const stopC = stop.tempC ?? stop.ruleTempC;
  return (
    <section
      aria-label="What this batch will be"
      aria-live="polite"
      style={{ '--fruit': fruit } as React.CSSProperties}
      className={`jar-label flex flex-col gap-3 py-5 pr-6 pl-5 ${stale ? 'opacity-50' : ''}`}
    >
      {title}

      <Figure
        name="Stop"
        value={formatTemperature(stopC, scale)}
        aside={formatTemperature(stopC, other)}
        testId="stop"
      >
        <TemperatureStrip stop={stop} scale={scale} />
        <Note>
          <p>
            The rule, boiling water + 8 °F:{' '}
            <b data-testid="rule-stop">{formatTemperature(stop.ruleTempC, scale)}</b>
          </p>
          <Where about="Stop">{why.stop}</Where>
        </Note>
      </Figure>

      {plan.minutes && (
        <Figure
          name="On the stove"
          value={`${Math.round(plan.minutes.p10)}–${Math.round(plan.minutes.p90)} min`}
          testId="minutes"
        >
          <Note>
            <p>From cold to the stop, on a medium burner.</p>
            <Where about="On the stove">{why.minutes}</Where>
          </Note>
        </Figure>
      )}

      {plan.set && <SetFigure set={plan.set} why={why.set} onAddLine={onAddLine} />}

      {jars && (
        <Figure
          name="Jars"
          value={jarsInWords(plan) ?? ''}
          aside={partInWords(jars.partMl, kitchen)}
          testId="jars"
        >
          <RangeBar spread={jars.volumeMl} say={(volume) => formatVolume(volume, kitchen.units)} />
          <Note>
            <p>Heat {jars.jarsToHeat} jars, one to spare.</p>
            <Where about="Jars">{why.yield}</Where>
          </Note>
        </Figure>
      )}

      {plan.lines.length > 0 && (
        <>
          <Figure
            name="Shelf"
            value={shelfInWords(plan)}
            testId="shelf"
            tone={shelf.verdict === 'pantry' ? 'text-success' : 'text-error'}
          >
            <ul className="text-sm">
              {shelf.reasons.map((reason) => (
                <li key={reason} className="leading-snug">
                  {reason}
                </li>
              ))}
            </ul>
          </Figure>

          <Figure name="In the canner" value={processInWords(plan)} testId="process">
            {process.method !== 'none' && (
              <p className="text-sm">
                Leave {process.headspaceMm} mm (¼ in) of headspace. {process.notes.join(' ')}
              </p>
            )}
            <Where about="In the canner">{why.process}</Where>
          </Figure>
        </>
      )}

      {finish && (
        <Figure
          name="In 100 g"
          value={`${Math.round(finish.fruitPer100g)} g fruit · ${Math.round(finish.sugarsPer100g)} g sugars`}
          testId="per100g"
          small
        >
          <p className="text-sm">
            {formatMass(finish.massG.p50, kitchen.units)} in the pot at the stop,{' '}
            {Math.round(finish.solublesPct)} % soluble solids.
          </p>
          <Where about="In 100 g">{why.label}</Where>
        </Figure>
      )}
    </section>
  );
}

const partInWords = (partMl: number, kitchen: Kitchen): string =>
  partMl < 15 ? '' : `and ${formatVolume(partMl, kitchen.units)} for the fridge`;
