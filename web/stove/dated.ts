/** By which reading of a page’s clock something was dated. */
export type Dated = {
  /** Which page’s clock it was. */
  readonly page: string;
  /** What that clock had been put right by until then, ms. */
  readonly putRightMs: number;
};
