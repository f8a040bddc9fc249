import { createHash } from 'node:crypto';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { readText, writeText } from './files.mjs';
import { Failure, say } from './say.mjs';
import { ask, ROOT } from './shell.mjs';

/**
 * Who PostgreSQL runs as: it refuses root. `ids` is for child processes; undefined means as we are.
 * @typedef {{ readonly uid: number, readonly gid: number } | undefined} DatabaseUser
 */

/** @returns {DatabaseUser} */
export function databaseUser() {
  if (process.getuid?.() !== 0) return undefined;
  const [uid, gid] = ['-u', '-g'].map((flag) => Number(ask('id', [flag, 'postgres']).trim()));
  if (uid === undefined || gid === undefined) throw new Failure('The user “postgres” is missing.');
  return { uid, gid };
}

/**
 * The folder that keeps one kitchen’s database: `.kettle/NAME` here, unless the database’s user
 * cannot reach it (a checkout under a private home); then one under /var/lib, and says so.
 * @param {string} name `own`, `demo` or `test`
 */
export function stateFolder(name) {
  const user = databaseUser();
  const asked = process.env['KETTLE_STATE'];
  const base = asked === undefined ? join(ROOT, '.kettle') : resolve(asked);
  if (user === undefined || reaches(dirname(base), user)) return make(join(base, name));
  if (asked !== undefined) {
    throw new Failure(
      `KETTLE_STATE is ${base}, which the user “postgres” cannot reach. Name another folder.`,
    );
  }
  const elsewhere = join(
    '/var/lib/idle-kettle',
    createHash('sha256').update(ROOT).digest('hex').slice(0, 12),
  );
  say(`the user “postgres” cannot reach ${ROOT}, so the database is kept in ${elsewhere}`);
  return make(join(elsewhere, name));
}

/** @param {string} folder */
function make(folder) {
  mkdirSync(folder, { recursive: true, mode: 0o755 });
  return folder;
}

/**
 * Whether that user may pass through every folder of a path.
 * @param {string} path
 * @param {{uid: number, gid: number}} user
 */
const reaches = (path, user) => spawnSync('test', ['-x', path], { ...user, cwd: '/' }).status === 0;

/**
 * What the launcher keeps between runs, beside the data.
 * @typedef {{ databasePort: number, webPort: number, homePort: number, trustPort: number,
 * password: string, keeperPassword: string, prepared: string }} State
 */

/** Where it is kept, and where earlier versions kept it. @param {string} folder */
const stateFiles = (folder) => ({
  file: join(folder, 'state.json'),
  earlier: join(folder, 'memory.json'),
});

/** What each part of it must be. @type {{ readonly [part in keyof State]: (value: unknown) => boolean }} */
const PARTS = {
  databasePort: isPort,
  webPort: isPort,
  homePort: isPort,
  trustPort: isPort,
  password: isText,
  keeperPassword: isText,
  prepared: isText,
};

/** @param {unknown} value */
function isPort(value) {
  return typeof value === 'number' && Number.isInteger(value) && value >= 1 && value <= 65_535;
}

/** @param {unknown} value */
function isText(value) {
  return typeof value === 'string';
}

/** @param {unknown} value @returns {value is Partial<State>} */
const isState = (value) =>
  typeof value === 'object' &&
  value !== null &&
  !Array.isArray(value) &&
  Object.entries(value).every(
    ([part, is]) => PARTS[/** @type {keyof State} */ (part)]?.(is) ?? true,
  );

/**
 * The state of the last run; empty where there is none, or where the file is damaged: everything in
 * it can be made anew.
 * @param {string} folder
 * @returns {Partial<State>}
 */
export function readState(folder) {
  const { file, earlier } = stateFiles(folder);
  if (!existsSync(file) && existsSync(earlier)) renameSync(earlier, file);
  if (!existsSync(file)) return {};
  try {
    const state = /** @type {unknown} */ (JSON.parse(readText(file)));
    if (isState(state)) return state;
  } catch (error) {
    if (!(error instanceof SyntaxError)) throw error;
  }
  const aside = `${file}.damaged`;
  renameSync(file, aside);
  say(`${file} is damaged. It was moved to ${aside}, and a new one is made`);
  return {};
}

/**
 * Changes some of the state; the rest stays.
 * @param {string} folder
 * @param {Partial<State>} changes
 */
export function writeState(folder, changes) {
  const { file } = stateFiles(folder);
  const before = readState(folder);
  if (
    Object.entries(changes).every(
      ([key, value]) => before[/** @type {keyof State} */ (key)] === value,
    )
  )
    return;
  writeText(`${file}.new`, JSON.stringify({ ...before, ...changes }), { mode: 0o600 });
  renameSync(`${file}.new`, file);
}
