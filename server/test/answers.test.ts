/** What computations answer with, held to its description: every field that is answered is described, and the other way round. */
import { readFileSync } from 'node:fs';
import { Ajv2020 } from 'ajv/dist/2020.js';
import ts from 'typescript';
import { beforeAll, describe, expect, it } from 'vitest';
import { CALCULATORS } from '@lentum/core/bench';
import { catalogue, isCoat } from '@lentum/core/buildup';
import { FAMILY_KEYS } from '@lentum/core/family';
import { ACCEPTANCE_RULES } from '@lentum/core/film';
import { velmora } from '@lentum/demo';
import { answersText, ANSWERS as FILE } from '../../scripts/answers/answers.ts';
import { typeSchemas, withPartsFor } from '../../scripts/answers/typeschema.ts';
import { warmThreads } from '../src/compute/threads.ts';
import { ANSWERS, ANSWER_PARTS } from '../src/compute/answers.ts';
import { described } from '../src/http/described.ts';
import { ROUTES } from '../src/http/allroutes.ts';
import { api, NOW, V1 } from './support/api.ts';

const { survey, buildUp: buildUps, order, site } = velmora(NOW);
const { zones } = survey;
const now = NOW.toISOString();
const levelled = zones.filter((z) => z.levels !== undefined && z.levels.points.length > 3);
const taped = zones.flatMap((z) => (z.outline.kind === 'taped' ? [z.outline] : []));
const square = {
  kind: 'taped',
  corners: ['a', 'b', 'c', 'd'],
  walls: [4, 3, 4, 3].map((lengthM) => ({ lengthM })),
};
const all = catalogue();
const coats = all.flatMap((buildUp) => buildUp.layers.filter(isCoat).map((coat) => ({ buildUp, coat })));
const read = { tempC: 18, at: now };

/** Requests of each computation: of the made-up job, and of every build-up of the catalogue. */
const ASKED: Readonly<Record<string, readonly object[]>> = {
  'dew-point': [{ airC: 20, humidityPct: 50, surfaceC: 14 }],
  conditions: coats.map(({ coat: { limits } }) => ({
    limits,
    reading: { airC: 4, humidityPct: 90, surfaceC: 3 },
  })),
  rate: [
    ...['90 ft2/gal', '1.85 kg/m2', '30 mil', '20 mil dry'].map((text) => ({ text })),
    { text: '1.85 kg/m2', densityKgPerL: 1.3 },
    { text: '20 mil dry', volumeSolids: 0.8 },
  ],
  walk: [{ legs: [10, 5, 9.9, 5].map((lengthM) => ({ lengthM, turnDeg: 90, turn: 'left' })) }],
  zone: zones,
  taped: [...taped, square],
  falls: levelled,
  readiness: zones.flatMap((zone) =>
    FAMILY_KEYS.map((family) => ({ zone, family, primerSchool: 'always', now })),
  ),
  'build-up': all,
  choose: [
    {
      ...{ zone: zones[0], buildUps: all, primerSchool: 'always', now, traffic: 'wheels' },
      ...{ exposure: 'exposed', coldestC: 8, warmestC: 28, dryHours: 8, daysAllowed: 3 },
      pace: { tempC: 18, humidityPct: 60, crews: 1, hoursPerDay: 8 },
    },
  ],
  acceptance: ACCEPTANCE_RULES.flatMap((rule) =>
    [[], [1.5, 1.4], [0.5, 0.5, 0.6]].map((lastWetMm) => ({
      ...{ rule, gauge: 'deep', lastWetMm, designWetFilmMm: 1.42 },
    })),
  ),
  takeoff: [{ survey, buildUp: buildUps, order }],
  details: [
    { survey, buildUp: buildUps },
    { survey, buildUp: buildUps, order },
  ],
  courses: [{ survey, buildUp: buildUps, order }],
  joint: [{ widthMm: 20, lengthM: 10 }],
  mix: coats.map(({ buildUp, coat }) => ({
    ...{ buildUp, layerId: coat.id, surface: read, resin: read, at: now },
    ...{ slopePct: 4, areaLeftM2: 30, people: 2 },
  })),
  kettle: coats.map(({ buildUp, coat }) => ({ buildUp, layerId: coat.id, areaLeftM2: 20 })),
  bench: CALCULATORS.map(({ key }) => ({ calculator: key, values: {} })),
  bays: coats.flatMap(({ buildUp, coat }) => [
    { zone: zones[0], buildUp, layerId: coat.id, basis: { kind: 'mix' } },
    ...coat.containers.slice(0, 1).map(({ id }) => ({
      ...{ zone: zones[0], buildUp, layerId: coat.id, basis: { kind: 'container', containerId: id } },
    })),
  ]),
  'bay-route': [{ bays: site.bays.filter((b) => b.zoneId === zones[0]?.id), accessM: [0, 0], zoneName: 'H' }],
};

