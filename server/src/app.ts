import { check, checkJobFile, FirstAccountBody, HouseRulesBody, NewAreaBody, NewDefectBody, NewJobBody, SignInBody, ChangeAreaBody, ChangeDefectBody, ChangeJobBody, VersionBody, writeJobFile, type FirmRecord, type SessionRecord } from '@oddment/contracts';
import compression from 'compression';
import express, { type CookieOptions, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Clock } from './clock.ts';
import { HttpProblem, notFound } from './problem.ts';
import { demoSignIn, firstAccount, sessionDays, setHouseRules, signIn, tokenHash } from './services/accountService.ts';
import { importJob } from './services/jobFileService.ts';
import { areaValues, changeRecord, createRecord, defectValues, jobValues, type Answer } from './services/recordService.ts';
import { accountCount, deleteSession, signedInBy, type SignedIn } from './store/accountStore.ts';
import type { OpenDatabase } from './store/database.ts';
import { listJobs, readJob, type Entity, type Scope } from './store/jobStore.ts';

const cookieName = 'oddment_session';
const cookieOptions: CookieOptions = { httpOnly: true, sameSite: 'strict', secure: false, path: '/', maxAge: sessionDays * 86_400_000 };
const loopback = new Set(['127.0.0.1', '::1', '::ffff:127.0.0.1']);
const uuidPattern = /^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/i;

