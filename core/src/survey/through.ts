import type { Ledger } from '../quantity/ledger.ts';
import { say, type Saying } from '../quantity/saying.ts';
import { valueOf, type LooseFacts } from './ask.ts';
import type { Findings } from './kind.ts';

/** share of what it goes into above which filling it is no longer the usual answer: common practice */
const deepShare = 1 / 3;

/** How a place is called that goes into something, and what is asked where it goes far. */
interface Into {
  /** of the doubt */
  readonly id: string;
  /** what goes in, and into what */
  readonly place: string;
  readonly body: string;
  readonly section: 'sectionMm' | 'slabMm';
  /** what a place right through is */
  readonly through: string;
  /** what is asked where it goes more than a third in */
  readonly deep: string;
}

/** Refuses what is deeper than what it is in, and doubts what goes more than a third into it. */
export function intoBody(facts: LooseFacts, ledger: Ledger, { id, place, body, section: of, through, deep }: Into): Findings {
  const [depth, section] = [valueOf(facts['depthMm']), valueOf(facts[of])] as [number | undefined, number | undefined];
  if (depth === undefined || section === undefined) return { refused: [], doubts: [] };
  const given = (label: string, value: number) => ledger.given(label, 'depth', value, 'entered', '');
  const both = (): Saying => say`${given('depth', depth)} in ${given('section', section)}`;
  if (depth >= section) return { refused: [{ field: 'depthMm', sentence: say`${place} cannot be as deep as ${body}: ${both()}. ${through}` }], doubts: [] };
  if (depth <= section * deepShare) return { refused: [], doubts: [] };
  return { refused: [], doubts: [{ id, field: 'depthMm', sentence: say`It goes more than a third into ${body}, ${both()}: ${deep}` }] };
}
