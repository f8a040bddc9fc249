/**
 * The fewest steps, 1 to most, that are enough; null when none of those tried is.
 * @param most at least 1
 * @param enough once true, true for every larger count
 */
export function leastSteps(most: number, enough: (steps: number) => boolean): number | null {
  if (most < 1) return null;
  let [few, many] = [0, 1];
  while (!enough(many)) {
    if (many === most) return null;
    [few, many] = [many, Math.min(2 * many, most)];
  }
  while (many - few > 1) {
    const middle = Math.floor((few + many) / 2);
    if (enough(middle)) many = middle;
    else few = middle;
  }
  return many;
}