interface Schema {
  readonly type?: string;
  readonly additionalProperties?: unknown;
}
/** Nothing but what is described. */
const closed = (schema: unknown): unknown => {
  if (Array.isArray(schema)) return schema.map(closed);
  if (schema === null || typeof schema !== 'object') return schema;
  const inside = Object.fromEntries(Object.entries(schema).map(([key, of]) => [key, closed(of)]));
  const { type, additionalProperties } = schema as Schema;
  return type === 'object' && additionalProperties === undefined
    ? { ...inside, additionalProperties: false }
    : inside;
};

const api31 = JSON.parse(described(ROUTES).document) as {
  components: { schemas: Record<string, unknown> };
  paths: Record<
    string,
    { post?: { responses: Record<string, { content: Record<string, { schema: object }> }> } }
  >;
};
const strict = new Ajv2020({ strict: false, validateFormats: false });
strict.addSchema(
  {
    components: {
      schemas: {
        ...api31.components.schemas,
        ...Object.fromEntries(
          Object.keys(ANSWER_PARTS).map((name) => [name, closed(api31.components.schemas[name])]),
        ),
      },
    },
  },
  'api',
);
const againstDescription = (name: string) => {
  const answer = api31.paths[`/compute/${name}`]?.post?.responses['200']?.content['application/json']?.schema;
  const text = JSON.stringify(closed(answer)).replaceAll('"#/', '"api#/');
  return strict.compile(JSON.parse(text) as object);
};

// What a thread takes to begin is not counted: computations have a deadline.
beforeAll(warmThreads, 120_000);

describe('what computations answer with', () => {
  it('is described for each of them', () => {
    expect(Object.keys(ANSWERS).sort()).toEqual(Object.keys(ASKED).sort());
  });

  it.each(Object.entries(ASKED))('%s is as the description has it, field by field', async (name, asked) => {
    const holds = againstDescription(name);
    let answered = 0;
    for (const body of asked) {
      const { status, body: answer } = (await api.post(`${V1}/compute/${name}`).send(body)) as {
        status: number;
        body: unknown;
      };
      // A coat without a kettle has no charge, one that is not mixed no mix.
      expect([200, 422]).toContain(status);
      if (status !== 200) continue;
      answered += 1;
      expect(holds(answer), `${JSON.stringify(holds.errors)} ${JSON.stringify(body).slice(0, 300)}`).toBe(
        true,
      );
    }
    expect(answered).toBeGreaterThan(0);
  });

  it('is described from the types as they are now', { timeout: 120_000 }, () => {
    expect(readFileSync(FILE, 'utf8')).toBe(answersText());
  });
});

