type Point = readonly [x: number, y: number];

/**
 * A smooth curve through points of rising x that rises and falls only where they do: monotone cubic
 * Hermite (Fritsch & Carlson 1980, with the harmonic-mean slopes of Fritsch & Butland 1984). Beyond
 * the ends it goes on straight, at the end's slope.
 * @throws RangeError for fewer than two points, or x that does not rise
 */
export function smoothThrough(points: readonly Point[]): (x: number) => number {
  const rises = points.slice(1).map(([x, y], i) => {
    const [x0, y0] = points[i] as Point;
    return (y - y0) / (x - x0);
  });
  if (points.length < 2 || points.slice(1).some(([x], i) => !(x > (points[i] as Point)[0]))) {
    throw new RangeError('A curve needs two points or more, x rising');
  }
  const slopes = points.map((_, i) =>
    slopeBetween(rises[Math.max(0, i - 1)], rises[i] ?? rises.at(-1)),
  );
  return (x) => {
    const after = points.findIndex(([at]) => at >= x);
    const last = points.length - 1;
    const end = after === 0 ? 0 : after === -1 ? last : null;
    if (end !== null) {
      const [x0, y0] = points[end] as Point;
      return y0 + (slopes[end] as number) * (x - x0);
    }
    const [x0, y0] = points[after - 1] as Point;
    const [x1, y1] = points[after] as Point;
    const [width, t] = [x1 - x0, (x - x0) / (x1 - x0)];
    const [s0, s1] = [slopes[after - 1] as number, slopes[after] as number];
    return (
      y0 * (1 + 2 * t) * (1 - t) ** 2 +
      s0 * width * t * (1 - t) ** 2 +
      y1 * t * t * (3 - 2 * t) +
      s1 * width * t * t * (t - 1)
    );
  };
}

/** Slope at a point between two rises: their harmonic mean, or level at a peak or a trough. */
const slopeBetween = (before = 0, after = 0): number =>
  before * after <= 0 ? 0 : (2 * before * after) / (before + after);
