import { daysSchema, readJobFile, writeJobFile } from '@oddment/contracts';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { convertIcsCalendar } from 'ts-ics';
import { describe, expect, it } from 'vitest';
import { house, houseRules } from '../../core/test/house.ts';
import { daysOutput, type DaysOptions } from './days.ts';

const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;

/** The first repairs of the house as a job file, with what its days are made by. */
function fileOf(count: number, days?: object) {
  let n = 0;
  const job = house(count);
  const named = {
    ...job,
    id: uuid(++n),
    areas: job.areas.map((a) => ({ ...a, id: uuid(++n), defects: a.defects.map((d) => ({ ...d, id: uuid(++n) })) })),
  };
  const read = readJobFile(JSON.stringify({ ...(JSON.parse(writeJobFile(named, houseRules)) as object), ...(days && { days }) }));
  if (!read.ok) throw new Error(read.problems.map((p) => `${p.path}: ${p.message}`).join('\n'));
  return read.value;
}

const asked: DaysOptions = { form: 'text', aim: 'finish', seed: 1, rounds: 8, stamp: '2026-05-30T10:00:00.000Z' };
const ajv = new Ajv2020({ strict: true, allErrors: true });
(formats as unknown as (validator: Ajv2020) => void)(ajv);
const validate = ajv.compile(daysSchema());

describe('the days of a job file', () => {
  const file = fileOf(9);

  it('are printed by day and person, with the bound and what is not in them', () => {
    const { text, whole } = daysOutput(file, asked);
    expect(whole).toBe(true);
    expect(text).toMatch(/^3 Mill Lane, Made up\nDone \w{3}, \w{3} \d+, \d\d:\d\d, on \d+ days of work, as early as can be\.\nNo plan can be done/);
    expect(text).toContain('\nMon, Jun 1\n  Ann\n');
    expect(text).toMatch(/\n {2}Bo\n/);
    expect(text).toContain('From then on');
    expect(text).not.toMatch(/undefined|NaN|Infinity|\[object/);
  });

  it('are a document that holds to its published schema, and says the same in US units', () => {
    const metric = JSON.parse(daysOutput(file, { ...asked, form: 'json' }).text) as { readonly days: object };
    expect(validate(metric) ? [] : validate.errors?.slice(0, 5)).toEqual([]);
    const us = daysOutput(file, { ...asked, form: 'json', units: 'us' }).text;
    expect(validate(JSON.parse(us)) ? [] : validate.errors?.slice(0, 5)).toEqual([]);
    // small amounts are told in mL beside their own unit; lengths and temperatures never
    expect(us).not.toMatch(/\d (mm|cm²|°C)\b/);
    const published: unknown = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../docs/days.schema.json'), 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(daysSchema())));
  });

  it('are a calendar that a parser of others reads, with the same ids when it is made again', () => {
    const { text } = daysOutput(file, { ...asked, form: 'ics' });
    const read = (ics: string) => convertIcsCalendar(undefined, ics).events ?? [];
    const events = read(text);
    const blocks = (
      JSON.parse(daysOutput(file, { ...asked, form: 'json' }).text) as { days: { people: { blocks: { from: string; end: string }[] }[] }[] }
    ).days.flatMap((d) => d.people.flatMap((p) => p.blocks));
    expect(events.map((e) => [e.start.date.toISOString(), e.end?.date.toISOString()]).sort()).toEqual(
      blocks.map((b) => [new Date(b.from).toISOString(), new Date(b.end).toISOString()]).sort(),
    );
    expect(new Set(events.map((e) => e.uid)).size).toBe(events.length);
    const again = read(daysOutput(file, { ...asked, form: 'ics', stamp: '2026-05-31T10:00:00.000Z' }).text);
    expect(again.map((e) => e.uid)).toEqual(events.map((e) => e.uid));
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it('tell what cannot be, and are not whole then', () => {
    const late = fileOf(2, { dates: [{ date: '2026-06-01', time: '08:00' }] });
    const { text, whole } = daysOutput(late, asked);
    expect(whole).toBe(false);
    expect(text).toContain('NOT DONE  CE-1: It ends');
    expect(text).toContain('It cannot be done');
    expect(text).toContain('Ways out, each tried');
  });

  it('are refused where what they are made by does not go with the job', () => {
    const { job, format, version } = JSON.parse(JSON.stringify(file)) as Record<string, object>;
    const read = readJobFile(JSON.stringify({ format, version, job, days: { things: { spade: 2, saw: 1.5 }, dates: [{ date: 'soon' }] } }));
    expect(read.ok ? [] : read.problems.map((p) => p.path)).toEqual(['days/things', 'days/dates/0/date']);
    const other = readJobFile(JSON.stringify({ format, version, job, days: { people: [{ person: 'cy' }] } }));
    expect(other.ok ? [] : other.problems).toEqual([{ path: 'days/people/0/person', message: "There is no person 'cy' in this job." }]);
  });
});
