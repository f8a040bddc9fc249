import {
  kitchenTime,
  type CookRecord,
  type LiveMessage,
  type LoggedEntry,
} from '@idle-kettle/contract';
import { inOrder, type EntryKind } from '@idle-kettle/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { request } from '../api/request.ts';
import { keep, keepCook, keptCook, keptEntries, writeDown } from './kept.ts';
import { lastWithoutGap, merged, type KeptEntry } from './keptEntry.ts';
import { deliver } from './outbox.ts';
import { compareClocks, recallServerClock, serverNow } from './serverClock.ts';

export type CookLog = {
  /** Null until it is known, from this browser or from a server. */
  readonly cook: CookRecord | null;
  readonly entries: readonly KeptEntry[];
  /** Entries of this browser that no server has yet. */
  readonly waiting: number;
  /** Why the server would not have something; null where it took everything. */
  readonly refused: string | null;
  /** Whether a server is heard. */
  readonly heard: boolean;
  /** Whether this browser can keep anything. */
  readonly keeps: boolean;
  /** Why the cook cannot be shown at all. */
  readonly error: Error | null;
  /** Writes down something that happens now. */
  readonly note: (kind: EntryKind, value?: number | null, text?: string | null) => Promise<void>;
  readonly refresh: () => void;
};

/** Between two tries to reach a server that was away, ms. */
const AGAIN_MS = 1000;
/** A live view that says nothing for this long is dead: it says something every five seconds. */
const SILENT_MS = 12_000;

/**
 * A cook and its log: from this browser’s own store at once, and from the server as it grows. What is noted is kept in the store first and delivered
 * when a server answers.
 */
export function useCookLog(id: string): CookLog {
  const [cook, setCook] = useState<CookRecord | null>(null);
  const [known, setKnown] = useState<ReadonlyMap<string, KeptEntry>>(new Map());
  const [recalled, setRecalled] = useState(false);
  const [heard, setHeard] = useState(false);
  const [reached, setReached] = useState(true);
  const [error, setError] = useState<Error | null>(null);
  const [keeps, setKeeps] = useState(true);
  const position = useRef(0);
  /** Some browsers keep nothing for anybody, in private windows above all; the stove then only shows what servers say. */
  const canKeep = useRef(true);
  const clock = useRef<CookRecord['clock'] | null>(null);

  const take = useCallback((next: CookRecord) => {
    clock.current = next.clock;
    setCook(next);
    setError(null);
    if (canKeep.current) void keepCook(next);
  }, []);
  const add = useCallback((more: readonly KeptEntry[]) => {
    setKnown((now) => merged(now, more));
  }, []);
  const fetchCook = useCallback(async () => {
    take(await request<CookRecord>(`/cooks/${id}`));
  }, [id, take]);

  // From this browser’s store, before any server is asked.
  useEffect(() => {
    let gone = false;
    async function recall() {
      const recalledOf = Promise.all([keptCook(id), keptEntries(id), recallServerClock()]);
      const [kept, entries] = await recalledOf.catch(() => {
        canKeep.current = false;
        setKeeps(false);
        return [null, []] as const;
      });
      if (gone) return;
      if (kept) {
        clock.current = kept.clock;
        setCook((now) => now ?? kept);
      }
      // Places are without gaps: from the first that is missing on, the server is asked again.
      position.current = lastWithoutGap(entries);
      add(entries);
      setRecalled(true);
    }
    void recall();
    return () => {
      gone = true;
    };
  }, [id, add]);

  const send = useCallback(async () => {
    if (!canKeep.current) return;
    try {
      await deliver(id);
      setReached(true);
    } catch (failure) {
      // A live view may outlast the network by a while; what cannot be sent tells sooner.
      setReached(false);
      throw failure;
    }
    add(await keptEntries(id).then((all) => all.filter(({ position: at }) => at === null)));
  }, [id, add]);

  // The live view, made again whenever it breaks off.
  useEffect(() => {
    if (!recalled) return undefined;
    let source: EventSource | null = null;
    let retry: ReturnType<typeof setTimeout> | null = null;
    let silence: ReturnType<typeof setTimeout> | null = null;
    let gone = false;

    function lost() {
      source?.close();
      source = null;
      if (silence) clearTimeout(silence);
      if (gone) return;
      setHeard(false);
      retry = setTimeout(() => void open(), AGAIN_MS);
    }
    function alive() {
      if (silence) clearTimeout(silence);
      silence = setTimeout(lost, SILENT_MS);
    }
    async function open() {
      try {
        await fetchCook();
        await compareClocks();
        await send();
      } catch (failure) {
        if (!gone) setError(failure as Error);
        lost();
        return;
      }
      if (gone) return;
      source = new EventSource(`/api/cooks/${id}/live?after=${position.current}`);
      source.addEventListener('open', () => {
        setHeard(true);
        alive();
      });
      source.addEventListener('error', lost);
      source.addEventListener('beat', alive);
      source.addEventListener('cook', () => void fetchCook().catch(lost));
      source.addEventListener('log', ({ data }: MessageEvent<string>) => {
        alive();
        const message = JSON.parse(data) as LiveMessage;
        position.current = message.position;
        const entries = message.entries.map((entry) => fromServer(id, entry));
        add(entries);
        if (canKeep.current) void keep(entries);
      });
    }
    void open();
    // A tab that slept, or a network that is back, looks at once.
    const wake = () => {
      if (document.visibilityState !== 'visible' || source) return;
      if (retry) clearTimeout(retry);
      void open();
    };
    window.addEventListener('online', wake);
    document.addEventListener('visibilitychange', wake);
    return () => {
      gone = true;
      source?.close();
      if (retry) clearTimeout(retry);
      if (silence) clearTimeout(silence);
      window.removeEventListener('online', wake);
      document.removeEventListener('visibilitychange', wake);
    };
  }, [id, recalled, add, fetchCook, send]);

  const note = useCallback(
    async (kind: EntryKind, value: number | null = null, text: string | null = null) => {
      if (clock.current === null) return;
      const at = kitchenTime(clock.current, serverNow());
      const written = await writeDown(id, kind, at, value, text).catch(() => null);
      setKeeps(written !== null);
      if (written === null) return;
      add([written]);
      // Without a server it waits; the live view delivers it when one is back.
      await send().catch(() => undefined);
    },
    [id, add, send],
  );

  const entries = useMemo(() => [...known.values()].sort(inOrder), [known]);
  const waiting = entries.filter((entry) => entry.waiting === 1).length;
  useEffect(() => {
    if (waiting === 0) return undefined;
    const timer = setInterval(() => void send().catch(() => undefined), AGAIN_MS);
    return () => clearInterval(timer);
  }, [waiting, send]);
  return {
    cook,
    entries,
    waiting,
    refused: entries.find(({ refused }) => refused !== null)?.refused ?? null,
    heard: heard && reached,
    keeps,
    error: cook === null ? error : null,
    note,
    refresh: () => void fetchCook().catch(() => undefined),
  };
}

const fromServer = (cook: string, entry: LoggedEntry): KeptEntry => ({
  ...entry,
  cook,
  waiting: 0,
  refused: null,
});
