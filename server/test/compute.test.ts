/** The pure computations over HTTP: each answers, each refuses what it cannot take. */
import { describe, expect, it } from 'vitest';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { catalogue } from '@lentum/core/buildup';
import { DEFAULT_ORDER } from '@lentum/core/order';
import { api, detail, V1 } from './support/api.ts';

const post = (name: string, body: object) => api.post(`${V1}/compute/${name}`).send(body);
const zone = {
  id: 'z',
  code: 'Z',
  name: 'Deck',
  outline: {
    kind: 'points',
    origin: 'typed',
    points: [
      [0, 0],
      [10, 0],
      [10, 6],
      [0, 6],
    ],
  },
  openings: [],
  note: '',
};
const leg = (lengthM: number) => ({ lengthM, turnDeg: 90, turn: 'left' });
const buildUp = catalogue()[0]!;
const doc = { buildUps: [buildUp], zones: [{ zoneId: 'z', buildUpId: buildUp.id, revision: 1 }] };
const limits = buildUp.layers[0]!.kind === 'coat' ? buildUp.layers[0]!.limits : undefined;

describe('answers', () => {
  it('courses: pieces, cut list and bound', async () => {
    const order = DEFAULT_ORDER;
    const sheets = catalogue().find((b) => b.id === 'self-adhered-two-ply')!;
    const { body } = await post('courses', {
      survey: { zones: [zone] },
      buildUp: { buildUps: [sheets], zones: [{ zoneId: 'z', buildUpId: sheets.id, revision: 1 }] },
      order,
    }).expect(200);
    expect(body.materials.map((m: { name: string }) => m.name)).toEqual(['Base sheet', 'Cap sheet']);
    const [base] = body.materials;
    // 6 m across in courses of 0.9 m are seven of 10 m: 70 m, five rolls of 15 m.
    expect(base.bought).toEqual([{ lengthM: 15, price: 98, count: 5 }]);
    expect(base.cutList.flatMap((c: { labels: string[] }) => c.labels).sort()).toEqual(
      base.pieces.map((p: { label: string }) => p.label).sort(),
    );
  });
  it('dew point', async () => {
    const { body } = await post('dew-point', { airC: 20, humidityPct: 50, surfaceC: 14 }).expect(200);
    expect(body).toMatchObject({
      dewPoint: { quantity: 'temperature' },
      margin: { formula: '{surface} − {dew}' },
    });
  });
  it('conditions', async () => {
    const { body } = await post('conditions', {
      limits,
      reading: { airC: 4, humidityPct: 50, surfaceC: 4 },
    }).expect(200);
    expect((body as { failing: { kind: string }[] }).failing.map((f) => f.kind)).toEqual([
      'surfaceMin',
      'airMin',
    ]);
  });
  it.each([
    ['90 ft2/gal', undefined, { basis: 'volume', wetFilmMm: expect.closeTo(0.4527, 3) as number }],
    ['1.85 kg/m2', 1.3, { basis: 'mass', wetFilmMm: expect.closeTo(1.4231, 3) as number }],
    ['30 mil', undefined, { basis: 'wetFilm', value: expect.closeTo(0.762, 6) as number }],
  ])('rate %s', async (text, densityKgPerL, answer) => {
    expect(
      (await post('rate', { text, ...(densityKgPerL ? { densityKgPerL } : {}) }).expect(200)).body,
    ).toMatchObject(answer);
  });
  it('walk', async () => {
    const { body } = await post('walk', { legs: [10, 5, 9.9, 5].map(leg) }).expect(200);
    expect(body).toMatchObject({ closed: false, gapM: expect.closeTo(0.1, 9) as number });
    expect((body as { adjusted: unknown[] }).adjusted.length).toBe(4);
  });
  it('zone', async () => {
    expect((await post('zone', zone).expect(200)).body).toMatchObject({
      area: { value: 60 },
      perimeter: { value: 32 },
      sides: [10, 6, 10, 6].map((lengthM) => ({ lengthM })),
      externalCorners: { value: 0 },
    });
  });
  it('build-up', async () => {
    const { body } = await post('build-up', buildUp).expect(200);
    expect((body as { coats: { layerId: string }[] }).coats.map((c) => c.layerId)).toEqual([
      'primer',
      'first',
      'second',
    ]);
  });
  it('takeoff', async () => {
    const { body } = await post('takeoff', {
      survey: { zones: [zone] },
      buildUp: doc,
      order: DEFAULT_ORDER,
    }).expect(200);
    // First and second coat are one resin, ordered together: 60 m² at 1.85 and 1.1 kg/m². Six laps of 10 m, 75 mm
    // wide, drink a second thickness of fleece: 110 g/m² that holds 7.5 L a kilogram, at 1.3 kg/L.
    const laps = 6 * 10 * 0.075 * (0.11 * 7.5) * 1.3;
    const { lines } = body as {
      lines: { layers: { layer: { id: string } }[]; gross: { value: number }; buy: { total: number } }[];
    };
    const resin = lines.find((l) => l.layers.some((x) => x.layer.id === 'first'));
    expect(resin?.gross.value).toBeCloseTo((60 * 2.95 + laps) * 1.05, 9);
    expect(resin?.buy.total).toBe(195);
  });
  it('details, with pieces and a cut list', async () => {
    const { body } = await post('details', {
      survey: {
        zones: [
          {
            ...zone,
            sides: [{ edge: { kind: 'upstand', heightMm: 200, termination: 'bar' }, riseM: 0 }],
          },
        ],
      },
      buildUp: doc,
    }).expect(200);
    const answer = body as {
      zones: { details: { kind: string; pieces: { name: string; faces: unknown[] }[] }[] }[];
      cutLists: { totalMm: number; leastMm: number }[];
    };
    const upstand = answer.zones[0]?.details.find((d) => d.kind === 'upstand');
    expect(upstand?.pieces[0]).toMatchObject({ name: 'Upstand strip' });
    expect(upstand?.pieces[0]?.faces.length).toBe(3);
    expect(answer.cutLists[0]?.totalMm).toBeGreaterThanOrEqual(answer.cutLists[0]?.leastMm ?? Infinity);
  });
  it('pieces come from the ends of the courses where the order is sent along', async () => {
    const { survey, buildUp, order } = velmora(new Date(DEMO_ANCHOR));
    type Lists = { leftOvers: { placed: unknown[] }[]; placed: unknown[]; totalMm: number }[];
    const listsOf = async (more: object): Promise<Lists> =>
      ((await post('details', { survey, buildUp, ...more }).expect(200)).body as { cutLists: Lists })
        .cutLists;
    const [without, withEnds] = [await listsOf({}), await listsOf({ order })];
    const metres = (lists: Lists): number => lists.reduce((sum, l) => sum + l.totalMm, 0) / 1000;
    const pieces = (lists: Lists): number =>
      lists.reduce((n, l) => n + l.placed.length + l.leftOvers.reduce((k, e) => k + e.placed.length, 0), 0);
    expect(without.every((l) => l.leftOvers.length === 0)).toBe(true);
    expect(withEnds.some((l) => l.leftOvers.length > 0)).toBe(true);
    expect(metres(withEnds)).toBeLessThan(metres(without));
    expect(pieces(withEnds)).toBe(pieces(without));
  });
  it('a joint, by hand: 20 mm wide is 10 mm deep, 2 L on 10 m', async () => {
    const { body } = await post('joint', { widthMm: 20, lengthM: 10 }).expect(200);
    expect(body).toMatchObject({ depth: { value: 10 }, volume: { value: 2 }, rodOnSaleMm: 25 });
    await post('joint', { widthMm: 0, lengthM: 10 }).expect(422);
  });
  it('a mix, and a refusal outside the catalyst table', async () => {
    const terrace = catalogue().find((b) => b.id === 'methacrylate-terrace')!;
    const asked = { buildUp: terrace, layerId: 'membrane', slopePct: 0, areaLeftM2: 30, people: 2 };
    const at = '2026-05-12T09:30:00.000Z';
    const read = (tempC: number) => ({ surface: { tempC, at }, resin: { tempC, at }, at });
    const { body } = await post('mix', { ...asked, ...read(15) }).expect(200);
    expect((body as { batch: { value: number } }).batch.value).toBeGreaterThan(0);
    const refused = await post('mix', { ...asked, ...read(60) }).expect(422);
    expect(JSON.stringify(refused.body)).toContain('outside it nothing is mixed');
    const later = '2026-05-12T10:31:00.000Z';
    const old = await post('mix', { ...asked, ...read(15), at: later }).expect(422);
    expect(JSON.stringify(old.body)).toContain('read 61 min ago');
    const none = await post('mix', { ...asked, layerId: 'fleece', ...read(15) }).expect(422);
    expect(JSON.stringify(none.body)).toContain('one of primer');
  });
  it('a kettle charge', async () => {
    const hot = catalogue().find((b) => b.id === 'hot-rubberised')!;
    const { body } = await post('kettle', { buildUp: hot, layerId: 'first', areaLeftM2: 20 }).expect(200);
    // 20 m² of 3 mm at 1.15 kg/L are 69 kg: four whole blocks of 18 kg.
    expect((body as { charge: { value: number } }).charge.value).toBeCloseTo(4 * 18, 9);
  });
  it('the bench, and a calculator that is not there', async () => {
    const { body } = await post('bench', { calculator: 'slope', values: { plan: 100, slope: 75 } }).expect(
      200,
    );
    expect((body as { figures: { value: number }[] }).figures[0]?.value).toBeCloseTo(125, 9);
    const refused = await post('bench', { calculator: 'alchemy', values: {} }).expect(422);
    expect(JSON.stringify(refused.body)).toContain('one of coverage');
  });
  it('an order of bays', async () => {
    const cut = await post('bays', {
      zone,
      buildUp,
      layerId: 'first',
      basis: { kind: 'container', containerId: 'pail-25' },
    }).expect(200);
    const { bays } = cut.body as { bays: { id: string }[] };
    const { body } = await post('bay-route', { bays, accessM: [0, 0], zoneName: 'Z' }).expect(200);
    expect((body as { steps: { bayId: string }[] }).steps.map((s) => s.bayId).sort()).toEqual(
      bays.map((b) => b.id).sort(),
    );
  });
  it('bays', async () => {
    const { body } = await post('bays', {
      zone,
      buildUp,
      layerId: 'first',
      basis: { kind: 'container', containerId: 'pail-25' },
    }).expect(200);
    expect((body as { bays: { label: string }[] }).bays.map((b) => b.label)).toEqual([
      'Z1',
      'Z2',
      'Z3',
      'Z4',
      'Z5',
    ]);
  });
  it('acceptance', async () => {
    const { body } = await post('acceptance', {
      rule: 'minimum',
      gauge: 'deep',
      lastWetMm: [1.5, 1.4],
      designWetFilmMm: 1.42,
    }).expect(200);
    expect(body).toMatchObject({ film: { count: 2 }, acceptance: { outcome: 'too close to tell' } });
  });
});

