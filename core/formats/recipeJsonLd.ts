import { message } from '@idle-kettle/words/message';
import { formatISODuration } from 'date-fns/formatISODuration';
import { MOST_LINES } from '../parser/index.ts';
import { linesHeld, type PlanInWords } from '../plan/index.ts';
import { MOST_RECIPE_CHARS, type FormatFault, type RecipeReading } from './recipe.ts';
import { FORMULA_KEY, formulaOfText, formulaText, type WrittenFormula } from './writtenFormula.ts';

/** A schema.org Recipe, as JSON-LD. */
export type RecipeJsonLd = {
  readonly '@context': 'https://schema.org';
  readonly '@type': 'Recipe';
  readonly name: string;
  readonly recipeIngredient: readonly string[];
  readonly recipeInstructions: readonly { readonly '@type': 'HowToStep'; readonly text: string }[];
  readonly recipeYield?: string;
  readonly cookTime?: string;
  readonly nutrition?: {
    readonly '@type': 'NutritionInformation';
    readonly servingSize: string;
    readonly calories: string;
    readonly sugarContent: string;
  };
  /** The formula itself: whoever reads the file here plans the same. */
  readonly additionalProperty?: readonly {
    readonly '@type': 'PropertyValue';
    readonly name: string;
    readonly value: string;
  }[];
};

/**
 * A plan as a schema.org Recipe: lines as written, the chain as steps, the middle of its ranges.
 * @param method the acts of the plan in words, in order
 * @param formula what the plan was made of, for whoever reads the file again
 */
export function toRecipeJsonLd(
  name: string,
  plan: PlanInWords,
  method: readonly string[],
  formula?: WrittenFormula,
): RecipeJsonLd {
  const { minutes, label, yield: jars } = plan;
  return {
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name,
    recipeIngredient: linesHeld(plan).map(({ text }) => text),
    recipeInstructions: method.map((text) => ({ '@type': 'HowToStep', text })),
    ...(jars && jars.jars.length > 0
      ? { recipeYield: jars.jars.map(({ name: jar, count }) => `${count} ${jar}`).join(', ') }
      : {}),
    ...(minutes ? { cookTime: duration(minutes.p50) } : {}),
    ...(label
      ? {
          nutrition: {
            '@type': 'NutritionInformation',
            servingSize: `1 tbsp (${label.spoon.spoonG} g)`,
            calories: `${label.spoon.energyKcal} calories`,
            sugarContent: `${label.spoon.sugarsG} g`,
          },
        }
      : {}),
    ...(formula
      ? {
          additionalProperty: [
            { '@type': 'PropertyValue', name: FORMULA_KEY, value: formulaText(formula) },
          ],
        }
      : {}),
  };
}

const duration = (minutes: number): string =>
  formatISODuration({ hours: Math.floor(minutes / 60), minutes: Math.round(minutes % 60) });

/**
 * Reads a schema.org Recipe from JSON-LD text: the object itself, one of a list, or one in an
 * `@graph`. Every fault is named with the key it is at.
 */
export function readRecipeJsonLd(text: string): RecipeReading {
  if (text.length > MOST_RECIPE_CHARS) {
    return refuse([
      {
        where: '',
        message: message('formats.aRecipeMayHaveAt', {
          MOSTRECIPECHARS: MOST_RECIPE_CHARS.toLocaleString('en-US'),
        }),
      },
    ]);
  }
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch (error) {
    return refuse([
      {
        where: '',
        message: message('formats.thisIsNotJson', { message: (error as Error).message }),
      },
    ]);
  }
  const recipe = recipeIn(json);
  if (!recipe) {
    return refuse([{ where: '@type', message: message('formats.thereIsNoSchemaOrg') }]);
  }
  const faults: FormatFault[] = [];
  const name = recipe['name'] ?? '';
  if (typeof name !== 'string')
    faults.push({ where: 'name', message: message('formats.theNameMustBeText') });
  const lines = recipe['recipeIngredient'] ?? recipe['ingredients'];
  if (!Array.isArray(lines) || lines.length === 0) {
    faults.push({
      where: 'recipeIngredient',
      message: message('formats.recipeingredientMustBeAList'),
    });
  } else {
    if (lines.length > MOST_LINES) {
      faults.push({
        where: 'recipeIngredient',
        message: message('formats.thatIsLinesABatch', {
          count: lines.length,
          MOSTLINES: MOST_LINES,
        }),
      });
    }
    lines.forEach((line, index) => {
      if (typeof line !== 'string' || line.trim() === '') {
        faults.push({
          where: `recipeIngredient[${index}]`,
          message: message('formats.eachLineMustBeText'),
        });
      }
    });
  }
  if (faults.length > 0) return refuse(faults);
  const formula = formulaIn(recipe['additionalProperty']);
  return {
    ok: true,
    recipe: {
      name: (name as string).trim(),
      lines: (lines as string[]).map((line) => line.replace(/\s+/g, ' ').trim()),
      rest: stepsIn(recipe['recipeInstructions']),
      ...(formula === null ? {} : { formula }),
    },
  };
}

function formulaIn(properties: unknown): WrittenFormula | null {
  const own = [properties].flat().find((one) => isObject(one) && one['name'] === FORMULA_KEY);
  const value = isObject(own) ? own['value'] : null;
  return typeof value === 'string' ? formulaOfText(value) : null;
}

const refuse = (faults: readonly FormatFault[]): RecipeReading => ({ ok: false, faults });

type Json = Readonly<Record<string, unknown>>;

const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const isRecipe = (value: unknown): value is Json =>
  isObject(value) && [value['@type']].flat().includes('Recipe');

function recipeIn(json: unknown): Json | undefined {
  if (isRecipe(json)) return json;
  if (Array.isArray(json)) return json.map(recipeIn).find((found) => found !== undefined);
  return isObject(json) && Array.isArray(json['@graph'])
    ? json['@graph'].find(isRecipe)
    : undefined;
}

/** The texts of instructions given as one text, a list of texts, or steps in sections. */
function stepsIn(value: unknown): string[] {
  if (typeof value === 'string') return [value];
  if (Array.isArray(value)) return value.flatMap(stepsIn);
  if (!isObject(value)) return [];
  return value['itemListElement'] === undefined
    ? stepsIn(value['text'])
    : stepsIn(value['itemListElement']);
}
