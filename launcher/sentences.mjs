import ts from 'typescript';
import { filesIn, nodesOf } from './sources.mjs';

/**
 * Data, what is parsed, and documents that are made from the figures of the rules: none of it is
 * said to a cook.
 */
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
  filesIn('core', ['.ts'])
    .filter((file) => !NOT_SAID.some((pattern) => pattern.test(file)))
    .flatMap(sentencesIn);

/** @param {string} file @returns {string[]} */
const sentencesIn = (file) =>
  nodesOf(file, (node, source) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return undefined;
    if (
      (ts.isCallExpression(node) || ts.isNewExpression(node)) &&
      NOT_A_MESSAGE.has(node.expression.getText(source))
    )
      return undefined;
    const said = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? [node.head.text, ...node.templateSpans.map(({ literal }) => literal.text)].join(' ten ')
        : '';
    return (said.match(/\p{L}{2,}/gu) ?? []).length >= LEAST_WORDS ? said.slice(0, 90) : null;
  });
