import type { KitchenForm } from './kitchenForm.ts';

/** How a kitchen likes to read its amounts, all at once. */
export type ReadingId = 'us' | 'metric' | 'uk';

type Reading = Pick<KitchenForm, 'units' | 'temperature' | 'altitudeUnit' | 'measures'>;

export const READINGS: { readonly [id in ReadingId]: Reading } = {
  us: { units: 'us', temperature: 'F', altitudeUnit: 'ft', measures: 'us' },
  metric: { units: 'metric', temperature: 'C', altitudeUnit: 'm', measures: 'metric' },
  uk: { units: 'metric', temperature: 'C', altitudeUnit: 'm', measures: 'uk' },
};

/** What is assumed of somebody whose browser speaks this language, such as `en-US`. */
export function readingFor(language: string): ReadingId {
  const [, region] = language.split('-');
  if (region === 'US' || language === 'en') return 'us';
  return region === 'GB' || region === 'IE' ? 'uk' : 'metric';
}
