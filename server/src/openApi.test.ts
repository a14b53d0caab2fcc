import { openApi, routeNames, routeOf } from '@oddment/contracts';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { pixel } from '../test/pictures.ts';
import { madeJob, stage, uuid, type Person, type Stage } from '../test/api.ts';

interface Document {
  readonly openapi: string;
  readonly paths: Record<
    string,
    Record<string, { operationId: string; requestBody?: { content: Record<string, { example?: unknown }> }; responses: Record<string, unknown> }>
  >;
  readonly components: { readonly schemas: Record<string, object> };
}

const document = openApi() as unknown as Document;
const ajv = new Ajv2020({ strict: false });
(formats as unknown as (validator: Ajv2020) => void)(ajv);
ajv.addSchema(JSON.parse(JSON.stringify(document)) as object, 'api');
const schemaNamed = (name: string) => ajv.compile({ $ref: `api#/components/schemas/${name}` });
const isProblem = schemaNamed('Problem');

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('documented');
});
afterAll(async () => {
  await world.close();
});

/** An address of the API with the id of something that is there, where there is such a thing. */
async function address(path: string): Promise<string> {
  if (!path.includes('{id}')) return `/api${path}`;
  const { job, area, defect } = await madeJob(owner);
  if (path.startsWith('/photos')) {
    const photo = { id: uuid(), change: uuid(), jpeg: pixel.toString('base64') };
    await owner.post(`/api/defects/${defect.id}/photos`, photo);
    return `/api${path.replace('{id}', photo.id)}`;
  }
  const id = path.startsWith('/jobs') ? job.id : path.startsWith('/areas') ? area.id : path.startsWith('/defects') ? defect.id : uuid();
  return `/api${path.replace('{id}', id)}`;
}

describe('the OpenAPI document', () => {
  it('is served, and lists every route and no other', async () => {
    expect((await world.person().get('/api/openapi.json')).body).toEqual(JSON.parse(JSON.stringify(document)));
    expect(document.openapi).toBe('3.1.0');
    const listed = Object.values(document.paths).flatMap((methods) => Object.values(methods).map((o) => o.operationId));
    expect(listed.sort()).toEqual([...routeNames].sort());
  });

  it.each(routeNames.filter((n) => routeOf(n).body !== undefined))('%s has an example that its own schema takes', (name) => {
    const { body, example } = routeOf(name);
    expect(example).toBeDefined();
    const validate = schemaNamed(body?.name ?? '');
    expect(validate(example), JSON.stringify(validate.errors)).toBe(true);
  });

  it.each(routeNames.filter((n) => routeOf(n).stream === undefined))('%s answers its example with a status that is documented', async (name) => {
    const { method, path, example } = routeOf(name);
    const guest = ['readSession', 'signIn', 'signOut', 'firstAccount', 'demoSignIn', 'oneTime'].includes(name);
    const person = guest ? world.person() : owner;
    const answer = await person.ask(method.toUpperCase(), await address(path), example);
    const documented = Object.keys(document.paths[`/api${path}`]?.[method]?.responses ?? {});
    expect([...documented, '401', '403', '409']).toContain(String(answer.status));
    if (answer.status >= 400) expect(isProblem(answer.body), JSON.stringify(answer.body)).toBe(true);
  });
});

/** What attacks send: names that every object has, nesting without end, arrays and objects in each other's place. */
const nasty = fc.oneof(
  fc
    .constantFrom('constructor', '__proto__', 'prototype', 'toString', 'hasOwnProperty')
    .chain((key) => fc.jsonValue({ maxDepth: 1 }).map((value) => `{"${key}": ${JSON.stringify(value)}}`)),
  fc.constantFrom('[', '{"a":').map((open) => `${open.repeat(4000)}1${(open === '[' ? ']' : '}').repeat(4000)}`),
  fc.constantFrom(
    '[]',
    '[[]]',
    '[{}]',
    '{"0":{}}',
    'null',
    'true',
    '1e999',
    '-0',
    '""',
    '"\\u0000"',
    '"\\ud800"',
    '{"length":1e9}',
    '{"then":1}',
    '{"toJSON":"x"}',
  ),
);

describe('bad input, generated', () => {
  const broken = fc.oneof(
    fc.jsonValue({ maxDepth: 3 }),
    fc.object({ maxDepth: 3 }),
    fc.string().map((s) => `{"x": ${s}`),
  );

  it.each(routeNames.filter((n) => routeOf(n).body !== undefined && !['signIn', 'oneTime', 'firstAccount'].includes(n)))(
    '%s never answers 500, always a problem with a path',
    async (name) => {
      const { method, path, example = {} } = routeOf(name);
      const at = await address(path);
      const attacked = fc.tuple(fc.constantFrom(...Object.keys(example)), nasty, fc.boolean()).map(
        ([key, value, marked]) =>
          `${marked ? '\ufeff' : ''}{${Object.entries(example)
            .map(([k, v]) => `${JSON.stringify(k)}: ${k === key ? value : JSON.stringify(v)}`)
            .join(', ')}}`,
      );
      const mutated = fc.tuple(fc.constantFrom(...Object.keys(example)), fc.jsonValue({ maxDepth: 2 })).map(([key, value]) => ({ ...example, [key]: value }));
      await fc.assert(
        fc.asyncProperty(fc.oneof(broken, mutated, nasty, attacked), async (body) => {
          const answer = await owner.ask(method.toUpperCase(), at, typeof body === 'string' ? body : JSON.stringify(body));
          expect(answer.status).toBeLessThan(500);
          if (answer.status >= 400) expect(isProblem(answer.body), JSON.stringify(answer.body)).toBe(true);
          if (answer.status === 422) expect((answer.body['problems'] as { path?: unknown }[]).every((p) => typeof p.path === 'string')).toBe(true);
        }),
        { numRuns: 50 },
      );
    },
  );
});
