import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../test/house.ts';
import { weatherRecord, type WeatherPoint } from '../climate/weatherRecord.ts';
import { tell, type Saying } from '../quantity/saying.ts';
import { daysRecord, daysToday, type DaysRecord } from './daysRecord.ts';
import { makeDays } from './makeDays.ts';
import { planJob } from './repairPlan.ts';
import { endOfDay, overnight } from './endOfDay.ts';
import { insteadOf, rainOn, weatherCall } from './weatherCall.ts';
import type { DaysSetup } from '../schedule/days/setup.ts';

const whole = house();
/** The house with what stands in its yard: its garage as if it had no roof. */
const yard = {
  ...whole,
  areas: whole.areas.map((a) => (a.name === 'Garage' ? { ...a, facts: { ...a.facts, place: { ...a.facts.place, value: 'outside' } } } : a)),
} as typeof whole;
const how = { units: 'metric', timeZone: whole.timeZone } as const;
const told = (s: Saying) => tell(s, { ...how, day: '1970-01-01T12:00:00Z' });

function recordOf(job: typeof whole, setup: DaysSetup = {}) {
  const made = makeDays({ job, plans: planJob(job, houseRules), rules: houseRules, setup }, { aim: 'finish', seed: 1, rounds: 1 });
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
    const resins = nights.filter(([mark]) => /resin/i.test(systemOf(mark)) && !/mortar/i.test(systemOf(mark)));
    expect(resins.length).toBeGreaterThan(0);
    for (const [mark, min] of resins) expect([mark, min]).toEqual([mark, 0]);
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
  it('is told to each of what he was at, behind his last mix, and of what he keeps wet', () => {
    for (const d of record.days)
      for (const p of d.people) {
        const said = endOfDay(record, d.date, p.person).map(told);
        expect([p.name, said[0]?.startsWith('Last mix: ') ?? false]).toEqual([p.name, p.lastMix !== undefined]);
        const marks = new Set(p.blocks.map((b) => b.mark));
        for (const s of said.slice(p.lastMix ? 1 : 0)) expect([s, [...marks].some((m) => s.includes(m))]).toEqual([s, true]);
      }
    const alone = record.wet.find((w) => w.nobody.length > 0);
    const [date = ''] = alone?.nobody ?? [];
    const person = yard.crew[0]?.id ?? '';
    const named = recordOf(yard, { wets: [{ defect: alone?.defect ?? '', date, person }] }).record;
    expect(endOfDay(named, named.days[0]?.date ?? '', person).map(told)).toContainEqual(
      expect.stringContaining(`${alone?.mark ?? ''} in ${alone?.place ?? ''} is kept wet by you on `),
    );
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
