import { hash, verify } from '@node-rs/argon2';
import type { FirstAccountBody } from '@oddment/contracts';
import { usualHouseRules, type HouseRules } from '@oddment/core';
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Clock } from '../clock.ts';
import { HttpProblem } from '../problem.ts';
import { accountByLogin, accountCount, demoAccountId, insertFirmAndOwner, insertSession, readFirm, updateRules, type SignedIn } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';

/** argon2id with the memory and rounds of the OWASP password storage guidance (19 MiB, 2 rounds). */
const argon = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };
export const sessionDays = 14;
const dayMs = 86_400_000;

export function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

const decoy = hash('no such account', argon);

async function openSession(db: Database, clock: Clock, accountId: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const now = clock.now();
  await insertSession(db, { tokenHash: tokenHash(token), accountId, createdAt: now.toISOString(), expiresAt: new Date(now.getTime() + sessionDays * dayMs).toISOString() });
  return token;
}

/**
 * Signs in by name and password.
 * @returns the session's token
 * @throws HttpProblem 401, the same for an unknown name and a wrong password
 */
export async function signIn(db: Database, clock: Clock, login: string, password: string): Promise<string> {
  const account = await accountByLogin(db, login);
  const right = await verify(account?.passwordHash ?? (await decoy), password);
  if (!account || !right) throw new HttpProblem(401, 'Name and password do not belong together.');
  return openSession(db, clock, account.id);
}

/** Makes a firm with its owner. */
export async function makeFirm(db: Database, clock: Clock, body: Pick<FirstAccountBody, 'firm' | 'name' | 'login'> & { password: string }, demo: boolean): Promise<{ firmId: string; accountId: string }> {
  const firmId = randomUUID();
  const accountId = randomUUID();
  const createdAt = clock.now().toISOString();
  const passwordHash = await hash(body.password, argon);
  await db.transaction((tx) =>
    insertFirmAndOwner(tx, { id: firmId, name: body.firm, demo, rules: usualHouseRules, createdAt }, { id: accountId, firmId, login: body.login, name: body.name, role: 'owner', passwordHash, createdAt }),
  );
  return { firmId, accountId };
}

/**
 * Makes the first account of an installation and signs it in.
 * @throws HttpProblem 409 where there is an account already
 */
export async function firstAccount(db: Database, clock: Clock, body: FirstAccountBody): Promise<string> {
  if ((await accountCount(db)) > 0) throw new HttpProblem(409, 'The first account is made already. Sign in.');
  const { accountId } = await makeFirm(db, clock, body, false);
  return openSession(db, clock, accountId);
}

/**
 * Signs in to the demo firm without a password.
 * @throws HttpProblem 403 where there is no demo firm
 */
export async function demoSignIn(db: Database, clock: Clock): Promise<string> {
  const accountId = await demoAccountId(db);
  if (accountId === undefined) throw new HttpProblem(403, 'There is no demo firm here. Sign in with an account.');
  return openSession(db, clock, accountId);
}

/**
 * Sets what the firm prefers.
 * @throws HttpProblem 409 with the current firm where the version is stale
 */
export async function setHouseRules(db: Database, firmId: string, version: number, rules: HouseRules): Promise<SignedIn['firm']> {
  const done = await db.transaction((tx) => updateRules(tx, firmId, version, rules));
  const firm = await readFirm(db, firmId);
  if (!firm) throw new HttpProblem(404, 'The firm is not here.');
  if (!done) throw new HttpProblem(409, 'The house rules were changed meanwhile.', { current: firm });
  return firm;
}
