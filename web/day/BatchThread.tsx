import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { useDraggable } from '@dnd-kit/core';
import { format } from 'date-fns';
import { Check, Flame } from 'lucide-react';
import { colourOr, LEAST_BEAD_PX, mixed } from './beadColour.ts';
import type { FoldedTime } from './foldedTime.ts';
import { stretchesHeld, type Bead } from './laneModel.ts';
import { thingName } from './sheet.ts';

type ThreadProps = {
  readonly answer: DayAnswer;
  readonly of: number;
  readonly beads: readonly Bead[];
  readonly held: readonly Bead[];
  readonly endMs: number | null;
  readonly time: FoldedTime;
  readonly mayChange: boolean;
};

/** A batch: its thread, beads where hands are needed, and what it stands on below. */
export function BatchThread({ answer, of, beads, held, endMs, time, mayChange }: ThreadProps) {
  const batch = answer.batches[of];
  const first = beads.find(({ isDone }) => !isDone);
  const { setNodeRef, attributes, listeners, transform, isDragging } = useDraggable({
    id: `batch ${of}`,
    data: { kind: 'batch', of },
    disabled: !mayChange || first === undefined,
  });
  const [from, to] = [beads[0]?.startMs ?? 0, endMs ?? 0];
  return (
    <div
      className="flex h-[5.25rem] items-stretch border-b border-base-300"
      data-batch={batch?.name}
    >
      <div className="sticky left-0 z-20 flex w-[var(--label)] shrink-0 flex-col justify-center bg-base-200 pr-2 leading-tight">
        <b className="line-clamp-2">{batch?.name}</b>
        {endMs !== null && (
          <span className="text-sm opacity-80">
            {say('days.outAt', { time: format(endMs, 'HH:mm') })}
          </span>
        )}
      </div>
      <div
        ref={setNodeRef}
        {...attributes}
        {...(mayChange ? listeners : {})}
        aria-roledescription={say('days.draggable')}
        aria-label={say('days.drag', { name: batch?.name ?? '' })}
        tabIndex={mayChange ? 0 : -1}
        className={`relative grow ${mayChange ? 'cursor-grab touch-pan-y' : ''} ${isDragging ? 'opacity-70' : ''}`}
        style={transform ? { transform: `translateX(${transform.x}px)` } : undefined}
      >
        <div className="absolute inset-x-0 top-2 bottom-8">
          <span
            className="absolute top-1/2 h-1 -translate-y-1/2 rounded-full"
            style={{
              left: time.at(from),
              width: Math.max(0, time.at(to) - time.at(from)),
              background: mixed(batch?.colour ?? null, 45),
            }}
          />
          {beads.map((bead) => (
            <BeadDrawn key={bead.key} bead={bead} time={time} colour={batch?.colour ?? null} />
          ))}
        </div>
        <Held answer={answer} beads={held} time={time} />
      </div>
    </div>
  );
}

const BeadDrawn = ({
  bead,
  time,
  colour,
}: {
  readonly bead: Bead;
  readonly time: FoldedTime;
  readonly colour: string | null;
}) => {
  const { act, startMs, endMs, hands, isDone } = bead;
  const left = time.at(startMs);
  const width = Math.max(LEAST_BEAD_PX, time.at(endMs) - left - 1);
  const name = say(`days.act.${act}`);
  const told = `${format(startMs, 'HH:mm')}–${format(endMs, 'HH:mm')} ${name}`;
  return (
    <span
      data-act={act}
      data-done={isDone}
      title={told}
      className={`absolute flex items-center justify-center overflow-hidden text-xs leading-none ${
        hands
          ? 'inset-y-0 rounded-md border-2'
          : 'top-1/2 h-5 -translate-y-1/2 rounded-full border bg-base-100'
      } ${isDone ? 'opacity-55' : ''}`}
      style={{
        left,
        width,
        borderColor: colourOr(colour),
        ...(hands ? { background: mixed(colour, 24) } : {}),
      }}
    >
      {width > 54 ? <span className="line-clamp-2 px-0.5 text-center">{name}</span> : null}
      {width <= 54 && width > 16 && isDone ? <Check aria-hidden className="size-3" /> : null}
    </span>
  );
};

/** A name needs so much room. */
const LEAST_NAME_PX = 48;

/** What a batch stands on: flame below its pot, the canner below its jars. */
const Held = ({
  answer,
  beads,
  time,
}: {
  readonly answer: DayAnswer;
  readonly beads: readonly Bead[];
  readonly time: FoldedTime;
}) => (
  <>
    {(['burner', 'slow cooker', 'oven', 'canner', 'bowl'] as const).flatMap((kind) =>
      stretchesHeld(beads, kind).map(({ from, to, thing, pot }) => (
        <span
          key={`${thing} ${from}`}
          className={`absolute flex h-3.5 items-center gap-0.5 overflow-hidden rounded-t border-t-2 px-0.5 text-[0.625rem] leading-none whitespace-nowrap ${
            kind === 'canner'
              ? 'bottom-0 border-info text-info'
              : 'bottom-4 border-secondary text-secondary'
          }`}
          style={{
            left: time.at(from),
            width: Math.max(LEAST_BEAD_PX, time.at(to) - time.at(from) - 1),
          }}
        >
          {kind === 'canner' || kind === 'bowl' ? null : (
            <Flame aria-hidden className="size-2.5 shrink-0" />
          )}
          {time.at(to) - time.at(from) > LEAST_NAME_PX &&
            [thingName(answer.sheet, thing), answer.sheet.pots?.[pot ?? -1]?.name]
              .filter((name) => name !== undefined)
              .join(', ')}
        </span>
      )),
    )}
  </>
);
