import type { Aim } from '@oddment/core';

/** What days can be made for, as it is asked. */
export const aims: readonly (readonly [Aim, string])[] = [
  ['finish', 'Done soonest'],
  ['visits', 'Fewest days'],
  ['date', 'Most room in the windows'],
];

/** The id of the days in which what the weather forbids is put off. */
export const putOffId = 'put off';
