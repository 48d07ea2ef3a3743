/** How a description refers to its parts. */

export type Fields = Readonly<Record<string, unknown>>;
export const PREFIX = '#/components/schemas/';

export const isFields = (node: unknown): node is Fields =>
  typeof node === 'object' && node !== null && !Array.isArray(node);

/** The part that something refers to, where it does. */
export function referred(node: unknown): string | undefined {
  const ref = isFields(node) ? node['$ref'] : undefined;
  return typeof ref === 'string' && ref.startsWith(PREFIX) ? ref.slice(PREFIX.length) : undefined;
}
