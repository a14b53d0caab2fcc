import type { PatchSystem } from '../patchSystem.ts';
import { dewMarginForResins, of, readyIn, resinCure } from '../sourced.ts';

/** Only ever a part of a combination. */
export const polyesterFinishPutty = {
  id: 'polyester-finish-putty',
  title: 'Polyester finish putty',
  family: 'tub',
  chemistry: 'fine polyester glazing putty',
  work: 'smooths a rebuilt face before color',
  suits: [],
  hazards: ['peroxide'],
  gives: ['level'],
  preparation: 'as-found',
  width: {},
  depth: {},
  sizeWhy: {},
  slabC: { min: of(18, 'temperature', 'generic-sheet', 'Coldest'), max: of(32, 'temperature', 'generic-sheet', 'Warmest') },
  dewMargin: dewMarginForResins,
  remarks: {
    shell: {
      enamel: { grade: 'care', why: 'over bare metal it wants a primer', source: 'practice' },
    },
  },
  cure: resinCure,
  ready: readyIn(24),
  visits: of(1, 'count', 'practice', 'Visits'),
  figures: {
    coat: of(0.8, 'film', 'practice', 'A pull of putty'),
    pulls: of(2, 'count', 'practice', 'Pulls'),
    density: of(1.7, 'density', 'generic-sheet', 'Density'),
    doseLeast: of(1.5, 'percent', 'generic-sheet', 'Least hardener'),
    doseMost: of(3, 'percent', 'generic-sheet', 'Most hardener'),
    potLife: of(5, 'duration', 'generic-sheet', 'Working time at the reference temperature'),
    sand: of(15, 'duration', 'generic-sheet', 'Sanded after, at the reference temperature'),
    past: of(40, 'depth', 'practice', 'Feathered past the build'),
    loss: of(0.2, 'ratio', 'practice', 'Share lost on board and knife'),
  },
} as const satisfies PatchSystem;
