import { slabCrackTable } from '../../survey/slabCrack.ts';
import { choiceLabel } from '../../survey/ask.ts';
import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const trafficRule: Rule = {
  id: 'traffic',
  title: 'Traffic',
  judge: ({ system, subject }) => fromRemark(trafficRule, system.traffic[subject.choices.traffic], choiceLabel(slabCrackTable, 'traffic', subject.choices.traffic)),
};
