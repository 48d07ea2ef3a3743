/** Each request has a number: it stands in its answer, in every problem and in the log, so that one is found by the other. */
import { randomUUID } from 'node:crypto';
import type { ServerResponse } from 'node:http';
import type { RequestHandler } from 'express';

const HEADER = 'X-Request-Id';
const GIVEN = /^[A-Za-z0-9_-]{8,64}$/;

export const requestIdOf = (res: ServerResponse): string => String(res.getHeader(HEADER) ?? '');

/** @param trusts whether the number that a proxy gave is taken; anybody could make one up */
export const numberRequests =
  (trusts: boolean): RequestHandler =>
  (req, res, next) => {
    const given = req.get(HEADER);
    res.setHeader(HEADER, trusts && given !== undefined && GIVEN.test(given) ? given : randomUUID());
    next();
  };
