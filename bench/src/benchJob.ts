import { unnamed } from '@oddment/core';
import type { Area, Defect, Fact, Job, PlanInput } from '@oddment/core';

const at = '2026-06-01T12:00:00Z';
const fact = <V>(value: V): Fact<V> => ({ value, how: 'measured', at });

/** One of a thousand different cracks, the same ones at each run. */
export function benchJob(i: number): PlanInput {
  const lengthMm = 800 + ((i * 137) % 9000);
  const widthMm = 0.4 + ((i * 29) % 70) / 10;
  const answers = {
    lengthMm,
    widths: [
      { atMm: 0, widthMm: widthMm * 0.7 },
      { atMm: lengthMm / 2, widthMm },
      { atMm: lengthMm, widthMm: widthMm * 0.8 },
    ],
    depthMm: 40 + (i % 60),
    slabMm: 120 + (i % 5) * 20,
    member: 'slab-on-ground',
    reinforcement: 'plain',
    faces: 'level',
    ground: 'steady',
    movement: 'still',
    moisture: 'dry',
    located: 'clear',
    traffic: i % 3 === 0 ? 'hard-wheels' : 'foot',
    finish: i % 2 === 0 ? 'thin-coating' : 'none',
  };
  const facts = Object.fromEntries(Object.entries(answers).map(([field, value]) => [field, fact(value)]));
  const defect: Defect = { id: `d${String(i)}`, kind: 'slab-crack', mark: `B-${String(i)}`, confirmed: [], decisions: [], facts };
  const area: Area = {
    id: 'a',
    name: 'Bench',
    facts: { place: fact('inside'), airC: fact(18 + (i % 8)), slabC: fact(16 + (i % 9)), humidityPct: fact(45) },
    defects: [defect],
  };
  const job: Job = {
    id: 'j',
    site: 'Bench',
    client: '',
    timeZone: 'UTC',
    units: 'metric',
    startAt: '2026-06-02T06:00:00.000Z',
    crew: unnamed(i % 2 === 0 ? 2 : 1),
    areas: [area],
  };
  return { job, area, defect };
}
