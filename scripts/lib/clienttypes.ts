/** Types of the client, from the server's own description of its addresses. */
import openapiTS, { astToString } from 'openapi-typescript';
import { ROUTES } from '../../server/src/http/allroutes.ts';
import { described } from '../../server/src/http/described.ts';

export const CLIENT_TYPES = new URL('../../client/src/api.ts', import.meta.url);
const HEAD = '/** Generated from the description of the API by `npm run formats`; not written by hand. */\n';

/** Examples say nothing of types, and would be a third of the file. */
const withoutExamples = (key: string, value: unknown): unknown => (key === 'example' ? undefined : value);

export async function clientTypes(): Promise<string> {
  const { document } = described(ROUTES);
  const bare = JSON.stringify(JSON.parse(document), withoutExamples);
  return `${HEAD}${astToString(await openapiTS(bare))}`;
}
