export * from './amount.ts';
export * from './format.ts';
export * from './provenance.ts';
export * from './range.ts';
export * from './round.ts';
export * from './smooth.ts';
export * from './temperature.ts';
export * from './units.ts';
