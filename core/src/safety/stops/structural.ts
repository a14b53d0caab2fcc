import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { engineer, guideWidths, type StopRule } from '../stop.ts';

/** A crack wider than the guide width of its exposure, in a member that carries load. */
export const structural: StopRule = {
  id: 'structural',
  judge: ({ kind, ledger, choice, measured }) => {
    const place = choice('place');
    const outside = place === 'outside' || place === 'outside-salt' ? place : undefined;
    const exposure =
      kind === 'slab-crack'
        ? // a slab on ground does not stop for width alone: the guide widths are for members that carry load in service
          choice('member') === 'slab-on-ground'
          ? undefined
          : (outside ?? 'inside')
        : kind === 'wall-crack'
          ? // a wall in the ground has soil on its other face
            place === 'inside' && choice('member') !== 'wall-below'
            ? 'inside'
            : place === 'outside-salt'
              ? place
              : 'outside'
          : undefined;
    const widest = measured('widest');
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
