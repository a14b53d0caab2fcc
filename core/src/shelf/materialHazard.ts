import type { PatchSystem } from './patchSystem.ts';

/** What of a material or of the way it is worked is dangerous. */
export type MaterialHazard = 'isocyanate' | 'peroxide' | 'methacrylate' | 'solvent' | 'cement' | 'epoxy' | 'hot' | 'pressed' | 'sprayed';

const byFamily: Readonly<Partial<Record<PatchSystem['family'], MaterialHazard>>> = { epoxy: 'epoxy', cementitious: 'cement' };

/** The hazards of a system: those of its record, and what its family brings. */
export function hazardsOf({ family, hazards = [] }: Pick<PatchSystem, 'family' | 'hazards'>): readonly MaterialHazard[] {
  const brought = byFamily[family];
  return brought && !hazards.includes(brought) ? [...hazards, brought] : hazards;
}
