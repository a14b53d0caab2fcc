import { describe, expect, it } from 'vitest';
import { act, lag, small } from '../../../test/smallDays.ts';
import { findDays } from './improve.ts';
import { chanceOf, triangular, tryFuture } from './future.ts';
import { seededRandom } from './random.ts';

const none = { quickest: 1, slowest: 1, climateK: 0 };
const spread = { quickest: 0.8, slowest: 1.5, climateK: 0 };
const placed = (p: Parameters<typeof findDays>[0]) => findDays(p, { aim: 'finish', rounds: 0, seed: 1 }).placements;

describe('a triangular spread', () => {
  it('has the mean and the shares of its three corners', () => {
    const random = seededRandom(9);
    const all = Array.from({ length: 40_000 }, () => triangular(random(), 0.8, 1, 1.5));
    // mean (a + b + c) / 3; below the likely one (c − a) / (b − a)
    expect(all.reduce((a, b) => a + b, 0) / all.length).toBeCloseTo(1.1, 2);
    expect(all.filter((v) => v < 1).length / all.length).toBeCloseTo(0.2 / 0.7, 2);
    expect([Math.min(...all) >= 0.8, Math.max(...all) <= 1.5]).toEqual([true, true]);
  });
});

describe('the days to come, tried many times', () => {
  it('go as planned where nothing varies', () => {
    const p = small([act(0, 'a', 100), act(0, 'b', 50)], [{ from: 0, after: 'end', to: 1, least: lag(30), most: lag(40) }], { repairs: [{ due: 180 }] });
    const f = tryFuture(p, placed(p), none, 20, 1);
    expect(f).toEqual({ runs: 20, dates: [{ repair: 0, kept: 20 }], clean: 20, middle: 180, ninth: 180 });
  });

  it('keep a date as often as its arithmetic says', () => {
    // one step of 800 min, due after as many as the spread stays below in 19 of 20: 1.5 − sqrt(0.05 · 0.7 · 0.5) times as long
    const due = Math.round(800 * (1.5 - Math.sqrt(0.05 * 0.7 * 0.5)));
    const p = small([act(0, 'a', 800)], [], { dayMin: 1440, repairs: [{ due }] });
    const f = tryFuture(p, placed(p), spread, 20_000, 3);
    expect((f.dates[0]?.kept ?? 0) / f.runs).toBeCloseTo(0.95, 2);
    // nine in ten end below 1.5 − sqrt(0.1 · 0.7 · 0.5) times as long
    expect(Math.abs(f.ninth / 800 - (1.5 - Math.sqrt(0.1 * 0.7 * 0.5)))).toBeLessThan(0.01);
  });

  it('miss a window as often as what lies in it takes longer than it leaves', () => {
    // b has to begin within 30 of a; c, of the same person, lies between, 20 as planned and planned to end at 20
    const p = small([act(0, 'a', 10), act(0, 'b', 10), act(1, 'c', 20)], [{ from: 0, after: 'end', to: 1, least: lag(20), most: lag(25) }]);
    const order = [
      { act: 0, start: 0, end: 10, people: [0], before: [0], cover: 0, away: 0 },
      { act: 2, start: 10, end: 30, people: [0], before: [0], cover: 0, away: 0 },
      { act: 1, start: 30, end: 40, people: [0], before: [0], cover: 0, away: 0 },
    ];
    const f = tryFuture(
      { ...p, activities: p.activities.map((a, i) => (i === 0 ? { ...a, ways: [{ people: 1 as const, minutes: 10 }] } : a)) },
      order,
      spread,
      20_000,
      5,
    );
    // c begins when a is over, or at 10; b is late where c ends more than 25 after a: c over 25 min, 1.25 times as planned
    const share = (0.25 * 0.25) / (0.7 * 0.5);
    expect((f.weakest?.missed ?? 0) / f.runs).toBeGreaterThan(share * 0.8);
    expect((f.weakest?.missed ?? 0) / f.runs).toBeLessThan(share * 1.25);
    expect(f.weakest?.tie).toBe(0);
  });

  it('end with what is looked at where something never hardens in colder air', () => {
    const cure = {
      by: 'progress',
      at23: lag(60).minutes,
      cure: { by: 'as-stated' },
      stopsBelow: { value: 18, kind: 'temperature', label: 'stops', source: 'practice' },
      minutes: lag(60).minutes,
    } as never;
    const p = small([act(0, 'a', 10), act(0, 'b', 10)], [{ from: 0, after: 'end', to: 1, least: cure }], { days: 3 });
    const f = tryFuture(p, placed(p), { ...none, climateK: 3 }, 400, 1);
    // two of five members are colder than that
    expect(f.middle).toBe(80);
    expect(f.ninth).toBe(3 * 1440);
  });

  it('are told as likely from nine in ten on, as no chance below a half', () => {
    expect([1, 0.9, 0.89, 0.5, 0.49, 0].map(chanceOf)).toEqual(['likely', 'likely', 'tight', 'tight', 'no', 'no']);
  });
});
