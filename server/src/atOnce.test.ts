import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeDays, makeOffer, placementsOf, planJob, usualTerms } from '@oddment/core';
import { houseOf } from '../test/houseOf.ts';
import { pixel } from '../test/pictures.ts';
import { madeJob, now, stage, uuid, type Answer, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
let other: pg.Client;
/** sees what goes on from outside any transaction: within one it would always see the same */
let watch: pg.Client;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('at-once');
  [other, watch] = [new pg.Client({ connectionString: world.url }), new pg.Client({ connectionString: world.url })];
  for (const client of [other, watch]) await client.connect();
});
afterAll(async () => {
  for (const client of [other, watch]) await client.end();
  await world.close();
});

/** Waits until so many requests of the server wait in the database for what another transaction holds. */
async function waiting(count: number): Promise<void> {
  await expect
    .poll(
      async () => {
        const { rows } = await watch.query<{ n: number }>(
          `select count(*)::int as n from pg_stat_activity where datname = current_database() and wait_event_type = 'Lock'`,
        );
        return rows[0]?.n;
      },
      { timeout: 15_000 },
    )
    .toBe(count);
}

/** What requests are answered that come while somebody's change of the same record is being written. */
async function during(statement: string, id: string, ask: () => readonly Promise<Answer>[]): Promise<Answer[]> {
  await other.query('begin');
  await other.query(statement, [id]);
  const asked = ask();
  try {
    await waiting(asked.length);
  } finally {
    await other.query('commit');
  }
  return Promise.all(asked);
}

describe('a change that comes while another of the same record is being written', () => {
  it('is told how the record stands after it, whatever record it is', async () => {
    const { job, area, defect } = await madeJob(owner);
    const member = { id: uuid(), change: uuid(), name: 'Ada', login: 'at-once-ada', role: 'finisher' };
    expect((await owner.post('/api/people', member)).status).toBe(201);
    const changed = { change: uuid(), version: 1 };
    const cases: readonly [string, string, string, object][] = [
      ['jobs', job.id, 'jobs', { ...job, ...changed, id: undefined }],
      ['areas', area.id, 'areas', { ...area, ...changed, change: uuid(), id: undefined }],
      ['defects', defect.id, 'defects', { ...defect, ...changed, change: uuid(), id: undefined }],
      ['accounts', member.id, 'people', { change: uuid(), version: 1, name: 'Ada B', role: 'finisher', disabled: false }],
    ];
    for (const [table, id, path, body] of cases) {
      const [met] = await during(`update ${table} set version = version + 1 where id = $1`, id, () => [owner.put(`/api/${path}/${id}`, body)]);
      expect([path, met?.status, met?.body['current']]).toEqual([path, 409, expect.objectContaining({ id, version: 2 })]);
      if (path !== 'people') expect(met?.body['detail']).toContain('it is now at 2');
    }
  });

  it('and is the same change again, is answered as the first one left the record', async () => {
    const { area } = await madeJob(owner);
    const change = { change: uuid(), version: 1, name: 'Great hall', facts: {} };
    const [first, repeat] = await during('select id from areas where id = $1 for update', area.id, () => [
      owner.put(`/api/areas/${area.id}`, change),
      owner.put(`/api/areas/${area.id}`, change),
    ]);
    for (const answer of [first, repeat]) expect([answer?.status, answer?.body]).toEqual([200, expect.objectContaining({ version: 2, name: 'Great hall' })]);
  });
});

describe('two owners', () => {
  it('who disable each other at the same moment leave one who can sign in', async () => {
    // a firm of their own: which of the two is left is not known beforehand
    const first = await world.owner('at-once-one');
    const second = await world.member(first, 'at-once-two', 'owner');
    const people = (await first.get('/api/people')).body as unknown as { id: string; login: string; name: string; role: string; version: number }[];
    const [one, two] = ['at-once-one', 'at-once-two'].map((login) => people.find((p) => p.login === login));
    const disable = (by: Person, p: typeof one) =>
      by.put(`/api/people/${p?.id ?? ''}`, { change: uuid(), version: p?.version, name: p?.name, role: 'owner', disabled: true });
    const answers = await during('select a.id from firms f join accounts a on a.firm_id = f.id where a.id = $1 for update', one?.id ?? '', () => [
      disable(first, two),
      disable(second, one),
    ]);
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409]);
  });
});

describe('an id that is there already', () => {
  it('is refused to another change in words, and given to the change that made it, whatever is kept by it', async () => {
    const rules = { schools: {}, labor: { perHour: 50, currency: 'USD', since: '2026-01-01' } };
    expect((await owner.put('/api/firm', { change: uuid(), version: 1, ...rules })).status).toBe(200);
    const job = await houseOf(owner, 2);
    const [area] = job.areas;
    const [defect] = area?.defects ?? [];
    const versions = { jobVersion: job.version, areaVersion: area?.version, defectVersion: defect?.version };
    const made = makeOffer({ job, rules: rules, products: [], setup: {}, terms: usualTerms, firm: '', at: now });
    const days = makeDays({ job, plans: planJob(job, rules), rules: rules, setup: {} }, { aim: 'finish', seed: 1, rounds: 2 });
    const picture = { jpeg: pixel.toString('base64') };
    const cases: readonly [string, object][] = [
      [`/api/defects/${defect?.id ?? ''}/photos`, picture],
      [`/api/areas/${area?.id ?? ''}/photos`, picture],
      [`/api/defects/${defect?.id ?? ''}/plans`, versions],
      [`/api/jobs/${job.id}/offers`, { jobVersion: job.version, totalMinor: made.ok ? made.offer.totalMinor : 0 }],
      [`/api/jobs/${job.id}/days`, { jobVersion: job.version, aim: 'finish', seed: 1, issue: false, placements: placementsOf(days) }],
    ];
    for (const [path, body] of cases) {
      const one = { ...body, id: uuid(), change: uuid() };
      const answers = [await owner.post(path, one), await owner.post(path, one), await owner.post(path, { ...one, change: uuid() })];
      expect([path, ...answers.map((a) => a.status)]).toEqual([path, 201, 200, 409]);
      expect(answers[2]?.body['detail']).toBe('This id is taken. Make a new one.');
    }
  });
});
