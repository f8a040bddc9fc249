import { readLearnRequest } from '@idle-kettle/contract/learn';
import { learn, type LearnedOfCooks } from '@idle-kettle/core/learning';
import { answerJson, sourceOf, type Answer, type Outcome } from './answer.ts';

function learnOne(json: unknown): Outcome<LearnedOfCooks> {
  const read = readLearnRequest(json);
  if (!read.ok) return read;
  const { burners, records } = read.request;
  return { ok: true, value: learn(burners, records) };
}

/** What a kitchen’s cooks tell of it, from the text of a JSON request, or of an array of them. */
export const learnFromText = (source: string): Answer =>
  answerJson(source, learnOne, MOST_LEARN_BYTES);

/** Logs of probes are long. */
const MOST_LEARN_BYTES = 64 * 1024 * 1024;

/** `learn [FILE]`: reads the file, or standard input when none is named. */
export const learnCommand = (file: string | undefined): Promise<Answer> =>
  sourceOf(file, learnFromText);
