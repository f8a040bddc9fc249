import ts from 'typescript';
import { filesIn, nodesOf } from './sources.mjs';

/** Who writes figures with units: the formatters. */
const FORMATTERS = [/^core\/quantity\//];

/** What is read by no cook: tests, fields of a file format, and pages with a system of their own. */
const NOT_READ = [
  /\.test\.tsx?$/,
  /^core\/(?:test|calibration|validation)\//,
  /^core\/formats\/recipeJsonLd\.ts$/,
  /^core\/process\/(?:families|process)Page\.ts$/,
  /^web\/test\//,
];

const UNIT =
  /^\s?(?:g|kg|mg|oz|lb|ml|mL|L|cups?|tsp|tbsp|fl oz|°[CF]?|mm|cm|in|ft|m)(?![\p{L}\d])/u;

/**
 * Figures with a unit that are put together elsewhere than by the formatters, as `file:line: text`.
 * @returns {string[]}
 */
export const unitsWritten = () =>
  ['core', 'web', 'server', 'cli', 'contract']
    .flatMap((room) => filesIn(room, ['.ts', '.tsx']))
    .filter((file) => ![...FORMATTERS, ...NOT_READ].some((pattern) => pattern.test(file)))
    .flatMap(unitsIn);

/** @param {string} file @returns {string[]} */
const unitsIn = (file) =>
  nodesOf(file, (node, source) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || isError(node)) return undefined;
    const text = node.getText(source).slice(0, 80);
    if (ts.isTemplateExpression(node) && !isPath(node))
      return node.templateSpans.some(({ literal }) => UNIT.test(literal.text)) ? text : null;
    return ts.isJsxElement(node) && followsFigure(node) ? text : null;
  });

/** What an engineer is told. @param {ts.Node} node */
const isError = (node) =>
  ts.isNewExpression(node) && /^(?:Range|Type)?Error$/.test(node.expression.getText());

/** The path of a drawing. @param {ts.TemplateExpression} node */
const isPath = (node) => node.head.text === 'M';

/** `<b>{grams} g</b>` @param {ts.JsxElement} node */
const followsFigure = ({ children }) =>
  children.some((child, at) => {
    const before = children[at - 1];
    return (
      ts.isJsxText(child) &&
      before !== undefined &&
      ts.isJsxExpression(before) &&
      UNIT.test(child.text)
    );
  });