describe('schemas of types', () => {
  const schemasOf = (text: string, known: Readonly<Record<string, string>> = {}) => {
    const name = 'types.ts';
    const host = ts.createCompilerHost({});
    const { getSourceFile } = host;
    host.getSourceFile = (file, ...rest) =>
      file === name ? ts.createSourceFile(file, text, ts.ScriptTarget.ESNext) : getSourceFile(file, ...rest);
    const program = ts.createProgram([name], { strict: true, exactOptionalPropertyTypes: true }, host);
    const checker = program.getTypeChecker();
    const types = (program.getSourceFile(name)?.statements ?? []).flatMap((s) =>
      ts.isTypeAliasDeclaration(s) || ts.isInterfaceDeclaration(s) ? [s] : [],
    );
    const elsewhere = types.flatMap((s) => {
      const part = known[s.name.text];
      return part === undefined ? [] : [[checker.getTypeAtLocation(s), part] as const];
    });
    const schemas = typeSchemas(checker, new Map(elsewhere), new Set(['taken']));
    const asked = types.find((s) => s.name.text === 'Asked');
    const of = schemas.of(checker.getTypeAtLocation(asked!), 'Asked');
    return { of, parts: schemas.parts };
  };
  const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });

  it('optional and absent, lists and pairs, numbers by name', () => {
    const { parts } = schemasOf(`
      interface Leaf { readonly at: readonly [number, number]; note?: string; is: boolean | undefined }
      interface Asked { leaves: readonly Leaf[]; byName: Record<string, number>; never?: undefined; one: Leaf | null }
    `);
    expect(parts).toEqual({
      leaf: {
        type: 'object',
        properties: {
          at: {
            type: 'array',
            prefixItems: [{ type: 'number' }, { type: 'number' }],
            minItems: 2,
            maxItems: 2,
          },
          note: { type: 'string' },
          is: { type: 'boolean' },
        },
        required: ['at'],
      },
      asked: {
        type: 'object',
        properties: {
          leaves: { type: 'array', items: ref('leaf') },
          byName: { type: 'object', additionalProperties: { type: 'number' } },
          one: { anyOf: [ref('leaf'), { type: 'null' }] },
        },
        required: ['leaves', 'byName', 'one'],
      },
    });
  });
  it('a type that has itself in it, names that are taken, and what is described elsewhere', () => {
    const { of, parts } = schemasOf(
      `interface Taken { n: 1 } interface Far { x: number }
       interface Asked { inside: Record<string, Asked>; taken: Taken; far: Far }`,
      { Far: 'farAway' },
    );
    expect(of).toEqual(ref('asked'));
    expect(parts['asked']).toMatchObject({
      properties: {
        inside: { additionalProperties: ref('asked') },
        taken: ref('taken2'),
        far: ref('farAway'),
      },
    });
  });
  it('choices of words are in the order of the alphabet; those of many words are a part', () => {
    const { parts } = schemasOf(`
      type Many = 'e' | 'd' | 'c' | 'b' | 'a';
      interface Asked { few: 'b' | 'a'; many: Many; kind: { kind: 'x' } | { kind: 'w'; n: number } }
    `);
    expect(parts['asked']).toMatchObject({
      properties: {
        few: { type: 'string', enum: ['a', 'b'] },
        many: ref('many'),
        kind: {
          anyOf: [{ properties: { kind: { const: 'w' } } }, { properties: { kind: { const: 'x' } } }],
        },
      },
    });
    expect(parts['many']).toEqual({ type: 'string', enum: ['a', 'b', 'c', 'd', 'e'] });
  });
  it.each([
    ['a function', '() => number', 'Asked.odd'],
    ['a map', 'Map<string, number>', 'Asked.odd'],
    ['a date in a list', 'Date[]', 'Asked.odd[]'],
    ['anything', 'unknown', 'Asked.odd'],
  ])('%s has no form in JSON, and the place is said', (_, type, place) => {
    expect(() => schemasOf(`interface Asked { odd: ${type} }`)).toThrow(`${place}: JSON has no form for`);
  });
  it('what looks like a part is that part, whatever the order of its fields', () => {
    const part = {
      type: 'object',
      properties: { a: { type: 'number' }, b: { type: 'string' } },
      required: ['a', 'b'],
    };
    const same = {
      type: 'object',
      properties: { b: { type: 'string' }, a: { type: 'number' } },
      required: ['b', 'a'],
    };
    const parts = { pair: part, other: { type: 'array', items: same } };
    expect(withPartsFor(parts, parts)).toEqual({ pair: part, other: { type: 'array', items: ref('pair') } });
    expect(withPartsFor({ answer: same }, parts)).toEqual({ answer: ref('pair') });
  });
});
