import { say } from '../../quantity/saying.ts';
import { holds, uses, type Hazard } from './hazard.ts';
import { mixing } from './tools.ts';

const cleans = uses('cleaner', 'acetone');
const wipes = uses('cleaner', 'clean cloths', 'lint-free cloth', 'rags');
const sprays = uses('sprayer');

/** What is mixed and placed. */
export const stuffHazards: readonly Hazard[] = [
  {
    id: 'cement',
    title: 'Cement',
    source: 'practice',
    stands: (_m, s) => holds('cement')(s),
    text: () => say`Wet cement and lime burn skin and eyes without hurting at first: gloves, goggles, wash at once. Powder is tipped low and slowly, mask on.`,
  },
  {
    id: 'epoxy',
    title: 'Epoxy',
    source: 'practice',
    stands: (_m, s) => holds('epoxy')(s),
    text: () => say`Resin and hardener may sensitize the skin for life: gloves, changed often; no solvent on the skin; keep out of the fume of a hot mix.`,
  },
  {
    id: 'isocyanate',
    title: 'Isocyanates',
    source: 'practice',
    stands: (_m, s) => holds('isocyanate')(s),
    text: (_m, on) =>
      on.some(sprays)
        ? say`They may sensitize the lungs for life: gloves, goggles, and for spraying supplied air as the sheet says, with a plan for the air of the room. Nobody else is in it, and whoever sprays is not alone in the house.`
        : say`They may sensitize the lungs for life: gloves, goggles, fresh air. A cartridge mask only with a plan for when it is changed: they cannot be smelled in time.`,
  },
  {
    id: 'styrene',
    title: 'Styrene and peroxide',
    source: 'practice',
    stands: (_m, s) => holds('peroxide')(s),
    text: () =>
      say`Goggles always: a splash of peroxide blinds. Peroxide is never mixed with an accelerator, and is stored cool. Fresh air for the styrene, else a cartridge against organic vapor, new each day.`,
  },
  {
    id: 'methacrylate',
    title: 'Three parts',
    source: 'practice',
    stands: (_m, s) => holds('methacrylate')(s),
    text: () =>
      say`Of a three-part methacrylate promoter and initiator never meet undiluted: promoter into the resin, stir, then the initiator. The two together explode.`,
  },
  {
    id: 'solvent',
    title: 'Solvent',
    source: 'practice',
    stands: (_m, s) => holds('solvent')(s) || cleans(s),
    text: () =>
      say`Flammable: no sparks, pilot lights off, rags in a closed metal can. What the air of the room bears is computed among the figures: Solvent the room bears. In a small room nobody works alone with it; a cartridge against organic vapor is new each day.`,
  },
  {
    id: 'acetone',
    title: 'Acetone',
    source: 'practice',
    stands: (m, s) => m.surface === 'tub' && ['acrylic', 'plastic', 'unknown'].includes(m.choice('shell') ?? '') && wipes(s),
    text: () => say`Never on this shell, not even as a trial: it crazes.`,
  },
  {
    id: 'exotherm',
    title: 'Heat of the mix',
    source: 'practice',
    stands: (_m, s) => holds('hot')(s),
    text: () => say`A full pot can run away, smoke and burn: small batches, spread out thin, never seal a hot can.`,
  },
  {
    id: 'pressure',
    title: 'Injection pressure',
    source: 'practice',
    stands: (_m, s) => holds('pressed')(s) && !uses(...mixing)(s),
    text: () => say`Face shield, and stand aside of the port: a port or a seal may blow out. The lowest pressure that moves the resin.`,
  },
  {
    id: 'waste',
    title: 'Waste',
    source: 'practice',
    stands: (_m, s) => holds('epoxy', 'isocyanate', 'peroxide', 'methacrylate')(s),
    at: 'last',
    text: () => say`What is left over cures before it is thrown away.`,
  },
];
