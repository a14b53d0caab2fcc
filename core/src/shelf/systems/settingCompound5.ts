import type { PatchSystem } from '../patchSystem.ts';
import { settingCompound } from './settingCompound.ts';

export const settingCompound5 = {
  ...settingCompound(6, 60, 2, 5, 15),
  id: 'setting-compound-5',
  title: 'Setting compound, five minutes',
} as const satisfies PatchSystem;
