/** OpenAPI 3.1, made from the routes and their Zod schemas. */
import { z } from 'zod';
import type { AnyRoute, RouteSpec } from './routes.ts';

const jsonSchema = (schema: z.ZodType, io: 'input' | 'output'): unknown => {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' });
  return rest;
};

const problem = {
  description: 'What is wrong, in sentences (RFC 9457)',
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
};

function parameters(spec: RouteSpec): object[] {
  const inPath = [...spec.path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string', pattern: '^[A-Za-z0-9_-]{1,64}$' },
  }));
  const query = spec.query
    ? (jsonSchema(spec.query, 'input') as { properties?: Record<string, object>; required?: string[] })
    : {};
  const inQuery = Object.entries(query.properties ?? {}).map(([name, schema]) => ({
    name,
    in: 'query',
    required: query.required?.includes(name) ?? false,
    schema,
  }));
  const ifMatch = {
    name: 'If-Match',
    in: 'header',
    required: true,
    schema: { type: 'string', example: '"3"' },
  };
  return [...inPath, ...inQuery, ...(spec.versioned ? [ifMatch] : [])];
}

function operation(spec: RouteSpec): object {
  const success = Object.keys(spec.statuses ?? {}).find((s) => s.startsWith('2')) ?? '200';
  const media = spec.answerType ?? 'application/json';
  const schema = spec.answer
    ? jsonSchema(spec.answer, 'output')
    : media === 'application/json'
      ? {}
      : { type: 'string' };
  const others = Object.entries(spec.statuses ?? {}).filter(([s]) => s !== success);
  return {
    tags: [spec.tag],
    summary: spec.summary,
    parameters: parameters(spec),
    ...(spec.body
      ? {
          requestBody: {
            required: true,
            content: { 'application/json': { schema: jsonSchema(spec.body, 'input') } },
          },
        }
      : {}),
    responses: {
      [success]: {
        description: spec.statuses?.[Number(success)] ?? 'Done',
        content: { [media]: { schema } },
      },
      ...Object.fromEntries(
        others.map(([s, description]) => [
          s,
          Number(s) < 300 ? { description } : { ...problem, description },
        ]),
      ),
      default: problem,
    },
  };
}

/** The document for a list of routes. */
export function openApi(routes: readonly AnyRoute[]): object {
  const paths: Record<string, Record<string, object>> = {};
  for (const spec of routes as readonly unknown[] as readonly RouteSpec[]) {
    (paths[spec.path] ??= {})[spec.method] = operation(spec);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Lentum',
      version: '1',
      description:
        'Jobs, their documents, their append-only record, and the computations behind every figure.',
    },
    servers: [{ url: '/api/v1' }],
    paths,
    components: {
      schemas: {
        Problem: {
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
        },
      },
    },
  };
}
