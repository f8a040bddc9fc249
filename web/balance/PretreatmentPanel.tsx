import { say, type PlainMessageId } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { Kitchen, SettingsDto } from '@idle-kettle/contract';
import {
  PRETREATMENT_FACTS,
  PRETREATMENT_KINDS,
  CLOTS,
  formatMass,
  formatVolume,
  PRODUCTS,
  readLine,
  type PretreatmentKind,
  type Clot,
  type Plan,
  type Product,
} from '@idle-kettle/core';
import { Droplets } from 'lucide-react';
import { memo, useMemo } from 'react';
import { ClotGlass } from '../drawings/ClotGlass.tsx';
import { Jug } from '../drawings/Jug.tsx';
import { LineNote } from './LineNote.tsx';
import { NumberField } from './NumberField.tsx';
import { VolumeField } from './VolumeField.tsx';

type KeptBefore = NonNullable<SettingsDto['before']>;

type Props = {
  readonly product: Product;
  readonly before: KeptBefore | null;
  /** What the plan says of it; absent until there is one. */
  readonly plan: Plan['before'];
  readonly kitchen: Kitchen;
  readonly fruit: string;
  /** Starts with what comes first, the whole fruit of the pot moved there. */
  readonly onStart: (kind: PretreatmentKind) => void;
  readonly onSet: (settings: SettingsDto, did: string, typing?: string) => void;
};

