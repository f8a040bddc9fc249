import { mkdtempSync, readFileSync, existsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { withTestCluster } from './throwaway.mjs';
import { ensurePackages, TEST_PACKAGES } from './packages.mjs';
import { ensureModules, ensureNodeBuild, ensureWebBuild } from './project.mjs';
import { say } from './say.mjs';
import { ROOT, run } from './shell.mjs';
import { firstRouteIsLight } from './webSize.mjs';
import { writeWorlds } from './worlds.mjs';

/** @typedef {{ passed: number, failed: number }} Tally */

const ALL_CORES = ['--maxWorkers=100%'];
const UNIT_ROOMS = ['words', 'core', 'contract', 'cli', 'web'];
/** What starts servers and databases. */
const PROCESS_ROOMS = ['server', 'launcher'];
/** What of that counts seconds: one file after another, with the machine to itself. */
const PACE = /pace\.test\.ts$/;
/** Many files in one world. */
const IN_WORLDS = { KETTLE_WORLDS: 'yes' };
/**
 * What hangs is told after so long, ms; what is only slow on a machine that others use is none.
 */
const PATIENCE = ['--testTimeout', '120000'];

/** `check`: types, lint and unit tests; quick, and without a database. */
export async function runCheck() {
  const wanted = TEST_PACKAGES.filter(({ name }) => name === 'units' || name === 'python3-iapws');
  await Promise.all([ensurePackages(wanted), ensureModules()]);
  writeWorlds(UNIT_ROOMS);
  return report([
    ...(await runStatic()),
    await runJest(UNIT_ROOMS, { ...process.env, ...IN_WORLDS }),
  ]);
}

/** `test`: everything, against a real database and a real browser. */
export async function runTest() {
  // What needs npm’s packages alone goes on while Debian’s are fetched.
  const [results] = await Promise.all([
    withModules(),
    timed('packages of Debian', ensurePackages(TEST_PACKAGES)),
  ]);
  results.push(firstRouteIsLight() ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 });
  const tested = await withTestCluster('test', async ({ url }) => {
    const env = { ...process.env, KETTLE_TEST_DATABASE_URL: url };
    const inWorlds = { ...env, ...IN_WORLDS };
    const all = [...ALL_CORES, '--testPathIgnorePatterns', PACE.source];
    const alone = ['--runInBand', '--testPathPatterns', PACE.source];
    writeWorlds([...UNIT_ROOMS, ...PROCESS_ROOMS], (file) => !PACE.test(file));
    results.push(
      await timed('unit tests', runJest(UNIT_ROOMS, inWorlds)),
      await timed('tests of processes', runJest(PROCESS_ROOMS, inWorlds, all)),
      await timed('tests of pace', runJest(PROCESS_ROOMS, env, alone)),
      await timed('browser tests', runBrowser(env)),
    );
    return report(results);
  });
  return tested;
}

/** Static checks and the builds. @returns {Promise<Tally[]>} */
async function withModules() {
  await timed('packages of npm', ensureModules());
  const results = await timed('what needs no build', runStatic());
  await timed('the builds', Promise.all([ensureNodeBuild(), ensureWebBuild()]));
  return results;
}

/**
 * Says how long a part of it took.
 * @template Result
 * @param {string} what
 * @param {Promise<Result>} part
 */
async function timed(what, part) {
  const began = performance.now();
  const result = await part;
  say(`${what}: ${((performance.now() - began) / 1000).toFixed(0)} s`);
  return result;
}

/** @param {readonly Tally[]} results */
function report(results) {
  const passed = results.reduce((sum, tally) => sum + tally.passed, 0);
  const failed = results.reduce((sum, tally) => sum + tally.failed, 0);
  process.stdout.write(`${passed} passed, ${failed} failed\n`);
  return failed === 0 && passed > 0 ? 0 : 1;
}

/**
 * @param {string} title
 * @param {string} command
 * @param {readonly string[]} args
 * @returns {Promise<Tally>}
 */
