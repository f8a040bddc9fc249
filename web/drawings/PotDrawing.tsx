type Props = {
  readonly diameterCm: number;
  readonly heightCm: number;
  /** Pixels to a centimetre, the same for all that stand together. */
  readonly scale: number;
};

const RIM = 3;
const HANDLE = 9;

/** A pot from the side, to scale: enamel, its rim, and two handles. */
export const PotDrawing = ({ diameterCm, heightCm, scale }: Props) => {
  const width = diameterCm * scale;
  const height = heightCm * scale;
  const left = HANDLE + 2;
  const right = left + width;
  const round = Math.min(12, height / 3);
  return (
    <svg
      width={width + 2 * left}
      height={height + 2 * RIM}
      viewBox={`0 0 ${width + 2 * left} ${height + 2 * RIM}`}
      aria-hidden
      className="max-w-full fill-base-200 stroke-primary"
      strokeWidth="3"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path
        d={`M${left} ${RIM} V${RIM + height - round} q0 ${round} ${round} ${round} H${right - round} q${round} 0 ${round} ${-round} V${RIM}`}
      />
      <path d={`M${left - 3} ${RIM} H${right + 3}`} strokeWidth="5" />
      <path
        d={`M${left} ${RIM + 0.2 * height} q${-HANDLE} 1 ${-HANDLE} ${0.13 * height} q0 ${0.12 * height} ${HANDLE} ${0.13 * height} M${right} ${RIM + 0.2 * height} q${HANDLE} 1 ${HANDLE} ${0.13 * height} q0 ${0.12 * height} ${-HANDLE} ${0.13 * height}`}
        fill="none"
      />
    </svg>
  );
};
