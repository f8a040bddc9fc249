/** What becomes of one call on its way. */
export type Fate =
  /** Heard and answered. */
  | 'ok'
  /** Never heard. */
  | 'drop'
  /** Heard, and the answer lost. */
  | 'lost'
  /** Not answered in time, and heard only after whoever asked has given up. */
  | 'late'
  /** Heard twice: once now and once a good while later. */
  | 'double'
  /** A server in a hurry or in trouble, which has done nothing. */
  | 408
  | 429
  | 503;

/** What becomes of the next call, and how long it takes on its way, ms. */
export type Weather = () => { readonly fate: Fate; readonly ms: number };
