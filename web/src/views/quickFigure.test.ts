import { formulas, formulaNamed, baseUnits } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { quickFigure, soughtFormulas } from './quickFigure.ts';

const named = (name: string) => {
  const found = formulaNamed(name);
  if (!found) throw new Error(name);
  return found;
};

describe('a quick figure', () => {
  it('follows what is typed, in the units of the page', () => {
    const typed = { lengthMm: '4 m', widthMm: '1/4"', depthMm: '1/4 in' };
    expect(quickFigure(named('chase-volume'), typed, 'metric')).toEqual({ state: 'known', text: '161 mL' });
    expect(quickFigure(named('chase-volume'), typed, 'us')).toEqual({ state: 'known', text: '5.5 fl oz' });
    expect(quickFigure(named('widest-width'), { widthMm: '2; 5; 3' }, 'metric')).toEqual({ state: 'known', text: '5 mm' });
  });

  it('says what is missing, what is no measure, and what is out of range', () => {
    expect(quickFigure(named('dew-point'), { airC: '20' }, 'metric')).toEqual({ state: 'open', missing: ['relative humidity'] });
    expect(quickFigure(named('dew-point'), { airC: 'mild', humidityPct: '60' }, 'metric')).toMatchObject({ state: 'wrong', input: 'airC' });
    expect(quickFigure(named('paste-peroxide'), { roomC: '12' }, 'metric')).toEqual({ state: 'wrong', input: 'roomC', why: 'It must lie between 15 °C and 45 °C.' });
  });

  it('can be had of every formula, with nothing but its inputs in their base units', () => {
    for (const f of formulas) {
      const middle = (min: number, max: number) => (Number.isInteger(min) && Number.isInteger(max) ? Math.round((min + max) / 2) : (min + max) / 2);
      const typed = Object.fromEntries(Object.entries(f.inputs).map(([name, i]) => [name, `${String(Number(middle(i.min, Math.min(i.max, 1000)).toFixed(3)))} ${baseUnits[i.kind] === 'mm²' ? 'mm2' : baseUnits[i.kind]}`.trim()]));
      const answer = quickFigure(f, typed, 'metric');
      // a figure, or a range that the middle of all ranges together does not meet: never a field that cannot be read
      expect([f.name, answer.state === 'wrong' ? /must lie between/.test(answer.why) : answer.state === 'known']).toEqual([f.name, true]);
    }
  });

  it('is found by its words', () => {
    expect(soughtFormulas(formulas, 'dew point').map((f) => f.name)).toContain('dew-margin');
    expect(soughtFormulas(formulas, 'zebra')).toEqual([]);
    expect(soughtFormulas(formulas, '')).toHaveLength(formulas.length);
  });
});
