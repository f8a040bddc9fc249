import { readLine, type UnderstoodLine } from '../parser/index.ts';

/** What one version of a recipe says otherwise than the one before. */
export type VersionChange =
  | { readonly kind: 'more' | 'less'; readonly name: string; readonly massG: number }
  | { readonly kind: 'came' | 'gone'; readonly line: string };

/** Less than this is the same amount, written otherwise; share, and g. */
const SAME_SHARE = 0.02;
const SAME_G = 3;

/**
 * What changed between two versions of a recipe, ingredient by ingredient: `100 g less sugar`. Lines
 * that are not understood are compared as they are written.
 */
export function versionChanges(
  before: readonly string[],
  after: readonly string[],
): readonly VersionChange[] {
  const [was, is] = [before, after].map((lines) =>
    lines.map((line) => ({ line, key: keyOf(line) })),
  );
  const changes: VersionChange[] = [];
  const seen = new Set<string>();
  for (const { key, line } of is ?? []) {
    if (seen.has(key.id)) continue;
    seen.add(key.id);
    const [now, then] = [massIn(is ?? [], key.id), massIn(was ?? [], key.id)];
    const isNew = !(was ?? []).some((one) => one.key.id === key.id);
    if (isNew) changes.push({ kind: 'came', line });
    else if (now !== null && then !== null && isOther(now, then))
      changes.push({
        kind: now > then ? 'more' : 'less',
        name: key.name,
        massG: Math.abs(now - then),
      });
  }
  for (const { key, line } of was ?? [])
    if (!seen.has(key.id)) {
      seen.add(key.id);
      changes.push({ kind: 'gone', line });
    }
  return changes;
}

type Key = { readonly id: string; readonly name: string; readonly read: UnderstoodLine | null };
type Keyed = { readonly line: string; readonly key: Key };

function keyOf(line: string): Key {
  const read = readLine(line);
  return read.understood
    ? { id: read.ingredient.id, name: read.ingredient.name, read }
    : { id: line.trim().toLowerCase(), name: line, read: null };
}

/** g of an ingredient in all lines of it; null where one is not understood. */
const massIn = (lines: readonly Keyed[], id: string): number | null =>
  lines
    .filter(({ key }) => key.id === id)
    .reduce<number | null>(
      (sum, { key }) => (sum === null || key.read === null ? null : sum + key.read.massG.typical),
      0,
    );

const isOther = (a: number, b: number): boolean =>
  Math.abs(a - b) > Math.max(SAME_G, SAME_SHARE * Math.max(a, b));
