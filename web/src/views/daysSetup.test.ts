import { timeAfter, type DaysSetup } from '@oddment/core';
import { describe, expect, it } from 'vitest';
import {
  areaOf,
  dueOf,
  notBeforeOf,
  personOf,
  saidWords,
  withArea,
  withAway,
  withDue,
  withNotBefore,
  withoutPin,
  withPerson,
  withPin,
  withThing,
} from './daysSetup.ts';

const pin = { defect: 'd', step: 's', date: '2026-06-02', time: '08:00', people: ['a'] };

describe('what days are made by, as it is typed', () => {
  it('comes back to nothing when all that was said is taken back', () => {
    let setup: DaysSetup = {};
    setup = withPerson(setup, { person: 'a', off: ['2026-06-03'] });
    setup = withArea(setup, 'hall', { open: { from: '09:00', to: '12:00' } });
    setup = withArea(setup, 'hall', { shut: ['2026-06-04'] });
    setup = withDue(setup, undefined, '2026-06-12');
    setup = withDue(setup, 'd', '2026-06-10');
    setup = withNotBefore(setup, 'd', '2026-06-02');
    setup = withThing(setup, 'saw', 2);
    setup = withPin(setup, pin);
    expect([dueOf(setup, undefined), dueOf(setup, 'd'), notBeforeOf(setup, 'd'), areaOf(setup, 'hall').shut]).toEqual([
      '2026-06-12',
      '2026-06-10',
      '2026-06-02',
      ['2026-06-04'],
    ]);
    expect(saidWords(setup)).toBe('1 person, 1 thing, 1 area, 2 dates, 1 release, 1 set by hand');
    setup = withPerson(setup, { person: 'a', off: [] });
    setup = withArea(setup, 'hall', { open: undefined, shut: [] });
    setup = withDue(withDue(setup, undefined, ''), 'd', '');
    setup = withNotBefore(setup, 'd', '');
    setup = withThing(setup, 'saw', undefined);
    expect(withoutPin(setup, pin)).toEqual({});
  });
  it('sets one thing by hand once, and keeps a release of a step when that of its repair is taken back', () => {
    const twice = withPin(withPin({}, pin), { ...pin, time: '09:00' });
    expect(twice.pins?.map((p) => p.time)).toEqual(['09:00']);
    const setup: DaysSetup = { notBefore: [{ defect: 'd', step: 's', date: '2026-06-05' }] };
    expect(withNotBefore(withNotBefore(setup, 'd', '2026-06-02'), 'd', '').notBefore).toEqual(setup.notBefore);
  });
  it('takes somebody out for a day, or for its first hour, once', () => {
    const off = withAway(withAway({}, 'a', '2026-06-03'), 'a', '2026-06-03');
    expect(personOf(off, 'a').off).toEqual(['2026-06-03']);
    expect([timeAfter('07:30', 60), timeAfter('23:10', 60)]).toEqual(['08:30', '23:59']);
    const late = withAway(withAway({}, 'a', '2026-06-03', { from: '07:00', to: '08:00' }), 'a', '2026-06-03', { from: '07:00', to: '09:00' });
    expect(personOf(late, 'a').away).toEqual([{ date: '2026-06-03', from: '07:00', to: '09:00' }]);
  });
});
