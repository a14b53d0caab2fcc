import { readJobFile, writeJobFile, type JobRecord, type KeptDaysRecord } from '@oddment/contracts';
import { makeDays, placementsOf, planJob, usualHouseRules } from '@oddment/core';
import { sql } from 'drizzle-orm';
import { convertIcsCalendar } from 'ts-ics';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { house } from '../../core/test/house.ts';
import { now, stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('days');
});
afterAll(async () => {
  await world.close();
});

/** A job of the house with so many repairs, as the server has it. */
async function houseOf(count: number, days?: object): Promise<JobRecord> {
  const job = house(count);
  const idOf = new Map([job.id, ...job.areas.flatMap((a) => [a.id, ...a.defects.map((d) => d.id)])].map((id) => [id, uuid()]));
  const to = (id: string) => idOf.get(id) ?? id;
  const named = { ...job, id: to(job.id), areas: job.areas.map((a) => ({ ...a, id: to(a.id), defects: a.defects.map((d) => ({ ...d, id: to(d.id) })) })) };
  const file = JSON.parse(writeJobFile(named)) as object;
  const made = await owner.post('/api/job-files', {
    ...file,
    ...(days && { days: JSON.parse(JSON.stringify(days), (_k, v: unknown) => (typeof v === 'string' ? to(v) : v)) as object }),
  });
  expect([made.status, made.body]).toEqual([201, expect.anything()]);
  return made.body as unknown as JobRecord;
}

/** The days of a job as a page makes them, and what it sends to keep them. */
function pageDays(job: JobRecord) {
  const { days: setup = {}, ...rest } = job;
  const made = makeDays({ job: rest, plans: planJob(rest, usualHouseRules), rules: usualHouseRules, setup }, { aim: 'finish', seed: 1, rounds: 5 });
  return { made, body: { id: uuid(), change: uuid(), jobVersion: job.version, aim: 'finish', seed: 1, issue: true, placements: placementsOf(made) } };
}

describe('what days are made by', () => {
  it('is kept with the job, goes out with its file, and comes in again under new ids', async () => {
    const job = await houseOf(6, {
      people: [{ person: 'bo', off: ['2026-06-03'] }],
      areas: [{ area: 'Cellar', open: { from: '09:00', to: '15:00' }, through: 'Garage' }],
      dates: [{ date: '2026-06-30' }, { defect: 'CE-1', date: '2026-06-20' }],
      pins: [{ defect: 'CE-2', step: 'brush', date: '2026-06-02', time: '09:00', people: ['ann'] }],
    });
    expect(job.days?.areas?.[0]).toEqual({ area: job.areas[0]?.id, open: { from: '09:00', to: '15:00' }, through: job.areas[1]?.id });
    expect(job.days?.dates?.[1]?.defect).toBe(job.areas[0]?.defects[0]?.id);
    const file = JSON.stringify((await owner.get(`/api/jobs/${job.id}/file`)).body);
    const read = readJobFile(file);
    expect(read.ok && read.value.days?.pins?.[0]?.defect).toBe(job.areas[0]?.defects[1]?.id);
    // a page of the version before sends none, and takes none away
    const fields = { site: job.site, client: job.client, timeZone: job.timeZone, units: job.units, startAt: job.startAt, crew: job.crew };
    const answer = await owner.put(`/api/jobs/${job.id}`, { ...fields, change: uuid(), version: 1 });
    expect([answer.status, answer.body['days']]).toEqual([200, job.days]);
    const wrong = await owner.put(`/api/jobs/${job.id}`, {
      ...fields,
      change: uuid(),
      version: 2,
      days: { areas: [{ area: job.areas[0]?.id, open: { from: '15:00', to: '09:00' } }] },
    });
    expect([wrong.status, wrong.body['detail']]).toEqual([422, 'It ends at 09:00, which is not after 15:00.']);
    // what is gone takes what was said of it along
    const first = job.areas[0]?.defects[0];
    await owner.ask('DELETE', `/api/defects/${first?.id ?? ''}`, { change: uuid(), version: 1 });
    const later = readJobFile(JSON.stringify((await owner.get(`/api/jobs/${job.id}/file`)).body));
    expect(later.ok && later.value.days?.dates).toEqual([{ date: '2026-06-30' }]);
  });
});

