import type { Formula, Kitchen, SettingsDto } from '@idle-kettle/contract';
import type { Plan, PlanRequest } from '@idle-kettle/core';
import { memo, useState } from 'react';
import { GelMap } from '../drawings/GelMap.tsx';
import { AskFor } from './AskFor.tsx';
import { LessSugar } from './LessSugar.tsx';
import { Measured } from './Measured.tsx';
import { MethodsTable } from './MethodsTable.tsx';
import { TakeOut } from './TakeOut.tsx';
import type { Ask } from './useAsk.ts';

export type WorkbenchProps = {
  readonly name: string;
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly plan: Plan;
  readonly fruit: string;
  /** Takes amounts that were worked out; null where they could not be. */
  readonly onTake: (request: PlanRequest | null, did: string) => void;
  readonly onSet: (settings: SettingsDto, did: string) => void;
  /** Asks a worker about what is written by then, and does something with the answer. */
  readonly onAsk: Ask;
  /** A recipe from a file. */
  readonly onBringIn: (text: string) => void;
};

const BENCHES = {
  ask: { title: 'Ask for', Panel: AskFor },
  methods: { title: 'Methods side by side', Panel: MethodsTable },
  sugar: { title: 'Less sugar', Panel: LessSugar },
  map: { title: 'Gel map', Panel: GelMap },
  measured: { title: 'Measured', Panel: Measured },
  out: { title: 'Keep and share', Panel: TakeOut },
} as const;

type BenchId = keyof typeof BENCHES;
const IDS = Object.keys(BENCHES) as readonly BenchId[];

/** What else can be asked of a batch, one question at a time. */
export const Workbench = memo(function Workbench(props: WorkbenchProps) {
  const [open, setOpen] = useState<BenchId>('ask');
  const { Panel } = BENCHES[open];

  function onKeyDown(event: React.KeyboardEvent) {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    const next = IDS[(IDS.indexOf(open) + by + IDS.length) % IDS.length] ?? open;
    setOpen(next);
    document.getElementById(`bench-${next}`)?.focus();
  }

  return (
    <section
      aria-label="Workbench"
      className="rounded-box border border-base-300 bg-base-100 [contain:content]"
    >
      <div
        role="tablist"
        aria-label="What to ask"
        className="flex flex-wrap border-b border-base-300"
        onKeyDown={onKeyDown}
      >
        {IDS.map((id) => (
          <button
            key={id}
            id={`bench-${id}`}
            type="button"
            role="tab"
            aria-selected={id === open}
            aria-controls="bench"
            tabIndex={id === open ? 0 : -1}
            onClick={() => setOpen(id)}
            className={`px-4 py-2 ${id === open ? 'border-b-4 border-secondary font-bold text-primary' : 'opacity-80 hover:opacity-100'}`}
          >
            {BENCHES[id].title}
          </button>
        ))}
      </div>
      <div id="bench" role="tabpanel" aria-labelledby={`bench-${open}`} className="p-4">
        <Panel {...props} />
      </div>
    </section>
  );
});
