import { describe, expect, it } from 'vitest';
import { Figure } from './figure.ts';
import { evaluate, formula, OutOfRange } from './formula.ts';
import { Ledger, type Sourced } from './ledger.ts';
import { instant, say, tell } from './saying.ts';

const box = formula({
  name: 'test-box',
  title: 'Box',
  words: 'sides multiplied',
  inputs: { sideMm: { kind: 'depth', label: 'side', min: 0, max: 10 }, eachMm: { kind: 'depth', label: 'each', min: 0, max: 10, list: true } },
  output: 'depth',
  source: 'geometry',
  compute: ({ sideMm, eachMm }) => sideMm * eachMm.reduce((a, b) => a + b, 0),
});

describe('Ledger', () => {
  it('keeps where each figure comes from', () => {
    const ledger = new Ledger();
    const side = ledger.given('Side', 'depth', 2, 'measured', '2026-01-01T00:00:00Z', '2 mm');
    const other = ledger.assumed('Other', 'depth', 3, 'judgement', 'not known');
    const made = ledger.compute(box, { sideMm: side, eachMm: [side, other] });
    expect(made.value).toBe(10);
    expect(made.origin).toEqual({ by: 'formula', formula: 'test-box', inputs: { sideMm: side.id, eachMm: [side.id, other.id] } });
    expect(side.origin).toEqual({ by: 'measured', at: '2026-01-01T00:00:00Z', text: '2 mm' });
    expect(ledger.find(made.id)).toBe(made);
    expect(ledger.rows().map((r) => r.id)).toEqual(['f1', 'f2', 'f3']);
  });

  it('takes a figure of the shelf once', () => {
    const ledger = new Ledger();
    const sheet: Sourced = { value: 6, kind: 'duration', source: 'generic-sheet', label: 'Gel' };
    expect(ledger.sourced(sheet)).toBe(ledger.sourced(sheet));
    expect(ledger.sourced(sheet).origin).toEqual({ by: 'sheet', source: 'generic-sheet' });
    expect(ledger.sourced({ ...sheet, assumed: true }).origin).toEqual({ by: 'assumed', source: 'generic-sheet' });
  });

  it('writes a figure as a reference where it stands in something else', () => {
    const ledger = new Ledger();
    const side = ledger.assumed('Side', 'depth', 2, 'judgement');
    expect(JSON.parse(JSON.stringify({ side }))).toEqual({ side: { figure: 'f1' } });
    expect(side).toBeInstanceOf(Figure);
  });
});

describe('evaluate', () => {
  it.each([
    [{ sideMm: 11, eachMm: [1] }, 'sideMm'],
    [{ sideMm: -1, eachMm: [1] }, 'sideMm'],
    [{ sideMm: Number.NaN, eachMm: [1] }, 'sideMm'],
    [{ sideMm: 1, eachMm: [] }, 'eachMm'],
    [{ sideMm: 1, eachMm: [1, 99] }, 'eachMm'],
  ])('refuses %j, naming %s', (values, input) => {
    let caught: unknown;
    try {
      evaluate(box, values);
    } catch (error) {
      caught = error;
    }
    expect(caught).toBeInstanceOf(OutOfRange);
    expect((caught as OutOfRange).input).toBe(input);
    expect((caught as OutOfRange).message).toMatch(/must lie between 0 and 10/);
  });

  it('lets a value a hair over its limit pass', () => {
    expect(evaluate(box, { sideMm: 10.000000000001, eachMm: [1] })).toBeCloseTo(10);
  });
});

describe('say and tell', () => {
  const ledger = new Ledger();
  const width = ledger.assumed('Width', 'crackWidth', 5, 'judgement');

  it('sets units only when told', () => {
    const saying = say`The crack is ${width} wide.`;
    expect(tell(saying, { units: 'metric', timeZone: 'UTC' })).toBe('The crack is 5 mm wide.');
    expect(tell(saying, { units: 'us', timeZone: 'UTC' })).toBe('The crack is 3/16 in wide.');
  });

  it('joins words and other sayings', () => {
    const inner = say`by ${width}`;
    expect(say`moved ${inner} ${'today'}`).toEqual(['moved by ', width, ' today']);
    expect(say`${''}`).toEqual([]);
  });

  it('tells moments in the time of the site, with the day where it is another', () => {
    const saying = say`from ${instant('2026-06-02T22:30:00Z')}`;
    expect(tell(saying, { units: 'metric', timeZone: 'America/Chicago' })).toBe('from 17:30');
    expect(tell(saying, { units: 'metric', timeZone: 'Europe/Paris', day: '2026-06-02T12:00:00Z' })).toBe('from Wed, Jun 3, 00:30');
    expect(tell(saying, { units: 'metric', timeZone: 'America/Chicago', day: '2026-06-02T12:00:00Z' })).toBe('from 17:30');
  });
});
