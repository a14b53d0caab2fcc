import type { SchoolQuestion } from './school.ts';

/** Whether a hairline that follows a bar is looked into. */
export const hairlineAlongBar = {
  id: 'hairline-along-bar',
  question: 'What becomes of a hairline along a bar?',
  kinds: ['slab-crack', 'wall-crack'],
  only: { alongBar: ['yes'] },
  before: true,
  sides: [
    {
      id: 'open-window',
      title: 'a trial window, or watched to a date',
      reason: 'It is a sign of rust below, even where it sounds solid.',
    },
    {
      id: 'seal',
      title: 'sealed and painted',
      reason: 'Keeps water out for a while, and hides what goes on.',
    },
  ],
  usual: 'open-window',
  source: 'practice',
} as const satisfies SchoolQuestion;
