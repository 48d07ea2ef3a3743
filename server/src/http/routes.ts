/** Routes that describe themselves: one definition serves the request and writes its page of the OpenAPI document. */
import express, { type Request, type Response, type Router } from 'express';
import type { z } from 'zod';
import type { oas31 } from 'zod-openapi';
import { check, type Result } from '@lentum/core/problems';
import { checkWhereItFits } from '../compute/large.ts';
import { withoutPrices, type Right } from '@lentum/core/access';
import type { FirmMode } from '../access/firmmode.ts';
import { whoAsks } from '../access/sessions.ts';
import type { Tries } from '../access/tries.ts';
import type { Who } from '../access/who.ts';
import type { Pool } from '../db/pool.ts';
import type { Replica } from '../db/replica.ts';
import type { LiveFeed } from '../live/feed.ts';
import type { Mail } from '../operations/mail.ts';
import type { Asker } from '../sources/asking.ts';
import type { FirmTasks } from '../tasks/firmtasks.ts';
import { badRequest, HttpProblem, unprocessable } from './errors.ts';
import { notPlain } from './plaintext.ts';
import { costOf, rateLimits, type Cost } from './ratelimits.ts';

export interface Context {
  readonly pool: Pool;
  /** Whether people sign in here. */
  readonly mode: FirmMode;
  /** Wrong passwords and codes. */
  readonly tries: Tries;
  /** The clock, so that tests can hold it. */
  readonly now: () => Date;
  /** A copy of the database for reports; absent where there is none. */
  readonly replica?: Replica | undefined;
  /** Tells what others change; absent where the server does not listen. */
  readonly live?: LiveFeed | undefined;
  /** Makes what takes long; absent where the server does no tasks. */
  readonly tasks?: FirmTasks | undefined;
  /** Who sessions are, kept for some minutes; absent where each request asks the database. */
  readonly known?: { readonly forget: () => void } | undefined;
  /** Asks sources of weather that answer over HTTP. */
  readonly asker: Asker;
  /** Sends letters; absent where no mail server is set. */
  readonly mail?: Mail | undefined;
}

export interface RouteInput<B, Q> {
  readonly params: Readonly<Record<string, string>>;
  readonly body: B;
  readonly query: Q;
  readonly context: Context;
  /** Who asks; that they may is looked at already. */
  readonly who: Who;
  readonly req: Request;
  readonly res: Response;
}

export interface RouteSpec<B extends z.ZodType = z.ZodType, Q extends z.ZodType = z.ZodType> {
  readonly method: 'get' | 'put' | 'post';
  /** With `{name}` for parameters, below /api/v1. */
  readonly path: string;
  /**
   * Who may ask: whoever has the right, in the job that the address names; whoever has an account; those and whoever came by
   * a link; or anybody.
   */
  readonly access: Right | 'account' | 'signed in' | 'anybody';
  readonly summary: string;
  readonly tag: string;
  readonly body?: B;
  readonly bodyName?: string;
  readonly query?: Q;
  /** What it answers as JSON. */
  readonly answer?: z.ZodType | 'nothing';
  /** The same where it was made from a type. */
  readonly described?: oas31.SchemaObject | undefined;
  readonly answerType?: string;
  /** The write needs If-Match. */
  readonly versioned?: boolean;
  readonly statuses?: Readonly<Record<number, string>>;
  /** The body is bytes of one of these media types: it is in the request, unread. */
  readonly raw?: { readonly types: readonly string[]; readonly limit: string };
  readonly run: (input: RouteInput<z.output<B>, z.output<Q>>) => Promise<unknown>;
}

export type AnyRoute = RouteSpec<never, never>;

type CheckBody = (req: Request, res: Response, body: unknown) => Result<unknown> | Promise<Result<unknown>>;
const bodyChecks = new WeakMap<object, CheckBody>();

/** Keeps the types of body and query together inside one definition. */
export function route<B extends z.ZodType, Q extends z.ZodType>(spec: RouteSpec<B, Q>): AnyRoute {
  const { method, path, body, bodyName = 'The request' } = spec;
  if (body)
    bodyChecks.set(
      spec,
      checkWhereItFits(`body of ${method} ${path}`, (value: unknown) => check(body, value, bodyName)),
    );
  return spec as unknown as AnyRoute;
}

const json = express.json({ limit: '4mb' });

function requireJson(req: Request): void {
  if (!req.is('application/json')) {
    throw new HttpProblem(415, 'Send JSON: Content-Type must be application/json');
  }
}

