/** A logarithmic axis: where a value stands between two ends, in pixels. */
export function logAxis(least: number, most: number, from: number, to: number): (value: number) => number {
  const span = Math.log(most / least);
  return (value) => from + ((to - from) * Math.log(Math.min(most, Math.max(least, value)) / least)) / span;
}

/** A line through points, as an SVG path. */
export function path(points: { x: number; y: number }[]): string {
  return points.map(({ x, y }, at) => `${at === 0 ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`).join("");
}

/** The length of the sum of parts that stand at right angles, without some of them. */
export function sumWithout(parts: { id: string; resistiveMa: number; capacitiveMa: number }[], id: string): number {
  const left = parts.filter((part) => part.id !== id);
  return Math.hypot(
    left.reduce((sum, part) => sum + part.resistiveMa, 0),
    left.reduce((sum, part) => sum + part.capacitiveMa, 0),
  );
}
