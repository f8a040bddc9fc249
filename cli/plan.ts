import { readFile } from 'node:fs/promises';
import { text } from 'node:stream/consumers';
import { readPlanRequest } from '@idle-kettle/contract';
import { planBatch, type Fault } from '@idle-kettle/core';

/** The largest request read, the same as the server's limit. */
const MOST_BYTES = 256 * 1024;

const BAD_INPUT = 2;

type Answer = { readonly code: 0 | 2; readonly out: string; readonly err: string };

/** Plans from the text of a JSON request: the plan as JSON, or each fault on a line of its own. */
export function planFromText(source: string): Answer {
  if (Buffer.byteLength(source) > MOST_BYTES) {
    return refuse([{ field: '', message: `The request is larger than ${MOST_BYTES / 1024} kB.` }]);
  }
  let json: unknown;
  try {
    json = JSON.parse(source);
  } catch (error) {
    return refuse([{ field: '', message: `This is not JSON: ${(error as Error).message}` }]);
  }
  const read = readPlanRequest(json);
  if (!read.ok) return refuse(read.faults);
  const outcome = planBatch(read.request);
  return outcome.ok
    ? { code: 0, out: `${JSON.stringify(outcome.plan, null, 2)}\n`, err: '' }
    : refuse(outcome.faults);
}

function refuse(faults: readonly Fault[]): Answer {
  const lines = faults.map(({ field, message }) =>
    field === '' ? message : `${field}: ${message}`,
  );
  return { code: BAD_INPUT, out: '', err: `${lines.join('\n')}\n` };
}

/** `plan [FILE]`: reads the file, or standard input when none is named. */
export async function planCommand(file: string | undefined): Promise<Answer> {
  try {
    return planFromText(
      file === undefined ? await text(process.stdin) : await readFile(file, 'utf8'),
    );
  } catch (error) {
    return refuse([
      {
        field: '',
        message: `Cannot read ${file ?? 'standard input'}: ${(error as Error).message}`,
      },
    ]);
  }
}
