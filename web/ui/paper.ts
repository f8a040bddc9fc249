import type { UnitSystem } from '@idle-kettle/core';

/** The paper that is in a household’s printer, by what it measures in. */
export const paperOf = (units: UnitSystem): 'A4' | 'LETTER' => (units === 'us' ? 'LETTER' : 'A4');
