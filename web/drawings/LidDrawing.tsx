import { say } from '@idle-kettle/words';
/** A lid seen along its edge: down in the middle when it is sealed, up when it is not. */
export const LidDrawing = ({ sealed }: { readonly sealed: boolean }) => (
  <svg
    viewBox="0 0 120 56"
    role="img"
    aria-label={sealed ? say('drawings.theMiddleIsDownAnd') : say('drawings.theMiddleIsUpOr')}
    className="w-32 fill-none stroke-base-content"
    strokeWidth="4"
    strokeLinecap="round"
  >
    <path d={sealed ? 'M12 22 Q60 36 108 22' : 'M12 22 Q60 6 108 22'} />
    <path d="M12 22 V30 M108 22 V30" />
    <path d="M16 30 V50 M104 30 V50" className="stroke-base-300" />
    {sealed ? (
      <path d="M60 4 V20 M54 14 L60 21 L66 14" className="stroke-secondary" strokeWidth="3" />
    ) : (
      <path
        d="M60 2 V10 M46 34 q6 -5 0 -10 M74 34 q-6 -5 0 -10"
        className="stroke-secondary"
        strokeWidth="3"
      />
    )}
  </svg>
);
