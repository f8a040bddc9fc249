import { message, say, textOf } from '@idle-kettle/words';
import { faultsOf, SettingsDto, VALIDATION } from '@idle-kettle/contract';
import {
  isPlanCsv,
  linesForKitchen,
  otherFile,
  readPlanCsv,
  readRecipeJsonLd,
  readRecipeText,
  type FormatFault,
  type MeasuresId,
  type RecipeReading,
  type Settings,
} from '@idle-kettle/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';

/** What was found in something pasted or brought in from a file. */
export type Pasted =
  | {
      readonly ok: true;
      /** Empty where none was found. */
      readonly name: string;
      readonly lines: readonly string[];
      /** What was read and left out: headings, yields, steps. */
      readonly rest: readonly string[];
      /** What the file says of the batch besides its lines, where it is one of ours. */
      readonly settings: Settings;
    }
  | { readonly ok: false; readonly message: string };

/**
 * Reads a recipe: JSON-LD, the CSV of a plan, or text. Anything else is refused in words.
 * @param measures whose cups and pints this kitchen has
 */
export function readPasted(text: string, measures: MeasuresId): Pasted {
  const reading = readAnyRecipe(text);
  if (!reading.ok) return refused(reading.faults);
  const { name, lines, rest, formula } = reading.recipe;
  if (formula === undefined) return { ok: true, name, lines, rest, settings: {} };
  return {
    ok: true,
    name,
    lines: linesForKitchen(formula, measures),
    // Its steps are those that the plan of it makes again.
    rest: [],
    settings: checked(formula.settings),
  };
}

function readAnyRecipe(text: string): RecipeReading {
  const other = otherFile(text);
  if (other !== null) return { ok: false, faults: [other] };
  if (isPlanCsv(text)) return readPlanCsv(text);
  return /^\s*[[{]/.test(text) ? readRecipeJsonLd(text) : readRecipeText(text);
}

/** The settings of a file, as far as the contract takes them: none where it refuses any. */
function checked(settings: object): Settings {
  const dto = plainToInstance(SettingsDto, settings);
  return faultsOf(validateSync(dto, VALIDATION)).length === 0 ? settings : {};
}

const refused = (faults: readonly FormatFault[]): Pasted => ({
  ok: false,
  message: say('balance.nothingWasImported', {
    value: textOf(
      faults.map(({ where, message: said }) =>
        where === '' ? said : message('api.fault', { where, message: said }),
      ),
    ),
  }),
});
