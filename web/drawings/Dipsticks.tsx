import { say, textOf } from '@idle-kettle/words';
import { formatMass, type Gauge, type GaugeId, type Layers, type Plan } from '@idle-kettle/core';
import { memo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { KETTLE, kettlePath } from './kettle.ts';
import { captionOf, isOff, isShort, placeOn, readingInWords, shown, valueAt } from './stick.ts';

const { width: WIDTH, height: HEIGHT, left: LEFT, right: RIGHT, rim: RIM, base: BASE } = KETTLE;
/** Ends of a stick, and its half width. */
const TOP = 62;
const FOOT = BASE - 12;
const HALF = 8;
const CAPTION_ROOM = 42;
/** Less steam than this share of the batch is told, and not drawn. */
const STEAM_SEEN = 0.01;

type Props = {
  readonly plan: Plan;
  readonly fruit: string;
  /** A stick was let go, or stepped, at a value; the amounts follow. */
  readonly onTurn: (gauge: GaugeId, value: number) => void;
};

/**
 * The pot in section with four dipsticks standing in it. Below, the layers by mass and what leaves as steam; on each stick
 * the window of the method as a notched band, and this batch as a smear from p10 to p90.
 */
export const Dipsticks = memo(function Dipsticks({ plan, fruit, onTurn }: Props) {
  const { start, finish, gauges, set } = plan;
  if (!start || !finish || !gauges) return <EmptyKettle />;
  const step = (RIGHT - LEFT) / 4;
  const order: readonly GaugeId[] = ['fruit', 'sugar', 'acid', 'pectin'];
  return (
    <figure className="m-0 [contain:content] will-change-transform">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="group"
        aria-label={say('drawings.thePotWithItsFour')}
        className="w-full touch-pan-y select-none wide:max-h-[36dvh]"
      >
        <Contents plan={plan} fruit={fruit} />
        {gauges.map((gauge) => (
          <Stick
            key={gauge.id}
            gauge={gauge}
            short={isShort(gauge, set)}
            x={LEFT + step * (order.indexOf(gauge.id) + 0.5)}
            room={step}
            onTurn={(value) => onTurn(gauge.id, value)}
          />
        ))}
      </svg>
      <figcaption>
        <dl className="grid grid-cols-4 gap-x-2 text-xs leading-tight">
          {gauges.map((gauge) => {
            const { is, wants } = captionOf(gauge);
            return (
              <div key={gauge.id}>
                <dt className="font-bold text-secondary">{gauge.side}</dt>
                <dd className={isOff(gauge, isShort(gauge, set)) ? 'font-bold text-error' : ''}>
                  {is}
                </dd>
                <dd>{wants}</dd>
              </div>
            );
          })}
        </dl>
      </figcaption>
    </figure>
  );
});

type Layer = { readonly name: string; readonly massG: number; readonly opacity: number };

/** What stays in the pot, from the bottom up. */
const layersOf = (layers: Layers): readonly Layer[] => [
  { name: say('drawings.pieces'), massG: layers.insolublesG, opacity: 0.9 },
  { name: say('drawings.eggAndFat'), massG: layers.eggSolidsG + layers.fatG, opacity: 0.75 },
  { name: say('drawings.acidsPectin'), massG: layers.otherSolublesG, opacity: 0.6 },
  { name: say('drawings.sugars'), massG: layers.sugarsG, opacity: 0.42 },
  { name: say('drawings.waterLeft'), massG: layers.waterG, opacity: 0.22 },
];

const mass = (massG: number): string => formatMass(massG, 'metric');

/** The layers by mass, with the steam over them. */
function Contents({ plan: { start, finish }, fruit }: Pick<Props, 'plan' | 'fruit'>) {
  if (!start || !finish) return null;
  const perGram = (BASE - RIM - 16) / start.massG;
  const stays = stacked(finish.layers, perGram);
  const y = stays.at(-1)?.y ?? BASE;
  const steam = Math.max(0, finish.steamG);
  const captions = spaced([
    ...stays.map(({ name, massG, y: top, height }) => ({
      text: name,
      value: mass(massG),
      at: top + height / 2,
    })),
    ...(steam >= 1
      ? [{ text: say('drawings.boilsOff'), value: mass(steam), at: y - (steam * perGram) / 2 }]
      : []),
  ]);
  const parts = captions.map(({ text, value }) => `${value} ${text}`).join(', ');
  const inWords = say('drawings.goesIntoThePot', {
    mass: mass(start.massG),
    part: parts === '' ? '' : ` ${parts}.`,
  });
  return (
    <g role="img" aria-label={inWords}>
      <clipPath id="inside">
        <path d={`${kettlePath(RIM - 40)} Z`} />
      </clipPath>
      <g clipPath="url(#inside)">
        <rect x={LEFT} y={RIM} width={RIGHT - LEFT} height={BASE - RIM} className="fill-base-100" />
        {stays.map((layer) => (
          <rect
            key={layer.name}
            x={LEFT}
            width={RIGHT - LEFT}
            y={layer.y}
            height={layer.height}
            fill={fruit}
            fillOpacity={layer.opacity}
          />
        ))}
      </g>
      {steam > STEAM_SEEN * start.massG && (
        <g className="stroke-secondary" fill="none" strokeWidth="2.5" strokeLinecap="round">
          <path d={`M${LEFT + 6} ${y - steam * perGram} H${RIGHT - 6}`} strokeDasharray="3 8" />
          {[0.5, 1.5, 2.5, 3.5].slice(0, 3).map((place) => {
            const x = LEFT + ((RIGHT - LEFT) / 4) * (place + 0.5);
            return (
              <path
                key={place}
                d={`M${x} ${y - 6} c-12 -12 12 -20 0 -32 s12 -20 0 -32`}
                strokeOpacity="0.7"
              />
            );
          })}
        </g>
      )}
      <Pot />
      {captions.map(({ text, value, at, y: line }) => (
        <g
          key={text}
          className={text === 'leaves as steam' ? 'fill-secondary' : 'fill-base-content'}
        >
          <path
            d={`M${RIGHT + 9} ${at} L${RIGHT + 22} ${line}`}
            className="fill-none stroke-base-content/40"
            strokeWidth="1.2"
          />
          <text x={RIGHT + 26} y={line - 1} fontSize="20" fontWeight="700">
            {value}
          </text>
          <text x={RIGHT + 26} y={line + 17} fontSize="16.5">
            {text}
          </text>
        </g>
      ))}
      <text x={LEFT} y={HEIGHT - 12} fontSize="18" className="fill-base-content">
        <tspan fontWeight="700">{mass(start.massG)}</tspan> {say('drawings.goesIn')}
      </text>
    </g>
  );
}

/** Layers one upon another from the pot’s floor up. */
function stacked(
  layers: Layers,
  perGram: number,
): readonly (Layer & { readonly y: number; readonly height: number })[] {
  let y = BASE;
  return layersOf(layers)
    .filter(({ massG }) => massG >= 1)
    .map((layer) => {
      const height = layer.massG * perGram;
      y -= height;
      return { ...layer, y, height };
    });
}

type Caption = { readonly text: string; readonly value: string; readonly at: number };

/** Moves captions apart from the bottom up, so that none covers another. */
function spaced(captions: readonly Caption[]): readonly (Caption & { readonly y: number })[] {
  let lowest = Infinity;
  return captions.map((caption) => {
    const y = Math.min(caption.at, lowest - CAPTION_ROOM);
    lowest = y;
    return { ...caption, y };
  });
}

const Pot = () => (
  <g className="fill-none stroke-primary" strokeWidth="7" strokeLinecap="round">
    <path d={kettlePath(RIM)} />
    <path d={`M${LEFT - 14} ${RIM} H${RIGHT + 14}`} strokeWidth="10" />
    <path d={`M${LEFT - 4} 196 q-26 4 -26 26 q0 20 26 20`} strokeWidth="8" />
  </g>
);

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
function Stick({ gauge, short, x, room, onTurn }: StickProps) {
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
      aria-label={`${gauge.side}, ${textOf(gauge.name)}`}
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

const EmptyKettle = () => (
  <figure className="m-0 opacity-70">
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={say('drawings.anEmptyPot')}
      className="w-full"
    >
      <Pot />
      {[say('drawings.addFruitAndSugar'), say('drawings.andThisPotFills')].map((text, line) => (
        <text
          key={text}
          x={(LEFT + RIGHT) / 2}
          y={270 + 26 * line}
          fontSize="19"
          textAnchor="middle"
          className="fill-base-content"
        >
          {text}
        </text>
      ))}
    </svg>
  </figure>
);