describe('kept days', () => {
  it('are gone through by the server, kept with what they were made from, and issue what is not issued', async () => {
    const job = await houseOf(5);
    const { made, body } = pageDays(job);
    const answer = await owner.post(`/api/jobs/${job.id}/days`, body);
    expect([answer.status, answer.body]).toEqual([
      201,
      {
        id: body.id,
        version: 1,
        jobId: job.id,
        core: expect.any(String) as string,
        aim: 'finish',
        doneAt: made.plan.doneAt,
        visits: made.plan.visits,
        keptAt: now,
        keptBy: 'Owner of days',
      },
    ]);
    // the same again is the same
    expect((await owner.post(`/api/jobs/${job.id}/days`, body)).status).toBe(200);
    expect((await owner.get(`/api/jobs/${job.id}/days`)).body).toHaveLength(1);
    const kept = (await owner.get(`/api/days/${body.id}`)).body as unknown as KeptDaysRecord;
    expect(kept.days.days.map((d) => d.people.map((p) => p.blocks.map((b) => [b.id, b.start])))).toEqual(
      made.plan.days.map((d) => d.people.map((p) => p.blocks.map((b) => [b.id, b.start]))),
    );
    const plans = (await owner.get(`/api/jobs/${job.id}/plans`)).body as unknown as { mark: string; issuedBy: string }[];
    expect(plans.map((p) => p.mark).sort()).toEqual(made.problem.repairs.map((r) => r.mark).sort());
    // kept once more nothing is issued twice
    const again = pageDays(job).body;
    expect((await owner.post(`/api/jobs/${job.id}/days`, again)).status).toBe(201);
    expect((await owner.get(`/api/jobs/${job.id}/plans`)).body).toHaveLength(plans.length);
  });

  it('are refused where the job moved on, or where they do not hold on it, and then nothing is issued', async () => {
    const job = await houseOf(4);
    const { body } = pageDays(job);
    const refusedFor = async (change: object) => {
      const answer = await owner.post(`/api/jobs/${job.id}/days`, { ...body, id: uuid(), change: uuid(), ...change });
      return [answer.status, answer.body['detail']];
    };
    expect(await refusedFor({ jobVersion: 7 })).toEqual([409, expect.stringMatching(/^The job was changed meanwhile/)]);
    expect(await refusedFor({ placements: body.placements.map((p) => ({ ...p, start: 0, end: 10 })) })).toEqual([409, expect.stringMatching(/do not hold/)]);
    expect(await refusedFor({ placements: [] })).toEqual([409, expect.stringMatching(/nothing in these days/)]);
    // an answer of a defect is another now: its steps take other times
    const defect = job.areas[0]?.defects[0];
    if (!defect) throw new Error('no defect');
    const { id: _id, version: _v, ...rest } = defect;
    const longer = { ...rest, facts: { ...rest.facts, lengthMm: { value: 9000, how: 'entered', at: now } }, change: uuid(), version: 1 };
    expect((await owner.put(`/api/defects/${defect.id}`, longer)).status).toBe(200);
    expect((await refusedFor({}))[0]).toBe(409);
    expect((await owner.get(`/api/jobs/${job.id}/plans`)).body).toEqual([]);
    expect((await owner.get(`/api/jobs/${job.id}/days`)).body).toEqual([]);
  });

  it('go out as a sheet for each person and day, as a calendar and as a table, and are read by nobody else', async () => {
    const job = await houseOf(5, { areas: [{ area: 'Cellar', open: { from: '07:00', to: '16:00' } }] });
    const { body } = pageDays(job);
    await owner.post(`/api/jobs/${job.id}/days`, body);
    const days = ((await owner.get(`/api/days/${body.id}`)).body as unknown as KeptDaysRecord).days;
    const ics = await owner.get(`/api/days/${body.id}/days.ics?person=ann`);
    const events = convertIcsCalendar(undefined, ics.text).events ?? [];
    const own = days.days.flatMap((d) => d.people.filter((p) => p.person === 'ann').flatMap((p) => p.blocks));
    expect(events.map((e) => e.uid).sort()).toEqual(own.map((b) => `${job.id}/${b.id}/ann@oddment`).sort());
    const csv = (await owner.get(`/api/days/${body.id}/days.csv`)).text.trim().split('\r\n');
    expect(csv.length).toBe(1 + days.days.flatMap((d) => d.people.flatMap((p) => p.blocks)).length);
    const pdf = await owner.bytes(`/api/days/${body.id}/sheets.pdf?date=${days.days[0]?.date ?? ''}`);
    expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
    const stranger = await world.owner('strangers');
    for (const path of [
      `/api/days/${body.id}`,
      `/api/days/${body.id}/days.ics`,
      `/api/days/${body.id}/days.csv`,
      `/api/days/${body.id}/sheets.pdf`,
      `/api/jobs/${job.id}/days`,
    ])
      expect([path, (await stranger.get(path)).status]).toEqual([path, 404]);
    // withdrawn, and brought back
    expect((await owner.ask('DELETE', `/api/days/${body.id}`, { change: uuid(), version: 1 })).status).toBe(200);
    expect((await owner.get(`/api/days/${body.id}`)).status).toBe(404);
    expect((await owner.post(`/api/days/${body.id}/restore`, { change: uuid(), version: 2 })).status).toBe(200);
    expect((await owner.get(`/api/days/${body.id}`)).status).toBe(200);
  });

  it('are never changed by the database', async () => {
    await expect(world.database.db.execute(sql`update kept_days set core = 'another'`)).rejects.toThrow();
  });
});
