/** Readiness: one case a reason. Limits are those of the trade, common practice, no source, unless one is named. */
import { describe, expect, it } from 'vitest';
import { roofLevelsOf } from '@lentum/core/falls';
import {
  FAMILIES,
  FAMILY_KEYS,
  fitOf,
  SUBSTRATE_KEYS,
  SUBSTRATES,
  type FamilyKey,
  type SubstrateKey,
} from '@lentum/core/family';
import { given, verdictText, type Part } from '@lentum/core/figures';
import { COMMON, practiceOf } from '@lentum/core/practice';
import {
  familiesFor,
  familiesVerdicts,
  FIXED_ITEMS,
  inspectionFor,
  readiness,
  readinessVerdict,
  type Readiness,
} from '@lentum/core/readiness';
import {
  edgeOf,
  surveyProblems,
  testFacts,
  testSchema,
  typicalSizes,
  type Feature,
  type FeatureKind,
  type Survey,
  type Test,
  type TestKind,
  type Zone,
} from '@lentum/core/survey';
import { sentence } from '@lentum/core/problems';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone } from './support/zones.ts';

const NOW = Date.parse('2026-06-01T08:00:00Z');
const DAY = 86_400_000;
const say = (parts: readonly Part[]): string =>
  verdictText(parts, 'metric', (ms) => new Date(ms).toISOString().slice(0, 10)).replaceAll('\u00a0', ' ');

const test = (kind: TestKind, value: number | string, more: Partial<Test> = {}): Test => ({
  id: `${kind}-${String(value)}-${more.takenAt ?? ''}`,
  kind,
  takenAt: new Date(NOW - DAY).toISOString(),
  instrument: testFacts(kind).instrument,
  value,
  unprimed: false,
  note: '',
  ...more,
});
const feature = (kind: FeatureKind, more: Partial<Feature> = {}): Feature => ({
  id: kind,
  kind,
  count: 1,
  at: { alongM: 1, acrossM: 1 },
  sizes: typicalSizes(kind),
  note: '',
  ...more,
});

/** A zone of 10 × 6 m on which nothing is wrong. */
function sound(kind: SubstrateKey, more: Partial<Zone> = {}): Zone {
  return pointsZone(corners(10, 6), {
    sides: [0, 1, 2, 3].map((i) => ({ edge: edgeOf(i === 0 ? 'drip' : 'upstand'), riseM: 0 })),
    fallPct: 3,
    substrate: { kind },
    findings: inspectionFor(SUBSTRATES[kind]).map((i) => ({ item: i.key, answer: i.good, note: '' })),
    tests: [
      test('moisture', 3.5),
      test('profile', 3),
      test('pull-off', 1.8),
      test('strength', 35),
      test('core', 'dry'),
    ],
    ...more,
  });
}
function judge(zone: Zone, family: FamilyKey, school: Survey['primerSchool'] = 'always'): Readiness {
  const r = readiness({ zone, family, falls: roofLevelsOf(zone), school, nowMs: NOW });
  if (!r.ok) throw new Error(r.problems.map(sentence).join(' '));
  return r.value;
}
const finding = (
  zone: Zone,
  item: string,
  answer: 'yes' | 'no' | 'not looked at',
  amount?: number,
): Zone => ({
  ...zone,
  findings: zone.findings.map((f) =>
    f.item === item ? { ...f, answer, ...(amount === undefined ? {} : { amount }) } : f,
  ),
});
const withTests = (zone: Zone, kind: TestKind, ...tests: Test[]): Zone => ({
  ...zone,
  tests: [...zone.tests.filter((t) => t.kind !== kind), ...tests],
});
const concrete = sound('concrete-old');
const young = sound('concrete-new', { substrate: { kind: 'concrete-new', laidOn: '2026-05-22' } });
const grid = (zone: Zone, z: (x: number, y: number) => number): Zone => ({
  ...zone,
  levels: {
    ...zone.levels,
    points: [0, 2.5, 5, 7.5, 10].flatMap((x) =>
      [0, 2, 4, 6].map((y) => ({ id: `l${x}-${y}`, at: { alongM: x, acrossM: y }, valueM: z(x, y) })),
    ),
  },
});
const dished = (x: number, y: number): number => 0.02 * y - (x === 5 && y === 4 ? 0.06 : 0);

