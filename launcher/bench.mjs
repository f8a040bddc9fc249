import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ensurePackages, TEST_PACKAGES } from './packages.mjs';
import { portNear } from './ports.mjs';
import { ensureModules, ensureNodeBuild, ensureWebBuild } from './project.mjs';
import { loadDemo, migrate, startServer } from './server.mjs';
import { ROOT, run } from './shell.mjs';
import { withTestCluster } from './throwaway.mjs';

const FIRST_PORT = 4880;
/** What the server goes by at its door to the network. */
const HOME_NAME = 'bench.example';

/**
 * `bench`: the speed table, with a browser on the demo kitchen, or a part of it by its name,
 * `bench typing`; `bench --server`: the server under load; `bench cooks`: two thousand random cooks
 * on two devices; `bench properties`: what a run of the tests samples, with all its cases. Exit code 1 where a bar is not met.
 * @param {readonly string[]} args
 */
export async function runBench(args) {
  const program = args.includes('--server') ? 'bench/serverLoad.mjs' : 'bench/main.mjs';
  await ensurePackages(TEST_PACKAGES);
  await ensureModules();
  await ensureNodeBuild();
  await ensureWebBuild();
  return withTestCluster('bench', async ({ url }) => {
    if (args.includes('cooks')) return randomCooks(url);
    if (args.includes('properties')) return allProperties(url);
    await migrate(url);
    await loadDemo(url);
    const port = await portNear(FIRST_PORT);
    const folder = mkdtempSync(join(tmpdir(), 'kettle-bench-'));
    // The server runs as another user, and notes there how long its loop was held.
    chmodSync(folder, 0o777);
    const loop = join(folder, 'loop.jsonl');
    const homePort = await portNear(port + 2);
    const server = startServer(url, port, {
      // What watches the loop works itself, so that it is there only where its loop is measured.
      ...(args.includes('--server')
        ? {
            NODE_OPTIONS: `--import ${pathToFileURL(join(ROOT, 'bench/loopWatch.mjs')).href}`,
            KETTLE_BENCH_LOOP: loop,
            // As behind a proxy: requests of who is signed in are measured, not the encrypting of them.
            KETTLE_HOME_PORT: String(homePort),
            KETTLE_HOME_NAMES: HOME_NAME,
          }
        : {}),
    });
    // Another server of the same kitchen, where two are measured.
    const named = args.filter((arg) => !arg.startsWith('--'));
    const siblingPort = await portNear(port + 1);
    const sibling =
      program === 'bench/main.mjs' && (named.length === 0 || named.includes('seen'))
        ? startServer(url, siblingPort)
        : null;
    try {
      await Promise.all([server.ready, sibling?.ready]);
      const child = spawn('node', [join(ROOT, program), ...named], {
        stdio: 'inherit',
        env: {
          ...process.env,
          KETTLE_BENCH_ADDRESS: `http://127.0.0.1:${port}`,
          KETTLE_BENCH_LOOP: loop,
          KETTLE_BENCH_SERVER: String(server.pid),
          KETTLE_BENCH_HOME: `${HOME_NAME} ${homePort}`,
          ...(sibling === null ? {} : { KETTLE_BENCH_SIBLING: `http://127.0.0.1:${siblingPort}` }),
        },
      });
      const [code] = await once(child, 'exit');
      return code ?? 1;
    } finally {
      await Promise.all([server.stop(), sibling?.stop()]);
      rmSync(folder, { recursive: true, force: true });
    }
  });
}

/**
 * Every test of computing and pages with all its random cases, and every hostile value and text.
 * @param {string} databaseUrl
 */
async function allProperties(databaseUrl) {
  const env = { ...process.env, KETTLE_WHOLE: '1', KETTLE_TEST_DATABASE_URL: databaseUrl };
  const jest = ['jest', '--testTimeout', '600000', '--selectProjects'];
  const browser = ['playwright', 'test', '--config', 'e2e/playwright.config.ts'];
  const codes = [
    await run('npx', [...jest, 'core', 'web'], { env }),
    await run('npx', [...jest, 'server', '--testPathPatterns', 'fuzz'], { env }),
    await run('npx', [...browser, 'hostileText', 'everyStoredValue'], { env }),
  ];
  return Math.max(...codes);
}

/** The random cooks of the server’s tests, many more of them. @param {string} databaseUrl */
const randomCooks = (databaseUrl) =>
  run('npx', ['jest', '--selectProjects', 'server', '--testPathPatterns', 'schedules'], {
    env: { ...process.env, KETTLE_TEST_DATABASE_URL: databaseUrl, KETTLE_COOKS: '2000' },
  });
