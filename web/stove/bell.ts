import { wallClock, type Clock } from '../api/clock.ts';

/** The few parts of a browser’s audio that a bell uses. */
export type Audio = Pick<
  AudioContext,
  'state' | 'currentTime' | 'destination' | 'resume' | 'suspend' | 'createOscillator' | 'createGain'
> & {
  readonly addEventListener: (type: 'statechange', listener: () => void) => void;
};

/** Three short tones, high enough to be heard over a boil: when each begins, s. */
const BEATS = [0, 0.35, 0.7];
const TONE_HZ = 1320;
const TONE_S = 0.2;
const LOUDNESS = 0.25;
/**
 * Audio that runs takes a part of a phone’s battery, ringing or not: it rests when nothing has rung
 * for so long, ms.
 */
export const RESTS_AFTER_MS = 5000;

/**
 * A bell. Browsers keep a page silent until somebody has touched it, so after a reload it may be
 * mute: then it says so, and is woken by the first touch.
 */
export class Bell {
  private audio: Audio | null = null;
  private readonly listeners = new Set<() => void>();
  /** Whether it was heard, and is silent by its own will until it rings. */
  private isResting = false;
  private callOffRest: () => void = () => undefined;

  /** @param make makes the audio, at the first call */
  constructor(
    private readonly make: () => Audio,
    private readonly clock: Clock = wallClock,
  ) {}

  /** Whether it would not be heard. */
  get isMute(): boolean {
    return this.audio !== null && this.audio.state !== 'running' && !this.isResting;
  }

  /** Calls a listener when it falls mute or can be heard again; what it answers ends that. */
  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Makes it ready; with a touch of the page it is heard from then on. */
  async wake(): Promise<void> {
    if (!this.isResting) await this.resume();
  }

  /** Rings; a mute bell tries to be heard. */
  ring(): void {
    const audio = this.ready();
    this.isResting = false;
    if (audio.state === 'running') this.restLater();
    else void this.resume();
    for (const beat of BEATS) {
      const tone = audio.createOscillator();
      const volume = audio.createGain();
      tone.frequency.value = TONE_HZ;
      volume.gain.value = LOUDNESS;
      tone.connect(volume).connect(audio.destination);
      tone.start(audio.currentTime + beat);
      tone.stop(audio.currentTime + beat + TONE_S);
    }
  }

  private async resume(): Promise<void> {
    const audio = this.ready();
    // A browser that still wants a touch leaves this open, or says no.
    if (audio.state !== 'running') await audio.resume().catch(() => undefined);
    if (audio.state === 'running') this.restLater();
    this.tell();
  }

  private restLater(): void {
    this.callOffRest();
    this.callOffRest = this.clock.after(RESTS_AFTER_MS, () => {
      this.isResting = true;
      void this.audio?.suspend().catch(() => undefined);
    });
  }

  private ready(): Audio {
    if (this.audio === null) {
      this.audio = this.make();
      this.audio.addEventListener('statechange', () => this.tell());
      this.tell();
    }
    return this.audio;
  }

  private tell(): void {
    for (const listener of [...this.listeners]) listener();
  }
}