describe('one case a reason', () => {
  it.each<[string, Zone, FamilyKey, Readiness['weight'], string]>([
    ['nothing stands against it', concrete, 'PU1', 'steps', ''],
    [
      'silicone under anything but silicone',
      sound('silicone'),
      'PU1',
      'refused',
      'nothing but silicone bonds to silicone',
    ],
    [
      'bitumen below a light coat',
      sound('bitumen-smooth'),
      'ACRYLIC',
      'steps',
      'only over its bleed-blocking primer',
    ],
    ['rubber below silicone', sound('rubber-sheet'), 'SILICONE', 'steps', 'bleed-blocking primer'],
    ['gravel below polyurethane', sound('gravelled-felt'), 'PU1', 'refused', 'loose gravel cannot be coated'],
    ['foam below methacrylate', sound('foam'), 'PMMA', 'refused', 'dissolves foam'],
    ['felt below a traffic deck', sound('bitumen-smooth'), 'TRAFFIC', 'refused', 'too soft below a deck'],
    [
      'sheet without a trial patch',
      sound('tpo-sheet'),
      'PU1',
      'hold',
      'only from a trial patch; none has been pulled',
    ],
    [
      'sheet off which the patch peels',
      withTests(sound('tpo-sheet'), 'strip-pull', test('strip-pull', 'peels off')),
      'PU1',
      'refused',
      'the strip peeled off',
    ],
    ['a torch on boards', sound('boards'), 'TORCH2', 'refused', 'takes fire under a torch'],
    ['a torch on foam', sound('foam'), 'TORCH2', 'refused', 'melts away under a flame'],
    ['a hot melt on foam', sound('foam'), 'HOT', 'refused', 'melts away under a flame or a hot melt'],
    ['a hot melt on bare metal', sound('metal'), 'HOT', 'refused', 'draws the heat away'],
    [
      'a torch on old felt, all looked at',
      sound('bitumen-smooth'),
      'TORCH2',
      'steps',
      'goes on bitumen sheet',
    ],
    [
      'concrete of ten days',
      withTests(young, 'moisture', test('moisture', 4.5)),
      'PU1',
      'hold',
      '10 days old; 28 are usual (common practice). Opens 2026-06-19, or once it is measured dry.',
    ],
    [
      'concrete of ten days that is measured dry',
      young,
      'PU1',
      'steps',
      'but measured dry at 3.5 %, below 4.5 %',
    ],
    ['concrete of ten days under wheels, dry or not', young, 'TRAFFIC', 'hold', 'Opens 2026-06-19.'],
    [
      'concrete of unknown age',
      sound('concrete-new'),
      'PU1',
      'hold',
      'the day on which it was laid is not known',
    ],
    [
      'moisture above 6 %',
      withTests(concrete, 'moisture', test('moisture', 6.3)),
      'PU1',
      'hold',
      '6.3 % is above 6.0 %',
    ],
    [
      'moisture of 4.5 to 6 %',
      withTests(concrete, 'moisture', test('moisture', 5.2)),
      'PU1',
      'steps',
      'only with primer',
    ],
    [
      'no moisture reading',
      withTests(concrete, 'moisture'),
      'PU1',
      'hold',
      'no meter reading has been taken',
    ],
    [
      'damp timber',
      withTests(sound('boards'), 'moisture', test('moisture', 21)),
      'PU1',
      'hold',
      'above 18.0 % for timber',
    ],
    [
      'in-slab humidity',
      { ...concrete, tests: [...concrete.tests, test('humidity', 92)] },
      'PU1',
      'hold',
      '92 % is above 85 %',
    ],
    [
      'damp under the sheet',
      { ...concrete, tests: [...concrete.tests, test('sheet', 'damp')] },
      'PU1',
      'hold',
      'water is rising',
    ],
    [
      'too smooth for traffic',
      withTests(concrete, 'profile', test('profile', 2)),
      'TRAFFIC',
      'steps',
      'too smooth: CSP 3 to 4',
    ],
    [
      'too rough for traffic',
      withTests(concrete, 'profile', test('profile', 6)),
      'TRAFFIC',
      'steps',
      'too rough: CSP 3 to 4',
    ],
    ['profile not compared', withTests(concrete, 'profile'), 'TRAFFIC', 'hold', 'has not been compared'],
    [
      'weak concrete under wheels',
      withTests(concrete, 'strength', test('strength', 18)),
      'TRAFFIC',
      'refused',
      '18.00 N/mm² is below 25.00 N/mm²',
    ],
    [
      'strength not tested',
      withTests(concrete, 'strength'),
      'TRAFFIC',
      'hold',
      'has not been tested; 25.00 N/mm²',
    ],
    [
      'weak pull-off where walked',
      withTests(concrete, 'pull-off', test('pull-off', 1.2)),
      'PMMA',
      'hold',
      '1.20 N/mm² is below 1.50 N/mm²',
    ],
    [
      'the same pull-off elsewhere',
      withTests(concrete, 'pull-off', test('pull-off', 1.2)),
      'PU1',
      'steps',
      '',
    ],
    [
      'weak pull-off anywhere',
      withTests(concrete, 'pull-off', test('pull-off', 0.5)),
      'PU1',
      'hold',
      '0.50 N/mm² is below 0.80 N/mm²',
    ],
    ['no core', withTests(sound('bitumen-smooth'), 'core'), 'PU1', 'hold', 'none has been cut'],
    [
      'a wet core',
      withTests(sound('bitumen-smooth'), 'core', test('core', 'wet')),
      'PU1',
      'refused',
      'would be sealed in',
    ],
    [
      'a damp core',
      withTests(sound('bitumen-smooth'), 'core', test('core', 'damp')),
      'PU1',
      'hold',
      'damp below the covering',
    ],
    [
      'tacky primer',
      { ...concrete, tests: [...concrete.tests, test('tack', 'tacky')] },
      'PU1',
      'hold',
      'still tacky',
    ],
    ['ponding under acrylic', grid(sound('metal'), dished), 'ACRYLIC', 'steps', 'must not stand under water'],
    [
      'ponding under sheet',
      grid(concrete, dished),
      'SA2',
      'steps',
      'stands water for two days, not for good',
    ],
    [
      'too little fall',
      grid(sound('metal'), (_, y) => 0.01 * y),
      'ACRYLIC',
      'steps',
      '1.00 % on the mean is below 2.00 %',
    ],
    [
      'no levels and no fall',
      sound('metal', { fallPct: undefined as unknown as number }),
      'ACRYLIC',
      'hold',
      'no levels were taken',
    ],
    [
      'an outlet that stands proud',
      grid({ ...concrete, features: [feature('outlet', { rimM: 0.04, note: 'North' })] }, (_, y) => 0.02 * y),
      'PU1',
      'steps',
      'North stands 20.0 mm proud of the surface',
    ],
    [
      'no way out',
      grid(
        { ...concrete, sides: [0, 1, 2, 3].map(() => ({ edge: edgeOf('upstand'), riseM: 0 })) },
        (_, y) => 0.02 * y,
      ),
      'PU1',
      'hold',
      'no outlet and no edge drains it',
    ],
    [
      'not looked at',
      finding(concrete, 'oil', 'not looked at'),
      'PU1',
      'hold',
      'not yet looked at: Is there oil',
    ],
    [
      'a structure that gives',
      finding(concrete, 'sound', 'no'),
      'PU1',
      'hold',
      'until a structural engineer',
    ],
    [
      'water from elsewhere',
      finding(concrete, 'leak-elsewhere', 'yes'),
      'PU1',
      'hold',
      'may come in from elsewhere',
    ],
    ['blocked outlets', finding(concrete, 'outlets-work', 'no'), 'PU1', 'steps', 'blocked or broken'],
    ['release agent', finding(concrete, 'oil', 'yes', 12), 'PU1', 'steps', 'release or curing agent'],
    [
      'loose covering',
      finding(sound('bitumen-smooth'), 'bonded', 'no', 2),
      'PU1',
      'steps',
      'loose in places',
    ],
    [
      'a coating that the washer takes off',
      finding(sound('acrylic-coating'), 'survives-wash', 'no'),
      'ACRYLIC',
      'steps',
      'comes off under the washer',
    ],
    ['rust', finding(sound('metal'), 'rust', 'yes', 3), 'METAL', 'steps', 'rust grows on'],
    [
      'loose fasteners',
      finding(sound('metal'), 'fasteners-loose', 'yes', 9),
      'METAL',
      'steps',
      'tear the film',
    ],
    [
      'rotten boards',
      finding(sound('boards', { tests: [test('moisture', 12)] }), 'rot', 'yes', 1.5),
      'PU1',
      'steps',
      'rotten boards give way',
    ],
    [
      'a movement joint',
      { ...concrete, sides: [{ edge: edgeOf('joint'), riseM: 0 }] },
      'PU1',
      'steps',
      'never coated straight over',
    ],
    [
      'a moving crack',
      { ...concrete, features: [feature('moving-crack', { to: { alongM: 5, acrossM: 1 } })] },
      'PU1',
      'steps',
      'moving crack, 4.00 m',
    ],
    [
      'low upstands',
      {
        ...concrete,
        sides: concrete.sides.map((s) => ({
          ...s,
          edge: { kind: 'upstand', heightMm: 90, termination: 'bar' },
        })),
      },
      'PU1',
      'steps',
      '90 mm at the lowest; 150 mm above the finished surface',
    ],
  ])('%s', (_, zone, family, weight, words) => {
    const r = judge(zone, family);
    const all = r.reasons.map((x) => `${x.subject} ${say(x.says)} ${say(x.change)}`).join('\n');
    expect(all).toContain(words);
    expect(r.weight === 'fine' ? 'steps' : r.weight).toBe(weight);
  });
});

