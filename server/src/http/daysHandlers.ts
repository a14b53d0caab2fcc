import { daysCsv, KeepDaysBody, VersionBody } from '@oddment/contracts';
import { daysCalendar } from '@oddment/contracts/daysCalendar';
import { accessWords, fullMoment } from '@oddment/core';
import { notFound } from '../problem.ts';
import { daysAhead, elsewhere, keep } from '../services/daysService.ts';
import { changeRecord } from '../services/recordService.ts';
import type { Database } from '../store/database.ts';
import { listKeptDays, readKeptDays } from '../store/daysStore.ts';
import { isThere, readJob } from '../store/jobStore.ts';
import { madeStatus, type Call, type Handler } from './call.ts';
import { sendPdf } from './sendPdf.ts';

/** Kept days. */
export function daysHandlers(db: Database) {
  const one = async ({ scope, id }: Call) => {
    const found = await readKeptDays(db, scope.firmId, id);
    if (!found) throw notFound('These days');
    return found;
  };
  const jobOf = async (call: Call) => {
    const kept = await one(call);
    const job = await readJob(db, call.scope, kept.jobId);
    if (!job) throw notFound('The job of these days');
    return { kept, job };
  };
  const wanted = ({ req }: Call, name: 'person' | 'date') => {
    const value = req.query[name];
    return typeof value === 'string' && value !== '' ? { [name]: value } : {};
  };
  const fileName = (site: string) => `${site.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-days`;
  return {
    listDays: async ({ scope, id }: Call) => {
      if (!(await isThere(db, scope, 'job', id))) throw notFound('This job');
      return listKeptDays(db, scope.firmId, id);
    },
    readElsewhere: async ({ scope, id }: Call) => {
      const job = await readJob(db, scope, id);
      if (!job) throw notFound('This job');
      return elsewhere(db, scope, job);
    },
    readAhead: ({ scope }: Call) => daysAhead(db, scope),
    readDays: one,
    keepDays: async (call: Call) => madeStatus(call, await keep(db, call.who, call.scope, call.id, call.body(KeepDaysBody))),
    daysSheets: async (call: Call) => {
      const { kept, job } = await jobOf(call);
      const nameOf = (id: string | undefined) => job.areas.find((a) => a.id === id)?.name;
      const access = Object.fromEntries(
        (job.days?.areas ?? []).flatMap((a) => {
          const [name, words] = [nameOf(a.area), accessWords(a, nameOf(a.through))];
          return name === undefined || words === '' ? [] : [[name, words] as const];
        }),
      );
      await sendPdf(
        call,
        {
          kind: 'days',
          days: kept.days,
          site: job.site,
          client: job.client,
          units: job.units,
          kept: `Kept ${fullMoment(kept.keptAt, job.timeZone)} by ${kept.keptBy}, Oddment ${kept.core}`,
          access,
          ...wanted(call, 'person'),
          ...wanted(call, 'date'),
        },
        fileName(job.site),
      );
    },
    daysCalendar: async (call: Call) => {
      const { kept, job } = await jobOf(call);
      // what is kept later replaces what was sent before
      const sequence = Math.max(0, (await listKeptDays(db, call.scope.firmId, job.id)).filter((d) => d.keptAt < kept.keptAt).length);
      call.res
        .attachment(`${fileName(job.site)}.ics`)
        .type('text/calendar')
        .send(daysCalendar(job, kept.days, { stamp: kept.keptAt, sequence, ...wanted(call, 'person') }));
    },
    daysTable: async (call: Call) => {
      const { kept, job } = await jobOf(call);
      call.res
        .attachment(`${fileName(job.site)}.csv`)
        .type('text/csv')
        .send(daysCsv(kept.days));
    },
    forgetDays: async (call: Call) =>
      (await changeRecord(db, call.scope, 'days', call.id, call.body(VersionBody), 'delete', { deletedAt: call.scope.at })).record,
    restoreDays: async (call: Call) => (await changeRecord(db, call.scope, 'days', call.id, call.body(VersionBody), 'restore', { deletedAt: null })).record,
  } satisfies Readonly<Record<string, Handler>>;
}
