/** The API described: one address one name, what is shared once, every reference leading somewhere. */
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';
import { createConfig, lintFromString } from '@redocly/openapi-core';
import { Ajv2020 } from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { buildUpDocSchema } from '@lentum/core/buildup';
import { orderSchema } from '@lentum/core/order';
import { programmeSchema } from '@lentum/core/planning';
import { storedEntrySchema } from '@lentum/core/record';
import { surveySchema } from '@lentum/core/survey';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { clientTypes, CLIENT_TYPES } from '../../scripts/lib/clienttypes.ts';
import { ROUTES } from '../src/http/allroutes.ts';
import { withCommonParts } from '../src/http/commonparts.ts';
import { described } from '../src/http/described.ts';
import { withoutNamelessParts } from '../src/http/namelessparts.ts';
import { operationIdOf } from '../src/http/openapi.ts';
import { withSharedParts } from '../src/http/sharedparts.ts';

const { document, page } = described(ROUTES);
interface Parameter {
  readonly name: string;
  readonly in: string;
}
interface Operation {
  readonly operationId: string;
  readonly parameters?: readonly (Parameter | { readonly $ref: string })[];
  readonly requestBody?: { readonly content: object };
  readonly responses?: Record<string, { readonly content?: Record<string, { readonly schema: object }> }>;
}
const api = JSON.parse(document) as {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, object>; parameters: Record<string, Parameter> };
};
const parametersOf = ({ parameters = [] }: Operation): Parameter[] =>
  parameters.map((p) => ('$ref' in p ? api.components.parameters[p.$ref.split('/').at(-1)!]! : p));
