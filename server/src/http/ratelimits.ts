/** How often one address may ask: far more than any device does, and less than what would keep the others waiting. */
import { rateLimit, type RateLimitRequestHandler } from 'express-rate-limit';
import type { Request } from 'express';
import { HttpProblem } from './errors.ts';

/** Requests a minute from one address, by what they cost. */
export const PER_MINUTE = { plain: 6000, heavy: 600, file: 300 } as const;
export type Cost = keyof typeof PER_MINUTE;

const WINDOW_MS = 60_000;

/** Whole papers, and tasks that make them. */
const PAPER = /(\.pdf|\.zip|\/pdf|\/tasks)$/;

/** Worked out from a whole job, or asked of another server. */
const COMPUTED =
  /(\/weather-sources\/try|\/today|\/morning|\/order\.csv|\/courses\.csv|\/pieces\.csv|\/closings\.ics)$/;

/** What a route costs: bytes that are stored, a whole job or a paper; a computation; or little. */
export const costOf = ({ path, raw }: { readonly path: string; readonly raw?: unknown }): Cost =>
  path.startsWith('/compute') || COMPUTED.test(path)
    ? 'heavy'
    : raw || path.endsWith('/file') || PAPER.test(path)
      ? 'file'
      : 'plain';

/** One counter for each cost. An address that asks more often gets 429 with the seconds to wait; a device then waits. */
export function rateLimits(
  most: Readonly<Record<Cost, number>>,
): Readonly<Record<Cost, RateLimitRequestHandler>> {
  const limit = (cost: Cost): RateLimitRequestHandler =>
    rateLimit({
      windowMs: WINDOW_MS,
      limit: most[cost],
      standardHeaders: 'draft-8',
      legacyHeaders: false,
      handler: (req) => {
        const until = (req as Request & { rateLimit?: { resetTime?: Date } }).rateLimit?.resetTime;
        const seconds = Math.max(1, Math.ceil(((until?.getTime() ?? 0) - Date.now()) / 1000));
        throw new HttpProblem(429, `Too many requests from this address; try again in ${seconds} s`);
      },
    });
  return { plain: limit('plain'), heavy: limit('heavy'), file: limit('file') };
}
