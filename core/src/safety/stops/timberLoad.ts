import { say } from '../../quantity/saying.ts';
import { bears, engineer, type StopRule } from '../stop.ts';

/** Timber that carries load. */
export const timberLoad: StopRule = {
  id: 'timber-load',
  judge: ({ surface, choice }) =>
    surface === 'timber' && bears(choice)
      ? {
          title: 'Timber that carries load',
          who: engineer,
          why: choice('loaded') === 'unknown' ? say`Whether it carries load is not known. Filler carries none.` : say`It carries load. Filler carries none.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
