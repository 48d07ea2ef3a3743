/** The API described, as a document and as a page: made once in a process. */
import { createHash } from 'node:crypto';
import { apiPage } from './apipage.ts';
import { openApi } from './openapi.ts';
import type { AnyRoute } from './routes.ts';

export interface Described {
  /** OpenAPI as JSON, and its tag. */
  readonly document: string;
  readonly tag: string;
  readonly page: string;
}

const made = new WeakMap<readonly AnyRoute[], Described>();

export function described(routes: readonly AnyRoute[]): Described {
  const known = made.get(routes);
  if (known) return known;
  const api = openApi(routes);
  const document = JSON.stringify(api);
  const tag = `"${createHash('sha256').update(document).digest('hex').slice(0, 16)}"`;
  const fresh = { document, tag, page: apiPage(routes, api) };
  made.set(routes, fresh);
  return fresh;
}
