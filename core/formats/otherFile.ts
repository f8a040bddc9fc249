import { message } from '@idle-kettle/words/message';
import type { FormatFault } from './recipe.ts';

/** What a file is that holds no text, by how it begins; null for a text. */
export function otherFile(text: string): FormatFault | null {
  if (text.startsWith('%PDF-')) return { where: '', message: message('formats.aPdfCantBeRead') };
  return /[\0\uFFFD]/.test(text.slice(0, 2000))
    ? { where: '', message: message('formats.notAText') }
    : null;
}
