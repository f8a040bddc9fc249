import { jarsInText, type Jar, type JarProgress, type JarPlan } from '@idle-kettle/core';
import { useEffect, useRef, useState } from 'react';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { LidDrawing } from '../drawings/LidDrawing.tsx';
import { jarInWords } from './jarWords.ts';
import type { Press } from './jarTasks.ts';

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
const LOOK: { readonly [state in Jar['state']]: readonly [word: string, style: string] } = {
  filled: ['open', 'border-base-300'],
  closed: ['closed', 'border-base-300'],
  'in the canner': ['in the canner', 'border-secondary'],
  'cut short': ['not processed', 'border-error text-error'],
  cooling: ['cooling', 'border-base-300'],
  sealed: ['sealed', 'border-success text-success'],
  unsealed: ['not sealed', 'border-error text-error'],
  fridge: ['fridge', 'border-info text-info'],
  freezer: ['freezer', 'border-info text-info'],
  shelf: ['on the shelf', 'border-success text-success'],
  broken: ['broken', 'border-error text-error'],
};

/** Every jar of the batch as it stands; any can be picked, to say what became of it. */
export function JarBoard({ jarPlan, progress, pressing, fruit, onPress }: Props) {
  const [picked, setPicked] = useState<string | null>(null);
  const { jars } = progress;
  const jar = jars.find(({ id }) => id === picked) ?? null;
  const cooling = jars.filter(({ state }) => state === 'cooling');
  const say = (kind: Press['notes'][number][0], ids: string) => {
    setPicked(null);
    onPress({ label: kind, notes: [[kind, null, ids]] });
  };
  if (jars.length === 0) return null;
  return (
    <section aria-label="The jars" className="flex flex-col gap-3">
      {pressing && (
        <div className="rounded-box border-2 border-base-300 p-4">
          <ul className="flex flex-wrap gap-6">
            <li>
              <LidDrawing sealed />
              <b className="block text-lg">Sealed</b>
              Down in the middle, does not give, rings clear.
            </li>
            <li>
              <LidDrawing sealed={false} />
              <b className="block text-lg">Not sealed</b>
              Up, or springs and clicks under the finger.
            </li>
          </ul>
          <p className="mt-3 text-lg">Pick each jar below that is not, and say so. Then:</p>
          <button
            type="button"
            className="btn btn-secondary mt-1 h-auto min-h-16 px-6 text-2xl"
            onClick={() => say('sealed', jarsInText(cooling))}
          >
            {cooling.length === 1 ? 'It is sealed' : `All ${cooling.length} left are sealed`}
          </button>
        </div>
      )}
      <ul className="flex flex-wrap items-end gap-2">
        {jars.map((one) => {
          const [word, style] = LOOK[one.state];
          return (
            <li key={one.id}>
              <button
                type="button"
                data-testid={`jar-${one.id}`}
                data-state={one.state}
                aria-pressed={picked === one.id}
                aria-label={`${jarInWords(jarPlan, one)}${one.part ? ', not full' : ''}: ${word}${one.seen.map((what) => `, ${SEEN[what]}`).join('')}`}
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
                    {SEEN[what]}
                  </span>
                ))}
              </button>
            </li>
          );
        })}
      </ul>
      {jar && <Outcomes jarPlan={jarPlan} jar={jar} onSay={(kind) => say(kind, jar.id)} />}
    </section>
  );
}

const SEEN = { siphoned: 'lost liquid', floating: 'fruit floats' } as const;

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
  useEffect(() => panel.current?.scrollIntoView({ block: 'nearest' }), [jar.id]);
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
        {state === 'cooling' && <Say onPress={() => onSay('sealed')}>Sealed</Say>}
        {(state === 'cooling' || state === 'sealed' || state === 'shelf') && (
          <Say onPress={() => onSay('unsealed')}>Not sealed</Say>
        )}
        {out && !jar.seen.includes('siphoned') && (
          <Say onPress={() => onSay('siphoned')}>It lost liquid</Say>
        )}
        {out && !jar.seen.includes('floating') && (
          <Say onPress={() => onSay('floating')}>Fruit floats</Say>
        )}
        {state !== 'fridge' && state !== 'in the canner' && state !== 'broken' && (
          <Say onPress={() => onSay('to-fridge')}>Into the fridge</Say>
        )}
        {state !== 'freezer' && state !== 'in the canner' && state !== 'broken' && (
          <Say onPress={() => onSay('to-freezer')}>Into the freezer</Say>
        )}
        {state !== 'broken' && <Say onPress={() => onSay('cracked')}>Cracked or broken</Say>}
      </div>
      {jar.seen.includes('siphoned') && (
        <p className="mt-2 text-base">
          Lost liquid, but sealed: it keeps. Eat it before the others. Less than half left: fridge.
        </p>
      )}
    </div>
  );
}

const Say = ({ onPress, children }: { onPress: () => void; children: React.ReactNode }) => (
  <button
    type="button"
    className="btn h-auto min-h-14 border-2 border-base-300 px-4 text-lg"
    onClick={onPress}
  >
    {children}
  </button>
);
