import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { climateOf, readWeather, weatherHeading, weatherRecord, writeWeather, type WeatherPoint } from './weatherRecord.ts';

const read = (text: string) => {
  const found = readWeather(text);
  if (!found.ok) throw new Error(found.problems.map((p) => p.message).join('; '));
  return found.record;
};
const problems = (text: string) => {
  const found = readWeather(text);
  return found.ok ? [] : found.problems.map((p) => `${String(p.line)}: ${p.message}`);
};

describe('a list of weather', () => {
  it('is read with its units, by commas, semicolons or tabs, with or without a heading', () => {
    const metric = read(`${weatherHeading}\n2026-06-02 07:00, 20, 50, 18, 16.09344, 0\n2026-06-02 08:00, 22, 48, 19, 0, 0.4`);
    expect(metric.weather).toEqual([
      { fromMin: 0, airC: 20, humidityPct: 50, surfaceC: 18, windKmh: 16.09344, rain: false },
      { fromMin: 60, airC: 22, humidityPct: 48, surfaceC: 19, windKmh: 0, rain: true },
    ]);
    const us = read('time;air °F;surface (F);humidity;wind mph\n2026-06-02T07:00;68;64.4;50;10');
    expect(us.weather[0]?.airC).toBeCloseTo(20, 9);
    expect(us.weather[0]?.surfaceC).toBeCloseTo(18, 9);
    expect(us.weather[0]?.windKmh).toBeCloseTo(16.09344, 9);
    expect(read('2026-06-02 7:00\t20\t50').weather).toMatchObject([{ airC: 20, humidityPct: 50 }]);
  });

  it('is read in meters a second, in inches of rain and with the zone of its times', () => {
    const other = read('time,air,humidity,wind m/s,rain in\n2026-06-02T07:00:30+02:00,20,50,5,0.5\n2026-06-02T08:00:30.5+02:00,20,50,0,0');
    expect(other.weather.map((w) => [w.fromMin, w.windKmh, w.rain])).toEqual([
      [0, 18, true],
      [60, 0, false],
    ]);
    expect(read('2026-06-02T07:00-06:00,20,50\n2026-06-02T13:30Z,20,50').weather.map((w) => w.fromMin)).toEqual([0, 30]);
    expect(problems('time,air,humidity,rain in\n2026-06-02 07:00,20,50,11')).toEqual([]);
    expect(problems('time,air,humidity,rain mm\n2026-06-02 07:00,20,50,301')[0]).toMatch(/^2: rain is 301, which cannot be/);
  });

  it('takes no day that is not in its month, in any zone, and no zone that is none', () => {
    for (const time of [
      '2026-02-30 07:00',
      '2026-02-30T07:00+02:00',
      '2026-04-31T23:00-06:00',
      '2026-06-02T07:00+2:00',
      '2026-06-02T07:00x',
      '2026-06-02T07:00+02:0x',
      '2026-06-02 25:00',
    ])
      expect([time, problems(`${time},20,50`)[0]?.startsWith(`1: '${time}' is not a time.`)]).toEqual([time, true]);
    // late in the evening it is another day in UTC
    expect(problems('2026-06-30T23:30-06:00,20,50')).toEqual([]);
  });

  it('ends as long after its last line as that came after the one before it, an hour where it is alone', () => {
    expect(read('2026-06-02 07:00,20,50\n2026-06-02 07:30,20,50').endMin).toBe(60);
    expect(read('2026-06-02 07:00,20,50').endMin).toBe(60);
  });

  it('says where a surface was estimated, and where nothing is known for hours', () => {
    const record = read('2026-06-02 07:00,20,50,19\n2026-06-02 09:00,20,50,19\n2026-06-02 14:00,20,50,19');
    expect(record.surfaceEstimated).toBe(false);
    expect(record.gaps).toEqual([{ fromMin: 120, untilMin: 420 }]);
    expect(read('2026-06-02 07:00,20,50,19\n2026-06-02 09:00,20,50').surfaceEstimated).toBe(true);
  });

  it.each([
    ['', '1: There is no line yet.'],
    ['time, air C, humidity %', '2: There is a heading, but no line under it.'],
    ['time, air C, mood\n2026-06-02 07:00,20,5', "1: The column 'mood' is not known."],
    ['time, air K, humidity\n2026-06-02 07:00,293,5', "1: 'k' is not a unit of air."],
    ['time, air, air, humidity', "1: The column 'air' stands there twice."],
    ['time, air C\n2026-06-02 07:00,20', '1: A column is missing: humidity.'],
    ['2026-06-31 07:00,20,50', "1: '2026-06-31 07:00' is not a time."],
    ['2026-06-02 07:00,warm,50', "1: air is 'warm'. It must be a number."],
    ['2026-06-02 07:00,20,', '1: humidity is missing.'],
    ['2026-06-02 07:00,200,50', '1: air is 200, which cannot be'],
    ['2026-06-02 07:00,20,50\n2026-06-02 07:00,20,50', '2: This time is not after the one before it'],
  ])('is refused in words with its line: %j', (text, start) => {
    const found = problems(text);
    expect(found).toHaveLength(1);
    expect(found[0]?.startsWith(start)).toBe(true);
  });

  it('tells every line that cannot be read at once', () => {
    expect(problems('2026-06-02 07:00,x,50\n2026-06-02 08:00,20,50\n2026-06-02 09:00,20,x')).toHaveLength(2);
  });

  it('is written as it can be read again, over generated weather', () => {
    const tenth = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => n / 10);
    const points = fc.array(
      fc.record({
        gap: fc.integer({ min: 1, max: 400 }),
        airC: tenth(-20, 45),
        humidityPct: tenth(0, 100),
        surfaceC: tenth(-20, 60),
        windKmh: tenth(0, 80),
        rain: fc.boolean(),
      }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(points, (each) => {
        let min = 0;
        const made = each.map(({ gap, rain, ...p }): WeatherPoint => ({
          ...p,
          at: new Date(Date.UTC(2026, 5, 2) + (min += gap) * 60_000).toISOString(),
          rainMm: rain ? 1 : 0,
        }));
        const [first, ...rest] = made;
        if (!first) return;
        const record = weatherRecord([first, ...rest]);
        expect(read(writeWeather(record))).toEqual(record);
      }),
      { numRuns: 100 },
    );
  });
});

