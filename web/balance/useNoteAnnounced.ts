import { textOf } from '@idle-kettle/words';
import type { LineReading } from '@idle-kettle/core';
import { useEffect, useRef } from 'react';
import { announce } from '../ui/announce.ts';

/** Quiet after which a line is taken to be written, ms. */
const WRITTEN_MS = 900;

/** What is said of a line: what it was taken for, or what of it is not understood. */
const noteOf = (reading: LineReading | null): string => {
  if (reading === null) return '';
  return textOf(reading.understood ? (reading.assumed ?? '') : reading.trouble.message);
};

/**
 * Announces what is said of a line once it is written: not while it is, and nothing twice.
 * @param where which line it is, as it is named
 */
export function useNoteAnnounced(reading: LineReading | null, where: string): void {
  const note = noteOf(reading);
  const last = useRef(note);
  useEffect(() => {
    if (note === last.current) return undefined;
    const timer = setTimeout(() => {
      last.current = note;
      if (note !== '') announce(`${where}: ${note}`);
    }, WRITTEN_MS);
    return () => clearTimeout(timer);
  }, [note, where]);
}
