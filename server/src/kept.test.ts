import type { FirmRecord, ProductRecord, SessionRecord } from '@oddment/contracts';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { stage, uuid, type Answer, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('kept');
});
afterAll(async () => {
  await world.close();
});

const message = ({ body }: Answer) => JSON.stringify(body);

/** What a version that knew more, or other names, left in the database. */
describe('what is kept and not understood', () => {
  it('stays with a product that is saved again, and is refused where it is new or changed', async () => {
    const id = uuid();
    const product = { title: 'Old friend', basedOn: 'polymer-mortar-2k', sheet: 'sheet of 2019', figures: { 'lift/floor': 25 }, packs: [] };
    expect((await owner.post('/api/products', { id, change: uuid(), ...product })).status).toBe(201);
    await world.owned.execute(sql`update products set version = 2, product = jsonb_set(product::jsonb, '{figures,lift/nowhere}', '3') where id = ${id}`);
    const figures = { 'lift/floor': 28, 'lift/nowhere': 3 };
    const saved = await owner.put(`/api/products/${id}`, { change: uuid(), version: 2, ...product, figures });
    expect([saved.status, (saved.body as unknown as ProductRecord).figures]).toEqual([200, figures]);
    const changed = await owner.put(`/api/products/${id}`, { change: uuid(), version: 3, ...product, figures: { ...figures, 'lift/nowhere': 4 } });
    expect([changed.status, message(changed)]).toEqual([422, expect.stringContaining("'lift/nowhere' is no figure of")]);
    const added = await owner.put(`/api/products/${id}`, { change: uuid(), version: 3, ...product, figures: { ...figures, 'lift/else': 4 } });
    expect([added.status, message(added)]).toEqual([422, expect.stringContaining("'lift/else' is no figure of")]);
    // taken out of it, it is gone
    const out = await owner.put(`/api/products/${id}`, { change: uuid(), version: 3, ...product });
    expect([out.status, (out.body as unknown as ProductRecord).figures]).toEqual([200, product.figures]);
  });

  it('stays among the rates of a firm that are saved again, and is refused where it is new or changed', async () => {
    const firm = async () => ((await owner.get('/api/session')).body as unknown as SessionRecord).firm as FirmRecord;
    await world.owned.execute(sql`update firms set rules = jsonb_set(rules::jsonb, '{rates}', '{"plasteringByMoon": 7}')`);
    expect((await firm()).rules.rates).toEqual({ plasteringByMoon: 7 });
    const put = async (rates: Record<string, number>) => owner.put('/api/firm', { change: uuid(), version: (await firm()).version, schools: {}, rates });
    const saved = await put({ plasteringByMoon: 7, mixMin: 5 });
    expect([saved.status, (saved.body as unknown as FirmRecord).rules.rates]).toEqual([200, { plasteringByMoon: 7, mixMin: 5 }]);
    const changed = await put({ plasteringByMoon: 8 });
    expect([changed.status, message(changed)]).toEqual([422, expect.stringContaining("There is no rate 'plasteringByMoon' to set.")]);
    expect((await put({ plasteringByMoon: 7, mixMin: -1 })).status).toBe(422);
    expect((await put({ plasteringBySun: 8 })).status).toBe(422);
  });
});
