/** What every computation over the API needs: a route of its own, and refusals for what is wrong. */
import type { z } from 'zod';
import { buildUpProblems, isCoat, type BuildUp, type Coat } from '@lentum/core/buildup';
import type { Result } from '@lentum/core/problems';
import { unprocessable } from '../http/errors.ts';
import { route, type AnyRoute } from '../http/routes.ts';
import { ANSWERS } from './answers.ts';
import { atThread } from './runs.ts';
import { answerFromThread } from './threads.ts';

export function unwrap<T>(result: Result<T>): T {
  if (!result.ok) throw unprocessable(result.problems);
  return result.value;
}

/** A build-up without problems, or a refusal. */
export function whole(buildUp: BuildUp): BuildUp {
  const problems = buildUpProblems(buildUp);
  if (problems.length > 0) throw unprocessable(problems);
  return buildUp;
}

/** A coat of a build-up, or a refusal that names the coats there are. */
export function coatOf(buildUp: BuildUp, layerId: string): Coat {
  const coats = buildUp.layers.filter(isCoat);
  const coat = coats.find((c) => c.id === layerId);
  if (coat) return coat;
  throw unprocessable([
    {
      kind: 'unknown',
      field: 'layerId',
      label: 'Layer',
      actual: layerId,
      expected: `one of ${coats.map((c) => c.id).join(', ')}`,
    },
  ]);
}

/** Layers as documents have them: why a rate was taken stands in the working of its figure, not in the layer. */
function asDocuments(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(asDocuments);
  if (typeof value !== 'object' || value === null) return value;
  const fields = Object.entries(value).filter(([key]) => key !== 'because' || !('rate' in value));
  return Object.fromEntries(fields.map(([key, of]) => [key, asDocuments(of)]));
}

/** A computation that answers at `/compute/{name}`; its answer is described from the type of `run`. */
export const compute = <S extends z.ZodType>(
  name: string,
  summary: string,
  body: S,
  run: (input: z.output<S>) => unknown,
): AnyRoute => {
  atThread(name, (input: z.output<S>) => asDocuments(run(input)));
  return route({
    method: 'post',
    path: `/compute/${name}`,
    access: 'compute',
    tag: 'Compute',
    summary,
    body,
    bodyName: 'The request',
    described: ANSWERS[name],
    run: ({ body: input, res }) => answerFromThread(res, name, input),
  });
};
