import type { PatchSystem } from '../patchSystem.ts';
import { settingCompound } from './settingCompound.ts';

export const settingCompound5 = {
  ...settingCompound(6, 60, 2, 5, 15),
  id: 'setting-compound-5',
  title: 'Setting compound, five minutes',
  alone: {
    kinds: ['drywall-joint', 'fastener-pop', 'plaster-crack'],
    remark: {
      grade: 'care',
      why: 'it stiffens before a length of joint or a row of heads is done: every reach of the arm is a batch of its own',
      source: 'practice',
      change: 'a compound with a longer name',
    },
  },
} as const satisfies PatchSystem;
