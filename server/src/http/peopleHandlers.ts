import {
  ChangePersonBody,
  FirstAccountBody,
  HouseRulesBody,
  NewPersonBody,
  OneTimeBody,
  PasswordBody,
  ResetBody,
  SignInBody,
  type FirmRecord,
  type SessionRecord,
} from '@oddment/contracts';
import { hoursProblems, rateProblems } from '@oddment/core';
import type { Request } from 'express';
import type { Clock } from '../clock.ts';
import { HttpProblem, notFound } from '../problem.ts';
import {
  addPerson,
  changePassword,
  changePerson,
  demoSignIn,
  firstAccount,
  resetPerson,
  setHouseRules,
  signIn,
  signInByLink,
  tokenHash,
} from '../services/accountService.ts';
import { accountCount, deleteSession, endSession, listPeople, listSessions, signedInBy, type SignedIn } from '../store/accountStore.ts';
import type { Database } from '../store/database.ts';
import { cookieToken, sessionCookie, type Call, type Handler } from './call.ts';

const loopback = new Set(['127.0.0.1', '::1', '::ffff:127.0.0.1']);

function firmRecord({ name, demo, rules, version }: SignedIn['firm']): FirmRecord {
  return { name, demo, rules, version };
}

/** Who a request comes from, by its session. */
export async function signedIn(db: Database, clock: Clock, req: Request): Promise<SignedIn | undefined> {
  const token = cookieToken(req);
  return token === undefined ? undefined : signedInBy(db, tokenHash(token), clock.now().toISOString());
}

/** Sessions, the firm and its people. */
export function peopleHandlers({ db, clock, demo, secure }: { db: Database; clock: Clock; demo: boolean; secure: boolean }) {
  const nowText = () => clock.now().toISOString();
  const callerOf = (req: Request) => ({ agent: req.headers['user-agent'] ?? '', address: req.socket.remoteAddress ?? '' });
  const sessionRecord = async (who: SignedIn | undefined): Promise<SessionRecord> => {
    const base = { demo, now: nowText(), frozen: clock.frozen };
    if (who) return { ...base, state: 'signed-in', account: who.account, firm: firmRecord(who.firm) };
    return { ...base, state: (await accountCount(db)) === 0 ? 'no-account' : 'signed-out' };
  };
  /** A new token for whoever signed in; the session that the browser came with ends. */
  const begin = async ({ req, res }: Call, token: string): Promise<SessionRecord> => {
    const old = cookieToken(req);
    if (old !== undefined) await deleteSession(db, tokenHash(old));
    res.cookie(sessionCookie.name, token, { ...sessionCookie.options, secure });
    return sessionRecord(await signedInBy(db, tokenHash(token), nowText()));
  };
  return {
    readSession: async ({ req }) => sessionRecord(await signedIn(db, clock, req)),
    signIn: async (call) => {
      const { login, password } = call.body(SignInBody);
      return begin(call, await signIn(db, clock, login, password, callerOf(call.req)));
    },
    signOut: async ({ req, res }) => {
      const token = cookieToken(req);
      if (token !== undefined) await deleteSession(db, tokenHash(token));
      res.clearCookie(sessionCookie.name, { path: '/' });
    },
    firstAccount: async (call) => begin(call, await firstAccount(db, clock, call.body(FirstAccountBody), callerOf(call.req))),
    demoSignIn: async (call) => {
      if (!demo || !loopback.has(call.req.socket.remoteAddress ?? '')) throw new HttpProblem(403, 'The demo signs in by itself on this machine only.');
      return begin(call, await demoSignIn(db, clock, callerOf(call.req)));
    },
    oneTime: async (call) => begin(call, await signInByLink(db, clock, call.body(OneTimeBody), callerOf(call.req))),
    readFirm: ({ who }) => Promise.resolve(firmRecord(who.firm)),
    changeRules: async ({ scope, who, body }) => {
      const { version, schools, rates, labor, hours } = body(HouseRulesBody);
      const [wrong] = rateProblems(rates ?? {}, who.firm.rules.rates);
      if (wrong !== undefined) throw new HttpProblem(422, wrong, { problems: [{ path: 'rates', message: wrong }] });
      const [never] = hours ? hoursProblems(hours) : [];
      if (never !== undefined) throw new HttpProblem(422, never, { problems: [{ path: 'hours', message: never }] });
      const worked = hours && { hours: { ...hours, ...(hours.pause && { pause: { ...hours.pause } }) } };
      return firmRecord(await setHouseRules(db, scope.firmId, version, { schools, ...(rates && { rates }), ...(labor && { labor: { ...labor } }), ...worked }));
    },
    changePassword: async (call) => begin(call, await changePassword(db, clock, call.who.account.id, call.body(PasswordBody), callerOf(call.req))),
    listSessions: ({ who }) => listSessions(db, who.account.id, nowText(), who.session),
    endSession: async ({ who, id }) => {
      if (!(await endSession(db, who.account.id, id))) throw notFound('This session');
    },
    listPeople: ({ scope }) => listPeople(db, scope.firmId),
    addPerson: ({ scope, body }) => addPerson(db, clock, scope, body(NewPersonBody)),
    changePerson: ({ scope, id, body }) => changePerson(db, scope, id, body(ChangePersonBody)),
    resetPerson: ({ scope, id, body }) => resetPerson(db, clock, scope, id, body(ResetBody).change),
  } satisfies Readonly<Record<string, Handler>>;
}
