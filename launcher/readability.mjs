import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { fleschKincaid } from 'flesch-kincaid';
import { syllable } from 'syllable';
import ts from 'typescript';
import { ROOT } from './shell.mjs';

/**
 * A message of the catalogue and the US school grade that it takes to read it.
 * @typedef {{ id: string, text: string, grade: number }} Graded
 */

/** Rooms that are read with wet hands at arm's length. */
const AT_THE_STOVE = new Set(['acts', 'jars', 'speech', 'stove']);

/** The highest median grade of each, by the Flesch–Kincaid formula. */
export const HIGHEST_MEDIAN = { atTheStove: 6, elsewhere: 8 };

/** Fewer words than this are a name, not a sentence; the formula says nothing of them. */
const LEAST_WORDS = 4;

/** A placeholder is read as a short word, since what stands there is mostly a figure. */
const IN_ITS_PLACE = 'ten';

/** @param {string} id @param {string} written @returns {Graded | null} */
function graded(id, written) {
  const text = written.replace(/\{\{\w+\}\}/g, IN_ITS_PLACE);
  const words = text.match(/\p{L}+(?:[’'-]\p{L}+)*/gu) ?? [];
  if (words.length < LEAST_WORDS) return null;
  const sentence = Math.max(1, text.match(/[.!?:;](?=\s|$)/g)?.length ?? 1);
  const syllables = words.reduce((sum, word) => sum + syllable(word), 0);
  const count = { sentence, word: words.length, syllable: syllables };
  return { id, text: written, grade: fleschKincaid(count) };
}

/**
 * Every message of the catalogue in US English that is a sentence, the hardest first.
 * @returns {Graded[]}
 */
export function gradedCatalogue() {
  const folder = join(ROOT, 'words/en-US');
  return readdirSync(folder)
    .filter((file) => file !== 'index.ts')
    .flatMap((file) => messagesIn(join(folder, file)))
    .flatMap(([id, text]) => graded(id, text) ?? [])
    .sort((a, b) => b.grade - a.grade);
}

/** @param {string} file @returns {(readonly [id: string, text: string])[]} */
function messagesIn(file) {
  const found = /** @type {(readonly [string, string])[]} */ ([]);
  /** @param {ts.Node} node */
  const visit = (node) => {
    if (
      ts.isPropertyAssignment(node) &&
      ts.isStringLiteral(node.name) &&
      ts.isStringLiteralLike(node.initializer)
    )
      found.push([node.name.text, node.initializer.text]);
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true));
  return found;
}

/** The median grades at the stove and elsewhere. @param {readonly Graded[]} messages */
export function medians(messages) {
  const isAtTheStove = (/** @type {Graded} */ { id }) => AT_THE_STOVE.has(id.split('.')[0] ?? '');
  return {
    atTheStove: median(messages.filter(isAtTheStove)),
    elsewhere: median(messages.filter((one) => !isAtTheStove(one))),
  };
}

/** @param {readonly Graded[]} messages hardest first */
const median = (messages) => messages[Math.floor(messages.length / 2)]?.grade ?? 0;
