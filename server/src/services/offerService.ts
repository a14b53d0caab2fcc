import type { IssueOfferBody, OfferState, OfferSummary, OfferTermsBody, OfferTermsRecord } from '@oddment/contracts';
import { coreVersion, moneyText, offerWithin, siteDateTime, type OfferTerms } from '@oddment/core';
import { offerInThread } from '../threads.ts';
import { HttpProblem, notFound } from '../problem.ts';
import type { SignedIn } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';
import { readJob, type Scope } from '../store/jobStore.ts';
import { nextNumber, readOfferRow, readTerms, writeTerms } from '../store/offerStore.ts';
import { listProducts } from '../store/shelfStore.ts';
import { changeRecord, createRecord, madeBefore, type Answer } from './recordService.ts';

/**
 * Keeps the offer of a job: made here on its records as they stand, and kept to the byte with a number of its own.
 * @throws HttpProblem 404 where the job is not there, 409 where it moved on or comes to another sum now, 422 where there is no offer to make
 */
export async function issueOffer(db: Database, { firm, account }: SignedIn, scope: Scope, jobId: string, body: IssueOfferBody): Promise<Answer> {
  const parent = { entity: 'job', id: jobId } as const;
  // a repeat is answered from what was kept, whatever the records say by now
  if (await readOfferRow(db, scope.firmId, body.id)) return madeBefore(db, scope, 'offer', body, parent);
  const found = await readJob(db, scope, jobId);
  if (!found) throw notFound('This job');
  if (found.version !== body.jobVersion) throw new HttpProblem(409, 'The job was changed meanwhile. Look at the offer as it is now, then keep it.');
  const { offer: asSet = {}, days: _days, ...job } = found;
  const [products, { version: _terms, ...terms }] = await Promise.all([listProducts(db, scope.firmId), readTerms(db, scope.firmId)]);
  const setup = offerWithin(job, asSet);
  const made = await offerInThread({ job, rules: firm.rules, products, setup, terms, firm: firm.name, at: scope.at });
  if (!made.ok) throw new HttpProblem(422, made.why, { problems: [{ path: '', message: made.why }] });
  const { offer } = made;
  const { currency, totalMinor, validUntil, lines } = offer;
  if (totalMinor !== body.totalMinor)
    throw new HttpProblem(
      409,
      `The offer comes to ${currency} ${moneyText(totalMinor, currency)} now, and not to ${moneyText(body.totalMinor, currency)}. Look at it as it is now, then keep it.`,
    );
  return db.transaction(async (tx) => {
    const number = await nextNumber(tx, scope.firmId, siteDateTime(scope.at, job.timeZone).date.slice(0, 4));
    const values = { number, core: coreVersion, currency, totalMinor, repairs: lines.length, validUntil, offer, setup, issuedBy: account.name };
    return createRecord(tx, scope, 'offer', body, values, parent);
  });
}

/** Notes what the client said. @throws HttpProblem 409 where the version is stale */
export async function answerOffer(db: Database, scope: Scope, id: string, body: { change: string; version: number; state: OfferState }): Promise<OfferSummary> {
  const values = { state: body.state, answeredAt: body.state === 'open' ? null : scope.at };
  return (await changeRecord(db, scope, 'offer', id, body, 'change', values)).record as OfferSummary;
}

/** Sets what stands on every offer of the firm. @throws HttpProblem 409 with the current terms where the version is stale */
export async function setTerms(db: Database, { firmId }: Scope, body: OfferTermsBody): Promise<OfferTermsRecord> {
  const { letterhead, logo, taxes, validDays, conditions, excluded, version } = body;
  const terms: OfferTerms = {
    letterhead,
    ...(logo !== undefined && { logo }),
    taxes: taxes.map(({ name, percent }) => ({ name, percent })),
    validDays,
    conditions,
    excluded,
  };
  const done = await db.transaction((tx) => writeTerms(tx, firmId, version, terms));
  const now = await readTerms(db, firmId);
  if (!done) throw new HttpProblem(409, 'What stands on offers was changed meanwhile.', { current: now });
  return now;
}
