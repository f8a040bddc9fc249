import type { TaskKind } from '@idle-kettle/core/today';

const LINE = 'fill-none stroke-primary';
const HERE = 'fill-none stroke-secondary';

const pot = (
  <path
    d="M14 34 h48 v20 q0 10 -10 10 H24 q-10 0 -10 -10z M8 40 h6 M62 40 h6"
    className={LINE}
    strokeWidth="3"
  />
);
const jar = (
  <path
    d="M24 22 h28 v4 q5 3 5 8 v22 q0 8 -8 8 H27 q-8 0 -8 -8 V34 q0 -5 5 -8z M22 16 h32 v6 H22z"
    className={LINE}
    strokeWidth="3"
    strokeLinejoin="round"
  />
);
const full = <path d="M19 38 h38 v18 q0 8 -8 8 H27 q-8 0 -8 -8z" className="fill-secondary/40" />;
const steam = (
  <path
    d="M26 26 q-4 -5 0 -11 M38 26 q-4 -5 0 -11 M50 26 q-4 -5 0 -11"
    className={HERE}
    strokeWidth="3.5"
    strokeLinecap="round"
  />
);
const clock = (
  <>
    <circle cx="58" cy="54" r="13" className="fill-base-100 stroke-secondary" strokeWidth="3" />
    <path d="M58 46 v8 l6 4" className={HERE} strokeWidth="3" strokeLinecap="round" />
  </>
);
const bowl = (
  <path d="M10 34 h56 q-2 26 -20 28 h-16 q-18 -2 -20 -28z" className={LINE} strokeWidth="3" />
);

/** A drawing for each kind of task: the thing in dark blue, what to do with it in copper. */
const DRAWN: { readonly [kind in TaskKind]: React.ReactNode } = {
  'on-the-stove': (
    <>
      {pot}
      {steam}
    </>
  ),
  'jars-waiting': (
    <>
      {pot}
      <path d="M26 44 h8 v16 h-8z M42 44 h8 v16 h-8z" className={HERE} strokeWidth="3" />
    </>
  ),
  reprocess: (
    <>
      {full}
      {jar}
      {clock}
    </>
  ),
  'press-lids': (
    <>
      {full}
      {jar}
      <path
        d="M38 1 v9 m-4 -4 l4 4 l4 -4"
        className={HERE}
        strokeWidth="3.5"
        strokeLinecap="round"
      />
    </>
  ),
  'day-sheet': (
    <>
      <path d="M12 14 h52 v50 h-52z" className={LINE} strokeWidth="3" strokeLinejoin="round" />
      <path
        d="M19 27 h22 M27 40 h26 M36 53 h22"
        className={HERE}
        strokeWidth="5"
        strokeLinecap="round"
      />
    </>
  ),
  'next-step': (
    <>
      {bowl}
      <path
        d="M38 6 v18 m-6 -6 l6 6 l6 -6"
        className={HERE}
        strokeWidth="3.5"
        strokeLinecap="round"
      />
    </>
  ),
  'step-waiting': (
    <>
      {bowl}
      {clock}
    </>
  ),
  fruit: (
    <>
      {bowl}
      <circle cx="26" cy="27" r="9" className="fill-secondary/50" />
      <circle cx="42" cy="24" r="10" className="fill-secondary/50" />
      <circle cx="54" cy="29" r="7" className="fill-secondary/50" />
    </>
  ),
  eat: (
    <>
      {full}
      {jar}
      <path d="M60 8 L42 44" className={HERE} strokeWidth="4" strokeLinecap="round" />
      <ellipse
        cx="39"
        cy="49"
        rx="6"
        ry="8"
        className="fill-secondary"
        transform="rotate(26 39 49)"
      />
    </>
  ),
  past: (
    <>
      {full}
      {jar}
      <path d="M54 6 v20 M54 33 v2" className={HERE} strokeWidth="5" strokeLinecap="round" />
    </>
  ),
  store: (
    <>
      <path d="M6 62 h64" className={LINE} strokeWidth="4" />
      <path d="M14 36 h14 v24 H14z M34 36 h14 v24 H34z" className={LINE} strokeWidth="3" />
      <path
        d="M58 24 v30 m-6 -6 l6 6 l6 -6"
        className={HERE}
        strokeWidth="3.5"
        strokeLinecap="round"
      />
    </>
  ),
  judge: (
    <>
      <ellipse cx="38" cy="44" rx="30" ry="18" className={LINE} strokeWidth="3" />
      <path
        d="M24 42 q8 -10 14 -2 v10 q-8 6 -14 -2z M52 42 q-8 -10 -14 -2"
        className="fill-secondary/50"
      />
    </>
  ),
  'jars-cooling': (
    <>
      {full}
      {jar}
      {clock}
    </>
  ),
  calcium: (
    <>
      <path
        d="M28 10 h20 v14 l8 12 v20 q0 8 -8 8 H28 q-8 0 -8 -8 V36 l8 -12z"
        className={LINE}
        strokeWidth="3"
      />
      <path d="M21 44 h34 v12 q0 7 -7 7 H28 q-7 0 -7 -7z" className="fill-secondary/30" />
    </>
  ),
  'runs-short': (
    <>
      <path d="M6 62 h64" className={LINE} strokeWidth="4" />
      <path d="M12 36 h14 v24 H12z" className={LINE} strokeWidth="3" />
      <path
        d="M34 36 h14 v24 H34z M54 36 h14 v24 H54z"
        className={HERE}
        strokeWidth="2.5"
        strokeDasharray="4 4"
      />
    </>
  ),
  planned: (
    <>
      <path d="M18 8 h40 v56 H18z" className={LINE} strokeWidth="3" />
      <path
        d="M26 22 h24 M26 34 h24 M26 46 h14"
        className={HERE}
        strokeWidth="3"
        strokeLinecap="round"
      />
    </>
  ),
};

export const TaskDrawing = ({ kind }: { readonly kind: TaskKind }) => (
  <svg viewBox="0 0 78 72" aria-hidden className="h-14 w-14 shrink-0">
    {DRAWN[kind]}
  </svg>
);
