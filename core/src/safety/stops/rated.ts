import { say } from '../../quantity/saying.ts';
import type { StopRule } from '../stop.ts';

/** A fire-rated wall or ceiling that is open. */
const closed = 'closed with the same board, framed on four sides, fastened and taped: no plug, no mesh, no foam.';

export const rated: StopRule = {
  id: 'rated',
  judge: ({ kind, surface, choice }) => {
    const rated = choice('rated');
    const open = kind === 'drywall-hole' || choice('paper') === 'yes';
    if (surface !== 'drywall' || rated === undefined || rated === 'no' || !open) return undefined;
    return {
      title: 'Fire-rated wall or ceiling',
      who: 'the local code, or the listing of the assembly',
      why:
        rated === 'unknown' ? say`Whether it is rated is not known. In a rated one a hole is ${closed}` : say`A hole in a rated wall or ceiling is ${closed}`,
      source: 'practice',
      liftedBy: 'decision',
    };
  },
};
