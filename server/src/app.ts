import {
  ChangeAreaBody, ChangeDefectBody, ChangeJobBody, ChangePersonBody, check, checkJobFile, FirstAccountBody, HouseRulesBody, NewAreaBody, NewDefectBody, NewJobBody, NewPersonBody, OneTimeBody, openApi,
  PasswordBody, ResetBody, routeNames, routeOf, SignInBody, VersionBody, writeJobFile, type FirmRecord, type RouteName, type SessionRecord,
} from '@oddment/contracts';
import compression from 'compression';
import express, { type CookieOptions, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Clock } from './clock.ts';
import { sheetsPdf } from './documents/sheetsPdf.ts';
import { HttpProblem, notFound } from './problem.ts';
import { addPerson, changePassword, changePerson, demoSignIn, firstAccount, resetPerson, sessionDays, setHouseRules, signIn, tokenHash, signInByLink } from './services/accountService.ts';
import { importJob } from './services/jobFileService.ts';
import { areaValues, changeRecord, createRecord, defectValues, jobValues, type Answer } from './services/recordService.ts';
import { accountCount, deleteSession, endSession, listPeople, listSessions, signedInBy, type SignedIn } from './store/accountStore.ts';
import type { OpenDatabase } from './store/database.ts';
import { listJobs, readJob, type Entity, type Scope } from './store/jobStore.ts';

const cookieName = 'oddment_session';
const cookieOptions: CookieOptions = { httpOnly: true, sameSite: 'strict', path: '/', maxAge: sessionDays * 86_400_000 };
const loopback = new Set(['127.0.0.1', '::1', '::ffff:127.0.0.1']);
const uuidPattern = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;

export interface AppParts {
  readonly database: OpenDatabase;
  readonly clock: Clock;
  readonly demo: boolean;
  readonly log: Logger;
  readonly webDir?: string;
  /** served over TLS: the cookie is then sent over it only */
  readonly secure?: boolean;
}

function cookieToken(req: Request): string | undefined {
  const found = (req.headers.cookie ?? '').split(';').map((c) => c.trim()).find((c) => c.startsWith(`${cookieName}=`));
  return found?.slice(cookieName.length + 1);
}

function bodyOf<T extends object>(contract: new () => T, req: Request): T {
  if (req.body === undefined) throw new HttpProblem(415, 'Send a JSON object with content type application/json.');
  const checked = check(contract, req.body);
  if (!checked.ok) throw new HttpProblem(422, checked.problems[0]?.message ?? 'The input cannot be taken.', { problems: checked.problems });
  return checked.value;
}

function idOf(req: Request): string {
  const id = req.params['id'];
  if (typeof id !== 'string' || !uuidPattern.test(id)) throw notFound('That');
  return id;
}

/** One request, as the handlers see it. What is not there is refused when asked for. */
interface Call {
  readonly req: Request;
  readonly res: Response;
  readonly who: SignedIn;
  readonly scope: Scope;
  readonly id: string;
  readonly body: <T extends object>(contract: new () => T) => T;
}

function callOf(req: Request, res: Response, who: SignedIn | undefined, at: string): Call {
  return {
    req,
    res,
    get who() {
      if (!who) throw new HttpProblem(401, 'Sign in first.');
      return who;
    },
    get scope() {
      return { firmId: this.who.firm.id, accountId: this.who.account.id, at };
    },
    get id() {
      return idOf(req);
    },
    body: (contract) => bodyOf(contract, req),
  };
}

function firmRecord({ name, demo, rules, version }: SignedIn['firm']): FirmRecord {
  return { name, demo, rules, version };
}

/** Whether PostgreSQL refused a value itself (its class 22, data exceptions). */
function isDataError(error: unknown): boolean {
  const { code, cause } = (typeof error === 'object' && error !== null ? error : {}) as { code?: unknown; cause?: unknown };
  return (typeof code === 'string' && /^22/.test(code)) || (cause !== undefined && isDataError(cause));
}

function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  const { status, type } = (typeof error === 'object' && error !== null ? error : {}) as { status?: unknown; type?: unknown };
  if (type === 'entity.parse.failed') return new HttpProblem(400, 'The body is not JSON.');
  if (type === 'entity.too.large') return new HttpProblem(413, 'The body is too large.');
  if (isDataError(error)) return new HttpProblem(422, 'Something in it cannot be kept.', { problems: [{ path: '', message: 'A value is larger than can be kept, or holds a character that cannot.' }] });
  if (typeof status === 'number' && status >= 400 && status < 500) return new HttpProblem(status, 'The request cannot be read.');
  return new HttpProblem(500, 'The server could not do this. Nothing was changed. Try again.');
}

