import { withCommon } from './common.ts';
import type { Kind } from './kind.ts';
import { barSpall } from './kinds/barSpall.ts';
import { brokenEdge } from './kinds/brokenEdge.ts';
import { drywallDent } from './kinds/drywallDent.ts';
import { drywallHole } from './kinds/drywallHole.ts';
import { drywallJoint } from './kinds/drywallJoint.ts';
import { fastenerPop } from './kinds/fastenerPop.ts';
import { finishFault } from './kinds/finishFault.ts';
import { jointSpall } from './kinds/jointSpall.ts';
import { mapCracking } from './kinds/mapCracking.ts';
import { plasterCrack } from './kinds/plasterCrack.ts';
import { plasterHole } from './kinds/plasterHole.ts';
import { plasterLoose } from './kinds/plasterLoose.ts';
import { scaling } from './kinds/scaling.ts';
import { spall } from './kinds/spall.ts';
import { timberCheck } from './kinds/timberCheck.ts';
import { timberDecay } from './kinds/timberDecay.ts';
import { timberDent } from './kinds/timberDent.ts';
import { timberThrough } from './kinds/timberThrough.ts';
import { tubChip } from './kinds/tubChip.ts';
import { tubCrack } from './kinds/tubCrack.ts';
import { tubHole } from './kinds/tubHole.ts';
import { tubNick } from './kinds/tubNick.ts';
import { tubScratches } from './kinds/tubScratches.ts';
import { wallCrack } from './kinds/wallCrack.ts';
import { slabCrack } from './slabCrackKind.ts';

/** The kinds of defect that can be captured, in the order in which they are offered. A new kind is one file and one name here. */
const shipped: readonly Kind[] = [
  slabCrack,
  wallCrack,
  spall,
  barSpall,
  jointSpall,
  brokenEdge,
  scaling,
  mapCracking,
  plasterCrack,
  plasterLoose,
  plasterHole,
  drywallDent,
  fastenerPop,
  drywallHole,
  drywallJoint,
  finishFault,
  timberCheck,
  timberDecay,
  timberThrough,
  timberDent,
  tubNick,
  tubCrack,
  tubHole,
  tubChip,
  tubScratches,
];

/** The id of a kind; which there are is known when it runs. */
export type DefectKind = string;

const known = new Map(shipped.map((kind) => [kind.id, withCommon(kind)]));

/** Every kind, in order. */
export function defectKinds(): readonly Kind[] {
  return [...known.values()];
}

export function isDefectKind(id: unknown): id is DefectKind {
  return typeof id === 'string' && known.has(id);
}

/**
 * The kind of an id.
 * @throws Error where there is none: what came from outside is asked with `isDefectKind` first
 */
export function kindOf(id: DefectKind): Kind {
  const kind = known.get(id);
  if (!kind) throw new Error(`there is no kind of defect '${id}'`);
  return kind;
}

/**
 * Adds a kind to those that ship, such as one that a test defines.
 * @returns takes it out again
 */
export function addKind(kind: Kind): () => void {
  if (known.has(kind.id)) throw new Error(`there is a kind '${kind.id}' already`);
  known.set(kind.id, kind);
  return () => {
    known.delete(kind.id);
  };
}
