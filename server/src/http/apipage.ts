/** A readable page of the API, without scripts: every address, what it takes, what it answers. */
import type { AnyRoute, RouteSpec } from './routes.ts';

const escape = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);

const STYLE = `
  body { font: 16px/1.5 'Atkinson Hyperlegible Next', system-ui, sans-serif; color: #1f2a30; background: #f7f6f2; margin: 0 auto; max-width: 60rem; padding: 2rem 1rem; }
  h1 { font-size: 1.6rem; } h2 { font-size: 1.15rem; margin-top: 2.5rem; border-bottom: 1px solid #d9d6cc; }
  details { border-bottom: 1px solid #d9d6cc; padding: .5rem 0; } summary { cursor: pointer; }
  code { font-family: ui-monospace, monospace; font-size: .9em; } pre { background: #fff; border: 1px solid #d9d6cc; padding: .75rem; overflow: auto; max-height: 28rem; }
  b { display: inline-block; min-width: 3.2rem; color: #0e6e62; } a { color: #0e6e62; }`;

/** A schema as text, with a way to each part that it refers to. */
const shown = (schema: unknown): string =>
  escape(JSON.stringify(schema, null, 2)).replaceAll(
    /#\/components\/schemas\/(\w+)/g,
    (_, name: string) => `<a href="#part-${name}">${name}</a>`,
  );

interface Parameter {
  readonly name: string;
  readonly in: string;
  readonly required?: boolean;
}
interface Operation {
  readonly parameters?: readonly (Parameter | { readonly $ref: string })[];
  readonly requestBody?: { content: Record<string, { schema: unknown }> };
  readonly responses: Record<string, { description?: string; $ref?: string }>;
}

function section(spec: RouteSpec, operation: Operation, shared: Readonly<Record<string, Parameter>>): string {
  const asked = (operation.parameters ?? []).flatMap((p) =>
    '$ref' in p ? (shared[p.$ref.split('/').at(-1) ?? ''] ?? []) : p,
  );
  const parameters = asked.map(
    (p) => `<li><code>${escape(p.name)}</code> in ${p.in}${p.required ? ', required' : ''}</li>`,
  );
  const schema = operation.requestBody?.content['application/json']?.schema;
  const answers = Object.entries(operation.responses).map(
    ([status, r]) =>
      `<li>${escape(status)}: ${escape(r.description ?? 'what is wrong, in sentences (RFC 9457)')}</li>`,
  );
  return `<details><summary><b>${spec.method.toUpperCase()}</b> <code>${escape(spec.path)}</code> ${escape(spec.summary)}</summary>
    ${parameters.length > 0 ? `<p>Parameters</p><ul>${parameters.join('')}</ul>` : ''}
    ${schema ? `<p>Body</p><pre tabindex="0"><code>${shown(schema)}</code></pre>` : ''}
    <p>Answers</p><ul>${answers.join('')}</ul></details>`;
}

/** @param described the document that `openApi` makes of the routes */
export function apiPage(routes: readonly AnyRoute[], described: object): string {
  const document = described as {
    paths: Record<string, Record<string, Operation>>;
    components: { schemas: Record<string, unknown>; parameters: Record<string, Parameter> };
  };
  const parts = Object.entries(document.components.schemas).map(
    ([name, schema]) =>
      `<details id="part-${name}"><summary><code>${escape(name)}</code></summary><pre tabindex="0"><code>${shown(schema)}</code></pre></details>`,
  );
  const specs = routes as readonly unknown[] as readonly RouteSpec[];
  const tags = [...new Set(specs.map((r) => r.tag))];
  const body = tags.map((tag) => {
    const rows = specs
      .filter((r) => r.tag === tag)
      .map((r) =>
        section(
          r,
          document.paths[r.path]?.[r.method] ?? { parameters: [], responses: {} },
          document.components.parameters,
        ),
      );
    return `<h2>${escape(tag)}</h2>${rows.join('')}`;
  });
  return `<!doctype html><html lang="en-GB"><head><meta charset="utf-8"><title>Lentum API</title>
    <meta name="viewport" content="width=device-width"><style>${STYLE}</style></head><body><main>
    <h1>Lentum API</h1><p>Addresses lie below <code>/api/v1</code>. The same as <a href="/api/v1/openapi.json">OpenAPI 3.1</a>.
    Documents carry their version as ETag; a write names it in If-Match. Errors are problem+json, in sentences.</p>
    ${body.join('')}<h2>Parts of what is sent</h2>${parts.join('')}</main></body></html>`;
}
