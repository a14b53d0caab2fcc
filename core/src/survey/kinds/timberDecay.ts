import type { Kind } from '../kind.ts';
import { behindAsks, causeAsks, choice, depthAsks, estimateAsk, lookAsk, outlineAsk } from '../questions.ts';
import { outlineSurvey } from '../sizes.ts';
import { intoBody } from '../through.ts';
import { woodAsks } from '../wood.ts';

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
  sense: (facts, ledger) =>
    intoBody(facts, ledger, {
      id: 'deep-decay',
      place: 'The pocket',
      body: 'the piece',
      section: 'sectionMm',
      through: 'A pocket right through is a through-hole.',
      deep: 'should a piece be let in instead of filled?',
    }),
  survey: (read) => outlineSurvey(read, undefined),
};
