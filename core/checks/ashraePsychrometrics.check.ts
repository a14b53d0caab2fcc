// ASHRAE Handbook Fundamentals, chapter 1: dew point. The values come from psychrolib, a library that
// implements those equations, which is asked here again; the saturation pressures are from memory of the steam tables.
import psychrolib from 'psychrolib';
import { describe, expect, it } from 'vitest';
import { dewMargin, dewPoint, saturationPressurePa } from '../src/climate/humidAir.ts';
import { evaluate } from '../src/quantity/formula.ts';

const dewC = (airC: number, humidityPct: number) => evaluate(dewPoint, { airC, humidityPct });

describe('dew point', () => {
  it.each([
    [5, 80, 1.84133],
    [15, 60, 7.30703],
    [20, 65, 13.2272],
    [23, 50, 12.0284],
    [30, 80, 26.1686],
    [35, 40, 19.3846],
  ])('at %d °C and %d %% is %d °C', (airC, humidity, wanted) => {
    expect(Math.abs(dewC(airC, humidity) - wanted)).toBeLessThanOrEqual(0.1);
  });

  it('agrees with psychrolib over the range of the trade, frost point below freezing', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    for (let airC = -10; airC <= 45; airC += 2.5) {
      for (let humidity = 15; humidity <= 100; humidity += 5)
        expect(Math.abs(dewC(airC, humidity) - psychrolib.GetTDewPointFromRelHum(airC, humidity / 100))).toBeLessThan(0.02);
    }
  });

  it('is the air temperature when the air is saturated', () => {
    for (const t of [-8, 0, 12.5, 40]) expect(dewC(t, 100)).toBe(t);
  });

  it('rises with humidity and never passes the air', () => {
    for (let humidity = 10; humidity < 100; humidity += 10) {
      expect(dewC(20, humidity)).toBeLessThan(dewC(20, humidity + 10));
      expect(dewC(20, humidity)).toBeLessThanOrEqual(20);
    }
  });
});

describe('saturation pressure, from memory of the steam tables', () => {
  it.each([
    [25, 3169, 2],
    [40, 7383, 5],
  ])('at %d °C is %d Pa', (t, wanted, within) => {
    expect(Math.abs(saturationPressurePa(t) - wanted)).toBeLessThanOrEqual(within);
  });
});

describe('margin of 3 K above the dew point (ISO 8502-4, from memory)', () => {
  it.each([
    [20, 65, 15, false],
    [20, 65, 16.5, true],
    [10, 85, 10.2, false],
    [10, 85, 11, true],
  ])('air %d °C, %d %%, surface %d °C: %s', (airC, humidity, slabC, holds) => {
    expect(evaluate(dewMargin, { slabC, dewPointC: dewC(airC, humidity) }) >= 3).toBe(holds);
  });
});
