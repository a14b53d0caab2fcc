import { IssueBody, PlanStateBody, VersionBody } from '@oddment/contracts';
import { fullMoment } from '@oddment/core';
import { notFound } from '../problem.ts';
import { changeState, issue, overtakenNow, refuseBegun } from '../services/planService.ts';
import { changeRecord } from '../services/recordService.ts';
import type { Database } from '../store/database.ts';
import { listBegun, listIssued, readIssued } from '../store/issuedStore.ts';
import { isThere } from '../store/jobStore.ts';
import { madeStatus, type Call, type Handler } from './call.ts';
import { baseOf, sendPdf, unitsAsked } from './sendPdf.ts';

/** Issued plans. */
export function planHandlers(db: Database) {
  const one = async ({ scope, id }: Call) => {
    const found = await readIssued(db, scope.firmId, id);
    if (!found) throw notFound('This issued plan');
    return found;
  };
  return {
    listIssued: async ({ scope, id }: Call) => {
      if (!(await isThere(db, scope, 'job', id))) throw notFound('This job');
      return listIssued(db, scope.firmId, id);
    },
    listBegun: ({ scope }: Call) => listBegun(db, scope.firmId),
    readIssued: one,
    issuedSheet: async (call: Call) => {
      const found = await one(call);
      const { plan, mark, issuedAt, issuedBy, core } = found;
      const { job } = plan.inputs;
      const over = await overtakenNow(db, call.who, call.scope, found);
      await sendPdf(
        call,
        {
          kind: 'issued',
          kept: plan.kept,
          units: unitsAsked(call, job.units),
          issued: `Issued ${fullMoment(issuedAt, job.timeZone)} by ${issuedBy}, Oddment ${core}`,
          ...(over && { over: over.says }),
          address: `${baseOf(call)}/jobs/${job.id}/plans/${found.id}`,
        },
        `${mark}-issued`,
      );
    },
    issuePlan: async (call: Call) => madeStatus(call, await issue(db, call.who, call.scope, call.id, call.body(IssueBody))),
    changeIssued: (call: Call) => changeState(db, call.who, call.scope, call.id, call.body(PlanStateBody)),
    withdrawIssued: async (call: Call) =>
      (await changeRecord(db, call.scope, 'plan', call.id, call.body(VersionBody), 'delete', { deletedAt: call.scope.at }, refuseBegun)).record,
    restoreIssued: async (call: Call) => (await changeRecord(db, call.scope, 'plan', call.id, call.body(VersionBody), 'restore', { deletedAt: null })).record,
  } satisfies Readonly<Record<string, Handler>>;
}
