import { unnamed } from '@oddment/core';
import type { ProductFileReport, ProductRecord, ProductVersion, ShelfRecord } from '@oddment/contracts';
import { genericEpoxy, usualSafeLifts } from '@oddment/core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { stage, uuid, type Answer, type Person, type Stage } from '../test/api.ts';

const mortar = (more: object = {}) => ({
  title: 'Quick mortar',
  basedOn: 'polymer-mortar-2k',
  sheet: 'sheet of 2026',
  figures: { 'lift/floor': 25 },
  packs: [{ size: 25_000, unit: 'g', price: { amount: 31.5, currency: 'USD', on: '2026-05-01' } }],
  ...more,
});

let world: Stage;
let owner: Person;
let other: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('shelf');
  other = await world.owner('another');
});
afterAll(async () => {
  await world.close();
});

const shelfOf = async (person: Person) => (await person.get('/api/shelf')).body as unknown as ShelfRecord;
const made = async (more: object = {}) =>
  (await owner.post('/api/products', { id: uuid(), change: uuid(), ...mortar(more) })) as Answer & { body: ProductRecord & Record<string, unknown> };
const problemsOf = ({ body }: Answer) => (body['problems'] as { path: string; message: string }[]).map((p) => `${p.path}: ${p.message}`).join(' ');

describe('products of the firm', () => {
  it('are kept, seen by their firm alone, and every version of them stays', async () => {
    const { status, body } = await made();
    expect(status).toBe(201);
    const { id, version } = body;
    expect((await owner.put(`/api/products/${id}`, { change: uuid(), version, ...mortar({ figures: { 'lift/floor': 30 } }) })).status).toBe(200);
    expect((await owner.put(`/api/products/${id}`, { change: uuid(), version, ...mortar() })).status).toBe(409);
    expect((await shelfOf(owner)).products).toMatchObject([{ id, version: 2, title: 'Quick mortar', figures: { 'lift/floor': 30 } }]);
    expect((await shelfOf(other)).products).toEqual([]);
    expect((await other.get(`/api/products/${id}/versions`)).status).toBe(404);
    const versions = (await owner.get(`/api/products/${id}/versions`)).body as unknown as ProductVersion[];
    expect(versions.map((v) => [v.version, v.product.figures['lift/floor']])).toEqual([
      [2, 30],
      [1, 25],
    ]);
    expect(versions[0]?.by).not.toBe('');
    const gone = await owner.delete(`/api/products/${id}`, { change: uuid(), version: 2 });
    expect(gone.status).toBe(200);
    expect((await shelfOf(owner)).products).toEqual([]);
    expect((await owner.post(`/api/products/${id}/restore`, { change: uuid(), version: 3 })).status).toBe(200);
    expect((await shelfOf(owner)).products).toHaveLength(1);
  });

  it('are refused with the path of what cannot be', async () => {
    expect(problemsOf(await made({ figures: { 'lift/floor': 0.02, moon: 1 } }))).toMatch(
      /figures\/lift\/floor: .*look at its unit.*figures\/moon: 'moon' is no figure/,
    );
    expect(problemsOf(await made({ basedOn: 'moon' }))).toContain('basedOn: The generic system must be one of');
    expect(problemsOf(await made({ packs: [{ size: -1, unit: 'lb' }] }))).toContain('packs/0/size');
    expect(problemsOf(await made({ kinetics: genericEpoxy }))).toContain('safeLift: Its safe lifts are missing');
    expect(problemsOf(await made({ kinetics: genericEpoxy, safeLift: { ...usualSafeLifts.neat, rows: [...usualSafeLifts.neat.rows].reverse() } }))).toContain(
      'from cold to warm',
    );
    expect((await made({ title: 'Resin', basedOn: 'epoxy-mortar', figures: {}, kinetics: genericEpoxy, safeLift: usualSafeLifts.neat })).status).toBe(201);
  });
});

