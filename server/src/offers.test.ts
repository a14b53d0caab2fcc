import { readJobFile, type JobRecord, type OfferRecord, type OfferSummary } from '@oddment/contracts';
import { makeOffer, usualTerms, type Offer } from '@oddment/core';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { now, stage, uuid, type Person, type Stage } from '../test/api.ts';
import { houseOf } from '../test/houseOf.ts';
import { pagesOf } from '../test/pagesOf.ts';

let world: Stage;
let owner: Person;
const rules = { schools: {}, labor: { perHour: 47.35, currency: 'USD', since: '2026-01-01' } };
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('offers');
  expect((await owner.put('/api/firm', { change: uuid(), version: 1, ...rules })).status).toBe(200);
});
afterAll(async () => {
  await world.close();
});

/** The offer of a job as a page makes it. */
function pageOffer({ offer: setup = {}, days: _days, ...job }: JobRecord, terms = usualTerms): Offer {
  const made = makeOffer({ job, rules, products: [], setup, terms, firm: '', at: now });
  if (!made.ok) throw new Error(made.why);
  return made.offer;
}
const keep = (job: JobRecord, more: object = {}, by = owner) =>
  by.post(`/api/jobs/${job.id}/offers`, { id: uuid(), change: uuid(), jobVersion: job.version, totalMinor: pageOffer(job).totalMinor, ...more });
const kept = async (id: string) => (await owner.get(`/api/offers/${id}`)).body as unknown as OfferRecord;

describe('what an offer is made by', () => {
  it('is kept with the job, goes out with its file and comes in again under new ids, and a page that sends none takes none away', async () => {
    const job = await houseOf(owner, 4, { offer: { repairs: [{ defect: 'CE-2', out: true }], extras: [{ id: 'e1', title: 'Travel', minor: 4000 }] } });
    const [, second] = job.areas[0]?.defects ?? [];
    expect(job.offer).toEqual({ repairs: [{ defect: second?.id, out: true }], extras: [{ id: 'e1', title: 'Travel', minor: 4000 }] });
    const read = readJobFile(JSON.stringify((await owner.get(`/api/jobs/${job.id}/file`)).body));
    expect(read.ok && read.value.offer).toEqual(job.offer);
    const fields = { site: job.site, client: job.client, timeZone: job.timeZone, units: job.units, startAt: job.startAt, crew: job.crew };
    expect((await owner.put(`/api/jobs/${job.id}`, { ...fields, change: uuid(), version: 1 })).body['offer']).toEqual(job.offer);
    const wrong = await owner.put(`/api/jobs/${job.id}`, { ...fields, change: uuid(), version: 2, offer: { extras: [{ id: 'e', title: '', minor: 0.5 }] } });
    expect([wrong.status, JSON.stringify(wrong.body['problems'])]).toEqual([422, expect.stringContaining('must be a whole number')]);
  });
});

describe('terms of offers', () => {
  it('are the usual until they are set, and are set at the version that was read', async () => {
    const { version, ...terms } = (await owner.get('/api/offer-terms')).body as unknown as typeof usualTerms & { version: number };
    expect([version, terms]).toEqual([0, usualTerms]);
    const own = { ...usualTerms, letterhead: 'Rook & Son\nMill Lane 4', taxes: [{ name: 'Sales tax', percent: 8.25 }] };
    const other = await world.owner('offer-terms');
    expect((await other.put('/api/offer-terms', { change: uuid(), version: 0, ...own })).body).toEqual({ ...own, version: 1 });
    const stale = await other.put('/api/offer-terms', { change: uuid(), version: 0, ...own });
    expect([stale.status, stale.body['current']]).toEqual([409, { ...own, version: 1 }]);
    const next = await other.put('/api/offer-terms', { change: uuid(), version: 1, ...own, validDays: 14 });
    expect([next.status, next.body['version']]).toEqual([200, 2]);
    for (const [wrong, says] of [
      [{ logo: 'data:image/svg+xml;base64,AAAA' }, 'PNG or JPEG'],
      [{ validDays: 0 }, 'between 1 and 365'],
      [{ taxes: [{ name: 'Tax', percent: 120 }] }, 'between 0 and 100'],
    ] as const)
      expect(JSON.stringify((await other.put('/api/offer-terms', { change: uuid(), version: 2, ...own, ...wrong })).body)).toContain(says);
    // and those of one firm are none of another's
    expect((await owner.get('/api/offer-terms')).body['version']).toBe(0);
  });
});