describe('refusals, each in a sentence', () => {
  it.each<[string, string, object, string]>([
    [
      'humidity over 100',
      'dew-point',
      { airC: 20, humidityPct: 140, surfaceC: 14 },
      'Humidity: 140 % is out of range; expected 1 to 100 %.',
    ],
    [
      'air beyond the formula',
      'conditions',
      { limits, reading: { airC: 90, humidityPct: 50, surfaceC: 14 } },
      'Air temperature: 90 °C is out of range',
    ],
    [
      'a rate of nothing',
      'rate',
      { text: '0 L/m2' },
      'Rate: 0 L/m2 is out of range; expected more than 0 L/m²',
    ],
    ['a rate in words', 'rate', { text: 'plenty' }, 'Rate: “plenty” is not a number with a unit'],
    ['two legs', 'walk', { legs: [leg(1), leg(2)] }, 'The request, legs: '],
    [
      'a zone that crosses itself',
      'zone',
      {
        ...zone,
        outline: {
          ...zone.outline,
          points: [
            [0, 0],
            [4, 4],
            [4, 0],
            [0, 4],
          ],
        },
      },
      'Deck, outline: sides 1 and 3 cross',
    ],
    [
      'a build-up without coats',
      'build-up',
      { ...buildUp, layers: [buildUp.layers[2]] },
      'no layers are too few; expected at least one layer that is laid.',
    ],
    [
      'a layer that is not there',
      'bays',
      { zone, buildUp, layerId: 'third', basis: { kind: 'mix' } },
      'Layer: “third” is not known here; expected one of primer, first, second.',
    ],
    [
      'a mix where none is made',
      'bays',
      { zone, buildUp, layerId: 'first', basis: { kind: 'mix' } },
      'First coat, largest mix is missing',
    ],
    [
      'a foreign tooth',
      'acceptance',
      { rule: 'minimum', gauge: 'fine', lastWetMm: [7], designWetFilmMm: 1 },
      'Reading: “7 mm” is not known here; expected a tooth of this gauge',
    ],
    [
      'an unknown key',
      'dew-point',
      { airC: 20, humidityPct: 50, surfaceC: 14, windMs: 3 },
      'expected no such entry as “windMs”.',
    ],
  ])('%s', async (_, name, body, words) => {
    const r = await post(name, body).expect(422);
    expect(detail(r)).toContain(words);
    expect(r.body).toMatchObject({
      type: 'about:blank',
      status: 422,
      errors: expect.arrayContaining([
        expect.objectContaining({ sentence: expect.any(String) as string }),
      ]) as unknown[],
    });
  });
});

