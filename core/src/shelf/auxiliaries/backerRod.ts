import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const backerRod = {
  id: 'backer-rod',
  title: 'Backer rod',
  what: 'holds the depth of a bead, and lets it bond on two faces only',
  figures: { over: of(1.33, 'ratio', 'practice', 'Rod to joint width, at most') },
  /** as rods are sold */
  sizes: [6, 8, 10, 13, 16, 19, 22, 25, 32, 38].map((mm) => of(mm, 'depth', 'practice', 'Rod')),
  not: { 'stretched or pricked': { grade: 'out', why: 'it creeps back, and blows bubbles', source: 'practice' } },
} as const satisfies Auxiliary;
