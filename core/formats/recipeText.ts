import { message, type Text } from '@idle-kettle/words/message';
import { linesIn, MOST_LINES, readLine } from '../parser/index.ts';
import { MOST_RECIPE_CHARS, type RecipeReading } from './recipe.ts';

const INGREDIENTS_HEAD = /^(ingredients?|you(’|')?ll need|you need|for the \w+)\b[^.]*:?$/i;
const METHOD_HEAD =
  /^(method|directions?|instructions?|preparation|procedure|steps?|how to make it|to make)\s*:?$/i;
/** `1. Wash the fruit`, `Step 2: boil` */
const NUMBERED_STEP = /^(?:step\s*\d+\s*[:.)–-]?|\d{1,2}[.)])\s+[^\d\s]/i;
const ABOUT = /^(makes|yields?|serves|servings?|prep|cook|total|ready in|time|source|from)\b/i;
const BULLET = /^[\s>#*•▢□–—-]+(?=\S)/;
/** Starts as an amount does: `2 kg`, `½ cup`, `a knob of`, `juice of`. */
const AMOUNT =
  /^(\d|[¼½¾⅓⅔⅛⅜⅝⅞]|(?:an?|half|quarter|third|one|two|three|four|five|six|seven|eight|nine|ten|twelve|(?:the )?(?:juice|zest|rind|peel)|pinch|handful|knob|finely grated zest)\b)/i;

/** Whether a line is the heading of a part of a recipe, or tells about it, and is no title. */
export const isHeading = (line: string): boolean =>
  INGREDIENTS_HEAD.test(line) || METHOD_HEAD.test(line) || ABOUT.test(line);

const bare = (line: string): string =>
  line
    .replace(BULLET, '')
    .replace(/\*\*|__/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Finds the name and the ingredient lines in a recipe as people paste it: a title, perhaps
 * headings, amounts, and steps. Lines under a heading for ingredients are all kept, so that none is
 * lost unseen; elsewhere a line is kept when it starts with an amount or is understood. Nothing is
 * guessed about what a line means.
 */
export function readRecipeText(text: string): RecipeReading {
  if (text.length > MOST_RECIPE_CHARS) {
    return fault(
      '',
      message('formats.aRecipeMayHaveAt', {
        MOSTRECIPECHARS: MOST_RECIPE_CHARS.toLocaleString('en-US'),
      }),
    );
  }
  const written = linesIn(text).map(bare);
  const headed = written.some((line) => INGREDIENTS_HEAD.test(line));
  let part: 'top' | 'ingredients' | 'method' = 'top';
  let name = '';
  const lines: string[] = [];
  const rest: string[] = [];
  for (const line of written) {
    if (line === '') continue;
    if (
      METHOD_HEAD.test(line) ||
      (NUMBERED_STEP.test(line) && lines.length > 0 && !readLine(line).understood)
    )
      part = 'method';
    else if (part !== 'method' && INGREDIENTS_HEAD.test(line)) {
      part = 'ingredients';
      continue;
    }
    if (part === 'method' || ABOUT.test(line)) rest.push(line);
    else if (part === 'ingredients' && !line.endsWith(':')) lines.push(line);
    else if (!headed && isLine(line)) lines.push(line);
    else if (name === '' && lines.length === 0) name = line;
    else rest.push(line);
  }
  if (lines.length === 0) {
    return fault('', message('formats.noIngredientLineWasFound'));
  }
  if (lines.length > MOST_LINES) {
    return fault(
      '',
      message('formats.thatIsIngredientLinesA', { count: lines.length, MOSTLINES: MOST_LINES }),
    );
  }
  return { ok: true, recipe: { name, lines, rest } };
}

const isLine = (line: string): boolean =>
  readLine(line).understood || (AMOUNT.test(line) && line.length < 120);

const fault = (where: string, message: Text): RecipeReading => ({
  ok: false,
  faults: [{ where, message }],
});
