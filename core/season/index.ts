export * from './jarCode.ts';
export * from './jarLife.ts';
export * from './shelfJar.ts';
export * from './stockAfter.ts';
export * from './useRate.ts';
export * from './ripeMonths.ts';
export * from './ripening.ts';
export * from './toMake.ts';