describe('what could hurt', () => {
  /** What is said, and who decides. From the brief's sections on safety; common practice. */
  it.each<[string, 'yes' | 'no', FamilyKey, Readiness['weight'], string]>([
    ['fragile', 'no', 'PU1', 'hold', 'a competent person says how it is reached'],
    ['edges', 'no', 'PU1', 'hold', 'A competent person plans the fall protection'],
    ['asbestos', 'yes', 'PU1', 'hold', 'until a licensed person has tested it'],
    ['tar', 'yes', 'PU1', 'hold', 'until a laboratory has tested a sample'],
    ['plant', 'no', 'PU1', 'hold', 'A licensed electrician, or who runs the plant, isolates it'],
    ['gas', 'no', 'PU1', 'hold', 'A licensed gas engineer isolates it'],
    ['torch-below', 'no', 'TORCH2', 'hold', 'who issues the permit for hot works decides'],
    ['torch-behind', 'no', 'TORCH2', 'hold', 'who issues the permit for hot works decides'],
    ['torch-behind', 'no', 'SA2', 'steps', 'dry down to the deck'],
  ])('%s answered %s, %s', (item, answer, family, weight, words) => {
    const r = judge(finding(sound('bitumen-smooth'), item, answer), family);
    expect(r.reasons.map((x) => `${say(x.says)} ${say(x.change)}`).join('\n')).toContain(words);
    expect(r.weight === 'fine' ? 'steps' : r.weight).toBe(weight);
  });
  it('each is asked on every ground where it can be, and nobody answers for it', () => {
    for (const { key } of inspectionFor(SUBSTRATES['bitumen-smooth'], FAMILIES.TORCH2).slice(0, 9))
      expect(FIXED_ITEMS.has(key), key).toBe(true);
    for (const substrate of Object.values(SUBSTRATES))
      expect(inspectionFor(substrate, FAMILIES.PU1).map((i) => i.key)).toEqual(
        expect.arrayContaining(['sound', 'fragile', 'edges', 'plant', 'gas']),
      );
    expect(inspectionFor(SUBSTRATES.metal, FAMILIES.PU1).map((i) => i.key)).not.toContain('torch-behind');
  });
});

