/** Calls of the API, from the server's own description: which there are, what each takes, and the command that makes one. */

interface Field {
  readonly name: string;
  readonly in: 'path' | 'query' | 'header';
  readonly required: boolean;
  /** What it may be, where there are few. */
  readonly options: readonly string[];
  readonly says: string;
}
export interface Operation {
  readonly id: string;
  readonly method: 'GET' | 'PUT' | 'POST';
  readonly path: string;
  readonly tag: string;
  readonly summary: string;
  readonly fields: readonly Field[];
  /** What its body is; absent where it has none, or where it is bytes of a file. */
  readonly body: 'json' | 'file' | undefined;
  /** A body that it takes, as text; absent where it takes none in JSON. */
  readonly example: string | undefined;
  /** Its answer has no end: it is listened to, not waited for. */
  readonly streams: boolean;
}

interface Reference {
  readonly $ref: string;
}
interface Asked {
  readonly name: string;
  readonly in: Field['in'];
  readonly required?: boolean;
  readonly description?: string;
  readonly schema?: { readonly enum?: readonly unknown[] } | Reference;
}
interface Described {
  readonly operationId: string;
  readonly tags?: readonly string[];
  readonly summary?: string;
  readonly parameters?: readonly (Asked | Reference)[];
  readonly requestBody?: { readonly content: Readonly<Record<string, { readonly example?: unknown }>> };
  readonly responses: Readonly<Record<string, { readonly content?: Readonly<Record<string, unknown>> }>>;
}
export interface ApiDocument {
  readonly paths: Readonly<Record<string, Readonly<Partial<Record<'get' | 'put' | 'post', Described>>>>>;
  readonly components?: object;
}

/** What something is, or the part of the document that it refers to. */
function meant<T extends object>(document: ApiDocument, of: T | Reference): T {
  if (!('$ref' in of)) return of;
  return of.$ref
    .slice('#/'.length)
    .split('/')
    .reduce<unknown>((at, key) => (at as Record<string, unknown>)[key], document) as T;
}

const METHODS = ['get', 'put', 'post'] as const;

/** Every call that the document describes, in its order. */
export function operationsOf(document: ApiDocument): Operation[] {
  return Object.entries(document.paths).flatMap(([path, item]) =>
    METHODS.flatMap((m): Operation[] => {
      const told = item[m];
      if (!told) return [];
      const takes = Object.keys(told.requestBody?.content ?? {});
      const json = told.requestBody?.content['application/json'];
      const answers = Object.values(told.responses).flatMap((r) => Object.keys(r.content ?? {}));
      return [
        {
          id: told.operationId,
          method: m.toUpperCase() as Operation['method'],
          ...{ path, tag: told.tags?.[0] ?? '', summary: told.summary ?? '' },
          fields: (told.parameters ?? []).map((asked) => {
            const p = meant(document, asked);
            return {
              ...{ name: p.name, in: p.in, required: p.required === true, says: p.description ?? '' },
              options: (
                meant<{ readonly enum?: readonly unknown[] }>(document, p.schema ?? {}).enum ?? []
              ).map(String),
            };
          }),
          body: takes.length === 0 ? undefined : takes.includes('application/json') ? 'json' : 'file',
          example: json && JSON.stringify(json.example ?? {}, null, 2),
          streams: answers.includes('text/event-stream'),
        },
      ];
    }),
  );
}

export interface Call {
  readonly method: Operation['method'];
  /** From the root of the server, with its query. */
  readonly address: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | undefined;
}

/**
 * A call as it is made.
 * @param values of its fields by name; what is empty is left out
 * @returns the call, or one sentence on what is wrong with what was entered
 */
export function callOf(op: Operation, values: Readonly<Record<string, string>>, body: string): Call | string {
  const given = (f: Field): string => values[f.name]?.trim() ?? '';
  const missing = op.fields.find((f) => f.required && given(f) === '');
  if (missing) return `${missing.name}: nothing was entered; the call needs it.`;
  if (op.body === 'json') {
    try {
      JSON.parse(body);
    } catch {
      return `Body: what was entered is no JSON${body.trim() === '' ? ', it is empty' : ''}; expected one JSON value.`;
    }
  }
  const of = (where: Field['in']): Field[] => op.fields.filter((f) => f.in === where && given(f) !== '');
  const path = op.path.replaceAll(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(values[name]?.trim() ?? ''),
  );
  const query = new URLSearchParams(of('query').map((f) => [f.name, given(f)])).toString();
  return {
    method: op.method,
    address: `/api/v1${path}${query === '' ? '' : `?${query}`}`,
    headers: {
      ...Object.fromEntries(of('header').map((f) => [f.name, given(f)])),
      ...(op.body === 'json' ? { 'Content-Type': 'application/json' } : {}),
    },
    body: op.body === 'json' ? body : undefined,
  };
}

/** A text as one word of a shell (POSIX.1-2017, 2.2.2): inside single quotes nothing has a meaning but their end. */
export const shellWord = (text: string): string => `'${text.replaceAll("'", `'\\''`)}'`;

/** The same call as a command for a terminal. */
export function commandOf(call: Call, origin: string): string {
  const parts = [
    'curl',
    ...(call.method === 'GET' ? [] : ['-X', call.method]),
    ...Object.entries(call.headers).flatMap(([name, value]) => ['-H', shellWord(`${name}: ${value}`)]),
    ...(call.body === undefined ? [] : ['--data-binary', shellWord(call.body)]),
    shellWord(`${origin}${call.address}`),
  ];
  return parts.join(' ');
}
