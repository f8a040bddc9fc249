import { textOf } from '@idle-kettle/words';
import type { Gauge } from '@idle-kettle/core';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { KETTLE } from './kettle.ts';
import { isOff, placeOn, readingInWords, shown, valueAt } from './stick.ts';

/** Ends of a stick, and its half width. */
const TOP = 62;
const FOOT = KETTLE.base - 12;
const HALF = 8;

type StickProps = {
  readonly gauge: Gauge;
  /** Whether this side holds the set back most. */
  readonly short: boolean;
  readonly x: number;
  /** Width that its caption may take. */
  readonly room: number;
  readonly onTurn: (value: number) => void;
};

/** One dipstick: drag the smear, or step it with the arrow keys. */
export function Stick({ gauge, short, x, room, onTurn }: StickProps) {
  const [held, setHeld] = useState<number | null>(null);
  const stick = useRef<SVGGElement>(null);
  const { value, window: band, best } = gauge;
  const off = isOff(gauge, short);
  const y = (of: number) => FOOT - placeOn(gauge, of) * (FOOT - TOP);
  const [bandTop, bandFoot] = [
    Math.min(y(band.low), y(band.high)),
    Math.max(y(band.low), y(band.high)),
  ];
  const [smearTop, smearFoot] = [
    Math.min(y(value.p10), y(value.p90)),
    Math.max(y(value.p10), y(value.p90)),
  ];
  const now = held ?? value.p50;

  function valueUnder(event: PointerEvent<SVGGElement>): number {
    const svg = stick.current?.ownerSVGElement;
    const matrix = svg?.getScreenCTM()?.inverse();
    if (!svg || !matrix) return value.p50;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return valueAt(gauge, (FOOT - point.y) / (FOOT - TOP));
  }

  function onKeyDown(event: KeyboardEvent<SVGGElement>) {
    const by = {
      ArrowUp: 0.02,
      ArrowDown: -0.02,
      PageUp: 0.1,
      PageDown: -0.1,
      Home: -1,
      End: 1,
    }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onTurn(valueAt(gauge, placeOn(gauge, value.p50) + by));
  }

  return (
    <g
      ref={stick}
      role="slider"
      tabIndex={0}
      // What is said of the acid begins with its pH.
      aria-label={gauge.id === 'acid' ? gauge.side : `${gauge.side}, ${textOf(gauge.name)}`}
      aria-orientation="vertical"
      aria-valuemin={Math.min(gauge.foot, gauge.top)}
      aria-valuemax={Math.max(gauge.foot, gauge.top)}
      aria-valuenow={now}
      aria-valuetext={held === null ? readingInWords(gauge, short) : shown(gauge, held)}
      data-testid={`gauge-${gauge.id}`}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(valueUnder(event));
      }}
      onPointerMove={(event) => held !== null && setHeld(valueUnder(event))}
      onPointerUp={() => {
        if (held !== null && Math.abs(placeOn(gauge, held) - placeOn(gauge, value.p50)) > 0.01)
          onTurn(held);
        setHeld(null);
      }}
      onPointerCancel={() => setHeld(null)}
      className="cursor-ns-resize touch-none"
    >
      <rect x={x - room / 2 + 4} y="4" width={room - 8} height={FOOT} fill="transparent" />
      <text
        x={x}
        y="24"
        fontSize="18"
        textAnchor="middle"
        className="fill-secondary"
        fontWeight="700"
      >
        {gauge.side}
      </text>
      <text
        x={x}
        y="49"
        fontSize="18.5"
        textAnchor="middle"
        fontWeight="700"
        className={off ? 'fill-error' : 'fill-base-content'}
      >
        {shown(gauge, now)}
      </text>
      {short && <path d={`M${x - 30} 56 h60`} className="stroke-error" strokeWidth="3" />}
      <rect
        x={x - HALF}
        y={TOP - 8}
        width={2 * HALF}
        height={FOOT - TOP + 14}
        rx="4"
        className="fill-base-100 stroke-base-content/70"
        strokeWidth="1.5"
      />
      <path d={marksAt(x + HALF)} className="stroke-base-content/50" />
      <Band x={x} top={bandTop} foot={bandFoot} />
      {best && (
        <path
          d={`M${x - HALF - 7} ${y(best.low)} V${y(best.high)}`}
          className="stroke-primary"
          strokeWidth="4"
          strokeLinecap="round"
        />
      )}
      <rect
        x={x - HALF + 2}
        y={smearTop - 2}
        width={2 * HALF - 4}
        height={smearFoot - smearTop + 4}
        rx="3"
        className={off ? 'fill-error' : 'fill-secondary'}
        fillOpacity="0.55"
      />
      <path
        d={`M${x - HALF - 3} ${y(now)} h${2 * HALF + 6}`}
        className={off ? 'stroke-error' : 'stroke-secondary'}
        strokeWidth="5"
        strokeLinecap="round"
      />
    </g>
  );
}

/** Nine marks down the edge of a stick. */
const marksAt = (edge: number): string =>
  Array.from({ length: 9 }, (_, i) => `M${edge} ${TOP + ((FOOT - TOP) * (i + 1)) / 10} h-5`).join(
    ' ',
  );

/** The window of the method: a band round the stick, notched where it begins and ends. */
const Band = ({ x, top, foot }: { x: number; top: number; foot: number }) => (
  <path
    d={`M${x - HALF - 12} ${top} h12 M${x - HALF - 7} ${top} V${foot} M${x - HALF - 12} ${foot} h12 M${x + HALF + 12} ${top} h-12 M${x + HALF + 7} ${top} V${foot} M${x + HALF + 12} ${foot} h-12`}
    className="fill-none stroke-primary"
    strokeWidth="2"
    strokeLinecap="round"
  />
);
