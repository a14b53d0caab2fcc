import { formula } from '../quantity/formula.ts';
import { flowMin } from './ports.ts';

/** A resin thickens while it runs: its viscosity doubles in each of these times. */
const doubling = { kind: 'duration', label: 'time in which its viscosity doubles', min: 0.5, max: 10_000, usual: 20 } as const;
const width = { kind: 'crackWidth', label: 'width of the crack', min: 0.02, max: 20, usual: 0.3 } as const;
const viscosity = { kind: 'viscosity', label: 'viscosity when mixed', min: 1, max: 100_000, usual: 200 } as const;
const pressure = { kind: 'pressure', label: 'pressure at the port', min: 0.01, max: 10, usual: 0.35 } as const;
const roughness = { kind: 'ratio', label: 'roughness, how many times slower than between smooth faces', min: 1, max: 50, usual: 4 } as const;
const along = { kind: 'length', label: 'distance to the next port', min: 20, max: 2000, usual: 200 } as const;
const time = { kind: 'duration', label: 'time since it was mixed', min: 0.01, max: 10_000, usual: 10 } as const;

/** Minutes at the starting viscosity that do as much as `minutes` with a viscosity that doubles every `doublingMin`. */
export function effectiveMin(minutes: number, doublingMin: number): number {
  return (doublingMin / Math.LN2) * (1 - 2 ** (-minutes / doublingMin));
}

/** Viscosity after a time, in mPa·s. */
export const risingViscosity = formula({
  name: 'rising-viscosity',
  title: 'Viscosity by now',
  words: 'viscosity when mixed, doubled once for each doubling time that has passed',
  inputs: { viscosityMpas: viscosity, timeMin: time, doublingMin: doubling },
  output: 'viscosity',
  against: 'timeMin',
  source: 'practice',
  together: ({ timeMin, doublingMin }) => (timeMin > 30 * doublingMin ? { input: 'timeMin', why: 'It has long gelled by then: nothing flows.' } : undefined),
  compute: ({ viscosityMpas, timeMin, doublingMin }) => viscosityMpas * 2 ** (timeMin / doublingMin),
});

/** How far a resin gets along a crack under pressure within a time, thickening all the while, in mm. */
export const frontReach = formula({
  name: 'front-reach',
  title: 'Resin gets along the crack',
  words: 'flow between parallel faces under pressure, for the time at its starting viscosity that does as much as the whole time with a rising one',
  inputs: { timeMin: time, widthMm: width, viscosityMpas: viscosity, doublingMin: doubling, pressureMpa: pressure, roughness },
  output: 'length',
  against: 'timeMin',
  source: 'cubic-law',
  compute: ({ timeMin, widthMm, viscosityMpas, doublingMin, pressureMpa, roughness: rough }) =>
    1000 * Math.sqrt(effectiveMin(timeMin, doublingMin) / flowMin(1000, widthMm, viscosityMpas, pressureMpa, rough)),
});

/** Time for a thickening resin to reach the next port, in min. */
export const risingFrontTime = formula({
  name: 'front-time-rising',
  title: 'Thickening resin reaches the next port',
  words: 'the time in which the flow with a rising viscosity does as much as the whole way needs at the starting one',
  inputs: { alongMm: along, widthMm: width, viscosityMpas: viscosity, doublingMin: doubling, pressureMpa: pressure, roughness },
  output: 'duration',
  against: 'widthMm',
  source: 'cubic-law',
  together: ({ alongMm, widthMm, viscosityMpas, doublingMin, pressureMpa, roughness: rough }) =>
    flowMin(alongMm, widthMm, viscosityMpas, pressureMpa, rough) >= (doublingMin / Math.LN2) * (1 - 2 ** -30)
      ? { input: 'alongMm', why: 'It gels before it gets there, however long it is pressed. Set the ports closer, press harder, or take a thinner resin.' }
      : undefined,
  compute: ({ alongMm, widthMm, viscosityMpas, doublingMin, pressureMpa, roughness: rough }) =>
    -doublingMin * Math.log2(1 - (Math.LN2 * flowMin(alongMm, widthMm, viscosityMpas, pressureMpa, rough)) / doublingMin),
});

/** Pressure at the port that brings a thickening resin to the next one within a time, in MPa. */
export const pressureNeeded = formula({
  name: 'pressure-needed',
  title: 'Pressure needed at the port',
  words: 'six times viscosity and distance squared, over width squared and the time at the starting viscosity that counts, times the roughness',
  inputs: { alongMm: along, widthMm: width, viscosityMpas: viscosity, doublingMin: doubling, timeMin: { ...time, label: 'time it may take' }, roughness },
  output: 'pressure',
  against: 'widthMm',
  source: 'cubic-law',
  compute: ({ alongMm, widthMm, viscosityMpas, doublingMin, timeMin, roughness: rough }) =>
    flowMin(alongMm, widthMm, viscosityMpas, 1, rough) / effectiveMin(timeMin, doublingMin),
});
