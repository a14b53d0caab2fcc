import { plasterWork } from '../shelf/usual/plasterWork.ts';
import { fallingWeight } from '../geometry/cutOut.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { DustWork } from '../shelf/dustWork.ts';
import type { MaterialHazard, PatchSystem } from '../shelf/patchSystem.ts';
import type { SourceId } from '../sources/register.ts';
import type { StopMatter } from './stop.ts';
import { leadYear, paintedBefore } from './stops/lead.ts';
import type { Caution } from './silica.ts';
import { tableRespirator } from './silicaTable.ts';

/** Parts of a work on which a caution stands, before there is a method with steps of its own. */
export type WorkPart = 'prepare' | 'mix' | 'place' | 'sand' | 'coat' | 'after';

/** A hazard: what brings it, and what is said of it. */
interface Hazard {
  readonly id: string;
  readonly title: string;
  readonly on: readonly WorkPart[];
  readonly source: SourceId;
  readonly arises: (matter: StopMatter, system: Material) => boolean;
  readonly text: (matter: StopMatter, system: Material) => Saying;
}

/** What of a system brings hazards: a product has those of the system that it was copied from. */
type Material = Pick<PatchSystem, 'family' | 'hazards' | 'stoneDust'>;

const has =
  (...any: readonly MaterialHazard[]) =>
  (_m: StopMatter, { hazards = [] }: Material) =>
    hazards.some((h) => any.includes(h));
const indoors = ({ choice }: StopMatter) => !['outside', 'outside-salt', 'sheltered'].includes(choice('place') ?? 'inside');
const people = ({ choice }: StopMatter) => choice('occupied') === 'around' || choice('occupied') === 'inside';
/** a hole through wood is closed behind with foam from a can, by the side of a question that most take */
const foamed = ({ kind }: StopMatter, { family }: Material) => kind === 'timber-through' && family === 'epoxy';

/** Tools that cut, chip and drill mineral ground, by the row of the table that they fall under. */
const dustTools: Readonly<Partial<Record<DustWork, string>>> = {
  'handheld-saw-wet': 'a cutting wheel',
  'chipping-shrouded': 'a chipping hammer',
  'grinder-shrouded': 'a grinder',
  'drill-shrouded': 'a drill',
};

function silicaText(matter: StopMatter, { stoneDust = [] }: Material): Saying {
  const inside = indoors(matter);
  const masks = stoneDust.map((row) => {
    const [short, long] = [tableRespirator(row, inside, false), tableRespirator(row, inside, true)];
    const words =
      short === long
        ? short === 'none'
          ? 'no respirator'
          : `a respirator of ${short ?? ''}`
        : `${short === 'none' ? 'no respirator' : (short ?? '')} up to four hours of a shift, ${long ?? ''} above`;
    return `${dustTools[row] ?? row}, ${words}`;
  });
  return say`Stone dust scars the lungs. Water, or shroud and vacuum; no blower, no dry sweeping. ${inside ? 'Inside' : 'Outside'}, with that control: ${masks.join('; ')}.${stoneDust.includes('handheld-saw-wet') ? ' A cutting wheel is taken on the safe side.' : ''} (USA; other countries differ.)`;
}

