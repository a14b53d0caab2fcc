import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import { stepMost } from '../stops/step.ts';
import { wallMost } from '../stops/structural.ts';
import { guideWidths } from '../stop.ts';
import { crewFirst, type FirstRule } from './first.ts';

const noted = of(3, 'crackWidth', 'practice', 'Width up to which a still crack in a wall is noted');

/** A crack in a wall by its width: noted, or watched over a gauge and its cause asked; wider is for the engineer. */
export const wallWidth: FirstRule = ({ kind, ledger, choice, measured }) => {
  const widest = measured('widest');
  if (kind !== 'wall-crack' || !widest || !['wall', 'wall-below'].includes(choice('member') ?? '') || !atMost(widest.value, wallMost.value)) return undefined;
  const small = atMost(widest.value, noted.value);
  if (small && choice('movement') === 'still') {
    const guide = ledger.sourced(choice('member') === 'wall' && choice('place') === 'inside' ? guideWidths.inside : guideWidths.outside);
    return {
      id: 'wall-width',
      title: 'Its width',
      who: crewFirst,
      what: say`Still, and ${widest} wide: it is noted with its date. The guide width for reinforced members is ${guide}; up to ${ledger.sourced(noted)} a still crack in a wall is no matter for the engineer.`,
      source: 'practice',
    };
  }
  return {
    id: 'wall-width',
    title: 'A gauge over it',
    who: crewFirst,
    what: small
      ? say`Whether it moves is not settled: a gauge goes over it with a date, and is read some weeks on. What is stiff goes in when it stands still; stopping water need not wait.`
      : say`${widest} is more than ${ledger.sourced(noted)}: its cause is asked, and a gauge goes over it with a date. Above ${ledger.sourced(wallMost)} it is for the engineer. Stopping water need not wait, without a claim of strength.`,
    source: 'practice',
  };
};

/** A hairline along a bar is a sign of rust: opened or watched, or sealed with a date to look again. */
export const hairline: FirstRule = ({ choice, side }) => {
  if (choice('alongBar') !== 'yes') return undefined;
  const [again, watched] = [side?.('hairline-along-bar', 'again'), side?.('hairline-along-bar', 'watched')];
  const what = again
    ? say`Sealed, it hides what goes on below: it is photographed, and a date is set on which it is looked at again, within ${again}.`
    : watched &&
      say`A trial window is opened down to the bar at the widest place, or it is watched over ${watched} with a date for each reading: rust shows before the crack grows.`;
  return what && { id: 'hairline', title: 'Along a bar', who: crewFirst, what, source: 'practice' };
};

const flat = of(6.35, 'depth', 'ada-303', 'Step that stays as it is');
const beveled = of(12.7, 'depth', 'ada-303', 'Step that is beveled');

/** One side of a crack in a slab stands higher, and stays so: a trip, by its height. */
export const slabStep: FirstRule = ({ kind, ledger, choice, measure }) => {
  const height = choice('faces') === 'stepped' ? measure('stepMm') : undefined;
  if (kind !== 'slab-crack' || !height || !atMost(height.value, stepMost.value)) return undefined;
  const [low, mid] = [ledger.sourced(flat), ledger.sourced(beveled)];
  const what = atMost(height.value, flat.value)
    ? say`A step of ${height} may stay as it is, up to ${low} where people walk; the higher side is eased by hand.`
    : atMost(height.value, beveled.value)
      ? say`A step of ${height} is ground to a bevel of one in two, before the crack is chased: up to ${mid} that is enough where people walk.`
      : say`A step of ${height} is ramped or the low side lifted, before the crack is filled: above ${mid} a bevel is not enough where people walk.`;
  return { id: 'step', title: 'The step', who: crewFirst, what, source: 'ada-303' };
};
