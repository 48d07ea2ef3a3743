/** The API described: one address one name, what is shared once, every reference leading somewhere. */
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { clientTypes, CLIENT_TYPES } from '../../scripts/lib/clienttypes.ts';
import { ROUTES } from '../src/http/allroutes.ts';
import { described } from '../src/http/described.ts';
import { operationIdOf } from '../src/http/openapi.ts';
import { withSharedParts } from '../src/http/sharedparts.ts';

const { document, page } = described(ROUTES);
interface Operation {
  readonly operationId: string;
  readonly parameters?: readonly { readonly name: string; readonly in: string }[];
  readonly requestBody?: { readonly content: object };
}
const api = JSON.parse(document) as {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, object> };
};
const operations = Object.values(api.paths).flatMap((p) => Object.values(p));
const specs = ROUTES as unknown as readonly {
  method: string;
  path: string;
  body?: unknown;
  raw?: unknown;
  versioned?: boolean;
}[];

describe('the API described', () => {
  it('every route has an operation with a name that no other has, its body, and If-Match where it is needed', () => {
    expect(operations).toHaveLength(specs.length);
    expect(new Set(operations.map((o) => o.operationId)).size).toBe(specs.length);
    for (const spec of specs) {
      const found = api.paths[spec.path]![spec.method]!;
      expect(found.operationId).toBe(operationIdOf(spec as never));
      expect(found.requestBody !== undefined, spec.path).toBe(
        spec.body !== undefined || spec.raw !== undefined,
      );
      expect(found.parameters?.some((p) => p.name === 'If-Match') ?? false, spec.path).toBe(
        spec.versioned === true,
      );
      const inPath = [...spec.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
      expect((found.parameters ?? []).filter((p) => p.in === 'path').map((p) => p.name)).toEqual(inPath);
    }
  });

  it('names are words: PUT /jobs/{jobId}/build-up', () => {
    expect(operationIdOf({ method: 'put', path: '/jobs/{jobId}/build-up' })).toBe('putJobsByJobIdBuildUp');
  });

  it('is small, as what is shared stands once', () => {
    expect(document.length).toBeLessThan(400_000);
    expect(Object.keys(api.components.schemas)).toEqual(expect.arrayContaining(['zone', 'layer', 'entry']));
  });

  it('every part that the page names is on it', () => {
    for (const [, name] of page.matchAll(/href="#part-(\w+)"/g))
      expect(page.includes(`id="part-${name}"`), name).toBe(true);
  });
});

describe('parts that say the same', () => {
  const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });
  it('are one, also where they refer to each other; others are not', () => {
    const schemas = {
      leaf: { type: 'string' },
      __schema1: { type: 'string' },
      list: { type: 'array', items: ref('leaf') },
      listOutput: { type: 'array', items: ref('__schema1') },
      tree: { properties: { next: ref('tree'), leaf: ref('leaf') } },
      treeOutput: { properties: { next: ref('treeOutput'), leaf: ref('__schema1') } },
      other: { properties: { next: ref('list'), leaf: ref('leaf') } },
    };
    const found = withSharedParts({
      paths: { a: ref('treeOutput'), b: ref('listOutput') },
      components: { schemas },
    });
    expect(Object.keys(found.components.schemas)).toEqual(['leaf', 'list', 'tree', 'other']);
    expect(found.paths).toEqual({ a: ref('tree'), b: ref('list') });
    expect(found.components.schemas.tree).toEqual({ properties: { next: ref('tree'), leaf: ref('leaf') } });
  });
});

describe('the client', () => {
  it('has the types of what the server says of itself', async () => {
    expect(readFileSync(CLIENT_TYPES, 'utf8')).toBe(await clientTypes());
  });
});
