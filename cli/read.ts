import { readReadRequest } from '@idle-kettle/contract';
import { planLine, readLines, DEFAULT_PARSER_KITCHEN, type PlanLine } from '@idle-kettle/core';
import { answerJson, sourceOf, type Answer, type Outcome, print } from './answer.ts';

type Lines = { readonly lines: readonly PlanLine[] };

function readOne(json: unknown): Outcome<Lines> {
  const read = readReadRequest(typeof json === 'string' ? { lines: [json] } : json);
  return read.ok ? { ok: true, value: { lines: readLines(read.request).map(planLine) } } : read;
}

/**
 * Reads lines: JSON like `{"lines": ["2 kg plums"]}` or an array of such, or plain text, one line a
 * line, of which empty ones are passed over. The answer has each line as a plan has it.
 */
export function readFromText(source: string): Answer {
  const isJson = /^\s*(?:\{\s*["}]|\[\s*["{\]])/.test(source);
  if (isJson) {
    const strings = asStrings(source);
    return answerJson(strings === null ? source : JSON.stringify({ lines: strings }), readOne);
  }
  const lines = source.split(/\r\n|\n|\r/).filter((line) => line.trim() !== '');
  const said = readLines({ ...DEFAULT_PARSER_KITCHEN, lines }).map(planLine);
  return { code: 0, out: print({ lines: said }), err: '' };
}

/** A bare JSON list of lines; null for anything else. */
function asStrings(source: string): string[] | null {
  try {
    const json: unknown = JSON.parse(source);
    return Array.isArray(json) && json.length > 0 && json.every((line) => typeof line === 'string')
      ? json
      : null;
  } catch {
    return null;
  }
}

/** `read [FILE]`: reads the file, or standard input when none is named. */
export const readCommand = (file: string | undefined): Promise<Answer> =>
  sourceOf(file, readFromText);
