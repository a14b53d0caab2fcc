import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How many coats a drywall joint gets: two go on in an afternoon by the compound that is chosen, and no fewer than the level asks. */
export const jointCoats = {
  id: 'joint-coats',
  question: 'How many coats, and how soon?',
  kinds: ['drywall-hole', 'drywall-joint', 'fastener-pop'],
  sides: [
    {
      id: 'by-level',
      title: 'as the finish level asks, each dry',
      reason: 'Tape and two more coats hide a joint; a skim besides under gloss or raking light.',
    },
    {
      id: 'fast',
      title: 'two in an afternoon with setting compound',
      reason: 'Where nobody will look along the wall, and time is short.',
      sets: { coats: of(1, 'count', 'practice', 'Coats over the tape, in an afternoon') },
    },
  ],
  usual: 'by-level',
  unless: [{ when: { light: ['soft'], paint: ['flat'] }, side: 'fast', because: 'flat paint in soft light forgives it' }],
  barred: [{ when: { light: ['raking'] }, side: 'fast', why: 'raking light shows two thin coats', source: 'ga-214' }],
  source: 'ga-214',
} as const satisfies SchoolQuestion;
