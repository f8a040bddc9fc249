import { readPlanRequest } from '@idle-kettle/contract';
import { planBatch, type Plan } from '@idle-kettle/core';
import { answerRequests, sourceOf, type Answer, type Outcome } from './answer.ts';

function planOne(json: unknown): Outcome<Plan> {
  const read = readPlanRequest(json);
  if (!read.ok) return read;
  const outcome = planBatch(read.request);
  return outcome.ok ? { ok: true, value: outcome.plan } : outcome;
}

/**
 * Plans from the text of a JSON request, or of an array of them: each plan as JSON, each fault on a
 * line of its own.
 */
export const planFromText = (source: string): Answer => answerRequests(source, planOne);

/** `plan [FILE]`: reads the file, or standard input when none is named. */
export const planCommand = (file: string | undefined): Promise<Answer> =>
  sourceOf(file, planFromText);
