/** The few parts of a browser’s audio that a bell uses. */
export type Audio = Pick<
  AudioContext,
  'state' | 'currentTime' | 'destination' | 'resume' | 'createOscillator' | 'createGain'
> & {
  readonly addEventListener: (type: 'statechange', listener: () => void) => void;
};

/** Three short tones, high enough to be heard over a boil: when each begins, s. */
const BEATS = [0, 0.35, 0.7];
const TONE_HZ = 1320;
const TONE_S = 0.2;
const LOUDNESS = 0.25;

/**
 * A bell. Browsers keep a page silent until somebody has touched it, so after a reload it may be
 * mute: then it says so, and is woken by the first touch.
 */
export class Bell {
  private audio: Audio | null = null;
  private readonly listeners = new Set<() => void>();

  /** @param make makes the audio, at the first call */
  constructor(private readonly make: () => Audio) {}

  /** Whether it would not be heard. */
  get isMute(): boolean {
    return this.audio !== null && this.audio.state !== 'running';
  }

  /** Calls a listener when it falls mute or can be heard again; what it answers ends that. */
  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Makes it ready; with a touch of the page it is heard from then on. */
  async wake(): Promise<void> {
    const audio = this.ready();
    // A browser that still wants a touch leaves this open, or says no.
    if (audio.state !== 'running') await audio.resume().catch(() => undefined);
    this.tell();
  }

  /** Rings; a mute bell tries to be heard. */
  ring(): void {
    const audio = this.ready();
    if (audio.state !== 'running') void this.wake();
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
