import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { ROOT } from './shell.mjs';

/** Data, what is parsed, and documents that are made from the figures of the rules: none of it is said to a cook. */
const NOT_SAID = [
  /^core\/(?:ingredients|calibration|validation|test)\//,
  /^core\/parser\/(?:words|measures|noun)\.ts$/,
  // Names of laws, of heat, and of the stages that a simulation goes through.
  /^core\/(?:boil\/heatSources|chain\/stoveActs|gel\/\w+|label\/\w+)\.ts$/,
  /^core\/process\/(?:familiesPage|processPage|caps)\.ts$/,
  /\.test\.ts$/,
];

/** Where a figure comes from, and what an engineer is told. */
const NOT_A_MESSAGE = new Set([
  'published',
  'commonPractice',
  'fromMemory',
  'constant',
  'RangeError',
  'Error',
]);

/** From so many words on it is no name any more. */
const LEAST_WORDS = 5;

/**
 * Sentences that stand in core itself instead of in the catalogue, as `file:line: text`.
 * @returns {string[]}
 */
export const sentencesInCore = () =>
  filesIn('core')
    .filter((file) => !NOT_SAID.some((pattern) => pattern.test(file)))
    .flatMap(sentencesIn);

/** @param {string} folder @returns {string[]} */
const filesIn = (folder) =>
  readdirSync(join(ROOT, folder), { withFileTypes: true }).flatMap((entry) => {
    if (['dist', 'node_modules'].includes(entry.name)) return [];
    const path = `${folder}/${entry.name}`;
    if (entry.isDirectory()) return filesIn(path);
    return entry.name.endsWith('.ts') ? [path] : [];
  });

/** @param {string} file @returns {string[]} */
function sentencesIn(file) {
  const text = readFileSync(join(ROOT, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found = /** @type {string[]} */ ([]);
  /** @param {ts.Node} node */
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (
      (ts.isCallExpression(node) || ts.isNewExpression(node)) &&
      NOT_A_MESSAGE.has(node.expression.getText(source))
    )
      return;
    const said = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join(' ten ')
        : '';
    if ((said.match(/\p{L}{2,}/gu) ?? []).length >= LEAST_WORDS) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart(source));
      found.push(`${file}:${line + 1}: ${said.slice(0, 90)}`);
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}
