import type { Subject } from './subject.ts';

const words = { plaster: 'ground', drywall: 'board', timber: 'wood', tub: 'shell' } as const;

/** What a defect lies in, as it is called in a sentence about its temperature. */
export function groundWord({ surface, answers }: Pick<Subject, 'surface' | 'answers'>): string {
  if (surface !== 'concrete') return words[surface];
  return answers.position?.value === 'floor' ? 'slab' : 'concrete';
}
