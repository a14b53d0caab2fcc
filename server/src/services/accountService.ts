import type { ChangePersonBody, FirstAccountBody, NewPersonBody, OneTimeBody, OneTimeLink, PasswordBody, PersonRecord } from '@oddment/contracts';
import { usualHouseRules, type HouseRules } from '@oddment/core';
import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Clock } from '../clock.ts';
import { HttpProblem } from '../problem.ts';
import {
  accountByLogin,
  accountCount,
  countTry,
  demoAccountId,
  endSessions,
  firstAccountLock,
  forgetTries,
  insertFirmAndOwner,
  insertPerson,
  insertSession,
  lockFirm,
  ownerCount,
  readFirm,
  readPasswordHash,
  readPerson,
  replaceLink,
  setPasswordHash,
  takeLink,
  updatePerson,
  updateRules,
  type SignedIn,
} from '../store/accountStore.ts';
import type { Database, Transaction } from '../store/database.ts';
import type { Scope } from '../store/jobStore.ts';
import { hashed, isPassword, refuseCommon } from './passwords.ts';
import { isNewChange } from './recordService.ts';

export const sessionDays = 14;
const dayMs = 86_400_000;

export function tokenHash(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

const linkHours = 24;
/** tries of one name from one address */
const mostOfOne = 10;
/** tries of whatever names from one address: an office has many people behind one */
const mostOfAddress = 100;
/** of one account, from wherever: from there on each try waits a moment, and none is locked out */
const slowedAfter = 10;
const slowMs = 2000;
const failureMinutes = 15;
const minuteMs = 60_000;

const newToken = () => randomBytes(32).toString('base64url');

/** Who is asking from where: for the list of sessions and the limit on failed tries. */
export interface Caller {
  readonly agent: string;
  readonly address: string;
}

async function openSession(db: Database | Transaction, clock: Clock, accountId: string, { agent }: Pick<Caller, 'agent'>): Promise<string> {
  const token = newToken();
  const now = clock.now();
  await insertSession(db, {
    tokenHash: tokenHash(token),
    accountId,
    createdAt: now.toISOString(),
    expiresAt: new Date(now.getTime() + sessionDays * dayMs).toISOString(),
    agent: agent.slice(0, 200),
  });
  return token;
}

interface Counted {
  /** counted for its own, and forgotten when a try succeeds */
  readonly own: string;
  /** counted over everybody who comes from there */
  readonly address?: string;
  /** counted from wherever it comes: it only slows */
  readonly account?: string;
}

/**
 * Lets a try go on unless too many were made before it. Each is counted before it is made, in the database: tries side
 * by side, and those at other servers, count together.
 * @throws HttpProblem 429 after too many, 401 with the refusal
 */
async function limited<T>(
  db: Database,
  { now, pause }: Clock,
  { own, address, account }: Counted,
  attempt: () => Promise<T | undefined>,
  refusal: string,
): Promise<T> {
  const at = now();
  const since = new Date(at.getTime() - failureMinutes * minuteMs).toISOString();
  const count = (key: string) => countTry(db, key, at.toISOString(), since);
  const tooMany = new HttpProblem(429, 'Too many tries failed. Wait a quarter of an hour.');
  if ((await count(own)) > mostOfOne) throw tooMany;
  if (address !== undefined && (await count(address)) > mostOfAddress) throw tooMany;
  if (account !== undefined && (await count(account)) > slowedAfter) await pause(slowMs);
  const done = await attempt();
  if (done === undefined) throw new HttpProblem(401, refusal);
  await forgetTries(db, { gone: account === undefined ? [own] : [own, account], before: since, ...(address !== undefined && { back: address }) });
  return done;
}

/**
 * Signs in by name and password.
 * @returns the session's token
 * @throws HttpProblem 401, the same for an unknown name and a wrong password; 429 after too many
 */
export function signIn(db: Database, clock: Clock, login: string, password: string, caller: Caller): Promise<string> {
  const attempt = async () => {
    const account = await accountByLogin(db, login);
    // an unknown name takes as long as a wrong password
    const right = await isPassword(account?.passwordHash, password);
    return account && right ? openSession(db, clock, account.id, caller) : undefined;
  };
  const name = tokenHash(login.toLowerCase());
  return limited(
    db,
    clock,
    { own: `login ${name} from ${caller.address}`, address: `from ${caller.address}`, account: `login ${name}` },
    attempt,
    'Name and password do not belong together.',
  );
}

/** Nobody else makes the first account meanwhile, at whatever server. */
async function alone(tx: Transaction): Promise<void> {
  await firstAccountLock(tx);
  if ((await accountCount(tx)) > 0) throw new HttpProblem(409, 'The first account is made already. Sign in.');
}

/** Makes a firm with its owner. @param first only where there is no account yet */
export async function makeFirm(
  db: Database,
  clock: Clock,
  body: Pick<FirstAccountBody, 'firm' | 'name' | 'login'> & { password: string },
  demo: boolean,
  first = false,
): Promise<{ firmId: string; accountId: string }> {
  const firmId = randomUUID();
  const accountId = randomUUID();
  const createdAt = clock.now().toISOString();
  const passwordHash = await hashed(body.password);
  await db.transaction(async (tx) => {
    if (first) await alone(tx);
    await insertFirmAndOwner(
      tx,
      { id: firmId, name: body.firm, demo, rules: usualHouseRules, createdAt },
      { id: accountId, firmId, login: body.login, name: body.name, role: 'owner', passwordHash, createdAt },
    );
  });
  return { firmId, accountId };
}

/**
 * Makes the first account of an installation and signs it in.
 * @throws HttpProblem 409 where there is an account already
 */
export async function firstAccount(db: Database, clock: Clock, body: FirstAccountBody, caller: Caller): Promise<string> {
  if ((await accountCount(db)) > 0) throw new HttpProblem(409, 'The first account is made already. Sign in.');
  await refuseCommon(body.password, [body.login, body.name, body.firm]);
  const { accountId } = await makeFirm(db, clock, body, false, true);
  return openSession(db, clock, accountId, caller);
}

/**
 * Signs in to the demo firm without a password.
 * @throws HttpProblem 403 where there is no demo firm
 */
export async function demoSignIn(db: Database, clock: Clock, caller: Caller): Promise<string> {
  const accountId = await demoAccountId(db);
  if (accountId === undefined) throw new HttpProblem(403, 'There is no demo firm here. Sign in with an account.');
  return openSession(db, clock, accountId, caller);
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

async function makeLink(tx: Transaction, clock: Clock, accountId: string): Promise<OneTimeLink> {
  const token = newToken();
  const until = new Date(clock.now().getTime() + linkHours * 60 * minuteMs).toISOString();
  await replaceLink(tx, { tokenHash: tokenHash(token), accountId, expiresAt: until });
  return { token, until };
}

async function person(tx: Transaction, scope: Scope, id: string): Promise<PersonRecord> {
  const found = await readPerson(tx, scope.firmId, id);
  if (!found) throw new HttpProblem(404, 'This account is not here, or not yours.');
  return found;
}

/**
 * Adds an account that begins with a one-time link. A repeat is answered without a new link.
 * @throws HttpProblem 409 where the sign-in name is taken
 */
export function addPerson(db: Database, clock: Clock, scope: Scope, body: NewPersonBody): Promise<{ person: PersonRecord; link?: OneTimeLink }> {
  return db.transaction(async (tx) => {
    if (!(await isNewChange(tx, scope, body.change, 'person', body.id, 'create'))) return { person: await person(tx, scope, body.id) };
    const { id, name, login, role } = body;
    if (!(await insertPerson(tx, { id, firmId: scope.firmId, name, login, role, createdAt: scope.at })))
      throw new HttpProblem(409, 'This sign-in name is taken. Choose another.');
    return { person: await person(tx, scope, id), link: await makeLink(tx, clock, id) };
  });
}

/**
 * Changes name and role of an account, or disables it; a disabled one is signed out everywhere.
 * @throws HttpProblem 409 where the version is stale, or no owner would be left
 */
export function changePerson(db: Database, scope: Scope, id: string, body: ChangePersonBody): Promise<PersonRecord> {
  return db.transaction(async (tx) => {
    // one change of a firm's people at a time: two owners who disable each other would leave none
    await lockFirm(tx, scope.firmId);
    const current = await person(tx, scope, id);
    if (!(await isNewChange(tx, scope, body.change, 'person', id, 'change'))) return current;
    const values = { name: body.name, role: body.role, disabledAt: body.disabled ? scope.at : null };
    if (!(await updatePerson(tx, scope.firmId, id, body.version, values)))
      throw new HttpProblem(409, 'This account was changed meanwhile.', { current: await person(tx, scope, id) });
    if ((await ownerCount(tx, scope.firmId)) === 0) throw new HttpProblem(409, 'A firm keeps at least one owner who can sign in. Make another owner first.');
    if (body.disabled) await endSessions(tx, id);
    return person(tx, scope, id);
  });
}

/** Makes a new one-time link for an account; the one before no longer counts. */
export function resetPerson(db: Database, clock: Clock, scope: Scope, id: string, change: string): Promise<OneTimeLink> {
  return db.transaction(async (tx) => {
    await person(tx, scope, id);
    await isNewChange(tx, scope, change, 'person', id, 'reset');
    return makeLink(tx, clock, id);
  });
}

/**
 * Sets a password by a one-time link and signs in; every session before ends.
 * @throws HttpProblem 401 where the link does not count any more
 */
export async function signInByLink(db: Database, clock: Clock, body: OneTimeBody, caller: Caller): Promise<string> {
  await refuseCommon(body.password, []);
  const attempt = async () => {
    const passwordHash = await hashed(body.password);
    return db.transaction(async (tx) => {
      const accountId = await takeLink(tx, tokenHash(body.token), clock.now().toISOString());
      if (accountId === undefined) return undefined;
      await setPasswordHash(tx, accountId, passwordHash);
      await endSessions(tx, accountId);
      return openSession(tx, clock, accountId, caller);
    });
  };
  return limited(db, clock, { own: `link from ${caller.address}` }, attempt, 'This link does not count any more. Ask for a new one.');
}

/**
 * Sets one's own password and opens a new session; every other one ends.
 * @throws HttpProblem 401 where the present password is wrong
 */
export async function changePassword(db: Database, clock: Clock, accountId: string, body: PasswordBody, caller: Caller): Promise<string> {
  await refuseCommon(body.password, []);
  const attempt = async () => ((await isPassword(await readPasswordHash(db, accountId), body.present)) ? true : undefined);
  await limited(db, clock, { own: `account ${accountId}` }, attempt, 'The present password is not right.');
  const passwordHash = await hashed(body.password);
  return db.transaction(async (tx) => {
    await setPasswordHash(tx, accountId, passwordHash);
    await endSessions(tx, accountId);
    return openSession(tx, clock, accountId, caller);
  });
}
