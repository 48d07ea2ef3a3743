/** Problem responses (RFC 9457): a title, a sentence, and the fields that are wrong. */
import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import { sentence, type Problem } from '@lentum/core/problems';
import { log } from '../operations/log.ts';
import { requestIdOf } from '../operations/requestid.ts';
import { FOREIGN_KEY_VIOLATION, sqlState, UNIQUE_VIOLATION, unavailable } from '../db/pool.ts';

export class HttpProblem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly problems: readonly Problem[] = [],
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(title);
  }
}

export const unprocessable = (problems: readonly Problem[]): HttpProblem =>
  new HttpProblem(422, 'What was sent cannot be taken', problems);

export const notFound = (label: string, actual: string): HttpProblem =>
  new HttpProblem(404, 'Not found', [
    { kind: 'unknown', field: 'path', label, actual, expected: 'one that exists on this server' },
  ]);

export const badRequest = (problem: Problem): HttpProblem =>
  new HttpProblem(400, 'The request is wrong', [problem]);

function send(res: Response, problem: HttpProblem): void {
  const detail = problem.problems.length > 0 ? problem.problems.map(sentence).join(' ') : problem.title;
  if (problem.status === 503) res.setHeader('Retry-After', '2');
  res
    .status(problem.status)
    .type('application/problem+json')
    .json({
      type: 'about:blank',
      title: problem.title,
      status: problem.status,
      detail,
      errors: problem.problems.map((p) => ({ ...p, sentence: sentence(p) })),
      // By this number it is found in the log.
      requestId: requestIdOf(res),
      ...problem.extra,
    });
}

const body = (kind: Problem['kind'], actual: string, expected: string): Problem => ({
  kind,
  field: 'body',
  label: 'The request body',
  actual,
  expected,
});

interface BodyParserError extends Error {
  readonly type: string;
  readonly status: number;
}
const isBodyError = (e: unknown): e is BodyParserError =>
  e instanceof Error && typeof (e as Partial<BodyParserError>).type === 'string' && 'status' in e;

function bodyProblem(error: BodyParserError): HttpProblem {
  switch (error.type) {
    case 'entity.parse.failed':
      return notJson();
    case 'entity.too.large':
      return new HttpProblem(413, 'Too large', [
        body('outOfRange', 'it is larger than this address takes', 'less data'),
      ]);
    default:
      return new HttpProblem(error.status, 'The request is wrong', [
        body('malformed', error.type, 'JSON in UTF-8'),
      ]);
  }
}

export const notJson = (): HttpProblem =>
  badRequest(body('malformed', 'it is not JSON, or it is cut short', 'whole JSON text'));

const UNAVAILABLE = {
  busy: 'Somebody else is at this just now; nothing of this request was saved, try it again',
  gone: 'The database is out of reach; nothing of this request was saved, try it again',
} as const;

export const unavailableProblem = (why: keyof typeof UNAVAILABLE): HttpProblem =>
  new HttpProblem(503, UNAVAILABLE[why]);

/** What was said to be packed is not, or is cut short. */
const isUnpacking = (e: unknown): boolean =>
  e instanceof Error &&
  /^(Z_(DATA|BUF|STREAM)_ERROR|Z_NEED_DICT|ERR__ERROR_\w+|ZSTD_\w+)$/.test(
    String((e as { code?: unknown }).code),
  );

export const problemHandler: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  if (error instanceof HttpProblem) send(res, error);
  else if (isBodyError(error)) send(res, bodyProblem(error));
  else if (isUnpacking(error))
    send(res, badRequest(body('malformed', 'it cannot be unpacked', 'data packed as Content-Encoding says')));
  else if (error instanceof URIError)
    send(res, badRequest(body('malformed', 'the address holds a broken escape', 'a whole address')));
  else if (sqlState(error) === UNIQUE_VIOLATION)
    send(res, new HttpProblem(409, 'Somebody else wrote this first'));
  else if (sqlState(error) === FOREIGN_KEY_VIOLATION)
    send(res, new HttpProblem(409, 'What this refers to is not there'));
  else if (unavailable(error)) send(res, unavailableProblem(unavailable(error) ?? 'gone'));
  else {
    const id = requestIdOf(res);
    log().error({ err: error, requestId: id }, `${req.method} ${req.path} failed`);
    send(
      res,
      new HttpProblem(500, `The server failed; nothing of this request was saved. Its log has it as ${id}`),
    );
  }
};

export const noSuchAddress: RequestHandler = (req) => {
  throw notFound('Address', req.path);
};
