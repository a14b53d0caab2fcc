/**
 * Order of convergence of the conduction, against the error function of Carslaw and Jaeger (published, from memory): the
 * error falls with the square of the time step, as it does by Crank and Nicolson. And the whole model against the adiabatic
 * rise (heat over heat capacity) where no heat can leave.
 */
import { describe, expect, it } from 'vitest';
import { adiabaticRise, concreteBelow, conducted, exotherm, genericEpoxy, sandFilledResin, type ThermalMaterial } from '../src/cure/exotherm.ts';

/** Error function complement (Abramowitz and Stegun 7.1.26, good to a ten-millionth). */
function erfc(x: number): number {
  const t = 1 / (1 + 0.3275911 * x);
  return t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429)))) * Math.exp(-x * x);
}

const diffusivity = concreteBelow.conductivityWmK / concreteBelow.densityKgM3 / concreteBelow.heatCapacityJkgK;
const closed = (depthM: number, seconds: number) => 20 + 40 * erfc(depthM / (2 * Math.sqrt(diffusivity * seconds)));

describe('conduction into a half-space', () => {
  const off = (steps: number) => {
    const at = conducted({ lift: concreteBelow, liftMm: 60, substrate: concreteBelow }, () => 20, 1e6, 60, 3600, steps);
    return Math.max(...[0.005, 0.01, 0.02, 0.035, 0.05].map((x) => Math.abs(at(x) - closed(x, 3600))));
  };
  it('comes nearer the closed solution with finer steps, to a few hundredths of a kelvin', () => {
    const errors = [25, 50, 100, 800].map(off);
    console.info(`largest error after an hour with 25, 50, 100, 800 steps: ${errors.map((e) => e.toFixed(3)).join(', ')} K`);
    expect(errors[0]).toBeGreaterThan((errors[1] ?? 0) * 1.5);
    expect(errors[3]).toBeLessThan(0.05);
  });

  it('falls with the square of the step, once it is smooth', () => {
    const fine = conducted({ lift: concreteBelow, liftMm: 60, substrate: concreteBelow }, () => 20, 1e6, 60, 3600, 6400);
    const against = (steps: number) => {
      const at = conducted({ lift: concreteBelow, liftMm: 60, substrate: concreteBelow }, () => 20, 1e6, 60, 3600, steps);
      return Math.max(...[0.01, 0.02, 0.035, 0.05].map((x) => Math.abs(at(x) - fine(x))));
    };
    const order = Math.log2(against(200) / against(400));
    expect(order).toBeGreaterThan(1.5);
  });
});

it('nothing that leaves no heat gets hotter than its heat over what stores it, and comes near it', () => {
  const wrapped: ThermalMaterial = { conductivityWmK: 1e-7, densityKgM3: 1, heatCapacityJkgK: 1 };
  const found = exotherm({ kinetics: genericEpoxy, lift: sandFilledResin, liftMm: 40, substrate: wrapped, ambientC: 23, filmWm2K: 1e-6 });
  const most = 23 + adiabaticRise(genericEpoxy, sandFilledResin);
  expect(found.state === 'peak' ? found.peakC : 0).toBeGreaterThan(most - 4);
  expect(found.state === 'peak' ? found.peakC : 0).toBeLessThanOrEqual(most + 0.5);
});
