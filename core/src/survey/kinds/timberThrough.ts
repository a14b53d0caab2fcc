import { areaVolume } from '../../geometry/outline.ts';
import type { Kind } from '../kind.ts';
import { behindAsks, causeAsks, choice, lookAsk, outlineAsk } from '../questions.ts';
import { measuredRow, outlineSurvey } from '../sizes.ts';
import { woodAsks } from '../wood.ts';

/** A hole right through a piece of timber: it needs a backing before it is filled. */
export const timberThrough: Kind = {
  id: 'timber-through',
  surface: 'timber',
  forTheRecord: ['look', 'access'],
  alike: { cavity: [['open', 'cavity']], water: [['none', 'closed']] },
  asksFor: () => ['closed', 'level'],
  title: 'hole through timber',
  called: { is: ['hole'], in: ['sill', 'door', 'trim', 'post', 'beam', 'siding', 'casing'] },
  asks: [
    outlineAsk('The hole, cut back to sound wood'),
    choice('cavity', 'Behind', 'What is behind it?', { open: 'open air', cavity: 'a cavity', insulation: 'insulation', solid: 'something solid' }),
    ...woodAsks,
    ...causeAsks({ decay: 'decay', bird: 'birds or rodents', opened: 'an old fitting' }),
    ...behindAsks,
    lookAsk,
  ],
  openBehind: (read) => read.choice('cavity') !== 'solid',
  survey: (read) =>
    outlineSurvey(read, undefined, ({ area }) => {
      const section = read.measure('sectionMm');
      return measuredRow(
        'through',
        'Void, through the piece',
        section && read.ledger.compute(areaVolume, { areaMm2: area, depthMm: section }, 'Void, through the piece'),
      );
    }),
};