export interface AppParts {
  readonly database: OpenDatabase;
  readonly clock: Clock;
  readonly demo: boolean;
  readonly log: Logger;
  readonly webDir?: string;
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

function firmRecord({ name, demo, rules, version }: SignedIn['firm']): FirmRecord {
  return { name, demo, rules, version };
}

function asProblem(error: unknown): HttpProblem {
  if (error instanceof HttpProblem) return error;
  const { status, type } = (typeof error === 'object' && error !== null ? error : {}) as { status?: unknown; type?: unknown };
  if (type === 'entity.parse.failed') return new HttpProblem(400, 'The body is not JSON.');
  if (type === 'entity.too.large') return new HttpProblem(413, 'The body is too large.');
  if (typeof status === 'number' && status >= 400 && status < 500) return new HttpProblem(status, 'The request cannot be read.');
  return new HttpProblem(500, 'The server could not do this. Nothing was changed. Try again.');
}

/** The whole HTTP side: routes, sessions, problems, and the built page. */
export function makeApp({ database, clock, demo, log, webDir }: AppParts): express.Express {
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
      strictTransportSecurity: false,
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
  const signedIn = async (req: Request) => {
    const token = cookieToken(req);
    return token === undefined ? undefined : signedInBy(db, tokenHash(token), nowText());
  };
  const scopeOf = (res: Response): Scope => res.locals['scope'] as Scope;
  const sessionRecord = async (who: SignedIn | undefined): Promise<SessionRecord> => {
    const base = { demo, now: nowText(), frozen: clock.frozen };
    if (who) return { ...base, state: 'signed-in', account: { name: who.account.name, role: who.account.role }, firm: firmRecord(who.firm) };
    return { ...base, state: (await accountCount(db)) === 0 ? 'no-account' : 'signed-out' };
  };

  api.get('/session', async (req, res) => {
    res.json(await sessionRecord(await signedIn(req)));
  });
  const begin = async (res: Response, token: string) => {
    res.cookie(cookieName, token, cookieOptions);
    res.status(201).json(await sessionRecord(await signedInBy(db, tokenHash(token), nowText())));
  };
  api.post('/session', async (req, res) => {
    const { login, password } = bodyOf(SignInBody, req);
    await begin(res, await signIn(db, clock, login, password));
  });
  api.post('/first-account', async (req, res) => {
    await begin(res, await firstAccount(db, clock, bodyOf(FirstAccountBody, req)));
  });
  api.post('/demo-session', async (req, res) => {
    if (!demo || !loopback.has(req.socket.remoteAddress ?? '')) throw new HttpProblem(403, 'The demo signs in by itself on this machine only.');
    await begin(res, await demoSignIn(db, clock));
  });
  api.delete('/session', async (req, res) => {
    const token = cookieToken(req);
    if (token !== undefined) await deleteSession(db, tokenHash(token));
    res.clearCookie(cookieName, { path: '/' });
    res.status(204).end();
  });

  // everything below is for who is signed in, within their firm
  api.use(async (req: Request, res: Response, next: NextFunction) => {
    const who = await signedIn(req);
    if (!who) throw new HttpProblem(401, 'Sign in first.');
    res.locals['who'] = who;
    res.locals['scope'] = { firmId: who.firm.id, accountId: who.account.id, at: nowText() } satisfies Scope;
    next();
  });
  api.get('/firm', (_req, res) => {
    res.json(firmRecord((res.locals['who'] as SignedIn).firm));
  });
  api.put('/firm', async (req, res) => {
    const body = bodyOf(HouseRulesBody, req);
    res.json(firmRecord(await setHouseRules(db, scopeOf(res).firmId, body.version, { chase: body.chase })));
  });

  const created = (res: Response, answer: Answer) => {
    res.status(answer.repeated ? 200 : 201).json(answer.record);
  };
  api.get('/jobs', async (_req, res) => {
    res.json(await listJobs(db, scopeOf(res)));
  });
  const wholeJob = async (req: Request, res: Response) => {
    const job = await readJob(db, scopeOf(res), idOf(req));
    if (!job) throw notFound('This job');
    return job;
  };
  api.get('/jobs/:id', async (req, res) => {
    res.json(await wholeJob(req, res));
  });
  api.get('/jobs/:id/file', async (req, res) => {
    const job = await wholeJob(req, res);
    res.attachment(`${job.site.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.oddment.json`).type('application/json');
    res.send(writeJobFile(withoutVersions(job), (res.locals['who'] as SignedIn).firm.rules));
  });
  api.post('/job-files', async (req, res) => {
    if (req.body === undefined) throw new HttpProblem(415, 'Send a job file with content type application/json.');
    const checked = checkJobFile(req.body);
    if (!checked.ok) throw new HttpProblem(422, `The job file has ${String(checked.problems.length)} problems.`, { problems: checked.problems });
    res.status(201).json(await importJob(db, scopeOf(res), checked.value));
  });
  api.post('/jobs', async (req, res) => {
    const body = bodyOf(NewJobBody, req);
    created(res, await createRecord(db, scopeOf(res), 'job', body, jobValues(body)));
  });
  api.post('/jobs/:id/areas', async (req, res) => {
    const body = bodyOf(NewAreaBody, req);
    created(res, await createRecord(db, scopeOf(res), 'area', body, areaValues(body), { entity: 'job', id: idOf(req) }));
  });
  api.post('/areas/:id/defects', async (req, res) => {
    const body = bodyOf(NewDefectBody, req);
    created(res, await createRecord(db, scopeOf(res), 'defect', body, defectValues(body), { entity: 'area', id: idOf(req) }));
  });
  api.put('/jobs/:id', async (req, res) => {
    const body = bodyOf(ChangeJobBody, req);
    res.json((await changeRecord(db, scopeOf(res), 'job', idOf(req), body, 'change', jobValues(body))).record);
  });
  api.put('/areas/:id', async (req, res) => {
    const body = bodyOf(ChangeAreaBody, req);
    res.json((await changeRecord(db, scopeOf(res), 'area', idOf(req), body, 'change', areaValues(body))).record);
  });
  api.put('/defects/:id', async (req, res) => {
    const body = bodyOf(ChangeDefectBody, req);
    res.json((await changeRecord(db, scopeOf(res), 'defect', idOf(req), body, 'change', defectValues(body))).record);
  });
  for (const [path, entity] of [['jobs', 'job'], ['areas', 'area'], ['defects', 'defect']] as const satisfies readonly (readonly [string, Entity])[]) {
    api.delete(`/${path}/:id`, async (req, res) => {
      res.json((await changeRecord(db, scopeOf(res), entity, idOf(req), bodyOf(VersionBody, req), 'delete', { deletedAt: nowText() })).record);
    });
    api.post(`/${path}/:id/restore`, async (req, res) => {
      res.json((await changeRecord(db, scopeOf(res), entity, idOf(req), bodyOf(VersionBody, req), 'restore', { deletedAt: null })).record);
    });
  }
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
