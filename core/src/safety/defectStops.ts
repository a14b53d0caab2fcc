import type { Figure } from '../quantity/figure.ts';
import type { Ledger } from '../quantity/ledger.ts';
import { atLeast, atMost } from '../quantity/round.ts';
import { say, type Saying } from '../quantity/saying.ts';
import type { PatchSystem } from '../shelf/patchSystem.ts';
import { of } from '../shelf/sourced.ts';
import type { SourceId } from '../sources/register.ts';
import { engineer, guideWidths, trades, type Stop } from './stops.ts';

/** What the stops look at: the answers and measures of a defect and of its area, by their fields. */
export interface StopMatter {
  readonly kind: string;
  readonly surface: string;
  readonly ledger: Ledger;
  /** an answer of the defect, or of its area */
  readonly choice: (field: string) => string | undefined;
  readonly measure: (field: string) => Figure | undefined;
  /** what the measures come to, such as `area`, `widest`, `loss` */
  readonly measured: (id: string) => Figure | undefined;
}

const local = 'the local code, or the listing of the assembly';

/** Before it a house may be painted with lead. */
export const leadYear = of(1978, 'count', 'epa-745', 'Year from which house paint was free of lead (USA)');

const limits = {
  step: of(6, 'depth', 'practice', 'Step that goes to the engineer'),
  bow: of(25, 'depth', 'practice', 'Bow that goes to the engineer'),
  oneBar: of(25, 'percent', 'icri-310-1r', 'Loss of one bar that goes to the engineer'),
  moreBars: of(20, 'percent', 'icri-310-1r', 'Loss of two bars or more that goes to the engineer'),
  sag: of(13, 'depth', 'judgement', 'Sag at which a ceiling is propped first'),
  looseMm2: of(500_000, 'area', 'judgement', 'Loose area at which a ceiling is propped first'),
  leadInsideMm2: of(557_418, 'area', 'epa-745', 'Painted area that may be disturbed in a room (USA)'),
  leadOutsideMm2: of(1_858_061, 'area', 'epa-745', 'Painted area that may be disturbed outside (USA)'),
  asbestosYear: of(1980, 'count', 'practice', 'Last year in which compound and plaster may hold asbestos'),
} as const;

/** What was on it before, where that may be old paint. */
export const paintedBefore: readonly string[] = ['paint', 'patch', 'unknown', 'coating', 'limewash', 'sealer'];

/**
 * The stops that come with the way that is gone, beside those of the place itself.
 * @param members the system in view, or those that do it together
 * @param cutting whether it cuts into the ground
 */
export function systemStops({ choice }: StopMatter, members: readonly Pick<PatchSystem, 'hazards'>[], cutting: boolean): Stop[] {
  const stops: Stop[] = [];
  if (cutting && choice('located') === 'no')
    stops.push({
      id: 'located',
      title: 'Not located yet',
      who: trades,
      why: say`Bars, tubing, cables and tendons are not located. Depth of cut is nothing before the scan.`,
      source: 'judgement',
      liftedBy: 'fact',
    });
  const sprayed = members.some((m) => m.hazards?.includes('sprayed') === true);
  if (sprayed && choice('occupied') === 'inside')
    stops.push({
      id: 'spraying',
      title: 'Spraying with people in the room',
      who: 'a competent person, with a plan for the air and the respirator',
      why: say`What is sprayed may sensitize the lungs for life, and its solvent burns. Nobody is in the room but who sprays, with supplied air as the sheet says; when the room is free again is part of the plan.`,
      source: 'practice',
      liftedBy: 'decision',
    });
  return stops;
}

/**
 * The stops of a defect by its answers and measures, whatever its kind. Each says who decides; none is lifted but by a recorded
 * decision, or by the answer that is missing. Limits are usual values: local codes and licensed practice decide.
 */
