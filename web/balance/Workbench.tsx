import { say } from '@idle-kettle/words';
import { memo, useRef, useState } from 'react';
import { GelMap } from '../drawings/GelMap.tsx';
import { Targets } from './Targets.tsx';
import { LessSugar } from './LessSugar.tsx';
import { Measurements } from './Measurements.tsx';
import { MethodsTable } from './MethodsTable.tsx';
import { Export } from './Export.tsx';
import type { WorkbenchProps } from './workbenchProps.ts';

const BENCHES = {
  ask: { title: 'balance.targets', Panel: Targets },
  methods: { title: 'balance.methods', Panel: MethodsTable },
  sugar: { title: 'balance.lessSugar', Panel: LessSugar },
  map: { title: 'balance.gelMap', Panel: GelMap },
  measured: { title: 'balance.measurements', Panel: Measurements },
  out: { title: 'balance.saveShare', Panel: Export },
} as const;

type BenchId = keyof typeof BENCHES;
const IDS = Object.keys(BENCHES) as readonly BenchId[];

/** What is in jars is as much as there is, and made by its method already: no tool changes that. */
const NOT_FOR_REMAKES: ReadonlySet<BenchId> = new Set(['ask', 'methods', 'sugar']);

/** What else can be asked of a batch, one question at a time. */
export const Workbench = memo(function Workbench(props: WorkbenchProps) {
  const isRemake = props.formula.settings.remake != null;
  const ids = IDS.filter((id) => !isRemake || !NOT_FOR_REMAKES.has(id));
  const [asked, setOpen] = useState<BenchId>('ask');
  const open = ids.includes(asked) ? asked : 'map';
  const { Panel } = BENCHES[open];
  const bench = useRef<HTMLDivElement>(null);

  function turnTo(id: BenchId) {
    setOpen(id);
    // On a narrow screen the heads stay at its foot, and the bench itself may be far down.
    bench.current?.scrollIntoView({ block: 'nearest' });
  }

  function onKeyDown(event: React.KeyboardEvent) {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    const next = ids[(ids.indexOf(open) + by + ids.length) % ids.length] ?? open;
    turnTo(next);
    document.getElementById(`bench-${next}`)?.focus();
  }

  return (
    <section
      aria-label={say('balance.tools')}
      className="rounded-box border border-base-300 bg-base-100 md:[contain:content] md:will-change-transform"
    >
      <div
        role="tablist"
        aria-label={say('balance.tools')}
        className="flex border-base-300 max-md:fixed max-md:inset-x-0 max-md:bottom-0 max-md:z-10 max-md:overflow-x-auto max-md:border-t-2 max-md:bg-base-100 md:flex-wrap md:border-b"
        onKeyDown={onKeyDown}
      >
        {ids.map((id) => (
          <button
            key={id}
            id={`bench-${id}`}
            type="button"
            role="tab"
            aria-selected={id === open}
            aria-controls="bench"
            tabIndex={id === open ? 0 : -1}
            onClick={() => turnTo(id)}
            className={`px-1.5 py-1.5 text-sm whitespace-nowrap wide:px-1 wide:text-[0.8125rem] max-md:px-3 max-md:py-2.5 ${id === open ? 'border-b-4 border-secondary font-bold text-primary' : 'opacity-80 hover:opacity-100'}`}
          >
            {say(BENCHES[id].title)}
          </button>
        ))}
      </div>
      <div ref={bench} id="bench" role="tabpanel" aria-labelledby={`bench-${open}`} className="p-3">
        <Panel {...props} />
      </div>
    </section>
  );
});
