import type { Point } from './section.ts';

/** A crack's wandering line from y0 down to y1, the same for the same crack. */
export function wander(y0: number, y1: number, reach: number): Point[] {
  const bends = 5;
  const lean = [0, -0.45, 0.5, -0.2, 0.4, 0];
  return Array.from({ length: bends + 1 }, (_, i): Point => [(lean[i] ?? 0) * reach, y0 + ((y1 - y0) * i) / bends]);
}

/** A line drawn as wide as it is. */
export function ribbon(middle: readonly Point[], width: number): Point[] {
  const half = width / 2;
  return [...middle.map(([x, y]): Point => [x - half, y]), ...[...middle].reverse().map(([x, y]): Point => [x + half, y])];
}
