import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { format } from 'prettier';
import { init } from 'license-checker-rseidelsohn';
import { readText } from './files.mjs';
import { ROOT } from './shell.mjs';

const DOCUMENT = join(ROOT, 'docs/dependencies.md');
const WHY = join(ROOT, 'docs/dependencies.json');

/**
 * @typedef {{ workspaces?: string[], dependencies?: Record<string, string>,
 * devDependencies?: Record<string, string> }} Package
 */

/** @param {string} folder @returns {Package} */
const packageIn = (folder) =>
  /** @type {Package} */ (JSON.parse(readText(join(ROOT, folder, 'package.json'))));

/**
 * The packages that this one asks for: where, and what each is called where it goes by another name.
 */
function asked() {
  const rooms = ['.', ...(packageIn('.').workspaces ?? [])];
  const found = /** @type {Map<string, { rooms: string[], called: string }>} */ (new Map());
  for (const room of rooms) {
    const { dependencies = {}, devDependencies = {} } = packageIn(room);
    for (const [name, version] of Object.entries({ ...dependencies, ...devDependencies }))
      if (!name.startsWith('@idle-kettle/'))
        found.set(name, {
          rooms: [...(found.get(name)?.rooms ?? []), room === '.' ? 'the root' : room],
          called: /^npm:(.+)@/.exec(version)?.[1] ?? name,
        });
  }
  return found;
}

/** What each package that is installed is licensed under. @returns {Promise<Map<string, string>>} */
const licences = () =>
  new Promise((resolve, reject) => {
    init({ start: ROOT, excludePrivatePackages: true }, (error, found) => {
      if (error) reject(error);
      else
        resolve(
          new Map(
            Object.entries(found).map(([id, { licenses }]) => [
              id.slice(0, id.lastIndexOf('@')),
              [licenses ?? '?'].flat().join(', '),
            ]),
          ),
        );
    });
  });

/** What the document of all dependencies should say. */
async function written() {
  const why = /** @type {Record<string, string>} */ (JSON.parse(readText(WHY)));
  const under = await licences();
  const rows = [...asked()]
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .map(
      ([name, { rooms, called }]) =>
        `| ${name} | ${why[name] ?? 'NO REASON'} | ${under.get(called) ?? 'NOT INSTALLED'} | ${rooms.join(', ')} |`,
    );
  const text = `# Dependencies\n\nWhat each package is for, and its licence as license-checker-rseidelsohn reads it. Made by \`node launcher/dependencies.mjs\` from the packages and \`docs/dependencies.json\`; \`./kettle check\` holds to it.\n\n| package | what for | licence | where |\n| --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  return format(text, { parser: 'markdown', printWidth: 150 });
}

/** What is wrong with the document of dependencies; nothing where it is true. */
export async function dependenciesUntold() {
  const text = await written();
  return [
    ...text.split('\n').filter((row) => /NO REASON|NOT INSTALLED/.test(row)),
    ...(existsSync(DOCUMENT) && readText(DOCUMENT) === text
      ? []
      : [
          'docs/dependencies.md is not as it should be; make it with node launcher/dependencies.mjs',
        ]),
  ];
}

if (process.argv[1] === import.meta.filename) writeFileSync(DOCUMENT, await written());
