import { say, type PlainMessageId } from '@idle-kettle/words';
import { jarsInText, type Jar, type JarProgress, type JarPlan } from '@idle-kettle/core';
import { useEffect, useRef, useState } from 'react';
import { Say as Phrase } from '../ui/Say.tsx';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { LidDrawing } from '../drawings/LidDrawing.tsx';
import { oncePressed } from '../ui/oncePressed.ts';
import { jarInWords } from './jarWords.ts';
import type { Press } from './jarTask.ts';

type Props = {
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  /** Whether lids are pressed just now: then what each outcome looks like is drawn. */
  readonly pressing: boolean;
  readonly fruit: string;
  readonly onPress: (press: Press) => void;
};

const PINT_PX = 64;

/** How a jar stands, in a word; what is not as it should be stands out. */
const LOOK: { readonly [state in Jar['state']]: readonly [word: PlainMessageId, style: string] } = {
  filled: ['jars.open', 'border-base-300'],
  closed: ['jars.closed', 'border-base-300'],
  'in the canner': ['jars.inTheCanner', 'border-secondary'],
  'cut short': ['jars.notProcessed', 'border-error text-error'],
  cooling: ['jars.cooling', 'border-base-300'],
  sealed: ['jars.sealedState', 'border-success text-success'],
  unsealed: ['jars.notSealed', 'border-error text-error'],
  fridge: ['jars.inFridge', 'border-info text-info'],
  freezer: ['jars.inFreezer', 'border-info text-info'],
  shelf: ['jars.onTheShelf', 'border-success text-success'],
  broken: ['jars.broken', 'border-error text-error'],
};

/** Every jar of the batch as it stands; any can be picked, to say what became of it. */
export function JarBoard({ jarPlan, progress, pressing, fruit, onPress }: Props) {
  const [picked, setPicked] = useState<string | null>(null);
  const { jars } = progress;
  const jar = jars.find(({ id }) => id === picked) ?? null;
  const cooling = jars.filter(({ state }) => state === 'cooling');
  const mark = (kind: Press['notes'][number][0], ids: string) => {
    setPicked(null);
    onPress({ label: kind, notes: [[kind, null, ids]] });
  };
  if (jars.length === 0) return null;
  return (
    <section aria-label={say('jars.theJars2')} className="flex flex-col gap-3">
      {pressing && (
        // On a phone the jars that are pressed come before the words about pressing.
        <div className="rounded-box border-2 border-base-300 p-4 max-md:order-1">
          <ul className="flex flex-wrap gap-6">
            <li>
              <LidDrawing sealed />
              <Phrase
                id="jars.downInTheMiddleDoesnt"
                values={{ part: <b className="block text-lg">{say('jars.sealed')}</b> }}
              />
            </li>
            <li>
              <LidDrawing sealed={false} />
              <Phrase
                id="jars.upOrSpringsAndClicks"
                values={{ part: <b className="block text-lg">{say('jars.notSealed2')}</b> }}
              />
            </li>
          </ul>
          <p className="mt-3 text-lg">{say('jars.tapAnyJarThatDidnt')}</p>
          <button
            type="button"
            className="btn btn-secondary mt-1 h-auto min-h-16 px-6 text-2xl"
            onClick={() => mark('sealed', jarsInText(cooling))}
          >
            {cooling.length === 1
              ? say('jars.itSealed')
              : say('jars.allSealed', { count: cooling.length })}
          </button>
        </div>
      )}
      <ul className="flex flex-wrap items-end gap-2">
        {jars.map((one) => {
          const [look, style] = LOOK[one.state];
          const word = say(look);
          return (
            <li key={one.id}>
              <button
                type="button"
                data-testid={`jar-${one.id}`}
                data-state={one.state}
                aria-pressed={picked === one.id}
                aria-label={`${jarInWords(jarPlan, one)}${one.part ? say('jars.notFull') : ''}: ${word}${one.seen.map((what) => `, ${say(SEEN[what])}`).join('')}`}
                onClick={() => setPicked(picked === one.id ? null : one.id)}
                className={`flex min-h-24 min-w-20 flex-col items-center justify-end rounded-box border-4 px-2 pt-2 pb-1 aria-pressed:bg-base-300 ${style}`}
              >
                <JarDrawing
                  volumeMl={jarPlan.sizes[one.size - 1]?.volumeMl ?? 237}
                  pintPx={PINT_PX}
                  fruit={fruit}
                />
                <span className="text-sm leading-tight font-bold">{word}</span>
                {one.seen.map((what) => (
                  <span key={what} className="text-sm leading-tight">
                    {say(SEEN[what])}
                  </span>
                ))}
              </button>
            </li>
          );
        })}
      </ul>
      {jar && <Outcomes jarPlan={jarPlan} jar={jar} onSay={(kind) => mark(kind, jar.id)} />}
    </section>
  );
}

const SEEN = { siphoned: 'jars.lostLiquid', floating: 'jars.fruitFloats' } as const;

type OutcomesProps = {
  readonly jarPlan: JarPlan;
  readonly jar: Jar;
  readonly onSay: (kind: Press['notes'][number][0]) => void;
};

/** What may have become of one jar. */
function Outcomes({ jarPlan, jar, onSay }: OutcomesProps) {
  const { state } = jar;
  const panel = useRef<HTMLDivElement>(null);
  // Picked in the middle of many, what may be said of it comes into view.
  useEffect(() => {
    panel.current?.scrollIntoView({ block: 'nearest' });
  }, [jar.id]);
  const pressed = state === 'cooling' || state === 'sealed' || state === 'unsealed';
  const out = pressed || state === 'shelf';
  return (
    <div
      ref={panel}
      role="group"
      aria-label={jarInWords(jarPlan, jar)}
      className="rounded-box border-2 border-secondary p-3"
    >
      <p className="text-xl font-bold">{jarInWords(jarPlan, jar)}</p>
      <div className="mt-2 flex flex-wrap gap-2">
        {state === 'cooling' && <Say onPress={() => onSay('sealed')}>{say('jars.sealed')}</Say>}
        {(state === 'cooling' || state === 'sealed' || state === 'shelf') && (
          <Say onPress={() => onSay('unsealed')}>{say('jars.notSealed2')}</Say>
        )}
        {out && !jar.seen.includes('siphoned') && (
          <Say onPress={() => onSay('siphoned')}>{say('jars.lostLiquid2')}</Say>
        )}
        {out && !jar.seen.includes('floating') && (
          <Say onPress={() => onSay('floating')}>{say('jars.fruitFloats2')}</Say>
        )}
        {state !== 'fridge' && state !== 'in the canner' && state !== 'broken' && (
          <Say onPress={() => onSay('to-fridge')}>{say('jars.intoTheFridge')}</Say>
        )}
        {state !== 'freezer' && state !== 'in the canner' && state !== 'broken' && (
          <Say onPress={() => onSay('to-freezer')}>{say('jars.intoTheFreezer')}</Say>
        )}
        {state !== 'broken' && (
          <Say onPress={() => onSay('cracked')}>{say('jars.crackedOrBroken')}</Say>
        )}
      </div>
      {jar.seen.includes('siphoned') && (
        <p className="mt-2 text-base">{say('jars.itLostLiquidButSealed')}</p>
      )}
    </div>
  );
}

const Say = ({ onPress, children }: { onPress: () => void; children: React.ReactNode }) => (
  <button
    type="button"
    className="btn h-auto min-h-14 border-2 border-base-300 px-4 text-lg"
    onClick={oncePressed(onPress)}
  >
    {children}
  </button>
);
