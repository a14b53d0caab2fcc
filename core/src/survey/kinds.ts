import type { AskTable } from './ask.ts';
import { slabCrackTable } from './slabCrack.ts';

/** The kinds of defect that can be captured. A new kind is one file and one line here. */
export const defectKinds = { 'slab-crack': slabCrackTable } as const satisfies Record<string, AskTable>;

export type DefectKind = keyof typeof defectKinds;

export const defectKindIds = Object.keys(defectKinds) as readonly DefectKind[];

export function isDefectKind(id: unknown): id is DefectKind {
  return typeof id === 'string' && Object.hasOwn(defectKinds, id);
}
