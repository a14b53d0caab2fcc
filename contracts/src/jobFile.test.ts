import { unnamed } from '@oddment/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { checkJobFile, jobFileSchema, readJobFile, writeJobFile } from './jobFile.ts';

const at = '2026-06-01T12:00:00Z';
const id = (n: number) => `3f0f9d6e-1111-4222-8333-44445555666${String(n)}`;
const fact = (value: unknown) => ({ value, how: 'measured', at });

function file(change: (job: Record<string, unknown>, facts: Record<string, unknown>) => void = () => undefined) {
  const facts: Record<string, unknown> = {
    lengthMm: { ...fact(4200), text: '4.2 m' },
    widths: fact([
      { atMm: 0, widthMm: 2, text: '2' },
      { atMm: 2100, widthMm: 5 },
    ]),
    depthMm: fact(80),
    slabMm: fact(120),
    member: fact('slab-on-ground'),
  };
  const defect = {
    id: id(2),
    kind: 'slab-crack',
    mark: 'A-01',
    facts,
    confirmed: ['uneven-width'],
    decisions: [{ stop: 'step', who: 'R. E.', capacity: 'engineer', what: 'fill it', on: '2026-05-20' }],
    choice: { system: 'rapid-crack-resin', reason: 'so' },
    schools: { 'chase-depth': 'deep' },
    sand: 'two',
    note: 'wet in winter',
  };
  const job: Record<string, unknown> = {
    id: id(0),
    site: 'Site',
    client: 'Client',
    timeZone: 'Europe/Paris',
    units: 'us',
    startAt: '2026-06-02T05:00:00Z',
    crew: unnamed(2),
    areas: [{ id: id(1), name: 'Hall', facts: { place: fact('inside'), airC: fact(17) }, defects: [defect] }],
  };
  change(job, facts);
  return { format: 'oddment-job', version: 3, job, rules: { schools: {} } };
}

const ajv = new Ajv2020({ strict: true, allErrors: true });
(formats as unknown as (validator: Ajv2020) => void)(ajv);
const bySchema = ajv.compile(jobFileSchema());

describe('the job file', () => {
  it('comes back as it was written', () => {
    const read = readJobFile(JSON.stringify(file()));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    const again = readJobFile(writeJobFile(read.value.job, read.value.rules));
    expect(JSON.parse(JSON.stringify(again))).toEqual(JSON.parse(JSON.stringify(read)));
    expect(JSON.parse(JSON.stringify(read))).toMatchObject({ value: file() });
  });

  it('reads a file of its first version, which knew the chase alone', () => {
    const now = file();
    const first = {
      ...now,
      version: 1,
      rules: { chase: 'shallow' },
      job: {
        ...now.job,
        areas: (now.job['areas'] as { defects: Record<string, unknown>[] }[]).map((area) => ({
          ...area,
          defects: area.defects.map(({ schools, ...d }) => ({ ...d, ...(schools !== undefined && { chase: 'deep' }) })),
        })),
      },
    };
    const read = readJobFile(JSON.stringify(first));
    expect(JSON.parse(JSON.stringify(read))).toMatchObject({ ok: true, value: { version: 3, rules: { schools: { 'chase-depth': 'shallow' } }, job: now.job } });
    const byTraffic = readJobFile(JSON.stringify({ ...first, rules: { chase: 'by-traffic' } }));
    expect(byTraffic.ok && byTraffic.value.rules?.schools).toEqual({});
  });

  it.each([
    ['no JSON', '{ nope', '', /not JSON/],
    ['another format', JSON.stringify({ ...file(), format: 'other' }), 'format', /must be one of oddment-job/],
    ['a later version', JSON.stringify({ ...file(), version: 4 }), 'version', /must be one of 3/],
    ['no job', JSON.stringify({ format: 'oddment-job', version: 3 }), 'job', /missing/],
    [
      'an unknown field deep inside',
      JSON.stringify(
        file((_job, facts) => {
          facts['color'] = fact('gray');
        }),
      ),
      'job/areas/0/defects/0/facts/color',
      /no field 'color'/,
    ],
    [
      'a crack deeper than its slab',
      JSON.stringify(
        file((_job, facts) => {
          facts['depthMm'] = fact(200);
        }),
      ),
      'job/areas/0/defects/0/facts/depthMm',
      /cannot be deeper/,
    ],
    [
      'a side that there is not',
      JSON.stringify({ ...file(), rules: { schools: { 'chase-depth': 'wide' } } }),
      'rules/schools',
      /no side of 'How deep to chase\?'/,
    ],
    [
      'a start without zone',
      JSON.stringify(
        file((job) => {
          job['startAt'] = '2026-06-02';
        }),
      ),
      'job/startAt',
      /date and time|time zone/,
    ],
  ])('refuses %s, with the path', (_what, text, path, words) => {
    const read = readJobFile(text);
    expect(read.ok).toBe(false);
    const found = read.ok ? [] : read.problems;
    expect(
      found.some((p) => p.path === path && words.test(p.message)),
      JSON.stringify(found),
    ).toBe(true);
  });
});

describe('the published schema', () => {
  it('is the one in docs, made from the same tables', () => {
    const published: unknown = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../docs/job-file.schema.json'), 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(jobFileSchema())));
  });

  it('takes what the reader takes', () => {
    expect(bySchema(file()), JSON.stringify(bySchema.errors)).toBe(true);
  });

  it.each([
    [
      'an unknown field',
      file((job) => {
        job['extra'] = 1;
      }),
    ],
    [
      'an unknown fact',
      file((_job, facts) => {
        facts['color'] = fact('gray');
      }),
    ],
    [
      'a length out of range',
      file((_job, facts) => {
        facts['lengthMm'] = fact(1);
      }),
    ],
    [
      'an answer that is none',
      file((_job, facts) => {
        facts['member'] = fact('roof');
      }),
    ],
    [
      'a fact without its how',
      file((_job, facts) => {
        facts['lengthMm'] = { value: 4200, at };
      }),
    ],
    [
      'nobody at all',
      file((job) => {
        job['crew'] = [];
      }),
    ],
    [
      'no areas',
      file((job) => {
        delete job['areas'];
      }),
    ],
  ])('refuses %s, as the reader does', (_what, input) => {
    expect(bySchema(input)).toBe(false);
    expect(checkJobFile(JSON.parse(JSON.stringify(input))).ok).toBe(false);
  });
});
