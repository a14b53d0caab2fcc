import { describe, expect, it } from 'vitest';
import { judged, planInput } from '../../test/cracks.ts';
import { everyMethod } from '../../test/everyMethod.ts';
import { answersSentence, sheetOf } from './sheet.ts';

describe('the answers on a sheet', () => {
  const sheets = everyMethod({}, { causeBy: 'us', access: 'yes', knocked: 'yes' }).map(({ kind, plan }) => ({ kind, sheet: sheetOf(plan, planInput().job) }));

  it('say what they answer: none is a bare yes, no or none, and none begins with one', () => {
    for (const { kind, sheet } of sheets) {
      for (const answer of sheet.answers)
        expect([kind, answer, /^(yes\b|no$|no,|none$|nothing$|not known|it\b)/.test(answer) && !answer.includes(':')]).toEqual([kind, answer, false]);
    }
    expect(sheets.flatMap(({ sheet }) => sheet.answers).some((a) => a.includes(': yes'))).toBe(true);
  });

  it('read as one sentence, and as nothing where there is none', () => {
    for (const { kind, sheet } of sheets) {
      const words = answersSentence(sheet);
      if (sheet.answers.length === 0) expect([kind, words]).toEqual([kind, '']);
      else expect([kind, /^[A-Z].*\.$/.test(words)]).toEqual([kind, true]);
    }
    expect(answersSentence({ answers: [] })).toBe('');
    expect(answersSentence({ answers: ['dry through', 'foot traffic'] })).toBe('Dry through, foot traffic.');
  });

  it('of a crack in a slab stand alone, but for a finish that is none', () => {
    const { answers } = sheetOf(judged({}), planInput().job);
    expect(answers).toContain('still');
    expect(answers).not.toContain('none');
  });
});

it('tells every answer as a question with its answer, besides the sentence', () => {
  for (const { plan } of everyMethod().slice(0, 60)) {
    const sheet = sheetOf(plan, planInput().job);
    expect((sheet.facts ?? []).length).toBeGreaterThan(2);
    for (const { question, answer } of sheet.facts ?? []) expect([question, /\?$/.test(question), answer.length > 0]).toEqual([question, true, true]);
  }
});
