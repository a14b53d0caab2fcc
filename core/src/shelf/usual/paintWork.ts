import { assumed, of } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const paintWork = {
  id: 'paint-work',
  title: 'Priming, texture and paint',
  what: 'is what every painted face has in common',
  figures: {
    primerDry: assumed(60, 'duration', 'generic-sheet', 'Primer dry after'),
    coats: assumed(2, 'count', 'practice', 'Coats of paint'),
    paintDry: assumed(120, 'duration', 'generic-sheet', 'Paint dry after'),
    film: assumed(0.03, 'film', 'practice', 'Dry film of a coat'),
    solids: assumed(38, 'percent', 'generic-sheet', 'Solids by volume'),
    reaches: assumed(95, 'percent', 'practice', 'Reaches the face from brush or roller'),
    inPot: assumed(10, 'percent', 'practice', 'Stays in the pot'),
    textureDry: assumed(60, 'duration', 'generic-sheet', 'Texture dry after'),
    can: assumed(1_000_000, 'area', 'practice', 'Textured from a can, at the most'),
    concretePast: assumed(150, 'depth', 'practice', 'Painted concrete is painted past the repair'),
    onCement: of(7, 'age', 'practice', 'New mortar is painted no sooner than'),
    afterWet: of(3, 'age', 'practice', 'New mortar dries after its wet cure, before paint'),
    filmOnCement: of(28, 'age', 'practice', 'New mortar is closed with a film no sooner than'),
    onResin: of(1, 'age', 'practice', 'A trial of paint on resin is looked at after'),
    texture: assumed(2, 'spreading', 'practice', 'A liter of texture compound covers'),
    nozzle: assumed(450, 'depth', 'practice', 'Nozzle from the face, for texture'),
    passes: assumed(3, 'count', 'practice', 'Passes of texture'),
  },
} as const satisfies Usual;
