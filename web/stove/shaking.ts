/** What of a browser shakes, and tells whether somebody has touched its page. */
export type Shaker = {
  readonly vibrate?: (pattern: number[]) => boolean;
  readonly userActivation?: { readonly hasBeenActive: boolean };
};

const PATTERN = [300, 150, 300];

/**
 * Shakes the device. A page that nobody has touched yet may not, and a browser that says no is not
 * asked again and again: each time it would write an error.
 */
export class Shaking {
  private refused = false;

  constructor(private readonly of: Shaker) {}

  shake(): void {
    if (this.refused || this.of.userActivation?.hasBeenActive !== true) return;
    this.refused = this.of.vibrate?.(PATTERN) !== true;
  }
}
