import { slabCrackTable } from '../../survey/slabCrack.ts';
import { choiceLabel } from '../../survey/ask.ts';
import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const memberRule: Rule = {
  id: 'member',
  title: 'Member',
  judge: ({ system, subject }) => fromRemark(memberRule, system.member[subject.choices.member], choiceLabel(slabCrackTable, 'member', subject.choices.member)),
};