describe('a file of products', () => {
  const send = (text: string, change = uuid()) => owner.post('/api/product-files', { change, text });
  it('makes what is new, changes what is there, and reports each line', async () => {
    const text = 'title,basedOn,sheet,lift/floor\nQuick mortar,polymer-mortar-2k,sheet of 2027,28\nSlow mortar,polymer-mortar-2k,s,20\nNo mortar,moon,s,20\n';
    const change = uuid();
    const first = (await send(text, change)).body as unknown as ProductFileReport;
    expect(first).toMatchObject({
      made: 1,
      changed: 1,
      lines: [
        { line: 2, problems: [] },
        { line: 3, problems: [] },
        { line: 4, problems: ["basedOn is 'moon'. It must be the id of a generic system, such as polymer-mortar-2k."] },
      ],
    });
    const own = (await shelfOf(owner)).products;
    expect(own.find((p) => p.title === 'Quick mortar')).toMatchObject({ sheet: 'sheet of 2027', figures: { 'lift/floor': 28 } });
    // sent again by a client that did not hear the answer: nothing twice
    await send(text, change);
    expect((await shelfOf(owner)).products.map((p) => p.title).sort()).toEqual(own.map((p) => p.title).sort());
  });

  it('goes out as it comes in', async () => {
    const out = await owner.get('/api/products?format=json');
    const back = await other.post('/api/product-files', { change: uuid(), text: JSON.stringify(out.body) });
    expect(back.body).toMatchObject({ changed: 0 });
    expect((await shelfOf(other)).products.map((p) => p.title).sort()).toEqual((await shelfOf(owner)).products.map((p) => p.title).sort());
  });

  it('keeps what was computed from kinetics, which no file tells', async () => {
    await send('title,basedOn,sheet,lift/floor\nResin,epoxy-mortar,another sheet,15\n');
    expect((await shelfOf(owner)).products.find((p) => p.title === 'Resin')).toMatchObject({
      sheet: 'another sheet',
      kinetics: genericEpoxy,
      safeLift: { limitC: 60 },
    });
  });
});

describe('stock', () => {
  it('is kept by whoever works on the site, changed and taken out', async () => {
    const finisher = await world.member(owner, 'shelf-finisher', 'finisher');
    const pack = { of: 'polymer-mortar-2k', lot: 'L-1', count: 3, expiresOn: '2027-01-31' };
    const { status, body } = await finisher.post('/api/stock', { id: uuid(), change: uuid(), ...pack });
    expect(status).toBe(201);
    const id = String(body['id']);
    expect((await finisher.put(`/api/stock/${id}`, { change: uuid(), version: 1, ...pack, count: 2, openedOn: '2026-06-01' })).body).toMatchObject({
      version: 2,
      count: 2,
      openedOn: '2026-06-01',
    });
    expect((await shelfOf(finisher)).stock).toMatchObject([{ id, count: 2 }]);
    expect(problemsOf(await finisher.put(`/api/stock/${id}`, { change: uuid(), version: 2, ...pack, count: -1 }))).toContain('How many must lie between');
    expect((await finisher.delete(`/api/stock/${id}`, { change: uuid(), version: 2 })).status).toBe(200);
    expect((await shelfOf(finisher)).stock).toEqual([]);
  });
});

describe('plans on the firm’s shelf', () => {
  it('take a job file’s products along, and issue a plan with the product’s figures', async () => {
    const { body } = await made({ title: 'Own resin', basedOn: 'rapid-crack-resin', figures: { 'working/gel': 9 } });
    const job = { site: 'Mill', client: 'Trust', timeZone: 'Europe/Paris', units: 'metric', startAt: '2026-06-03T05:00:00Z', crew: unnamed(2) };
    const jobId = uuid();
    await owner.post('/api/jobs', { id: jobId, change: uuid(), ...job });
    const file = (await owner.get(`/api/jobs/${jobId}/file`)).body as { products: { id: string }[] };
    expect(file.products.map((p) => p.id)).toContain(body.id);
    expect((await owner.post('/api/job-files', file)).status).toBe(201);
  });
});
