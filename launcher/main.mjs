import { runBench } from './bench.mjs';
import { runComputation, runRebuild, runServe } from './commands.mjs';
import { inPlainWords } from './plainWords.mjs';
import { Failure, fail } from './say.mjs';
import { runCheck, runTest } from './test.mjs';

const HELP = `Idle Kettle

  ./kettle demo          open a demo kitchen with a season of batches
  ./kettle start         open your own kitchen
  ./kettle rebuild       work out anew, from logs and outcomes, what your Book tells and what is learned
  ./kettle plan [FILE]   plan a batch from JSON (from standard input without a file); a list gives a list
  ./kettle read [FILE]   show how recipe lines are read: plain text or JSON
  ./kettle trouble [FILE]  what ails a batch: its causes, what would tell, and what to do
  ./kettle remake [FILE] how a batch that is too loose or too stiff is made again
  ./kettle day [FILE]    when what is done on a day of several batches
  ./kettle learn [FILE]  what a kitchen's cooks tell of its burners, its thermometer and its jars
  ./kettle families      print what is safe for the pantry, as in docs/shelf-families.md
  ./kettle process-table print canner minutes by altitude, as in docs/process-table.md
  ./kettle calibrate     fit the set model to tested formulas, and print how well it agrees
  ./kettle check         run types, lint, catalogue checks and unit tests
  ./kettle test          run everything: check, API, launcher and browser tests
  ./kettle bench         measure speed against known libraries; --server puts the server under load;
                         cooks goes through two thousand random cooks; properties tries
                         every property with all its random cases; monkey presses
                         anything for ten minutes; book lists five thousand cooks

  --port N               port for demo and start (default: KETTLE_PORT, else 4780 or a free one)
  --home                 with start: serve the home network too, over https, for who signs in
  --address A            with --home: the address that phones use, where there are several
  --proxy NAME           with --home: a proxy on this machine has the name and the certificate
  KETTLE_STATE=DIR       folder for the database (default: .kettle here)
`;

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);

/** @type {Record<string, (args: string[]) => Promise<number>>} */
const COMMANDS = {
  demo: (args) => runServe('demo', args),
  start: (args) => runServe('own', args),
  rebuild: runRebuild,
  plan: (args) => runComputation('plan', args),
  read: (args) => runComputation('read', args),
  trouble: (args) => runComputation('trouble', args),
  remake: (args) => runComputation('remake', args),
  day: (args) => runComputation('day', args),
  learn: (args) => runComputation('learn', args),
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
