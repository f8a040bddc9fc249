import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { text } from 'node:stream/consumers';
import { join } from 'node:path';

const CLI = join(import.meta.dirname, '../cli/dist/main.js');

/**
 * What a command of the built command line answers to its input. It is waited for without holding
 * up the connections of the test.
 */
export async function answerOf<T>(command: string, input: string): Promise<T> {
  const child = spawn(process.execPath, [CLI, command], { stdio: ['pipe', 'pipe', 'inherit'] });
  const closed = once(child, 'close');
  child.stdin.end(input);
  const said = await text(child.stdout);
  await closed;
  return JSON.parse(said) as T;
}
