import { unnamed } from '@oddment/core';
import { addKind, type Kind } from '@oddment/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { jobCsv, jobFileSchema, NewDefectBody, openApi, readJobFile, writeJobFile } from './index.ts';
import { check } from './check.ts';

const at = '2026-06-01T12:00:00Z';
const id = (n: number) => `3f0f9d6e-1111-4222-8333-44445555666${String(n)}`;

/** A kind that ships with nothing: it exists only while these tests run. */
const canvas: Kind = {
  id: 'sail-tear',
  surface: 'timber',
  title: 'tear in a sail',
  asks: [
    { field: 'tearMm', group: 'Size', ask: 'measure', kind: 'length', min: 10, max: 9000, required: true, question: 'Length of the tear' },
    {
      field: 'seam',
      group: 'Size',
      ask: 'choice',
      required: true,
      question: 'Does it cross a seam?',
      options: [
        { value: 'no', label: 'no' },
        { value: 'yes', label: 'yes' },
      ],
    },
    { field: 'patch', group: 'Size', ask: 'outline', min: 5, max: 3000, required: false, question: 'The patch', when: [{ field: 'seam', is: ['yes'] }] },
    { field: 'words', group: 'Size', ask: 'text', most: 40, required: false, question: 'What is it called?' },
  ],
  survey: () => ({ size: [], measured: [] }),
};
const fact = (value: unknown) => ({ value, how: 'measured', at });
const facts = { tearMm: fact(420), seam: fact('yes'), patch: fact({ shape: { is: 'rectangle', widthMm: 60, heightMm: 40 } }), words: fact('the "big", one') };
const defect = { id: id(3), change: id(4), kind: 'sail-tear', mark: 'S-01', facts, confirmed: [], decisions: [] };

describe('a new kind is one file in the core', () => {
  let gone: () => void = () => undefined;
  beforeAll(() => {
    gone = addKind(canvas);
  });
  afterAll(() => {
    gone();
  });

  it('is taken by the API, with its own sentences', () => {
    expect(check(NewDefectBody, defect).ok).toBe(true);
    const bad = check(NewDefectBody, { ...defect, facts: { ...facts, tearMm: fact(2), mast: fact(1) } });
    expect(bad.ok ? [] : bad.problems).toEqual([
      { path: 'facts/mast', message: "There is no field 'mast' here." },
      { path: 'facts/tearMm', message: 'Length of the tear: 2 mm cannot be. It must lie between 10 mm and 9.00 m.' },
    ]);
  });

  it('goes through a job file, whose schema knows it', () => {
    const job = {
      id: id(0),
      site: 'Quay',
      client: '',
      timeZone: 'UTC',
      units: 'metric' as const,
      startAt: at,
      crew: unnamed(1),
      areas: [{ id: id(1), name: 'Loft', facts: {}, defects: [{ ...defect, facts } as never] }],
    };
    const text = writeJobFile(job).replace(`"change": "${id(4)}",\n`, '');
    const read = readJobFile(text);
    expect(read.ok ? read.value.job.areas[0]?.defects[0]?.facts : read.problems).toEqual(facts);
    const ajv = new Ajv2020({ strict: false });
    (formats as unknown as (validator: Ajv2020) => void)(ajv);
    const validate = ajv.compile(jobFileSchema());
    expect(validate(JSON.parse(text)), JSON.stringify(validate.errors)).toBe(true);
    expect(validate(JSON.parse(text.replace('"sail-tear"', '"mast-tear"')))).toBe(false);
  });

  it('has columns in the CSV, and stands in the document of the API', () => {
    const job = {
      id: id(0),
      site: 'Quay',
      client: '',
      timeZone: 'UTC',
      units: 'metric' as const,
      startAt: at,
      crew: unnamed(1),
      areas: [{ id: id(1), name: '=Loft', facts: {}, defects: [defect as never] }],
    };
    expect(jobCsv(job)).toBe('area,mark,kind,tearMm,seam,patch,words,note\r\n\'=Loft,S-01,sail-tear,420,yes,rectangle 60 40,"the ""big"", one",\r\n');
    expect(JSON.stringify(openApi())).toContain('Length of the tear');
  });

  it('is gone with its test', () => {
    gone();
    expect(check(NewDefectBody, defect).ok).toBe(false);
    gone = addKind(canvas);
  });
});

describe('the CSV', () => {
  it('tells every compound fact in one cell', () => {
    const spall = {
      ...defect,
      kind: 'concrete-spall',
      note: 'by the door',
      facts: {
        outline: fact({
          points: [
            { xMm: 0, yMm: 0 },
            { xMm: 90, yMm: 0 },
            { xMm: 40, yMm: 50 },
          ],
        }),
        depths: fact({
          xMm: [0, 50],
          yMm: [0, 40],
          depthMm: [
            [0, 1],
            [2, 3],
          ],
        }),
      },
    };
    const bar = { ...defect, kind: 'bar-spall', facts: { tapping: fact({ cellMm: 100, rows: ['h.', 'ss'] }) } };
    const crack = {
      ...defect,
      kind: 'slab-crack',
      facts: {
        widths: fact([
          { atMm: 0, widthMm: 2 },
          { atMm: 90, widthMm: 3.5 },
        ]),
      },
    };
    const rows = jobCsv({
      id: id(0),
      site: 'Q',
      client: '',
      timeZone: 'UTC',
      units: 'metric',
      startAt: at,
      crew: unnamed(1),
      areas: [{ id: id(1), name: 'Hall', facts: {}, defects: [spall, bar, crack] as never }],
    }).split('\r\n');
    const header = rows[0]?.split(',') ?? [];
    const cell = (row: number, field: string) => rows[row]?.split(/,(?=(?:[^"]*"[^"]*")*[^"]*$)/)[header.indexOf(field)];
    expect([cell(1, 'outline'), cell(1, 'depths'), cell(1, 'note')]).toEqual(['"0,0 90,0 40,50"', 'x 0 50; y 0 40; 0 1; 2 3', 'by the door']);
    expect([cell(2, 'tapping'), cell(3, 'widths'), cell(3, 'outline')]).toEqual(['100 h. ss', '0:2 90:3.5', '']);
    expect(header.filter((h) => h === 'cause')).toHaveLength(1);
  });
});
