import type { Figure } from '../quantity/figure.ts';

/** The answers that a stop looks at. */
export interface CrackChoices {
  readonly member: 'slab-on-ground' | 'suspended' | 'stair' | 'other';
  readonly reinforcement: 'plain' | 'reinforced' | 'prestressed' | 'unknown';
  readonly alongBar: 'no' | 'yes';
  readonly faces: 'level' | 'stepped';
  readonly ground: 'steady' | 'rocks' | 'grows' | 'settled';
  readonly located: 'no' | 'clear' | 'found';
  readonly claim: 'no' | 'restore-strength';
  readonly place: 'inside' | 'outside' | 'outside-salt';
}

export interface StopFacts {
  readonly choices: CrackChoices;
  readonly widest: Figure;
  readonly step?: Figure;
}
