import { isHeading, readRecipeText } from './recipeText.ts';

/** A recipe out of many that were typed or pasted together. */
export type BoxedRecipe = {
  /** Empty where none was found. */
  readonly name: string;
  readonly lines: readonly string[];
  /** What stood with it and is no ingredient: steps, yields. */
  readonly note: string;
};

/** Most recipes that are read at once. */
export const MOST_BOXED = 200;

/**
 * Recipes out of a text that holds many, one after the other: each begins with a title, a line
 * without an amount after a blank line, and holds at least one ingredient line. What comes before
 * the first ingredient of a recipe is its title, what follows its ingredients its note.
 */
export function readRecipeBox(text: string): readonly BoxedRecipe[] {
  const blocks = text
    .replace(/\r\n?/g, '\n')
    .split(/\n[\t ]*\n+/)
    .map((block) =>
      block
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line !== ''),
    )
    .filter((block) => block.length > 0);
  const recipes: { title: string; lines: string[]; note: string[] }[] = [];
  for (const block of blocks) {
    const { lines, rest, name } = partsOf(block);
    const open = recipes.at(-1);
    if (lines.length === 0) {
      // A title that stands alone begins the next recipe; else it is told of the one before.
      if (block.length === 1 && !isStep(block[0] ?? ''))
        recipes.push({ title: block[0] ?? '', lines: [], note: [] });
      else open?.note.push(...block);
      continue;
    }
    if (open !== undefined && open.lines.length === 0 && name === '') {
      open.lines.push(...lines);
      open.note.push(...rest);
    } else recipes.push({ title: name, lines: [...lines], note: [...rest] });
  }
  return recipes
    .filter(({ lines }) => lines.length > 0)
    .slice(0, MOST_BOXED)
    .map(({ title, lines, note }) => ({ name: title, lines, note: note.join('\n') }));
}

/** A sentence of what is done, which is no title. */
const LONGEST_TITLE = 60;
const isStep = (line: string): boolean =>
  line.length > LONGEST_TITLE || /[.!;]$/.test(line) || isHeading(line);

/** The parts of a block, as a recipe by itself is read. */
function partsOf(block: readonly string[]) {
  const read = readRecipeText(block.join('\n'));
  if (!read.ok) return { name: '', lines: [], rest: block };
  return { name: read.recipe.name, lines: read.recipe.lines, rest: read.recipe.rest };
}