describe('the layer that is laid on the ground', () => {
  const own = (value: number) => given('own limit', value, 'moisture', 'data sheet');
  /** Weight of the moisture reason for a layer with a limit of its own, or without one. */
  const moistureOf = (
    reading: Test,
    layer: { primes: boolean; moistureMax?: number } | undefined,
    practice = COMMON,
    kind: SubstrateKey = 'concrete-old',
  ) => {
    const r = readiness({
      zone: withTests(sound(kind), 'moisture', reading),
      ...{ family: 'PU1', falls: undefined, school: 'always', nowMs: NOW, practice },
      layer: layer && {
        name: 'Primer',
        blocksBleed: false,
        primes: layer.primes,
        moistureMax: layer.moistureMax === undefined ? undefined : own(layer.moistureMax),
      },
    });
    if (!r.ok) throw new Error(r.problems.map(sentence).join(' '));
    const found = r.value.reasons.find((x) => x.rule === 'moisture')!;
    return { weight: found.weight, says: say(found.says), facts: found.facts };
  };
  const strict = practiceOf([{ key: 'moisturePrimed', value: 3, says: 'the engineer asks for 3 %' }]);
  // Limits of general practice, no source; the data sheet goes before them.
  it.each([
    [
      'slab 8 %, primer of 6 %',
      8,
      { primes: true, moistureMax: 6 },
      COMMON,
      'hold',
      'above 6.0 %, the primer’s own limit',
    ],
    ['primer of 4.5 % at 5.2 %', 5.2, { primes: true, moistureMax: 4.5 }, COMMON, 'hold', 'above 4.5 %'],
    [
      'primer of 4.5 % at 4.5 %',
      4.5,
      { primes: true, moistureMax: 4.5 },
      COMMON,
      'fine',
      'at most 4.5 % for primer',
    ],
    ['primer without a limit at 5.2 %', 5.2, { primes: true }, COMMON, 'steps', 'only with primer'],
    ['unprimed at 5.2 %', 5.2, { primes: false }, COMMON, 'hold', 'above 4.5 % (common practice)'],
    [
      'a primer that stands 7 % at 6.5 %',
      6.5,
      { primes: true, moistureMax: 7 },
      COMMON,
      'fine',
      'at most 7.0 %',
    ],
    ['the job asks for 3 %', 4, { primes: true }, strict, 'hold', 'above 3.0 % (the engineer asks for 3 %'],
    ['the data sheet before the job', 4, { primes: true, moistureMax: 5 }, strict, 'fine', 'at most 5.0 %'],
  ] as const)('%s', (_, value, layer, practice, weight, words) => {
    const found = moistureOf(test('moisture', value), layer, practice);
    expect(found.weight).toBe(weight);
    expect(found.says).toContain(words);
    expect(found.facts.actual?.value).toBe(value);
  });
  it('a reading on another scale is not held against the limit of the meter', () => {
    // Each scale has its own limit: 4 % by carbide, 5 % in the oven, both with primer (common practice, no source).
    const by = (scale: Test['scale'], value: number, primes = true) =>
      moistureOf(test('moisture', value, { scale }), { primes });
    const [carbide, oven] = ['carbide test, % by mass', 'oven-dried, % by mass'] as const;
    expect(by(carbide, 4)).toMatchObject({ weight: 'steps', facts: { actual: { value: 4 } } });
    expect(by(carbide, 4.1)).toMatchObject({ weight: 'hold', facts: { limit: { value: 4 } } });
    expect(by(oven, 5)).toMatchObject({ weight: 'steps' });
    expect(by(oven, 5.1)).toMatchObject({ weight: 'hold', facts: { limit: { value: 5 } } });
    expect(by(carbide, 3, false)).toMatchObject({ weight: 'hold', facts: { unknown: true } });
    const unknown = moistureOf(test('moisture', 3, { scale: 'timber, % by mass' }), { primes: true });
    expect(unknown).toMatchObject({ weight: 'hold', facts: { unknown: true, test: 'moisture' } });
    expect(unknown.says).toContain('was read on another scale (timber, % by mass)');
    const timber = test('moisture', 21, { scale: 'timber, % by mass' });
    expect(moistureOf(timber, { primes: true }, COMMON, 'boards')).toMatchObject({
      weight: 'hold',
      facts: { actual: { value: 21 } },
    });
  });
  it.each<[string, Zone, string, boolean]>([
    ['new boards', sound('boards'), 'broom', false],
    ['a new screed', sound('screed'), 'broom', false],
    ['new concrete with moss', finding(young, 'growth', 'yes'), 'wash', true],
    ['old concrete', concrete, 'wash', true],
    ['bitumen sheet', sound('bitumen-smooth'), 'wash', true],
  ])('%s is cleaned with: %s', (_, zone, key, dries) => {
    const keys = judge(zone, zone.substrate?.kind === 'bitumen-smooth' ? 'BITEM' : 'PU1').steps.map(
      (x) => x.key,
    );
    expect(keys.filter((k) => k === 'wash' || k === 'broom')).toEqual([key]);
    expect(keys.includes('dry')).toBe(dries);
  });
});

