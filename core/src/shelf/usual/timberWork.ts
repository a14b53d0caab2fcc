import { assumed, of } from '../sourced.ts';
import type { Usual } from './usual.ts';

export const timberWork = {
  id: 'timber-work',
  title: 'Timber',
  what: 'is what works on timber have in common',
  figures: {
    fillerFrom: assumed(10, 'duration', 'practice', 'Filler on primer from'),
    props: assumed(2, 'count', 'practice', 'Props, one on either side of the cut'),
    watched: assumed(15, 'duration', 'practice', 'Watched when props are eased'),
    pared: assumed(3, 'depth', 'practice', 'Pared off past where a point no longer sinks in'),
    primedPast: assumed(50, 'depth', 'practice', 'Primed past it'),
    grit: of(80, 'count', 'fepa-43', 'Grit for wood and filler'),
    finer: of(120, 'count', 'fepa-43', 'Finer grit for wood and filler'),
    clearGrit: of(120, 'count', 'fepa-43', 'Grit under a clear face'),
    clearFiner: of(180, 'count', 'fepa-43', 'Finer grit under a clear face'),
    clearCoats: assumed(3, 'count', 'practice', 'Clear coats'),
    clearDry: assumed(360, 'duration', 'generic-sheet', 'Clear coat dry after'),
    stainDry: assumed(720, 'duration', 'generic-sheet', 'Stain dry after'),
    stain: assumed(10, 'spreading', 'practice', 'A liter of stain covers'),
    primer: assumed(0.3, 'film', 'practice', 'Film of primer'),
    leastPrimer: assumed(10, 'volume', 'judgement', 'Least primer that is measured out and mixed'),
  },
} as const satisfies Usual;
