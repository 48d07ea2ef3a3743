import Ajv2020 from 'ajv/dist/2020.js';
import addFormats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { buildUpProblems, catalogue, isCoat, type BuildUp, type Coat } from '@lentum/core/buildup';
import {
  differences,
  findingsMoved,
  LAYER_TABLE_HEADINGS,
  layersFromTable,
  moves,
  readBuildUpFile,
  sameContent,
  writeBuildUpFile,
} from '@lentum/core/library';
import { sentence } from '@lentum/core/problems';
import { evaluate } from './support/formula.ts';
import { publishedSchema } from '../../scripts/lib/schemas.ts';

const copy = <T>(v: T): T => JSON.parse(JSON.stringify(v)) as T;
const page = (id: string): BuildUp => copy(catalogue().find((b) => b.id === id)!);
const coat = (b: BuildUp, id: string): Coat => b.layers.find((l) => l.id === id) as Coat;
const PACE = { areaM2: 100, tempC: 20, humidityPct: 60, crews: 1, hoursPerDay: 8 };
const AT = '2026-05-12T09:00:00Z';

describe('what differs', () => {
  const plain = (v: ReturnType<typeof differences>[number]['before']): string =>
    typeof v === 'object'
      ? `${v.value}${v.range ? ` of ${v.range.from}–${v.range.to}` : ''} ${v.quantity}${v.film && ` ${v.film}`}`
      : String(v);
  const said = (change: (b: BuildUp) => void, id = 'reinforced-polyurethane'): string[] => {
    const after = page(id);
    change(after);
    return differences(page(id), after).map(
      (d) => `${d.layer ?? '–'} | ${d.what} | ${plain(d.before)} | ${plain(d.after)} | ${d.quantity ?? ''}`,
    );
  };
  it.each<[string, (b: BuildUp) => void, string[]]>([
    ['nothing', () => undefined, []],
    [
      'what the holder counts is no difference',
      (b) => Object.assign(b, { revision: 7, taken: { revision: 3 } }),
      [],
    ],
    [
      'a rate',
      (b) => (coat(b, 'first').rate.value = 2),
      ['First coat | Rate | 1.85 rateMass | 2 rateMass | '],
    ],
    [
      'a rate in another form',
      (b) => Object.assign(coat(b, 'first').rate, { basis: 'wetFilm', value: 1.4 }),
      ['First coat | Rate | 1.85 rateMass | 1.4 film wet | '],
    ],
    [
      'a range of the sheet',
      (b) => Object.assign(coat(b, 'first').rate, { range: { from: 1.4, to: 1.9 } }),
      ['First coat | Rate | 1.85 rateMass | 1.85 of 1.4–1.9 rateMass | '],
    ],
    [
      'a density',
      (b) => (coat(b, 'first').densityKgPerL.value = 1.4),
      ['First coat | Density | 1.3 | 1.4 | density'],
    ],
    [
      'only its source',
      (b) => (coat(b, 'first').densityKgPerL.source = 'data sheet'),
      ['First coat | Density, source | typical | data sheet | '],
    ],
    [
      'a limit that comes',
      (b) => (coat(b, 'first').limits.dryHours = { value: 6, source: 'data sheet' }),
      ['First coat | Dry before it, hours | undefined | 6 | hours'],
    ],
    [
      'a table of cure',
      (b) => (coat(b, 'first').cure.foot.points[0]!.hours = 40),
      ['First coat | Stages of cure | earlier figures | other figures | '],
    ],
    [
      'a layer taken out',
      (b) => (b.layers = b.layers.filter((l) => l.id !== 'mat')),
      ['Glass mat | Layer | there | taken out | '],
    ],
    [
      'a layer put in',
      (b) => b.layers.push({ ...copy(coat(b, 'second')), id: 'third', name: 'Third coat' }),
      ['Third coat | Layer | undefined | put in | '],
    ],
    ['a name', (b) => (b.name = 'Ours'), ['– | Name | Reinforced polyurethane, fabric throughout | Ours | ']],
    [
      'the least membrane',
      (b) => (b.leastDryFilmMm.value = 1.5),
      ['– | Least dry membrane | 1.8 | 1.5 | film'],
    ],
    ['a caution', (b) => b.cautions.push('Mind the edge.'), ['– | Cautions | as it was | changed | ']],
    [
      'containers',
      (b) => coat(b, 'first').containers.pop(),
      ['First coat | Containers | 25 kg pail, 5 kg pail | 25 kg pail | '],
    ],
  ])('%s', (_, change, words) => expect(said(change)).toEqual(words));
  it('a layer that changed its place, once', () =>
    expect(
      said((b) => {
        b.layers.splice(0, 0, ...b.layers.splice(4, 1));
      }).filter((t) => t.startsWith('Second coat | Place')),
    ).toEqual(['Second coat | Place | 5 | 1 | count']));
  it('the same content is the same whoever holds it', () => {
    const [a, b] = [page('two-coat-silicone'), page('two-coat-silicone')];
    b.revision = 4;
    b.taken = { revision: 2 };
    expect(sameContent(a, b)).toBe(true);
    coat(b, 'base').rate.value = 0.9;
    expect(sameContent(a, b)).toBe(false);
  });
});

