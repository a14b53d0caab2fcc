import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const backerRod = {
  id: 'backer-rod',
  title: 'Backer rod',
  what: 'holds the depth of a bead, and lets it bond on two faces only',
  figures: { over: of(1.33, 'ratio', 'practice', 'Rod to joint width, at most') },
  not: { 'stretched or pricked': { grade: 'out', why: 'it creeps back, and blows bubbles', source: 'practice' } },
} as const satisfies Auxiliary;
