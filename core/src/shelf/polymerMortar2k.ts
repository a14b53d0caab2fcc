import type { PatchSystem } from './patchSystem.ts';
import { cementCure, of, readyHours } from './sourced.ts';

export const polymerMortar2k = {
  id: 'polymer-mortar-2k',
  title: 'Polymer mortar, two-part',
  family: 'cementitious',
  chemistry: 'polymer-modified cement mortar, liquid and powder, trowel grade',
  preparation: 'chase',
  width: { min: of(13, 'depth', 'practice', 'Narrowest groove to compact a mortar in') },
  depth: { min: of(3, 'depth', 'generic-sheet', 'Thinnest lift'), max: of(38, 'depth', 'generic-sheet', 'Thickest lift') },
  sizeWhy: { narrow: 'too narrow to place and compact a mortar', thin: 'thinner than a lift can be', deep: 'deeper than one lift' },
  slabC: { min: of(7, 'temperature', 'generic-sheet', 'Coldest slab, for a day'), max: of(35, 'temperature', 'generic-sheet', 'Warmest slab') },
  moisture: { running: { grade: 'out', why: 'running water washes it out', source: 'practice', change: 'stop the water first' } },
  movement: {
    moving: { grade: 'out', why: 'rigid, it cracks beside', source: 'practice', change: 'treat it as a joint' },
    unknown: { grade: 'care', why: 'if it moves, it cracks beside', source: 'practice', change: 'gauge the crack through a season' },
  },
  traffic: { 'hard-wheels': { grade: 'care', why: 'square edges deeper than usual under hard wheels', source: 'practice' } },
  finish: { 'thin-coating': { grade: 'care', why: 'it must dry before a coating', source: 'practice' }, stain: { grade: 'care', why: 'it takes a stain unlike the slab', source: 'practice' } },
  member: {},
  place: {},
  claim: { 'restore-strength': { grade: 'out', why: 'a filled groove does not restore strength', source: 'practice' } },
  cure: cementCure,
  ready: readyHours(6, 24, 24),
  visits: of(2, 'count', 'practice', 'Visits'),
} as const satisfies PatchSystem;
