import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { writeText } from './files.mjs';
import { Failure, say } from './say.mjs';
import { ROOT, run } from './shell.mjs';
import { WORLDS } from './worlds.mjs';

const MODULES = join(ROOT, 'node_modules');

/**
 * Installs the npm packages when the lockfile is not the one they were installed from.
 * @param {AbortSignal} [signal] ends it; what is unfinished is done anew the next time
 */
export async function ensureModules(signal) {
  const stamp = join(MODULES, '.kettle-installed');
  const mark = hashOf([readFileSync(join(ROOT, 'package-lock.json'), 'utf8'), process.version]);
  if (readStamp(stamp) === mark) return;
  say('installing npm packages (a minute or so)');
  if ((await run('npm', ['ci', '--no-audit', '--no-fund'], endedBy(signal))) !== 0) {
    throw new Failure('npm ci failed; its own message is above.');
  }
  writeText(stamp, mark);
}

/**
 * Compiles core, contract, cli and server, and bundles the planning threads’ program, when a source
 * is newer than the last build.
 * @param {AbortSignal} [signal] ends it; what is unfinished is done anew the next time
 */
export async function ensureNodeBuild(signal) {
  const sources = [
    'words',
    'core',
    'contract',
    'cli',
    'server',
    'tsconfig.base.json',
    'tsconfig.build.json',
  ];
  await buildWhenStale(
    'server',
    sources,
    ['npm', 'run', '--silent', 'build:node'],
    'server/dist/main.bundle.js',
    signal,
  );
}

/** Names the build of the server that is there. */
export const nodeBuildMark = () => readStamp(stampOf('server')) ?? '';

/**
 * Bundles the web app when a source of it is newer than the last build.
 * @param {AbortSignal} [signal] ends it; what is unfinished is done anew the next time
 */
export async function ensureWebBuild(signal) {
  const sources = ['words', 'core', 'contract', 'web', 'tsconfig.base.json'];
  await buildWhenStale(
    'web',
    sources,
    ['npm', 'run', '--silent', '-w', 'web', 'build'],
    'web/dist/index.html',
    signal,
  );
}

/**
 * @param {string} name
 * @param {readonly string[]} sources
 * @param {readonly [string, ...string[]]} command
 * @param {string} result a file that the build makes
 * @param {AbortSignal} [signal]
 */
async function buildWhenStale(name, sources, [command, ...args], result, signal) {
  const stamp = stampOf(name);
  const mark = hashOf([
    ...sources.flatMap(filesIn).map(fingerprint),
    readFileSync(join(ROOT, 'package-lock.json'), 'utf8'),
  ]);
  if (readStamp(stamp) === mark && existsSync(join(ROOT, result))) return;
  say(`building the ${name}`);
  // Whoever starts it, what is served is built to be served.
  const env = { ...process.env, NODE_ENV: 'production' };
  if ((await run(command, args, { env, ...endedBy(signal) })) !== 0)
    throw new Failure(`The ${name} build failed; its message is above.`);
  mkdirSync(MODULES, { recursive: true });
  writeText(stamp, mark);
}

/** @param {AbortSignal} [signal] */
const endedBy = (signal) => (signal === undefined ? {} : { signal });

/** @param {string} name */
const stampOf = (name) => join(MODULES, `.kettle-built-${name}`);

const NOT_SOURCES = new Set(['node_modules', 'dist', WORLDS]);

/** @param {string} path relative to the checkout @returns {string[]} */
function filesIn(path) {
  const full = join(ROOT, path);
  if (!statSync(full).isDirectory()) return [full];
  return readdirSync(full, { withFileTypes: true })
    .filter((entry) => !NOT_SOURCES.has(entry.name))
    .flatMap((entry) =>
      entry.isDirectory() ? filesIn(join(path, entry.name)) : [join(full, entry.name)],
    );
}

/** @param {string} file */
function fingerprint(file) {
  const { mtimeMs, size } = statSync(file);
  return `${relative(ROOT, file)} ${mtimeMs} ${size}`;
}

/** @param {readonly string[]} parts */
const hashOf = (parts) => createHash('sha256').update(parts.join('\n')).digest('hex');

/** @param {string} file */
const readStamp = (file) => (existsSync(file) ? readFileSync(file, 'utf8') : null);
