import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { siteDateTime, siteInstant } from './siteTime.ts';

describe('time at the site', () => {
  it.each([
    ['2026-06-02', '07:10', 'America/Chicago', '2026-06-02T12:10:00.000Z'],
    ['2026-01-15', '07:10', 'America/Chicago', '2026-01-15T13:10:00.000Z'],
    ['2026-06-02', '00:00', 'Asia/Kolkata', '2026-06-01T18:30:00.000Z'],
    ['2026-06-02', '23:59', 'Pacific/Auckland', '2026-06-02T11:59:00.000Z'],
    ['2026-03-29', '03:30', 'Europe/Paris', '2026-03-29T01:30:00.000Z'],
  ])('%s %s in %s is %s', (date, time, zone, wanted) => {
    expect(siteInstant(date, time, zone)).toBe(wanted);
  });

  it('comes back to the same clock time, away from the night the clock is set', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('America/Chicago', 'Europe/Paris', 'Asia/Kolkata', 'Australia/Lord_Howe', 'UTC'),
        fc.integer({ min: 0, max: 3_000 }),
        fc.integer({ min: 6 * 60, max: 23 * 60 + 59 }),
        (zone, day, minute) => {
          const date = new Date(Date.UTC(2024, 0, 1) + day * 86_400_000).toISOString().slice(0, 10);
          const time = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
          expect(siteDateTime(siteInstant(date, time, zone), zone)).toEqual({ date, time });
        },
      ),
    );
  });
});