describe('which readings count', () => {
  const days = (n: number): string => new Date(NOW - n * DAY).toISOString();
  const spot = (value: number, ago: number, alongM?: number): Test =>
    test('moisture', value, {
      takenAt: days(ago),
      ...(alongM === undefined ? {} : { at: { alongM, acrossM: 2 } }),
    });
  it.each<[string, Test[], string]>([
    [
      'without places: the newest visit, the worst of it',
      [spot(7.5, 9), spot(4.1, 1), spot(4.9, 1.2)],
      '4.9 %: from 4.5 % to 6.0 %',
    ],
    [
      'a dry reading elsewhere takes nothing back',
      [spot(7.5, 9, 2), spot(3.9, 1, 8)],
      '7.5 % is above 6.0 %',
    ],
    [
      'a dry reading at the same spot does',
      [spot(7.5, 9, 2), spot(3.9, 1, 2.5), spot(4.2, 9, 8)],
      '4.2 %, below 4.5 %',
    ],
    ['two readings of one visit both count', [spot(7.5, 1.1, 2), spot(3.9, 1, 2)], '7.5 % is above 6.0 %'],
    [
      'a reading without a place takes back none with one',
      [spot(7.5, 9, 2), spot(3.9, 1)],
      '7.5 % is above 6.0 %',
    ],
  ])('%s', (_, readings, words) => {
    const r = judge(withTests(concrete, 'moisture', ...readings), 'PU1');
    expect(r.reasons.map((x) => say(x.says)).join(' ')).toContain(words);
  });
  it('a reading that no meter gives is refused, and so is one of the future', () => {
    expect(testSchema.safeParse(test('moisture', 45)).error?.issues[0]?.message).toBe(
      'moisture by meter from 0 to 25 %',
    );
    expect(testSchema.safeParse(test('core', 'soaking')).success).toBe(false);
    const zone = {
      ...concrete,
      tests: [test('moisture', 4, { takenAt: new Date(NOW + DAY).toISOString() })],
    };
    expect(surveyProblems({ zones: [zone] }, NOW).map(sentence)).toEqual([
      'Zone, moisture by meter, time: 2026-06-02T08:00:00.000Z is out of range; expected a time that has been.',
    ]);
    expect(surveyProblems({ zones: [zone] })).toEqual([]);
  });
});

