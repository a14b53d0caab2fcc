import type { Auxiliary } from './auxiliary.ts';

export const releaseFilm = {
  id: 'release-film',
  title: 'Release film',
  what: 'keeps boards, knives and forms off what is cast',
  figures: {},
  not: { 'oily spray': { grade: 'out', why: 'what is left of it keeps paint off', source: 'practice' } },
} as const satisfies Auxiliary;
