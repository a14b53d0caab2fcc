import type { Person } from '@oddment/core';

/** Who works for the firm of the demo, all made up. */
export const demoCrew: readonly Person[] = [
  { id: 'mira', name: 'Mira', skills: ['respirator', 'overhead'] },
  { id: 'tibor', name: 'Tibor', skills: ['overhead'] },
  { id: 'lise', name: 'Lise', skills: ['respirator', 'overhead'] },
  { id: 'odo', name: 'Odo', skills: ['overhead'] },
];
