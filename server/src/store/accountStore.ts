import type { OwnSession, PersonRecord, Role } from '@oddment/contracts';
import { rulesToday, type HouseRules } from '@oddment/core';
import { and, asc, count, desc, eq, gt, inArray, isNull, lt, ne, or, sql } from 'drizzle-orm';
import type { Database, Transaction } from './database.ts';
import { preparedOnce, noName } from './prepared.ts';
import { accounts, firms, oneTimeLinks, sessions, signInTries } from './schema.ts';

type Db = Database | Transaction;

export interface SignedIn {
  readonly account: { readonly id: string; readonly name: string; readonly role: Role };
  readonly session: string;
  readonly firm: { readonly id: string; readonly name: string; readonly demo: boolean; readonly rules: HouseRules; readonly version: number };
}

const shape = {
  session: sessions.id,
  account: { id: accounts.id, name: accounts.name, role: accounts.role },
  firm: { id: firms.id, name: firms.name, demo: firms.demo, rules: firms.rules, version: firms.version },
};

export async function accountCount(db: Db): Promise<number> {
  const [row] = await db.select({ n: count() }).from(accounts);
  return row?.n ?? 0;
}

/** Every firm of the installation: for what is done for each of them in turn. */
export async function firmIds(db: Db): Promise<readonly string[]> {
  return (await db.select({ id: firms.id }).from(firms).orderBy(asc(firms.createdAt))).map(({ id }) => id);
}

