import type { Auxiliary } from './auxiliary.ts';
import { of } from '../sourced.ts';

export const gypsumBacker = {
  id: 'gypsum-backer',
  title: 'Backer of board',
  what: 'closes a small opening behind a patch, set in compound',
  figures: { daubs: of(300, 'depth', 'practice', 'Daubs no farther apart than') },
  not: { 'with screws': { grade: 'out', why: 'it holds by compound alone: screws crush it', source: 'practice' } },
} as const satisfies Auxiliary;
