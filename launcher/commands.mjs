import { join } from 'node:path';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { isIP } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { startCluster } from './cluster.mjs';
import { takeLock } from './lock.mjs';
import { ensurePackages, POSTGRESQL } from './packages.mjs';
import { openHome } from './home.mjs';
import { portNear } from './ports.mjs';
import { ensureModules, ensureNodeBuild, ensureWebBuild, nodeBuildMark } from './project.mjs';
import { Failure, say } from './say.mjs';
import { loadDemo, migrate, rebuild, startServer } from './server.mjs';
import { ROOT } from './shell.mjs';
import { readState, writeState, stateFolder } from './state.mjs';
import { listenForStop, STOPPED, unlessStopped } from './stopping.mjs';

const FIRST_PORT = 4780;

/**
 * `demo` and `start`: everything from nothing to an answering app, until Ctrl-C. Stopped before it
 * answered, it leaves nothing running, and the next start goes on from there.
 * @param {'demo' | 'own'} kitchen
 * @param {string[]} args
 */
export async function runServe(kitchen, args) {
  const { port: asked, home } = optionsIn(args);
  const signal = listenForStop();
  try {
    await ensurePackages([POSTGRESQL]);
    const folder = stateFolder(kitchen);
    const lock = takeLock(folder);
    if ('heldBy' in lock) {
      say(alreadyThere(lock));
      return 0;
    }
    try {
      await ensureModules(signal);
      await ensureNodeBuild(signal);
      await ensureWebBuild(signal);
      return await serve(kitchen, { folder, asked, home, signal, tell: lock.tell });
    } finally {
      lock.release();
    }
  } catch (error) {
    // Ctrl-C at a terminal reaches what runs there before it is known here.
    await pause(LEARNED_WITHIN_MS);
    if (!signal.aborted) throw error;
    say('stopped before it was ready; nothing is lost, and the next start goes on from here');
    return STOPPED;
  }
}

/** After Ctrl-C at a terminal it is known here within this, ms. */
const LEARNED_WITHIN_MS = 20;

/** @param {import('./lock.mjs').Held} held */
const alreadyThere = ({ heldBy, address }) =>
  address === null
    ? `already starting (process ${heldBy}); it will print its address where it was started`
    : `already running at ${address} (process ${heldBy})`;

/** What ends by itself so many times within a minute is not started again. */
const MOST_STARTS = 5;
const MINUTE_MS = 60_000;

/**
 * What one start goes by.
 * @typedef {object} Start
 * @property {string} folder
 * @property {number | undefined} asked the port
 * @property {import('./home.mjs').HomeAsked | null} home whether the home network is served
 * @property {AbortSignal} signal from listenForStop
 * @property {(address: string) => void} tell tells others where it answers
 */

/**
 * Database and server, each started again when it ends by itself, until it is asked to stop. What
 * was started is stopped whatever happens, the server first.
 * @param {'demo' | 'own'} kitchen
 * @param {Start} start
 */
