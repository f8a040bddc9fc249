import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './shell.mjs';

/**
 * The source files of a folder, without what is built or installed, by their paths from the root.
 * @param {string} folder @param {readonly string[]} endings @returns {string[]}
 */
export const filesIn = (folder, endings) =>
  readdirSync(join(ROOT, folder), { withFileTypes: true }).flatMap((entry) => {
    if (['dist', 'node_modules'].includes(entry.name)) return [];
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return filesIn(path, endings);
    return endings.some((ending) => entry.name.endsWith(ending)) ? [path] : [];
  });

/**
 * What is found in a file, as `file:line: what`.
 * @param {string} file
 * @param {(node: ts.Node, source: ts.SourceFile) => string | null | undefined} look says what a
 * node is, null for nothing, and undefined for nothing in it either
 * @returns {string[]}
 */
export function nodesOf(file, look) {
  const text = readFileSync(join(ROOT, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found = /** @type {string[]} */ ([]);
  /** @param {ts.Node} node */
  const visit = (node) => {
    const what = look(node, source);
    if (what === undefined) return;
    if (what !== null) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart(source));
      found.push(`${file}:${line + 1}: ${what}`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
