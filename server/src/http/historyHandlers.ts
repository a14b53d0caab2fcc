import { changesCsv } from '@oddment/contracts';
import type { Clock } from '../clock.ts';
import { HttpProblem, notFound } from '../problem.ts';
import type { Database } from '../store/database.ts';
import { listBin, listChanges } from '../store/historyStore.ts';
import { binSince } from '../services/binService.ts';
import { readOne } from '../store/jobStore.ts';
import type { JobRecord } from '@oddment/contracts';
import { isUuid, type Call, type Handler } from './call.ts';

const perPage = 200;
const mostExported = 100_000;

function asked({ req }: Call): { of?: string; before?: number } {
  const { of, before } = req.query;
  const refuse = (path: string, message: string) => new HttpProblem(422, message, { problems: [{ path, message }] });
  if (of !== undefined && !(typeof of === 'string' && isUuid(of))) throw refuse('of', `'of' must be the id of a record.`);
  if (before !== undefined && !(typeof before === 'string' && /^\d{1,15}$/.test(before))) throw refuse('before', `'before' must be the turn of a change.`);
  return { ...(of !== undefined && { of }), ...(before !== undefined && { before: Number(before) }) };
}

/** Who changed what, and what was deleted. */
export function historyHandlers(db: Database, clock: Clock) {
  const jobOf = async ({ scope, id }: Call) => {
    const job = await readOne(db, scope, 'job', id);
    if (!job) throw notFound('This job');
    return job as JobRecord;
  };
  return {
    readChanges: async (call) => {
      await jobOf(call);
      const found = await listChanges(db, call.scope, call.id, { ...asked(call), most: perPage + 1 });
      return { changes: found.slice(0, perPage), more: found.length > perPage };
    },
    exportChanges: async (call) => {
      const job = await jobOf(call);
      const all = await listChanges(db, call.scope, call.id, { most: mostExported });
      call.res.attachment('changes.csv').type('text/csv').send(changesCsv(all, job));
    },
    readBin: ({ scope }) => listBin(db, scope, binSince(clock)),
  } satisfies Readonly<Record<string, Handler>>;
}
