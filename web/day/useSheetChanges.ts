import type { DaySheet, SheetDocument } from '@idle-kettle/contract/daySheet';
import { useEffect, useRef, useState } from 'react';
import { useChangeDay } from '../api/days.ts';
import { documentOf } from './sheet.ts';

/** A change of a sheet, made on whatever it is by then. */
export type SheetChange = (document: SheetDocument) => SheetDocument;
/** Makes a change, and says what it did. */
export type Keep = (change: SheetChange, did: string) => void;

type Did = { readonly text: string; readonly before: SheetDocument };

/**
 * Changes of a sheet, one after another: each is made on what the one before it left, so that none
 * is lost however soon it follows. After one that failed the next is made on what there is.
 */
export function useSheetChanges(sheet: DaySheet) {
  const { mutateAsync, error, isPending } = useChangeDay(sheet.id);
  const latest = useRef(sheet);
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const [did, setDid] = useState<Did | null>(null);
  useEffect(() => {
    if (sheet.version >= latest.current.version) latest.current = sheet;
  }, [sheet]);
  const enqueue = (change: SheetChange, told: (before: SheetDocument) => Did | null): void => {
    const make = async () => {
      const before = documentOf(latest.current);
      const { version } = latest.current;
      const answer = await mutateAsync({ version, document: change(before) });
      latest.current = answer.sheet;
      setDid(told(before));
    };
    queue.current = queue.current.then(make).catch(() => undefined);
  };
  const keep: Keep = (change, text) => enqueue(change, (before) => ({ text, before }));
  const undo = () => {
    if (did !== null)
      enqueue(
        () => did.before,
        () => null,
      );
  };
  return { keep, undo, did: did?.text ?? null, error, isPending };
}
