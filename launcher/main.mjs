import { runBench } from './bench.mjs';
import { runComputation, runServe } from './commands.mjs';
import { inPlainWords } from './plainWords.mjs';
import { Failure, fail } from './say.mjs';
import { runCheck, runTest } from './test.mjs';

const HELP = `Idle Kettle

  ./kettle demo          the app with an invented kitchen and its batches
  ./kettle start         the app with your own kitchen
  ./kettle plan [FILE]   plan a batch from JSON (standard input when no file is named); an array gives an array
  ./kettle read [FILE]   say what lines of a recipe are read as: plain text, or JSON
  ./kettle families      what may stand in a pantry, as the page in docs/
  ./kettle process-table minutes in the canner by altitude, as the page in docs/
  ./kettle calibrate     fit the set to tested formulas, and say how well forecasts agree with them
  ./kettle check         types, lint and unit tests
  ./kettle test          everything: check, API, launcher and browser tests
  ./kettle bench         speed against its bars, with ratios to known libraries; --server: the server under load

  --port N               where demo and start answer (else KETTLE_PORT, else 4780 or a free one)
  KETTLE_STATE=DIR       where the database is kept (else .kettle here)
`;

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);

/** @type {Record<string, (args: string[]) => Promise<number>>} */
const COMMANDS = {
  demo: (args) => runServe('demo', args),
  start: (args) => runServe('own', args),
  plan: (args) => runComputation('plan', args),
  read: (args) => runComputation('read', args),
  families: (args) => runComputation('families', args),
  'process-table': (args) => runComputation('process-table', args),
  calibrate: (args) => runComputation('calibrate', args),
  check: runCheck,
  test: runTest,
  bench: runBench,
};

const [name, ...args] = process.argv.slice(2);
const command = COMMANDS[name ?? ''];

if (major < 20 || (major === 20 && minor < 19)) {
  fail(`Node.js 20.19 or newer is needed; this is ${process.versions.node}.`);
  process.exitCode = 1;
} else if (!command) {
  process.stdout.write(HELP);
  process.exitCode = name === undefined || name === 'help' || name === '--help' ? 0 : 2;
} else {
  try {
    process.exitCode = await command(args);
  } catch (error) {
    const said = error instanceof Failure ? error.message : inPlainWords(error);
    if (said === null) throw error;
    fail(said);
    process.exitCode = 1;
  }
}
