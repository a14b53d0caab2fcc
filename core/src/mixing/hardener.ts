import { formula } from '../quantity/formula.ts';

/** Paste peroxide in percent of polyester putty, by temperature; none is given below the coldest it works at. */
export const pastePeroxide = formula({
  name: 'paste-peroxide',
  title: 'Paste hardener, of the putty’s weight',
  words: 'falls in a line as it gets warmer, never below the least of the range',
  inputs: { roomC: { kind: 'temperature', label: 'room, shell and putty', min: 15, max: 45, usual: 20 } },
  output: 'percent',
  against: 'roomC',
  source: 'practice',
  compute: ({ roomC }) => Math.max(1.5, 4 - 0.1 * roomC),
});

/** A dose of hardener held to the range of a sheet, in percent. */
export const withinSheet = formula({
  name: 'dose-within-sheet',
  title: 'Dose',
  words: 'the dose by the temperature, no less than the least of the sheet and no more than its most',
  inputs: {
    dosePct: { kind: 'percent', label: 'dose by the temperature', min: 0.1, max: 10, usual: 2 },
    leastPct: { kind: 'percent', label: 'least of the sheet', min: 0.1, max: 10, usual: 1.5 },
    mostPct: { kind: 'percent', label: 'most of the sheet', min: 0.1, max: 10, usual: 3 },
  },
  output: 'percent',
  against: 'dosePct',
  source: 'generic-sheet',
  compute: ({ dosePct, leastPct, mostPct }) => Math.min(Math.max(dosePct, leastPct), mostPct),
});

const liquidTable = [
  [16, 2.4],
  [18, 2.2],
  [20, 2],
  [25, 1.8],
  [30, 1.4],
  [35, 1.2],
] as const;

/** Liquid peroxide in percent of gelcoat, by temperature. */
export const liquidPeroxide = formula({
  name: 'liquid-peroxide',
  title: 'Liquid hardener, of the gelcoat’s weight',
  words: 'between the usual doses at the temperatures around it',
  inputs: { roomC: { kind: 'temperature', label: 'room, shell and gelcoat', min: 16, max: 35, usual: 20 } },
  output: 'percent',
  against: 'roomC',
  source: 'practice',
  compute: ({ roomC }) => {
    const above = liquidTable.findIndex(([t]) => t >= roomC);
    const [t1, p1] = liquidTable[above] ?? [35, 1.2];
    const [t0, p0] = liquidTable[Math.max(0, above - 1)] ?? [t1, p1];
    return t1 === t0 ? p1 : p0 + ((p1 - p0) * (roomC - t0)) / (t1 - t0);
  },
});

/** A sheet's dose of liquid hardener for a room of 20 °C, at another temperature, in percent: more or less as the usual doses are. */
export const doseAt = formula({
  name: 'dose-at-temperature',
  title: 'Dose here',
  words: 'the dose of the sheet for a warm room, times the usual dose here over the usual dose there',
  inputs: {
    sheetPct: { kind: 'percent', label: 'dose of the sheet', min: 0.1, max: 10, usual: 2 },
    usualPct: { kind: 'percent', label: 'usual dose here', min: 0.1, max: 10, usual: 1.8 },
    at20Pct: { kind: 'percent', label: 'usual dose in a warm room', min: 0.1, max: 10, usual: 2 },
  },
  output: 'percent',
  against: 'usualPct',
  source: 'practice',
  compute: ({ sheetPct, usualPct, at20Pct }) => (sheetPct * usualPct) / at20Pct,
});
