import type { HouseRules } from '@oddment/core';
import { and, count, eq, gt, sql } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { accounts, firms, sessions } from './schema.ts';

type Db = Database | Transaction;

export interface SignedIn {
  readonly account: { readonly id: string; readonly name: string; readonly role: string };
  readonly firm: { readonly id: string; readonly name: string; readonly demo: boolean; readonly rules: HouseRules; readonly version: number };
}

const shape = {
  account: { id: accounts.id, name: accounts.name, role: accounts.role },
  firm: { id: firms.id, name: firms.name, demo: firms.demo, rules: firms.rules, version: firms.version },
};

export async function accountCount(db: Db): Promise<number> {
  const [row] = await db.select({ n: count() }).from(accounts);
  return row?.n ?? 0;
}

export async function accountByLogin(db: Db, login: string): Promise<{ id: string; passwordHash: string } | undefined> {
  const [row] = await db.select({ id: accounts.id, passwordHash: accounts.passwordHash }).from(accounts).where(eq(accounts.login, login));
  return row;
}

/** An account of the demo firm, if there is a demo firm. */
export async function demoAccountId(db: Db): Promise<string | undefined> {
  const [row] = await db.select({ id: accounts.id }).from(accounts).innerJoin(firms, eq(firms.id, accounts.firmId)).where(eq(firms.demo, true)).limit(1);
  return row?.id;
}

export async function insertFirmAndOwner(tx: Transaction, firm: typeof firms.$inferInsert, owner: typeof accounts.$inferInsert): Promise<void> {
  await tx.insert(firms).values(firm);
  await tx.insert(accounts).values(owner);
}

export async function insertSession(db: Db, session: typeof sessions.$inferInsert): Promise<void> {
  await db.insert(sessions).values(session);
}

export async function deleteSession(db: Db, tokenHash: string): Promise<void> {
  await db.delete(sessions).where(eq(sessions.tokenHash, tokenHash));
}

/** Who a session token signs in, unless it has run out. */
export async function signedInBy(db: Db, tokenHash: string, now: string): Promise<SignedIn | undefined> {
  const [row] = await db
    .select(shape)
    .from(sessions)
    .innerJoin(accounts, eq(accounts.id, sessions.accountId))
    .innerJoin(firms, eq(firms.id, accounts.firmId))
    .where(and(eq(sessions.tokenHash, tokenHash), gt(sessions.expiresAt, now)));
  return row;
}

/** Sets the firm's house rules at a version; false where that version is not the current one. */
export async function updateRules(tx: Transaction, firmId: string, version: number, rules: HouseRules): Promise<boolean> {
  const rows = await tx.update(firms).set({ rules, version: sql`${firms.version} + 1` }).where(and(eq(firms.id, firmId), eq(firms.version, version))).returning({ id: firms.id });
  return rows.length > 0;
}

export async function readFirm(db: Db, firmId: string): Promise<SignedIn['firm'] | undefined> {
  const [row] = await db.select(shape.firm).from(firms).where(eq(firms.id, firmId));
  return row;
}