/** What is done before the pot: its lines, its water, what it should give, and what was measured of it. */
export const PretreatmentPanel = memo(function PretreatmentPanel(props: Props) {
  const { product, before, plan, kitchen, fruit, onStart, onSet } = props;
  const usual = PRODUCTS[product].first;
  if (before === null) {
    return usual === null ? null : (
      <button
        type="button"
        className="flex w-fit cursor-pointer items-center gap-2 border-b-2 border-dashed border-primary/50 py-1 text-sm font-semibold text-primary hover:border-primary"
        onClick={() => onStart(usual)}
      >
        <Droplets aria-hidden className="size-4" />
        {say(INVITES[usual])}
      </button>
    );
  }
  const change = (next: Partial<KeptBefore>, did: string, typing?: string) =>
    onSet({ before: { ...before, ...next } }, did, typing);
  return (
    <section
      aria-labelledby="first-title"
      className="flex flex-col gap-2 rounded-box border border-base-300 px-3 py-2.5"
    >
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 id="first-title" className="text-lg font-bold text-primary">
          {say('balance.firstStep2')}
        </h2>
        <select
          aria-label={say('balance.juiceInfusionOrSoakFirst')}
          className="select select-sm w-auto"
          value={before.kind}
          onChange={({ target }) =>
            change(
              { kind: target.value as PretreatmentKind, clot: null, brix: null, obtained: null },
              say('balance.firstStep', {
                name: PRETREATMENT_FACTS[target.value as PretreatmentKind].name,
              }),
            )
          }
        >
          {PRETREATMENT_KINDS.map((kind) => (
            <option key={kind} value={kind}>
              {PRETREATMENT_FACTS[kind].name}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() => onSet({ before: null }, say('balance.removedTheFirstStep'))}
        >
          {say('balance.removeThisStep')}
        </button>
      </div>
      <BeforeLines before={before} kitchen={kitchen} onChange={change} />
      <div className="flex flex-wrap gap-3">
        {before.kind !== 'drain' && (
          <VolumeField
            key={`water ${before.kind}`}
            label={say('balance.water')}
            valueMl={before.water ?? null}
            units={kitchen.units}
            kitchen={kitchen}
            placeholder={
              plan && plan.waterG > 0
                ? formatVolume(plan.waterG, kitchen.units)
                : say('balance.none')
            }
            onSet={(water) => change({ water }, say('balance.changedTheWaterOfThe'))}
          />
        )}
        {PRETREATMENT_FACTS[before.kind].hours > 0 && (
          <NumberField
            key={`hours ${before.kind}`}
            label={
              before.kind === 'extract'
                ? say('balance.dripsForHours')
                : say('balance.standsForHours')
            }
            least={0}
            most={72}
            value={before.hours ?? null}
            expected={String(PRETREATMENT_FACTS[before.kind].hours)}
            onSet={(hours) => change({ hours }, say('balance.changedTheHoursOfThe'))}
          />
        )}
      </div>
      {plan && plan.obtained.massG.typical > 0 && (
        <Gives before={before} plan={plan} kitchen={kitchen} fruit={fruit} onChange={change} />
      )}
    </section>
  );
});

/** What the button says that starts it. */
const INVITES: { readonly [kind in PretreatmentKind]: PlainMessageId } = {
  extract: 'balance.startWithJuiceThroughA',
  infuse: 'balance.startWithAnInfusion',
  soak: 'balance.startWithAnOvernightSoak',
  drain: 'balance.startByDrainingThePeppers',
  sauce: 'balance.startByCookingTheFruit',
};

type Change = (next: Partial<KeptBefore>, did: string, typing?: string) => void;

/** The lines of what comes first, one to a row, and how each is read. */
function BeforeLines({
  before,
  kitchen,
  onChange,
}: {
  readonly before: KeptBefore;
  readonly kitchen: Kitchen;
  readonly onChange: Change;
}) {
  const { lines } = before;
  const readings = useMemo(
    () => lines.map((line) => (line.trim() === '' ? null : readLine(line, kitchen))),
    [lines, kitchen],
  );
  return (
    <div className="flex flex-col gap-1">
      <label className="flex flex-col text-sm">
        {say('balance.onePerLine', { value: say(GOES_IN[before.kind]) })}
        <textarea
          className="textarea w-full bg-base-100 font-semibold"
          rows={Math.max(2, lines.length)}
          value={lines.join('\n')}
          placeholder={say(EXAMPLE[before.kind])}
          onChange={({ target }) =>
            onChange(
              { lines: target.value.split('\n') },
              say('balance.addedToTheFirstStep'),
              'before',
            )
          }
        />
      </label>
      {readings.map((reading, index) =>
        reading === null ? null : reading.understood ? (
          <p key={index} className="flex justify-between gap-3 text-sm tabular-nums">
            <span>{reading.called ?? reading.ingredient.name}</span>
            <span>{formatMass(reading.massG.typical, kitchen.units)}</span>
          </p>
        ) : (
          <LineNote
            key={index}
            id={`first-note-${index}`}
            reading={reading}
            where={say('balance.firstStepLine', { value: index + 1 })}
            onReplace={(next) =>
              onChange(
                { lines: lines.toSpliced(index, 1, ...next) },
                say('balance.changedTheFirstStep'),
              )
            }
          />
        ),
      )}
    </div>
  );
}

const GOES_IN: { readonly [kind in PretreatmentKind]: PlainMessageId } = {
  extract: 'balance.fruitInThePanCores',
  infuse: 'balance.herbsOrFlowersAndThe',
  soak: 'balance.fruitAndJuiceInThe',
  drain: 'balance.choppedPeppers',
  sauce: 'balance.fruitAndTheLiquidIt',
};

const EXAMPLE: { readonly [kind in PretreatmentKind]: PlainMessageId } = {
  extract: 'balance.3LbCrabApples',
  infuse: 'balance.2CupsMintLeaves',
  soak: 'balance.1KgSevilleOranges',
  drain: 'balance.4CupsChoppedSweetPeppers',
  sauce: 'balance.8LbApplesCoredAnd',
};

type GivesProps = {
  readonly before: KeptBefore;
  readonly plan: NonNullable<Plan['before']>;
  readonly kitchen: Kitchen;
  readonly fruit: string;
  readonly onChange: Change;
};

/** What it should give, as a jug, and what was measured in its place. */
function Gives({ before, plan, kitchen, fruit, onChange }: GivesProps) {
  const { units } = kitchen;
  const { volumeMl, measured } = plan.obtained;
  const mark = units === 'us' ? US_MARK : METRIC_MARK;
  const gives = PRETREATMENT_FACTS[before.kind].gives;
  const volume = (mL: number) => formatVolume(mL, units);
  return (
    <div className="grid grid-cols-[minmax(6rem,11rem)_minmax(0,1fr)] items-center gap-x-4 gap-y-2">
      <Jug {...mark} volumeMl={volumeMl} measured={measured} fruit={fruit} />
      <div className="flex flex-col gap-2">
        <p className="leading-snug">
          <Say
            id="balance.of"
            values={{
              part: measured ? say('balance.itGave') : say('balance.itShouldGive'),
              part2: (
                <b data-testid="obtained">
                  {measured
                    ? volume(volumeMl.typical)
                    : between(
                        volume(nearest(volumeMl.low, mark.markMl)),
                        volume(nearest(volumeMl.high, mark.markMl)),
                      )}
                </b>
              ),
              gives,
              part3: measured
                ? '.'
                : say('balance.mostLikely2', {
                    volume: volume(nearest(volumeMl.typical, mark.markMl)),
                  }),
            }}
          />
        </p>
        <ul className="text-sm leading-snug">
          {plan.gives.map(({ name, massG, solublesPct, pectinPct, pH }) => (
            <li key={name}>
              {say('balance.solids', {
                mass: formatMass(massG, units),
                name,
                solublesPct,
                value: pectinPct > 0 && say('balance.pectin', { pectinPct }),
                value2: pH !== null && say('balance.ph', { pH: pH.toFixed(1) }),
              })}
            </li>
          ))}
        </ul>
        <div className="flex flex-wrap gap-3">
          <VolumeField
            label={say('balance.measured', { gives })}
            valueMl={before.obtained?.volumeMl ?? null}
            units={units}
            kitchen={kitchen}
            placeholder={volume(nearest(volumeMl.typical, mark.markMl))}
            onSet={(volumeMl) =>
              onChange(
                { obtained: volumeMl === null ? null : { volumeMl } },
                say('balance.measuredIt'),
              )
            }
          />
          {before.kind === 'extract' && (
            <NumberField
              label={say('balance.juiceBrix')}
              least={0}
              most={90}
              value={before.brix ?? null}
              expected={plan.gives[0]?.solublesPct.toFixed(0)}
              onSet={(brix) => onChange({ brix }, say('balance.enteredTheJuicesBrix'))}
            />
          )}
        </div>
      </div>
      {before.kind === 'extract' && (
        <ClotTest before={before} expected={plan.clot} fruit={fruit} onChange={onChange} />
      )}
    </div>
  );
}

/** `2¾–5 cups`: the unit once, where both have it. */
function between(low: string, high: string): string {
  const unit = / [a-z ]+$/i.exec(high)?.[0] ?? '';
  return `${unit !== '' && low.endsWith(unit) ? low.slice(0, -unit.length) : low}–${high}`;
}

type Mark = { readonly markMl: number; readonly markName: (marks: number) => string };
const US_MARK: Mark = {
  markMl: 236.588,
  markName: (cups) => `${Number(cups.toFixed(1))} ${cups === 1 ? 'cup' : 'cups'}`,
};
const METRIC_MARK: Mark = {
  markMl: 250,
  markName: (marks) =>
    say('balance.ml', { value: Math.round(marks * 250).toLocaleString('en-US') }),
};

/** To a quarter of a mark, which is as near as a forecast of juice goes. */
const nearest = (mL: number, markMl: number): number =>
  (Math.round((4 * mL) / markMl) * markMl) / 4;

type ClotProps = Pick<GivesProps, 'before' | 'fruit' | 'onChange'> & {
  readonly expected: Clot | undefined;
};

/** The clot test: what a spoon of juice does in spirit, to be pressed as it is seen. */
const ClotTest = ({ before, expected, fruit, onChange }: ClotProps) => (
  <fieldset className="col-span-2">
    <legend className="text-sm">{say('balance.clotTestATeaspoonOf')}</legend>
    <div className="grid grid-cols-3 gap-1">
      {CLOTS.map((clot) => (
        <button
          key={clot}
          type="button"
          aria-pressed={before.clot === clot}
          className={`flex cursor-pointer flex-col items-center rounded-field border-2 p-1 text-center text-sm leading-tight ${before.clot === clot ? 'border-primary bg-base-100 font-bold' : 'border-transparent hover:border-base-300'}`}
          onClick={() =>
            onChange(
              { clot: before.clot === clot ? null : clot },
              before.clot === clot
                ? say('balance.removedTheClotTest')
                : say('balance.clotsIn', { value: say(CLOT_WORDS[clot]) }),
            )
          }
        >
          <ClotGlass clot={clot} fruit={fruit} />
          <span>
            {say(CLOT_WORDS[clot])}
            {before.clot == null && expected === clot && (
              <span className="block font-normal opacity-80">{say('balance.expected')}</span>
            )}
          </span>
        </button>
      ))}
    </div>
  </fieldset>
);

const CLOT_WORDS: { readonly [clot in Clot]: PlainMessageId } = {
  lump: 'balance.oneLump',
  several: 'balance.severalLumps',
  flakes: 'balance.flakes',
};
