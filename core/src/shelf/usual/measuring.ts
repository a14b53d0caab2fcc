import { of } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const measuring = {
  id: 'measuring',
  title: 'Measuring',
  what: 'is how well a place is measured, and what is taken off around it',
  figures: {
    tape: of(3, 'length', 'judgement', 'A tape on broken edges, either way'),
    rule: of(2, 'length', 'judgement', 'Straightedge and rule, either way'),
    spallMargin: of(25, 'depth', 'practice', 'Margin on each side of a spall'),
    barMargin: of(100, 'depth', 'practice', 'Margin on each side over bars'),
    plasterMargin: of(25, 'depth', 'practice', 'Margin on each side of a hole in plaster'),
    looseMargin: of(50, 'depth', 'practice', 'Margin on each side of loose plaster'),
    tubMargin: of(50, 'depth', 'practice', 'Margin on each side of a hole in a tub'),
  },
} as const satisfies Usual;
