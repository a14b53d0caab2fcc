import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { weatherRecord, type WeatherPoint } from '../climate/weatherRecord.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { DaysDesk } from './daysDesk.ts';
import { daysRecord, daysToday, type DaysRecord } from './daysRecord.ts';
import { elsewhereOf, travelMin, type Elsewhere } from './elsewhere.ts';
import { makeDays } from './makeDays.ts';
import { planJob } from './repairPlan.ts';
import { daysOf } from './daysInput.ts';
import { insteadOf, overnight, rainOn, weatherCall } from './weatherCall.ts';
import { planFaults } from '../schedule/days/validate.ts';
import type { Job } from '../survey/job.ts';
import { daysProblems, type DaysSetup } from '../schedule/days/setup.ts';

const whole = house();
/** The house with what stands in its yard: its garage as if it had no roof. */
const yard = {
  ...whole,
  areas: whole.areas.map((a) => (a.name === 'Garage' ? { ...a, facts: { ...a.facts, place: { ...a.facts.place, value: 'outside' } } } : a)),
} as typeof whole;
const how = { units: 'metric', timeZone: whole.timeZone } as const;
const told = (s: Saying) => tell(s, { ...how, day: '1970-01-01T12:00:00Z' });

function recordOf(job: typeof whole, setup: DaysSetup = {}, elsewhere: readonly Elsewhere[] = []) {
  const made = makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup, elsewhere }, { aim: 'finish', seed: 1, rounds: 1 });
  return { made, record: daysRecord(job, made, { aim: 'finish', seed: 1 }, how) };
}

/** Fair hours from half a day before the start of a job on, with some of them otherwise. */
function weather(job: typeof whole, other: (hour: number) => Partial<WeatherPoint> = () => ({}), hours = 1400) {
  const points = Array.from({ length: hours }, (_v, i): WeatherPoint => ({
    at: new Date(Date.parse(job.startAt) + (i - 12) * 3_600_000).toISOString(),
    airC: 18,
    humidityPct: 50,
    surfaceC: 17,
    windKmh: 5,
    rainMm: 0,
    ...other(i - 12),
  }));
  const [first, ...rest] = points;
  if (!first) throw new Error('no hours');
  return weatherRecord([first, ...rest]);
}

const { record } = recordOf(yard);
const asked = (days: DaysRecord['days']) =>
  days.flatMap((d) => d.people.flatMap((p) => p.blocks.flatMap((b) => (b.asks ? [{ ...b, asks: b.asks, date: d.date }] : []))));

