import { existsSync } from 'node:fs';
import path from 'node:path';
import { setTimeout } from 'node:timers/promises';
import compression from 'compression';
import express, { type Express, type Response } from 'express';
import helmet from 'helmet';
import { Firms, type Served } from '../access/firms.ts';
import { KnownSessions } from '../access/knownsessions.ts';
import type { Pool } from '../db/pool.ts';
import type { Replica } from '../db/replica.ts';
import type { LiveFeed } from '../live/feed.ts';
import { requestLog } from '../operations/log.ts';
import type { Mail } from '../operations/mail.ts';
import type { Metrics } from '../operations/metrics.ts';
import { numberRequests } from '../operations/requestid.ts';
import { Asker } from '../sources/asking.ts';
import { Fetcher } from '../sources/fetcher.ts';
import { standInsAt } from '../standins/weatherserver.ts';
import type { Tasks } from '../tasks/tasks.ts';
import { ROUTES } from './allroutes.ts';
import { noSuchAddress, problemHandler } from './errors.ts';
import { guard, hostOf } from './guard.ts';
import { described } from './described.ts';
import type { Cost } from './ratelimits.ts';
import { mount, type Context } from './routes.ts';

/** Who asks whether the server is ready is not kept waiting. */
const READY_MS = 90;

export interface AppOptions {
  readonly pool: Pool;
  /** The database holds several firms, each reached under its own host name. */
  readonly several?: boolean;
  readonly now?: () => Date;
  /** Folder of the built interface; without it only the API answers. */
  readonly webDist?: string | undefined;
  readonly allowedHosts?: readonly string[];
  /** Requests a minute from one address, by what they cost; absent for no limit. */
  readonly perMinute?: Readonly<Record<Cost, number>> | undefined;
  /** Something in front hands requests on and tells from whom they came. */
  readonly behindProxy?: boolean;
  /** A copy of the database for reports. */
  readonly replica?: Replica | undefined;
  /** Tells what others change. */
  readonly live?: LiveFeed | undefined;
  /** Measures what is asked. */
  readonly metrics?: Metrics | undefined;
  /** Makes what takes long. */
  readonly tasks?: Tasks | undefined;
  /** Asks other servers; one that asks over HTTPS, where nothing else is said. */
  readonly fetcher?: Fetcher;
  /** Sends letters. */
  readonly mail?: Mail | undefined;
}

function serveWeb(app: Express, webDist: string): void {
  const index = path.join(webDist, 'index.html');
  app.use(
    express.static(webDist, {
      index: false,
      setHeaders: (res, file) => {
        const hashed = path.dirname(file).endsWith('assets');
        res.setHeader('Cache-Control', hashed ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  // Addresses of the interface itself are answered with its page; anything with a file ending is a file.
  app.get('/*splat', (req, res, next) => {
    if (path.extname(req.path) !== '' || req.path.startsWith('/api/')) return next();
    res.setHeader('Cache-Control', 'no-cache');
    return res.sendFile(index);
  });
  app.get('/', (_req, res) => res.setHeader('Cache-Control', 'no-cache').sendFile(index));
}

export function createApp({
  pool,
  several = false,
  now = () => new Date(),
  webDist,
  allowedHosts = [],
  perMinute,
  behindProxy = false,
  replica,
  live,
  tasks,
  metrics,
  mail,
  fetcher = new Fetcher({ standIns: standInsAt(now) }),
}: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.set('etag', false);
  if (behindProxy) app.set('trust proxy', 'loopback');
  app.use(numberRequests(behindProxy), requestLog());
  if (metrics) app.use(metrics.measure);
  const firms = new Firms(pool, several, tasks, live && new KnownSessions(live));
  app.use(guard(allowedHosts, several ? firms : undefined));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          // The exact solver of the courses is WebAssembly.
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          // Element Plus positions its pop-ups with style attributes.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use(compression());

  const { document, tag, page } = described(ROUTES);
  app.get('/api/v1/openapi.json', (_req, res) => res.setHeader('ETag', tag).type('json').send(document));
  app.get('/api/v1/docs', (_req, res) => res.type('html').send(page));
  // Alive: whatever becomes of the database.
  app.get('/api/v1/health', (_req, res) => res.json({ ok: true }));
  // Ready: the database answers, and soon.
  app.get('/api/v1/ready', async (_req, res) => {
    const ready = await Promise.race([
      pool.query('SELECT 1').then(
        () => true,
        () => false,
      ),
      setTimeout(READY_MS, false, { ref: false }),
    ]);
    res.status(ready ? 200 : 503).json({ ok: ready });
  });
  app.use('/api/v1', (_req, res, next) => {
    res.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use('/api/v1', async (req, res, next) => {
    const served = await firms.need(hostOf(req));
    res.locals['served'] = served;
    return served.readSession(req, res, next);
  });
  const asker = new Asker(fetcher);
  const contextOf = (res: Response): Context => ({
    ...(res.locals['served'] as Served),
    ...{ now, replica, live, mail, asker },
  });
  app.use('/api/v1', mount(ROUTES, contextOf, perMinute));
  if (webDist !== undefined && existsSync(webDist)) serveWeb(app, webDist);
  app.use(noSuchAddress);
  app.use(problemHandler);
  return app;
}
