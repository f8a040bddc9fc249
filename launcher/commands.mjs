import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { parseArgs } from 'node:util';
import { startCluster } from './cluster.mjs';
import { takeLock } from './lock.mjs';
import { ensurePackages, POSTGRESQL } from './packages.mjs';
import { portNear } from './ports.mjs';
import { ensureModules, ensureNodeBuild, ensureWebBuild } from './project.mjs';
import { Failure, say } from './say.mjs';
import { loadDemo, migrate, startServer } from './server.mjs';
import { ROOT } from './shell.mjs';
import { recall, remember, stateFolder } from './state.mjs';

const FIRST_PORT = 4780;

/**
 * `demo` and `start`: everything from nothing to an answering app, until Ctrl-C.
 * @param {'demo' | 'own'} kitchen
 * @param {string[]} args
 */
export async function runServe(kitchen, args) {
  const asked = portAsked(args);
  await ensurePackages([POSTGRESQL]);
  const folder = stateFolder(kitchen);
  const lock = takeLock(folder);
  if ('heldBy' in lock) {
    say(
      `already running at ${addressOf(recall(folder).webPort ?? FIRST_PORT)} (process ${lock.heldBy})`,
    );
    return 0;
  }
  const stopAsked = untilAskedToStop();
  try {
    await ensureModules();
    await ensureNodeBuild();
    await ensureWebBuild();
    const cluster = await startCluster(folder);
    try {
      return await serve(kitchen, cluster, asked, stopAsked);
    } finally {
      await cluster.stop();
      say(`stopped; everything is kept in ${folder}`);
    }
  } finally {
    lock.release();
  }
}

/**
 * @param {'demo' | 'own'} kitchen
 * @param {import('./cluster.mjs').Cluster} cluster
 * @param {number | undefined} asked
 * @param {Promise<void>} stopAsked
 */
async function serve(kitchen, cluster, asked, stopAsked) {
  migrate(cluster.url);
  if (kitchen === 'demo') {
    const loaded = loadDemo(cluster.url).trim();
    if (loaded !== '') say(loaded);
  }
  const wanted = asked ?? recall(cluster.folder).webPort ?? FIRST_PORT;
  const port = await portNear(wanted);
  if (asked !== undefined && port !== asked)
    throw new Failure(`Port ${asked} is taken. Name another with --port.`);
  remember(cluster.folder, { webPort: port });
  const server = await startServer(cluster.url, port);
  process.stdout.write(`\n  Idle Kettle is at ${addressOf(port)}\n  Ctrl-C stops it.\n\n`);
  const ended = await Promise.race([
    stopAsked.then(() => 'asked'),
    cluster.died.then(() => 'database'),
    server.died.then(() => 'server'),
  ]);
  await server.stop();
  if (ended === 'server') say('the server stopped by itself; its message is above');
  return ended === 'asked' ? 0 : 1;
}

/** @param {number} port */
const addressOf = (port) => `http://127.0.0.1:${port}`;

/** @param {string[]} args */
function portAsked(args) {
  let port;
  try {
    port =
      parseArgs({ args, options: { port: { type: 'string' } } }).values.port ??
      process.env['KETTLE_PORT'];
  } catch (error) {
    throw new Failure(/** @type {Error} */ (error).message);
  }
  if (port === undefined) return undefined;
  const number = Number(port);
  if (!Number.isInteger(number) || number < 1 || number > 65_535) {
    throw new Failure(`A port is a number from 1 to 65535, not “${port}”.`);
  }
  return number;
}

/** Settles at the first Ctrl-C, terminal hang-up or request to end. @returns {Promise<void>} */
const untilAskedToStop = () =>
  new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => resolve());
  });

/**
 * `plan [FILE]` and its like: the answer on standard output, faults on standard error.
 * @param {'plan' | 'read' | 'families' | 'calibrate'} name
 * @param {string[]} args
 */
export async function runComputation(name, args) {
  await ensureModules();
  await ensureNodeBuild();
  const child = spawn('node', [join(ROOT, 'cli/dist/main.js'), name, ...args], {
    stdio: 'inherit',
  });
  const [code] = await once(child, 'exit');
  return code ?? 1;
}
