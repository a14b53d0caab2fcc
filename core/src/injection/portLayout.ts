import { wholeAbove } from '../quantity/round.ts';

/** Where a port is set along a crack, in mm from its lower end, and why there. */
export interface Port {
  readonly alongMm: number;
  readonly why: 'bottom' | 'crossing' | 'between' | 'top';
}

const nearerThan = 0.5;

/**
 * Ports along a crack from its lower end up: one at each end and at each crossing, and as many evenly
 * between these as keep no gap longer than the spacing. A crossing within half a spacing of an end or of
 * another takes that place.
 * @param crossingsMm where other cracks meet it, from the lower end
 */
export function portLayout(lengthMm: number, spacingMm: number, crossingsMm: readonly number[] = []): readonly Port[] {
  const fixed: Port[] = [{ alongMm: 0, why: 'bottom' }];
  for (const alongMm of [...crossingsMm].filter((x) => x > 0 && x < lengthMm).sort((a, b) => a - b)) {
    const last = fixed[fixed.length - 1];
    if (last?.why === 'crossing' && alongMm - last.alongMm < nearerThan * spacingMm) continue;
    fixed.push({ alongMm, why: 'crossing' });
  }
  fixed.push({ alongMm: lengthMm, why: 'top' });
  return fixed.flatMap((port, i) => {
    const next = fixed[i + 1];
    if (!next) return [port];
    const gaps = Math.max(1, wholeAbove((next.alongMm - port.alongMm) / spacingMm));
    const step = (next.alongMm - port.alongMm) / gaps;
    return [port, ...Array.from({ length: gaps - 1 }, (_none, k): Port => ({ alongMm: port.alongMm + step * (k + 1), why: 'between' }))];
  });
}
