import { readJobFile, type DaysAhead, type JobRecord, type KeptDaysRecord } from '@oddment/contracts';
import { makeDays, placementsOf, planJob, travelMin, usualHouseRules, type Elsewhere } from '@oddment/core';
import { sql } from 'drizzle-orm';
import { convertIcsCalendar } from 'ts-ics';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { now, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { houseOf as houseBy } from '../test/houseOf.ts';

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
const houseOf = (count: number, days?: object, by = owner) => houseBy(by, count, days && { days });

/** The days of a job as a page makes them, and what it sends to keep them. */
async function pageDays(job: JobRecord, by = owner) {
  const { days: setup = {}, ...rest } = job;
  const elsewhere = (await by.get(`/api/jobs/${job.id}/elsewhere`)).body as unknown as Elsewhere[];
  const made = makeDays({ job: rest, plans: planJob(rest, usualHouseRules), rules: usualHouseRules, setup, elsewhere }, { aim: 'finish', seed: 1, rounds: 5 });
  return {
    made,
    elsewhere,
    body: { id: uuid(), change: uuid(), jobVersion: job.version, aim: 'finish', seed: 1, issue: true, placements: placementsOf(made) },
  };
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
    const { made, body } = await pageDays(job);
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
    const again = (await pageDays(job)).body;
    expect((await owner.post(`/api/jobs/${job.id}/days`, again)).status).toBe(201);
    expect((await owner.get(`/api/jobs/${job.id}/plans`)).body).toHaveLength(plans.length);
  });

  it('are refused where the job moved on, or where they do not hold on it, and then nothing is issued', async () => {
    const job = await houseOf(4);
    const { body } = await pageDays(job);
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
    // nobody works on the second day: what is kept wet has to have somebody come for it
    const off = ['2026-06-02'];
    const job = await houseOf(5, {
      areas: [{ area: 'Cellar', open: { from: '07:00', to: '16:00' } }],
      people: [
        { person: 'ann', off },
        { person: 'bo', off },
      ],
    });
    const { body } = await pageDays(job);
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
    // who keeps something wet on a day without work has that in his calendar
    const wet = days.wet.find((w) => w.nobody.length > 0);
    const [on = ''] = wet?.nobody ?? [];
    expect([on, ics.text.includes('Ann: keep')]).toEqual([expect.stringMatching(/^2026-/), false]);
    const { id: _i, version, areas: _a, ...fields } = (await owner.get(`/api/jobs/${job.id}`)).body as unknown as JobRecord;
    await owner.put(`/api/jobs/${job.id}`, {
      ...fields,
      days: { ...fields.days, wets: [{ defect: wet?.defect, date: on, person: 'ann' }] },
      change: uuid(),
      version,
    });
    const wetted = (await pageDays((await owner.get(`/api/jobs/${job.id}`)).body as unknown as JobRecord)).body;
    expect((await owner.post(`/api/jobs/${job.id}/days`, wetted)).status).toBe(201);
    const named = convertIcsCalendar(undefined, (await owner.get(`/api/days/${wetted.id}/days.ics?person=ann`)).text).events ?? [];
    expect(named.filter((e) => e.summary === `ann: keep ${wet?.mark ?? ''} wet`.replace('ann', 'Ann')).map((e) => e.uid)).toEqual([
      `${job.id}/wet/${wet?.mark ?? ''}/${on}@oddment`,
    ]);
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
    await expect(world.owned.execute(sql`update kept_days set core = 'another'`)).rejects.toThrow();
  });
});

describe('people of a firm with several jobs', () => {
  it('are in one place at a time: where a job has kept its days, another plans around them, and is refused where it did not', async () => {
    const firm = await world.owner('two sites');
    const [one, two] = [await houseOf(5, undefined, firm), await houseOf(6, undefined, firm)];
    expect((await firm.get(`/api/jobs/${two.id}/elsewhere`)).body).toEqual([]);
    const unaware = await pageDays(two, firm);
    const first = await pageDays(one, firm);
    expect((await firm.post(`/api/jobs/${one.id}/days`, first.body)).status).toBe(201);
    // made before the other job kept its days: somebody would be at both
    const refused = await firm.post(`/api/jobs/${two.id}/days`, unaware.body);
    expect([refused.status, refused.body['detail']]).toEqual([409, expect.stringMatching(/do not hold/)]);
    // two that keep theirs at the very same time: one of them is told of the other
    const [three, four] = [await houseOf(5, undefined, firm), await houseOf(5, undefined, firm)];
    const both = await Promise.all([pageDays(three, firm), pageDays(four, firm)]);
    const answers = await Promise.all([three, four].map((j, i) => firm.post(`/api/jobs/${j.id}/days`, both[i]?.body ?? {})));
    expect(answers.map((a) => a.status).sort()).toEqual([201, 409]);
    for (const j of [three, four]) await firm.ask('DELETE', `/api/jobs/${j.id}`, { change: uuid(), version: j.version });
    const aware = await pageDays(two, firm);
    expect(new Set(aware.elsewhere.map((e) => e.site))).toEqual(new Set([one.site]));
    expect((await firm.post(`/api/jobs/${two.id}/days`, aware.body)).status).toBe(201);
    const blocks = async (id: string) =>
      ((await firm.get(`/api/days/${id}`)).body as unknown as KeptDaysRecord).days.days.flatMap((d) =>
        d.people.flatMap((p) => p.blocks.map((b) => ({ ...b, who: p.name }))),
      );
    const [a, b] = [await blocks(first.body.id), await blocks(aware.body.id)];
    for (const x of a)
      for (const y of b)
        if (x.who === y.who)
          expect([
            x.id,
            y.id,
            Date.parse(x.end) + travelMin * 60_000 <= Date.parse(y.from) || Date.parse(y.end) + travelMin * 60_000 <= Date.parse(x.from),
          ]).toEqual([x.id, y.id, true]);
    // its own days are no reason against keeping them once more, and what is withdrawn counts no more
    expect((await firm.post(`/api/jobs/${two.id}/days`, (await pageDays(two, firm)).body)).status).toBe(201);
    await firm.ask('DELETE', `/api/days/${first.body.id}`, { change: uuid(), version: 1 });
    expect((await firm.get(`/api/jobs/${two.id}/elsewhere`)).body).toEqual([]);
  });

  it('are told with what is ahead of all jobs, from today on, of their own firm alone', async () => {
    const firm = await world.owner('ahead');
    const job = await houseOf(5, { forecast: 'coast' }, firm);
    const { body } = await pageDays(job, firm);
    await firm.post(`/api/jobs/${job.id}/days`, body);
    const ahead = (await firm.get('/api/days')).body as unknown as DaysAhead[];
    expect(ahead.map((d) => [d.jobId, d.keptId, d.site, d.today, d.forecast])).toEqual([[job.id, body.id, job.site, '2026-06-02', 'coast']]);
    const dates = ahead[0]?.days.days.map((d) => d.date) ?? [];
    expect([dates.length > 0, dates.every((d) => d >= '2026-06-02')]).toEqual([true, true]);
    // the job began a day before
    expect(((await firm.get(`/api/days/${body.id}`)).body as unknown as KeptDaysRecord).days.days[0]?.date).toBe('2026-06-01');
    await firm.ask('DELETE', `/api/jobs/${job.id}`, { change: uuid(), version: job.version });
    expect((await firm.get('/api/days')).body).toEqual([]);
    expect((await owner.get(`/api/jobs/${job.id}/elsewhere`)).status).toBe(404);
  });
});
