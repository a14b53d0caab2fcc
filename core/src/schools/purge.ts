import type { SchoolQuestion } from './school.ts';

/** How much is wasted from a new mixer. */
export const purge = {
  id: 'purge',
  question: 'How is a cartridge purged?',
  kinds: ['slab-crack', 'wall-crack'],
  systems: ['rapid-crack-resin', 'epoxy-injection-resin', 'epoxy-timber-putty'],
  sides: [
    {
      id: 'measured',
      title: 'one mixer full, until the color is even',
      reason: 'What comes first is never mixed right; it would stay soft in the crack.',
    },
    {
      id: 'by-feel',
      title: 'by feel',
      reason: 'Wastes less, and nobody sees a soft place until it opens.',
      unplanned: 'what comes first out of a mixer is counted as waste, and a purge has its time in the plan',
    },
  ],
  usual: 'measured',
  source: 'practice',
} as const satisfies SchoolQuestion;
