import { useEffect, useState } from 'react';

/** A value as it was when it last stood still for so long. */
export function useSettled<T>(value: T, quietMs: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), quietMs);
    return () => clearTimeout(timer);
  }, [value, quietMs]);
  return settled;
}
