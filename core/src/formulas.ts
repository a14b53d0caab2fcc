import * as humidAir from './climate/humidAir.ts';
import * as drying from './climate/drying.ts';
import * as reaction from './cure/reaction.ts';
import * as twoPoints from './cure/twoPoints.ts';
import * as strength from './cure/strength.ts';
import * as safeLift from './cure/safeLift.ts';
import * as ports from './injection/ports.ts';
import * as packers from './injection/packers.ts';
import * as gravityDepth from './injection/gravityDepth.ts';
import * as rising from './injection/rising.ts';
import * as opensInCold from './injection/opensInCold.ts';
import * as loss from './mixing/loss.ts';
import * as proportions from './mixing/proportions.ts';
import * as hardener from './mixing/hardener.ts';
import * as cups from './mixing/cups.ts';
import * as sandPacking from './mixing/sandPacking.ts';
import * as cartridges from './mixing/cartridges.ts';
import * as timber from './mixing/timber.ts';
import * as plaster from './mixing/plaster.ts';
import * as materials from './mixing/materials.ts';
import * as formwork from './mixing/formwork.ts';
import * as mortarBatch from './mixing/mortarBatch.ts';
import * as overBars from './mixing/overBars.ts';
import * as price from './mixing/price.ts';
import * as workPace from './mixing/workPace.ts';
import * as abrasives from './finishing/abrasives.ts';
import * as face from './finishing/face.ts';
import * as levels from './finishing/levels.ts';
import * as board from './finishing/board.ts';
import * as spray from './finishing/spray.ts';
import * as mixing from './color/mixing.ts';
import * as crackSize from './geometry/crackSize.ts';
import * as groove from './geometry/groove.ts';
import * as cutOut from './geometry/cutOut.ts';
import * as outline from './geometry/outline.ts';
import * as depthGrid from './geometry/depthGrid.ts';
import * as cellArea from './geometry/cellArea.ts';
import * as tolerance from './geometry/tolerance.ts';
import type { Formula } from './quantity/formula.ts';

function isFormula(value: unknown): value is Formula {
  return typeof value === 'object' && value !== null && 'compute' in value && 'inputs' in value;
}

/** Formulas of a kind, as a person looks for them. */
export interface FormulaGroup {
  readonly title: string;
  readonly formulas: readonly Formula[];
}

const group = (title: string, ...rooms: readonly object[]): FormulaGroup => ({
  title,
  formulas: rooms.flatMap((room) => Object.values(room as Record<string, unknown>).filter(isFormula)),
});

/** Every formula of the core, whatever the rooms of knowledge export, by what it is about. */
export const formulaGroups: readonly FormulaGroup[] = [
  group('Climate', humidAir, drying),
  group('Setting and cure', reaction, twoPoints, strength),
  group('Lifts and heat', safeLift),
  group('Injection and fine cracks', ports, packers, gravityDepth, rising, opensInCold),
  group('Proportions and doses', proportions, loss, hardener, cups),
  group('Sand in resin', sandPacking),
  group('Cartridges', cartridges),
  group('Mortar and concrete', mortarBatch, overBars, formwork),
  group('Plaster', plaster),
  group('Timber', timber),
  group('Board, tape and compound', board, levels),
  group('Sanding and the face', abrasives, face),
  group('Paint and spray', spray),
  group('Color', mixing),
  group('Size of a crack or a groove', crackSize, groove),
  group('Size of a hole or a cut-out', cutOut),
  group('Outlines and depths', outline, depthGrid, cellArea, tolerance),
  group('Work, packs and price', workPace, materials, price),
];

/**
 * Formulas that are sums, shares and multiples of others: they stand in workings, and nobody looks for one of them. They
 * are found by their words, and listed last.
 */
const plainSteps: ReadonlySet<string> = new Set([
  ...['longest', 'many-durations', 'times-duration', 'days-as-time', 'duration-sum', 'days-from-face', 'visits-together'],
  ...['mass-of', 'mass-on', 'sum-of', 'parts-in-all', 'part-of-mix', 'no-less', 'volume-part', 'volume-for', 'lost-of', 'resin-left', 'handfuls'],
  ...['mass-share', 'mass-sum', 'volume-share', 'volume-sum', 'volume-over', 'area-share', 'batches-in-all', 'to-division', 'price-together'],
  ...['bottom-and-walls', 'cut-areas', 'cut-around', 'to-break-out', 'prepared-depth', 'filled-below', 'proud-volume', 'area-over', 'reach-over'],
  ...['many-areas', 'many-volumes', 'across-rim', 'rimmed-area', 'half-of', 'half-over', 'along-members', 'farther', 'all-coats'],
  ...['lengths-in-all', 'pieces-in-all', 'worn-out', 'parts-within', 'pared-bottom', 'packer-beside', 'time-of-batch'],
]);

/** Whether a formula belongs to workings alone: a sum, a share or a multiple that nobody looks for. */
export const isPlainStep = ({ name }: Pick<Formula, 'name'>): boolean => plainSteps.has(name);

/** Names of formulas that belong to workings alone; each is one of `formulas`. */
export const plainStepNames: readonly string[] = [...plainSteps];

/** Every formula of the core. */
export const formulas: readonly Formula[] = formulaGroups.flatMap((one) => one.formulas);

const byName = new Map(formulas.map((f) => [f.name, f]));

/** The formula of that name, if there is one. */
export function formulaNamed(name: string): Formula | undefined {
  return byName.get(name);
}
