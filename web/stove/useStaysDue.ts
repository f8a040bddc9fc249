import { useState } from 'react';
import type { Instruction } from './instruction.ts';
import { steadied, type WasDue } from './staysDue.ts';

/** An instruction as {@link steadied}; `step` is null where nothing wavers. */
export function useStaysDue(
  instruction: Instruction | null,
  step: string | null,
  leftMin: number | null,
): Instruction | null {
  const [was, setWas] = useState<WasDue | null>(null);
  if (instruction === null || step === null) return instruction;
  if (instruction.due && was?.step !== step) setWas({ step, due: instruction });
  return steadied(was, instruction, step, leftMin);
}
