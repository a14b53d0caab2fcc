import type { PatchSystem } from './patchSystem.ts';

/** What holds water while it sets or dries is spoiled by frost; a resin only stands still. */
export const waterBorne = ({ family, cure }: Pick<PatchSystem, 'family' | 'cure'>): boolean =>
  family === 'cementitious' || family === 'gypsum' || (family === 'polymer' && cure.by === 'as-stated');
