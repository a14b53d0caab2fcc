import { describe, expect, it } from 'vitest';
import { siteDateTime } from '../../quantity/siteTime.ts';
import { usualHours } from '../../survey/hours.ts';
import { DayAxis, within, without, workingStretches } from './hours.ts';

const told = (startAt: string, min: number, timeZone: string) => {
  const { date, time } = siteDateTime(new Date(Date.parse(startAt) + min * 60_000).toISOString(), timeZone);
  return `${date} ${time}`;
};

describe('working time of somebody', () => {
  it('is by the clock of the site, also when that is set', () => {
    for (const [zone, startAt] of [
      ['America/Chicago', '2026-10-30T12:00:00.000Z'],
      ['Europe/Berlin', '2026-03-27T06:00:00.000Z'],
      ['UTC', '2026-03-27T07:00:00.000Z'],
    ] as const) {
      const axis = new DayAxis(startAt, zone, 7);
      const hours = workingStretches({ ...usualHours, days: [1, 2, 3, 4, 5, 6, 7] }, axis);
      // two stretches a day, seven days; each begins and ends when the clock says so
      expect(hours).toHaveLength(14);
      hours.slice(2).forEach(({ from, to }, i) => {
        const [a, b] = [told(startAt, from, zone).slice(11), told(startAt, to, zone).slice(11)];
        expect([a, b]).toEqual(i % 2 === 0 ? ['07:00', '12:00'] : ['12:30', '16:00']);
      });
    }
  });
  it('begins with the job on its first day, leaves out days off and what lies elsewhere, and has dates of its own', () => {
    const axis = new DayAxis('2026-06-05T13:30:00.000Z', 'UTC', 5);
    const own = { off: ['2026-06-08'], on: [{ date: '2026-06-06', from: '09:00', to: '11:00' }], away: [{ date: '2026-06-09', from: '08:00', to: '14:00' }] };
    const at = (s: { from: number; to: number }) => [told(axis.startAt, s.from, 'UTC'), told(axis.startAt, s.to, 'UTC')];
    expect(workingStretches(usualHours, axis, own).map(at)).toEqual([
      ['2026-06-05 13:30', '2026-06-05 16:00'],
      ['2026-06-06 09:00', '2026-06-06 11:00'],
      ['2026-06-09 07:00', '2026-06-09 08:00'],
      ['2026-06-09 14:00', '2026-06-09 16:00'],
    ]);
  });
});

describe('stretches', () => {
  const a = [
    { from: 0, to: 10 },
    { from: 20, to: 30 },
  ];
  it('have in common what lies in both, and lose what lies in others', () => {
    expect(within(a, [{ from: 5, to: 25 }])).toEqual([
      { from: 5, to: 10 },
      { from: 20, to: 25 },
    ]);
    expect(
      without(a, [
        { from: 22, to: 24 },
        { from: 5, to: 12 },
      ]),
    ).toEqual([
      { from: 0, to: 5 },
      { from: 20, to: 22 },
      { from: 24, to: 30 },
    ]);
  });
});
