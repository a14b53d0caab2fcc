import { formula } from '../quantity/formula.ts';
import { wholeAbove } from '../quantity/round.ts';

/** Minutes of flow between parallel faces from port to port, slowed by their roughness (cubic law). */
export function flowMin(alongMm: number, widthMm: number, viscosityMpas: number, pressureMpa: number, rough: number): number {
  return (6 * viscosityMpas * 1e-3 * (alongMm / 1000) ** 2 * rough) / ((widthMm / 1000) ** 2 * pressureMpa * 1e6) / 60;
}

/** Time for a resin front to reach the next port, in min: flow between parallel faces under pressure, slowed by the roughness of real ones. */
export const frontTime = formula({
  name: 'front-time',
  title: 'Resin reaches the next port',
  words: 'six times viscosity and spacing squared, over width squared and pressure, times the roughness',
  inputs: {
    spacingMm: { kind: 'length', also: ['depth'], label: 'spacing of the ports', min: 20, max: 2000, usual: 200 },
    widthMm: { kind: 'crackWidth', label: 'width of the crack', min: 0.02, max: 20, usual: 0.3 },
    viscosityMpas: { kind: 'viscosity', label: 'viscosity of the resin', min: 1, max: 100_000, usual: 200 },
    pressureMpa: { kind: 'pressure', label: 'pressure at the port', min: 0.01, max: 10, usual: 0.35 },
    roughness: { kind: 'ratio', label: 'roughness, how many times slower than between smooth faces', min: 1, max: 50, usual: 4 },
  },
  output: 'duration',
  against: 'widthMm',
  source: 'cubic-law',
  compute: ({ spacingMm, widthMm, viscosityMpas, pressureMpa, roughness }) => flowMin(spacingMm, widthMm, viscosityMpas, pressureMpa, roughness),
});

/** Ports along a crack: as far apart as the wall is thick, one at each end. */
export const portCount = formula({
  name: 'port-count',
  title: 'Ports',
  words: 'length of the crack over the spacing, upward to whole ones, and one more for the end',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the crack', min: 20, max: 1e6, usual: 2400 },
    spacingMm: { kind: 'length', also: ['depth'], label: 'spacing of the ports', min: 20, max: 2000, usual: 200 },
  },
  output: 'count',
  source: 'aci-224-1r',
  compute: ({ lengthMm, spacingMm }) => wholeAbove(lengthMm / spacingMm) + 1,
});

/** Paste of the surface seal, in mL. */
export const sealVolume = formula({
  name: 'seal-volume',
  title: 'Paste to seal the face',
  words: 'length times the width and the thickness of the strip',
  inputs: {
    lengthMm: { kind: 'length', label: 'length of the crack', min: 20, max: 1e6, usual: 2400 },
    stripMm: { kind: 'depth', label: 'width of the strip', min: 10, max: 300, usual: 75 },
    thicknessMm: { kind: 'depth', label: 'thickness of the strip', min: 0.5, max: 20, usual: 3 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ lengthMm, stripMm, thicknessMm }) => (lengthMm * stripMm * thicknessMm) / 1000,
});

/** Foam liquid for a void, in mL: less by how it rises, more by what is lost. */
export const foamLiquid = formula({
  name: 'foam-liquid',
  title: 'Liquid foam to inject',
  words: 'void over the rise in confinement, times the reserve',
  inputs: {
    voidMl: { kind: 'volume', label: 'void', min: 0, max: 1e7, usual: 1000 },
    rise: { kind: 'ratio', label: 'rise in confinement', min: 1, max: 30, usual: 3 },
    reserve: { kind: 'ratio', label: 'reserve', min: 1, max: 3, usual: 1.5 },
  },
  output: 'volume',
  source: 'practice',
  compute: ({ voidMl, rise, reserve }) => (voidMl / rise) * reserve,
});
