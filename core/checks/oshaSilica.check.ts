/** Respirators of 29 CFR 1926.1153, table 1 (USA), from memory: up to four hours of a shift, and longer. */
import { describe, expect, it } from 'vitest';
import { respirator } from '../src/safety/silica.ts';
import { tableRespirator, type Respirator } from '../src/safety/silicaTable.ts';
import type { DustWork } from '../src/shelf/dustWork.ts';

const rows: readonly (readonly [work: DustWork, place: 'any' | 'outdoors' | 'indoors', short: Respirator, long: Respirator])[] = [
  ['stationary-saw-wet', 'any', 'none', 'none'],
  ['handheld-saw-wet', 'indoors', 'APF 10', 'APF 10'],
  ['handheld-saw-wet', 'outdoors', 'none', 'APF 10'],
  ['walk-behind-saw-wet', 'outdoors', 'none', 'none'],
  ['floor-grinder', 'any', 'none', 'none'],
  ['core-drill-wet', 'any', 'none', 'none'],
  ['drill-shrouded', 'any', 'none', 'none'],
  ['chipping-wet', 'outdoors', 'none', 'APF 10'],
  ['chipping-wet', 'indoors', 'APF 10', 'APF 10'],
  ['chipping-shrouded', 'indoors', 'APF 10', 'APF 10'],
  ['mortar-grinder-shrouded', 'any', 'APF 10', 'APF 25'],
  ['grinder-wet', 'outdoors', 'none', 'none'],
  ['grinder-shrouded', 'outdoors', 'none', 'none'],
  ['grinder-shrouded', 'indoors', 'none', 'APF 10'],
];

describe('table 1', () => {
  it.each(rows)('%s, %s: %s, then %s', (work, place, short, long) => {
    for (const indoors of place === 'any' ? [false, true] : [place === 'indoors']) {
      expect(tableRespirator(work, indoors, false)).toBe(short);
      expect(tableRespirator(work, indoors, true)).toBe(long);
    }
  });

  it('has no wet grinding indoors', () => {
    expect(tableRespirator('grinder-wet', true, false)).toBeUndefined();
  });

  it('a wheel in a crack is taken as a handheld saw, a cup on a floor as a grinder', () => {
    expect([respirator('handheld-saw-wet', false, 60), respirator('handheld-saw-wet', false, 300), respirator('handheld-saw-wet', true, 10)]).toEqual([
      'none',
      'APF 10',
      'APF 10',
    ]);
    expect([respirator('grinder-shrouded', true, 240), respirator('grinder-shrouded', true, 241), respirator('grinder-shrouded', false, 500)]).toEqual([
      'none',
      'APF 10',
      'none',
    ]);
  });
});
