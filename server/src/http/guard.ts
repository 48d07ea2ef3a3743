/** The server listens on loopback; these checks keep other sites' pages from using it through a browser. */
import type { Request, RequestHandler } from 'express';
import type { Firms } from '../access/firms.ts';
import { HttpProblem } from './errors.ts';
import { isRead } from './methods.ts';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

/** As a browser says it: this very site, or whoever typed the address. */
const OWN_SITES: readonly string[] = ['same-origin', 'none'];

/** The host name that a request is for, without its port. */
export const hostOf = (req: Request): string => (req.headers.host ?? '').replace(/:\d+$/, '').toLowerCase();

/**
 * Refuses requests under a foreign host name (DNS rebinding) and writes from a foreign origin.
 * @param firms those of which each has a name of its own, where there are several
 */
export function guard(allowedHosts: readonly string[], firms?: Firms): RequestHandler {
  const allowed = new Set([...LOOPBACK, ...allowedHosts.map((h) => h.toLowerCase())]);
  return async (req, _res, next) => {
    const host = req.headers.host ?? '';
    const name = hostOf(req);
    if (!allowed.has(name) && !(await firms?.of(name)))
      throw new HttpProblem(403, 'This server does not answer under that name');
    const origin = req.headers.origin;
    if (origin !== undefined && !isRead(req.method)) {
      const own = URL.canParse(origin) && new URL(origin).host === host;
      if (!own) throw new HttpProblem(403, 'Another site may not write here');
    }
    // A browser that leaves the origin out still says from where it was asked to write.
    const from = req.headers['sec-fetch-site'];
    if (from !== undefined && !OWN_SITES.includes(String(from)) && !isRead(req.method))
      throw new HttpProblem(403, 'Another site may not write here');
    next();
  };
}
