import type { PatchSystem } from '../patchSystem.ts';
import { settingCompound } from './settingCompound.ts';

export const settingCompound20 = {
  ...settingCompound(12, 100, 3, 20, 35),
  id: 'setting-compound-20',
  title: 'Setting compound, twenty minutes',
} as const satisfies PatchSystem;
