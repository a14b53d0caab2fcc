import type { OutlinePoint } from '@oddment/core';

/** A dragged corner on the nearest step, and in line with a neighbor where it comes near it. */
export function snapped(point: OutlinePoint, neighbors: readonly OutlinePoint[], stepMm: number, reachMm: number): OutlinePoint {
  const near = (value: number, others: readonly number[]) => others.find((o) => Math.abs(o - value) <= reachMm) ?? Math.round(value / stepMm) * stepMm;
  return {
    xMm: near(
      point.xMm,
      neighbors.map((n) => n.xMm),
    ),
    yMm: near(
      point.yMm,
      neighbors.map((n) => n.yMm),
    ),
  };
}

/** A step that suits the size of what is drawn, in mm: whole millimeters that a tape shows, or eighths of an inch. */
export function stepFor(sizeMm: number, units: 'metric' | 'us'): number {
  const wanted = sizeMm / 100;
  const steps = units === 'metric' ? [1, 5, 10, 50, 100] : [3.175, 6.35, 12.7, 25.4, 152.4];
  return steps.find((s) => s >= wanted) ?? steps[steps.length - 1] ?? 1;
}
