/** What a browser’s own speech is used for. */
export type Speech = {
  readonly speak: (text: string) => void;
  readonly cancel: () => void;
};

/** Something worth saying; what has the same key is said once. */
export type Saying = { readonly key: string; readonly text: string };

/** Most keys that are remembered: more than any day at the stove has. */
const MOST_KEYS = 2000;

/** A voice that says each thing once, however often it is told to. */
export class Voice {
  private readonly said = new Set<string>();

  /** @param speech the browser’s, or a stand-in that records it */
  constructor(private readonly speech: Speech) {}

  /** Says what it has not said yet. */
  say(sayings: readonly Saying[]): void {
    for (const { key, text } of sayings) {
      if (this.said.has(key)) continue;
      if (this.said.size >= MOST_KEYS) this.said.clear();
      this.said.add(key);
      this.speech.speak(text);
    }
  }

  /** Falls silent at once. What was said counts as said. */
  hush(): void {
    this.speech.cancel();
  }
}
