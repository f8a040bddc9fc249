import { existsSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { CHROMIUM } from './chromium.mjs';
import { postgresBin } from './postgresBin.mjs';
import { Failure, say } from './say.mjs';
import { has, run } from './shell.mjs';

/**
 * A Debian package, and how to tell that it is there already.
 * @typedef {{ readonly name: string, readonly present: () => boolean }} DebianPackage
 */

/** @type {DebianPackage} */
export const POSTGRESQL = { name: 'postgresql', present: () => postgresBin() !== null };

/** What the tests need besides. @type {readonly DebianPackage[]} */
export const TEST_PACKAGES = [
  POSTGRESQL,
  { name: 'chromium-headless-shell', present: () => existsSync(CHROMIUM.executablePath) },
  { name: 'units', present: () => has('units') },
  { name: 'poppler-utils', present: () => has('pdftoppm') },
  // A browser that trusts the authority of a kitchen is told so by it.
  { name: 'libnss3-tools', present: () => has('certutil') },
  {
    name: 'python3-iapws',
    present: () =>
      spawnSync('/usr/bin/python3', ['-c', 'import iapws'], { stdio: 'ignore' }).status === 0,
  },
];

/**
 * Installs the Debian packages that are missing: as root, or through sudo. Where neither can be
 * had, throws a Failure with the exact command to run.
 * @param {readonly DebianPackage[]} wanted
 */
export async function ensurePackages(wanted) {
  const missing = wanted.filter(({ present }) => !present()).map(({ name }) => name);
  if (missing.length === 0) return;
  const names = missing.join(' ');
  const install = `apt-get update && apt-get install -y --no-install-recommends ${names}`;
  if (!has('apt-get')) {
    throw new Failure(
      `${names} must be installed, and there is no apt-get here. On Debian: ${install}`,
    );
  }
  const root = process.getuid?.() === 0;
  if (!root && !maySudo()) {
    throw new Failure(`${names} must be installed first. Run: su -c '${install}'`);
  }
  say(`installing ${names} from Debian (a minute or two)`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const code = await run(root ? 'sh' : 'sudo', root ? ['-c', install] : ['sh', '-c', install], {
    env,
  });
  const still = wanted.filter(({ present }) => !present());
  if (code !== 0 || still.length > 0) {
    throw new Failure(`Debian could not install ${names}. Run it by hand to see why: ${install}`);
  }
}

/** Sudo without a password, or with somebody at the terminal to type one. */
const maySudo = () =>
  has('sudo') &&
  (process.stdin.isTTY === true ||
    spawnSync('sudo', ['-n', 'true'], { stdio: 'ignore' }).status === 0);
