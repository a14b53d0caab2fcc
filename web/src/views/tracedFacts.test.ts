import { factProblem, kindOf } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { lineFacts, outlineFact, tracedText } from './tracedFacts.ts';

const at = '2026-06-01T12:00:00Z';
const widths = [
  { atMm: 34.4, widthMm: 2.37, toleranceMm: 0.4, clear: true },
  { atMm: 200, widthMm: 0.6, toleranceMm: 0.4, clear: false },
];

describe('facts from a photo', () => {
  it('are the same facts as typed ones: what is too fine is left out and asked for', () => {
    const facts = lineFacts(kindOf('plaster-crack').asks, { value: 545.9, tolerance: 7 }, widths, at);
    expect(facts).toEqual({
      lengthMm: { value: 546, how: 'measured', at },
      widths: { value: [{ atMm: 34, widthMm: 2.4 }], how: 'measured', at, text: 'from a photo' },
    });
    for (const ask of kindOf('plaster-crack').asks) if (facts[ask.field]) expect(factProblem(ask, facts[ask.field])).toBeUndefined();
    expect(lineFacts(kindOf('plaster-crack').asks, { value: 500, tolerance: 7 }, widths.slice(1), at)).not.toHaveProperty('widths');
  });

  it('are only those that a kind asks for', () => {
    expect(lineFacts(kindOf('drywall-hole').asks, { value: 500, tolerance: 7 }, widths, at)).toEqual({});
    const points = [
      { xMm: 0, yMm: 0 },
      { xMm: 300, yMm: 0 },
      { xMm: 120, yMm: 180 },
    ];
    const outline = outlineFact(kindOf('drywall-hole').asks, points, at);
    expect(outline['outline']?.value).toEqual({ points });
    expect(outlineFact(kindOf('plaster-crack').asks, points, at)).toEqual({});
  });

  it('say how far they may be off', () => {
    expect(tracedText({ value: 546, tolerance: 8 }, 'length', 'metric')).toBe('546 mm ± 8 mm');
    expect(tracedText({ value: 60_000, tolerance: 900 }, 'area', 'metric')).toBe('600 cm² ± 9 cm²');
  });
});
