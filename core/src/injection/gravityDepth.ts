import { formula } from '../quantity/formula.ts';

/** Resin to flood a slab on ground with, in mL: what stays, and the share that drains into the base. */
export const withDrained = formula({
  name: 'with-drained',
  title: 'To flood, with what drains into the base',
  words: 'what stays on the face and in the cracks, and the share of it that drains into the base below',
  inputs: {
    volumeMl: { kind: 'volume', label: 'on the face and in the cracks', min: 0, max: 1e8, usual: 900 },
    share: { kind: 'ratio', label: 'share that drains', min: 0, max: 3, usual: 0.25 },
  },
  output: 'volume',
  source: 'geometry',
  compute: ({ volumeMl, share }) => volumeMl * (1 + share),
});

/** Share of a pot life that counts at starting viscosity when the viscosity doubles over it: 1/(2 ln 2). */
const effectiveShare = 1 / (2 * Math.LN2);
const gravity = 9.80665;

const running = {
  widthMm: { kind: 'crackWidth', label: 'width of the crack', min: 0.01, max: 20, usual: 0.2 },
  viscosityMpas: { kind: 'viscosity', label: 'viscosity of the resin', min: 1, max: 100000, usual: 100 },
  potLifeMin: { kind: 'duration', label: 'pot life', min: 0.1, max: 1000, usual: 15 },
  tensionMnm: { kind: 'surfaceTension', label: 'surface tension', min: 10, max: 80, usual: 35 },
  contactDeg: { kind: 'angle', label: 'contact angle', min: 0, max: 89, usual: 20 },
  densityKgL: { kind: 'density', label: 'density of the resin', min: 0.5, max: 3, usual: 1.1 },
} as const;

/** Smooth parallel faces, clean and dry, in mm; all times count at a viscosity that doubles in the pot life. */
function depthReached({
  widthMm,
  viscosityMpas,
  potLifeMin,
  tensionMnm,
  contactDeg,
  densityKgL,
}: Readonly<Record<'widthMm' | 'viscosityMpas' | 'potLifeMin' | 'tensionMnm' | 'contactDeg' | 'densityKgL', number>>): number {
  const w = widthMm / 1000;
  const weight = densityKgL * 1000 * gravity;
  const suction = (2 * tensionMnm * 1e-3 * Math.cos((contactDeg * Math.PI) / 180)) / w;
  const reach = (w ** 2 * potLifeMin * 60 * effectiveShare) / (12 * viscosityMpas * 1e-3);
  // L/G − (C/G²)·ln(1 + G·L/C) = w²·t/(12·µ), solved for L
  const spent = (l: number) => l / weight - (suction / weight ** 2) * Math.log1p((weight * l) / suction);
  let low = 0;
  let high = 1;
  while (spent(high) < reach) high *= 2;
  for (let i = 0; i < 70; i++) {
    const mid = (low + high) / 2;
    if (spent(mid) < reach) low = mid;
    else high = mid;
  }
  return low * 1000;
}

/**
 * How deep a thin resin runs down a crack by gravity and capillarity within its pot life, in mm: smooth
 * parallel faces, clean and dry, so an upper bound. Washburn between plates with gravity downward.
 */
export const gravityDepth = formula({
  name: 'gravity-depth',
  title: 'Resin gets down',
  words:
    'flow between parallel faces driven by its weight and by capillarity, for the pot life at a viscosity that doubles within it; smooth clean faces, so the most it can be',
  inputs: running,
  output: 'depth',
  against: 'widthMm',
  source: 'washburn',
  compute: depthReached,
});

/** How deep it runs down a real crack, in mm: between rough faces everything takes so many times as long as between smooth ones. */
export const roughDepth = formula({
  name: 'rough-depth',
  title: 'Resin gets down a real crack',
  words: 'as between smooth faces, in the pot life divided by how many times slower a resin runs between the rough faces of a crack',
  inputs: { ...running, roughness: { kind: 'ratio', label: 'roughness, how many times slower than between smooth faces', min: 1, max: 50, usual: 4 } },
  output: 'depth',
  against: 'widthMm',
  source: 'washburn',
  compute: ({ potLifeMin, roughness, ...rest }) => depthReached({ ...rest, potLifeMin: potLifeMin / roughness }),
});
