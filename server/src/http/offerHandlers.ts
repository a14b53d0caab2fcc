import { IssueOfferBody, OfferStateBody, OfferTermsBody, VersionBody } from '@oddment/contracts';
import { notFound } from '../problem.ts';
import { answerOffer, issueOffer, setTerms } from '../services/offerService.ts';
import { changeRecord } from '../services/recordService.ts';
import type { Database } from '../store/database.ts';
import { isThere } from '../store/jobStore.ts';
import { listOffers, readOffer, readTerms } from '../store/offerStore.ts';
import { madeStatus, type Call, type Handler } from './call.ts';
import { sendPdf } from './sendPdf.ts';

/** Offers, and what stands on every one of a firm. */
export function offerHandlers(db: Database) {
  const one = async ({ scope, id }: Call) => {
    const found = await readOffer(db, scope.firmId, id);
    if (!found) throw notFound('This offer');
    return found;
  };
  return {
    readOfferTerms: ({ scope }: Call) => readTerms(db, scope.firmId),
    setOfferTerms: ({ scope, body }: Call) => setTerms(db, scope, body(OfferTermsBody)),
    listOffers: async ({ scope, id }: Call) => {
      if (!(await isThere(db, scope, 'job', id))) throw notFound('This job');
      return listOffers(db, scope.firmId, id);
    },
    readOffer: one,
    issueOffer: async (call: Call) => madeStatus(call, await issueOffer(db, call.who, call.scope, call.id, call.body(IssueOfferBody))),
    changeOffer: (call: Call) => answerOffer(db, call.scope, call.id, call.body(OfferStateBody)),
    offerPdf: async (call: Call) => {
      const { offer, number } = await one(call);
      await sendPdf(call, { kind: 'offer', offer, number }, `offer-${number}`);
    },
    withdrawOffer: async (call: Call) =>
      (await changeRecord(db, call.scope, 'offer', call.id, call.body(VersionBody), 'delete', { deletedAt: call.scope.at })).record,
    restoreOffer: async (call: Call) => (await changeRecord(db, call.scope, 'offer', call.id, call.body(VersionBody), 'restore', { deletedAt: null })).record,
  } satisfies Readonly<Record<string, Handler>>;
}
