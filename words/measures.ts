/** What a reader measures in; null where nobody knows, who then reads both. */
export type Measures = {
  readonly units: 'metric' | 'us';
  readonly temperature: 'C' | 'F';
} | null;

/** A measure in a text, metric first: `[82 °C|180 °F]`, `[{{mm}} mm|{{inches}} in]`. */
const PAIR = /\[([^[\]|]+)\|([^[\]|]+)\]/g;

/**
 * A text with every measure as its reader has it: `180 °F` or `82 °C`, and `82 °C (180 °F)` where
 * nobody knows.
 */
export const measuredFor = (text: string, measures: Measures): string =>
  text.replace(PAIR, (_, metric: string, us: string) => {
    if (measures === null) return `${metric} (${us})`;
    const isMetric = metric.includes('°')
      ? measures.temperature === 'C'
      : measures.units === 'metric';
    return isMetric ? metric : us;
  });
