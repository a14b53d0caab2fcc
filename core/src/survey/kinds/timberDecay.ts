import { say } from '../../quantity/saying.ts';
import { valueOf } from '../ask.ts';
import type { Kind } from '../kind.ts';
import { behindAsks, causeAsks, choice, depthAsks, estimateAsk, lookAsk, outlineAsk } from '../questions.ts';
import { outlineSurvey } from '../sizes.ts';
import { woodAsks } from '../wood.ts';

/** share of the section above which a fill is no longer the usual answer */
const deepShare = 1 / 3;

/** A decayed pocket, open to one face. */
export const timberDecay: Kind = {
  id: 'timber-decay',
  surface: 'timber',
  softEdge: true,
  forTheRecord: ['look', 'access'],
  alike: { water: [['none', 'closed']] },
  asksFor: () => ['closed', 'level'],
  title: 'decayed pocket',
  called: { is: ['decay', 'rot', 'rotten', 'decayed'], in: ['sill', 'door', 'trim', 'post', 'beam', 'siding', 'casing', 'pocket'] },
  asks: [
    outlineAsk('The pocket, to where a point no longer sinks in'),
    ...depthAsks(400),
    estimateAsk,
    choice('end', 'Member', 'Does it reach the end of the piece?', { no: 'no', yes: 'yes' }),
    ...woodAsks,
    ...causeAsks({ gutter: 'a leaking gutter', ground: 'contact with the ground', joint: 'an open joint', sill: 'a sill without fall' }),
    ...behindAsks,
    lookAsk,
  ],
  sense: (facts, ledger) => {
    const [depth, section] = [valueOf(facts['depthMm']), valueOf(facts['sectionMm'])] as [number | undefined, number | undefined];
    if (depth === undefined || section === undefined) return { refused: [], doubts: [] };
    const given = (label: string, value: number) => ledger.given(label, 'depth', value, 'entered', '');
    if (depth >= section)
      return {
        refused: [
          {
            field: 'depthMm',
            sentence: say`The pocket cannot be deeper than the piece: ${given('depth', depth)} in ${given('section', section)}. A pocket right through is a through-hole.`,
          },
        ],
        doubts: [],
      };
    if (depth <= section * deepShare) return { refused: [], doubts: [] };
    return {
      refused: [],
      doubts: [
        {
          id: 'deep-decay',
          field: 'depthMm',
          sentence: say`It goes more than a third into the piece, ${given('depth', depth)} of ${given('section', section)}: should a piece be let in instead of filled?`,
        },
      ],
    };
  },
  survey: (read) => outlineSurvey(read, undefined),
};
