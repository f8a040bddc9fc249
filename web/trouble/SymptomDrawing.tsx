import type { Symptom } from '@idle-kettle/core/troubleshooting';

/** What is seen in a jar, drawn into the same jar: its content, and what is on or over it. */
const CONTENT: { readonly [symptom in Symptom]: React.ReactNode } = {
  loose: <path d="M17 36 q10 -9 20 0 t24 -6 v34 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />,
  stiff: <path d="M21 33 h35 v36 H22 q-4 0 -4 -4z M23 33 v36" fill="var(--fruit)" />,
  weeps: (
    <>
      <path d="M17 42 h44 v22 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <path d="M17 34 h44 v8 H17z" fill="var(--fruit)" fillOpacity="0.3" />
      <path d="M28 26 q-3 4 0 5 q3 -1 0 -5 M46 24 q-3 4 0 5 q3 -1 0 -5" className="fill-info" />
    </>
  ),
  crystals: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <path
        d="M27 42 l3 -4 3 4 -3 4z M44 50 l4 -5 4 5 -4 5z M31 57 l3 -4 3 4 -3 4z"
        className="fill-base-100"
      />
    </>
  ),
  floats: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" fillOpacity="0.4" />
      <g fill="var(--fruit)">
        <circle cx="25" cy="37" r="4.5" />
        <circle cx="36" cy="38" r="5" />
        <circle cx="48" cy="37" r="4.5" />
        <circle cx="56" cy="39" r="3.5" />
      </g>
    </>
  ),
  cloudy: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" fillOpacity="0.45" />
      <path
        d="M22 50 q4 -7 9 -3 q3 -6 9 -2 q8 -3 8 4 q6 1 3 6 h-27 q-5 -1 -2 -5z"
        className="fill-base-200"
        fillOpacity="0.85"
      />
    </>
  ),
  scorched: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <path d="M17 60 q11 -5 22 0 t22 -1 v5 q0 5 -5 5 H22 q-5 0 -5 -5z" className="fill-neutral" />
    </>
  ),
  siphoned: (
    <>
      <path d="M17 46 h44 v18 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <path
        d="M17 33 h44 M39 35 v8 m-3 -3 l3 3 l3 -3"
        className="stroke-primary"
        strokeWidth="2"
        strokeDasharray="3 2"
        fill="none"
      />
    </>
  ),
  unsealed: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <path d="M20 17 q19 -12 38 0" className="stroke-secondary" strokeWidth="3" fill="none" />
    </>
  ),
  mould: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <g className="fill-base-content" fillOpacity="0.55">
        <circle cx="26" cy="33" r="4" />
        <circle cx="32" cy="30" r="3" />
        <circle cx="47" cy="32" r="5" />
      </g>
    </>
  ),
  faded: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <path d="M17 32 h44 v15 H17z" className="fill-base-100" fillOpacity="0.65" />
    </>
  ),
  bubbles: (
    <>
      <path d="M17 32 h44 v32 q0 5 -5 5 H22 q-5 0 -5 -5z" fill="var(--fruit)" />
      <g className="fill-base-100" fillOpacity="0.8">
        <circle cx="27" cy="58" r="2.5" />
        <circle cx="33" cy="48" r="3.5" />
        <circle cx="46" cy="56" r="3" />
        <circle cx="50" cy="41" r="4" />
        <circle cx="27" cy="40" r="2" />
      </g>
    </>
  ),
};

/** What is wrong, drawn in a jar. */
export const SymptomDrawing = ({ symptom }: { readonly symptom: Symptom }) => (
  <svg viewBox="0 0 78 76" aria-hidden className="h-16 w-16">
    {CONTENT[symptom]}
    <path
      d="M20 20 h38 v5 q5 3 5 9 v30 q0 7 -7 7 H22 q-7 0 -7 -7 V34 q0 -6 5 -9z"
      fill="none"
      className="stroke-primary"
      strokeWidth="2.5"
      strokeLinejoin="round"
    />
    {symptom !== 'unsealed' && (
      <path d="M18 13 h42 v7 H18z" className="fill-base-300 stroke-primary" strokeWidth="2.5" />
    )}
  </svg>
);