describe('the weather call', () => {
  it('asks only of what is placed outside, and all of that', () => {
    const outside = new Set(record.repairs.filter((r) => yard.areas.some((a) => a.name === r.place && a.facts.place?.value === 'outside')).map((r) => r.mark));
    expect(new Set(asked(record.days).map((b) => b.mark))).toEqual(outside);
    expect(outside.size).toBeGreaterThan(5);
    expect(asked(record.days).some((b) => b.place === 'Cellar')).toBe(false);
  });
  it('says go in a fair week, and for nothing inside', () => {
    const calls = record.days.flatMap((d) => weatherCall(record, weather(yard), d.date));
    expect(calls.length).toBeGreaterThan(2);
    expect(new Set(calls.map((c) => `${c.go} ${String(c.why.length)}`))).toEqual(new Set(['go 0']));
  });
  it('forbids each thing by rain at its own hour, by rain before it is hard, by cold ground and by dew, and names the hour', () => {
    for (const b of asked(record.days)) {
      const hourOf = (moment: string) => Math.floor((Date.parse(moment) - Date.parse(yard.startAt)) / 3_600_000);
      const callAt = (hour: number, one: Partial<WeatherPoint>) =>
        weatherCall(
          record,
          weather(yard, (h) => (h === hour ? one : {})),
          b.date,
        ).find((c) => c.mark === b.mark);
      const rained = callAt(hourOf(b.start), { rainMm: 2 });
      expect([b.id, rained?.go, rained?.forbidden.includes(b.id)]).toEqual([b.id, 'no', true]);
      expect(rained?.why.map(told).join(' ')).toMatch(/it rains/);
      if (b.asks.leastC !== undefined) expect(callAt(hourOf(b.start), { surfaceC: -3 })?.why.map(told).join(' ')).toMatch(/the ground is about -3/);
      if (b.asks.electric) expect(rained?.why.map(told).join(' ')).toMatch(/electric tools are not used in rain/);
      if (b.asks.dewMarginK !== undefined)
        expect(callAt(hourOf(b.start), { surfaceC: 17, airC: 18, humidityPct: 97 })?.why.map(told).join(' ')).toMatch(/too near the dew point/);
      if (b.asks.after.dryMin > 120) expect(callAt(hourOf(b.end) + 1, { rainMm: 2 })?.forbidden).toContain(b.id);
      // long after all of it is hard, rain and frost forbid it no more
      const last = hourOf(b.end) + Math.ceil(Math.max(b.asks.after.dryMin, b.asks.after.noFrostMin) / 60) + 2;
      expect(callAt(last, { rainMm: 2, surfaceC: -2, airC: -2 })?.forbidden.includes(b.id)).toBe(false);
    }
  });
  it('keeps what holds water from frost for a day, resin not', () => {
    const nights = asked(record.days).map((b) => [b.mark, b.asks.after.noFrostMin] as const);
    const systemOf = (mark: string) => record.repairs.find((r) => r.mark === mark)?.system ?? '';
    for (const [mark, min] of nights) if (/resin/i.test(systemOf(mark)) && !/mortar/i.test(systemOf(mark))) expect([mark, min]).toEqual([mark, 0]);
    const mortar = asked(record.days).find((b) => b.asks.after.noFrostMin > 0);
    if (!mortar) throw new Error('no mortar outside');
    expect(mortar.asks.after.noFrostMin).toBe(1440);
    const at = Math.floor((Date.parse(mortar.end) - Date.parse(yard.startAt)) / 3_600_000) + 15;
    const call = weatherCall(
      record,
      weather(yard, (h) => (h === at ? { airC: -1, surfaceC: -1 } : {})),
      mortar.date,
    ).find((c) => c.mark === mortar.mark);
    expect(call?.why.map(told).join(' ')).toMatch(/it freezes, while it is fresh/);
  });
  it('does not know what lies behind the end of a forecast', () => {
    const [first] = asked(record.days);
    const calls = weatherCall(
      record,
      weather(yard, () => ({}), 13),
      first?.date ?? '',
    );
    expect(calls.find((c) => c.mark === first?.mark)?.go).toBe('unknown');
  });
  it('tells when on that day it could begin', () => {
    const [first] = asked(record.days);
    if (!first) throw new Error('nothing is placed outside');
    const hour = Math.floor((Date.parse(first.start) - Date.parse(yard.startAt)) / 3_600_000);
    const call = weatherCall(
      record,
      weather(yard, (h) => (h === hour ? { rainMm: 1 } : {})),
      first.date,
    ).find((c) => c.mark === first.mark);
    expect(call?.why.map(told).at(-1)).toMatch(/^The weather would let it begin from /);
  });
});

describe('what stands over night', () => {
  it('is told on each evening, and what is kept wet has somebody for every day or says that nobody is there', () => {
    const evenings = record.days.map((d) => overnight(record, d.date).map(told));
    expect(evenings.filter((e) => e.length > 0).length).toBeGreaterThan(record.days.length / 2);
    expect(evenings.flat().filter((e) => !/ (waits after “|stands at|is kept wet until) ?/.test(e))).toEqual([]);
    const alone = record.wet.find((w) => w.nobody.length > 0);
    if (!alone) throw new Error('nothing is kept wet over a day without work');
    const [date = ''] = alone.nobody;
    const named = recordOf(yard, { wets: [{ defect: alone.defect, date, person: yard.crew[0]?.id ?? '' }] }).record;
    const same = named.wet.find((w) => w.defect === alone.defect && w.from === alone.from);
    expect([same?.by.map((b) => b.date), same?.nobody]).toEqual([[date], alone.nobody.slice(1)]);
  });
  it('of days that an earlier version kept is not known', () => {
    const { stands: _stands, wet: _wet, ...kept } = record;
    expect([daysToday(kept).stands, daysToday(kept).wet]).toEqual([[], []]);
  });
});

