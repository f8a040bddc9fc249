import type { Fact } from '@idle-kettle/core/troubleshooting';

/** Where what is asked about is to be seen. */
type Place =
  'pot' | 'thermometer' | 'spoonful' | 'head' | 'rim' | 'lid' | 'canner' | 'shelf' | 'cloth';

const PLACE: { readonly [fact in Fact]: Place } = {
  solublesPct: 'spoonful',
  stopTempC: 'thermometer',
  waterBoilsC: 'thermometer',
  pH: 'spoonful',
  boilMin: 'pot',
  cookMin: 'pot',
  batches: 'pot',
  sugarShare: 'spoonful',
  headspaceMm: 'head',
  restMin: 'canner',
  standMin: 'pot',
  stirredMin: 'pot',
  monthsOld: 'shelf',
  processedMin: 'canner',
  boilLost: 'canner',
  retightened: 'lid',
  pressedCloth: 'cloth',
  waterHard: 'canner',
  rimWiped: 'rim',
  lidNew: 'lid',
  storedWarm: 'shelf',
  storedLight: 'shelf',
  jarsHot: 'rim',
};

const JAR = 'M22 24 h32 v5 q5 3 5 8 v24 q0 7 -7 7 H24 q-7 0 -7 -7 V37 q0 -5 5 -8z';
const LINE = 'fill-none stroke-primary';
const HERE = 'fill-none stroke-secondary';

const jar = (
  <>
    <path d="M17 42 h42 v19 q0 7 -7 7 H24 q-7 0 -7 -7z" className="fill-base-300" />
    <path d={JAR} className={LINE} strokeWidth="2.5" strokeLinejoin="round" />
  </>
);
const pot = (
  <path
    d="M14 32 h48 v24 q0 10 -10 10 H24 q-10 0 -10 -10z M8 38 h6 M62 38 h6"
    className={LINE}
    strokeWidth="2.5"
  />
);

/** The thing itself in the rim’s blue, what is asked about in copper. */
const DRAWN: { readonly [place in Place]: React.ReactNode } = {
  pot: (
    <>
      {pot}
      <path
        d="M26 24 q-4 -5 0 -10 M38 24 q-4 -5 0 -10 M50 24 q-4 -5 0 -10"
        className={HERE}
        strokeWidth="3"
        strokeLinecap="round"
      />
    </>
  ),
  thermometer: (
    <>
      {pot}
      <path d="M44 8 v36" className={HERE} strokeWidth="5" strokeLinecap="round" />
      <circle cx="44" cy="48" r="6" className="fill-secondary" />
    </>
  ),
  spoonful: (
    <>
      <path d="M44 30 L68 14" className={LINE} strokeWidth="4" strokeLinecap="round" />
      <ellipse cx="30" cy="38" rx="20" ry="11" className="fill-secondary" />
      <ellipse cx="30" cy="38" rx="20" ry="11" className={LINE} strokeWidth="2.5" />
    </>
  ),
  head: (
    <>
      {jar}
      <path
        d="M10 25 v16 m-3 -13 l3 -3 l3 3 m-6 10 l3 3 l3 -3"
        className={HERE}
        strokeWidth="2.5"
        strokeLinejoin="round"
      />
    </>
  ),
  rim: (
    <>
      {jar}
      <path d="M20 22 h36" className={HERE} strokeWidth="5" strokeLinecap="round" />
    </>
  ),
  lid: (
    <>
      {jar}
      <path d="M19 14 h38 v8 H19z" className="fill-secondary" />
    </>
  ),
  canner: (
    <>
      {pot}
      <path d="M24 42 h10 v20 H24z M42 42 h10 v20 H42z" className={HERE} strokeWidth="2.5" />
    </>
  ),
  shelf: (
    <>
      <path d="M8 62 h60" className={LINE} strokeWidth="4" />
      <path d="M16 38 h12 v22 H16z M34 38 h12 v22 H34z" className={LINE} strokeWidth="2.5" />
      <circle cx="62" cy="18" r="8" className="fill-secondary" />
      <path
        d="M62 4 v-2 M50 18 h-2 M53 9 l-2 -2 M71 9 l2 -2"
        className={HERE}
        strokeWidth="2.5"
        strokeLinecap="round"
      />
    </>
  ),
  cloth: (
    <>
      <path
        d="M20 10 h36 l-6 18 q-12 14 -24 0z"
        className="fill-base-300 stroke-primary"
        strokeWidth="2.5"
        strokeLinejoin="round"
      />
      <path d="M38 42 v6 M38 54 v5" className={HERE} strokeWidth="4" strokeLinecap="round" />
      <path d="M22 62 h32" className={LINE} strokeWidth="3" />
    </>
  ),
};

/** Where to look for what is asked. */
export const QuestionDrawing = ({ fact }: { readonly fact: Fact }) => (
  <svg viewBox="0 0 78 72" aria-hidden className="float-right h-16 w-16">
    {DRAWN[PLACE[fact]]}
  </svg>
);
