import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How a rusted bar is dealt with before it is covered again. */
export const rustedBar = {
  id: 'rusted-bar',
  question: 'What is done to a rusted bar?',
  kinds: ['bar-spall'],
  sides: [
    {
      id: 'cleared',
      title: 'cleared all round, bright metal, a primer made for bars',
      reason: 'The mortar grips all round the bar, and the rust does not go on under it.',
      sets: { behind: of(19, 'depth', 'icri-310-1r', 'Clearance behind the bar') },
    },
    {
      id: 'painted',
      title: 'scale off, painted, glued, patched',
      reason: 'Quick, but enamel and dried glue are two release layers: it comes off within years.',
      unplanned: 'paint and dried glue on a bar let go within years: bars are cleared and primed',
    },
  ],
  usual: 'cleared',
  barred: [{ when: { halfBare: ['yes'] }, side: 'painted', why: 'a bar that is bare over half its girth has to be freed all round', source: 'icri-310-1r' }],
  source: 'icri-310-1r',
} as const satisfies SchoolQuestion;
