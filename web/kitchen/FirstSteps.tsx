import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useChangeKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useGoOn } from '../ui/useGoOn.ts';
import { AltitudeField } from './AltitudeField.tsx';
import { FirstJars, FirstPots } from './FirstEquipment.tsx';
import { NO_THINGS, thingsPicked } from './firstThings.ts';
import { changesOf } from './kitchenChanges.ts';
import { altitudeInUnit, formOf, readForm, type KitchenForm } from './kitchenForm.ts';
import { kitchenResolver } from './kitchenResolver.ts';
import { READINGS, readingFor, type ReadingId } from './readings.ts';
import { StopHere } from './StopHere.tsx';
import { zoneHere } from './zoneHere.ts';

const STEPS = ['place', 'units', 'pots', 'jars'] as const;

/** A kitchen that is new: its place, units, pots and jars; each may be passed over. */
export function FirstSteps({ kitchen }: { kitchen: Kitchen }) {
  const [step, setStep] = useState(0);
  const [reading, setReading] = useState<ReadingId>(() => readingFor(navigator.language));
  const [things, setThings] = useState(NO_THINGS);
  const save = useChangeKitchen();
  const goOn = useGoOn();
  const { register, control, setValue, getValues, formState, trigger } = useForm<KitchenForm>({
    defaultValues: { ...formOf(kitchen), ...READINGS[reading] },
    resolver: kitchenResolver,
    mode: 'onChange',
  });
  const form = { ...getValues(), ...useWatch({ control }) };
  const last = step === STEPS.length - 1;

  function read(id: ReadingId) {
    setReading(id);
    // Sizes of another place are not these.
    setThings((now) => ({ ...now, jars: [] }));
    const { altitude, altitudeUnit } = getValues();
    setValue('altitude', altitudeInUnit(altitude, altitudeUnit, READINGS[id].altitudeUnit));
    setValue('altitudeUnit', READINGS[id].altitudeUnit);
    setValue('temperature', READINGS[id].temperature);
  }

  async function finish() {
    // Only its altitude can be wrong here, and that is asked for first.
    if (!(await trigger())) return setStep(0);
    const said = readForm({
      ...getValues(),
      ...READINGS[reading],
      altitudeUnit: getValues('altitudeUnit'),
    });
    if (!said.ok) return setStep(0);
    const before = readForm(formOf(kitchen));
    const onwards = goOn();
    save.mutate(
      {
        version: kitchen.version,
        changes: {
          ...changesOf(before.ok ? before.kitchen : {}, said.kitchen),
          ...thingsPicked(things),
          ...zoneHere(kitchen),
        },
      },
      { onSuccess: () => onwards('/') },
    );
  }

  async function next() {
    if (last) return finish();
    setStep((await trigger()) ? step + 1 : 0);
  }

  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void next();
      }}
      noValidate
      className="mx-auto flex max-w-3xl flex-col gap-6"
    >
      <p className="text-sm font-bold text-secondary">
        {say('kitchen.stepOf', { value: step + 1, count: STEPS.length })}
      </p>
      {STEPS[step] === 'place' && (
        <>
          <Head step={step} title={say('kitchen.whereIsYourKitchen')}>
            {say('kitchen.waterBoilsCoolerTheHigher')}
          </Head>
          <div className="grid gap-6 md:grid-cols-2">
            <AltitudeField
              form={{ register, setValue, getValues }}
              error={formState.errors.altitude?.message}
              autoFocus
            />
            <StopHere form={form} />
          </div>
        </>
      )}
      {STEPS[step] === 'units' && (
        <>
          <Head step={step} title={say('kitchen.howDoYouMeasure')}>
            {say('kitchen.youCanTypeAnyUnits')}
          </Head>
          <div className="grid gap-3 md:grid-cols-3">
            <Reading
              id="us"
              title={say('kitchen.cupsAndPounds')}
              detail={say('kitchen.fFeetQuartsAndHalf')}
              now={reading}
              onChoose={read}
            />
            <Reading
              id="metric"
              title={say('kitchen.gramsAndLiters')}
              detail={say('kitchen.cMetersACupIn')}
              now={reading}
              onChoose={read}
            />
            <Reading
              id="uk"
              title={say('kitchen.gramsAndUkRecipes')}
              detail={say('kitchen.cMetersAPintIn')}
              now={reading}
              onChoose={read}
            />
          </div>
        </>
      )}
      {STEPS[step] === 'pots' && (
        <>
          <Head step={step} title={say('kitchen.whatDoYouCookIn')}>
            {say('kitchen.pickWhatYouHaveA')}
          </Head>
          <FirstPots things={things} onPick={setThings} units={READINGS[reading].units} />
        </>
      )}
      {STEPS[step] === 'jars' && (
        <>
          <Head step={step} title={say('kitchen.whichJarsDoYouHave')}>
            {say('kitchen.pickTheSizesYou')}
          </Head>
          <FirstJars
            things={things}
            onPick={setThings}
            measures={READINGS[reading].measures}
            units={READINGS[reading].units}
          />
        </>
      )}
      <div className="flex flex-wrap items-center gap-3">
        {step > 0 && (
          <button type="button" className="btn btn-lg" onClick={() => setStep(step - 1)}>
            {say('kitchen.back')}
          </button>
        )}
        <button type="submit" className="btn btn-primary btn-lg" disabled={save.isPending}>
          {last ? say('kitchen.finish') : say('kitchen.next')}
        </button>
        {!last && (
          <button
            type="button"
            className="btn btn-ghost btn-lg"
            disabled={save.isPending}
            onClick={() => void finish()}
          >
            {say('kitchen.skipTheRest')}
          </button>
        )}
      </div>
      {save.error && (
        <p role="alert" className="text-error">
          {say('kitchen.notSaved2', { sayError: sayError(save.error) })}
        </p>
      )}
    </form>
  );
}

type HeadProps = {
  readonly step: number;
  readonly title: string;
  readonly children: React.ReactNode;
};

const Head = ({ step, title, children }: HeadProps) => (
  <div>
    <PageHeading step={step} className="text-3xl font-bold text-primary">
      {title}
    </PageHeading>
    <p className="mt-1 text-lg">{children}</p>
  </div>
);

type ReadingProps = {
  readonly id: ReadingId;
  readonly title: string;
  readonly detail: string;
  readonly now: ReadingId;
  readonly onChoose: (id: ReadingId) => void;
};

const Reading = ({ id, title, detail, now, onChoose }: ReadingProps) => (
  <label
    className={`flex cursor-pointer items-start gap-3 rounded-box border-2 bg-base-100 p-4 ${id === now ? 'border-primary' : 'border-base-300'}`}
  >
    <input
      type="radio"
      name="reading"
      className="radio radio-primary mt-1"
      checked={id === now}
      onChange={() => onChoose(id)}
    />
    <span>
      <b className="text-lg">{title}</b>
      <span className="block text-sm">{detail}</span>
    </span>
  </label>
);
