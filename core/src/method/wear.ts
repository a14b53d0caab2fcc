import { cups, wheels } from '../safety/hazards/tools.ts';
import { byTool } from './byTool.ts';
import type { Sourced } from '../quantity/ledger.ts';
import { assumed } from '../shelf/sourced.ts';

interface Wear {
  readonly what: string;
  /** the tools of steps that wear it */
  readonly tools: readonly string[];
  /** minutes of work that one lasts */
  readonly life: Sourced;
}

const life = (minutes: number) => assumed(minutes, 'duration', 'practice', 'Lasts');

/** What work wears out by the time it takes; how long each lasts is common practice, and a firm soon knows its own. */
export const wears = {
  'diamond-cup': {
    what: 'Diamond cup wheels',
    tools: cups,
    life: life(960),
  },
  'diamond-blade': {
    what: 'Diamond blades or crack wheels',
    tools: wheels,
    life: life(480),
  },
  'saw-blade': { what: 'Saw blades', tools: ['board saw with a stop', 'saw', 'saw or knife', 'saw or chisel'], life: life(240) },
  'wire-wheel': { what: 'Wire wheels', tools: ['wire wheel', 'wire brush'], life: life(120) },
  bit: { what: 'Drill bits', tools: ['drill', 'drill with a stop', 'hammer drill with vacuum'], life: life(120) },
  'knife-blade': { what: 'Knife blades', tools: ['knife', 'hook or knife', 'knife for caulk', 'long knife', 'long razor scraper'], life: life(30) },
  paper: {
    what: 'Sheets or discs of abrasive paper, of each grit',
    tools: [
      'sanding block',
      'block',
      'abrasive paper of that grit',
      'paper in these grits',
      'sander with vacuum',
      'coarse abrasive on a stick',
      'small stone or wet paper',
    ],
    life: life(15),
  },
  gloves: { what: 'Gloves, pairs', tools: ['gloves', 'glove'], life: life(60) },
  brush: {
    what: 'Brushes that are thrown away',
    tools: ['brush', 'small brush', 'fine brush', 'stiff brush'],
    life: life(120),
  },
  roller: { what: 'Roller sleeves', tools: ['roller'], life: life(60) },
  cloth: { what: 'Rags and clean cloths', tools: ['rags', 'clean cloths', 'lint-free cloth', 'damp cloth', 'cloth'], life: life(20) },
} as const satisfies Record<string, Wear>;

export type WearId = keyof typeof wears;

/** What a step with these tools wears out, each once. */
export const wornBy = byTool(wears);
