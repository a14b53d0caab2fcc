import type { SchoolQuestion } from './school.ts';

/** What a wall crack that leaks or has leaked is injected with. */
export const leakingCrack = {
  id: 'leaking-crack',
  question: 'Foam or epoxy for a leaking wall crack?',
  kinds: ['wall-crack'],
  sides: [
    {
      id: 'foam',
      title: 'foam',
      reason: 'It follows the water, and gives with the crack.',
      favors: ['injection-foam', 'drilled-packer-injection'],
    },
    {
      id: 'epoxy',
      title: 'epoxy',
      reason: 'It joins the wall again where that is dry, still and carries load: to an engineer’s design.',
      favors: ['epoxy-injection-resin'],
    },
  ],
  usual: 'foam',
  unless: [{ when: { moisture: ['dry'], movement: ['still'] }, side: 'epoxy', because: 'it is dry and still' }],
  barred: [
    { when: { moisture: ['running', 'seeping'] }, side: 'epoxy', why: 'epoxy does not bond behind running water', source: 'practice' },
    { when: { movement: ['moving'] }, side: 'epoxy', why: 'epoxy in a moving crack cracks again beside it', source: 'practice' },
  ],
  source: 'practice',
} as const satisfies SchoolQuestion;