describe('kept offers', () => {
  it('are made by the server, numbered one after the other, and stay as they were kept', async () => {
    const job = await houseOf(owner, 5);
    const answer = await keep(job);
    expect(answer.status).toBe(201);
    const first = answer.body as unknown as OfferSummary;
    expect(first).toMatchObject({
      number: '2026-001',
      currency: 'USD',
      state: 'open',
      repairs: 5,
      totalMinor: pageOffer(job).totalMinor,
      validUntil: '2026-07-02',
    });
    const { offer } = await kept(first.id);
    expect({ ...offer, firm: '' }).toEqual(pageOffer(job));
    // what is measured, or costs, otherwise later moves nothing of it
    const defect = job.areas[0]?.defects[0];
    await owner.ask('DELETE', `/api/defects/${defect?.id ?? ''}`, { change: uuid(), version: 1 });
    expect((await kept(first.id)).offer).toEqual(offer);
    await expect(world.owned.execute(sql`update offers set offer = '{}' where id = ${first.id}::uuid`)).rejects.toThrow();
    await expect(world.owned.execute(sql`update offers set total_minor = 1 where id = ${first.id}::uuid`)).rejects.toThrow();
    const all = (await owner.get(`/api/jobs/${job.id}/offers`)).body as unknown as OfferSummary[];
    expect(all.map((o) => o.number)).toEqual(['2026-001']);
  });

  it('have each a number of their own, also where several are kept at once; a withdrawn one keeps its own', async () => {
    const jobs = await Promise.all([1, 2, 3, 4].map((n) => houseOf(owner, n)));
    const before = (await Promise.all(jobs.map((j) => keep(j)))).map((a) => (a.body as unknown as OfferSummary).number);
    expect(new Set(before).size).toBe(4);
    const [job] = jobs as [JobRecord];
    const [one] = (await owner.get(`/api/jobs/${job.id}/offers`)).body as unknown as OfferSummary[];
    expect((await owner.ask('DELETE', `/api/offers/${one?.id ?? ''}`, { change: uuid(), version: 1 })).status).toBe(200);
    expect((await owner.get(`/api/jobs/${job.id}/offers`)).body).toEqual([]);
    expect((await owner.get(`/api/offers/${one?.id ?? ''}`)).status).toBe(404);
    const bin = (await owner.get('/api/bin')).body as unknown as { entity: string; mark: string }[];
    expect(bin.some((b) => b.entity === 'offer' && b.mark === one?.number)).toBe(true);
    const next = (await keep(job)).body as unknown as OfferSummary;
    expect(before).not.toContain(next.number);
    expect((await owner.post(`/api/offers/${one?.id ?? ''}/restore`, { change: uuid(), version: 2 })).status).toBe(200);
  });

  it('are not kept unseen: another version, another sum or no rate is refused in words; a repeat is kept once', async () => {
    const job = await houseOf(owner, 2);
    expect((await keep(job, { jobVersion: 7 })).status).toBe(409);
    const other = await keep(job, { totalMinor: 1 });
    expect([other.status, other.body['detail']]).toEqual([409, expect.stringMatching(/^The offer comes to USD [\d,.]+ now, and not to 0\.01\./)]);
    const [id, change] = [uuid(), uuid()];
    const [first, again] = [await keep(job, { id, change }), await keep(job, { id, change })];
    expect([first.status, again.status, again.body['number']]).toEqual([201, 200, first.body['number']]);
    const poor = await world.owner('no-rate');
    const theirs = await houseOf(poor, 1);
    const none = await poor.post(`/api/jobs/${theirs.id}/offers`, { id: uuid(), change: uuid(), jobVersion: 1, totalMinor: 0 });
    expect([none.status, none.body['detail']]).toEqual([422, expect.stringContaining('House rules')]);
    // nothing of one firm is there for another
    expect((await poor.get(`/api/offers/${id}`)).status).toBe(404);
    expect((await poor.post(`/api/jobs/${job.id}/offers`, { id: uuid(), change: uuid(), jobVersion: 1, totalMinor: 0 })).status).toBe(404);
  });

  it('note what the client said, and take it back', async () => {
    const job = await houseOf(owner, 1);
    const { id } = (await keep(job)).body as unknown as OfferSummary;
    const waiting = async () => ((await owner.get('/api/jobs')).body as unknown as { id: string; offered?: number }[]).find((j) => j.id === job.id)?.offered;
    expect(await waiting()).toBe(1);
    const said = (version: number, state: string) => owner.put(`/api/offers/${id}`, { change: uuid(), version, state });
    expect((await said(1, 'accepted')).body).toMatchObject({ state: 'accepted', answeredAt: now, version: 2 });
    expect(await waiting()).toBeUndefined();
    expect((await said(1, 'declined')).status).toBe(409);
    const open = (await said(2, 'open')).body;
    expect([open['state'], open['answeredAt']]).toEqual(['open', undefined]);
    expect((await said(3, 'maybe')).status).toBe(422);
    const changes = (await owner.get(`/api/jobs/${job.id}/changes`)).body as unknown as { changes: { entity: string; mark: string }[] };
    expect(changes.changes.filter((c) => c.entity === 'offer').map((c) => c.mark)[0]).toMatch(/^2026-\d{3}$/);
  });

  it('go out as PDF with their number, every line and the sums to the cent', async () => {
    const job = await houseOf(owner, 9, { offer: { others: true, repairs: [{ defect: 'CE-2', out: true }], words: 'As we saw it together on Tuesday.' } });
    const { id, number } = (await keep(job)).body as unknown as OfferSummary;
    const { offer } = await kept(id);
    const text = (await pagesOf(await owner.bytes(`/api/offers/${id}/offer.pdf`))).join(' ').replaceAll(' ', '');
    const has = (words: string) => {
      expect(text).toContain(words.replaceAll(' ', ''));
    };
    has(`Offer ${number}`);
    has('As we saw it together on Tuesday.');
    for (const line of offer.lines) {
      has(line.mark);
      has(line.way.title);
      has((line.minor / 100).toFixed(2).replace(/\B(?=(\d{3})+\.)/g, ','));
    }
    has('Found, and not in this offer');
    has('left out of this offer');
    for (const words of [...offer.excluded, ...offer.conditions]) has(words);
  });
});
