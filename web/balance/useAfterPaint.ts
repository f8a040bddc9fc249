import { useEffect, useState } from 'react';

/**
 * A value one frame later: what stands on the screen at once is painted first, and what follows from the value in one piece after it. Of values that
 * come faster than frames only the last arrives.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const frame = requestAnimationFrame(() => {
      timer = setTimeout(() => setShown(value));
    });
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(timer);
    };
  }, [value]);
  return shown;
}