describe('the primer, by the school of the job', () => {
  const unprimed = (value: number): Zone => ({
    ...concrete,
    tests: [...concrete.tests, test('pull-off', value, { unprimed: true })],
  });
  it.each<[string, Zone, FamilyKey, Survey['primerSchool'], Readiness['primer']['answer']]>([
    ['always, though a test passed', unprimed(1.4), 'PU1', 'always', 'needed'],
    ['a passed test spares it', unprimed(1.4), 'PU1', 'test may spare', 'spared'],
    ['a failed test does not', unprimed(0.85), 'PU-DECK', 'test may spare', 'needed'],
    ['no test without primer', concrete, 'PU1', 'test may spare', 'needed'],
    [
      'a trial patch without primer',
      { ...concrete, tests: [...concrete.tests, test('strip-pull', 'tears itself', { unprimed: true })] },
      'PU1',
      'test may spare',
      'spared',
    ],
    [
      'moisture asks for it all the same',
      withTests(unprimed(1.4), 'moisture', test('moisture', 5)),
      'PU1',
      'test may spare',
      'needed',
    ],
    ['a family that is always primed', unprimed(3), 'PMMA', 'test may spare', 'needed'],
    ['a family that is its own primer', sound('bitumen-smooth'), 'RESTORE', 'always', 'spared'],
    ['bleeding ground', sound('asphalt'), 'SILICONE', 'test may spare', 'needed'],
    ['a family that is refused', sound('silicone'), 'PU1', 'always', 'stop'],
  ])('%s', (_, zone, family, school, answer) =>
    expect(judge(zone, family, school).primer.answer).toBe(answer),
  );
});

