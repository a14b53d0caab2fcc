import { say } from '../../quantity/saying.ts';
import { bears, engineer, type StopRule } from '../stop.ts';

/** Bars that are undercut in a member that carries load. */
export const undercut: StopRule = {
  id: 'undercut',
  judge: ({ kind, choice }) =>
    kind === 'bar-spall' && bears(choice) && choice('position') !== 'floor'
      ? {
          title: 'Bars undercut under load',
          who: engineer,
          why: say`Clearing behind bars in a member that carries load may need it relieved or shored first.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
