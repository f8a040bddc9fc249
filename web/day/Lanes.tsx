import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
  type Modifier,
} from '@dnd-kit/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { BatchThread } from './BatchThread.tsx';
import { foldedTime } from './foldedTime.ts';
import { Hours } from './Hours.tsx';
import { batchLanes, beadsOf, handsOf, spanOf } from './laneModel.ts';
import { PersonThread } from './PersonThread.tsx';
import { workersOf } from './sheet.ts';

type Props = {
  readonly answer: DayAnswer;
  /** Whether it may be dragged. */
  readonly mayChange: boolean;
  /** A batch was dragged: it begins so much later, ms. */
  readonly onMove: (of: number, byMs: number) => void;
  /** A batch was given to somebody. */
  readonly onGive: (of: number, person: number) => void;
};

const LABEL_PX = 132;

/** Batches are dragged along the day, what a person does from one to the other. */
const along: Modifier = ({ active, transform }) =>
  active?.data.current?.['kind'] === 'batch' ? { ...transform, y: 0 } : { ...transform, x: 0 };

/**
 * A day as threads: one for each batch, with a bead where hands are needed, and one for everybody
 * who helps. Time in which nobody is needed is folded.
 */
export function Lanes({ answer, mayChange, onMove, onGive }: Props) {
  const { sheet, batches, nowMs } = answer;
  const workers = workersOf(sheet);
  const [frame, room] = useRoom();
  const beads = useMemo(() => beadsOf(answer), [answer]);
  const span = spanOf(beads, new Date(sheet.from).getTime(), nowMs);
  const time = useMemo(
    () =>
      foldedTime(
        span,
        beads
          .filter(({ hands }) => hands)
          .map(({ startMs, endMs }) => ({ from: startMs, to: endMs })),
        Math.max(320, room - LABEL_PX - 8),
      ),
    // oxlint-disable-next-line react-hooks/exhaustive-deps
    [beads, span.from, span.to, room],
  );
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const ended = ({ active, over, delta }: DragEndEvent) => {
    const of = active.data.current?.['of'] as number;
    if (active.data.current?.['kind'] === 'batch') {
      const first = beads.find((bead) => bead.of === of && !bead.isDone);
      if (first === undefined || Math.abs(delta.x) < 4) return;
      onMove(of, time.momentAt(time.at(first.startMs) + delta.x) - first.startMs);
    } else if (over !== null) onGive(of, Number(over.id));
  };
  return (
    <div ref={frame} className="overflow-x-auto" data-testid="lanes">
      <DndContext sensors={sensors} modifiers={[along]} onDragEnd={ended}>
        <div
          className="relative"
          style={
            { width: LABEL_PX + time.width + 8, '--label': `${LABEL_PX}px` } as React.CSSProperties
          }
        >
          <Hours time={time} from={span.from} to={span.to} nowMs={nowMs} />
          {batchLanes(beads, batches.length).map(({ of, beads: own, held, endMs }) => (
            <BatchThread
              key={batches[of]?.batchId}
              answer={answer}
              of={of}
              beads={own}
              held={held}
              endMs={endMs}
              time={time}
              mayChange={mayChange}
            />
          ))}
          <div className="mt-3 border-t-2 border-base-300 pt-1">
            {workers.map(({ name, person }) => (
              <PersonThread
                key={name}
                answer={answer}
                name={name}
                person={person}
                beads={handsOf(beads, person)}
                time={time}
                mayChange={mayChange && workers.length > 1}
              />
            ))}
          </div>
        </div>
      </DndContext>
    </div>
  );
}

/** How wide something is drawn, px. */
function useRoom(): readonly [React.RefObject<HTMLDivElement | null>, number] {
  const frame = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(900);
  useEffect(() => {
    if (frame.current === null) return undefined;
    const seen = new ResizeObserver(([entry]) => {
      if (entry !== undefined) setRoom(entry.contentRect.width);
    });
    seen.observe(frame.current);
    return () => seen.disconnect();
  }, []);
  return [frame, room];
}
