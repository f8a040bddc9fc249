import ts from 'typescript';
import { filesIn, nodesOf } from './sources.mjs';

const EFFECTS = new Set(['useEffect', 'useLayoutEffect', 'useInsertionEffect']);

/**
 * Effects that return whatever their one expression answers, as `file:line`. React takes that for a
 * clean-up: a Promise in its place breaks the screen when the effect runs again. What is to be
 * returned is returned in so many words.
 * @returns {string[]}
 */
export const implicitEffects = () =>
  filesIn('web', ['.ts', '.tsx']).flatMap((file) =>
    nodesOf(file, (node) => {
      if (!ts.isCallExpression(node) || !EFFECTS.has(node.expression.getText())) return null;
      const [effect] = node.arguments;
      return effect !== undefined && ts.isArrowFunction(effect) && !ts.isBlock(effect.body)
        ? ''
        : null;
    }),
  );