/** The account of a sign-in name, in capitals or not, unless it is disabled. */
export async function accountByLogin(db: Db, login: string): Promise<{ id: string; passwordHash: string | null } | undefined> {
  const [row] = await db
    .select({ id: accounts.id, passwordHash: accounts.passwordHash })
    .from(accounts)
    .where(and(sql`lower(${accounts.login}) = lower(${login})`, isNull(accounts.disabledAt)));
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

const bySession = preparedOnce((db) =>
  db
    .select(shape)
    .from(sessions)
    .innerJoin(accounts, eq(accounts.id, sessions.accountId))
    .innerJoin(firms, eq(firms.id, accounts.firmId))
    .where(and(eq(sessions.tokenHash, sql.placeholder('token')), gt(sessions.expiresAt, sql.placeholder('now')), isNull(accounts.disabledAt)))
    .prepare(noName),
);

/** Who a session token signs in, unless it has run out. */
export async function signedInBy(db: Db, tokenHash: string, now: string): Promise<SignedIn | undefined> {
  const [row] = await bySession(db).execute({ token: tokenHash, now });
  return row && { ...row, firm: { ...row.firm, rules: rulesToday(row.firm.rules) } };
}

/** Sets the firm's house rules at a version; false where that version is not the current one. */
export async function updateRules(tx: Transaction, firmId: string, version: number, rules: HouseRules): Promise<boolean> {
  const rows = await tx
    .update(firms)
    .set({ rules, version: sql`${firms.version} + 1` })
    .where(and(eq(firms.id, firmId), eq(firms.version, version)))
    .returning({ id: firms.id });
  return rows.length > 0;
}

export async function readFirm(db: Db, firmId: string): Promise<SignedIn['firm'] | undefined> {
  const [row] = await db.select(shape.firm).from(firms).where(eq(firms.id, firmId));
  return row && { ...row, rules: rulesToday(row.rules) };
}

const personShape = {
  id: accounts.id,
  version: accounts.version,
  name: accounts.name,
  login: accounts.login,
  role: accounts.role,
  disabledAt: accounts.disabledAt,
  passwordHash: accounts.passwordHash,
};

function personRecord({
  disabledAt,
  passwordHash,
  ...row
}: {
  id: string;
  version: number;
  name: string;
  login: string;
  role: Role;
  disabledAt: string | null;
  passwordHash: string | null;
}): PersonRecord {
  return { ...row, disabled: disabledAt !== null, begun: passwordHash !== null };
}

/** The accounts of a firm. */
export async function listPeople(db: Db, firmId: string): Promise<PersonRecord[]> {
  return (await db.select(personShape).from(accounts).where(eq(accounts.firmId, firmId)).orderBy(asc(accounts.createdAt), asc(accounts.id))).map(personRecord);
}

export async function readPerson(db: Db, firmId: string, id: string): Promise<PersonRecord | undefined> {
  const [row] = await db
    .select(personShape)
    .from(accounts)
    .where(and(eq(accounts.firmId, firmId), eq(accounts.id, id)));
  return row && personRecord(row);
}

/** Inserts an account without a password; false where id or sign-in name is taken. */
export async function insertPerson(tx: Transaction, person: typeof accounts.$inferInsert): Promise<boolean> {
  return (await tx.insert(accounts).values(person).onConflictDoNothing().returning({ id: accounts.id })).length > 0;
}

/** Changes an account at a version; false where that version is not the current one. */
export async function updatePerson(
  tx: Transaction,
  firmId: string,
  id: string,
  version: number,
  values: { name: string; role: Role; disabledAt: string | null },
): Promise<boolean> {
  const rows = await tx
    .update(accounts)
    .set({ ...values, version: sql`${accounts.version} + 1` })
    .where(and(eq(accounts.firmId, firmId), eq(accounts.id, id), eq(accounts.version, version)))
    .returning({ id: accounts.id });
  return rows.length > 0;
}

/** Holds a firm until the transaction ends: who does the same waits. */
export async function lockFirm(tx: Transaction, firmId: string): Promise<void> {
  await tx.select({ id: firms.id }).from(firms).where(eq(firms.id, firmId)).for('update');
}

/** How many owners of a firm can sign in. */
export async function ownerCount(tx: Transaction, firmId: string): Promise<number> {
  const [row] = await tx
    .select({ n: count() })
    .from(accounts)
    .where(and(eq(accounts.firmId, firmId), eq(accounts.role, 'owner'), isNull(accounts.disabledAt)));
  return row?.n ?? 0;
}

export async function readPasswordHash(db: Db, accountId: string): Promise<string | undefined> {
  const [row] = await db.select({ hash: accounts.passwordHash }).from(accounts).where(eq(accounts.id, accountId));
  return row?.hash ?? undefined;
}

export async function setPasswordHash(tx: Transaction, accountId: string, passwordHash: string): Promise<void> {
  await tx.update(accounts).set({ passwordHash }).where(eq(accounts.id, accountId));
}

/** A person's own sessions, the newest first. */
export async function listSessions(db: Db, accountId: string, now: string, here: string): Promise<OwnSession[]> {
  const rows = await db
    .select()
    .from(sessions)
    .where(and(eq(sessions.accountId, accountId), gt(sessions.expiresAt, now)))
    .orderBy(desc(sessions.createdAt));
  return rows.map((r) => ({
    id: r.id,
    since: new Date(r.createdAt).toISOString(),
    until: new Date(r.expiresAt).toISOString(),
    agent: r.agent,
    here: r.id === here,
  }));
}

/** Ends one session of a person; false where it is not theirs. */
export async function endSession(db: Db, accountId: string, id: string): Promise<boolean> {
  return (
    (
      await db
        .delete(sessions)
        .where(and(eq(sessions.accountId, accountId), eq(sessions.id, id)))
        .returning({ id: sessions.id })
    ).length > 0
  );
}

/** Ends every session of an account, but one if named. */
export async function endSessions(tx: Transaction, accountId: string, except?: string): Promise<void> {
  await tx.delete(sessions).where(and(eq(sessions.accountId, accountId), ...(except === undefined ? [] : [ne(sessions.id, except)])));
}

/** Keeps the one link of an account that counts. */
export async function replaceLink(tx: Transaction, link: typeof oneTimeLinks.$inferInsert): Promise<void> {
  await tx.delete(oneTimeLinks).where(eq(oneTimeLinks.accountId, link.accountId));
  await tx.insert(oneTimeLinks).values(link);
}

/** Takes a link away and says whose it was, unless it has run out or the account is disabled. */
export async function takeLink(tx: Transaction, tokenHash: string, now: string): Promise<string | undefined> {
  const [row] = await tx
    .delete(oneTimeLinks)
    .where(and(eq(oneTimeLinks.tokenHash, tokenHash), gt(oneTimeLinks.expiresAt, now)))
    .returning({ accountId: oneTimeLinks.accountId });
  if (!row) return undefined;
  const [account] = await tx
    .select({ id: accounts.id })
    .from(accounts)
    .where(and(eq(accounts.id, row.accountId), isNull(accounts.disabledAt)));
  return account?.id;
}

/** Waits until nobody else makes the first account of this database, and keeps others out to the end of the transaction. */
export async function firstAccountLock(tx: Transaction): Promise<void> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext('oddment first account'))`);
}

/**
 * Counts a try under a key, in one statement: tries side by side are counted one after the other, on every server.
 * @param since when a count begins anew: what is older no longer counts
 * @returns how many there were since, with this one
 */
export async function countTry(db: Db, key: string, at: string, since: string): Promise<number> {
  const [row] = await db
    .insert(signInTries)
    .values({ key, since: at, tries: 1 })
    .onConflictDoUpdate({
      target: signInTries.key,
      set: {
        tries: sql`case when ${signInTries.since} < ${since} then 1 else ${signInTries.tries} + 1 end`,
        since: sql`case when ${signInTries.since} < ${since} then excluded.since else ${signInTries.since} end`,
      },
    })
    .returning({ tries: signInTries.tries });
  return row?.tries ?? 1;
}

/** Takes one try back, and forgets those of keys that were told right, and all that no longer count. */
export async function forgetTries(db: Db, { back, gone, before }: { back?: string; gone: readonly string[]; before: string }): Promise<void> {
  if (back !== undefined)
    await db
      .update(signInTries)
      .set({ tries: sql`greatest(${signInTries.tries} - 1, 0)` })
      .where(eq(signInTries.key, back));
  await db.delete(signInTries).where(or(lt(signInTries.since, before), inArray(signInTries.key, [...gone])));
}
