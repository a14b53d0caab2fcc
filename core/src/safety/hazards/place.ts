import { plasterWork } from '../../shelf/usual/plasterWork.ts';
import { fallingWeight } from '../../geometry/cutOut.ts';
import { say } from '../../quantity/saying.ts';
import type { StopMatter } from '../stop.ts';
import { holds, indoors, mineral, overhead, uses, type DoneStep, type Hazard } from './hazard.ts';
import { electric, loud, sparking, takesDown, warming } from './tools.ts';

const people = ({ choice }: StopMatter) => choice('occupied') === 'around' || choice('occupied') === 'inside';
const wet = ({ choice }: StopMatter) => ['wet', 'seeping', 'running'].includes(choice('moisture') ?? '') || choice('wetUse') === 'under-water';
const damp = (m: StopMatter) => indoors(m) && ['damp', 'wet', 'seasonal', 'seeping'].includes(m.choice('moisture') ?? '');
const water = ({ tools }: DoneStep) => tools.some((t) => /^water\b|with water\b/.test(t));

/** What the place and its tools bring. */
export const placeHazards: readonly Hazard[] = [
  {
    id: 'noise',
    title: 'Noise',
    source: 'practice',
    stands: (_m, s) => uses(...loud)(s),
    text: () => say`Louder than 85 dB(A): muffs or plugs, for whoever stands near too. Only in the hours that the house allows.`,
  },
  {
    id: 'current',
    title: 'Current and water',
    source: 'practice',
    stands: (m, s) => uses(...electric)(s) && (water(s) || wet(m)),
    text: () => say`The tool hangs on a residual-current device (ground-fault interrupter), tried before the first cut; plugs lie high and dry.`,
  },
  {
    id: 'sparks',
    title: 'Sparks',
    source: 'practice',
    stands: (_m, s) => uses(...sparking)(s),
    text: () => say`Face shield; nothing that burns near, no solvent open in the room, and a look back half an hour later.`,
  },
  {
    id: 'falling',
    title: 'Falling pieces',
    source: 'practice',
    stands: (m, s) => overhead(m) && mineral(m) && uses(...takesDown)(s),
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
    id: 'height',
    title: 'Height',
    source: 'practice',
    stands: (m, s) => overhead(m) && s.kind === 'work' && s.tools.length > 0,
    at: 'first',
    text: () => say`Both hands are needed: from a platform with rails, not from a ladder. Above three meters (ten feet) nobody works alone.`,
  },
  {
    id: 'heating',
    title: 'Warming and drying',
    source: 'practice',
    stands: (m, s) => uses(...warming)(s) || (s.kind === 'work' && damp(m)),
    at: 'first',
    text: () => say`No unvented burner: it gives off water and carbon monoxide. A heat gun sets fire, and makes fume of old paint; gentle warmth, kept moving.`,
  },
  {
    id: 'neighbors',
    title: 'Neighbors',
    source: 'practice',
    stands: (m, s) => people(m) && holds('isocyanate', 'peroxide', 'solvent', 'methacrylate')(s),
    text: () => say`The fume reaches whoever is around: close the room off, air it outward, tell them until when.`,
  },
  {
    id: 'slip',
    title: 'Slipping',
    source: 'practice',
    stands: (m, s) => s.opens && ((m.surface === 'tub' && m.choice('part') === 'floor') || m.choice('edge') === 'nosing'),
    text: (m) => say`${m.surface === 'tub' ? 'The floor of a tub' : 'A nosing'} gets its grip back before it is used.`,
  },
  {
    id: 'cure-first',
    title: 'Full cure',
    source: 'practice',
    stands: (m, s) => s.opens && m.surface === 'tub' && s.cures,
    text: () => say`No bath before it has cured through: water whitens it, and what has not cured comes off on the skin.`,
  },
];
