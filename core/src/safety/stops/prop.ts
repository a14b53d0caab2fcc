import type { Figure } from '../../quantity/figure.ts';
import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { plasterWork } from '../../shelf/usual/plasterWork.ts';
import type { StopRule } from '../stop.ts';

const { propSag: sagTo, propArea: looseTo } = plasterWork.figures;

/** Whether plaster sags more, or hangs loose over more, than is left without props. */
export function hangs(sag: Figure | undefined, area: Figure | undefined): { readonly sags: boolean; readonly large: boolean } {
  return { sags: sag !== undefined && !atMost(sag.value, sagTo.value), large: area !== undefined && !atMost(area.value, looseTo.value) };
}

/** A ceiling that may come down. */
export const prop: StopRule = {
  id: 'prop',
  judge: ({ kind, ledger, choice, measure, measured }) => {
    if (kind !== 'plaster-loose' || choice('position') !== 'overhead') return undefined;
    const [sag, area] = [measure('sagMm'), measured('area') ?? measured('hollow')];
    const { sags, large } = hangs(sag, area);
    if (!sags && !large) return undefined;
    return {
      title: 'Prop and clear the room first',
      who: 'the foreman, before anybody goes under it',
      why: sags && sag ? say`The ceiling sags ${sag}, more than ${ledger.sourced(sagTo)}.` : say`${area ?? 'Much of it'} of the ceiling is loose.`,
      source: 'judgement',
      liftedBy: 'decision',
    };
  },
};
