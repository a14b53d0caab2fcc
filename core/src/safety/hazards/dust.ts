import { durationSum } from '../../mixing/workPace.ts';
import { atMost } from '../../quantity/round.ts';
import { say, type Saying } from '../../quantity/saying.ts';
import { longShift, respirator } from '../silica.ts';
import type { StopMatter } from '../stop.ts';
import { leadPresumed, leadYear } from '../stops/lead.ts';
import { indoors, mineral, type DoneStep, type Hazard } from './hazard.ts';
import { dustRows, scraping } from './tools.ts';

/** minutes of a shift at nothing else */
const wholeDay = 480;

const dusty = ({ makes }: DoneStep): boolean => makes.includes('dust');

/** Every row of the table that the steps fall under, with the minutes of all of them together and the respirator that goes with it. */
function silicaText(matter: StopMatter, on: readonly DoneStep[]): Saying {
  const inside = indoors(matter);
  const found = dustRows(on);
  const at = found.map((one) => ({
    ...one,
    minutes: matter.ledger.compute(durationSum, { durationMin: one.on.map((s) => s.minutes) }, `At it with ${one.title}`),
  }));
  const told = at.map(({ row, title, minutes }) => {
    const [short, long] = [respirator(row, inside, minutes.value), respirator(row, inside, wholeDay)];
    const mask =
      short === long
        ? short === 'none'
          ? 'no respirator'
          : `a respirator of ${short}`
        : `${short === 'none' ? 'no respirator' : short} up to four hours of all such work in a shift, ${long} above`;
    return say`${title} ${minutes}, ${mask}`;
  });
  // the table goes by all such work of a shift: that of one repair together, and of what else is cut that day
  const shift = matter.ledger.compute(
    durationSum,
    { durationMin: [...new Set(at.flatMap((one) => one.on))].map((s) => s.minutes) },
    'Such work in this repair',
  );
  const hours = matter.ledger.sourced(longShift);
  const over = atMost(shift.value, hours.value) ? ' of' : ', above';
  const counted = at.some(({ row }) => respirator(row, inside, 0) !== respirator(row, inside, wholeDay)) ? say` Here ${shift}${over} the ${hours}.` : '';
  const asked = found.some(({ row }) => respirator(row, inside, wholeDay) !== 'none');
  return say`Stone dust scars the lungs. Water, or shroud and vacuum; no blower, no dry sweeping. ${inside ? 'Inside' : 'Outside'}, with that control: ${told.reduce((all, one) => say`${all}; ${one}`)}.${found.some(({ row }) => row === 'handheld-saw-wet') ? ' A cutting wheel is taken on the safe side.' : ''}${counted}${asked ? ' APF 10 is a half mask with particle filters (P100, P3), new when it draws hard.' : ''} (USA; other countries differ.)`;
}

/** What is in the air, by the ground and the tool. */
export const dustHazards: readonly Hazard[] = [
  {
    id: 'silica',
    title: 'Silica dust',
    source: 'osha-1926-1153',
    stands: (m, s) => mineral(m) && s.intoGround && dustRows([s]).length > 0,
    text: silicaText,
  },
  {
    id: 'plaster-dust',
    title: 'Dust',
    source: 'practice',
    stands: (m, s) => (m.surface === 'plaster' || m.surface === 'drywall') && dusty(s),
    text: (m) =>
      say`Particle mask (N95, FFP2 or better), new each day, and vacuum; wet where the material allows it${m.surface === 'plaster' ? ': sand in old plaster is silica' : ''}. Close the room off.`,
  },
  {
    id: 'old-paint',
    title: 'Old paint',
    source: 'epa-745',
    stands: (m, s) => leadPresumed(m) && (dusty(s) || s.tools.some((t) => scraping.includes(t))),
    text: (m) => {
      const known =
        m.choice('leadTest') === 'found'
          ? say`The paint holds lead.`
          : say`Built before ${m.ledger.sourced(leadYear(m))}, not tested: the paint is taken to hold lead.`;
      return say`${known} By hand it is wetted; no machine without a HEPA vacuum on it, no flame, no hot air. Sheet below, mask with P100 or P3 filters, no children near; wash before eating. What comes off is bagged.`;
    },
  },
  {
    id: 'wood-dust',
    title: 'Dust',
    source: 'practice',
    stands: (m, s) => m.surface === 'timber' && dusty(s),
    text: () => say`Particle mask and vacuum: dust of wood and of hardened filler. Filler that has not hardened is not sanded.`,
  },
  {
    id: 'tub-dust',
    title: 'Dust',
    source: 'practice',
    stands: (m, s) => m.surface === 'tub' && (dusty(s) || s.tools.includes('paper in these grits')),
    text: (m) =>
      say`Particle mask, and sand wet where it can be${m.choice('shell') === 'enamel' || m.choice('shell') === 'unknown' ? ': the enamel of an old tub may hold lead, and is sanded wet and contained' : ''}. What has not hardened is not sanded.`,
  },
];
