import { formulaNamed, formulas } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import { inUnits } from '../figures/useAsked.ts';
import { quickFigure, quickRows, sought } from './quickFigure.ts';

const named = (name: string) => {
  const found = formulaNamed(name);
  if (!found) throw new Error(name);
  return found;
};
const problemOf = (name: string, typed: Record<string, string>, input: string) =>
  quickFigure(named(name), typed, 'metric').inputs.find((i) => i.name === input)?.problem;

describe('a quick figure', () => {
  it('follows what is typed, in the units of the page', () => {
    const typed = { lengthMm: '4 m', widthMm: '1/4"', depthMm: '1/4 in' };
    expect(quickFigure(named('chase-volume'), typed, 'metric').answer?.text).toBe('161 mL');
    expect(quickFigure(named('chase-volume'), typed, 'us').answer?.text).toBe('5.5 fl oz');
    expect(quickFigure(named('widest-width'), { widthMm: '2; 5; 3' }, 'metric').answer?.text).toBe('5 mm');
  });

  it('stands on common examples where nothing is typed, and says which', () => {
    const found = quickFigure(named('dew-point'), { airC: '20' }, 'metric');
    expect(found.examples).toEqual(['relative humidity']);
    expect(found.values).toEqual({ airC: 20, humidityPct: 60 });
    expect(found.inputs.map((i) => i.example)).toEqual(['20', '60']);
  });

  it('takes what an instrument reads where nothing is typed; a typed one wins', () => {
    const live = { airC: { value: 17.6, from: 'thermo-hygrometer' } };
    const read = quickFigure(named('dew-point'), { humidityPct: '60' }, 'metric', live);
    expect(read.values).toEqual({ airC: 17.6, humidityPct: 60 });
    expect(read.inputs[0]).toMatchObject({ from: 'thermo-hygrometer', example: '17.6' });
    expect(read.examples).toEqual([]);
    const typed = quickFigure(named('dew-point'), { airC: '12', humidityPct: '60' }, 'metric', live);
    expect(typed.values).toEqual({ airC: 12, humidityPct: 60 });
    expect(typed.inputs[0]?.from).toBeUndefined();
  });

  it('says what is no measure, what is out of range, and what does not go together', () => {
    expect(problemOf('dew-point', { airC: 'mild' }, 'airC')).toMatch(/not a measure/);
    expect(problemOf('paste-peroxide', { roomC: '12' }, 'roomC')).toBe('It must lie between 15 °C and 45 °C.');
    expect(problemOf('wait-by-points', { warmC: '5' }, 'warmC')).toMatch(/wrong way round/);
    expect(quickFigure(named('paste-peroxide'), { roomC: '12' }, 'metric').answer).toBeUndefined();
  });

  it('is there for every formula before anything is typed, and reads its own examples back', () => {
    for (const f of formulas) {
      for (const units of ['metric', 'us'] as const) {
        const first = quickFigure(f, {}, units);
        expect([f.name, first.answer !== undefined]).toEqual([f.name, true]);
        const typed = Object.fromEntries(first.inputs.map((i) => [i.name, i.example]));
        const again = quickFigure(f, typed, units);
        expect([f.name, again.inputs.flatMap((i) => i.problem ?? [])]).toEqual([f.name, []]);
        expect(quickRows(f, first.values ?? {}, units)).toHaveLength(Object.keys(f.inputs).length);
      }
    }
  });

  it('is found by its words', () => {
    expect(sought(formulas, 'dew point', (f) => f.name).map((f) => f.name)).toContain('dew-margin');
    expect(sought(formulas, 'zebra', (f) => f.name)).toEqual([]);
    expect(sought(formulas, '', (f) => f.name)).toHaveLength(formulas.length);
  });

  it('keeps its numbers when the units change; a measure with its own unit stays as typed', () => {
    const kinds = { airC: 'temperature', depthMm: 'depth', widthMm: 'crackWidth' } as const;
    expect(inUnits({ airC: '20', depthMm: '25.4', widthMm: '3/16 in', place: 'harbor-town' }, kinds, 'metric', 'us')).toEqual({
      airC: '68',
      depthMm: '1',
      widthMm: '3/16 in',
      place: 'harbor-town',
    });
    expect(inUnits({ airC: '68' }, kinds, 'us', 'metric')).toEqual({ airC: '20' });
    expect(inUnits({ airC: 'mild' }, kinds, 'us', 'metric')).toEqual({ airC: 'mild' });
  });
});
