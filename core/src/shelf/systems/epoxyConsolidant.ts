import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

/** Only ever a part of a combination. */
export const epoxyConsolidant = {
  id: 'epoxy-consolidant',
  title: 'Epoxy consolidant',
  family: 'epoxy',
  chemistry: 'thin two-part epoxy that soaks into soft wood',
  work: 'hardens soft wood before it is filled',
  suits: [],
  hazards: ['hot'],
  gives: [],
  does: ['hardens-soft'],
  preparation: 'as-found',
  width: {},
  depth: {},
  woodMoisture: { max: of(18, 'percent', 'generic-sheet', 'Most moisture of the wood') },
  sizeWhy: {},
  slabC: { min: of(10, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    loaded: {
      yes: { grade: 'out', why: 'it carries no load', source: 'practice', change: 'a repair under load is for the engineer' },
    },
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    hole: of(5, 'depth', 'practice', 'Diameter of a hole'),
    apart: of(30, 'depth', 'practice', 'Holes apart, staggered'),
    short: of(10, 'depth', 'practice', 'Holes stop short of the far face by'),
    drinks: of(0.2, 'ratio', 'practice', 'Share of its volume that soft wood drinks'),
    gone: of(0.5, 'ratio', 'practice', 'Wood that drinks this share of its volume is cut out'),
    runsOut: of(2, 'ratio', 'practice', 'It runs out behind where it drinks so many times what is reckoned'),
    partB: of(1, 'ratio', 'generic-sheet', 'Hardener to one of resin, by volume'),
    potLife: of(20, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    brushed: of(0.25, 'film', 'practice', 'Brushed on sound walls'),
    rim: of(20, 'depth', 'practice', 'Sound wood soaked around'),
    loss: of(0.2, 'ratio', 'practice', 'Share lost'),
  },
} as const satisfies PatchSystem;
