/** The log of the server, by pino: lines for people, or one JSON object a line for programs. Nothing secret goes into it. */
import type { IncomingMessage, ServerResponse } from 'node:http';
import { pino, type DestinationStream, type Logger } from 'pino';
import { pinoHttp, type HttpLogger } from 'pino-http';
import pretty from 'pino-pretty';
import { requestIdOf } from './requestid.ts';

export interface LogForm {
  readonly form: 'plain' | 'json';
  readonly level?: 'error' | 'warn' | 'info' | undefined;
}

/** @param into where it is written; the output of the process where it is not given */
export function makeLog({ form, level }: LogForm, into?: DestinationStream): Logger {
  if (form === 'json') return pino({ level: level ?? 'info', base: null }, into ?? pino.destination(1));
  const plain = pretty({
    ...{ colorize: false, ignore: 'pid,hostname,req,res,responseTime', translateTime: 'SYS:HH:MM:ss' },
    ...{ sync: true, destination: into ?? 2 },
  } as pretty.PrettyOptions);
  return pino({ level: level ?? 'warn', base: null }, plain);
}

/** Where nothing else was chosen: failures only, as the tests of the server want them. */
let current = makeLog({ form: 'plain', level: 'error' });
export const log = (): Logger => current;
export const useLog = (made: Logger): void => void (current = made);

const pathOf = ({ url = '' }: { readonly url?: string | undefined }): string => url.split('?')[0] ?? '';

/**
 * A line for each request: its number, what was asked, how it was answered and how long that took, ms. Neither headers nor
 * queries nor bodies are in it: they hold what only the two sides are to know.
 */
export const requestLog = (): HttpLogger<IncomingMessage, ServerResponse> =>
  pinoHttp({
    logger: current,
    genReqId: (_req, res) => requestIdOf(res),
    serializers: {
      req: (req: { id: unknown; method: string; url: string; remoteAddress: string }) => ({
        ...{ id: req.id, method: req.method, path: pathOf(req), address: req.remoteAddress },
      }),
      res: (res: { statusCode: number }) => ({ status: res.statusCode }),
    },
    // Why it failed stands in a line of its own, under the same number.
    // That the database is away is said once, and not with every request that waits for it.
    customLogLevel: (_req, { statusCode }) => (statusCode >= 500 && statusCode !== 503 ? 'warn' : 'info'),
    customErrorObject: (_req, _res, _error, { err: _err, ...rest }: Record<string, unknown>) => rest,
    customSuccessMessage: (req, res) => `${req.method ?? ''} ${pathOf(req)} ${res.statusCode}`,
    customErrorMessage: (req, res) => `${req.method ?? ''} ${pathOf(req)} ${res.statusCode}`,
  });
