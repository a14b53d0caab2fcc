import { slabCrackTable } from '../../survey/slabCrack.ts';
import { choiceLabel } from '../../survey/ask.ts';
import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const movementRule: Rule = {
  id: 'movement',
  title: 'Movement',
  judge: ({ system, subject }) => fromRemark(movementRule, system.movement[subject.choices.movement], choiceLabel(slabCrackTable, 'movement', subject.choices.movement)),
};
