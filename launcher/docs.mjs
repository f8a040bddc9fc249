import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './shell.mjs';

/** @typedef {{ documented: number, all: number, missing: string[] }} DocShare */

/**
 * How many of the exported functions and types of a room have a doc comment, and which do not.
 * @param {string} room relative to the checkout
 * @returns {DocShare}
 */
export function docShare(room) {
  const found = { documented: 0, all: 0, missing: /** @type {string[]} */ ([]) };
  for (const file of sourcesOf(join(ROOT, room))) {
    const source = ts.createSourceFile(
      file,
      ts.sys.readFile(file) ?? '',
      ts.ScriptTarget.Latest,
      true,
    );
    for (const { name, node } of source.statements.flatMap(exportsOf)) {
      found.all += 1;
      if (ts.getJSDocCommentsAndTags(node).length > 0) found.documented += 1;
      else found.missing.push(`${file.slice(ROOT.length + 1)}: ${name}`);
    }
  }
  return found;
}

/** @param {string} folder @returns {string[]} */
const sourcesOf = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    if (['dist', 'node_modules', 'test'].includes(entry.name)) return [];
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sourcesOf(path);
    return /(?<!\.test|\.d)\.ts$/.test(entry.name) ? [path] : [];
  });

/**
 * The functions, classes and types that a statement exports; constants that are no functions are
 * data.
 * @param {ts.Statement} statement
 * @returns {{ name: string, node: ts.Node }[]}
 */
function exportsOf(statement) {
  const exported =
    ts.canHaveModifiers(statement) &&
    ts.getModifiers(statement)?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);
  if (!exported) return [];
  if (
    ts.isFunctionDeclaration(statement) ||
    ts.isClassDeclaration(statement) ||
    ts.isTypeAliasDeclaration(statement) ||
    ts.isInterfaceDeclaration(statement)
  )
    return [{ name: statement.name?.text ?? 'default', node: statement }];
  if (!ts.isVariableStatement(statement)) return [];
  return statement.declarationList.declarations.flatMap(({ name, initializer }) =>
    initializer && (ts.isArrowFunction(initializer) || ts.isFunctionExpression(initializer))
      ? [{ name: name.getText(), node: statement }]
      : [],
  );
}
