import { slabCrackTable } from '../../survey/slabCrack.ts';
import { choiceLabel } from '../../survey/ask.ts';
import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const finishRule: Rule = {
  id: 'finish',
  title: 'Finish to follow',
  judge: ({ system, subject }) => fromRemark(finishRule, system.finish[subject.choices.finish], choiceLabel(slabCrackTable, 'finish', subject.choices.finish)),
};
