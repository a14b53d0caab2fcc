import { unnamed } from '@oddment/core';
import { planRepair, type Area, type Defect, type Fact, type Job } from '@oddment/core';
import { parentPort, Worker, workerData } from 'node:worker_threads';

const known = <V>(value: V): Fact<V> => ({ value, how: 'measured', at: '2026-06-01T12:00:00Z' });
const facts = (values: Readonly<Record<string, unknown>>) => Object.fromEntries(Object.entries(values).map(([field, value]) => [field, known(value)]));

/** One of five surfaces in turn, each a little different. */
function mixed(i: number): { readonly kind: string; readonly answers: Readonly<Record<string, unknown>> } {
  const outline = { shape: { is: 'rectangle', widthMm: 40 + ((i * 37) % 400), heightMm: 30 + ((i * 23) % 300) } };
  const depthMm = 2 + ((i * 7) % 60);
  switch (i % 5) {
    case 0:
      return {
        kind: 'concrete-spall',
        answers: {
          outline,
          bottom: 'even',
          depthMm,
          position: ['floor', 'wall', 'overhead'][i % 3],
          barSeen: 'no',
          moisture: 'dry',
          oil: 'no',
          cause: 'impact',
          causeBy: 'gone',
          services: 'no',
          traffic: 'foot',
          look: 'passing',
          before: 'bare',
        },
      };
    case 1:
      return {
        kind: 'plaster-hole',
        answers: {
          outline,
          bottom: 'even',
          depthMm: 2 + (i % 20),
          position: 'wall',
          binder: ['gypsum', 'lime', 'cement'][i % 3],
          base: 'masonry',
          place: 'inside',
          moisture: i % 4 === 0 ? 'damp' : 'dry',
          cause: 'impact',
          causeBy: 'gone',
          services: 'no',
          paint: 'flat',
          light: 'soft',
          texture: 'smooth',
          look: 'passing',
        },
      };
    case 2:
      return {
        kind: 'drywall-hole',
        answers: {
          outline,
          rated: 'no',
          wetArea: 'no',
          position: 'wall',
          boardMm: 12.7,
          frame: 'wood',
          layers: 'one',
          knocked: 'no',
          softened: 'no',
          cause: 'impact',
          causeBy: 'gone',
          services: 'no',
          paint: 'flat',
          light: 'soft',
          texture: 'smooth',
          before: 'paint',
          look: 'passing',
        },
      };
    case 3:
      return {
        kind: 'timber-decay',
        answers: {
          outline,
          bottom: 'even',
          depthMm,
          end: 'no',
          member: 'sill',
          loaded: 'no',
          sectionMm: 70,
          place: 'outside',
          moisturePct: 10 + (i % 15),
          water: 'closed',
          finish: 'paint',
          grain: 'no',
          cause: 'joint',
          causeBy: 'us',
          services: 'no',
          look: 'passing',
        },
      };
    default:
      return {
        kind: 'tub-hole',
        answers: {
          outline,
          shell: 'gelcoat',
          part: i % 2 === 0 ? 'wall' : 'floor',
          flexMm: (i % 30) / 10,
          coated: 'no',
          silicone: 'no',
          drip: 'no',
          rust: 'no',
          match: 'color',
          cause: 'impact',
          causeBy: 'gone',
          services: 'no',
          look: 'close',
        },
      };
  }
}

/** The input of a mixed defect of the bench. */
export function mixedInput(i: number): { readonly job: Job; readonly area: Area; readonly defect: Defect } {
  const { kind, answers } = mixed(i);
  const area: Area = { id: 'a', name: 'Bench', facts: facts({ place: 'inside', airC: 20, slabC: 19, humidityPct: 45 }), defects: [] };
  const job: Job = {
    id: 'j',
    site: 'Bench',
    client: '',
    timeZone: 'UTC',
    units: 'metric',
    startAt: '2026-06-02T06:00:00.000Z',
    crew: unnamed(2),
    areas: [area],
  };
  return { job, area, defect: { id: `d${String(i)}`, kind, mark: `B-${String(i)}`, confirmed: [], decisions: [], facts: facts(answers) } };
}

function mixedPlans(count: number): () => number {
  const inputs = Array.from({ length: count }, (_v, i) => mixedInput(i));
  return () =>
    inputs.reduce((sum, input) => {
      const { defect } = input;
      const plan = planRepair(input);
      if (plan.state !== 'planned')
        throw new Error(
          `a mixed defect of the bench is not judged: ${defect.kind} ${plan.state === 'incomplete' ? JSON.stringify([plan.sense.defect.missing.map((a) => a.field), plan.sense.defect.refused.map((r) => r.field)]) : ''}`,
        );
      return sum + plan.candidates.length;
    }, 0);
}

const count = 1000;
/** how often the main thread looks whether it is still heard, in ms */
const beatMs = 5;

/** Judges the mixed defects as often as it is asked to, and tells how long each round took. */
export function answerMixed(): void {
  const judge = mixedPlans(count);
  const { rounds } = workerData as { rounds: number };
  judge();
  parentPort?.postMessage(
    Array.from({ length: rounds }, () => {
      const start = performance.now();
      judge();
      return performance.now() - start;
    }),
  );
}

/** A thousand mixed defects against the whole shelf in a worker, and how long the thread beside it was not heard meanwhile. */
export async function mixedRows(rounds: number, row: (words: string, times: readonly number[], aim?: number) => string): Promise<string[]> {
  let last = performance.now();
  let longest = 0;
  const beat = setInterval(() => {
    const now = performance.now();
    longest = Math.max(longest, now - last - beatMs);
    last = now;
  }, beatMs);
  const times = await new Promise<number[]>((done, failed) => {
    const worker = new Worker(new URL(import.meta.url), { workerData: { rounds } });
    worker.once('message', done);
    worker.once('error', failed);
  });
  clearInterval(beat);
  return [row(`${String(count)} mixed defects against the whole shelf, in a worker`, times, 300), row('  longest silence of the thread beside it', [longest])];
}