describe('the preparation', () => {
  it('is in working order, with quantities from the survey that open to their working', () => {
    const zone = finding(
      {
        ...concrete,
        features: [
          feature('moving-crack', { id: 'm', to: { alongM: 5, acrossM: 1 } }),
          feature('static-crack', { id: 's', to: { alongM: 1, acrossM: 4 }, sizes: { widthMm: 0.3 } }),
          feature('static-crack', { id: 'w', to: { alongM: 3, acrossM: 1 }, sizes: { widthMm: 2 } }),
          feature('spall', { id: 'p', count: 2, sizes: { lengthMm: 500, widthMm: 200, depthMm: 30 } }),
        ],
      },
      'fins',
      'yes',
      7,
    );
    const { steps } = judge(zone, 'PU1');
    expect(steps.map((s) => s.key)).toEqual([
      ...['cut-cracks', 'grind', 'wash', 'dry', 'spalls', 'fill-cracks', 'fillets'],
      ...['dry-again', 'test', 'prime', 'stripe-cracks'],
    ]);
    const value = (key: string): number => steps.find((s) => s.key === key)!.quantity!.value;
    expect(value('wash')).toBeCloseTo(60 + (6 + 10 + 6) * 0.15, 9);
    expect(value('grind')).toBe(7);
    // Moving at any width, static from 1.5 mm; 6 × 12 mm gives 72 mL a metre.
    expect(value('cut-cracks')).toBeCloseTo(4 + 2, 9);
    expect(value('fill-cracks')).toBeCloseTo(6 * 0.072, 9);
    expect(value('stripe-cracks')).toBeCloseTo(4 + 2 + 3, 9);
    expect(value('spalls')).toBeCloseTo(6, 9);
    expect(value('fillets')).toBeCloseTo(22, 9);
    for (const s of steps) if (s.quantity) expect(evaluate(s.quantity)).toBeCloseTo(s.quantity.value, 9);
  });
  it('a mineral coat asks for damp ground, not for a dry one', () => {
    const r = judge(withTests(concrete, 'moisture', test('moisture', 9)), 'CEMENT');
    expect(r.reasons.filter((x) => x.rule === 'moisture').map((x) => x.weight)).toEqual(['note']);
    expect(r.steps.map((x) => x.key)).not.toContain('test');
  });
  it('loose fasteners are renewed before the wash, every fastener is coated after the primer', () => {
    const roof = {
      ...finding(sound('metal'), 'fasteners-loose', 'yes', 14),
      features: [feature('fasteners', { sizes: { fasteners: 480 } })],
    };
    const keys = judge(roof, 'METAL').steps.map((x) => x.key);
    expect(keys.filter((k) => ['renew-fasteners', 'wash', 'prime', 'fasteners'].includes(k))).toEqual([
      ...['renew-fasteners', 'wash', 'prime', 'fasteners'],
    ]);
  });
  it('a refused family has none', () => expect(judge(sound('silicone'), 'PU1').steps).toEqual([]));
  it('levels to a fall where it falls too little, fills ponds where only they are in the way', () => {
    const what = (zone: Zone, family: FamilyKey) =>
      judge(zone, family).steps.find((s) => s.key === 'level')?.what;
    expect(
      what(
        grid(sound('metal'), (_, y) => 0.01 * y),
        'ACRYLIC',
      ),
    ).toBe('Level to a fall of 1.5 %');
    expect(
      what(
        grid(concrete, (x, y) => dished(x, y)),
        'SA2',
      ),
    ).toBe('Fill the ponds up to their sills');
    expect(
      what(
        grid(concrete, (_, y) => 0.03 * y),
        'SA2',
      ),
    ).toBeUndefined();
  });
});

