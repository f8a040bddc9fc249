import { useCallback, useEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** A text that is ahead of what it is a part of, until it was painted. */
export type DeferredText = {
  /** As it stands on the screen. */
  readonly text: string;
  readonly write: (text: string) => void;
  /** Gives on at once what waits; asked for before anything else happens to the whole. */
  readonly flush: () => void;
};

/**
 * A text that is on the screen with the key that was pressed, and given on in one piece after it:
 * what follows from it neither holds the key up, nor is it worked out for keys that come faster
 * than frames.
 */
export function useDeferredText(given: string, give: (text: string) => void): DeferredText {
  const [ahead, setAhead] = useState<string | null>(null);
  const waiting = useRef<{ readonly text: string; readonly callOff: () => void } | null>(null);
  const flush = useCallback(() => {
    const now = waiting.current;
    if (now === null) return;
    now.callOff();
    waiting.current = null;
    give(now.text);
    setAhead(null);
  }, [give]);
  const write = useCallback(
    (text: string) => {
      waiting.current?.callOff();
      // Drawn and kept in one piece: between the two the page could go.
      waiting.current = { text, callOff: afterPaint(() => flushSync(flush)) };
      setAhead(text);
    },
    [flush],
  );
  // A page that goes, or is looked away from, paints no more: what waits is given on, and kept,
  // before it does.
  useEffect(() => {
    const leave = () => {
      if (waiting.current !== null) flushSync(flush);
    };
    const hide = () => document.hidden && leave();
    window.addEventListener('pagehide', leave);
    document.addEventListener('visibilitychange', hide);
    return () => {
      window.removeEventListener('pagehide', leave);
      document.removeEventListener('visibilitychange', hide);
    };
  }, [flush]);
  return { text: ahead ?? given, write, flush };
}

/** Calls back once the next frame is painted; what it answers with calls that off. */
function afterPaint(then: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const frame = requestAnimationFrame(() => {
    timer = setTimeout(then);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}
