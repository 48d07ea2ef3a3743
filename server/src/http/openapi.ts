/** OpenAPI 3.1, made from the routes and their Zod schemas; what they share stands once. */
import { z } from 'zod';
import {
  createDocument,
  type oas31,
  type ZodOpenApiOperationObject,
  type ZodOpenApiPathsObject,
} from 'zod-openapi';
import { ANSWER_PARTS } from '../compute/answers.ts';
import type { AnyRoute, RouteSpec } from './routes.ts';
import { SESSION_COOKIE } from '../access/sessions.ts';
import { exampleOf } from './examples/bodies.ts';
import { withCommonParts } from './commonparts.ts';
import { withoutNamelessParts } from './namelessparts.ts';
import { NAMED } from './schemanames.ts';
import { withSharedParts } from './sharedparts.ts';

const problem = {
  description: 'What is wrong, in sentences (RFC 9457)',
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
};

const PROBLEM: oas31.SchemaObject = {
  type: 'object',
  required: ['type', 'title', 'status', 'detail'],
  properties: {
    type: { type: 'string' },
    title: { type: 'string' },
    status: { type: 'integer' },
    detail: { type: 'string', description: 'Plain sentences: field, value, what was expected' },
    requestId: {
      type: 'string',
      description: 'The number of the request, as the log of the server has it',
    },
    errors: {
      type: 'array',
      items: {
        type: 'object',
        properties: {
          kind: { type: 'string' },
          field: { type: 'string' },
          label: { type: 'string' },
          actual: { type: 'string' },
          expected: { type: 'string' },
          sentence: { type: 'string' },
        },
      },
    },
  },
};

/** `PUT /jobs/{jobId}/survey` is putJobsByJobIdSurvey. */
export const operationIdOf = ({ method, path }: Pick<RouteSpec, 'method' | 'path'>): string =>
  method +
  path
    .replaceAll(/\{(\w+)\}/g, (_, name: string) => `by-${name}`)
    .replaceAll(/(?:^|[^A-Za-z0-9]+)([A-Za-z0-9])/g, (_, letter: string) => letter.toUpperCase());

/** A firm's server wants it. */
const SESSION: oas31.SecuritySchemeObject = {
  type: 'apiKey',
  in: 'cookie',
  name: SESSION_COOKIE,
  description: 'The cookie that POST /session answers with; asked for where people sign in',
};

/** What stands in addresses, by its name: described once. */
const inAddresses = new Map<string, z.ZodType>();
function inAddress(name: string): z.ZodType {
  const known = inAddresses.get(name);
  if (known) return known;
  const fresh = z
    .string()
    .regex(/^[A-Za-z0-9_-]{1,64}$/)
    .meta({ param: { id: name } });
  inAddresses.set(name, fresh);
  return fresh;
}
const ifMatch = z.object({
  'If-Match': z.string().meta({
    param: { id: 'ifMatch' },
    examples: ['"3"'],
    description: 'The version that is changed, as its ETag has it',
  }),
});

function operation(spec: RouteSpec): ZodOpenApiOperationObject {
  const success =
    Object.keys(spec.statuses ?? {}).find((s) => s.startsWith('2')) ??
    (spec.answer === 'nothing' ? '204' : '200');
  const media = spec.answerType ?? 'application/json';
  const schema =
    spec.answer === 'nothing'
      ? undefined
      : (spec.answer ?? spec.described ?? (media === 'application/json' ? {} : { type: 'string' as const }));
  const others = Object.entries(spec.statuses ?? {}).filter(([s]) => s !== success);
  const inPath = [...spec.path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => name);
  return {
    operationId: operationIdOf(spec),
    ...(spec.access === 'anybody' ? { security: [] } : {}),
    tags: [spec.tag],
    summary: spec.summary,
    requestParams: {
      ...(inPath.length > 0
        ? { path: z.object(Object.fromEntries(inPath.map((n) => [n, inAddress(n)]))) }
        : {}),
      ...(spec.query ? { query: spec.query as z.ZodObject } : {}),
      ...(spec.versioned ? { header: ifMatch } : {}),
    },
    ...(spec.body
      ? {
          requestBody: {
            required: true,
            content: {
              'application/json': { schema: spec.body, example: exampleOf(spec.method, spec.path) },
            },
          },
        }
      : {}),
    ...(spec.raw
      ? {
          requestBody: {
            required: true,
            content: Object.fromEntries(
              spec.raw.types.map((t) => [t, { schema: { type: 'string' as const, format: 'binary' } }]),
            ),
          },
        }
      : {}),
    responses: {
      [success]: {
        description: spec.statuses?.[Number(success)] ?? 'Done',
        ...(schema === undefined ? {} : { content: { [media]: { schema } } }),
      },
      ...Object.fromEntries(
        others.map(([s, description]) => [
          s,
          Number(s) < 300
            ? { description }
            : { $ref: '#/components/responses/Problem' as const, description },
        ]),
      ),
      default: { $ref: '#/components/responses/Problem' },
    },
  };
}

/** The document for a list of routes. */
export function openApi(routes: readonly AnyRoute[]): object {
  const paths: Record<string, Record<string, ZodOpenApiOperationObject>> = {};
  for (const spec of routes as readonly unknown[] as readonly RouteSpec[])
    (paths[spec.path] ??= {})[spec.method] = operation(spec);
  return withoutNamelessParts(withCommonParts(withSharedParts(described(paths))));
}

const described = (paths: ZodOpenApiPathsObject): ReturnType<typeof createDocument> =>
  createDocument(
    {
      openapi: '3.1.0',
      info: {
        title: 'Lentum',
        version: '1',
        description:
          'Jobs, their documents, their append-only record, and the computations behind every figure.',
      },
      servers: [{ url: '/api/v1' }],
      paths,
      // Where nobody signs in, as on one's own machine, everything may be asked without.
      security: [{ session: [] }, {}],
      components: {
        securitySchemes: { session: SESSION },
        responses: { Problem: problem },
        schemas: {
          Problem: PROBLEM,
          ...ANSWER_PARTS,
          ...Object.fromEntries(NAMED.map(([schema, id]) => [id, schema])),
        },
      },
    },
    {
      reused: 'ref',
      // Answers may get new fields within a version of the API; only what is taken, and documents, have no others.
      override: ({ jsonSchema, zodSchema, io }) => {
        const { def } = zodSchema._zod;
        if (io === 'output' && def.type === 'object' && (def as z.core.$ZodObjectDef).catchall === undefined)
          delete jsonSchema.additionalProperties;
      },
    },
  );
