import { slabCrackTable } from '../../survey/slabCrack.ts';
import { choiceLabel } from '../../survey/ask.ts';
import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const moistureRule: Rule = {
  id: 'moisture',
  title: 'Moisture',
  judge: ({ system, subject }) => fromRemark(moistureRule, system.moisture[subject.choices.moisture], choiceLabel(slabCrackTable, 'moisture', subject.choices.moisture)),
};