describe('what a change moves', () => {
  it('a higher rate moves film, thickness, weight, material, cost and days, and nothing else', () => {
    const after = page('reinforced-polyurethane');
    coat(after, 'first').rate.value = 2.05;
    const moved = moves(page('reinforced-polyurethane'), after, PACE);
    expect(moved.map((m) => m.label)).toEqual(
      expect.arrayContaining(['dry membrane', 'thickness', 'weight laid', 'material', 'cost of material']),
    );
    expect(moved.map((m) => m.label)).not.toContain('minimum surface temperature');
    const [membrane] = moved;
    // 0.2 kg/m² over 1.3 kg/L, of which 88 % stay.
    expect(membrane!.after!.value - membrane!.before!.value).toBeCloseTo((0.2 / 1.3) * 0.88, 9);
    for (const m of moved) expect(evaluate(m.after!)).toBeCloseTo(m.after!.value, 9);
  });
  it('a note moves nothing', () => {
    const after = page('reinforced-polyurethane');
    after.layers[0]!.note = 'otherwise';
    expect(moves(page('reinforced-polyurethane'), after, PACE)).toEqual([]);
  });
  it('sentences come and go', () => {
    const after = page('reinforced-polyurethane');
    coat(after, 'first').rate.value = 0.9;
    expect(findingsMoved(page('reinforced-polyurethane'), after).come.map((f) => f.rule)).toEqual([
      'total',
      'dry-fabric',
    ]);
    expect(findingsMoved(after, page('reinforced-polyurethane')).gone.map((f) => f.rule)).toEqual([
      'total',
      'dry-fabric',
    ]);
  });
});

describe('the published schema of a build-up file', () => {
  const published = JSON.parse(
    readFileSync(new URL('../../docs/formats/build-up.schema.json', import.meta.url), 'utf8'),
  ) as object;
  const ajv = new Ajv2020({ strict: false });
  addFormats(ajv);
  const validate = ajv.compile(published);
  it('is the one the application uses', () => {
    expect(published).toEqual(publishedSchema('build-up'));
  });
  it.each(catalogue().map((b) => [b.id, b] as const))(
    'takes %s, by an independent validator (ajv)',
    (_, b) => {
      const file = JSON.parse(JSON.stringify(writeBuildUpFile(b, [], AT))) as { buildUp: BuildUp };
      expect(validate(file), JSON.stringify(validate.errors?.[0])).toBe(true);
      expect(validate({ ...file, colour: 'red' })).toBe(false);
      expect(validate({ ...file, version: 2 })).toBe(false);
      const negative = copy(file);
      negative.buildUp.leastDryFilmMm.value = -1;
      expect(validate(negative)).toBe(false);
    },
  );
});

describe('a build-up file', () => {
  it.each(catalogue().map((b) => [b.id, b] as const))('%s comes back as it went', (_, b) => {
    const read = readBuildUpFile(JSON.stringify(writeBuildUpFile({ ...b, taken: { revision: 9 } }, [], AT)));
    expect(read.ok && read.value.buildUp).toEqual(b);
  });
  const edited = (change: (f: { buildUp: BuildUp } & Record<string, unknown>) => void): string => {
    const file = copy(writeBuildUpFile(page('methacrylate-terrace'), [], AT)) as unknown as {
      buildUp: BuildUp;
    } & Record<string, unknown>;
    change(file);
    return JSON.stringify(file);
  };
  it.each<[string, string, string]>([
    ['cut short', edited(() => undefined).slice(0, 400), 'The build-up file'],
    ['unknown keys', edited((f) => (f['colour'] = 'red')), 'expected no such entry as “colour”.'],
    [
      'a key unknown to a layer',
      edited((f) => Object.assign(f.buildUp.layers[0]!, { colour: 'red' })),
      'buildUp › layers › 1',
    ],
    [
      'an impossible density',
      edited((f) => (coat(f.buildUp, 'wear').densityKgPerL.value = 40)),
      'densityKgPerL › value: 40 is out of range; expected at most 4.',
    ],
    [
      'solids over 100 %',
      edited((f) => (coat(f.buildUp, 'wear').volumeSolids!.value = 1.2)),
      'volumeSolids › value: 1.2 is out of range; expected at most 1.',
    ],
    [
      'no solids at all',
      edited((f) => delete coat(f.buildUp, 'wear').volumeSolids),
      'expected volume solids, or mass solids with the density of what leaves.',
    ],
    [
      'a catalyst table with a hole',
      edited((f) => coat(f.buildUp, 'wear').catalyst!.points.splice(1, 1)),
      'nothing between 5 and 15 °C',
    ],
    [
      'a negative rate',
      edited((f) => (coat(f.buildUp, 'wear').rate.value = -1)),
      'rate › value: -1 is out of range; expected more than 0.',
    ],
    [
      'another format',
      edited((f) => (f['format'] = 'other')),
      'format: “other” does not fit; expected “lentum-build-up”.',
    ],
  ])('%s', (_, text, words) => {
    const read = readBuildUpFile(text);
    expect(read.ok ? 'taken' : read.problems.map(sentence).join(' ')).toContain(words);
  });
});

