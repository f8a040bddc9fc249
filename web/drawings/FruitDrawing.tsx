/** How a fruit grows, as far as a small drawing tells. */
export type FruitShape = 'round' | 'cleft' | 'berry' | 'heart' | 'bunch' | 'pear' | 'stalks';

/** What a drawing is drawn with: the colours of the screen, unless others are given for paper. */
export type Inks = { readonly line: string; readonly leaf: string; readonly seed: string };

const ON_SCREEN: Inks = {
  line: 'var(--color-primary)',
  leaf: 'var(--color-success)',
  seed: 'var(--color-base-100)',
};

type Props = {
  readonly shape: FruitShape;
  /** Null for a fruit without a colour of its own: it is drawn in enamel. */
  readonly colour: string | null;
  readonly inks?: Inks;
};

/** A fruit by its outline, in the colour that its jam will have. */
export const FruitDrawing = ({ shape, colour, inks = ON_SCREEN }: Props) => {
  const Shape = SHAPES[shape];
  return (
    <svg
      viewBox="0 0 48 48"
      aria-hidden
      className="size-12"
      stroke={inks.line}
      strokeWidth="1.5"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <Shape colour={colour ?? 'var(--color-base-300)'} inks={inks} />
    </svg>
  );
};

type ShapeProps = { readonly colour: string; readonly inks: Inks };

const Leaf = ({ x, y, leaf }: { x: number; y: number; leaf: string }) => (
  <path d={`M${x} ${y} q4 -9 13 -7 q-2 9 -13 7 z`} fill={leaf} />
);

const Round = ({ colour, inks }: ShapeProps) => (
  <>
    <path d="M24 15 v-7" fill="none" />
    <Leaf x={24} y={12} leaf={inks.leaf} />
    <circle cx="24" cy="29" r="14" fill={colour} />
  </>
);

const Cleft = ({ colour, inks }: ShapeProps) => (
  <>
    <Round colour={colour} inks={inks} />
    <path d="M24 15 q-7 13 0 28" fill="none" />
  </>
);

/** The drupelets of a raspberry: rows that narrow. */
const DRUPELETS = [
  [17, 19],
  [24, 18],
  [31, 19],
  [14, 26],
  [20.7, 26],
  [27.3, 26],
  [34, 26],
  [17.5, 33],
  [24, 33],
  [30.5, 33],
  [21, 39.5],
  [27, 39.5],
] as const;

const Balls = ({
  at,
  r,
  colour,
}: Pick<ShapeProps, 'colour'> & { at: readonly (readonly [number, number])[]; r: number }) =>
  at.map(([x, y]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} fill={colour} />);

const Berry = ({ colour }: ShapeProps) => (
  <>
    <Balls at={DRUPELETS} r={4.6} colour={colour} />
    <path d="M15 14 l9 -3 l9 3 M24 11 v-5" fill="none" />
  </>
);

const SEEDS = [
  [18, 22],
  [24, 20],
  [30, 22],
  [21, 28],
  [27, 28],
  [24, 35],
] as const;

const Heart = ({ colour, inks }: ShapeProps) => (
  <>
    <path
      d="M24 44 C12 36 7 26 11 18 C15 12 21 13 24 15 C27 13 33 12 37 18 C41 26 36 36 24 44 z"
      fill={colour}
    />
    {SEEDS.map(([x, y]) => (
      <path key={`${x} ${y}`} d={`M${x} ${y} v2`} stroke={inks.seed} />
    ))}
    <path
      d="M13 13 q6 -3 11 1 q5 -4 11 -1 M24 14 v-8"
      fill="none"
      stroke={inks.leaf}
      strokeWidth="2.5"
    />
  </>
);

const ON_THE_BUNCH = [
  [17, 15],
  [30, 18],
  [18, 25],
  [30, 28],
  [20, 35],
  [28, 38],
] as const;

const Bunch = ({ colour }: ShapeProps) => (
  <>
    <path d="M24 4 q-1 18 0 34" fill="none" />
    <Balls at={ON_THE_BUNCH} r={5.4} colour={colour} />
  </>
);

const Pear = ({ colour, inks }: ShapeProps) => (
  <>
    <path d="M24 11 q0 -4 3 -6" fill="none" />
    <Leaf x={24} y={10} leaf={inks.leaf} />
    <path
      d="M24 11 C30 11 29 18 33 23 C39 30 37 44 24 44 C11 44 9 30 15 23 C19 18 18 11 24 11 z"
      fill={colour}
    />
  </>
);

const Stalks = ({ colour, inks }: ShapeProps) => (
  <>
    <path d="M9 43 Q15 28 19 15 L24 17 Q20 32 14 45 z" fill={colour} />
    <path d="M22 45 Q26 30 27 16 L32 17 Q32 32 28 45 z" fill={colour} />
    <path
      d="M12 12 q3 -8 12 -6 q9 -4 15 3 q2 8 -6 9 q-11 4 -18 -1 q-4 -2 -3 -5 z"
      fill={inks.leaf}
    />
  </>
);

const SHAPES: { readonly [shape in FruitShape]: (props: ShapeProps) => React.ReactNode } = {
  round: Round,
  cleft: Cleft,
  berry: Berry,
  heart: Heart,
  bunch: Bunch,
  pear: Pear,
  stalks: Stalks,
};
