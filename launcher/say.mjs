/** Something the person at the terminal can mend; its message says how. */
export class Failure extends Error {}

/**
 * One line of progress. Goes to standard error, so that `plan` keeps standard output to itself.
 * @param {string} text
 */
export const say = (text) => void process.stderr.write(`kettle: ${text}\n`);

/** @param {string} text */
export const fail = (text) => void process.stderr.write(`kettle: ${text}\n`);
