import type { Instruction } from './instruction.ts';

/** What is due stays due until the stop is expected so many minutes away again. */
const GOES_BACK_MIN = 1.5;

/** An instruction that was due, and in what step of the cook. */
export type WasDue = { readonly step: string; readonly due: Instruction };

/**
 * An instruction that does not waver near the stop: once it is time it stays so, until something is
 * done, or the pot proves to be well away from it.
 * @param was what was due last; null before anything was
 * @param step names the step and what was done in it
 * @param leftMin minutes until the stop, most likely; null where that cannot be told
 */
export function steadied(
  was: WasDue | null,
  now: Instruction,
  step: string,
  leftMin: number | null,
): Instruction {
  const isBack = leftMin !== null && leftMin > GOES_BACK_MIN;
  return now.due || was?.step !== step || isBack ? now : was.due;
}
