import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { unmet, weatherWindows, type Demands, type Weather } from './windows.ts';

const fair: Weather = { fromMin: 0, airC: 18, surfaceC: 16, humidityPct: 55 };
const hours = (...each: readonly Partial<Weather>[]): Weather[] => each.map((w, i) => ({ ...fair, ...w, fromMin: i * 60 }));

describe('unmet', () => {
  it.each<[keyof Demands, Demands, Partial<Weather>, Partial<Weather>]>([
    ['surfaceMinC', { surfaceMinC: 5 }, { surfaceC: 4.9 }, { surfaceC: 5 }],
    ['surfaceMaxC', { surfaceMaxC: 35 }, { surfaceC: 36 }, { surfaceC: 35 }],
    ['airMinC', { airMinC: 7 }, { airC: 6 }, { airC: 7 }],
    ['airMaxC', { airMaxC: 30 }, { airC: 31 }, { airC: 30 }],
    ['dewMarginK', { dewMarginK: 3 }, { airC: 20, humidityPct: 65, surfaceC: 15 }, { airC: 20, humidityPct: 65, surfaceC: 16.5 }],
    ['humidityMaxPct', { humidityMaxPct: 85 }, { humidityPct: 90 }, { humidityPct: 85 }],
    ['windMaxKmh', { windMaxKmh: 20 }, { windKmh: 25 }, { windKmh: 20 }],
    ['noRain', { noRain: true }, { rain: true }, { rain: false }],
    ['noFrost', { noFrost: true }, { airC: 0 }, { airC: 1 }],
  ])('%s is missed on one side of its limit and met on the other', (key, demands, bad, good) => {
    expect(unmet({ ...fair, ...bad }, demands)).toEqual([key]);
    expect(unmet({ ...fair, ...good }, demands)).toEqual([]);
  });
});

describe('weatherWindows', () => {
  it('is one long window in fair weather, shorter by the step', () => {
    expect(weatherWindows(hours({}, {}, {}), 180, { minutes: 40, demands: { noRain: true } })).toEqual([{ fromMin: 0, untilMin: 140 }]);
  });

  it('is parted by rain, and none where no stretch is long enough', () => {
    const series = hours({}, {}, { rain: true }, {}, {});
    expect(weatherWindows(series, 300, { minutes: 60, demands: { noRain: true } })).toEqual([
      { fromMin: 0, untilMin: 60 },
      { fromMin: 180, untilMin: 240 },
    ]);
    expect(weatherWindows(series, 300, { minutes: 130, demands: { noRain: true } })).toEqual([]);
  });

  it('counts the hours after: no frost while it cures', () => {
    const series = hours({}, {}, {}, {}, { airC: -1 }, {});
    const step = { minutes: 30, demands: { surfaceMinC: 5 } };
    expect(weatherWindows(series, 360, step, { minutes: 120, demands: { noFrost: true } })).toEqual([{ fromMin: 0, untilMin: 90 }]);
  });

  it('knows nothing after its end', () => {
    expect(weatherWindows(hours({}), 60, { minutes: 30, demands: {} }, { minutes: 60, demands: {} })).toEqual([]);
  });

  it('holds in every minute of the step and of its cure, over generated weather, and leaves no beginning out', () => {
    const weather = fc.array(fc.record({ rain: fc.boolean(), surfaceC: fc.integer({ min: 0, max: 12 }) }), { minLength: 1, maxLength: 10 });
    fc.assert(
      fc.property(weather, fc.constantFrom(20, 60, 90), fc.constantFrom(30, 100), (each, minutes, cure) => {
        const series = hours(...each);
        const end = series.length * 60;
        const [now, later]: Demands[] = [{ noRain: true }, { surfaceMinC: 5 }];
        const windows = weatherWindows(series, end, { minutes, demands: now ?? {} }, { minutes: cure, demands: later ?? {} });
        const holds = (from: number, to: number, demands: Demands) =>
          to <= end && series.every((w, i) => w.fromMin >= to || (series[i + 1]?.fromMin ?? end) <= from || unmet(w, demands).length === 0);
        for (let begin = 0; begin < end; begin += 10) {
          const may = holds(begin, begin + minutes, now ?? {}) && holds(begin + minutes, begin + minutes + cure, later ?? {});
          expect(windows.some((w) => begin >= w.fromMin && begin <= w.untilMin)).toBe(may);
        }
      }),
      { numRuns: 200 },
    );
  });
});