describe('the last mix of a day', () => {
  it('is begun no later than leaves all after it within hours, and no sooner than it stands', () => {
    const mixes = record.days.flatMap((d) => d.people.flatMap((p) => (p.lastMix ? [{ p, mix: p.lastMix }] : [])));
    expect(mixes.length).toBeGreaterThan(3);
    for (const { p, mix } of mixes) {
      const own = p.blocks.filter((b) => b.mixMin > 0 || /(^|\.|\/)mix-/.test(b.id)).at(-1);
      const planned = Date.parse(own?.start ?? '') - (own?.mixMin ?? 0) * 60_000;
      const [later, over] = [Date.parse(mix.by) - planned, Math.max(...p.blocks.map((b) => Date.parse(b.end) + b.awayMin * 60_000))];
      expect([mix.mark, later >= 0]).toEqual([own?.mark, true]);
      // the firm of the house works until four in the afternoon of Chicago, or it has begun what takes longer
      const four = Date.parse(`${own?.start.slice(0, 10) ?? ''}T21:00:00Z`);
      if (over <= four) expect(over + later).toBeLessThanOrEqual(four);
    }
  });
});

describe('people who are at other jobs', () => {
  it('are not planned here then, nor on their way there and back, and their day says where they are', () => {
    const away = elsewhereOf([{ site: 'Other site', days: recordOf(house(9)).record }]);
    expect(away.length).toBeGreaterThan(1);
    const { made, record: here } = recordOf(whole, {}, away);
    expect(planFaults(made.problem, made.found.placements)).toEqual([]);
    let met = 0;
    for (const d of here.days)
      for (const p of d.people) {
        for (const e of away.filter((o) => o.name === p.name))
          for (const b of p.blocks) {
            const [from, to] = [Date.parse(e.from) - travelMin * 60_000, Date.parse(e.to) + travelMin * 60_000];
            expect([b.id, Date.parse(b.end) <= from || Date.parse(b.start) >= to]).toEqual([b.id, true]);
          }
        met += p.elsewhere?.length ?? 0;
        expect(p.elsewhere?.every((e) => e.site === 'Other site') ?? true).toBe(true);
      }
    expect(met).toBeGreaterThan(0);
    // somebody without a name is nobody who could be elsewhere
    const nameless = { ...whole, crew: whole.crew.map((p) => ({ ...p, name: '' })) };
    expect(recordOf(nameless, {}, away).made.problem.workers.every((w) => w.elsewhere === undefined)).toBe(true);
  });
});

describe('a forecast', () => {
  it('gives its rain as clock times of the site, hours that follow each other as one', () => {
    // the job starts at seven in Chicago: hours three to five are ten to one
    expect(
      rainOn(
        weather(yard, (h) => (h >= 3 && h < 6 ? { rainMm: 1 } : {})),
        yard.timeZone,
      ),
    ).toEqual([{ date: '2026-06-01', from: '10:00', to: '13:00' }]);
  });
  it('of two plans tells what is done instead', () => {
    const other = recordOf(yard, { notBefore: [{ defect: record.repairs[0]?.id ?? '', date: '2026-06-04' }] }).record;
    const [first] = record.days;
    const instead = insteadOf(record, other, first?.date ?? '');
    const before = new Set(first?.people.flatMap((p) => p.blocks.map((b) => `${b.mark} ${b.title}`)));
    expect(instead.every((i) => !before.has(i))).toBe(true);
    expect(insteadOf(record, record, first?.date ?? '')).toEqual([]);
  });
});

