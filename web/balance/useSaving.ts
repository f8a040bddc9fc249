import type { Batch } from '@idle-kettle/contract';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSaveBatch } from '../api/batches.ts';
import { Refused } from '../api/request.ts';
import { contentKey } from '../api/saveChange.ts';
import { dropDraft, keepDraft, keptDraft, type Draft } from './draft.ts';

/** Quiet after which a change is saved by itself. */
const QUIET_MS = 1200;
/** Wait before the next try where the server did not answer. */
const AGAIN_MS = 8000;
/** So many saves without an answer are remembered. */
const MOST_UNANSWERED = 20;

export type Saving = {
  readonly changed: boolean;
  readonly pending: boolean;
  readonly error: Error | null;
  /** Saved by somebody else meanwhile: saving by itself has stopped. */
  readonly conflict: boolean;
  readonly save: () => void;
  readonly saveAsNew: () => void;
  /** Forget what is not saved. */
  readonly drop: () => void;
};

type Case = {
  readonly saved: Batch | null;
  readonly content: Draft;
  readonly finalName: string;
  /** Whether the lines can be planned; a batch at fault is kept in the browser alone. */
  readonly ok: boolean;
};

/**
 * Keeps what is written: in the browser at once, and, for a batch that was saved once, on the server after a quiet
 * moment. While the server is away it tries again by itself, and when the network is back.
 */
export function useSaving({ saved, content, finalName, ok }: Case): Saving {
  const id = saved?.id ?? null;
  const { name, lines, settings } = content;
  const [version, setVersion] = useState(content.version);
  const [keptAs, setKeptAs] = useState(() =>
    saved === null ? null : textOf(saved.name, saved.lines, saved.settings),
  );
  const save = useSaveBatch(id);
  const saveAsNew = useSaveBatch(null);
  const navigate = useNavigate();
  const text = textOf(name, lines, settings);
  const changed = keptAs === null ? lines.length > 0 || name.trim() !== '' : text !== keptAs;
  const conflict = save.error instanceof Refused && save.error.problem.status === 409;

  /** What was sent, this time or before a reload, and has not been answered. */
  const [sentBefore] = useState(() => keptDraft(id)?.sent ?? []);
  const sent = useRef(sentBefore);
  /** Whether a first save has led to a page of the batch's own: what is here is kept there. */
  const moved = useRef(false);
  useEffect(() => {
    if (moved.current) return;
    if (changed)
      keepDraft(id, {
        name,
        lines,
        settings,
        version,
        sent: sent.current,
      });
    else dropDraft(id);
  }, [changed, id, name, lines, settings, version]);

  const latestContent = useRef(content);
  useEffect(() => {
    latestContent.current = content;
  });

  function onSaved(batch: Batch, as: string) {
    sent.current = [];
    setVersion(batch.version);
    setKeptAs(as);
    if (batch.id === id) return;
    moved.current = true;
    // What was typed while the first save was under way, or since one whose answer was lost, goes on under the batch's own name.
    const now = latestContent.current;
    const isNewer =
      textOf(now.name, now.lines, now.settings) !== text ||
      JSON.stringify(batch.lines) !== JSON.stringify(now.lines);
    if (isNewer) keepDraft(batch.id, { ...now, version: batch.version });
    dropDraft(id);
    void navigate(`/batches/${batch.id}`, { replace: true });
  }

  function saveNow() {
    if (save.isPending) return;
    const body = {
      name: finalName,
      lines: [...lines],
      settings,
      ticked: [...(saved?.ticked ?? [])],
      ...(version === null ? {} : { version }),
    };
    const as = textOf(name === '' ? '' : finalName, lines, settings);
    const unanswered = sent.current;
    sent.current = [...unanswered, contentKey(body)].slice(-MOST_UNANSWERED);
    if (changed) keepDraft(id, { name, lines, settings, version, sent: sent.current });
    save.mutate(
      { ...body, unanswered },
      { onSuccess: (batch) => onSaved(batch, as === text ? as : text) },
    );
  }

  const latest = useRef(saveNow);
  useEffect(() => {
    latest.current = saveNow;
  });

  const byItself = id !== null && changed && ok && lines.length > 0 && !conflict;
  const failed = save.error !== null;
  useEffect(() => {
    if (!byItself || save.isPending) return;
    const timer = setTimeout(() => latest.current(), failed ? AGAIN_MS : QUIET_MS);
    const now = () => latest.current();
    window.addEventListener('online', now);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('online', now);
    };
  }, [byItself, text, failed, save.isPending, save.failureCount]);

  return {
    changed,
    pending: save.isPending || saveAsNew.isPending,
    error: save.error ?? saveAsNew.error,
    conflict,
    save: saveNow,
    saveAsNew: () =>
      saveAsNew.mutate(
        { name: `${finalName} (copy)`.slice(0, 120), lines: [...lines], settings },
        { onSuccess: (batch) => onSaved(batch, text) },
      ),
    drop: () => {
      dropDraft(id);
      save.reset();
      if (saved !== null) {
        setVersion(saved.version);
        setKeptAs(textOf(saved.name, saved.lines, saved.settings));
      }
    },
  };
}

const textOf = (name: string, lines: readonly string[], settings: object): string =>
  JSON.stringify([name, lines, settings]);
