import type { Kind } from '../kind.ts';
import { causeAsks, choice, lookAsk, spotAsks } from '../questions.ts';
import { spotSurvey } from '../sizes.ts';
import { intoBody } from '../through.ts';
import { woodAsks } from '../wood.ts';

/** A dent or a gouge in timber. */
export const timberDent: Kind = {
  id: 'timber-dent',
  surface: 'timber',
  forTheRecord: ['look', 'causeBy'],
  alike: { water: [['none', 'closed']], cause: [['impact', 'tool', 'hardware']] },
  asksFor: () => ['closed', 'level'],
  title: 'dent or gouge in timber',
  called: { is: ['dent', 'gouge'], in: ['sill', 'door', 'trim', 'post', 'beam', 'siding', 'casing'] },
  asks: [
    ...spotAsks(1000, 100),
    choice('fibers', 'Size', 'Are fibers torn?', { no: 'pressed in, whole', yes: 'torn or gone' }),
    ...woodAsks,
    ...causeAsks({ impact: 'a knock', tool: 'a tool', hardware: 'old hardware' }),
    lookAsk,
  ],
  sense: (facts, ledger) =>
    intoBody(facts, ledger, {
      id: 'deep-dent',
      place: 'The dent',
      body: 'the piece',
      section: 'sectionMm',
      through: 'What goes right through is a through-hole.',
      deep: 'is the piece still strong enough, or should wood be let in?',
    }),
  survey: (read) => spotSurvey(read),
};
