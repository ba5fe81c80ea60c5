/**
 * A broken line through points, level before its first and after its last: what a value stands for on a scale whose parts
 * are stretched differently.
 *
 * @param points x and y, with x rising
 */
export function alongPoints(points: readonly (readonly [x: number, y: number])[]): (x: number) => number {
  return (x) => {
    const after = points.findIndex((point) => x < point[0]);
    if (after === 0) return points[0]![1];
    if (after < 0) return points.at(-1)![1];
    const [[x0, y0], [x1, y1]] = [points[after - 1]!, points[after]!];
    return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
  };
}