async function serve(kitchen, { folder, asked, home: homeAsked, signal, tell }) {
  let cluster = await startCluster(folder, { signal });
  const server = { now: /** @type {import('./server.mjs').Server | null} */ (null) };
  let home = /** @type {import('./home.mjs').Home | null} */ (null);
  try {
    const port = await portFor(folder, asked);
    if (homeAsked !== null) {
      await mustBeKept(cluster.url, addressOf(port), signal);
      home = await openHome(folder, homeAsked);
    }
    const startOne = () => (server.now = startServer(cluster.url, port, home?.env));
    let running = await prepared(kitchen, cluster, startOne, signal);
    const address = addressOf(port);
    tell(address);
    process.stdout.write(
      `\n  Idle Kettle is at ${address}\n${home?.told ?? ''}  Ctrl-C stops it.\n\n`,
    );
    const stopped = new Promise((resolve) => {
      signal.addEventListener('abort', () => resolve('asked'), { once: true });
    });
    const starts = /** @type {number[]} */ ([]);
    for (;;) {
      const ended = await Promise.race([
        stopped,
        cluster.died.then(() => 'database'),
        running.died.then(() => 'server'),
      ]);
      if (ended === 'asked' || signal.aborted) {
        say(`stopping; everything is kept in ${folder}`);
        return 0;
      }
      starts.push(Date.now());
      if (starts.filter((at) => at > Date.now() - MINUTE_MS).length > MOST_STARTS) {
        throw new Failure(
          `The ${ended} stopped by itself ${MOST_STARTS + 1} times within a minute; what it said is above. Everything is kept in ${folder}.`,
        );
      }
      say(`the ${ended} stopped by itself; starting it again`);
      if (ended === 'database') {
        const { url } = cluster;
        cluster = await startCluster(folder, { signal });
        // On the port it had the server finds it again by itself.
        if (cluster.url === url) continue;
        await running.stop();
      }
      running = startOne();
      await unlessStopped(signal, running.ready);
      say(`running again at ${address}`);
    }
  } finally {
    home?.close();
    await server.now?.stop();
    await cluster.stop();
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
 * @param {() => import('./server.mjs').Server} startOne
 * @param {AbortSignal} signal
 */
async function prepared(kitchen, { url, folder }, startOne, signal) {
  const build = nodeBuildMark();
  const upToDate = async () => {
    const { setUp } = await migrate(url, signal);
    if (kitchen !== 'demo' || setUp) return;
    const loaded = await loadDemo(url, signal);
    if (loaded !== '') say(loaded);
  };
  if (readState(folder).prepared === build) {
    const server = startOne();
    await unlessStopped(signal, Promise.all([server.ready, upToDate()]));
    return server;
  }
  await upToDate();
  writeState(folder, { prepared: build });
  const server = startOne();
  await unlessStopped(signal, server.ready);
  return server;
}

/**
 * `rebuild`: everything that is worked out of your own kitchen, anew from what is kept. It does not
 * go on beside a kitchen that is open.
 */
export async function runRebuild() {
  const signal = listenForStop();
  await ensurePackages([POSTGRESQL]);
  const folder = stateFolder('own');
  const lock = takeLock(folder);
  if ('heldBy' in lock)
    throw new Failure(
      `Your kitchen is open (process ${lock.heldBy}). Stop it with Ctrl-C where it was started, and rebuild then.`,
    );
  try {
    await ensureModules(signal);
    await ensureNodeBuild(signal);
    const cluster = await startCluster(folder, { signal });
    try {
      await migrate(cluster.url, signal);
      say(await rebuild(cluster.url, signal));
      return 0;
    } finally {
      await cluster.stop();
    }
  } finally {
    lock.release();
  }
}

/** @param {number} port */
const addressOf = (port) => `http://127.0.0.1:${port}`;

/**
 * Nobody on a network gets in where nobody could sign in.
 * @param {string} url of the database @param {string} address @param {AbortSignal} signal
 */
async function mustBeKept(url, address, signal) {
  if ((await migrate(url, signal)).kept) return;
  throw new Failure(
    `Nobody could sign in yet. Start without --home, open ${address}/household on this machine, and become the keeper of your household, with a passphrase. Then start with --home.`,
  );
}

/**
 * @param {string[]} args
 * @returns {{ readonly port: number | undefined, readonly home: import('./home.mjs').HomeAsked | null }}
 */
function optionsIn(args) {
  try {
    const { values } = parseArgs({
      args,
      options: {
        port: { type: 'string' },
        home: { type: 'boolean' },
        proxy: { type: 'string' },
        address: { type: 'string' },
      },
    });
    const { proxy, address } = values;
    if ((proxy !== undefined || address !== undefined) && values.home !== true)
      throw new Failure('--proxy and --address go with --home.');
    if (address !== undefined && isIP(address) === 0)
      throw new Failure(`--address takes an address such as 192.168.1.20, not “${address}”.`);
    return {
      port: portIn(values.port ?? process.env['KETTLE_PORT']),
      home: values.home === true ? { proxy, address } : null,
    };
  } catch (error) {
    throw error instanceof Failure ? error : new Failure(/** @type {Error} */ (error).message);
  }
}

/** @param {string | undefined} port */
function portIn(port) {
  if (port === undefined) return undefined;
  const number = Number(port);
  if (!Number.isInteger(number) || number < 1 || number > 65_535) {
    throw new Failure(`A port is a number from 1 to 65535, not “${port}”.`);
  }
  return number;
}

/**
 * `plan [FILE]` and its like: the answer on standard output, faults on standard error.
 * @param {'plan' | 'read' | 'trouble' | 'remake' | 'learn' | 'day' | 'families' | 'process-table' | 'calibrate'} name
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
