/** By which reading of a page’s clock something was dated. */
export type Dated = {
  /** Which page’s clock it was. */
  readonly page: string;
  /** How often that clock had been put right by then. */
  readonly stretch: number;
  /**
   * What the clock on the wall had gained on the steady one since they were compared, ms: it was set
   * since, or the device slept.
   */
  readonly gainedMs: number;
};
