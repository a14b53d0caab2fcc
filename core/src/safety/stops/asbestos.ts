import { atMost } from '../../quantity/round.ts';
import { say } from '../../quantity/saying.ts';
import { rates } from '../../shelf/rates.ts';
import type { StopMatter, StopRule } from '../stop.ts';

const survey = 'a licensed survey';

/** Whether more than a few households use a building: rules on asbestos and old sealants ask more there. */
export const manyUse = ({ choice }: Pick<StopMatter, 'choice'>): boolean => choice('building') === 'public' || choice('building') === 'larger';

/** By the year; in what many use whatever the year. */
export const asbestos: StopRule = {
  id: 'asbestos',
  judge: (matter) => {
    const { surface, measure } = matter;
    const year = measure('yearBuilt');
    if (surface !== 'plaster' && surface !== 'drywall') return undefined;
    if (year && atMost(year.value, (matter.rates ?? rates).asbestosYear.value))
      return {
        title: 'May hold asbestos',
        who: survey,
        why: say`Built in ${year}: joint compound, texture and plaster may hold asbestos. Nothing is sanded or cut before it is surveyed.`,
        source: 'practice',
        liftedBy: 'decision',
      };
    return manyUse(matter)
      ? {
          title: 'Surveyed whatever the year',
          who: survey,
          why: say`A public or commercial building, or one of more than four dwellings, is surveyed for asbestos before plaster, board or compound is cut or sanded, whatever its year (USA). As recalled, check the current text.`,
          source: 'neshap-61',
          liftedBy: 'decision',
        }
      : undefined;
  },
};

/** Loose granules behind a face. */
export const vermiculite: StopRule = {
  id: 'vermiculite',
  judge: ({ choice }) =>
    choice('infill') === 'granules'
      ? {
          title: 'Loose granules behind',
          who: survey,
          why: say`Loose granules or flakes may be vermiculite, and that may hold asbestos. The place is closed with tape and film, nothing is stirred or vacuumed, and it is tested first.`,
          source: 'practice',
          liftedBy: 'decision',
        }
      : undefined,
};
