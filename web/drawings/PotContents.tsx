import { say, textOf } from '@idle-kettle/words';
import { eitherMass, type Layers, type Plan } from '@idle-kettle/core';
import { KETTLE, kettlePath } from './kettle.ts';

const { width: WIDTH, height: HEIGHT, left: LEFT, right: RIGHT, rim: RIM, base: BASE } = KETTLE;

type Props = { readonly plan: Plan; readonly fruit: string };

/** Less steam than this share of the batch is told, and not drawn. */
const STEAM_SEEN = 0.01;

const CAPTION_ROOM = 42;

type Layer = { readonly name: string; readonly massG: number; readonly opacity: number };

/** What stays in the pot, from the bottom up. */
const layersOf = (layers: Layers): readonly Layer[] => [
  { name: say('drawings.pieces'), massG: layers.insolublesG, opacity: 0.9 },
  { name: say('drawings.eggAndFat'), massG: layers.eggSolidsG + layers.fatG, opacity: 0.75 },
  { name: say('drawings.acidsPectin'), massG: layers.otherSolublesG, opacity: 0.6 },
  { name: say('drawings.sugars'), massG: layers.sugarsG, opacity: 0.42 },
  { name: say('drawings.waterLeft'), massG: layers.waterG, opacity: 0.22 },
];

const mass = (massG: number): string => textOf(eitherMass(massG));

/** The layers by mass, with the steam over them. */
export function Contents({ plan: { start, finish }, fruit }: Props) {
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
      steams: false,
    })),
    ...(steam >= 1
      ? [
          {
            text: say('drawings.boilsOff'),
            value: mass(steam),
            at: y - (steam * perGram) / 2,
            steams: true,
          },
        ]
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
      {captions.map(({ text, value, at, steams, y: line }) => (
        <g key={text} className={steams ? 'fill-secondary' : 'fill-base-content'}>
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

type Caption = {
  readonly text: string;
  readonly value: string;
  readonly at: number;
  /** Whether it is of what leaves. */
  readonly steams: boolean;
};

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

export const EmptyKettle = () => (
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
