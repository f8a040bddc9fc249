import { EN_US } from './en-US/index.ts';
import { addLanguage } from './words.ts';

/**
 * A language that nobody speaks: every message of the catalogue between brackets that occur nowhere
 * else.
 */
export const PSEUDO = 'en-XA';

const OPEN = '⟦';
const CLOSE = '⟧';

/**
 * Makes the pseudo-language known. What is then read outside its brackets is not in the catalogue.
 */
export function addPseudo(): void {
  addLanguage(
    PSEUDO,
    Object.fromEntries(Object.entries(EN_US).map(([key, text]) => [key, `${OPEN}${text}${CLOSE}`])),
  );
}

/** The text that stands outside all brackets, with a space for each of them. */
export function outsideCatalogue(text: string): string {
  let depth = 0;
  let outside = '';
  for (const sign of text) {
    if (sign === OPEN) depth += 1;
    if (depth === 0) outside += sign;
    if (sign === CLOSE) {
      depth -= 1;
      outside += ' ';
    }
  }
  return outside;
}
