import { readFileSync, writeFileSync } from 'node:fs';

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

/**
 * Writes a file whole. An error names the file, which the system leaves out where the disk is full.
 * @param {string} file @param {string} text @param {{ mode?: number }} [options]
 */
export function writeText(file, text, options = {}) {
  try {
    writeFileSync(file, text, options);
  } catch (error) {
    throw Object.assign(/** @type {Error} */ (error), { path: file });
  }
}
