import type { PatchSystem } from '../patchSystem.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const plasterReattach = {
  id: 'plaster-reattach',
  title: 'Plaster fastened back',
  family: 'gypsum',
  chemistry: 'washers and screws, or adhesive, behind sound plaster',
  work: 'fastens sound plaster that has let go',
  suits: ['plaster-loose'],
  gives: ['texture', 'painted'],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(5, 'temperature', 'generic-sheet', 'Coldest'), max: of(35, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    body: {
      crumbling: { grade: 'out', why: 'what crumbles cannot be fastened', source: 'practice', change: 'take it down' },
    },
    moisture: {
      running: { grade: 'out', why: 'water comes through', source: 'practice', change: 'stop the water first' },
      damp: { grade: 'care', why: 'find the leak and let it dry first', source: 'practice', change: 'find the leak' },
    },
    lath: {
      missing: { grade: 'out', why: 'there is nothing to fasten it to', source: 'practice', change: 'put up lath or board' },
      rusted: { grade: 'care', why: 'fasten to the framing, not to the lath', source: 'practice' },
    },
    position: {
      overhead: { grade: 'care', why: 'prop it, and press it back slowly', source: 'practice' },
    },
  },
  cure: asStated,
  ready: readyIn(48),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    spacing: of(200, 'depth', 'practice', 'Fastening points apart'),
    hole: of(6, 'depth', 'practice', 'Diameter of a hole'),
    washer: of(32, 'depth', 'generic-sheet', 'Diameter of a washer'),
    adhesiveMl: of(15, 'volume', 'generic-sheet', 'Adhesive in a hole'),
    prop: of(1440, 'duration', 'generic-sheet', 'Propped until it holds'),
    sunk: of(2, 'depth', 'practice', 'Washers sunk below the face'),
  },
} as const satisfies PatchSystem;
