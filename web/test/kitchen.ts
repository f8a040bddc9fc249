import type { Kitchen } from '@idle-kettle/contract';

/** A kitchen that is set up, with one of everything. */
export const DEFAULTS: Kitchen = {
  id: 'k',
  version: 3,
  knowledge: null,
  setUp: true,
  name: 'Test kitchen',
  altitudeM: 1250,
  waterBoilsC: null,
  units: 'us',
  temperature: 'F',
  altitudeUnit: 'ft',
  school: 'sterilised',
  canner: 'boiling-water',
  cannerHolds: null,
  cannerWatched: null,
  pots: [{ id: 'wide', name: 'wide pot', diameterCm: 30, heightCm: 19 }],
  burners: [{ id: 'front', name: 'front burner', heat: 'medium-burner' }],
  jars: [{ id: 'half', name: 'half-pint', volumeMl: 237, count: 30 }],
  packs: [],
  measures: 'us',
  names: [],
  stock: [],
  prices: [{ ingredient: 'sugar', minorPerKg: 130 }],
  currency: 'USD',
};
