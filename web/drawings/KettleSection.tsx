import { formatMass, type Layers, type Plan } from '@idle-kettle/core';

const WIDTH = 400;
const RIM_Y = 70;
const BASE_Y = 330;
const LEFT = 44;
const RIGHT = 232;
/** Least room between two captions, so that thin layers stay readable. */
const CAPTION_ROOM = 40;

type Layer = {
  readonly name: string;
  readonly massG: number;
  readonly fill: string;
  readonly opacity: number;
};

/** What stays in the pot, from the bottom up. */
const layersOf = (layers: Layers, fruit: string): readonly Layer[] => [
  { name: 'pieces', massG: layers.insolublesG, fill: fruit, opacity: 1 },
  { name: 'acids, pectin', massG: layers.otherSolublesG, fill: fruit, opacity: 0.72 },
  { name: 'sugars', massG: layers.sugarsG, fill: fruit, opacity: 0.5 },
  { name: 'water stays', massG: layers.waterG, fill: fruit, opacity: 0.26 },
];

type Props = {
  readonly plan: Plan;
  readonly fruit: string;
};

/** The pot in section: what goes in, what leaves as steam, and what stays, by mass. */
export function KettleSection({ plan, fruit }: Props) {
  const { start, finish } = plan;
  if (!start || !finish) return <EmptyKettle />;
  const perGram = (BASE_Y - RIM_Y - 30) / start.massG;
  const mass = (massG: number) => formatMass(massG, 'metric');
  const stays = stacked(layersOf(finish.layers, fruit), perGram);
  const y = stays.at(-1)?.y ?? BASE_Y;
  const steamHeight = Math.max(0, finish.steamG) * perGram;
  const captions = spaced([
    ...stays
      .filter(({ massG }) => massG >= 1)
      .map(({ name, massG, y: top, height }) => ({
        text: name,
        value: mass(massG),
        at: top + height / 2,
      })),
    ...(finish.steamG >= 1
      ? [{ text: 'leaves as steam', value: mass(finish.steamG), at: y - steamHeight / 2 }]
      : []),
  ]);
  const inWords = `${mass(start.massG)} goes into the pot. ${captions.map(({ text, value }) => `${value} ${text}`).join(', ')}.`;
  return (
    <figure className="m-0">
      <svg viewBox={`0 0 ${WIDTH} 360`} role="img" aria-label={inWords} className="w-full">
        <defs>
          <clipPath id="inside">
            <path
              d={`M${LEFT} ${RIM_Y - 40} V${BASE_Y - 34} Q${LEFT} ${BASE_Y} ${LEFT + 34} ${BASE_Y} H${RIGHT - 34} Q${RIGHT} ${BASE_Y} ${RIGHT} ${BASE_Y - 34} V${RIM_Y - 40} Z`}
            />
          </clipPath>
        </defs>
        <g clipPath="url(#inside)">
          <rect
            x={LEFT}
            y={RIM_Y}
            width={RIGHT - LEFT}
            height={BASE_Y - RIM_Y}
            className="fill-base-100"
          />
          {stays.map((layer) => (
            <rect
              key={layer.name}
              x={LEFT}
              width={RIGHT - LEFT}
              y={layer.y}
              height={layer.height}
              fill={layer.fill}
              fillOpacity={layer.opacity}
              className="transition-all duration-300"
            />
          ))}
        </g>
        {steamHeight > 0 && <Steam top={y - steamHeight} bottom={y} />}
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
            <text x={RIGHT + 26} y={line - 2} fontSize="17" fontWeight="700">
              {value}
            </text>
            <text x={RIGHT + 26} y={line + 14} fontSize="14">
              {text}
            </text>
          </g>
        ))}
        <text x={LEFT} y="352" fontSize="15" className="fill-base-content">
          <tspan fontWeight="700">{mass(start.massG)}</tspan> goes in
        </text>
      </svg>
    </figure>
  );
}

/** Layers one upon another from the pot's floor up. */
function stacked(
  layers: readonly Layer[],
  perGram: number,
): readonly (Layer & { y: number; height: number })[] {
  let y = BASE_Y;
  return layers.map((layer) => {
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
    <path
      d={`M${LEFT} ${RIM_Y} V${BASE_Y - 34} Q${LEFT} ${BASE_Y} ${LEFT + 34} ${BASE_Y} H${RIGHT - 34} Q${RIGHT} ${BASE_Y} ${RIGHT} ${BASE_Y - 34} V${RIM_Y}`}
    />
    <path d={`M${LEFT - 14} ${RIM_Y} H${RIGHT + 14}`} strokeWidth="10" />
    <path d={`M${LEFT - 4} 120 q-28 4 -28 28 q0 20 28 20`} strokeWidth="8" />
  </g>
);

/** The part that leaves: pale, dashed at its top, with three curls going up. */
const Steam = ({ top, bottom }: { top: number; bottom: number }) => (
  <g className="stroke-secondary" fill="none" strokeWidth="2.5" strokeLinecap="round">
    <path d={`M${LEFT + 6} ${top} H${RIGHT - 6}`} strokeDasharray="3 8" />
    {[0.25, 0.5, 0.75].map((share, index) => {
      const x = LEFT + (RIGHT - LEFT) * share;
      const foot = (top + bottom) / 2 + (index - 1) * 6;
      return (
        <path
          key={share}
          d={`M${x} ${foot} c-16 -16 16 -26 0 -42 s16 -26 0 -42 s10 -18 2 -30`}
          strokeOpacity="0.75"
        />
      );
    })}
  </g>
);

const EmptyKettle = () => (
  <figure className="m-0 opacity-70">
    <svg viewBox={`0 0 ${WIDTH} 360`} role="img" aria-label="An empty pot" className="w-full">
      <Pot />
      <text
        x={(LEFT + RIGHT) / 2}
        y="205"
        fontSize="17"
        textAnchor="middle"
        className="fill-base-content"
      >
        Fruit and sugar,
      </text>
      <text
        x={(LEFT + RIGHT) / 2}
        y="228"
        fontSize="17"
        textAnchor="middle"
        className="fill-base-content"
      >
        and this pot fills
      </text>
    </svg>
  </figure>
);