/** The whole HTTP side: routes, sessions, problems, and the built page. */
export function makeApp({ database, clock, demo, log, webDir, secure = false }: AppParts): express.Express {
  const { db } = database;
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger: log, autoLogging: { ignore: (req) => req.url === '/healthz' }, redact: ['req.headers.cookie', 'res.headers["set-cookie"]'] }));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'default-src': ["'self'"],
          'script-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
          'font-src': ["'self'"],
          'img-src': ["'self'", 'data:', 'blob:'],
          'worker-src': ["'self'"],
          'upgrade-insecure-requests': null,
        },
      },
      strictTransportSecurity: secure,
    }),
  );
  app.use(compression());
  app.get('/healthz', async (_req, res) => {
    await database.ping();
    res.json({ ok: true });
  });

  const api = express.Router();
  api.use((req, _res, next) => {
    const { origin, host } = req.headers;
    if (req.method !== 'GET' && origin !== undefined && !(URL.canParse(origin) && new URL(origin).host === host)) throw new HttpProblem(403, 'This request comes from another site.');
    next();
  });
  api.use('/job-files', express.json({ limit: '8mb' }));
  api.use(express.json({ limit: '256kb' }));
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });

  const nowText = () => clock.now().toISOString();
  const callerOf = (req: Request) => ({ agent: req.headers['user-agent'] ?? '', address: req.socket.remoteAddress ?? '' });
  const signedIn = async (req: Request) => {
    const token = cookieToken(req);
    return token === undefined ? undefined : signedInBy(db, tokenHash(token), nowText());
  };
  const sessionRecord = async (who: SignedIn | undefined): Promise<SessionRecord> => {
    const base = { demo, now: nowText(), frozen: clock.frozen };
    if (who) return { ...base, state: 'signed-in', account: who.account, firm: firmRecord(who.firm) };
    return { ...base, state: (await accountCount(db)) === 0 ? 'no-account' : 'signed-out' };
  };
  /** A new token for whoever signed in; the session that the browser came with ends. */
  const begin = async ({ req, res }: Call, token: string): Promise<SessionRecord> => {
    const old = cookieToken(req);
    if (old !== undefined) await deleteSession(db, tokenHash(old));
    res.cookie(cookieName, token, { ...cookieOptions, secure });
    return sessionRecord(await signedInBy(db, tokenHash(token), nowText()));
  };
  const wholeJob = async ({ scope, id }: Call) => {
    const job = await readJob(db, scope, id);
    if (!job) throw notFound('This job');
    return job;
  };
  const created = ({ res }: Call, answer: Answer) => {
    if (answer.repeated) res.status(200);
    return answer.record;
  };
  const changed = async (entity: Entity, { scope, id }: Call, body: { change: string; version: number }, action: 'change' | 'delete' | 'restore', values: Readonly<Record<string, unknown>>) => (await changeRecord(db, scope, entity, id, body, action, values)).record;
  const gone = (entity: Entity) => (call: Call) => changed(entity, call, call.body(VersionBody), 'delete', { deletedAt: nowText() });
  const back = (entity: Entity) => (call: Call) => changed(entity, call, call.body(VersionBody), 'restore', { deletedAt: null });

  const handlers: Record<RouteName, (call: Call) => Promise<unknown>> = {
    readSession: async ({ req }) => sessionRecord(await signedIn(req)),
    signIn: async (call) => {
      const { login, password } = call.body(SignInBody);
      return begin(call, await signIn(db, clock, login, password, callerOf(call.req)));
    },
    signOut: async ({ req, res }) => {
      const token = cookieToken(req);
      if (token !== undefined) await deleteSession(db, tokenHash(token));
      res.clearCookie(cookieName, { path: '/' });
    },
    firstAccount: async (call) => begin(call, await firstAccount(db, clock, call.body(FirstAccountBody), callerOf(call.req))),
    demoSignIn: async (call) => {
      if (!demo || !loopback.has(call.req.socket.remoteAddress ?? '')) throw new HttpProblem(403, 'The demo signs in by itself on this machine only.');
      return begin(call, await demoSignIn(db, clock, callerOf(call.req)));
    },
    oneTime: async (call) => begin(call, await signInByLink(db, clock, call.body(OneTimeBody), callerOf(call.req))),
    readFirm: ({ who }) => Promise.resolve(firmRecord(who.firm)),
    changeRules: async ({ scope, body }) => {
      const { version, chase } = body(HouseRulesBody);
      return firmRecord(await setHouseRules(db, scope.firmId, version, { chase }));
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
    listJobs: ({ scope }) => listJobs(db, scope),
    readJob: wholeJob,
    exportJob: async (call) => {
      const job = await wholeJob(call);
      call.res.attachment(`${job.site.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.oddment.json`).type('application/json');
      call.res.send(writeJobFile(withoutVersions(job), call.who.firm.rules));
    },
    jobSheets: async (call) => {
      const job = await wholeJob(call);
      const { units, defect } = call.req.query;
      if (units !== undefined && units !== 'metric' && units !== 'us') throw new HttpProblem(422, 'The units must be metric or us, or left out.', { problems: [{ path: 'units', message: 'It must be metric or us, or left out.' }] });
      const one = job.areas.flatMap((a) => a.defects).find((d) => d.id === defect);
      if (defect !== undefined && !one) throw notFound('This defect');
      const pdf = await sheetsPdf(job, call.who.firm.rules, { units: units ?? job.units, ...(one && { defectId: one.id }) });
      call.res.attachment(`${one?.mark ?? 'sheets'}.pdf`).type('application/pdf');
      call.res.send(pdf);
    },
    importJob: ({ req, scope }) => {
      if (req.body === undefined) throw new HttpProblem(415, 'Send a job file with content type application/json.');
      const checked = checkJobFile(req.body);
      if (!checked.ok) throw new HttpProblem(422, `The job file has ${String(checked.problems.length)} problems.`, { problems: checked.problems });
      return importJob(db, scope, checked.value);
    },
    createJob: async (call) => {
      const body = call.body(NewJobBody);
      return created(call, await createRecord(db, call.scope, 'job', body, jobValues(body)));
    },
    createArea: async (call) => {
      const body = call.body(NewAreaBody);
      return created(call, await createRecord(db, call.scope, 'area', body, areaValues(body), { entity: 'job', id: call.id }));
    },
    createDefect: async (call) => {
      const body = call.body(NewDefectBody);
      return created(call, await createRecord(db, call.scope, 'defect', body, defectValues(body), { entity: 'area', id: call.id }));
    },
    changeJob: (call) => {
      const body = call.body(ChangeJobBody);
      return changed('job', call, body, 'change', jobValues(body));
    },
    changeArea: (call) => {
      const body = call.body(ChangeAreaBody);
      return changed('area', call, body, 'change', areaValues(body));
    },
    changeDefect: (call) => {
      const body = call.body(ChangeDefectBody);
      return changed('defect', call, body, 'change', defectValues(body));
    },
    deleteJob: gone('job'),
    deleteArea: gone('area'),
    deleteDefect: gone('defect'),
    restoreJob: back('job'),
    restoreArea: back('area'),
    restoreDefect: back('defect'),
  };

  for (const name of routeNames) {
    const { method, path, access, status } = routeOf(name);
    api[method](path.replaceAll(/\{(\w+)\}/g, ':$1'), async (req, res) => {
      const who = access === 'open' ? undefined : await signedIn(req);
      if (access !== 'open') {
        if (!who) throw new HttpProblem(401, 'Sign in first.');
        if (!access.includes(who.account.role)) throw new HttpProblem(403, `This is not for the role of ${who.account.role}. Ask an owner of the firm.`);
      }
      res.status(status);
      const answer = await handlers[name](callOf(req, res, who, nowText()));
      if (res.headersSent) return;
      if (answer === undefined) res.end();
      else res.json(answer);
    });
  }
  api.get('/openapi.json', (_req, res) => {
    res.json(openApi());
  });
  api.use(() => {
    throw notFound('That address');
  });
  app.use('/api', api);

  if (webDir !== undefined && existsSync(webDir)) {
    app.use('/assets', express.static(join(webDir, 'assets'), { immutable: true, maxAge: '365d', index: false }));
    app.use(express.static(webDir, { index: false, maxAge: 0 }));
    app.get('/{*splat}', (_req, res) => {
      res.set('Cache-Control', 'no-cache').sendFile(join(webDir, 'index.html'));
    });
  }

  app.use((error: unknown, req: Request, res: Response, next: NextFunction) => {
    const problem = asProblem(error);
    if (problem.status === 500) req.log.error({ err: error }, 'unexpected');
    if (res.headersSent) {
      next(error);
      return;
    }
    res.status(problem.status).type('application/problem+json').send(JSON.stringify(problem.document()));
  });
  return app;
}

function withoutVersions(job: NonNullable<Awaited<ReturnType<typeof readJob>>>) {
  const { version: _job, ...rest } = job;
  return { ...rest, areas: job.areas.map(({ version: _area, ...area }) => ({ ...area, defects: area.defects.map(({ version: _defect, ...defect }) => defect) })) };
}
