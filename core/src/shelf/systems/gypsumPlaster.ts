import type { PatchSystem } from '../patchSystem.ts';
import { gypsumInDamp, insideOnly, rigid, soundLath } from '../remarks.ts';
import { asStated, of, readyIn } from '../sourced.ts';

export const gypsumPlaster = {
  id: 'gypsum-plaster',
  title: 'Gypsum plaster in coats',
  family: 'gypsum',
  chemistry: 'base coat and finish of gypsum plaster',
  work: 'renews gypsum plaster',
  suits: ['plaster-hole', 'plaster-crack'],
  gives: ['closed', 'level', 'texture', 'painted'],
  preparation: 'as-found',
  does: ['damp-finish'],
  width: {},
  depth: { min: of(3, 'depth', 'practice', 'Thinnest'), max: of(22, 'depth', 'practice', 'Thickest in all') },
  lift: {
    wall: of(10, 'depth', 'generic-sheet', 'Thickest lift, wall'),
    overhead: of(8, 'depth', 'generic-sheet', 'Thickest lift, overhead'),
    floor: of(10, 'depth', 'generic-sheet', 'Thickest lift, floor'),
    most: of(3, 'count', 'practice', 'Most lifts'),
  },
  overConcrete: of(9.5, 'depth', 'astm-c926', 'Thickest in all, overhead on smooth concrete'),
  sizeWhy: { thin: 'a skim does that', deep: 'build it out first' },
  slabC: { min: of(13, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  remarks: {
    moisture: gypsumInDamp,
    place: insideOnly,
    wetUse: {
      splashed: { grade: 'out', why: 'gypsum where it gets wet', source: 'practice' },
      'under-water': { grade: 'out', why: 'gypsum under water', source: 'practice' },
    },
    binder: {
      cement: { grade: 'care', why: 'softer than cement: where it is dry and inside only', source: 'practice' },
      lime: { grade: 'care', why: 'gypsum over lime only inside and dry', source: 'practice' },
    },
    movement: rigid,
    lath: soundLath,
    body: {
      crumbling: { grade: 'out', why: 'it hangs on what crumbles', source: 'practice', change: 'take it down' },
    },
  },
  cure: asStated,
  ready: readyIn(48),
  visits: of(2, 'count', 'practice', 'Visits'),
  figures: {
    finish: of(2, 'depth', 'astm-c842', 'Finish coat'),
    leastBase: of(1, 'count', 'astm-c842', 'Base coats'),
    sandBase: of(1.4, 'ratio', 'practice', 'Loose sand to one of plaster in the base, by volume: two and a half by weight'),
    sandFinish: of(3, 'ratio', 'astm-c842', 'Lime putty to one of gauging plaster in the finish, by volume'),
    within: of(60, 'duration', 'generic-sheet', 'Used within, at the reference temperature'),
    firm: of(180, 'duration', 'practice', 'Set, firm and still damp, at the reference temperature'),
    firmUntil: of(480, 'duration', 'practice', 'Finish on while it is damp, until'),
    floatAfter: of(45, 'duration', 'practice', 'Floated after, at the reference temperature'),
    airDays: of(7, 'age', 'practice', 'Days aired before paint'),
    strip: of(50, 'depth', 'practice', 'Width cut out along a crack'),
    loss: of(0.15, 'ratio', 'practice', 'Share that falls'),
  },
} as const satisfies PatchSystem;
