import { assumed, of } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const plasterWork = {
  id: 'plaster-work',
  title: 'Plaster',
  what: 'is what works of plaster have in common',
  figures: {
    dashUntil: assumed(60, 'duration', 'practice', 'Dash is thrown within, while the face is damp'),
    propSag: of(13, 'depth', 'judgement', 'Sag at which a ceiling is propped first'),
    propArea: of(500_000, 'area', 'judgement', 'Loose area at which a ceiling is propped first'),
    thickness: assumed(12, 'depth', 'practice', 'Thickness of the plaster, where not measured'),
    density: assumed(1.7, 'density', 'practice', 'Plaster'),
    grains: assumed(0.4, 'ratio', 'practice', 'Share that grains take of loose plaster'),
    sand: assumed(1.1, 'ratio', 'practice', 'Loose sand to one of plaster'),
    takenPast: assumed(25, 'depth', 'practice', 'Taken down past the hollow edge'),
    baseCoats: assumed(1, 'count', 'practice', 'Base coats on solid ground, at least'),
    coat: assumed(10, 'depth', 'practice', 'Thickest coat, where the system says none'),
    dampened: assumed(2, 'count', 'practice', 'Dampened'),
    bonder: assumed(6, 'spreading', 'practice', 'A liter of bonder covers'),
    beforeFinish: of(7, 'age', 'ibc-2512', 'Before the finish coat'),
    beforeBase: of(2, 'age', 'ibc-2512', 'Before the next base coat'),
    insideCoats: of(1, 'age', 'ibc-2512', 'Between coats of cement plaster inside'),
    insideMoist: of(1, 'age', 'ibc-2512', 'Days moist after each base coat inside'),
    beforePaint: assumed(28, 'age', 'practice', 'Before paint'),
  },
} as const satisfies Usual;
