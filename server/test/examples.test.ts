/** Examples of the description: one for each address that takes JSON, taken as it stands; computations answer it. */
import { beforeAll, describe, expect, it } from 'vitest';
import { check, sentence } from '@lentum/core/problems';
import type { z } from 'zod';
import { warmThreads } from '../src/compute/threads.ts';
import { ROUTES } from '../src/http/allroutes.ts';
import { described } from '../src/http/described.ts';
import { BODIES } from '../src/http/examples/bodies.ts';
import { api, V1 } from './support/api.ts';

const takesJson = (
  ROUTES as unknown as readonly { method: string; path: string; body?: z.ZodType }[]
).flatMap((r) => (r.body ? [{ name: `${r.method} ${r.path}`, path: r.path, body: r.body }] : []));

// What a thread takes to begin is not counted: computations have a deadline.
beforeAll(warmThreads, 120_000);

describe('examples', () => {
  it('are there for every address that takes more than an empty object, and for no other', () => {
    const asked = takesJson.filter(({ body }) => !check(body, {}, 'It').ok).map(({ name }) => name);
    expect(Object.keys(BODIES)).toEqual(expect.arrayContaining(asked));
    expect(takesJson.map(({ name }) => name)).toEqual(expect.arrayContaining(Object.keys(BODIES)));
  });
  it('are in the description', () => {
    const { paths } = JSON.parse(described(ROUTES).document) as {
      paths: Record<
        string,
        Record<string, { requestBody?: { content: Record<string, { example?: unknown }> } }>
      >;
    };
    for (const { name, path } of takesJson) {
      const told = paths[path]?.[name.split(' ')[0] ?? '']?.requestBody?.content['application/json']?.example;
      expect(told, name).toEqual(BODIES[name] ?? {});
    }
  });
  it.each(takesJson.filter(({ name }) => name in BODIES))('$name takes its example', ({ name, body }) => {
    const checked = check(body, BODIES[name], 'The example');
    expect(checked.ok ? [] : checked.problems.map(sentence)).toEqual([]);
  });
  it.each(takesJson.filter(({ path }) => path.startsWith('/compute/')))(
    '$name answers its example',
    async ({ name, path }) => {
      const { status, body } = await api.post(`${V1}${path}`).send(BODIES[name] as object);
      expect(status, JSON.stringify(body).slice(0, 300)).toBe(200);
    },
  );
});
