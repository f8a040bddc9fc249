import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const ROOT = join(__dirname, '..');
const OTHER_ROOMS = ['contract', 'server', 'web', 'cli', 'bench', 'e2e', 'launcher'];
const SKIPPED = new Set(['node_modules', 'dist', 'test-results']);

const sources = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (SKIPPED.has(entry.name)) return [];
    if (entry.isDirectory()) return sources(path);
    return /\.(ts|tsx|mjs)$/.test(entry.name) ? [readFileSync(path, 'utf8')] : [];
  });

/** Names in braces before `from`, without `type` and renaming. */
const namesIn = (text: string, from: RegExp): string[] =>
  [...text.matchAll(from)].flatMap(([, names = '']) =>
    names
      .split(',')
      .map((name) =>
        (
          name
            .trim()
            .replace(/^type /, '')
            .split(' as ')[0] ?? ''
        ).trim(),
      )
      .filter((name) => name !== ''),
  );

test('core lets out what the other rooms use, and no more', () => {
  const door = namesIn(
    readFileSync(join(__dirname, 'index.ts'), 'utf8'),
    /export \{([^}]*)\} from/g,
  );
  const used = OTHER_ROOMS.flatMap((room) => sources(join(ROOT, room))).flatMap((text) =>
    namesIn(text, /(?:import|export) (?:type )?\{([^}]*)\} from '@idle-kettle\/core'/g),
  );
  expect(new Set(door).size).toBe(door.length);
  expect([...door].sort()).toEqual([...new Set(used)].sort());
});
