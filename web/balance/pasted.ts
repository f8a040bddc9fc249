import { message, say, textOf } from '@idle-kettle/words';
import { readRecipeJsonLd, readRecipeText } from '@idle-kettle/core';

/** What was found in something pasted or brought in from a file. */
export type Pasted =
  | {
      readonly ok: true;
      /** Empty where none was found. */
      readonly name: string;
      readonly lines: readonly string[];
      /** What was read and left out: headings, yields, steps. */
      readonly rest: readonly string[];
    }
  | { readonly ok: false; readonly message: string };

/** Reads a recipe as JSON-LD where it looks like JSON, and else as text. */
export function readPasted(text: string): Pasted {
  const reading = /^\s*[[{]/.test(text) ? readRecipeJsonLd(text) : readRecipeText(text);
  if (reading.ok) return { ok: true, ...reading.recipe };
  return {
    ok: false,
    message: say('balance.nothingWasImported', {
      value: textOf(
        reading.faults.map(({ where, message: said }) =>
          where === '' ? said : message('api.fault', { where, message: said }),
        ),
      ),
    }),
  };
}
