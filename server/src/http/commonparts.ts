/**
 * What many parts of a document have in common stands once: a number with its source, of which only the bounds differ, and
 * the head of things that come in many forms. JSON Schema 2020-12: what stands beside a reference holds as well, and what no
 * part of an `allOf` has looked at is refused by `unevaluatedProperties`.
 */
import { isFields, PREFIX, type Fields } from './partnames.ts';

interface Document {
  readonly components?: { readonly schemas?: Fields | undefined } | undefined;
}
interface ObjectSchema {
  readonly type: 'object';
  readonly properties: Fields;
  readonly required?: readonly string[];
  readonly additionalProperties?: unknown;
}

const isObjectSchema = (node: unknown): node is ObjectSchema & Fields =>
  isFields(node) && node['type'] === 'object' && isFields(node['properties']);

export const NUMBER_WITH_SOURCE = 'numberWithSource';
const OF_NUMBER = new Set(['value', 'source', 'cites']);

/** What numbers with a source have in common, and what of this one is its own; undefined for everything else. */
function numberOf(node: unknown): { readonly common: Fields; readonly beside: Fields } | undefined {
  if (!isObjectSchema(node) || Object.keys(node.properties).some((key) => !OF_NUMBER.has(key)))
    return undefined;
  const { type, properties, required, additionalProperties, ...beside } = node;
  const { value, ...others } = properties;
  if (!isFields(value) || value['type'] !== 'number' || others['source'] === undefined) return undefined;
  const { type: number, ...bounds } = value;
  return {
    common: { type, properties: { value: { type: number }, ...others }, required, additionalProperties },
    beside: { ...beside, ...(Object.keys(bounds).length > 0 ? { properties: { value: bounds } } : {}) },
  };
}

/** @returns the document in which numbers with a source are one part, with their bounds beside the reference */
function withNumbersOnce<T extends Document>(document: T): T {
  let common: Fields | undefined;
  const changed = (node: unknown): unknown => {
    if (Array.isArray(node)) return node.map(changed);
    if (!isFields(node)) return node;
    const found = numberOf(node);
    if (found) {
      common ??= found.common;
      if (JSON.stringify(common) === JSON.stringify(found.common))
        return { $ref: PREFIX + NUMBER_WITH_SOURCE, ...found.beside };
    }
    return Object.fromEntries(Object.entries(node).map(([key, of]) => [key, changed(of)]));
  };
  const fresh = changed(document) as T;
  if (!common) return fresh;
  const schemas = {
    ...fresh.components?.schemas,
    [NUMBER_WITH_SOURCE]: { ...common, description: 'A number, and where it comes from' },
  };
  return { ...fresh, components: { ...fresh.components, schemas } };
}

/** Words below which data stands, and no schema. */
const DATA = new Set(['default', 'examples', 'example', 'const', 'enum', 'mapping']);
/** Shorter than this a schema is written where it stands. */
const LEAST_LENGTH = 60;

/** @returns the document in which schemas that stand in several places word for word are parts without a name */
function withRepeatedOnce<T extends Document>(document: T): T {
  const count = new Map<string, number>();
  const counted = (node: unknown): void => {
    if (Array.isArray(node)) return node.forEach(counted);
    if (!isFields(node)) return;
    if (typeof node['type'] === 'string') {
      const text = JSON.stringify(node);
      if (text.length >= LEAST_LENGTH) count.set(text, (count.get(text) ?? 0) + 1);
    }
    for (const [key, of] of Object.entries(node)) if (!DATA.has(key)) counted(of);
  };
  counted(document);
  const fresh = new Map<string, { readonly name: string; readonly part: unknown }>();
  const changed = (node: unknown, isPart = false): unknown => {
    if (Array.isArray(node)) return node.map((of) => changed(of));
    if (!isFields(node)) return node;
    const text = JSON.stringify(node);
    const inner = (): unknown =>
      Object.fromEntries(Object.entries(node).map(([key, of]) => [key, DATA.has(key) ? of : changed(of)]));
    if (isPart || typeof node['type'] !== 'string' || (count.get(text) ?? 0) < 2) return inner();
    const known = fresh.get(text);
    if (known) return { $ref: PREFIX + known.name };
    const part = inner();
    const name = `__repeated${fresh.size}`;
    fresh.set(text, { name, part });
    return { $ref: PREFIX + name };
  };
  const schemas = Object.entries(document.components?.schemas ?? {}).map(([name, of]) => [
    name,
    changed(of, true),
  ]);
  const { components, ...others } = document;
  const rest = changed(others) as Omit<T, 'components'>;
  return {
    ...rest,
    components: {
      ...components,
      schemas: {
        ...(Object.fromEntries(schemas) as Fields),
        ...Object.fromEntries([...fresh.values()].map(({ name, part }) => [name, part])),
      },
    },
  } as T;
}

/** From so many forms on a head of their own makes them easier to read. */
const LEAST_FORMS = 8;
const HEAD = 'Head';

/** What all forms have alike, and each without it; undefined where that is nothing, or where they are no closed objects. */
function headOf(
  forms: readonly unknown[],
): { readonly head: ObjectSchema; readonly own: Fields[] } | undefined {
  const closed = forms.filter(isObjectSchema).filter((f) => f.additionalProperties === false);
  const [first] = closed;
  if (!first || forms.length < LEAST_FORMS || closed.length < forms.length) return undefined;
  const asked = (form: ObjectSchema, key: string): boolean => form.required?.includes(key) ?? false;
  const shared = Object.keys(first.properties).filter((key) =>
    closed.every(
      (f) =>
        JSON.stringify(f.properties[key]) === JSON.stringify(first.properties[key]) &&
        asked(f, key) === asked(first, key),
    ),
  );
  if (shared.length === 0) return undefined;
  const of = (form: ObjectSchema, keys: readonly string[]): ObjectSchema => ({
    type: 'object',
    properties: Object.fromEntries(keys.map((key) => [key, form.properties[key]])),
    required: keys.filter((key) => asked(form, key)),
  });
  return {
    head: of(first, shared),
    own: closed.map((form) => ({
      ...of(
        form,
        Object.keys(form.properties).filter((key) => !shared.includes(key)),
      ),
    })),
  };
}

/** @returns the document in which a named choice of many forms has their head as a part */
function withHeads<T extends Document>(document: T): T {
  const schemas: Record<string, unknown> = {};
  for (const [name, part] of Object.entries(document.components?.schemas ?? {})) {
    const forms = isFields(part) ? part['oneOf'] : undefined;
    const found = Array.isArray(forms) ? headOf(forms) : undefined;
    if (!found) schemas[name] = part;
    else {
      schemas[name] = {
        ...(part as Fields),
        oneOf: found.own.map((own) => ({
          allOf: [{ $ref: PREFIX + name + HEAD }, own],
          unevaluatedProperties: false,
        })),
      };
      schemas[name + HEAD] = { ...found.head, description: `What every ${name} has` };
    }
  }
  return { ...document, components: { ...document.components, schemas } };
}

/** @returns a document that says the same, with what many parts have in common standing once */
export const withCommonParts = <T extends Document>(document: T): T =>
  withHeads(withRepeatedOnce(withNumbersOnce(document)));
