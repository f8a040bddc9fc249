/** What a spreadsheet takes for the beginning of a formula, in either width. */
const BEGINS = '=+\\-@＝＋－＠';
/** What it overlooks before one: spaces, quotes, and what has no width. */
const OVERLOOKED = '\\s"\'`\\u200b-\\u200f\\u2060\\ufeff';
/** What it may take for the end of a cell, whatever the file says. */
const SEPARATES = ';|\\t\\r\\n';

const A_FORMULA = `(?=[${OVERLOOKED}]*[${BEGINS}])`;
const AT_THE_BEGINNING = new RegExp(`^${A_FORMULA}`);
const AFTER_A_SEPARATOR = new RegExp(`([${SEPARATES}])${A_FORMULA}`, 'g');
/** The same with the apostrophe that makes them text. */
const TEXT_AT_THE_BEGINNING = new RegExp(`^'${A_FORMULA}`);
const TEXT_AFTER_A_SEPARATOR = new RegExp(`([${SEPARATES}])'${A_FORMULA}`, 'g');
const SIGN_AFTER_A_SEPARATOR = new RegExp(`([${SEPARATES}][${OVERLOOKED}]*)([${BEGINS}])`, 'g');

/**
 * A text as a cell of a CSV that a spreadsheet takes for text, in every country’s separators: an
 * apostrophe stands before what it would take for a formula.
 */
export const safeCell = (text: string): string =>
  text.replace(AFTER_A_SEPARATOR, "$1'").replace(AT_THE_BEGINNING, "'");

/** The text of such a cell. */
export const textOfCell = (cell: string): string =>
  cell.replace(TEXT_AT_THE_BEGINNING, '').replace(TEXT_AFTER_A_SEPARATOR, '$1');

/** JSON in a cell: what would be taken for a formula is escaped in it, and read as it was. */
export const safeJson = (json: string): string =>
  json.replace(
    SIGN_AFTER_A_SEPARATOR,
    (_, before: string, sign: string) =>
      `${before}\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`,
  );
