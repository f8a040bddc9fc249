import QRCode from 'qrcode';

/** Modules of white around it, as ISO/IEC 18004 asks for. */
const QUIET = 4;

/** A text as a code that a phone’s camera reads: black on white in any light. */
export function QrCode({ text, label }: { readonly text: string; readonly label: string }) {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const { size } = modules;
  const dark = Array.from({ length: size * size }, (_, index) => index).filter((index) =>
    modules.get(Math.floor(index / size), index % size),
  );
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${-QUIET} ${-QUIET} ${size + 2 * QUIET} ${size + 2 * QUIET}`}
      shapeRendering="crispEdges"
      className="size-56 bg-white"
    >
      <path
        fill="#000"
        d={dark.map((index) => `M${index % size} ${Math.floor(index / size)}h1v1h-1z`).join('')}
      />
    </svg>
  );
}
