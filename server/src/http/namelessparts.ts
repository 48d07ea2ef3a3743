/**
 * Parts of a document that nobody has named, only met twice: those that are short, or that stand in one place only, are
 * written where they stand; the others are named after the first place where they do.
 */
import { NUMBER_WITH_SOURCE } from './commonparts.ts';
import { isFields, PREFIX, referred, type Fields } from './partnames.ts';

type Parts = Readonly<Record<string, unknown>>;
interface Document {
  readonly paths?: unknown;
  readonly components?: { readonly schemas?: Parts | undefined } | undefined;
}
const isNameless = (name: string): boolean => name.startsWith('__');

/** Every object and list within something, itself first, with the words that lead to it. */
function* within(
  node: unknown,
  way: readonly string[] = [],
): Generator<[node: object, way: readonly string[]]> {
  if (typeof node !== 'object' || node === null) return;
  yield [node, way];
  for (const [key, of] of Object.entries(node)) yield* within(of, [...way, key]);
}

/** How often each part is referred to, and which are named by a text: the map of a choice has no place for what is meant. */
function usesOf(document: unknown): { readonly count: Map<string, number>; readonly byText: Set<string> } {
  const count = new Map<string, number>();
  const byText = new Set<string>();
  for (const [node] of within(document)) {
    const name = referred(node);
    if (name !== undefined) count.set(name, (count.get(name) ?? 0) + 1);
    else
      for (const of of Object.values(node))
        if (typeof of === 'string' && of.startsWith(PREFIX)) byText.add(of.slice(PREFIX.length));
  }
  return { count, byText };
}

/** Whether a part leads back to itself. */
function leadsBack(name: string, parts: Parts): boolean {
  const seen = new Set<string>();
  const waiting = [name];
  for (let next = waiting.pop(); next !== undefined; next = waiting.pop())
    for (const [node] of within(parts[next])) {
      const to = referred(node);
      if (to === name) return true;
      if (to === undefined || seen.has(to)) continue;
      seen.add(to);
      waiting.push(to);
    }
  return false;
}

/** The document with nameless parts in their places, where that makes it no longer. */
function inPlace<T extends Document>(document: T): T {
  const parts = document.components?.schemas ?? {};
  const { count, byText } = usesOf(document);
  const kept = new Map<string, unknown>();
  const written = new Map<string, unknown>();
  /** What stands for a reference to a part: the part itself, or undefined where the reference stays. */
  const placed = (name: string): unknown => {
    if (written.has(name)) return written.get(name);
    const whole = filled(parts[name]);
    const uses = count.get(name) ?? 0;
    const length = JSON.stringify(whole).length;
    const asPart = length + name.length + uses * (PREFIX.length + name.length + '{"$ref":""}'.length);
    // What only narrows another part has no name that would fit all its places.
    const narrows = referred(whole) === NUMBER_WITH_SOURCE;
    const stays = byText.has(name) || leadsBack(name, parts) || (!narrows && uses * length > asPart);
    written.set(name, stays ? undefined : whole);
    if (stays) kept.set(name, whole);
    return written.get(name);
  };
  const filled = (node: unknown): unknown => {
    if (Array.isArray(node)) return node.map(filled);
    if (!isFields(node)) return node;
    const name = referred(node);
    if (name !== undefined && isNameless(name) && parts[name] !== undefined && !leadsBack(name, parts)) {
      const part = placed(name);
      const { $ref: _, ...beside } = node;
      if (isFields(part) && Object.keys(beside).every((key) => !(key in part))) return { ...part, ...beside };
      if (part !== undefined) kept.set(name, part);
    }
    return Object.fromEntries(Object.entries(node).map(([key, of]) => [key, filled(of)]));
  };
  const named = Object.entries(parts).filter(([name]) => !isNameless(name));
  const rest = filled({
    ...document,
    components: { ...document.components, schemas: Object.fromEntries(named) },
  });
  for (const name of Object.keys(parts)) if (isNameless(name) && leadsBack(name, parts)) placed(name);
  const { components, ...others } = rest as T;
  return {
    ...others,
    components: { ...components, schemas: { ...components?.schemas, ...Object.fromEntries(kept) } },
  } as T;
}

/** Words of a schema that say how it is made and not what it is about. */
const MADE_OF = new Set([
  ...['properties', 'items', 'prefixItems', 'anyOf', 'oneOf', 'allOf', 'additionalProperties', 'schema'],
  ...['content', 'application/json', 'parameters', 'responses', 'requestBody', 'propertyNames'],
]);
const capital = (word: string): string => word.slice(0, 1).toUpperCase() + word.slice(1);
/** Words in one: `layer`, `rate` is layerRate. */
const joined = (first: string, words: readonly string[]): string =>
  first +
  words
    .filter((w) => !MADE_OF.has(w) && !/^\d+$/.test(w))
    .map((w) =>
      w
        .split(/[^A-Za-z0-9]+/)
        .map(capital)
        .join(''),
    )
    .join('');

/** The value by which one of several forms is known, such as a kind. */
function formOf(part: unknown): string[] {
  const fields = isFields(part) ? part['properties'] : undefined;
  if (!isFields(fields)) return [];
  const known = Object.values(fields).find((of) => isFields(of) && typeof of['const'] === 'string');
  return isFields(known) ? [String(known['const'])] : [];
}

/** A name for each nameless part, after the first place where it stands: a part with a name, or a call. */
function namesFor({ paths, components }: Document): Map<string, string> {
  const parts = components?.schemas ?? {};
  const names = new Map<string, string>();
  const taken = new Set(Object.keys(parts));
  const nameWithin = (owner: string, of: unknown): void => {
    for (const [node, way] of within(of)) {
      const part = referred(node);
      if (part === undefined || !isNameless(part) || names.has(part)) continue;
      const head = way.at(-2) === 'allOf' ? ['head'] : [];
      const wanted = joined(owner, [...way, ...head, ...formOf(parts[part])]);
      let name = wanted;
      for (let n = 2; taken.has(name); n += 1) name = `${wanted}${n}`;
      taken.add(name);
      names.set(part, name);
      nameWithin(name, parts[part]);
    }
  };
  for (const [name, part] of Object.entries(parts)) if (!isNameless(name)) nameWithin(name, part);
  for (const methods of Object.values((paths ?? {}) as Fields))
    for (const call of Object.values(methods as Fields))
      nameWithin(String((call as Fields)['operationId']), call);
  return names;
}

/** @returns the same document, in which every part that is left has a name that says where it belongs */
export function withoutNamelessParts<T extends Document>(document: T): T {
  const short = inPlace(document);
  const names = namesFor(short);
  const renamed = JSON.parse(
    JSON.stringify(short).replaceAll(
      /"#\/components\/schemas\/([^"]+)"/g,
      (_, name: string) => `"${PREFIX}${names.get(name) ?? name}"`,
    ),
  ) as T;
  const parts = Object.entries(renamed.components?.schemas ?? {});
  return {
    ...renamed,
    components: {
      ...renamed.components,
      schemas: Object.fromEntries(parts.map(([name, part]) => [names.get(name) ?? name, part])),
    },
  };
}
