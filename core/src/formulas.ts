import * as drying from './climate/drying.ts';
import * as abrasives from './finishing/abrasives.ts';
import * as face from './finishing/face.ts';
import * as strength from './cure/strength.ts';
import * as ports from './injection/ports.ts';
import * as proportions from './mixing/proportions.ts';
import * as humidAir from './climate/humidAir.ts';
import * as reaction from './cure/reaction.ts';
import * as cellArea from './geometry/cellArea.ts';
import * as crackSize from './geometry/crackSize.ts';
import * as cutOut from './geometry/cutOut.ts';
import * as depthGrid from './geometry/depthGrid.ts';
import * as groove from './geometry/groove.ts';
import * as outline from './geometry/outline.ts';
import * as tolerance from './geometry/tolerance.ts';
import * as gravity from './injection/gravityDepth.ts';
import * as cartridges from './mixing/cartridges.ts';
import * as sandPacking from './mixing/sandPacking.ts';
import * as workPace from './mixing/workPace.ts';
import type { Formula } from './quantity/formula.ts';

function isFormula(value: unknown): value is Formula {
  return typeof value === 'object' && value !== null && 'compute' in value && 'inputs' in value;
}

/** Every formula of the core: whatever the rooms of knowledge export. */
export const formulas: readonly Formula[] = [crackSize, groove, cellArea, outline, depthGrid, cutOut, tolerance, drying, abrasives, face, ports, proportions, strength, humidAir, reaction, gravity, sandPacking, cartridges, workPace].flatMap((room) => Object.values(room as Record<string, unknown>).filter(isFormula));

const byName = new Map(formulas.map((f) => [f.name, f]));

/** The formula of that name, if there is one. */
export function formulaNamed(name: string): Formula | undefined {
  return byName.get(name);
}
