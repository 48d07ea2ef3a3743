/**
 * The API as typed calls. What each address takes and answers is generated from the server's own description of itself
 * (`npm run formats`); nothing of it is written by hand.
 */
import createClient, { type Client } from 'openapi-fetch';
import type { components, paths } from './api.ts';

export type { components, paths };
export type LentumClient = Client<paths, 'application/json'>;

/** What goes wrong, as the server tells it (RFC 9457). */
export interface Trouble {
  readonly title: string;
  readonly status: number;
  /** One clear sentence. */
  readonly detail: string;
}

/** The server answered that it will not, or cannot. */
export class Refused extends Error {
  readonly status: number;
  readonly trouble: Trouble;
  constructor(trouble: Trouble) {
    super(trouble.detail);
    this.status = trouble.status;
    this.trouble = trouble;
  }
}

export interface ClientOptions {
  /** Where the server is, without a path: `http://127.0.0.1:4174`. Empty in a page of its own. */
  readonly at: string;
  /** Another fetch, such as one that is patient or keeps a session. */
  readonly fetch?: (request: Request) => Promise<Response>;
}

const JSON_TYPES = /\bjson\b/;

/** Calls by method, address and what they take. An answer that is no success is thrown as Refused. */
export function lentumClient({ at, fetch }: ClientOptions): LentumClient {
  const client = createClient<paths>({ baseUrl: `${at}/api/v1`, ...(fetch ? { fetch } : {}) });
  client.use({
    onResponse: async ({ response }) => {
      if (response.ok || response.status === 304) return;
      const told = JSON_TYPES.test(response.headers.get('Content-Type') ?? '')
        ? ((await response.clone().json()) as Trouble)
        : {
            title: response.statusText,
            status: response.status,
            detail: `The server answered ${response.status}.`,
          };
      throw new Refused(told);
    },
  });
  return client;
}

/** What was answered. @throws Error where the answer has no body, though one was described */
export function bodyOf<T>({ data }: { readonly data?: T | undefined }): T {
  if (data === undefined) throw new Error('the server answered without a body');
  return data;
}

/** Version of a document, from the tag of its answer. */
export const versionOf = ({ response }: { readonly response: Response }): number | undefined => {
  const tag = /"(\d+)"/.exec(response.headers.get('ETag') ?? '')?.[1];
  return tag === undefined ? undefined : Number(tag);
};
