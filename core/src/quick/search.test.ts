import { describe, expect, it } from 'vitest';
import { hasWords, searchWords } from './search.ts';

describe('finding by words', () => {
  it('takes words apart at blanks, and finds where all of them stand, whatever the case and the order', () => {
    expect(searchWords('  Bar  LOST ')).toEqual(['bar', 'lost']);
    expect(hasWords(searchWords('lost bar'), 'bar-loss', 'Section of the bar lost')).toBe(true);
    expect(hasWords(searchWords('lost beam'), 'bar-loss', 'Section of the bar lost')).toBe(false);
    expect(hasWords(searchWords(' '), 'anything')).toBe(true);
  });
});
