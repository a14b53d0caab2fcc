import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { of } from '../../shelf/sourced.ts';
import { engineer, guideWidths, type StopRule } from '../stop.ts';

/** A crack wider than the guide width of its exposure, in a member that carries load. */
/** Width of a crack in a wall above which the engineer decides; below it, it is noted or watched. */
export const wallMost = of(6, 'crackWidth', 'practice', 'Width in a wall that goes to the engineer');

export const structural: StopRule = {
  id: 'structural',
  judge: ({ kind, ledger, choice, measured }) => {
    const place = choice('place');
    const outside = place === 'outside' || place === 'outside-salt' ? place : undefined;
    const inWall = ['wall', 'wall-below'].includes(choice('member') ?? '');
    const exposure =
      kind === 'slab-crack'
        ? // a slab on ground does not stop for width alone: the guide widths are for members that carry load in service
          choice('member') === 'slab-on-ground'
          ? undefined
          : (outside ?? 'inside')
        : kind === 'wall-crack' && !inWall
          ? (outside ?? 'inside')
          : undefined;
    const widest = measured('widest');
    if (kind === 'wall-crack' && inWall && widest && !atMost(widest.value, wallMost.value))
      return {
        title: 'A wide crack in a wall',
        who: engineer,
        why: say`${widest} in a wall: above ${ledger.sourced(wallMost)} it is for the engineer, whatever its cause.`,
        source: 'practice',
        liftedBy: 'decision',
      };
    if (!exposure || !widest) return undefined;
    const guide = ledger.sourced(guideWidths[exposure]);
    if (atMost(widest.value, guide.value)) return undefined;
    return {
      title: 'Load-carrying member',
      who: engineer,
      why: say`${widest} in a member that carries load; the guide width here is ${guide}.`,
      source: 'aci-224r',
      liftedBy: 'decision',
    };
  },
};
