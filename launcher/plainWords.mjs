/** What stands in the way of a file, by the system’s code. @type {Record<string, string>} */
const IN_THE_WAY = {
  ENOSPC: 'the disk is full. Free some space, and start again; nothing in it was touched.',
  EDQUOT: 'the disk quota is used up. Free some space, and start again; nothing in it was touched.',
  EROFS:
    'it is on a disk that may only be read. Make the disk writable, or name another folder with KETTLE_STATE; nothing in it was touched.',
  EACCES:
    'this user may not. Change whose it is, or name another folder with KETTLE_STATE; nothing in it was touched.',
  EPERM:
    'this user may not. Change whose it is, or name another folder with KETTLE_STATE; nothing in it was touched.',
  ERR_FS_EISDIR: 'there is a folder where a file should be. Move it away, and start again.',
  EISDIR: 'there is a folder where a file should be. Move it away, and start again.',
  ENOTDIR:
    'there is a file where a folder should be. Move it away, or name another folder with KETTLE_STATE.',
  EEXIST:
    'there is a file where a folder should be. Move it away, or name another folder with KETTLE_STATE.',
};

/** What programs print of the same, and its code. @type {readonly (readonly [RegExp, string])[]} */
const PRINTED = [
  [/No space left on device/, 'ENOSPC'],
  [/Disk quota exceeded/, 'EDQUOT'],
  [/Read-only file system/, 'EROFS'],
  [/Permission denied/, 'EACCES'],
];

/**
 * What a program printed in one plain line with the way on; null where it says nothing of the kind.
 * @param {string} text @param {string} path what it worked on
 */
export function printedInPlainWords(text, path) {
  const code = PRINTED.find(([said]) => said.test(text))?.[1];
  return code === undefined ? null : `${path} cannot be used: ${IN_THE_WAY[code]}`;
}

/**
 * An error of the system in one plain line with the way on; null for any other.
 * @param {unknown} error
 */
export function inPlainWords(error) {
  if (!(error instanceof Error)) return null;
  const { code = '', path } = /** @type {NodeJS.ErrnoException} */ (error);
  const why = IN_THE_WAY[code];
  return why === undefined || path === undefined ? null : `${path} cannot be used: ${why}`;
}
