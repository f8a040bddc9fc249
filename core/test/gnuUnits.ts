import { execFileSync } from 'node:child_process';

/** Asks Debian's `units` for one expression in another: `gnuUnits('cup', 'mL')` is 236.58824. */
export function gnuUnits(expression: string, wanted: string): number {
  const answer = execFileSync('units', ['--terse', '--digits', '12', expression, wanted], {
    encoding: 'utf8',
  });
  return Number(answer.trim());
}
