import { planSchema, readJobFile } from '@oddment/contracts';
import { planRepair, plansRecord, type RepairPlan } from '@oddment/core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { describe, expect, it } from 'vitest';
import { planInput } from '../../core/test/cracks.ts';
import { everyMethod } from '../../core/test/everyMethod.ts';
import { planOutput } from './plan.ts';

const ajv = new Ajv2020({ strict: true, allErrors: true });
(formats as unknown as (validator: Ajv2020) => void)(ajv);
const validate = ajv.compile(planSchema());

interface Read {
  readonly mark: string;
  readonly figures?: readonly { readonly id: string; readonly origin: { readonly source?: string } }[];
  readonly work?: { readonly steps: readonly { readonly id: string }[]; readonly links: readonly { readonly from: string; readonly to: string }[] };
}
interface Document {
  readonly sources: Readonly<Record<string, string>>;
  readonly units: Readonly<Record<string, string>>;
  readonly plans: readonly Read[];
}

/** Everything that a value refers to: figures by their id, sources by theirs, kinds of quantity. */
function referred(value: unknown, out = { figures: new Set<string>(), sources: new Set<string>() }) {
  if (Array.isArray(value)) for (const one of value) referred(one, out);
  else if (typeof value === 'object' && value !== null)
    for (const [key, one] of Object.entries(value)) {
      if (key === 'figure' && typeof one === 'string') out.figures.add(one);
      else if (key === 'source' && typeof one === 'string') out.sources.add(one);
      else referred(one, out);
    }
  return out;
}

function whole(text: string): Document {
  const document = JSON.parse(text) as Document;
  expect(validate(document) ? [] : validate.errors?.slice(0, 5)).toEqual([]);
  for (const plan of document.plans) {
    const known = new Set((plan.figures ?? []).map((f) => f.id));
    const { figures, sources } = referred(plan);
    expect([...figures].filter((id) => !known.has(id))).toEqual([]);
    expect([...sources].filter((id) => document.sources[id] === undefined)).toEqual([]);
    const steps = new Set((plan.work?.steps ?? []).map((s) => s.id));
    for (const { from, to } of plan.work?.links ?? []) expect(steps.has(from) && steps.has(to)).toBe(true);
  }
  return document;
}

const written = (...plans: readonly RepairPlan[]) => JSON.stringify(plansRecord('j1', plans));

describe('the published schema of plans', () => {
  it('is the one in docs', () => {
    const published: unknown = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../docs/plan.schema.json'), 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(planSchema())));
  });

  it.each([{}, { slabC: 11.3, airC: 13.7, humidityPct: 61.5 }])('takes every kind with every system, and nothing in it points at nothing, at %j', (area) => {
    const kinds = new Set<string>();
    for (const { kind, plan } of everyMethod(area)) {
      kinds.add(kind);
      whole(written(plan));
    }
    expect(kinds.size).toBeGreaterThan(20);
  });

  it('takes plans that are not complete, doubted and refused', () => {
    const absent = undefined as never;
    for (const setting of [
      { answers: { lengthMm: absent } },
      { area: { airC: absent } },
      { answers: { depthMm: 400 } },
      { answers: { moisture: 'damp', movement: 'moving', movementMm: 1.4 } },
      { answers: { member: 'suspended' } },
    ])
      whole(written(planRepair(planInput(setting))));
  });

  it.each(['job-1', 'job-2-bathhouse', 'job-2-cottages', 'job-2-reading-room'])('takes the plans of the whole job %s', (name) => {
    const read = readJobFile(readFileSync(resolve(import.meta.dirname, `../../core/test/kept/${name}.json`), 'utf8'));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(whole(planOutput(read.value, { form: 'json' })).plans.length).toBeGreaterThan(0);
  });

  it('refuses what stands in no plan', () => {
    const document = JSON.parse(written(planRepair(planInput()))) as { plans: Record<string, unknown>[] };
    expect(validate({ ...document, plans: [{ ...document.plans[0], extra: 1 }] })).toBe(false);
    const { candidates: _none, ...rest } = document.plans[0] ?? {};
    expect(validate({ ...document, plans: [rest] })).toBe(false);
  });
});
