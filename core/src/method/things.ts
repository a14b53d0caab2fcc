import { byTool } from './byTool.ts';
import type { Nuisance } from './step.ts';

interface Thing {
  readonly title: string;
  /** the tools of steps that are it */
  readonly tools: readonly string[];
  /** what working with it brings over the surroundings */
  readonly makes: readonly Nuisance[];
}

/** Machines and gear of which a firm has few, so that two steps at once may want the same. Which ones there are is common practice. */
export const things = {
  grinder: {
    title: 'Grinder with shroud',
    tools: [
      'crack wheel on a grinder',
      'crack wheel or router',
      'cup grinder',
      'cup grinder with shroud and vacuum',
      'grinder with a diamond cup',
      'grinder with shroud',
      'grinder with shroud and vacuum',
      'saw or grinder',
      'chisel or wheel',
      'wire wheel',
      'small stone or wet paper',
    ],
    makes: ['dust', 'noise'],
  },
  saw: {
    title: 'Saw',
    tools: ['saw with water or shroud and vacuum', 'saw with water or shroud', 'saw', 'board saw with a stop', 'saw or knife', 'saw or chisel'],
    makes: ['dust', 'noise'],
  },
  hammer: { title: 'Chipping hammer', tools: ['light chipping hammer', 'hammer and bolster'], makes: ['dust', 'noise'] },
  drill: { title: 'Drill', tools: ['drill', 'drill with a stop', 'hammer drill with vacuum'], makes: ['dust', 'noise'] },
  router: { title: 'Router', tools: ['router with a guide'], makes: ['dust', 'noise'] },
  sander: {
    title: 'Sander or sanding block, with vacuum',
    tools: ['sander with vacuum', 'sanding block', 'plane or rasp', 'block', 'abrasive paper of that grit', 'soft block'],
    makes: ['dust'],
  },
  vacuum: { title: 'Vacuum of the class for the dust', tools: ['vacuum', 'shroud and vacuum', 'vacuum with crevice nozzle'], makes: ['noise'] },
  mixer: { title: 'Drill mixer', tools: ['drill and paddle', 'pail and paddle', 'paddle'], makes: [] },
  pump: { title: 'Injection pump', tools: ['pump with a gauge', 'hand pump'], makes: [] },
  sprayer: { title: 'Sprayer', tools: ['sprayer'], makes: ['fumes'] },
  gun: { title: 'Cartridge gun', tools: ['cartridge gun', 'gun'], makes: [] },
  'screw gun': { title: 'Screw gun', tools: ['screw gun'], makes: [] },
  heater: { title: 'Heater', tools: ['gentle heater', 'warm air'], makes: [] },
  fan: { title: 'Fan', tools: ['fan outward', 'fan'], makes: [] },
  props: { title: 'Props', tools: ['props', 'board and prop'], makes: [] },
} as const satisfies Record<string, Thing>;

export type ThingId = keyof typeof things;

/** The things that tools are, each once. */
export const thingsOf = byTool(things);

const electricThings: ReadonlySet<ThingId> = new Set(['grinder', 'saw', 'hammer', 'drill', 'router', 'sander', 'vacuum', 'mixer', 'screw gun']);

/** Whether one of these is driven by electricity: outside it is not used in rain. Common practice; what the maker says goes first. */
export const isElectric = (list: readonly ThingId[]): boolean => list.some((id) => electricThings.has(id));
