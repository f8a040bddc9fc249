import { say, type PlainMessageId } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import {
  CLOSING,
  convert,
  formatVolume,
  type Closing,
  type Filling,
  type JarProgress,
  type JarPlan,
} from '@idle-kettle/core';
import { Check } from 'lucide-react';
import { useState } from 'react';
import { JarSection } from '../drawings/JarSection.tsx';
import { OneNumber } from '../stove/EventButtons.tsx';
import type { Noting, Press } from './jarTask.ts';

type Props = {
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly filling: Filling;
  readonly units: CookSession['kitchen']['units'];
  readonly fruit: string;
  readonly onPress: (press: Press) => void;
};

const STEPS: { readonly [step in Closing]: PlainMessageId } = {
  bubbled: 'jars.removeBubbles',
  wiped: 'jars.wipeRims',
  lidded: 'jars.lidsOn',
  tight: 'jars.bandsFingertipTight',
};

const BY: { readonly [by in Filling['by']]: PlainMessageId } = {
  measured: 'jars.measured',
  followed: 'jars.fromTheStovesReadings',
  forecast: 'jars.fromTheForecast',
};

/** More than any pot of a kitchen holds, mL. */
const MOST_IN_A_POT_ML = 200_000;

/** Pixels a centimetre, of the jars drawn. */
const SCALE = 12;

/**
 * What is in the pot, how it fills the jars that are left, and each size of jar with what is filled
 * and closed of it.
 */
export function FillPanel({ jarPlan, progress, filling, units, fruit, onPress }: Props) {
  const [panel, setPanel] = useState<'measure' | 'weigh' | null>(null);
  const volume = (mL: number) => formatVolume(mL, units);
  const unitMl = units === 'us' ? convert(1, 'cup', 'mL') : 1;
  const { leftMl, totalMl, by, keepHot, isEmpty: empty } = filling;
  const note = (...notes: Noting[]) => onPress({ label: '', notes });
  const toggle = (next: 'measure' | 'weigh') => setPanel(panel === next ? null : next);
  return (
    <section aria-label={say('jars.filling')} className="flex flex-col gap-4">
      <div className="rounded-box border-2 border-base-300 p-4">
        <p className="text-2xl font-bold" data-testid="in-the-pot">
          {empty
            ? say('jars.thePotIsEmpty')
            : say('jars.leftInThePot', { range: range(leftMl, volume) })}
        </p>
        <p className="text-base">
          {say('jars.inAll', {
            range: range(totalMl, volume),
            value: say(BY[by]),
            value2:
              !empty &&
              say('jars.keepHotIncludingOneSpare', {
                keepHot,
                part: keepHot === 1 ? say('jars.jar') : say('jars.jars'),
              }),
          })}
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <Small pressed={panel === 'measure'} onPress={() => toggle('measure')}>
            {say('jars.measure')}
          </Small>
          <Small pressed={panel === 'weigh'} onPress={() => toggle('weigh')}>
            {say('jars.weigh')}
          </Small>
        </div>
        {panel === 'measure' && (
          <OneNumber
            label={say(units === 'us' ? 'jars.inThePotNowCups' : 'jars.inThePotNowMl')}
            unit={units === 'us' ? 'cups' : 'mL'}
            min={0}
            max={Math.floor((10 * (jarPlan.potMl ?? MOST_IN_A_POT_ML)) / unitMl) / 10}
            onGive={(value) => {
              setPanel(null);
              note(['measured', Math.round(value * unitMl), null]);
            }}
          />
        )}
        {panel === 'weigh' && (
          <OneNumber
            label={say('jars.gramsInThePotWithout')}
            unit="g"
            min={1}
            max={200_000}
            onGive={(grams) => {
              setPanel(null);
              // What is weighed fills so much, by the batch’s own density.
              note(['measured', Math.round(grams * jarPlan.mlPerG), null]);
            }}
          />
        )}
        <Ending {...{ jarPlan, progress, filling, volume, note }} />
      </div>
      <ul className="grid gap-3 xl:grid-cols-2">
        {jarPlan.sizes
          .map((_, index) => index + 1)
          // Of an empty pot only the jars that were filled are of interest.
          .filter((size) => !empty || progress.jars.some((jar) => jar.size === size))
          .map((size) => (
            <Row key={size} size={size} {...{ jarPlan, progress, filling, fruit, note }} />
          ))}
      </ul>
    </section>
  );
}

const range = (
  { p10, p90 }: { readonly p10: number; readonly p90: number },
  volume: (mL: number) => string,
): string =>
  volume(p10) === volume(p90)
    ? volume(p90)
    : say('jars.to', { say: volume(p10), say2: volume(p90) });

type EndingProps = Pick<Props, 'jarPlan' | 'progress' | 'filling'> & {
  readonly volume: (mL: number) => string;
  readonly note: (...notes: Noting[]) => void;
};

/** The number that the next jar of a size goes by. */
const nextOf = ({ jars }: JarProgress, size: number): number =>
  Math.max(0, ...jars.filter((jar) => jar.size === size).map(({ number }) => number)) + 1;

