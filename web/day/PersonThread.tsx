import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { format } from 'date-fns';
import { LEAST_BEAD_PX, mixed } from './beadColour.ts';
import type { FoldedTime } from './foldedTime.ts';
import type { Bead } from './laneModel.ts';

type PersonProps = {
  readonly answer: DayAnswer;
  readonly name: string;
  readonly person: number;
  readonly beads: readonly Bead[];
  readonly time: FoldedTime;
  readonly mayChange: boolean;
};

/** Somebody who helps: what they do, one after another. */
export function PersonThread({ answer, name, person, beads, time, mayChange }: PersonProps) {
  const { setNodeRef, isOver } = useDroppable({ id: String(person) });
  return (
    <div
      ref={setNodeRef}
      data-person={name}
      className={`flex h-12 items-stretch border-b border-base-300 ${isOver ? 'bg-secondary/15' : ''}`}
    >
      <div className="sticky left-0 z-20 flex w-[var(--label)] shrink-0 items-center bg-base-200 pr-2 leading-tight font-bold">
        {name}
      </div>
      <div className="relative grow">
        {beads.map((bead) => (
          <PersonBead
            key={bead.key}
            answer={answer}
            bead={bead}
            time={time}
            mayChange={mayChange}
          />
        ))}
      </div>
    </div>
  );
}

function PersonBead({
  answer,
  bead,
  time,
  mayChange,
}: {
  readonly answer: DayAnswer;
  readonly bead: Bead;
  readonly time: FoldedTime;
  readonly mayChange: boolean;
}) {
  const batch = answer.batches[bead.of];
  const { setNodeRef, listeners, transform } = useDraggable({
    id: `hands ${bead.key}`,
    data: { kind: 'hands', of: bead.of },
    disabled: !mayChange,
  });
  const left = time.at(bead.startMs);
  const width = Math.max(LEAST_BEAD_PX, time.at(bead.endMs) - left - 1);
  const name = say('days.actOf', { batch: batch?.name ?? '', act: say(`days.act.${bead.act}`) });
  return (
    <span
      ref={setNodeRef}
      aria-hidden
      {...(mayChange ? listeners : {})}
      title={`${format(bead.startMs, 'HH:mm')} ${name}`}
      className={`absolute inset-y-1.5 overflow-hidden rounded-md px-1 text-xs leading-tight ${mayChange ? 'cursor-grab touch-none' : ''}`}
      style={{
        left,
        width,
        background: mixed(batch?.colour ?? null, 40),
        ...(transform ? { transform: `translateY(${transform.y}px)` } : {}),
      }}
    >
      {width > 110 ? name : width > 56 ? say(`days.act.${bead.act}`) : null}
    </span>
  );
}