describe('a way out', () => {
  it('says what is to be changed to take it, whatever it is, and gives the same days once that is changed', () => {
    const kinds = new Set<string>();
    const cases = [
      [house(2), {}],
      [house(3), {}],
      [house(3), { dates: [{ date: '2026-06-02' }] }],
    ] as const satisfies readonly (readonly [Job, DaysSetup])[];
    // a dent that is filled with what dries, alone in its house: only the air is in the way
    const dent = house(34);
    const dries = { ...dent, areas: dent.areas.map((a) => ({ ...a, defects: a.defects.filter((d) => d.choice?.system === 'drying-compound') })) };
    for (const [job, setup] of [...cases, [dries, {}] as const]) {
      const input = { job, plans: planJob(job, houseRules), rules: houseRules, setup };
      const desk = new DaysDesk(input, { aim: 'finish', seed: 1, rounds: 5 });
      while (desk.making.advance(8));
      desk.made();
      for (const { id } of desk.withWays().ways) {
        kinds.add(id.split(' ')[0] ?? '');
        const way = desk.way(id);
        const take = way?.take;
        if (!take) throw new Error(`${id} cannot be taken`);
        const areas = job.areas.map((a) => ({
          ...a,
          ...(take.area?.id === a.id && { facts: take.area.facts }),
          defects: a.defects.map((d) => ({
            ...d,
            ...(take.choice?.defect === d.id && { choice: { system: take.choice.system } }),
            ...(take.schools?.defect === d.id && { schools: take.schools.schools }),
          })),
        }));
        const changed = { ...job, crew: take.crew ?? job.crew, areas };
        const days = daysOf({ ...input, job: changed, plans: planJob(changed, houseRules), setup: take.setup ?? setup });
        expect([id, planFaults(days.problem, way.made.found.placements)]).toEqual([id, []]);
      }
    }
    expect([...kinds].sort()).toEqual(['date', 'fan', 'system', 'warm']);
  });
  it('is not all that can be tried: another person, a Saturday or a warmer room are, whatever comes of them, and leave nothing behind', () => {
    const job = house(9);
    const desk = new DaysDesk({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 1, rounds: 3 });
    while (desk.making.advance(8));
    desk.made();
    const before = desk.withWays();
    const tries = desk.tries();
    const ids = tries.map((t) => t.id);
    expect(ids.filter((id) => before.ways.some((w) => w.id === id))).toEqual([]);
    for (const wanted of ['person', 'saturday', 'warm Garage']) {
      const way = desk.way(wanted);
      expect([wanted, ids.includes(wanted) || before.ways.some((w) => w.id === wanted), way?.take !== undefined]).toEqual([wanted, true, true]);
      if (way) expect(planFaults(way.made.problem, way.made.found.placements)).toEqual([]);
    }
    expect(desk.way('person')?.take?.crew?.length).toBe(job.crew.length + 1);
    expect(desk.way('saturday')?.take?.setup?.hours?.days).toContain(6);
    expect(desk.way('nothing')).toBeUndefined();
    // what was tried and taken by its setup stands as it was shown
    const hour = desk.way('saturday')?.made.found.placements;
    expect(JSON.stringify(desk.takeLooked('saturday')?.made.found.placements)).toBe(JSON.stringify(hour));
  });
  it('of hours is for the job alone, and is heeded before those of the firm', () => {
    const job = house(3);
    const hours = { from: '06:00', to: '14:00', days: [1, 2, 3, 4, 5, 6] };
    const { problem } = daysOf({ job, plans: planJob(job, houseRules), rules: houseRules, setup: { hours } });
    // Tuesday of the week that the job begins in, from six to two without a break
    expect(problem.workers[0]?.hours).toContainEqual({ from: 1440 - 60, to: 1440 + 420 });
    expect(daysProblems(job, { hours: { ...hours, to: '05:00' } }).map((p) => p.path)).toEqual(['days/hours']);
  });
  it('puts off what the weather forbids, and only that, and nothing is changed by looking', () => {
    const job = house(9);
    const desk = new DaysDesk({ job, plans: planJob(job, houseRules), rules: houseRules, setup: {} }, { aim: 'finish', seed: 1, rounds: 3 });
    while (desk.making.advance(8));
    const before = desk.made();
    const one = before.plan.days[0]?.people[0]?.blocks[2];
    if (!one) throw new Error('nothing is done');
    const { made, take } = desk.putOff([one.id], '2026-06-03');
    expect(take.setup?.notBefore?.map((n) => [n.defect, n.date])).toEqual([[one.mark, '2026-06-03']]);
    expect(planFaults(made.problem, made.found.placements)).toEqual([]);
    const moved = made.plan.days.flatMap((d) => d.people.flatMap((p) => p.blocks)).find((b) => b.id === one.id);
    expect(Date.parse(moved?.start ?? '')).toBeGreaterThanOrEqual(Date.parse('2026-06-03T05:00:00Z'));
    expect(JSON.stringify(desk.made().found.placements)).toBe(JSON.stringify(before.found.placements));
    // taken, they stand as they were looked at
    expect(JSON.stringify(desk.takeLooked()?.made.found.placements)).toBe(JSON.stringify(made.found.placements));
    expect([desk.takeLooked(), desk.takeLooked('date')]).toEqual([undefined, undefined]);
  });
});