it('the answers are plain JSON: no NaN, no Infinity, no null where a figure belongs', async () => {
  for (const body of [
    (await post('build-up', buildUp)).body as unknown,
    (await post('takeoff', { survey: { zones: [zone] }, buildUp: doc, order: DEFAULT_ORDER }))
      .body as unknown,
  ]) {
    const visit = (node: unknown): void => {
      if (node === null || typeof node !== 'object') return;
      if ('quantity' in node && 'value' in node) expect(typeof node.value).toBe('number');
      Object.values(node).forEach(visit);
    };
    visit(body);
  }
});

describe('choosing', () => {
  const asked = {
    zone: { ...zone, substrate: { kind: 'concrete-old' } },
    buildUps: catalogue(),
    primerSchool: 'always',
    now: '2026-05-12T09:00:00Z',
    traffic: 'feet',
    exposure: 'exposed',
    coldestC: 8,
    warmestC: 28,
    dryHours: 8,
    pace: { tempC: 18, humidityPct: 60, crews: 1, hoursPerDay: 8 },
  };
  it('ranks the catalogue for a terrace, each with its reasons', async () => {
    const ranked = (await post('choose', asked).expect(200)).body as {
      suits: string;
      buildUp: { id: string };
      reasons: unknown[];
    }[];
    expect(ranked.length).toBe(catalogue().length);
    expect(ranked.findIndex((r) => r.buildUp.id === 'methacrylate-terrace')).toBeLessThan(
      ranked.findIndex((r) => r.buildUp.id === 'two-coat-silicone'),
    );
    expect(ranked.at(-1)!.suits).toBe('unsuitable');
  });
  it('a build-up that is wrong is refused in its own words', async () => {
    const [first] = catalogue();
    const wrong = { ...first, layers: [first!.layers[0], first!.layers[0]] };
    const r = await post('choose', { ...asked, buildUps: [wrong] }).expect(422);
    expect(detail(r)).toContain('“primer” is there twice');
  });
});