describe('all families', () => {
  it('every family has an answer on every substrate, and only silicone goes on silicone', () => {
    for (const family of FAMILY_KEYS)
      for (const substrate of SUBSTRATE_KEYS) {
        const fit = fitOf(family, substrate);
        if (fit.kind === 'no') expect(fit.why.length).toBeGreaterThan(10);
        if (substrate === 'silicone') expect(fit.kind === 'no').toBe(family !== 'SILICONE');
      }
  });
  it('each has a verdict of one sentence with what would change it', () => {
    const list = familiesFor({
      zone: sound('bitumen-smooth'),
      falls: undefined,
      school: 'always',
      nowMs: NOW,
    });
    expect(list.length).toBe(FAMILY_KEYS.length);
    for (const { family, readiness: r } of list) {
      const v = readinessVerdict(r, family);
      expect(say(v.says)).toMatch(/\.$/);
      if (v.outcome === 'hold' || v.outcome === 'stop') expect(v.quiet).toBeDefined();
    }
  });
  it.each(SUBSTRATE_KEYS)('on %s each family stands in one line, and each reason once', (substrate) => {
    const list = familiesFor({ zone: sound(substrate), falls: undefined, school: 'always', nowMs: NOW });
    const lines = familiesVerdicts(list).map((v) => `${v.subject} ${say(v.says)} ${say(v.quiet ?? [])}`);
    expect(new Set(lines).size).toBe(lines.length);
    for (const { family, readiness: r } of list) {
      const { name } = FAMILIES[family];
      // A name may be the beginning of another: of those with it, one has it by itself.
      const own = lines.filter((l) => l.includes(name));
      expect(own.length, name).toBeGreaterThan(0);
      const first = r.reasons[0];
      if (first && (r.weight === 'hold' || r.weight === 'refused'))
        expect(own.some((l) => l.includes(say(first.says)))).toBe(true);
    }
  });
  it('without a substrate it says what is missing', () => {
    const r = readiness({
      zone: pointsZone(corners(4, 4)),
      family: 'PU1',
      falls: undefined,
      school: 'always',
      nowMs: NOW,
    });
    expect(r.ok ? '' : sentence(r.problems[0]!)).toBe(
      'Zone, substrate is missing; expected what there is to coat.',
    );
  });
});
