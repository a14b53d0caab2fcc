import { chasingTools } from '../chasingTools.ts';
import { mixCare } from '../mixCare.ts';
import { anyWork } from './anyWork.ts';
import { boardWork } from './boardWork.ts';
import { concreteWork } from './concreteWork.ts';
import { grits } from './grits.ts';
import { measuring } from './measuring.ts';
import { beforeWork } from './beforeWork.ts';
import { paintWork } from './paintWork.ts';
import { plasterWork } from './plasterWork.ts';
import { timberWork } from './timberWork.ts';
import { tubWork } from './tubWork.ts';
import type { Usual } from './usual.ts';

/** Every record of usual figures. A new one is one file and one line here. */
export const usualFigures: readonly Usual[] = [
  measuring,
  anyWork,
  concreteWork,
  plasterWork,
  boardWork,
  timberWork,
  tubWork,
  paintWork,
  beforeWork,
  { id: 'chasing', title: 'Chasing', what: 'is how a crack is opened with a wheel', figures: chasingTools },
  { id: 'mixing', title: 'Measuring and stirring a mix', what: 'is how each kind of mix is measured and stirred', figures: mixCare },
  { id: 'grits', title: 'Grits', what: 'is what sanding is done with', figures: grits },
];
