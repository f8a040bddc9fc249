import { useCallback, useEffect, useState } from 'react';

export type Ways = { readonly sound: boolean; readonly shake: boolean; readonly awake: boolean };

const KEY = 'idle-kettle-attention';
const USUAL: Ways = { sound: true, shake: true, awake: true };

/** What this device can do; a way that it lacks is offered switched off, with the reason. */
export const can = {
  sound: 'AudioContext' in window,
  shake: 'vibrate' in navigator,
  awake: 'wakeLock' in navigator,
};

function kept(): Ways {
  try {
    return { ...USUAL, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Ways>) };
  } catch {
    return USUAL;
  }
}

let audio: AudioContext | null = null;

/** Three short tones, high enough to be heard over a boil. */
function ring(): void {
  audio ??= new AudioContext();
  for (const beat of [0, 0.35, 0.7]) {
    const tone = audio.createOscillator();
    const volume = audio.createGain();
    tone.frequency.value = 1320;
    volume.gain.value = 0.25;
    tone.connect(volume).connect(audio.destination);
    tone.start(audio.currentTime + beat);
    tone.stop(audio.currentTime + beat + 0.2);
  }
}

const AGAIN_MS = 4000;

/** Sound, shaking and a screen that stays on, each with a switch that this browser remembers. */
export function useAttention(rings: boolean): {
  readonly ways: Ways;
  readonly set: (change: Partial<Ways>) => void;
} {
  const [ways, setWays] = useState(kept);
  const set = useCallback((change: Partial<Ways>) => {
    setWays((now) => {
      const next = { ...now, ...change };
      localStorage.setItem(KEY, JSON.stringify(next));
      return next;
    });
  }, []);

  useEffect(() => {
    if (!rings) return undefined;
    const call = () => {
      if (ways.sound && can.sound) ring();
      if (ways.shake && can.shake) navigator.vibrate([300, 150, 300]);
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
  return { ways, set };
}
