/** Time of a resin front between smooth parallel faces (cubic law), worked through once more: our own arithmetic, no published values. */
import { describe, expect, it } from 'vitest';
import { frontTime } from '../src/injection/ports.ts';
import { evaluate } from '../src/quantity/formula.ts';

const worked: readonly (readonly [widthMm: number, viscosityMpas: number, pressurePa: number, spacingM: number, seconds: number])[] = [
  [0.1, 200, 345000, 0.15, 7.8261],
  [0.1, 200, 1000000, 0.15, 2.7],
  [0.2, 200, 345000, 0.2, 3.4783],
  [0.3, 200, 345000, 0.2, 1.5459],
  [0.3, 500, 345000, 0.2, 3.8647],
  [0.5, 500, 345000, 0.3, 3.1304],
  [0.05, 200, 1000000, 0.1, 4.8],
  [3, 20000, 200000, 0.3, 6],
];

describe('a front between ports', () => {
  it.each(worked)('%d mm, %d mPa·s, %d Pa, %d m: %d s', (widthMm, viscosityMpas, pressurePa, spacingM, seconds) => {
    const minutes = evaluate(frontTime, { spacingMm: spacingM * 1000, widthMm, viscosityMpas, pressureMpa: pressurePa / 1e6, roughness: 1 });
    expect(Math.abs((minutes * 60) / seconds - 1)).toBeLessThan(0.002);
  });
});
