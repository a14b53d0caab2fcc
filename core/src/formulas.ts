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
  group('Setting and cure', reaction, twoPoints, strength, safeLift),
  group('Injection and fine cracks', ports, packers, gravityDepth, rising),
  group('Mixing', proportions, loss, hardener, cups, sandPacking, cartridges, mortarBatch, overBars, plaster, timber, formwork, materials, price, workPace),
  group('Surface and finish', abrasives, face, levels, board, spray),
  group('Color', mixing),
  group('Size of the defect', crackSize, groove, cutOut, outline, depthGrid, cellArea, tolerance),
];

/** Every formula of the core. */
export const formulas: readonly Formula[] = formulaGroups.flatMap((one) => one.formulas);

const byName = new Map(formulas.map((f) => [f.name, f]));

/** The formula of that name, if there is one. */
export function formulaNamed(name: string): Formula | undefined {
  return byName.get(name);
}