const hazards: readonly Hazard[] = [
  {
    id: 'silica',
    title: 'Silica dust',
    on: ['prepare'],
    source: 'osha-1926-1153',
    arises: (m, s) => m.surface === 'concrete' && s.stoneDust !== undefined,
    text: silicaText,
  },
  {
    id: 'plaster-dust',
    title: 'Dust',
    on: ['prepare', 'sand'],
    source: 'practice',
    arises: (m) => m.surface === 'plaster' || m.surface === 'drywall',
    text: (m) => say`Mask and vacuum; wet where the material allows it${m.surface === 'plaster' ? ': sand in old plaster is silica' : ''}. Close the room off.`,
  },
  {
    id: 'old-paint',
    title: 'Old paint',
    on: ['prepare', 'sand'],
    source: 'epa-745',
    arises: (m) => {
      const year = m.measure('yearBuilt');
      return year !== undefined && year.value < leadYear.value && m.surface !== 'tub' && paintedBefore.includes(m.choice('before') ?? '');
    },
    text: (m) =>
      say`Built before ${m.ledger.sourced(leadYear)}: the paint may hold lead. Wet and contained, no open flame, no hot air on it, no dry sanding, no children near; wash before eating.`,
  },
  {
    id: 'wood-dust',
    title: 'Dust',
    on: ['sand'],
    source: 'practice',
    arises: (m) => m.surface === 'timber',
    text: () => say`Mask and vacuum: dust of wood and of hardened filler. Filler that has not hardened is not sanded.`,
  },
  {
    id: 'tub-dust',
    title: 'Dust',
    on: ['sand'],
    source: 'practice',
    arises: (m) => m.surface === 'tub',
    text: (m) =>
      say`Mask, and sand wet where it can be${m.choice('shell') === 'enamel' || m.choice('shell') === 'unknown' ? ': the enamel of an old tub may hold lead, and is sanded wet and contained' : ''}.`,
  },
  {
    id: 'cement',
    title: 'Cement',
    on: ['mix', 'place'],
    source: 'practice',
    arises: (m, s) => s.family === 'cementitious' || has('cement')(m, s),
    text: () => say`Wet cement and lime burn skin and eyes without hurting at first: gloves, goggles, wash at once.`,
  },
  {
    id: 'epoxy',
    title: 'Epoxy',
    on: ['mix', 'place'],
    source: 'practice',
    arises: (_m, s) => s.family === 'epoxy',
    text: () => say`Resin and hardener may sensitize the skin for life: gloves, changed often; no solvent on the skin; keep out of the fume of a hot mix.`,
  },
  {
    id: 'isocyanate',
    title: 'Isocyanates',
    on: ['mix', 'place', 'coat'],
    source: 'practice',
    arises: (m, s) => has('isocyanate')(m, s) || foamed(m, s),
    text: (m, s) =>
      say`${foamed(m, s) ? 'In the foam that closes the back. ' : ''}They may sensitize the lungs for life: gloves, goggles, fresh air. No spraying without a plan for the air and the respirator that the sheet names.`,
  },
  {
    id: 'styrene',
    title: 'Styrene and peroxide',
    on: ['mix', 'place'],
    source: 'practice',
    arises: has('peroxide'),
    text: () => say`Goggles always: a splash of peroxide blinds. Peroxide is never mixed with an accelerator, and is stored cool. Fresh air for the styrene.`,
  },
  {
    id: 'methacrylate',
    title: 'Three parts',
    on: ['mix'],
    source: 'practice',
    arises: has('methacrylate'),
    text: () =>
      say`Of a three-part methacrylate promoter and initiator never meet undiluted: promoter into the resin, stir, then the initiator. The two together explode.`,
  },
  {
    id: 'solvent',
    title: 'Solvent',
    on: ['prepare', 'coat'],
    source: 'practice',
    arises: has('solvent'),
    text: () =>
      say`Flammable: no sparks, pilot lights off, rags in a closed metal can. What the air of the room bears is computed among the figures: Solvent the room bears.`,
  },
  {
    id: 'acetone',
    title: 'Acetone',
    on: ['prepare'],
    source: 'practice',
    arises: (m) => m.surface === 'tub' && ['acrylic', 'plastic', 'unknown'].includes(m.choice('shell') ?? ''),
    text: () => say`Never on this shell, not even as a trial: it crazes.`,
  },
  {
    id: 'exotherm',
    title: 'Heat of the mix',
    on: ['mix'],
    source: 'practice',
    arises: has('hot'),
    text: () => say`A full pot can run away, smoke and burn: small batches, spread out thin, never seal a hot can.`,
  },
  {
    id: 'pressure',
    title: 'Injection pressure',
    on: ['place'],
    source: 'practice',
    arises: has('pressed'),
    text: () => say`Face shield, and stand aside of the port: a port or a seal may blow out. The lowest pressure that moves the resin.`,
  },
  {
    id: 'falling',
    title: 'Falling pieces',
    on: ['prepare'],
    source: 'practice',
    arises: (m) => (m.choice('position') === 'overhead' || m.choice('position') === 'ceiling') && (m.surface === 'plaster' || m.surface === 'concrete'),
    text: (m) => {
      const area = m.measured('area') ?? m.measured('hollow');
      const thick = m.measure('thicknessMm');
      const weight =
        area && thick && m.surface === 'plaster'
          ? m.ledger.compute(fallingWeight, { areaMm2: area, thicknessMm: thick, densityKgL: m.ledger.sourced(plasterWork.figures.density) })
          : undefined;
      return weight
        ? say`What is loose weighs ${weight}: nobody below, head and eyes covered, down in pieces that one can hold.`
        : say`Nobody below, head and eyes covered, down in pieces that one can hold.`;
    },
  },
  {
    id: 'heating',
    title: 'Warming and drying',
    on: ['prepare', 'after'],
    source: 'practice',
    arises: (m) => indoors(m) && ['damp', 'wet', 'seasonal', 'seeping'].includes(m.choice('moisture') ?? ''),
    text: () => say`No unvented burner: it gives off water and carbon monoxide. A heat gun sets fire, and makes fume of old paint; gentle warmth, kept moving.`,
  },
  {
    id: 'neighbors',
    title: 'Neighbors',
    on: ['place', 'coat'],
    source: 'practice',
    arises: (m, s) => people(m) && has('isocyanate', 'peroxide', 'solvent', 'methacrylate')(m, s),
    text: () => say`The fume reaches whoever is around: close the room off, air it outward, tell them until when.`,
  },
  {
    id: 'slip',
    title: 'Slipping',
    on: ['after'],
    source: 'practice',
    arises: (m) => (m.surface === 'tub' && m.choice('part') === 'floor') || m.choice('edge') === 'nosing',
    text: (m) => say`${m.surface === 'tub' ? 'The floor of a tub' : 'A nosing'} gets its grip back before it is used.`,
  },
  {
    id: 'cure-first',
    title: 'Full cure',
    on: ['after'],
    source: 'practice',
    arises: (m, s) => m.surface === 'tub' && ['epoxy', 'polymer', 'tub'].includes(s.family),
    text: () => say`No bath before it has cured through: water whitens it, and what has not cured comes off on the skin.`,
  },
  {
    id: 'waste',
    title: 'Waste',
    on: ['after'],
    source: 'practice',
    arises: (m, s) => s.family === 'epoxy' || has('isocyanate', 'peroxide')(m, s),
    text: () => say`What is left over cures before it is thrown away.`,
  },
];

/** What stands under every list of cautions. */
export const cautionsWhy = 'The usual ones, not all of them: local codes, the product’s data sheet and safety data sheet, and licensed practice go first.';

export const partWords: Readonly<Record<WorkPart, string>> = {
  prepare: 'preparing',
  mix: 'mixing',
  place: 'placing',
  sand: 'sanding',
  coat: 'coating',
  after: 'afterwards',
};

/**
 * The usual cautions of a system on a defect, by surface, material, tool and place; on which parts of the work
 * each stands. Local codes, the sheets of the product and licensed practice go first; these are not all of them.
 */
export function hazardCautions(matter: StopMatter, systems: readonly Material[]): readonly Caution[] {
  return hazards.flatMap((h): Caution[] => {
    const by = systems.filter((s) => h.arises(matter, s));
    const [first] = by;
    // stone dust is told once, with the tools of all that work together
    const all = h.id === 'silica' && first ? { ...first, stoneDust: [...new Set(by.flatMap((s) => s.stoneDust ?? []))] } : first;
    return all ? [{ id: h.id, title: h.title, text: h.text(matter, all), steps: h.on, source: h.source }] : [];
  });
}
