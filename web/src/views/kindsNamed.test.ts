import { defectKinds } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { kindsNamed } from './kindsNamed.ts';

const first = (text: string) => kindsNamed(text)[0]?.id;

describe('kinds by a word or two', () => {
  it('are all of them before anything is typed, and each by its title', () => {
    expect(kindsNamed('')).toHaveLength(defectKinds().length);
    for (const kind of defectKinds()) expect(kindsNamed(kind.title).map((k) => k.id)).toContain(kind.id);
  });

  it('are found while they are typed, what it is before what it is in', () => {
    expect(first('cr sl')).toBe('slab-crack');
    expect(first('che')).toBe('timber-check');
    expect(first('chi')).toBe('tub-chip');
    expect(first('rot')).toBe('timber-decay');
    expect(first('hole dry')).toBe('drywall-hole');
    expect(kindsNamed('zebra')).toEqual([]);
  });
});
