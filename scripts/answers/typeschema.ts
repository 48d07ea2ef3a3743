/** JSON Schemas of what a TypeScript type looks like once it is written as JSON. */
import ts from 'typescript';
import { PREFIX } from '../../server/src/http/partnames.ts';

export type JsonSchema = Record<string, unknown>;
export interface TypeSchemas {
  /** The schema of a type; what it names is in the parts. @throws Error for what JSON has no form for, with its place */
  readonly of: (type: ts.Type, place: string) => JsonSchema;
  readonly parts: Readonly<Record<string, JsonSchema>>;
}

const { TypeFlags: Flag, SymbolFlags } = ts;
const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);
const refTo = (name: string): JsonSchema => ({ $ref: PREFIX + name });
const isAbsent = (type: ts.Type): boolean => (type.flags & Flag.Undefined) !== 0;
const mayBeAbsent = (type: ts.Type): boolean => type.isUnion() && type.types.some(isAbsent);

/** The same for schemas that differ in the order of their fields only. */
const inOrder = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(inOrder)
    : value !== null && typeof value === 'object'
      ? Object.fromEntries(
          Object.entries(value)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, of]) => [key, key === 'required' ? [...(of as string[])].sort() : inOrder(of)]),
        )
      : value;
const formOf = (schema: JsonSchema): string => JSON.stringify(inOrder(schema));

/** Schemas in which what has no name of its own, and looks like a part, is that part. */
export function withPartsFor(
  schemas: Readonly<Record<string, JsonSchema>>,
  parts: Readonly<Record<string, JsonSchema>>,
): Record<string, JsonSchema> {
  const named = new Map(Object.entries(parts).map(([name, schema]) => [formOf(schema), name]));
  const look = (value: unknown, isPart: boolean): unknown => {
    if (Array.isArray(value)) return value.map((v) => look(v, false));
    if (value === null || typeof value !== 'object') return value;
    const name = isPart || !('type' in value) ? undefined : named.get(formOf(value as JsonSchema));
    return name === undefined
      ? Object.fromEntries(Object.entries(value).map(([key, of]) => [key, look(of, false)]))
      : refTo(name);
  };
  return Object.fromEntries(
    Object.entries(schemas).map(([name, schema]) => [name, look(schema, parts === schemas) as JsonSchema]),
  );
}

/** An enumeration of more than these is a part where its type has a name. */
const FEW = 4;

/**
 * @param known parts that are described elsewhere, by their types
 * @param taken names that parts may not have
 */
export function typeSchemas(
  checker: ts.TypeChecker,
  known: ReadonlyMap<ts.Type, string>,
  taken: ReadonlySet<string>,
): TypeSchemas {
  const parts: Record<string, JsonSchema> = {};
  const names = new Map<ts.Type, string>();

  function part(type: ts.Type, name: string, make: () => JsonSchema): JsonSchema {
    const found = names.get(type);
    if (found !== undefined) return refTo(found);
    let own = lower(name);
    for (let n = 2; own in parts || taken.has(own); n += 1) own = `${lower(name)}${n}`;
    names.set(type, own);
    parts[own] = {};
    parts[own] = make();
    return refTo(own);
  }

  function union(type: ts.UnionType, place: string): JsonSchema {
    const there = type.types.filter((t) => !isAbsent(t));
    const [only, ...more] = there;
    if (only && more.length === 0) return of(only, place);
    if (there.every((t) => t.flags & Flag.BooleanLiteral)) return { type: 'boolean' };
    if (there.every((t) => t.isStringLiteral()))
      return { type: 'string', enum: there.map((t) => (t as ts.StringLiteralType).value).sort() };
    const ways = new Map(
      there.map((t) => {
        const schema = of(t, place);
        return [JSON.stringify(schema), schema];
      }),
    );
    // The compiler keeps the members of a union in no order of ours.
    return { anyOf: [...ways].sort(([a], [b]) => (a < b ? -1 : 1)).map(([, schema]) => schema) };
  }

  function object(type: ts.Type, place: string): JsonSchema {
    const properties: Record<string, JsonSchema> = {};
    const required: string[] = [];
    for (const property of checker.getPropertiesOfType(type)) {
      const name = property.getName();
      const its = checker.getTypeOfSymbol(property);
      if (isAbsent(its)) continue;
      properties[name] = of(its, `${place}.${name}`);
      if (!(property.flags & SymbolFlags.Optional) && !mayBeAbsent(its)) required.push(name);
    }
    const others = checker.getIndexInfoOfType(type, ts.IndexKind.String);
    return {
      type: 'object',
      ...(Object.keys(properties).length > 0 ? { properties } : {}),
      ...(required.length > 0 ? { required } : {}),
      ...(others ? { additionalProperties: of(others.type, `${place}.*`) } : {}),
    };
  }

  const DECLARED_ELSEWHERE = /[\\/]node_modules[\\/]/;
  const isOurs = (symbol: ts.Symbol): boolean =>
    symbol.declarations?.some((d) => !DECLARED_ELSEWHERE.test(d.getSourceFile().fileName)) ?? false;

  function of(type: ts.Type, place: string): JsonSchema {
    if (type.flags & Flag.BooleanLiteral) return { const: checker.typeToString(type) === 'true' };
    if (type.flags & Flag.Boolean) return { type: 'boolean' };
    if (type.isStringLiteral()) return { type: 'string', const: type.value };
    if (type.isNumberLiteral()) return { type: 'number', const: type.value };
    if (type.flags & Flag.StringLike) return { type: 'string' };
    if (type.flags & Flag.NumberLike) return { type: 'number' };
    if (type.flags & Flag.Null) return { type: 'null' };
    const alias = type.aliasSymbol;
    const symbol = alias ?? type.symbol;
    const elsewhere = known.get(type);
    if (elsewhere !== undefined) return refTo(elsewhere);
    if (type.isUnion())
      return alias &&
        isOurs(alias) &&
        !mayBeAbsent(type) &&
        (type.types.length > FEW || !type.types.every((t) => t.isLiteral()))
        ? part(type, alias.getName(), () => union(type, place))
        : union(type, place);
    const [first, ...rest] =
      checker.isArrayType(type) || checker.isTupleType(type)
        ? checker.getTypeArguments(type as ts.TypeReference)
        : [];
    if (first && checker.isTupleType(type))
      return {
        type: 'array',
        prefixItems: [first, ...rest].map((t, at) => of(t, `${place}[${at}]`)),
        minItems: rest.length + 1,
        maxItems: rest.length + 1,
      };
    if (first) return { type: 'array', items: of(first, `${place}[]`) };
    if (type.flags & Flag.Object || type.isIntersection()) {
      if (type.getCallSignatures().length > 0 || ['Map', 'Set', 'Date'].includes(symbol?.getName() ?? ''))
        throw new Error(`${place}: JSON has no form for ${checker.typeToString(type)}`);
      return symbol && isOurs(symbol) && !symbol.getName().startsWith('__')
        ? part(type, symbol.getName(), () => object(type, place))
        : object(type, place);
    }
    throw new Error(`${place}: JSON has no form for ${checker.typeToString(type)}`);
  }
  return { of, parts };
}
