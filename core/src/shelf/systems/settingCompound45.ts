import type { PatchSystem } from '../patchSystem.ts';
import { settingCompound } from './settingCompound.ts';

export const settingCompound45 = {
  ...settingCompound(12, 150, 5, 45, 80),
  id: 'setting-compound-45',
  title: 'Setting compound, forty-five minutes',
} as const satisfies PatchSystem;
