import type { SchoolQuestion } from './school.ts';

/** How new cement is bonded to old. */
export const bondGround = {
  id: 'bond-ground',
  question: 'What is between the old and the new cement?',
  kinds: ['concrete-spall', 'bar-spall', 'broken-edge', 'plaster-hole'],
  sides: [
    {
      id: 'damp-scrub',
      title: 'damp ground, a scrub coat or a bonder while it is open',
      reason: 'The new mortar keeps its water and grips a wet coat of its own kind.',
    },
    {
      id: 'dried-agent',
      title: 'a bonding agent let dry',
      reason: 'Convenient, with a product that softens again in wet mortar and says so.',
      unplanned: 'only the sheet of a product that softens again says how; the ground is damped and scrubbed',
    },
  ],
  usual: 'damp-scrub',
  barred: [
    { when: { place: ['outside', 'outside-salt'] }, side: 'dried-agent', why: 'outside, water softens a dried bonding agent again', source: 'practice' },
    { when: { wetUse: ['splashed', 'under-water'] }, side: 'dried-agent', why: 'in a wet place water softens a dried bonding agent again', source: 'practice' },
  ],
  source: 'practice',
} as const satisfies SchoolQuestion;
