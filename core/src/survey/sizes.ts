import type { Sourced } from '../quantity/ledger.ts';
import { meanWidth, widestWidth, crackVolume } from '../geometry/crackSize.ts';
import { ovalDishVolume } from '../geometry/cutOut.ts';
import { circle } from '../geometry/layeredSection.ts';
import type { Figure } from '../quantity/figure.ts';
import { say } from '../quantity/saying.ts';
import { againstEstimate, outlined, tapped, voidOf, type Extent } from './extent.ts';
import type { FactReader } from './factReader.ts';
import type { Measured, Surveyed } from './kind.ts';

export const measuredRow = (id: string, label: string, figure: Figure | undefined): Measured[] => (figure ? [{ id, label, figure }] : []);

/**
 * A line with widths: its widest and mean width, and the volume where the depth is known.
 * @throws Error where the length is missing, which the questions require
 */
export function lineSurvey(read: FactReader, more: readonly Measured[] = []): Surveyed {
  const length = read.measure('lengthMm');
  if (!length) throw new Error(`the fact 'lengthMm' is missing`);
  const stations = read.stations('widths');
  const depth = read.measure('depthMm');
  const { ledger } = read;
  if (!stations) return { size: say`${length}`, measured: [...measuredRow('length', 'Length', length), ...more] };
  const line = { stationMm: stations.at, widthMm: stations.widths, lengthMm: length };
  const widest = ledger.compute(widestWidth, { widthMm: stations.widths });
  return {
    size: say`${length}, ${widest}`,
    measured: [
      ...measuredRow('length', 'Length', length),
      ...measuredRow('widest', 'Widest', widest),
      ...measuredRow('mean', 'Mean width', ledger.compute(meanWidth, line)),
      ...measuredRow('void', 'Void as found', depth && ledger.compute(crackVolume, { ...line, depthMm: depth })),
      ...more,
    ],
    seen: { line: { lengthMm: length.value, stations: stations.widths.map((w, i) => [stations.at[i]?.value ?? 0, w.value] as const) } },
  };
}

function extentSurvey(read: FactReader, extent: Extent | undefined, more: (extent: Extent) => readonly Measured[]): Surveyed {
  if (!extent) throw new Error('the extent is missing');
  return {
    size: say`${extent.area}`,
    measured: [
      ...extent.measured,
      ...voidOf(read, extent, { grid: 'depths', depth: 'depthMm' }),
      ...againstEstimate(read, extent, 'estimatedMm2'),
      ...more(extent),
    ],
    seen: extent.seen,
  };
}

/** What is outlined, with its void where depths are known. */
export function outlineSurvey(read: FactReader, margin: Sourced<'depth'> | undefined, more: (extent: Extent) => readonly Measured[] = () => []): Surveyed {
  return extentSurvey(read, outlined(read, 'outline', margin), more);
}

/** What was tapped, or outlined where nothing was tapped. */
export function soundedSurvey(read: FactReader, margin: Sourced<'depth'>, more: (extent: Extent) => readonly Measured[] = () => []): Surveyed {
  return extentSurvey(read, tapped(read, 'tapping', margin) ?? outlined(read, 'outline', margin), more);
}

/** Something small of width, height and depth: its void as an oval dish. */
export function spotSurvey(read: FactReader, more: readonly Measured[] = []): Surveyed {
  const [width, height, depth] = [read.measure('widthMm'), read.measure('heightMm'), read.measure('depthMm')];
  if (!width || !height || !depth) throw new Error('a dimension is missing');
  return {
    size: say`${width} by ${height}, ${depth} deep`,
    measured: [
      ...measuredRow('void', 'Void as found, as an oval dish', read.ledger.compute(ovalDishVolume, { widthMm: width, heightMm: height, depthMm: depth })),
      ...more,
    ],
    seen: { outline: circle(width.value / 2, height.value / 2, width.value / 2, height.value / width.value), width, height },
  };
}
