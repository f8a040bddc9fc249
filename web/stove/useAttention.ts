import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import { Bell } from './bell.ts';
import { Shaking } from './shaking.ts';

export type Ways = {
  readonly sound: boolean;
  readonly shake: boolean;
  readonly awake: boolean;
  readonly speech: boolean;
};

const KEY = 'idle-kettle-attention';
const USUAL: Ways = { sound: true, shake: true, awake: true, speech: false };

/** What this device can do; a way that it lacks is offered switched off, with the reason. */
export const can = {
  sound: 'AudioContext' in window,
  shake: 'vibrate' in navigator,
  awake: 'wakeLock' in navigator,
  speech: 'speechSynthesis' in window,
};

function kept(): Ways {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Ways>) };
  } catch {
    return USUAL;
  }
}

const bell = new Bell(() => new AudioContext());

const shaking = new Shaking(navigator);

/** What a browser takes for a touch. */
const TOUCHES = ['pointerdown', 'keydown'] as const;
const AGAIN_MS = 4000;

/** Sound, shaking and a screen that stays on, each with a switch that this browser remembers. */
export function useAttention(rings: boolean): {
  readonly ways: Ways;
  readonly set: (change: Partial<Ways>) => void;
  /** Whether it would ring unheard, since nobody has touched the page yet. */
  readonly mute: boolean;
} {
  const [ways, setWays] = useState(kept);
  const set = useCallback((change: Partial<Ways>) => {
    setWays((now) => {
      const next = { ...now, ...change };
      localStorage.setItem(KEY, JSON.stringify(next));
      return next;
    });
  }, []);

  // Browsers let a page be heard once it was touched: a bell that is mute is said to be, and every
  // touch wakes it.
  useEffect(() => {
    if (!ways.sound || !can.sound) return undefined;
    const wake = () => void bell.wake();
    wake();
    for (const touch of TOUCHES) window.addEventListener(touch, wake);
    return () => {
      for (const touch of TOUCHES) window.removeEventListener(touch, wake);
    };
  }, [ways.sound]);
  const isMute = useSyncExternalStore(bell.subscribe, () => bell.isMute);

  useEffect(() => {
    if (!rings) return undefined;
    const call = () => {
      if (ways.sound && can.sound) bell.ring();
      if (ways.shake && can.shake) shaking.shake();
    };
    call();
    const timer = setInterval(call, AGAIN_MS);
    return () => clearInterval(timer);
  }, [rings, ways.sound, ways.shake]);

  useEffect(() => {
    if (!ways.awake || !can.awake) return undefined;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    async function hold() {
      if (document.visibilityState !== 'visible') return;
      // A device that is low on power may say no; the screen then goes dark as it always does.
      const held = await navigator.wakeLock.request('screen').catch(() => null);
      if (gone) void held?.release();
      else lock = held;
    }
    const again = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [ways.awake]);
  return { ways, set, mute: ways.sound && can.sound && isMute };
}
