import {
  ChangeAreaBody,
  ChangeDefectBody,
  ChangeJobBody,
  jobCsv,
  NewAreaBody,
  NewDefectBody,
  NewJobBody,
  PlaceDefectBody,
  VersionBody,
  writeJobFile,
} from '@oddment/contracts';
import { readAsked, readFace } from '@oddment/core';
import { HttpProblem, notFound } from '../problem.ts';
import { importedJob, importJob } from '../services/jobFileService.ts';
import { areaValues, changeRecord, createRecord, defectValues, jobValues, placeDefect } from '../services/recordService.ts';
import type { Database } from '../store/database.ts';
import { findDefects } from '../store/findStore.ts';
import { listJobs, readJob, type Entity } from '../store/jobStore.ts';
import { picturesWithMarks } from '../store/photoStore.ts';
import { listProducts } from '../store/shelfStore.ts';
import { isUuid, madeStatus, type Call, type Handler } from './call.ts';
import { answerInLines, linesType } from './inLines.ts';
import { baseOf, sendPdf, unitsAsked } from './sendPdf.ts';

/** Something in the address that cannot be read. */
function refused(path: string, message: string): HttpProblem {
  return new HttpProblem(422, message, { problems: [{ path, message }] });
}

function withoutVersions(job: NonNullable<Awaited<ReturnType<typeof readJob>>>) {
  const { version: _job, archived: _put, ...rest } = job;
  return {
    ...rest,
    // pictures are not in the file, and so nothing lies anywhere on them
    areas: job.areas.map(({ version: _area, ...area }) => ({ ...area, defects: area.defects.map(({ version: _defect, spot: _spot, ...defect }) => defect) })),
  };
}

const fileName = (words: string) => words.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();

/** Jobs with their areas and defects. */
export function jobHandlers(db: Database) {
  const wholeJob = async ({ scope, id }: Call) => {
    const job = await readJob(db, scope, id);
    if (!job) throw notFound('This job');
    return job;
  };
  const changed = async (
    entity: Entity,
    { scope, id }: Call,
    body: { change: string; version: number },
    action: 'change' | 'delete' | 'restore',
    values: Readonly<Record<string, unknown>>,
  ) => (await changeRecord(db, scope, entity, id, body, action, values)).record;
  const gone = (entity: Entity) => (call: Call) => changed(entity, call, call.body(VersionBody), 'delete', { deletedAt: call.scope.at });
  const back = (entity: Entity) => (call: Call) => changed(entity, call, call.body(VersionBody), 'restore', { deletedAt: null });
  return {
    listJobs: ({ scope }: Call) => listJobs(db, scope),
    findDefects: ({ scope, req }: Call) => findDefects(db, scope, typeof req.query['words'] === 'string' ? req.query['words'].slice(0, 200) : ''),
    readJob: wholeJob,
    exportJob: async (call) => {
      const job = await wholeJob(call);
      call.res.attachment(`${fileName(job.site)}.oddment.json`).type('application/json');
      const products = (await listProducts(db, call.scope.firmId)).map(({ version: _v, ...product }) => product);
      const { days, offer, ...rest } = withoutVersions(job);
      call.res.send(writeJobFile(rest, call.who.firm.rules, products, { ...(days && { days }), ...(offer && { offer }) }));
    },
    exportCsv: async (call) => {
      const job = await wholeJob(call);
      call.res
        .attachment(`${fileName(job.site)}-defects.csv`)
        .type('text/csv')
        .send(jobCsv(job));
    },
    jobSheets: async (call) => {
      const job = await wholeJob(call);
      const { defect, area } = call.req.query;
      const units = unitsAsked(call, job.units);
      const one = job.areas.flatMap((a) => a.defects).find((d) => d.id === defect);
      if (defect !== undefined && !one) throw notFound('This defect');
      const room = job.areas.find((a) => a.id === area);
      if (area !== undefined && !room) throw notFound('This area');
      await sendPdf(
        call,
        {
          kind: 'plans',
          job,
          rules: call.who.firm.rules,
          products: await listProducts(db, call.scope.firmId),
          units,
          ...(one && { defectId: one.id }),
          ...(room && { areaId: room.id }),
          base: baseOf(call),
          ...(one ? {} : { pictures: await picturesWithMarks(db, call.scope.firmId, room ? [room] : job.areas) }),
        },
        one?.mark ?? room?.name ?? 'sheets',
      );
    },
    jobOptions: async (call) => {
      const job = await wholeJob(call);
      const { defect, ask, face } = call.req.query;
      const units = unitsAsked(call, job.units);
      const one = job.areas.flatMap((a) => a.defects).find((d) => d.id === defect);
      if (!one) throw notFound('This defect');
      const [asked, size] = [typeof ask === 'string' ? readAsked(ask) : undefined, typeof face === 'string' ? readFace(face) : undefined];
      if (ask !== undefined && !asked) throw refused('ask', `'ask' must be scopes with a system each, such as patch:board-plug,whole:board-patch.`);
      if (face !== undefined && !size) throw refused('face', `'face' must be width and height in millimeters, such as 2400x1800.`);
      await sendPdf(
        call,
        {
          kind: 'options',
          job,
          rules: call.who.firm.rules,
          products: await listProducts(db, call.scope.firmId),
          units,
          defectId: one.id,
          ...(asked && { asked }),
          ...(size && { face: size }),
        },
        `${one.mark} options`,
      );
    },
    importJob: async ({ req, res, scope }) => {
      if (typeof req.body !== 'string') throw new HttpProblem(415, 'Send a job file with content type application/json.');
      const { change } = req.query;
      if (change !== undefined && !(typeof change === 'string' && isUuid(change)))
        throw refused('change', `'change' must be a UUID, the same when the file is sent again.`);
      const taking = change === undefined ? {} : { change };
      const text = req.body;
      if (req.headers.accept !== linesType) return importedJob(db, scope, await importJob(db, scope, text, taking));
      await answerInLines(res, async (line, signal) => ({ id: await importJob(db, scope, text, { ...taking, signal, onProgress: line }) }));
      return undefined;
    },
    createJob: async (call) => {
      const body = call.body(NewJobBody);
      return madeStatus(call, await createRecord(db, call.scope, 'job', body, jobValues(body)));
    },
    createArea: async (call) => {
      const body = call.body(NewAreaBody);
      return madeStatus(call, await createRecord(db, call.scope, 'area', body, areaValues(body), { entity: 'job', id: call.id }));
    },
    createDefect: async (call) => {
      const body = call.body(NewDefectBody);
      return madeStatus(call, await createRecord(db, call.scope, 'defect', body, defectValues(body), { entity: 'area', id: call.id }));
    },
    changeJob: (call) => {
      const body = call.body(ChangeJobBody);
      return changed('job', call, body, 'change', jobValues(body));
    },
    changeArea: (call) => {
      const body = call.body(ChangeAreaBody);
      return changed('area', call, body, 'change', areaValues(body));
    },
    placeDefect: async (call) => (await placeDefect(db, call.scope, call.id, call.body(PlaceDefectBody))).record,
    changeDefect: (call) => {
      const body = call.body(ChangeDefectBody);
      return changed('defect', call, body, 'change', defectValues(body));
    },
    deleteJob: gone('job'),
    deleteArea: gone('area'),
    deleteDefect: gone('defect'),
    restoreJob: back('job'),
    restoreArea: back('area'),
    restoreDefect: back('defect'),
  } satisfies Readonly<Record<string, Handler>>;
}
