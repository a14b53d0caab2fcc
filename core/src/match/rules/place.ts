import { areaTable } from '../../survey/area.ts';
import { choiceLabel } from '../../survey/ask.ts';
import { fromRemark } from '../judging.ts';
import type { Rule } from '../verdict.ts';

export const placeRule: Rule = {
  id: 'place',
  title: 'Place',
  judge: ({ system, subject }) => fromRemark(placeRule, system.place[subject.choices.place], choiceLabel(areaTable, 'place', subject.choices.place)),
};
