import { describe, expect, it } from 'vitest';
import { fullDay, fullMoment, momentName, zonesDiffer } from './saying.ts';

const [vienna, denver] = ['Europe/Vienna', 'America/Denver'];

describe('a moment', () => {
  it('is named by its day and time at the site, with the year where it is another than now', () => {
    expect(momentName('2026-06-02T12:20:00Z', vienna, '2026-11-29T10:00:00Z')).toBe('Tue, Jun 2, 14:20');
    expect(momentName('2025-06-02T12:20:00Z', vienna, '2026-11-29T10:00:00Z')).toBe('Mon, Jun 2, 2025, 14:20');
  });

  it('belongs to the year that it has at the site', () => {
    const newYear = '2026-01-01T03:00:00Z';
    expect(fullDay(newYear, vienna)).toBe('Thu, Jan 1, 2026');
    expect(fullDay(newYear, denver)).toBe('Wed, Dec 31, 2025');
    expect(momentName(newYear, denver, '2025-12-01T12:00:00Z')).toBe('Wed, Dec 31, 20:00');
  });

  it('is written with its year where it is kept or printed', () => {
    expect(fullMoment('2026-06-02T12:05:00Z', vienna)).toBe('Tue, Jun 2, 2026, 14:05');
  });

  it('is another one on a device whose clock stands elsewhere, not on one that goes alike', () => {
    expect(zonesDiffer(vienna, denver, '2026-06-02T12:00:00Z')).toBe(true);
    expect(zonesDiffer(vienna, 'Europe/Berlin', '2026-06-02T12:00:00Z')).toBe(false);
    // the one has summer time and the other has not
    expect(zonesDiffer('Europe/London', 'UTC', '2026-01-02T12:00:00Z')).toBe(false);
    expect(zonesDiffer('Europe/London', 'UTC', '2026-06-02T12:00:00Z')).toBe(true);
  });
});
