import { isNumericQuantity, numericQuantity } from 'numeric-quantity';

/**
 * Reads a number as cooks write it: `2`, `1.5`, `1 1/2`, `1½`, `¾`, `1,400`.
 * Returns null for anything else, NaN and Infinity included; the sign is kept.
 */
export function readAmount(text: string): number | null {
  const trimmed = plainNumbers(text.trim());
  if (!isNumericQuantity(trimmed)) return null;
  const value = numericQuantity(trimmed);
  return Number.isFinite(value) ? value : null;
}

/**
 * Rewrites number habits that parsers trip over, leaving the words alone: a decimal comma
 * (`1,5 kg` → `1.5 kg`), a comma or thin space between thousands (`1,400 g`), and the long minus
 * sign. A plain space between digits is left: `2 400 g` may be 2400 g or two of 400 g.
 */
export function plainNumbers(text: string): string {
  return text
    .replace(/\u2212/g, '-')
    .replace(/(\d)[,\u00a0\u2009\u202f](?=\d{3}(?!\d))/g, '$1')
    .replace(/(\d),(\d{1,2})(?!\d)/g, '$1.$2')
    .replace(/[\u00a0\u2009\u202f]/g, ' ');
}