const expressPath = (path: string): string => path.replace(/\{(\w+)\}/g, ':$1');

/** What each address takes; GET answers HEAD as well. */
function methodsByPath(routes: readonly AnyRoute[]): Map<string, Set<string>> {
  const found = new Map<string, Set<string>>();
  for (const { method, path } of routes) {
    const methods = found.get(expressPath(path)) ?? new Set();
    methods.add(method.toUpperCase());
    if (method === 'get') methods.add('HEAD');
    found.set(expressPath(path), methods);
  }
  return found;
}

/** @throws 401, 403 or 404 where an address is not for them */
function admitTo(access: RouteSpec['access'], who: Who, jobId: string | undefined): void {
  if (access === 'anybody') return;
  if (access !== 'account' && access !== 'signed in') {
    who.need(access, jobId);
    return;
  }
  if (who.isNobody) throw new HttpProblem(401, 'Sign in first');
  if (access === 'account' && who.link)
    throw new HttpProblem(403, 'Only somebody with an account may do this; you read a job by a link');
}

/**
 * @param contextOf what the request is answered from
 * @param most requests a minute from one address, by what they cost; absent for no limit
 */
export function mount(
  routes: readonly AnyRoute[],
  contextOf: (res: Response) => Context,
  most?: Readonly<Record<Cost, number>>,
): Router {
  const router = express.Router();
  const limits = most && rateLimits(most);
  for (const spec of routes as readonly unknown[] as readonly RouteSpec[]) {
    const path = expressPath(spec.path);
    const parse = spec.raw
      ? [express.raw({ type: [...spec.raw.types], limit: spec.raw.limit })]
      : spec.body
        ? [json]
        : [];
    const limited = limits ? [limits[costOf(spec)]] : [];
    // Who may not is told so before anything of the request is read.
    const admit = async (req: Request, res: Response, next: () => void): Promise<void> => {
      const params = req.params as Record<string, string>;
      const context = contextOf(res);
      res.locals['route'] = spec.path;
      const odd = notPlain(params, 'The address') ?? notPlain(req.query, 'The query');
      if (odd) throw badRequest(odd);
      const who = await whoAsks(req, context);
      admitTo(spec.access, who, params['jobId']);
      res.locals['who'] = who;
      next();
    };
    router[spec.method](path, ...limited, admit, ...parse, async (req: Request, res: Response) => {
      const params = req.params as Record<string, string>;
      const context = contextOf(res);
      const who = res.locals['who'] as Who;
      const { jobId } = params;
      const shown = <T>(value: T): T =>
        who.may('read prices', jobId) || spec.tag === 'Record' ? value : withoutPrices(value);
      let body: unknown;
      if (spec.raw?.types.includes('application/json')) requireJson(req);
      if (spec.body) {
        requireJson(req);
        const text = notPlain(req.body, spec.bodyName ?? 'The request');
        if (text) throw unprocessable([text]);
        const checked = await bodyChecks.get(spec)?.(req, res, req.body);
        if (checked?.ok !== true) throw unprocessable(checked?.problems ?? []);
        body = checked.value;
      }
      let query: unknown = {};
      if (spec.query) {
        const checked = check(spec.query, req.query, 'The query');
        if (!checked.ok) throw new HttpProblem(400, 'The request is wrong', checked.problems);
        query = checked.value;
      }
      const answer = await spec
        .run({ params, body, query, context, who, req, res })
        // What is not of one job may have changed who may do what.
        .finally(() => spec.method !== 'get' && jobId === undefined && context.known?.forget())
        .catch((error: unknown) => {
          if (!(error instanceof HttpProblem)) throw error;
          throw new HttpProblem(error.status, error.title, error.problems, shown(error.extra));
        });
      if (res.headersSent || res.writableEnded) return;
      if (answer === undefined || spec.answer === 'nothing')
        res.status(res.statusCode === 200 ? 204 : res.statusCode).end();
      else res.json(shown(answer));
    });
  }
  // An address that is known, asked in a way that it has not.
  for (const [path, methods] of methodsByPath(routes)) {
    const allow = [...methods, 'OPTIONS'].join(', ');
    router.all(path, (req, res) => {
      res.setHeader('Allow', allow);
      if (req.method === 'OPTIONS') res.status(204).end();
      else throw new HttpProblem(405, `${req.method} is not known here; this address takes ${allow}`);
    });
  }
  return router;
}
