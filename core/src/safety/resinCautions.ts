import { say } from '../quantity/saying.ts';
import type { Caution } from './silica.ts';

/** The usual cautions of a two-part polyurethane placed by cartridge. */
export const isocyanateCautions: readonly Caution[] = [
  {
    id: 'isocyanate',
    title: 'Isocyanates',
    text: say`The resin can sensitize for life: gloves, goggles, air the room. No spraying.`,
    steps: ['wet-faces', 'sand-lift'],
    source: 'practice',
  },
  {
    id: 'waste',
    title: 'Waste',
    text: say`Let purged resin and the retained sample cure before they are thrown away.`,
    steps: ['get-ready'],
    source: 'practice',
  },
];
