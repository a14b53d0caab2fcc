import { of } from '../shelf/sourced.ts';
import type { SchoolQuestion } from './school.ts';

/** How deep joint filler goes, and whether a rod lies under it. */
export const jointFillerDepth = {
  id: 'joint-filler-depth',
  question: 'How deep is a joint filled?',
  kinds: ['joint-spall'],
  systems: ['joint-filler'],
  sides: [
    {
      id: 'full',
      title: 'to the full depth of the saw cut',
      reason: 'Filler on firm ground carries wheels over the joint; a rod under it gives and lets the edges break.',
    },
    {
      id: 'on-rod',
      title: 'a set depth on backer rod',
      reason: 'Saves filler where only feet and soft tires cross.',
      sets: { depth: of(25, 'depth', 'practice', 'Depth of filler on a rod') },
    },
  ],
  usual: 'full',
  unless: [{ when: { traffic: ['foot', 'soft-tires'] }, side: 'on-rod', because: 'nothing heavier than soft tires crosses it' }],
  barred: [{ when: { traffic: ['hard-wheels'] }, side: 'on-rod', why: 'a rod under the filler gives beneath hard wheels', source: 'practice' }],
  source: 'practice',
} as const satisfies SchoolQuestion;
