import { readRemakeRequest, readTroubleRequest } from '@idle-kettle/contract/trouble';
import { remakeOf, troubleOf, type Remake, type Trouble } from '@idle-kettle/core/troubleshooting';
import { answerRequests, sourceOf, type Answer, type Outcome } from './answer.ts';

function troubleOne(json: unknown): Outcome<Trouble> {
  const read = readTroubleRequest(json);
  if (!read.ok) return read;
  const outcome = troubleOf(read.request);
  return outcome.ok ? { ok: true, value: outcome.trouble } : outcome;
}

function remakeOne(json: unknown): Outcome<Remake> {
  const read = readRemakeRequest(json);
  if (!read.ok) return read;
  const outcome = remakeOf(read.request);
  return outcome.ok ? { ok: true, value: outcome.remake } : outcome;
}

/** What ails a batch, from the text of a JSON request, or of an array of them. */
export const troubleFromText = (source: string): Answer => answerRequests(source, troubleOne);

/** How a batch is made again, from the text of a JSON request, or of an array of them. */
export const remakeFromText = (source: string): Answer => answerRequests(source, remakeOne);

/** `trouble [FILE]`: reads the file, or standard input when none is named. */
export const troubleCommand = (file: string | undefined): Promise<Answer> =>
  sourceOf(file, troubleFromText);

/** `remake [FILE]`: reads the file, or standard input when none is named. */
export const remakeCommand = (file: string | undefined): Promise<Answer> =>
  sourceOf(file, remakeFromText);
