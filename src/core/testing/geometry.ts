/** Area of a polygon by the shoelace formula. */
export const hullArea = (points: readonly (readonly [number, number])[]): number =>
  Math.abs(points.reduce((sum, [x, y], i) => sum + x * points[(i + 1) % points.length]![1] - points[(i + 1) % points.length]![0] * y, 0)) / 2