describe('a table of layers', () => {
  const HEAD = [
    'Layer',
    'Rate',
    'Density',
    'Volume solids',
    'Air min',
    'Rain-safe',
    'Overcoat until',
    'Container',
    'Colour',
  ];
  it('becomes layers whose figures say where they are from', () => {
    const read = layersFromTable(
      [
        HEAD,
        ['Edge primer', '0,2 L/m2', '0.95 kg/L', '40 %', '5', '2', '24 h', '10 L', 'clear'],
        ['', '', '', '', '', '', '', '', ''],
        ['Seal', '90 ft2/gal', '11 lb/gal', '0.66', '41 °F', '', '3 d', '25 kg', 'grey'],
      ],
      'metric',
    );
    if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
    const [primer, seal] = read.value.layers.filter(isCoat);
    expect(read.value.ignored).toEqual(['Colour']);
    expect(primer).toMatchObject({
      name: 'Edge primer',
      role: 'primer',
      rate: { basis: 'volume', value: 0.2, source: 'data sheet' },
      volumeSolids: { value: 0.4, source: 'data sheet' },
      limits: { airMinC: { value: 5, source: 'data sheet' }, airMaxC: { source: 'assumed' } },
      cure: {
        rainSafe: { points: [{ atC: 20, hours: 2 }] },
        overcoatUntil: { points: [{ atC: 20, hours: 24 }] },
      },
      containers: [{ basis: 'volume', net: 10 }],
    });
    expect(seal!.rate.value).toBeCloseTo(0.4527, 4);
    expect(seal!.limits.airMinC.value).toBeCloseTo(5, 9);
    expect(seal!.cure.overcoatUntil!.points[0]!.hours).toBeCloseTo(72, 9);
    expect(seal!.containers[0]).toMatchObject({ basis: 'mass', net: 25 });
    expect(
      buildUpProblems({
        ...page('two-coat-silicone'),
        choices: [],
        papers: [],
        detailWays: undefined,
        layers: [...read.value.layers],
        upkeep: undefined,
      }),
    ).toEqual([]);
  });
  it.each<[string, string[][], string]>([
    ['nothing', [], 'expected at least “layer” and “rate”'],
    [
      'no rates',
      [
        ['Layer', 'Density'],
        ['A', '1'],
      ],
      'headings Layer, Density; expected at least “layer” and “rate”',
    ],
    ['headings alone', [HEAD], '0 rows; expected 1 to 40 rows under the headings.'],
    [
      'a rate that is none',
      [
        ['Layer', 'Rate'],
        ['A', 'thick'],
      ],
      'Row 2, rate: “thick”',
    ],
    [
      'solids over 100 %',
      [
        ['Layer', 'Rate', 'Solids'],
        ['A', '1', '140 %'],
      ],
      'Row 2, volume solids: 140 % is out of range; expected more than 0 and at most 100 %.',
    ],
    [
      'an impossible density',
      [
        ['Layer', 'Rate', 'Density'],
        ['A', '1', '40'],
      ],
      'Row 2, density: 40 is out of range',
    ],
    [
      'a purpose nobody knows',
      [
        ['Layer', 'Rate', 'Purpose'],
        ['A', '1', 'magic'],
      ],
      'Row 2, purpose: “magic” is not known here; expected one of preparation, primer',
    ],
    [
      'a content that is none',
      [
        ['Layer', 'Rate', 'Container'],
        ['A', '1', 'big'],
      ],
      'Row 2, container',
    ],
  ])('%s', (_, rows, words) => {
    const read = layersFromTable(rows, 'metric');
    expect(read.ok ? 'taken' : read.problems.map(sentence).join(' ')).toContain(words);
  });
  it('names its headings', () => expect(LAYER_TABLE_HEADINGS).toContain('volume solids'));
});
