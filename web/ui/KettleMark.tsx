/**
 * The app's mark: an enamel pot, half full, steaming. Its rim takes the colour of the text beside
 * it.
 */
export const KettleMark = () => (
  <svg viewBox="0 0 32 32" aria-hidden className="size-8" fill="none" strokeLinecap="round">
    <path
      d="M5 12h22v10a6 6 0 0 1-6 6H11a6 6 0 0 1-6-6z"
      className="fill-base-100 stroke-current"
      strokeWidth="2"
    />
    <path d="M6 19h20v3a5 5 0 0 1-5 5H11a5 5 0 0 1-5-5z" fill="#a3283c" />
    <path d="M3 12h26" className="stroke-current" strokeWidth="3" />
    <path d="M12 8c-2-2 2-3 0-5M20 8c-2-2 2-3 0-5" className="stroke-secondary" strokeWidth="2" />
  </svg>
);
