import { readFileSync } from 'node:fs';

/**
 * The text of a file. An error names the file, which the system leaves out where it is a folder.
 * @param {string} file
 */
export function readText(file) {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    throw Object.assign(/** @type {Error} */ (error), { path: file });
  }
}
