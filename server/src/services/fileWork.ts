import { checkJobFile, parsedJson, type Problem } from '@oddment/contracts';
import { daysRenamed, offerRenamed } from '@oddment/core';
import { randomUUID } from 'node:crypto';
import { HttpProblem } from '../problem.ts';
import { columnsOf, type Entity } from '../store/jobStore.ts';
import { areaValues, defectValues, jobValues } from './recordService.ts';

export interface FileTask {
  readonly text: string;
  readonly firmId: string;
  /** instant at which it is taken in */
  readonly at: string;
}

/** A job file as rows that PostgreSQL reads itself, as JSON text in portions: nothing of it is built again on the way there. */
export interface FileRows {
  readonly ok: true;
  readonly jobId: string;
  readonly portions: readonly { readonly entity: 'job' | 'area' | 'defect'; readonly rows: string }[];
}

export type FileDone = FileRows | { readonly ok: false; readonly status: number; readonly detail: string; readonly problems: readonly Problem[] };

const perPortion = 250;

/** A row by the names of its columns, with everything that a new record begins with. */
function rowOf(entity: Entity, values: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const whole: Record<string, unknown> = { version: 1, schools: {}, archived: false, ...values };
  return Object.fromEntries(columnsOf(entity).map(([field, name]) => [name, whole[field] ?? null]));
}

function portionsOf(entity: 'job' | 'area' | 'defect', rows: readonly object[]) {
  return Array.from({ length: Math.ceil(rows.length / perPortion) }, (_, i) => ({
    entity,
    rows: JSON.stringify(rows.slice(i * perPortion, (i + 1) * perPortion)),
  }));
}

/** Checks a job file and makes its rows, with ids of their own. It runs in a thread: a large file takes seconds. */
export function readFile({ text, firmId, at }: FileTask): FileDone {
  const parsed = parsedJson(text);
  if (!parsed.ok) return { ok: false, status: 400, detail: 'The body is not JSON.', problems: parsed.problems };
  const read = checkJobFile(parsed.value.input);
  if (!read.ok) {
    const { problems } = read;
    return { ok: false, status: 422, detail: `The job file has ${problems.length === 1 ? 'one problem' : `${String(problems.length)} problems`}.`, problems };
  }
  const file = read.value;
  const own = () => ({ id: randomUUID(), firmId, createdAt: at });
  try {
    const job = own();
    const areas = file.job.areas.map((a) => ({ a, made: own(), defects: a.defects.map((d) => ({ d, made: own() })) }));
    const idOf = new Map(areas.flatMap(({ a, made, defects }) => [[a.id, made.id] as const, ...defects.map(({ d, made: one }) => [d.id, one.id] as const)]));
    const days = file.days && daysRenamed(file.days, idOf);
    const offer = file.offer && offerRenamed(file.offer, idOf);
    const areaRows = areas.map(({ a, made }, i) => rowOf('area', { ...made, ...areaValues(a), jobId: job.id, position: i + 1 }));
    const defectRows = areas.flatMap(({ made: area, defects }) =>
      defects.map(({ d, made }, i) => rowOf('defect', { ...made, ...defectValues(d), areaId: area.id, position: i + 1 })),
    );
    return {
      ok: true,
      jobId: job.id,
      portions: [
        ...portionsOf('job', [rowOf('job', { ...job, ...jobValues(file.job), ...(days && { days }), ...(offer && { offer }) })]),
        ...portionsOf('area', areaRows),
        ...portionsOf('defect', defectRows),
      ],
    };
  } catch (error) {
    // what is refused of the values crosses the thread as words
    if (error instanceof HttpProblem) return { ok: false, status: error.status, detail: error.message, problems: error.problems ?? [] };
    throw error;
  }
}