async function one(title, command, args) {
  say(title);
  return (await run(command, args)) === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** The compiler; `npx tsc` could be the older one that other tools still read code with. */
const TSC = join(ROOT, 'node_modules/typescript-7/bin/tsc');

/** @returns {Promise<Tally[]>} */
async function runStatic() {
  // The slowest of them goes on beside the others.
  const formatting = one('formatting', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
  return [
    await one('types', process.execPath, [TSC, '-p', 'tsconfig.json']),
    await one('types of the web app', process.execPath, [TSC, '-p', 'web/tsconfig.json']),
    await one('lint', 'npx', ['oxlint', '-c', 'oxlint.config.mjs']),
    await documented(),
    await wordsAreOutside(),
    await unitsAreFormatted(),
    await effectsAreExplicit(),
    await filesAreShort(),
    await noCircles(),
    await readable(),
    await dependenciesAreTold(),
    await formatting,
  ];
}

/**
 * Every exported function and type of core says what it is; prints the share that do.
 * @returns {Promise<Tally>}
 */
async function documented() {
  // It reads the code with a package that may have to be installed first.
  const { docShare } = await import('./docs.mjs');
  const { documented: has, all, missing } = docShare('core');
  say(
    `documented: ${has} of ${all} exported functions and types of core (${((100 * has) / all).toFixed(1)} %)`,
  );
  for (const name of missing) say(`  without a doc comment: ${name}`);
  return missing.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** No sentence stands in core: it gives codes and values. @returns {Promise<Tally>} */
async function wordsAreOutside() {
  const { sentencesInCore } = await import('./sentences.mjs');
  const found = sentencesInCore();
  say(`sentences in core: ${found.length}`);
  for (const sentence of found) say(`  ${sentence}`);
  return found.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** Figures with units are written by the formatters alone. @returns {Promise<Tally>} */
async function unitsAreFormatted() {
  const { unitsWritten } = await import('./unitsWritten.mjs');
  const found = unitsWritten();
  say(`figures with units that no formatter wrote: ${found.length}`);
  for (const text of found) say(`  ${text}`);
  return found.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** No effect returns what its one expression happens to answer. @returns {Promise<Tally>} */
async function effectsAreExplicit() {
  const { implicitEffects } = await import('./effects.mjs');
  const found = implicitEffects();
  say(`effects that return whatever they call: ${found.length}`);
  for (const effect of found) say(`  ${effect}`);
  return found.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** No file is about more than one thing. @returns {Promise<Tally>} */
async function filesAreShort() {
  const { longFiles } = await import('./fileLengths.mjs');
  const found = longFiles();
  say(`files of more than 350 lines, but data: ${found.length}`);
  for (const file of found) say(`  ${file}`);
  return found.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** No file imports another that imports it. @returns {Promise<Tally>} */
async function noCircles() {
  const { importCircles } = await import('./importCircles.mjs');
  const found = importCircles();
  say(`import circles: ${found.length}`);
  for (const file of found) say(`  ${file}`);
  return found.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/**
 * How hard the catalogue is to read, by its median US school grades; prints the hardest.
 * @returns {Promise<Tally>}
 */
async function readable() {
  const { gradedCatalogue, HIGHEST_MEDIAN, medians } = await import('./readability.mjs');
  const messages = gradedCatalogue();
  const { atTheStove, elsewhere } = medians(messages);
  say(
    `readability: median grade ${atTheStove.toFixed(1)} at the stove (at most ${HIGHEST_MEDIAN.atTheStove}), ${elsewhere.toFixed(1)} elsewhere (at most ${HIGHEST_MEDIAN.elsewhere}), of ${messages.length} sentences; the hardest:`,
  );
  for (const { id, grade } of messages.slice(0, HARDEST)) say(`  ${grade.toFixed(1)} ${id}`);
  return atTheStove <= HIGHEST_MEDIAN.atTheStove && elsewhere <= HIGHEST_MEDIAN.elsewhere
    ? { passed: 1, failed: 0 }
    : { passed: 0, failed: 1 };
}

/** Every dependency says what it is for. @returns {Promise<Tally>} */
async function dependenciesAreTold() {
  const { dependenciesUntold } = await import('./dependencies.mjs');
  const found = await dependenciesUntold();
  say(`dependencies without a reason: ${found.length}`);
  for (const row of found) say(`  ${row}`);
  return found.length === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** So many of the hardest sentences are printed. */
const HARDEST = 5;

/**
 * A runner that ends without counting any test has failed.
 * @param {number} code
 * @param {Tally} tally
 */
const atLeastOne = (code, { passed, failed }) => ({
  passed,
  failed: code !== 0 && failed === 0 ? 1 : failed,
});

/**
 * @param {readonly string[]} rooms @param {NodeJS.ProcessEnv} env
 * @param {readonly string[]} args which files, and how many of them at once
 * @returns {Promise<Tally>}
 */
async function runJest(rooms, env, args = ALL_CORES) {
  say(`tests of ${rooms.join(', ')}`);
  const file = join(mkdtempSync(join(tmpdir(), 'kettle-jest-')), 'result.json');
  const code = await run(
    'npx',
    ['jest', '--selectProjects', ...rooms, ...PATIENCE, ...args, '--json', '--outputFile', file],
    {
      // Computing makes much that is soon forgotten: with more room for it the unit tests took a
      // tenth less time.
      env: { ...env, NODE_OPTIONS: '--no-warnings --max-semi-space-size=64' },
    },
  );
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const result = JSON.parse(readFileSync(file, 'utf8'));
  return atLeastOne(code, {
    passed: result.numPassedTests,
    failed: result.numFailedTests + result.numRuntimeErrorTestSuites,
  });
}

/** @param {NodeJS.ProcessEnv} env @returns {Promise<Tally>} */
async function runBrowser(env) {
  say('browser tests');
  const file = join(mkdtempSync(join(tmpdir(), 'kettle-browser-')), 'result.json');
  const code = await run('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
    env: { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
    cwd: ROOT,
  });
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const { stats } = JSON.parse(readFileSync(file, 'utf8'));
  return atLeastOne(code, { passed: stats.expected, failed: stats.unexpected + stats.flaky });
}
