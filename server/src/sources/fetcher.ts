/**
 * Asks other servers. Only hosts that are allowed, over HTTPS; never an address inside, wherever its name points to; no
 * sending on; no more than so much, for no longer than so long.
 */
import type { LookupFunction } from 'node:net';
import CachePolicy from 'http-cache-semantics';
import { got, type Got, RequestError } from 'got';
import { RequestFilteringHttpsAgent } from 'request-filtering-agent';
import { hostOf, isStandIn, STAND_IN_SCHEME } from '@lentum/core/sources';
import { textOf } from './text.ts';

const LIMITS = { wholeMs: 10_000, bytes: 5_000_000 } as const;

/** What an answer said of its age, as it is kept. */
export type AgePolicy = CachePolicy.CachePolicyObject;

export interface Asking {
  /** As it is asked, filled in. */
  readonly address: string;
  readonly headers?: Readonly<Record<string, string>>;
  readonly allowed: ReadonlySet<string>;
  /** Of the answer before, to ask only for a newer one. */
  readonly policy?: AgePolicy | undefined;
}

export type Answered =
  | {
      readonly ok: true;
      /** Absent where nothing is newer than the answer before. */
      readonly text: string | undefined;
      readonly bytes: number;
      readonly policy: AgePolicy;
      /** For so long the answer says that it is good, ms. */
      readonly goodForMs: number;
    }
  | {
      readonly ok: false;
      /** One sentence. */
      readonly problem: string;
      /** It asks to be left alone for so long, ms. */
      readonly waitMs: number;
    };

interface FetcherOptions {
  /** Where the stand-ins listen; they are begun when one is asked first. */
  readonly standIns: () => Promise<string>;
  /** For tests: how names are looked up, addresses inside that may be asked all the same, and whom to trust. */
  readonly lookup?: LookupFunction;
  readonly inside?: readonly string[];
  readonly ca?: string;
}

const refused = (problem: string, waitMs = 0): Answered => ({ ok: false, problem, waitMs });

/** What a status that is no answer means to people. */
function statusSays(host: string, status: number, location: string | undefined): string {
  if (status >= 300 && status < 400)
    return `${host} sends on to ${location ?? 'another address'}; expected an answer: enter that address, if it may be asked.`;
  if (status === 401 || status === 403)
    return `${host} refuses with ${status}; expected a key that it takes.`;
  if (status === 404) return `${host} has nothing at this address (404); expected one that it knows.`;
  if (status === 429) return `${host} was asked too often (429); it is left alone for a while.`;
  if (status >= 500) return `${host} failed with ${status}; it is asked again later.`;
  return `${host} answers with ${status}; expected 200.`;
}

/** Retry-After in ms: seconds, or a date. */
function waitOf(said: string | undefined, nowMs: number): number {
  if (said === undefined) return 0;
  const ms = /^\d{1,7}$/.test(said) ? Number(said) * 1000 : Date.parse(said) - nowMs;
  return Number.isFinite(ms) ? Math.max(0, ms) : 0;
}

/** Errors of the line, in words. */
function errorSays(host: string, error: unknown): string {
  const code = error instanceof RequestError ? error.code : '';
  const says = error instanceof Error ? error.message : String(error);
  if (/is not allowed\. Because/.test(says))
    return `${host} lies at an address inside, which is never asked; expected a host on the open network.`;
  if (code === 'ETIMEDOUT')
    return `${host} did not answer within ${LIMITS.wholeMs / 1000} s; it is asked again later.`;
  if (code === 'ENOTFOUND' || code === 'EAI_AGAIN')
    return `${host} is not found; expected a host that has this name.`;
  if (/^(ERR_TLS|CERT|DEPTH|UNABLE|SELF_SIGNED|ERR_SSL)/.test(code) || /certificate/i.test(says))
    return `${host} does not prove that it is this host; expected a certificate that is in force.`;
  return `${host} is out of reach${code === '' ? '' : ` (${code})`}; it is asked again later.`;
}

export class Fetcher {
  private readonly client: Got;
  private readonly options: FetcherOptions;

  constructor(options: FetcherOptions) {
    this.options = options;
    this.client = got.extend({
      followRedirect: false,
      throwHttpErrors: false,
      retry: { limit: 0 },
      timeout: { request: LIMITS.wholeMs },
      responseType: 'buffer',
      headers: {
        'user-agent': 'lentum',
        accept: 'application/json, text/csv;q=0.9, text/plain;q=0.8, */*;q=0.1',
      },
      https: {
        rejectUnauthorized: true,
        ...(options.ca === undefined ? {} : { certificateAuthority: options.ca }),
      },
      agent: {
        https: new RequestFilteringHttpsAgent({
          allowIPAddressList: [...(options.inside ?? [])],
          maxSockets: 4,
          ...(options.lookup ? { lookup: options.lookup } : {}),
        }),
      },
    });
  }

  async ask({ address, headers = {}, allowed, policy }: Asking): Promise<Answered> {
    const standIn = isStandIn(address);
    const host = standIn ? 'The stand-in' : (hostOf(address) ?? '');
    let url: URL;
    try {
      url = new URL(
        standIn ? `${await this.options.standIns()}/${address.slice(STAND_IN_SCHEME.length)}` : address,
      );
    } catch {
      return refused('The address cannot be read; expected one that begins with https://.');
    }
    // What is asked is what was looked at, however the address is written.
    if (!standIn && (url.protocol !== 'https:' || url.host !== host || !allowed.has(host)))
      return refused(
        `${host || url.host} is not among the hosts that may be asked; expected one that the owner allowed.`,
      );
    const before = policy && CachePolicy.fromObject(policy);
    const asked = { url: url.pathname + url.search, method: 'GET', headers: { host: url.host, ...headers } };
    const newer = before ? before.revalidationHeaders(asked) : asked.headers;
    const { host: _host, ...sent } = newer as Record<string, string>;
    try {
      const request = this.client.get(url, { headers: { ...sent, ...headers } });
      request.on('downloadProgress', ({ transferred }: { transferred: number }) => {
        if (transferred > LIMITS.bytes) request.cancel('too large');
      });
      const answer = await request.catch((error: unknown) => {
        if (request.isCanceled) throw new TooLarge();
        throw error;
      });
      const said = { status: answer.statusCode, headers: answer.headers as Record<string, string> };
      if (answer.statusCode === 304 && before) {
        const { policy: now } = before.revalidatedPolicy(asked, said);
        return { ok: true, text: undefined, bytes: 0, policy: now.toObject(), goodForMs: now.timeToLive() };
      }
      if (answer.statusCode !== 200)
        return refused(
          statusSays(host, answer.statusCode, answer.headers.location),
          waitOf(answer.headers['retry-after'], Date.now()),
        );
      if (answer.rawBody.length > LIMITS.bytes) throw new TooLarge();
      const kept = new CachePolicy(asked, said, { shared: false, cacheHeuristic: 0 });
      return {
        ok: true,
        text: textOf(answer.rawBody, answer.headers['content-type']),
        bytes: answer.rawBody.length,
        policy: kept.toObject(),
        goodForMs: kept.timeToLive(),
      };
    } catch (error) {
      return refused(error instanceof TooLarge ? tooLarge(host) : errorSays(host, error));
    }
  }
}

class TooLarge extends Error {}
const tooLarge = (host: string): string =>
  `${host} answers with more than ${LIMITS.bytes / 1e6} MB; expected fewer hours.`;