describe('a surface that was not measured', () => {
  it('comes to the air where that stays, from the last that was measured, and never leaves the two', () => {
    const hours = Array.from({ length: 49 }, (_v, i): WeatherPoint => ({
      at: new Date(Date.UTC(2026, 5, 2, i)).toISOString(),
      airC: 20,
      humidityPct: 50,
      ...(i === 0 && { surfaceC: 8 }),
    }));
    const [first, ...rest] = hours;
    const surfaces = first ? weatherRecord([first, ...rest]).weather.map((w) => w.surfaceC) : [];
    expect(surfaces[0]).toBe(8);
    // two thirds of the way after its lag, whatever the steps are
    expect((surfaces[8] ?? 0) - 8).toBeCloseTo(12 * (1 - Math.exp(-1)), 6);
    expect(surfaces[48]).toBeCloseTo(20, 1);
    for (const s of surfaces) expect(s).toBeLessThanOrEqual(20);
    const coarse = first && weatherRecord([first, { at: new Date(Date.UTC(2026, 5, 2, 8)).toISOString(), airC: 20, humidityPct: 50 }]);
    expect(coarse?.weather[1]?.surfaceC).toBeCloseTo(surfaces[8] ?? 0, 9);
  });

  it('is what cures', () => {
    expect(climateOf(read('2026-06-02 07:00,20,50,12,8'))).toEqual([{ fromMin: 0, airC: 20, slabC: 12, humidityPct: 50, windKmh: 8 }]);
  });
});
