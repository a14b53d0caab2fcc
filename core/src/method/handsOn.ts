import type { PatchSystem } from '../shelf/patchSystem.ts';
import type { CourseFigures } from './courseFigures.ts';
import type { Materials } from './materials.ts';
import type { Skill } from '../survey/crew.ts';
import type { HandsOn, Made, Nuisance, Use } from './step.ts';
import { things, thingsOf } from './things.ts';
import { wornBy } from './wear.ts';
import type { Mix } from './work.ts';

/** What a recipe told of a step of work besides its words. */
export interface Asked {
  /** the system whose part it is */
  readonly system: PatchSystem;
  readonly uses: readonly Use[];
  readonly once: HandsOn['once'];
  readonly skills: readonly Skill[];
  readonly pair: boolean;
}

/** What is in the air while something of this is open. */
const smelling: ReadonlySet<string> = new Set(['isocyanate', 'methacrylate', 'solvent', 'peroxide']);

/** The tool of a step that sands under water. */
const wetSanding = 'water with a drop of soap';

/** What a step of work is to days and site, from its minutes, its tools and what it uses. */
export function handsOnOf(
  c: CourseFigures,
  step: Made,
  { system, uses, once, skills, pair }: Asked,
  materials: Materials,
  mixes: readonly Omit<Mix, 'serves'>[],
): HandsOn {
  const efforts = c.effortsOf(step.minutes);
  const needed = thingsOf(step.tools);
  const mixed = mixes.filter((m) => uses.some((u) => u.of === m.id));
  // a sheet over the floor is laid, and nothing is placed by it
  const places = uses.some((u) => materials.roleOf(u.of) !== 'cover');
  const makes = new Set<Nuisance>(needed.flatMap((id): readonly Nuisance[] => things[id].makes));
  if (step.tools.some((t) => t.startsWith('water'))) makes.add('wet');
  // paper under water raises nothing; water that stands ready beside a drill or a wheel lays no dust
  if (step.tools.includes(wetSanding)) makes.delete('dust');
  if (places && (system.hazards ?? []).some((h) => smelling.has(h)) && (mixed.length > 0 || materials.has('promoter'))) makes.add('fumes');
  const able = new Set<Skill>(skills);
  if (c.overhead && (places || makes.has('dust'))) able.add('overhead');
  if (makes.has('fumes') && needed.includes('sprayer')) able.add('respirator');
  const shared = pair || efforts.some((e) => e.by === 'pace' && e.shared);
  const worn = wornBy(step.tools);
  return {
    efforts,
    people: { least: pair ? 2 : 1, most: shared ? 2 : 1 },
    uses,
    // gloves are on wherever something is placed
    wears: places && !worn.includes('gloves') ? [...worn, 'gloves'] : worn,
    things: needed,
    // overhead and in what is sprayed nobody is at it who may not
    skills: [...able].map((skill) => ({ skill, of: 'each' as const })),
    spread: { least: c.rate('quickest'), most: c.rate('slowest') },
    // what is mixed goes off whether anybody is there or not
    interrupt: !mixed.some((m) => m.within !== undefined),
    makes: [...makes],
    once,
    ...(places && { asks: { slabC: system.slabC, ...(system.dewMargin && { dewMargin: system.dewMargin }), dry: c.outdoors } }),
  };
}
