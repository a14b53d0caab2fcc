import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { evaluate } from '../quantity/formula.ts';
import { portLayout } from './portLayout.ts';
import { frontTime } from './ports.ts';
import { effectiveMin, frontReach, pressureNeeded, risingFrontTime, risingViscosity } from './rising.ts';

const flow = { widthMm: 0.3, viscosityMpas: 200, doublingMin: 15, pressureMpa: 0.35, roughness: 4 };

describe('a thickening resin', () => {
  it('counts less and less: the integral of one over its viscosity, by trapezoids', () => {
    const steps = 20_000;
    const integral = (minutes: number, doubling: number) =>
      Array.from({ length: steps }, (_v, i) => (minutes / steps) * 2 ** (-((i + 0.5) * minutes) / steps / doubling)).reduce((a, b) => a + b, 0);
    for (const [minutes, doubling] of [
      [10, 15],
      [60, 15],
      [3, 2],
    ] as const)
      expect(effectiveMin(minutes, doubling)).toBeCloseTo(integral(minutes, doubling), 5);
    // a doubling in one pot life makes it seventy-two hundredths of it
    expect(effectiveMin(15, 15) / 15).toBeCloseTo(0.7213, 3);
  });

  it('reaches in a time what takes it that time, and a thin one is not slower', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 2, noNaN: true }),
        fc.double({ min: 20, max: 800, noNaN: true }),
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        (widthMm, viscosityMpas, timeMin) => {
          const alongMm = evaluate(frontReach, { ...flow, widthMm, viscosityMpas, timeMin });
          if (alongMm < 20 || alongMm > 2000) return;
          expect(evaluate(risingFrontTime, { ...flow, widthMm, viscosityMpas, alongMm })).toBeCloseTo(timeMin, 4);
          expect(evaluate(pressureNeeded, { alongMm, widthMm, viscosityMpas, doublingMin: flow.doublingMin, timeMin, roughness: flow.roughness })).toBeCloseTo(
            flow.pressureMpa,
            6,
          );
          expect(evaluate(risingFrontTime, { ...flow, widthMm, viscosityMpas, alongMm })).toBeGreaterThanOrEqual(
            evaluate(frontTime, { spacingMm: alongMm, widthMm, viscosityMpas, pressureMpa: flow.pressureMpa, roughness: flow.roughness }) * (1 - 1e-9),
          );
        },
      ),
    );
  });

  it('says so where it gels before it gets there', () => {
    expect(() => evaluate(risingFrontTime, { ...flow, widthMm: 0.03, alongMm: 1500 })).toThrow(/gels before it gets there/);
    expect(evaluate(risingViscosity, { viscosityMpas: 200, timeMin: 30, doublingMin: 15 })).toBe(800);
  });
});

describe('ports', () => {
  it('stand at both ends and at crossings, and no gap is longer than the spacing', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 8000, noNaN: true }),
        fc.double({ min: 100, max: 400, noNaN: true }),
        fc.array(fc.double({ min: 0, max: 8000, noNaN: true }), { maxLength: 4 }),
        (lengthMm, spacingMm, crossings) => {
          const ports = portLayout(lengthMm, spacingMm, crossings);
          expect(ports[0]).toEqual({ alongMm: 0, why: 'bottom' });
          expect(ports[ports.length - 1]).toEqual({ alongMm: lengthMm, why: 'top' });
          ports.slice(1).forEach((p, i) => {
            expect(p.alongMm - (ports[i]?.alongMm ?? 0)).toBeLessThanOrEqual(spacingMm * (1 + 1e-9));
            expect(p.alongMm).toBeGreaterThan(ports[i]?.alongMm ?? 0);
          });
          for (const x of crossings.filter((c) => c > 0 && c < lengthMm)) expect(ports.some((p) => Math.abs(p.alongMm - x) <= spacingMm / 2)).toBe(true);
        },
      ),
    );
    expect(portLayout(1000, 200, [500]).map((p) => p.why)).toEqual(['bottom', 'between', 'between', 'crossing', 'between', 'between', 'top']);
  });
});
