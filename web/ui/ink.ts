/** The colours of the theme that a chart stands in. */
export type Ink = {
  readonly text: string;
  readonly faint: string;
  readonly heat: string;
  readonly band: string;
  readonly stop: string;
};

/**
 * The colours of the theme that the chart stands in: a canvas does not read the style sheet by
 * itself.
 */
export function inkOf(element: HTMLElement): Ink {
  const style = getComputedStyle(element);
  const of = (name: string) => style.getPropertyValue(`--color-${name}`).trim();
  return {
    text: of('base-content'),
    faint: of('base-300'),
    heat: of('secondary'),
    // The themes write their colours in six digits; two more make one of them thin.
    band: `${of('secondary')}4d`,
    stop: of('primary'),
  };
}
