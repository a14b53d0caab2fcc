import { defectKinds, planRepair, type Area, type Job, type LooseFacts } from '@oddment/core';
import { writeJobFile } from '@oddment/contracts';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { surveyedPlan } from '../../core/test/defects.ts';
import { planInput } from '../../core/test/cracks.ts';
import { fact, newArea, newDefect, newJob, stage, uuid, type Person, type Stage } from '../test/api.ts';

let world: Stage;
let owner: Person;
beforeAll(async () => {
  world = await stage();
  owner = await world.owner('choices');
});
afterAll(async () => {
  await world.close();
});

const factsOf = (kind: string): LooseFacts => (kind === 'slab-crack' ? planInput().defect.facts : surveyedPlan(kind).defect.facts);

it('every system and every combination that Match names can be chosen, through the API and in a job file', async () => {
  const [job, area] = [newJob(), { ...newArea(), facts: { place: fact('inside'), airC: fact(20), slabC: fact(20), humidityPct: fact(45) } }];
  await owner.post('/api/jobs', job);
  await owner.post(`/api/jobs/${job.id}/areas`, area);
  const refused: string[] = [];
  let chosen = 0;
  for (const { id: kind } of defectKinds()) {
    const made = { ...newDefect(), kind, facts: factsOf(kind) };
    expect((await owner.post(`/api/areas/${area.id}/defects`, made)).status).toBe(201);
    const { change: _change, ...defect } = made;
    const whole: Job = { ...(job as unknown as Job), areas: [] };
    const plan = planRepair({ job: whole, area: { ...area, defects: [] } as unknown as Area, defect: defect });
    const candidates = plan.state === 'planned' ? plan.candidates : [];
    const { id: _id, ...body } = defect;
    let version = 1;
    for (const { system } of candidates.filter((c) => c.verdicts.length > 1 || c.grade !== 'out')) {
      const choice = { system: system.id, reason: 'tried' };
      const answer = await owner.put(`/api/defects/${made.id}`, { ...body, choice, change: uuid(), version });
      chosen += 1;
      if (answer.status === 200) version += 1;
      else refused.push(`${kind}, ${system.id}: ${JSON.stringify(answer.body['problems'])}`);
    }
    const { change: _jobChange, ...ownJob } = whole as Job & { change: string };
    const { change: _areaChange, ...ownArea } = area;
    const each = candidates.map(({ system }) => ({ ...defect, id: uuid(), choice: { system: system.id, reason: 'tried' } }));
    const file = JSON.parse(writeJobFile({ ...ownJob, id: uuid(), areas: [{ ...ownArea, id: uuid(), defects: each }] as unknown as Area[] })) as object;
    const sent = await owner.post('/api/job-files', file);
    if (sent.status !== 201) refused.push(`${kind}, in a file: ${JSON.stringify(sent.body['problems'])}`);
  }
  expect(refused).toEqual([]);
  expect(chosen).toBeGreaterThan(120);
});
