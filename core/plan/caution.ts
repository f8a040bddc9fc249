import type { Caution } from './plan.ts';

export const stop = (code: string, text: string): Caution => ({ code, level: 'stop', text });
export const warn = (code: string, text: string): Caution => ({ code, level: 'warn', text });
export const note = (code: string, text: string): Caution => ({ code, level: 'note', text });
