import { useEffect } from 'react';
import { Voice, type Saying } from './voice.ts';

/** The browser’s own speech. What is said is not cut off by what is said next. */
const voice = new Voice({
  speak: (text) => window.speechSynthesis.speak(new SpeechSynthesisUtterance(text)),
  cancel: () => window.speechSynthesis.cancel(),
});

/** Says aloud what is worth saying, while it is wanted. */
export function useVoice(on: boolean, sayings: readonly Saying[]): void {
  useEffect(() => {
    if (on) voice.say(sayings);
  }, [on, sayings]);
  useEffect(() => {
    if (!on) return undefined;
    return () => voice.hush();
  }, [on]);
}