const operations = Object.values(api.paths).flatMap((p) => Object.values(p));
const specs = ROUTES as unknown as readonly {
  method: string;
  path: string;
  access: string;
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
      expect(
        parametersOf(found).some((p) => p.name === 'If-Match'),
        spec.path,
      ).toBe(spec.versioned === true);
      const inPath = [...spec.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => name);
      expect(
        parametersOf(found)
          .filter((p) => p.in === 'path')
          .map((p) => p.name),
      ).toEqual(inPath);
    }
  });

  it('names are words: PUT /jobs/{jobId}/build-up', () => {
    expect(operationIdOf({ method: 'put', path: '/jobs/{jobId}/build-up' })).toBe('putJobsByJobIdBuildUp');
  });

  it('is small, as what is shared stands once', () => {
    // What computations answer with is some 50 kB of it, and the examples 22 kB.
    expect(document.length).toBeLessThan(380_000);
    expect(gzipSync(document).length).toBeLessThan(52_000);
    expect(Object.keys(api.components.schemas)).toEqual(expect.arrayContaining(['zone', 'layer', 'entry']));
  });

  it('every answer in JSON says of what it is', () => {
    const empty = Object.entries(api.paths).flatMap(([path, methods]) =>
      Object.entries(methods).flatMap(([method, { responses }]) =>
        Object.values(responses ?? {}).some(
          ({ content }) =>
            content && Object.keys(content['application/json']?.schema ?? { type: 1 }).length === 0,
        )
          ? [`${method} ${path}`]
          : [],
      ),
    );
    expect(empty).toEqual([]);
  });

  it('answers may have more fields some day, requests and documents have no others', () => {
    const today = api.paths['/jobs/{jobId}/today']!['get']!.responses!['200']!.content!;
    expect(today['application/json']!.schema).not.toHaveProperty('additionalProperties');
    expect(api.components.schemas['zone']).toMatchObject({ additionalProperties: false });
    expect(api.components.schemas['zoneOutput']).toMatchObject({ additionalProperties: false });
  });

  it('every part has a name', () => {
    expect(Object.keys(api.components.schemas).filter((name) => name.startsWith('_'))).toEqual([]);
  });

  it('an independent linter finds no error by its recommended rules', async () => {
    const config = await createConfig({ extends: ['recommended'] });
    const found = await lintFromString({ source: document, absoluteRef: '/openapi.json', config });
    expect(found.filter((p) => p.severity === 'error').map((p) => `${p.ruleId}: ${p.message}`)).toEqual([]);
  });

  it('what answers nothing says so, and what anybody may ask needs no session', () => {
    const end = api.paths['/session/end']!['post']! as unknown as { responses: Record<string, object> };
    expect(end.responses).not.toHaveProperty('200');
    expect(end.responses['204']).toEqual({ description: 'Done' });
    const open = specs.filter((s) => s.access === 'anybody');
    expect(open.length).toBeGreaterThan(0);
    for (const { path, method, access } of specs)
      expect('security' in api.paths[path]![method]!, path).toBe(access === 'anybody');
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

describe('what parts have in common', () => {
  const ref = (name: string, beside = {}) => ({ $ref: `#/components/schemas/${name}`, ...beside });
  const source = { type: 'string' };
  const number = (bounds: object) => ({
    ...{ type: 'object', required: ['value', 'source'], additionalProperties: false },
    properties: { value: { type: 'number', ...bounds }, source },
  });
  it('a number with its source stands once, with its bounds and its default where it is used', () => {
    const film = { ...number({ minimum: 0 }), default: { value: 1, source: 'typical' } };
    const found = withCommonParts({
      components: { schemas: { coat: { properties: { film, rate: number({}) } } } },
    });
    expect(found.components.schemas).toEqual({
      coat: {
        properties: {
          film: ref('numberWithSource', { default: film.default, properties: { value: { minimum: 0 } } }),
          rate: ref('numberWithSource'),
        },
      },
      numberWithSource: { ...number({}), description: expect.any(String) as string },
    });
  });
  it('parts without a name are written where they stand, or are named after their first place', () => {
    const long = {
      type: 'object',
      properties: { text: { type: 'string', maxLength: 2000 }, more: ref('__2') },
    };
    const found = withoutNamelessParts({
      paths: {},
      components: {
        schemas: {
          wall: { properties: { notes: ref('__1'), more: ref('__1'), short: ref('__2'), other: ref('__1') } },
          __1: { anyOf: [long, ref('__3')] },
          __2: { type: 'string' },
          __3: { type: 'array', items: ref('__3') },
        },
      },
    });
    expect(found.components.schemas).toEqual({
      wall: {
        properties: {
          ...{ notes: ref('wallNotes'), more: ref('wallNotes') },
          ...{ short: { type: 'string' }, other: ref('wallNotes') },
        },
      },
      wallNotes: {
        anyOf: [{ ...long, properties: { ...long.properties, more: { type: 'string' } } }, ref('wallNotes2')],
      },
      wallNotes2: { type: 'array', items: ref('wallNotes2') },
    });
  });

  const ajv = addFormats.default(new Ajv2020({ strict: false, allErrors: false }));
  ajv.addSchema(api, 'api');
  /** One thing in it changed: left out, added, far too large, of another kind. */
  const changed = (value: unknown, at: number, how: number): unknown => {
    const copy = structuredClone(value) as object;
    const places: [object, string][] = [];
    const walk = (node: unknown): void => {
      if (typeof node !== 'object' || node === null) return;
      for (const key of Object.keys(node)) places.push([node, key]);
      Object.values(node).forEach(walk);
    };
    walk(copy);
    const [node, key] = places[at % places.length]!;
    const fields = node as Record<string, unknown>;
    if (how === 0) Reflect.deleteProperty(fields, key);
    else if (how === 1) fields[`${key}x`] = 1;
    else if (how === 2) fields[key] = typeof fields[key] === 'number' ? -1e12 : 'x'.repeat(5000);
    else fields[key] = { value: 3, source: 'typical', by: 'me' };
    return copy;
  };
  const { survey, buildUp, order, programme, record } = velmora(new Date(DEMO_ANCHOR));
  it.each([
    ['survey', surveySchema, [survey]],
    ['buildUps', buildUpDocSchema, [buildUp]],
    ['order', orderSchema, [order]],
    ['programme', programmeSchema, [programme]],
    ['storedEntry', storedEntrySchema, record],
  ] as const)('%s takes and refuses the same as before it was made shorter (ajv)', (part, schema, sound) => {
    const short = ajv.compile({ $ref: `api#/components/schemas/${part}` });
    const whole = ajv.compile(z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }));
    for (const value of sound) expect(short(value), JSON.stringify(short.errors)).toBe(true);
    let refused = 0;
    fc.assert(
      fc.property(fc.constantFrom(...sound), fc.nat(20_000), fc.nat(3), (value, at, how) => {
        const other = changed(value, at, how);
        const takes = whole(other);
        expect(short(other), JSON.stringify(short.errors ?? whole.errors)).toBe(takes);
        refused += Number(!takes);
      }),
      { numRuns: 300 },
    );
    expect(refused).toBeGreaterThan(30);
  });
});

describe('the client', () => {
  it('has the types of what the server says of itself', async () => {
    expect(readFileSync(CLIENT_TYPES, 'utf8')).toBe(await clientTypes());
  });
});