/** How it ends: one full and one for the fridge, two a little short, or a part jar. */
function Ending({ jarPlan: sheet, progress, filling, volume, note }: EndingProps) {
  const { rest, part, twoShort } = filling;
  const full = rest.jars.reduce((sum, { count }) => sum + count, 0);
  const last = sheet.sizes.findIndex(({ name }) => name === rest.jars[0]?.name) + 1;
  if (full === 1 && twoShort !== null && part !== null) {
    const n = nextOf(progress, twoShort.size);
    const m = part.size === last ? nextOf(progress, last) + 1 : nextOf(progress, part.size);
    return (
      <div role="group" aria-label={say('jars.theLastTwoJars')} className="mt-3">
        <p className="text-lg font-bold">{say('jars.theLastJarFallsBetween')}</p>
        <div className="mt-1 flex flex-wrap gap-2">
          <Small
            onPress={() =>
              note(['filled', Math.round(twoShort.mL), `${twoShort.size}.${n}-${n + 1}`])
            }
          >
            {say('jars.twoSlightlyShortEach', { volume: volume(twoShort.mL) })}
          </Small>
          <Small
            onPress={() =>
              note(
                ['filled', null, `${last}.${nextOf(progress, last)}`],
                ['filled', Math.round(part.mL), `${part.size}.${m}`],
              )
            }
          >
            {say('jars.oneFullAndOneFor')}
          </Small>
        </div>
      </div>
    );
  }
  if (full > 0 || filling.isEmpty) return null;
  if (part === null)
    return (
      <p role="status" className="mt-3 border-l-8 border-secondary pl-3 text-lg font-bold">
        {say('jars.noEmptyJarIsLeft', { volume: volume(filling.leftMl.p50) })}
      </p>
    );
  return (
    <div className="mt-3">
      <Small
        onPress={() =>
          note(['filled', Math.round(part.mL), `${part.size}.${nextOf(progress, part.size)}`])
        }
      >
        {say('jars.putTheLastInA', {
          volume: volume(part.mL),
          name: sheet.sizes[part.size - 1]?.name,
        })}
      </Small>
    </div>
  );
}

type RowProps = Pick<Props, 'jarPlan' | 'progress' | 'filling' | 'fruit'> & {
  readonly size: number;
  readonly note: (...notes: Noting[]) => void;
};

/**
 * One size of jar: its headspace to scale, how many are filled of how many, and the steps that
 * close them.
 */
function Row({ jarPlan: sheet, progress, filling, fruit, size, note }: RowProps) {
  const of = sheet.sizes[size - 1];
  if (of === undefined) return null;
  const own = progress.jars.filter((jar) => jar.size === size);
  const open = own.filter(({ state }) => state === 'filled');
  const more = filling.rest.jars.find(({ name }) => name === of.name)?.count ?? 0;
  const next = nextOf(progress, size);
  const left = of.count === null ? null : of.count - own.length;
  // Every size has the same buttons: by ear each is of its size.
  const ofSize = (act: PlainMessageId) => say('jars.ofSize', { act: say(act), name: of.name });
  return (
    <li
      aria-label={of.name}
      data-testid={`row-${size}`}
      className={`flex gap-4 rounded-box border-2 p-3 ${more > 0 || open.length > 0 ? 'border-secondary' : 'border-base-300'}`}
    >
      <div className="flex w-40 shrink-0 items-end justify-center">
        <JarSection
          volumeMl={of.volumeMl}
          headspaceMm={sheet.process.headspaceMm}
          fruit={fruit}
          scale={Math.min(SCALE, 130 / Math.cbrt(of.volumeMl * 2))}
        />
      </div>
      <div className="flex min-w-0 grow flex-col gap-2">
        <p className="text-xl leading-tight font-bold">
          {of.name}
          <span className="block text-base font-normal">
            {say('jars.filled', {
              count: own.length,
              part: more > 0 ? say('jars.aboutToGo', { more }) : '',
              part2:
                left !== null && left <= more + 1
                  ? say('jars.emptyLeft', { max: Math.max(0, left) })
                  : '',
              part3: (of.gift ?? 0) > 0 ? say('jars.ofThemForGiftsFirst', { gift: of.gift }) : '',
            })}
          </span>
        </p>
        <div className="flex flex-wrap gap-2">
          <button
            type="button"
            className="btn h-auto min-h-14 border-2 border-base-content px-4 text-xl"
            aria-label={ofSize('jars.oneFilled')}
            onClick={() => note(['filled', null, `${size}.${next}`])}
          >
            {say('jars.oneFilled')}
          </button>
          {more > 1 && (
            <button
              type="button"
              className="btn h-auto min-h-14 border-2 border-base-300 px-4 text-lg"
              onClick={() => note(['filled', null, `${size}.${next}-${next + more - 1}`])}
            >
              {say('jars.all', { more })}
            </button>
          )}
        </div>
        {open.length > 0 && (
          <ul
            className="grid grid-cols-2 gap-2"
            aria-label={say('jars.closing', { name: of.name })}
          >
            {CLOSING.map((step) => {
              const done = open.every((jar) => jar.done.includes(step));
              return (
                <li key={step}>
                  <button
                    type="button"
                    aria-pressed={done}
                    aria-label={ofSize(STEPS[step])}
                    className="btn h-auto min-h-14 w-full border-2 border-base-300 px-2 text-base leading-tight aria-pressed:btn-secondary"
                    onClick={() => !done && note([step, null, String(size)])}
                  >
                    {done && <Check aria-hidden className="size-5 shrink-0" />}
                    {say(STEPS[step])}
                  </button>
                </li>
              );
            })}
          </ul>
        )}
      </div>
    </li>
  );
}

type SmallProps = {
  readonly onPress: () => void;
  readonly pressed?: boolean;
  readonly children: React.ReactNode;
};

const Small = ({ onPress, pressed, children }: SmallProps) => (
  <button
    type="button"
    aria-expanded={pressed}
    className="btn h-auto min-h-12 border-2 border-base-300 px-4 text-lg aria-expanded:border-secondary"
    onClick={onPress}
  >
    {children}
  </button>
);