export function defectStops({ kind, surface, ledger, choice, measure, measured }: StopMatter): Stop[] {
  const stops: Stop[] = [];
  const stop = (id: string, title: string, who: string, why: Saying, source: SourceId, liftedBy: Stop['liftedBy'] = 'decision') =>
    stops.push({ id, title, who, why, source, liftedBy });
  const toEngineer = (id: string, title: string, why: Saying, source: SourceId = 'practice') => stop(id, title, engineer, why, source);
  const get = (key: keyof typeof limits) => ledger.sourced(limits[key]);
  const place = choice('place');

  if (choice('reinforcement') === 'prestressed')
    toEngineer(
      'prestress',
      'Prestressed member',
      say`Any crack in a prestressed member is for the engineer: no chase, no drilling. Measure and photograph only.`,
    );
  if (kind === 'slab-crack') {
    // a slab on ground does not stop for width alone: the guide widths are for members that carry load in service
    const widest = measured('widest');
    const guide = ledger.sourced(guideWidths[place === 'outside' || place === 'outside-salt' ? place : 'inside']);
    if (widest && choice('member') !== 'slab-on-ground' && !atMost(widest.value, guide.value))
      toEngineer('structural', 'Load-carrying member', say`${widest} in a member that carries load; the guide width here is ${guide}.`, 'aci-224r');
  }
  const step = choice('faces') === 'stepped' ? measure('stepMm') : undefined;
  if (step && !atMost(step.value, get('step').value))
    toEngineer('step', 'One side stands higher', say`One side stands ${step} higher; more than ${get('step')} is for the engineer.`);
  if (kind === 'wall-crack') {
    const widest = measured('widest');
    // a wall in the ground has soil on its other face
    const dry = place === 'inside' && choice('member') !== 'wall-below';
    const guide = ledger.sourced(guideWidths[dry ? 'inside' : place === 'outside-salt' ? 'outside-salt' : 'outside']);
    if (widest && !atMost(widest.value, guide.value))
      toEngineer('structural', 'Load-carrying member', say`${widest} in a member that carries load; the guide width here is ${guide}.`, 'aci-224r');
    const bow = measure('bowMm');
    if (bow && atLeast(bow.value, get('bow').value))
      toEngineer('bowed', 'Wall bowed', say`The wall bows ${bow}; from ${get('bow')} on it is for the engineer.`);
    if (choice('course') === 'level') toEngineer('level-crack', 'Level crack', say`A level crack in a wall is a sign of bending, whatever its width.`);
    if (choice('faces') === 'displaced') toEngineer('displaced', 'Faces displaced', say`One face stands out: the wall has shifted, not only cracked.`);
  }
  if (choice('alongBar') === 'yes')
    toEngineer(
      'along-bar',
      'Along a bar',
      say`A crack that follows a bar, or shows rust, is a sign of corrosion even where it sounds solid. It is never sealed as cosmetic.`,
      'icri-310-1r',
    );
  if (choice('claim') === 'restore-strength')
    toEngineer('strength', 'Strength asked for', say`A repair that is to restore strength is designed by the engineer.`);
  const loss = measured('loss');
  const bars = measure('bars');
  if (loss && bars) {
    const limit = get(bars.value >= 2 ? 'moreBars' : 'oneBar');
    if (!atMost(loss.value, limit.value))
      toEngineer('bar-loss', 'Bars have lost section', say`${loss} of the section of a bar is gone; above ${limit} it is for the engineer.`, 'icri-310-1r');
  }
  // a kind that does not ask whether it carries load is not held for it: no answer could ever lift that
  const loaded = choice('loaded');
  const bears = loaded !== undefined && loaded !== 'no';
  if (kind === 'bar-spall' && bears && choice('position') !== 'floor')
    toEngineer('undercut', 'Bars undercut under load', say`Clearing behind bars in a member that carries load may need it relieved or shored first.`);
  if (choice('ground') === 'rocks') toEngineer('rocks', 'It rocks', say`The slab rocks underfoot: what carries it has gone.`);
  if (choice('ground') === 'grows') toEngineer('grows', 'It grows', say`The crack is still growing: its cause is at work.`);
  if (choice('ground') === 'settled') toEngineer('settled', 'Ground has settled', say`The ground has settled: a repair opens again.`);
  if (surface === 'timber' && bears) {
    toEngineer(
      'timber-load',
      'Timber that carries load',
      loaded === 'unknown' ? say`Whether it carries load is not known. Filler carries none.` : say`It carries load. Filler carries none.`,
    );
  }

  const services = choice('services');
  if (services === 'may')
    stop(
      'located',
      'Not located yet',
      trades,
      say`Cables, gas, water or heating pipes may run behind. Depth of cut is nothing before they are located.`,
      'judgement',
      'fact',
    );
  if (surface === 'drywall' && choice('rated') !== undefined && choice('rated') !== 'no') {
    const open = kind === 'drywall-hole' || choice('paper') === 'yes';
    if (open)
      stop(
        'rated',
        'Fire-rated wall or ceiling',
        local,
        choice('rated') === 'unknown'
          ? say`Whether it is rated is not known. In a rated one a hole is closed with the same board, framed on four sides, fastened and taped: no plug, no mesh, no foam.`
          : say`A hole in a rated wall or ceiling is closed with the same board, framed on four sides, fastened and taped: no plug, no mesh, no foam.`,
        'practice',
      );
  }
  if (surface === 'drywall' && choice('wetArea') === 'yes' && choice('before') === 'tile')
    stop(
      'wet-board',
      'Gypsum behind tile',
      'who answers for the waterproofing',
      say`Gypsum behind tile in a shower or tub surround is opened to dry, sound framing: a board that bears water, and waterproofing. No gypsum patch.`,
      'practice',
    );

  const sag = measure('sagMm');
  const area = measured('area') ?? measured('hollow');
  if (kind === 'plaster-loose' && choice('position') === 'overhead') {
    const sags = sag && !atMost(sag.value, get('sag').value);
    const large = area && !atMost(area.value, get('looseMm2').value);
    if (sags || large)
      stop(
        'prop',
        'Prop and clear the room first',
        'the foreman, before anybody goes under it',
        sags ? say`The ceiling sags ${sag}, more than ${get('sag')}.` : say`${area ?? 'Much of it'} of the ceiling is loose.`,
        'judgement',
      );
  }
  if (choice('occupied') === 'inside' && choice('position') === 'overhead' && (surface === 'plaster' || surface === 'concrete'))
    stop('overhead', 'Breaking out above people', 'the foreman: an exclusion zone and an access plan', say`People are in the room below.`, 'practice');

  const year = measure('yearBuilt');
  const before = choice('before');
  if (year && surface !== 'tub' && year.value < leadYear.value && before !== undefined && paintedBefore.includes(before)) {
    const inside = place !== 'outside' && place !== 'outside-salt';
    const limit = get(inside ? 'leadInsideMm2' : 'leadOutsideMm2');
    if (area && !atMost(area.value, limit.value))
      stop(
        'lead',
        'Paint that may hold lead',
        'a certified renovator, or the local rule',
        say`Built in ${year}: paint may hold lead, and ${area} of it is disturbed; the rule (USA) begins above ${limit}. As recalled, check the current text.`,
        'epa-745',
      );
  }
  const mineral = surface === 'plaster' || surface === 'drywall';
  if (year && mineral && atMost(year.value, get('asbestosYear').value))
    stop(
      'asbestos',
      'May hold asbestos',
      'a licensed survey',
      say`Built in ${year}: joint compound, texture and plaster may hold asbestos. Nothing is sanded or cut before it is surveyed.`,
      'practice',
    );
  if (surface === 'tub' && choice('coated') === 'yes')
    stop(
      'stripping',
      'An old coating',
      'a competent person, with a plan for the air',
      say`Stripping it with methylene chloride has killed in bathrooms, and etches with fluoride burn to the bone: neither is used. Scrape or sand it wet and contained.`,
      'practice',
    );
  if (choice('moisture') === 'running' && choice('services') === 'found')
    stop('water-power', 'Water near electricity', trades, say`Water runs where services were found. They are isolated first.`, 'practice');
  return stops;
}
