import type { OfferRecord, OfferSummary, OfferTermsRecord } from '@oddment/contracts';
import { usualTerms, type OfferTerms } from '@oddment/core';
import { and, desc, eq, isNull, like, sql } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { offers, offerTerms } from './schema.ts';

type Db = Database | Transaction;

const { id, version, jobId, number, core, currency, totalMinor, repairs, validUntil, issuedBy, state, answeredAt, createdAt, offer, setup } = offers;
const shape = { id, version, jobId, number, core, currency, totalMinor, repairs, validUntil, state, answeredAt, issuedAt: createdAt, issuedBy };

type Row = Omit<OfferSummary, 'answeredAt'> & { readonly answeredAt: string | null };

function summary({ answeredAt: at, issuedAt, ...rest }: Row): OfferSummary {
  return { ...rest, issuedAt: new Date(issuedAt).toISOString(), ...(at !== null && { answeredAt: new Date(at).toISOString() }) };
}

/** A kept offer without what it says, withdrawn or not. */
export async function readOfferRow(db: Db, firmId: string, offerId: string): Promise<OfferSummary | undefined> {
  const [row] = await db
    .select(shape)
    .from(offers)
    .where(and(eq(offers.firmId, firmId), eq(id, offerId)));
  return row && summary(row);
}

/** A kept offer with what it says. */
export async function readOffer(db: Db, firmId: string, offerId: string): Promise<OfferRecord | undefined> {
  const [row] = await db
    .select({ ...shape, offer, setup })
    .from(offers)
    .where(and(eq(offers.firmId, firmId), eq(id, offerId), isNull(offers.deletedAt)));
  if (!row) return undefined;
  const { offer: said, setup: by, ...rest } = row;
  return { ...summary(rest), offer: said, setup: by };
}

/** The kept offers of a job, latest first. */
export async function listOffers(db: Db, firmId: string, ofJob: string): Promise<OfferSummary[]> {
  const rows = await db
    .select(shape)
    .from(offers)
    .where(and(eq(offers.firmId, firmId), eq(jobId, ofJob), isNull(offers.deletedAt)))
    .orderBy(desc(createdAt), desc(number));
  return rows.map(summary);
}

/** How many kept offers of each job the client has not answered. */
export async function openOffers(db: Db, firmId: string): Promise<ReadonlyMap<string, number>> {
  const rows = await db
    .select({ jobId, n: sql<number>`count(*)::int` })
    .from(offers)
    .where(and(eq(offers.firmId, firmId), eq(state, 'open'), isNull(offers.deletedAt)))
    .groupBy(jobId);
  return new Map(rows.map((r) => [r.jobId, r.n]));
}

/** The next number of a year. It is taken while the firm's offers are locked: two at once would take the same. */
export async function nextNumber(tx: Transaction, firmId: string, year: string): Promise<string> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`offers of ${firmId}`}))`);
  const [row] = await tx
    .select({ last: sql<number>`coalesce(max(split_part(${number}, '-', 2)::int), 0)::int` })
    .from(offers)
    .where(and(eq(offers.firmId, firmId), like(number, `${year}-%`)));
  return `${year}-${String((row?.last ?? 0) + 1).padStart(3, '0')}`;
}

/** What stands on every offer of a firm; the usual, of version 0, where nothing is set. */
export async function readTerms(db: Db, firmId: string): Promise<OfferTermsRecord> {
  const [row] = await db.select().from(offerTerms).where(eq(offerTerms.firmId, firmId));
  return row ? { ...row.terms, version: row.version } : { ...usualTerms, version: 0 };
}

/** Sets the terms at a version; false where that version is not the current one. */
export async function writeTerms(tx: Transaction, firmId: string, at: number, terms: OfferTerms): Promise<boolean> {
  const rows =
    at === 0
      ? await tx.insert(offerTerms).values({ firmId, terms }).onConflictDoNothing().returning({ version: offerTerms.version })
      : await tx
          .update(offerTerms)
          .set({ terms, version: sql`${offerTerms.version} + 1` })
          .where(and(eq(offerTerms.firmId, firmId), eq(offerTerms.version, at)))
          .returning({ version: offerTerms.version });
  return rows.length > 0;
}
