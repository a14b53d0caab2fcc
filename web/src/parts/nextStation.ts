import type { Station } from '@oddment/core';

/** Where the next width is usually measured, in mm: the start, the end, then the middle of the widest gap. */
export function nextStationAt(stations: readonly Station[], runMm: number | undefined): number {
  const places = stations.map((s) => s.atMm).sort((a, b) => a - b);
  if (places.length === 0) return 0;
  const end = runMm ?? 0;
  if (!places.some((p) => p >= end) && end > 0) return end;
  let best = 0;
  let at = (places[places.length - 1] ?? 0) + 1000;
  for (let i = 1; i < places.length; i++) {
    const [a = 0, b = 0] = [places[i - 1], places[i]];
    if (b - a > best) {
      best = b - a;
      at = (a + b) / 2;
    }
  }
  return at;
}
