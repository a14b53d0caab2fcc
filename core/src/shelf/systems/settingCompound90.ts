import type { PatchSystem } from '../patchSystem.ts';
import { settingCompound } from './settingCompound.ts';

export const settingCompound90 = {
  ...settingCompound(12, 150, 8, 90, 140),
  id: 'setting-compound-90',
  title: 'Setting compound, ninety minutes',
} as const satisfies PatchSystem;
