import { openApi, refusedTo, routeNames, routeOf, type RouteName } from '@oddment/contracts';
import compression from 'compression';
import express, { type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { Clock } from './clock.ts';
import { callOf, type Handler } from './http/call.ts';
import { patiently } from './http/patiently.ts';
import { jobHandlers } from './http/jobHandlers.ts';
import { mountPages } from './http/pages.ts';
import { photoHandlers } from './http/photoHandlers.ts';
import { outsideHandlers } from './http/outsideHandlers.ts';
import { daysHandlers } from './http/daysHandlers.ts';
import { offerHandlers } from './http/offerHandlers.ts';
import { historyHandlers } from './http/historyHandlers.ts';
import { planHandlers } from './http/planHandlers.ts';
import { shelfHandlers } from './http/shelfHandlers.ts';
import { peopleHandlers, signedIn } from './http/peopleHandlers.ts';
import { asProblem, HttpProblem, notFound } from './problem.ts';
import { goesBy, nameIn } from './settings.ts';
import type { Readings } from './services/readings.ts';
import type { OpenDatabase } from './store/database.ts';
import { forFirm } from './store/firmWall.ts';

export interface AppParts {
  readonly database: OpenDatabase;
  readonly clock: Clock;
  readonly demo: boolean;
  readonly log: Logger;
  readonly webDir?: string;
  /** served over TLS: the cookie is then sent over it only */
  readonly secure?: boolean;
  /** names that it goes by besides loopback */
  readonly names?: readonly string[];
  /** how long a request waits for a database that is away, in ms */
  readonly patienceMs?: number;
  readonly weatherUrl?: string;
  /** readings of the instruments, where there are any */
  readonly readings?: Readings;
}

const contentSecurityPolicy = {
  directives: {
    'default-src': ["'self'"],
    'script-src': ["'self'"],
    'style-src': ["'self'", "'unsafe-inline'"],
    'font-src': ["'self'"],
    'img-src': ["'self'", 'data:', 'blob:'],
    'worker-src': ["'self'"],
    'upgrade-insecure-requests': null,
  },
};

/** The whole HTTP side: routes, sessions, problems, and the built page. */
export function makeApp({
  database,
  clock,
  demo,
  log,
  webDir,
  secure = false,
  names = [],
  patienceMs = 10_000,
  weatherUrl,
  readings,
}: AppParts): express.Express {
  const { db } = database;
  const app = express();
  app.disable('x-powered-by');
  // nothing that it answers is kept; the files of the page have theirs
  app.disable('etag');
  app.use(pinoHttp({ logger: log, autoLogging: { ignore: (req) => req.url === '/healthz' }, redact: ['req.headers.cookie', 'res.headers["set-cookie"]'] }));
  app.use(helmet({ contentSecurityPolicy, strictTransportSecurity: secure }));
  // a page of another name that resolves to here is another site, whatever it says of itself
  app.use((req, _res, next) => {
    const name = nameIn(req.headers.host ?? '');
    if (!goesBy(names, name))
      throw new HttpProblem(
        403,
        `This server does not go by '${name}'. Open it by a name it was started with, or start it with --name ${name === '' ? 'NAME' : name}.`,
      );
    next();
  });
  app.use(compression());
  app.get('/healthz', async (_req, res) => {
    const ok = await database.ping().then(
      () => true,
      () => false,
    );
    res.status(ok ? 200 : 503).json({ ok });
  });

  const api = express.Router();
  api.use((req, _res, next) => {
    const { origin, host } = req.headers;
    if (req.method !== 'GET' && origin !== undefined && !(URL.canParse(origin) && new URL(origin).host === host))
      throw new HttpProblem(403, 'This request comes from another site.');
    next();
  });
  // read in a thread, as it came
  api.use('/job-files', express.text({ type: 'application/json', limit: '8mb' }));
  api.use('/defects/:id/photos', express.json({ limit: '3mb' }));
  api.use('/jobs/:id/days', express.json({ limit: '3mb' }));
  api.use(express.json({ limit: '256kb' }));
  api.use((_req, res, next) => {
    res.set('Cache-Control', 'no-store');
    next();
  });

  const handlers: Readonly<Record<RouteName, Handler>> = {
    ...peopleHandlers({ db, clock, demo, secure }),
    ...jobHandlers(db),
    ...photoHandlers(db),
    ...planHandlers(db),
    ...daysHandlers(db),
    ...offerHandlers(db),
    ...shelfHandlers(db),
    ...historyHandlers(db, clock),
    ...outsideHandlers(db, weatherUrl, readings, clock),
  };
  const answered = async (name: RouteName, req: Request, res: Response) => {
    const { access, status } = routeOf(name);
    const who = access === 'open' ? undefined : await signedIn(db, clock, req);
    if (access !== 'open') {
      if (!who) throw new HttpProblem(401, 'Sign in first.');
      const meant = req.headers['oddment-account'];
      // what one person left in a browser is never taken as another's who signed in there meanwhile
      if (meant !== undefined && meant !== '' && meant !== who.account.id) throw new HttpProblem(401, 'Somebody else is signed in in this browser now.');
      if (!access.includes(who.account.role)) throw new HttpProblem(403, refusedTo(who.account.role, access));
    }
    res.status(status);
    const handled = () => handlers[name](callOf(req, res, who, clock.now().toISOString()));
    return who ? forFirm(who.firm.id, handled) : handled();
  };
  for (const name of routeNames) {
    const { method, path } = routeOf(name);
    api[method](path.replaceAll(/\{(\w+)\}/g, ':$1'), async (req, res) => {
      const answer = await patiently(res, patienceMs, () => answered(name, req, res));
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
  mountPages(app, webDir);

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
