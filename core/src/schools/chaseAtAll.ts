import type { SchoolQuestion } from './school.ts';

/** Whether a slab crack is cut open at all. */
export const chaseAtAll = {
  id: 'chase-at-all',
  question: 'Chase the crack, or fill it as found?',
  kinds: ['slab-crack'],
  sides: [
    {
      id: 'chase',
      title: 'chase it',
      reason: 'Clean faces and room for the fill: it holds, and its quantity is known.',
      favors: ['rapid-crack-resin', 'flexible-sealant'],
    },
    {
      id: 'as-found',
      title: 'fill it as found',
      reason: 'Less dust and no groove to be seen, where the crack is open, clean and only looked at.',
      favors: ['gravity-resin', 'epoxy-injection-resin'],
    },
  ],
  usual: 'chase',
  barred: [
    { when: { traffic: ['hard-wheels', 'soft-tires'] }, side: 'as-found', why: 'wheels break the thin edges of a crack that was not cut', source: 'practice' },
  ],
  source: 'practice',
} as const satisfies SchoolQuestion;
