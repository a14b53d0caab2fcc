import { schoolQuestions, surfaces } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { foundRules, surfacesOf } from './foundRules.ts';

const all = { setAlone: false, search: '' };

describe('house rules that are looked for', () => {
  it('are all of them where nothing is asked for, each under a surface', () => {
    expect(foundRules(schoolQuestions, {}, all)).toEqual(schoolQuestions);
    for (const q of schoolQuestions) expect(surfacesOf(q).length, q.id).toBeGreaterThan(0);
  });

  it('are found under every surface that they are about', () => {
    for (const surface of surfaces) {
      const found = foundRules(schoolQuestions, {}, { ...all, surface });
      expect(found.length, surface).toBeGreaterThan(0);
      expect(found.every((q) => surfacesOf(q).includes(surface))).toBe(true);
    }
  });

  it('are those alone that the firm has set', () => {
    const [first, second] = schoolQuestions;
    if (!first || !second) throw new Error('two are needed');
    const chosen = { [second.id]: second.sides[0]?.id ?? '' };
    expect(foundRules(schoolQuestions, chosen, { ...all, setAlone: true })).toEqual([second]);
    expect(foundRules(schoolQuestions, {}, { ...all, setAlone: true })).toEqual([]);
  });

  it('are found by words of the question, of a side and of its reason, in any order', () => {
    for (const q of schoolQuestions) {
      const side = q.sides[q.sides.length - 1];
      for (const search of [q.question, side?.title ?? '', side?.reason.split(' ').reverse().join(' ') ?? ''])
        expect(
          foundRules(schoolQuestions, {}, { ...all, search }).map((f) => f.id),
          search,
        ).toContain(q.id);
    }
    expect(foundRules(schoolQuestions, {}, { ...all, search: 'no such words anywhere' })).toEqual([]);
  });
});
