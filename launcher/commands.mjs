import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { parseArgs } from 'node:util';
import { startCluster } from './cluster.mjs';
import { takeLock } from './lock.mjs';
import { ensurePackages, POSTGRESQL } from './packages.mjs';
import { portNear } from './ports.mjs';
import { ensureModules, ensureNodeBuild, ensureWebBuild, nodeBuildMark } from './project.mjs';
import { Failure, say } from './say.mjs';
import { loadDemo, migrate, startServer } from './server.mjs';
import { ROOT } from './shell.mjs';
import { readState, writeState, stateFolder } from './state.mjs';

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
      `already running at ${addressOf(readState(folder).webPort ?? FIRST_PORT)} (process ${lock.heldBy})`,
    );
    return 0;
  }
  const stopAsked = untilAskedToStop();
  try {
    await ensureModules();
    await ensureNodeBuild();
    await ensureWebBuild();
    return await serve(kitchen, folder, asked, stopAsked);
  } finally {
    lock.release();
  }
}

/** What ends by itself so many times within a minute is not started again. */
const MOST_STARTS = 5;
const MINUTE_MS = 60_000;

/**
 * Database and server, each started again when it ends by itself, until it is asked to stop.
 * @param {'demo' | 'own'} kitchen
 * @param {string} folder
 * @param {number | undefined} asked
 * @param {Promise<void>} stopAsked
 */
async function serve(kitchen, folder, asked, stopAsked) {
  const stopped = stopAsked.then(() => /** @type {const} */ ('asked'));
  let cluster = await startCluster(folder);
  /** @type {import('./server.mjs').Server | null} */
  let server = null;
  try {
    const port = await portFor(folder, asked);
    server = await prepared(kitchen, cluster, port);
    process.stdout.write(`\n  Idle Kettle is at ${addressOf(port)}\n  Ctrl-C stops it.\n\n`);
    const starts = /** @type {number[]} */ ([]);
    for (;;) {
      const ended = await Promise.race([
        stopped,
        cluster.died.then(() => /** @type {const} */ ('database')),
        server.died.then(() => /** @type {const} */ ('server')),
      ]);
      if (ended === 'asked') return 0;
      starts.push(Date.now());
      if (starts.filter((at) => at > Date.now() - MINUTE_MS).length > MOST_STARTS) {
        throw new Failure(
          `The ${ended} stopped by itself ${MOST_STARTS + 1} times within a minute; what it said is above. Everything is kept in ${folder}.`,
        );
      }
      say(`the ${ended} stopped by itself; starting it again`);
      if (ended === 'database') {
        const { url } = cluster;
        cluster = await startCluster(folder);
        // On the port it had the server finds it again by itself.
        if (cluster.url === url) continue;
        await server.stop();
      }
      server = await startServer(cluster.url, port);
      say(`running again at ${addressOf(port)}`);
    }
  } finally {
    await server?.stop();
    await cluster.stop();
    if (server !== null) say(`stopped; everything is kept in ${folder}`);
  }
}

/**
 * The port to answer at: the one that was asked for, or that of the last time where it is free.
 * @param {string} folder @param {number | undefined} asked
 */
async function portFor(folder, asked) {
  const port = await portNear(asked ?? readState(folder).webPort ?? FIRST_PORT);
  if (asked !== undefined && port !== asked)
    throw new Failure(`Port ${asked} is taken. Name another with --port.`);
  writeState(folder, { webPort: port });
  return port;
}

/**
 * The server on a database that is up to date and, for the demo, loaded. What was prepared by this
 * very build is looked at while the server starts.
 * @param {'demo' | 'own'} kitchen
 * @param {import('./cluster.mjs').Cluster} cluster
 * @param {number} port
 */
async function prepared(kitchen, { url, folder }, port) {
  const build = nodeBuildMark();
  const upToDate = async () => {
    const { setUp } = await migrate(url);
    if (kitchen !== 'demo' || setUp) return;
    const loaded = await loadDemo(url);
    if (loaded !== '') say(loaded);
  };
  if (readState(folder).prepared === build) {
    const [server] = await Promise.all([startServer(url, port), upToDate()]);
    return server;
  }
  await upToDate();
  writeState(folder, { prepared: build });
  return startServer(url, port);
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
 * @param {'plan' | 'read' | 'families' | 'process-table' | 'calibrate'} name
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
