import type { DustWork } from '../../shelf/dustWork.ts';
import type { DoneStep } from './hazard.ts';

/** Diamond wheels and blades. */
export const wheels: readonly string[] = [
  'crack wheel on a grinder',
  'crack wheel or router',
  'saw with water or shroud and vacuum',
  'saw with water or shroud',
  'saw or grinder',
  'chisel or wheel',
];
/** Diamond cups. */
export const cups: readonly string[] = [
  'cup grinder',
  'cup grinder with shroud and vacuum',
  'grinder with a diamond cup',
  'grinder with shroud',
  'grinder with shroud and vacuum',
];
const chippers = ['light chipping hammer'];
const hammerDrills = ['hammer drill with vacuum'];

/** Tools that cut, chip and drill mineral ground, by the row of the silica table that they fall under. */
const rows: readonly (readonly [row: DustWork, title: string, tools: readonly string[]])[] = [
  ['handheld-saw-wet', 'a cutting wheel', wheels],
  ['chipping-shrouded', 'a chipping hammer', chippers],
  ['grinder-shrouded', 'a grinder', cups],
  ['drill-shrouded', 'a drill', hammerDrills],
];

/** The rows of the silica table that steps fall under, with the name of the tool and its steps. */
export function dustRows<S extends Pick<DoneStep, 'tools'>>(
  steps: readonly S[],
): readonly { readonly row: DustWork; readonly title: string; readonly on: readonly S[] }[] {
  return rows.flatMap(([row, title, tools]) => {
    const on = steps.filter((s) => s.tools.some((t) => tools.includes(t)));
    return on.length === 0 ? [] : [{ row, title, on }];
  });
}

/** Machines on a mains lead. */
export const electric: readonly string[] = [
  ...wheels,
  ...cups,
  ...chippers,
  ...hammerDrills,
  'drill',
  'drill with a stop',
  'drill and paddle',
  'router with a guide',
  'sander with vacuum',
  'wire wheel',
];

/** Louder than speech a step away: common practice protects ears from about 85 dB(A). */
export const loud: readonly string[] = [...wheels, ...cups, ...chippers, ...hammerDrills, 'router with a guide', 'wire wheel', 'hammer and bolster'];

/** Takes pieces down from over the head. */
export const takesDown: readonly string[] = [
  ...wheels,
  ...chippers,
  ...hammerDrills,
  'hammer and bolster',
  'chisel',
  'bolster',
  'scraper',
  'bar',
  'drill',
  'board saw with a stop',
  'saw or chisel',
];

/** Sparks fly: steel is ground. */
export const sparking: readonly string[] = ['wire wheel', 'small stone or wet paper'];

export const warming: readonly string[] = ['warm air', 'gentle heater'];

/** Something is measured out or stirred with it. */
export const mixing: readonly string[] = [
  'drill and paddle',
  'pail and paddle',
  'paddle',
  'scale',
  'graduated cups',
  'cups and sticks',
  'cup',
  'mixers',
  'static mixer',
  'static mixers',
  'stick',
];

/** What takes paint off by hand, with hardly any dust and with flakes. */
export const scraping: readonly string[] = ['scraper', 'wire brush', 'hook or knife', 'pick', 'chisel or hook', 'plane or rasp', 'abrasive paper of that grit'];
