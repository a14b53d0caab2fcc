import { formula } from '../quantity/formula.ts';
import type { SourceId } from '../sources/register.ts';

/** A way to put paint on, and what of it reaches the face: common values, with their spread. */
export interface Application {
  readonly id: 'brush' | 'roller' | 'airless' | 'air-assisted' | 'low-pressure' | 'air-gun' | 'can';
  readonly title: string;
  readonly transferPct: number;
  readonly fromPct: number;
  readonly toPct: number;
  readonly source: SourceId;
}

/** What reaches the face by tool (common practice; the spread is wide, by piece and hand). */
export const applications: readonly Application[] = [
  { id: 'brush', title: 'brush', transferPct: 95, fromPct: 90, toPct: 98, source: 'practice' },
  { id: 'roller', title: 'roller', transferPct: 90, fromPct: 85, toPct: 95, source: 'practice' },
  { id: 'low-pressure', title: 'low-pressure gun', transferPct: 65, fromPct: 55, toPct: 75, source: 'practice' },
  { id: 'air-assisted', title: 'airless gun with air', transferPct: 60, fromPct: 50, toPct: 70, source: 'practice' },
  { id: 'airless', title: 'airless gun', transferPct: 50, fromPct: 40, toPct: 60, source: 'practice' },
  { id: 'air-gun', title: 'air gun', transferPct: 30, fromPct: 20, toPct: 40, source: 'practice' },
  { id: 'can', title: 'spray can', transferPct: 30, fromPct: 20, toPct: 40, source: 'practice' },
];

const solids = { kind: 'percent', label: 'solids by volume', min: 1, max: 100, usual: 40 } as const;
const dry = { kind: 'film', label: 'dry film', min: 0.001, max: 5, usual: 0.03 } as const;
/** What reaches the face, as an input of a formula. */
export const transfer = {
  kind: 'percent',
  label: 'what reaches the face',
  min: 10,
  max: 100,
  usual: 65,
  named: applications.map((a) => ({ label: a.title, value: a.transferPct })),
} as const;

/** Area that a liter covers at a dry film, in m²/L, of what leaves the gun. */
export const spreadingRate = formula({
  name: 'spreading-rate',
  title: 'Spreading rate',
  words: 'solids by volume over the dry film, times what reaches the face',
  inputs: { dryMm: dry, solidsPct: solids, transferPct: transfer },
  output: 'spreading',
  against: 'dryMm',
  source: 'geometry',
  // a liter laid a millimeter thick covers a square meter
  compute: ({ dryMm, solidsPct, transferPct }) => (solidsPct / 100 / dryMm) * (transferPct / 100),
});

/** Coats to a dry film, each no thicker than one coat may be. */
export const coatCount = formula({
  name: 'coat-count',
  title: 'Coats',
  words: 'dry film wanted over that of one coat, upward to whole ones',
  inputs: { wantedMm: { ...dry, label: 'dry film wanted', usual: 0.1 }, coatMm: { ...dry, label: 'dry film of one coat' } },
  output: 'count',
  source: 'geometry',
  compute: ({ wantedMm, coatMm }) => Math.max(1, Math.ceil(wantedMm / coatMm - 1e-9)),
});

/** Jars of a small sprayer for an amount of coating. */
export const jarCount = formula({
  name: 'jar-count',
  title: 'Jars to load',
  words: 'coating over what one jar is filled to, upward to whole ones',
  inputs: {
    coatingMl: { kind: 'volume', label: 'coating to spray', min: 1, max: 1e6, usual: 300 },
    jarMl: { kind: 'volume', label: 'one jar is filled to', min: 10, max: 5000, usual: 105 },
  },
  output: 'count',
  source: 'assumed-pack',
  compute: ({ coatingMl, jarMl }) => Math.ceil(coatingMl / jarMl - 1e-9),
});
