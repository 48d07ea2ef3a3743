import type { z } from 'zod';
import { fail, ok, short, type Problem, type Result } from './problem.ts';

/** A value at a path of keys, or undefined. */
function at(value: unknown, path: readonly PropertyKey[]): unknown {
  let here = value;
  for (const key of path) {
    if (here === null || typeof here !== 'object') return undefined;
    here = (here as Record<PropertyKey, unknown>)[key];
  }
  return here;
}

/** "zones › 2 › outline" with list positions counted from one, for people. */
function spoken(path: readonly PropertyKey[]): string {
  if (path.length === 0) return 'The document';
  return path.map((key) => (typeof key === 'number' ? String(key + 1) : String(key))).join(' › ');
}

/** Nothing was entered where some text has to stand. */
const isEmptyText = (issue: z.core.$ZodIssue): boolean =>
  issue.code === 'too_small' && issue.origin === 'string' && issue.minimum === 1;

function expectation(issue: z.core.$ZodIssue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${/^[aeiou]/.test(issue.expected) ? 'an' : 'a'} ${issue.expected}`;
    case 'too_small':
      if (isEmptyText(issue)) return 'a few words';
      return issue.origin === 'string' || issue.origin === 'array'
        ? `at least ${issue.minimum} ${issue.origin === 'string' ? 'characters' : 'entries'}`
        : `${issue.inclusive ? 'at least' : 'more than'} ${issue.minimum}`;
    case 'too_big':
      return issue.origin === 'string' || issue.origin === 'array'
        ? `at most ${issue.maximum} ${issue.origin === 'string' ? 'characters' : 'entries'}`
        : `${issue.inclusive ? 'at most' : 'less than'} ${issue.maximum}`;
    case 'invalid_value':
      return issue.values.length === 1
        ? `“${String(issue.values[0])}”`
        : `one of ${issue.values.map((v) => `“${String(v)}”`).join(', ')}`;
    case 'unrecognized_keys':
      return `no such entry as ${issue.keys.map((k) => `“${k}”`).join(', ')}`;
    case 'invalid_format':
      return issue.message.startsWith('Invalid') ? `text in the form of ${issue.format}` : issue.message;
    case 'invalid_union': {
      // The kinds that there are, as the message lists them.
      const kinds = [...issue.message.matchAll(/'([^']+)'/g)].map(([, kind]) => `“${kind ?? ''}”`);
      return kinds.length > 0 ? `one of ${kinds.join(', ')}` : 'another form';
    }
    default:
      return issue.message.replace(/\.$/, '');
  }
}

function toProblem(issue: z.core.$ZodIssue, input: unknown, name: string): Problem {
  const actual = at(input, issue.path);
  const absent = isEmptyText(issue) || (actual === undefined && issue.code !== 'unrecognized_keys');
  return {
    kind: absent
      ? 'missing'
      : issue.code === 'too_small' || issue.code === 'too_big'
        ? 'outOfRange'
        : 'wrong',
    field: issue.path.map(String).join('/'),
    label: issue.path.length === 0 ? name : `${name}, ${spoken(issue.path)}`,
    actual: short(issue.code === 'unrecognized_keys' ? issue.keys.join(', ') : actual),
    expected: expectation(issue),
  };
}

type Issue = z.core.$ZodIssue;

/** How deep in the data it lies. */
const depthOf = (issue: Issue): number =>
  issue.path.length +
  (issue.code === 'invalid_union'
    ? Math.max(0, ...issue.errors.map((branch) => Math.min(...branch.map(depthOf))))
    : 0);
/** The branch was meant for something else altogether: none of its kinds is the one that was given. */
const isMisled = (branch: readonly Issue[]): boolean =>
  branch.some(
    (issue) => issue.code === 'invalid_union' && issue.errors.length === 0 && issue.path.length <= 1,
  );

/** Whether a branch of a union came further than another: by what it was meant for, by how deep it failed, by how often. */
const further = (a: readonly Issue[], b: readonly Issue[]): number =>
  Number(isMisled(a)) - Number(isMisled(b)) ||
  Math.min(...b.map(depthOf)) - Math.min(...a.map(depthOf)) ||
  a.length - b.length;

/** The innermost reports of a failed union: those of the branch that came furthest. */
function flatten(issues: readonly z.core.$ZodIssue[]): z.core.$ZodIssue[] {
  return issues.flatMap((issue) => {
    if (issue.code !== 'invalid_union' || issue.errors.length === 0) return [issue];
    const nearest = [...issue.errors].sort(further)[0] ?? [];
    return flatten(nearest.map((e) => ({ ...e, path: [...issue.path, ...e.path] }) as z.core.$ZodIssue));
  });
}

/**
 * Checks unknown data against a schema.
 * @param name what the data is, in words, for the sentences ("The survey")
 * @returns the parsed value, or one problem for each thing that is wrong; never throws
 */
export function check<S extends z.ZodType>(schema: S, input: unknown, name: string): Result<z.output<S>> {
  const parsed = schema.safeParse(input);
  if (parsed.success) return ok(parsed.data);
  return fail(...flatten(parsed.error.issues).map((issue) => toProblem(issue, input, name)));
}
