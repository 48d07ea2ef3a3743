import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  blankBuildUp,
  blankLayer,
  buildUpDocProblems,
  buildUpOfZone,
  buildUpProblems,
  catalogue,
  FIELDS,
  freshLayerId,
  insertInOrder,
  insertLayer,
  isCoat,
  moveLayer,
  nudgeLayer,
  papersOf,
  removeLayer,
  resolve,
  setAt,
  sourceCounts,
  valueAt,
  whenMissed,
  withoutPaper,
  type BuildUp,
  type Coat,
  type Layer,
} from '@lentum/core/buildup';
import { sentence } from '@lentum/core/problems';

const copy = <T>(v: T): T => JSON.parse(JSON.stringify(v)) as T;
const page = (id: string): BuildUp => copy(catalogue().find((b) => b.id === id)!);
const ids = (layers: readonly Layer[]): string => layers.map((l) => l.id).join(' ');
const row = (...names: string[]): Layer[] =>
  names.map((n) => {
    const [id = '', into] = n.split('>');
    return into === undefined ? blankLayer('coat', id) : blankLayer('fabric', id, 'membrane', into);
  });

describe('moving layers', () => {
  const layers = row('a', 'b', 'f>b', 'c', 'd');
  it.each([
    ['a', 'c', 'b f a c d'],
    ['a', undefined, 'b f c d a'],
    ['b', 'a', 'b f a c d'],
    ['c', 'b', 'a c b f d'],
    // Never between a coat and what is laid into it.
    ['d', 'f', 'a b f d c'],
    ['b', 'b', 'a b f c d'],
    ['b', 'f', 'a b f c d'],
    ['x', 'a', 'a b f c d'],
  ])('%s before %s', (id, before, order) => expect(ids(moveLayer(layers, id, before))).toBe(order));
  it('fabric is laid into the coat that it comes to stand over', () => {
    const moved = moveLayer(layers, 'f', 'd');
    expect(ids(moved)).toBe('a b c f d');
    expect(moved.find((l) => l.id === 'f')).toMatchObject({ embeddedIn: 'c' });
  });
  it('fabric has to lie over some coat', () => expect(ids(moveLayer(layers, 'f', 'a'))).toBe('a b f c d'));
  it.each([
    ['a', 1, 'b f a c d'],
    ['c', -1, 'a c b f d'],
    ['b', -1, 'b f a c d'],
    ['b', 1, 'a c b f d'],
    ['a', -1, 'a b f c d'],
    ['d', 1, 'a b f c d'],
    ['f', 1, 'a b c f d'],
  ] as const)('the key on %s by %d', (id, by, order) =>
    expect(ids(nudgeLayer(layers, layers, id, by))).toBe(order),
  );
  it('a move keeps every layer, each once, and breaks no build-up of the catalogue', () =>
    fc.assert(
      fc.property(fc.constantFrom(...catalogue()), fc.nat(), fc.nat(), (b, x, y) => {
        const id = b.layers[x % b.layers.length]!.id;
        const before =
          y % (b.layers.length + 1) === b.layers.length ? undefined : b.layers[y % b.layers.length]!.id;
        const layers = moveLayer(b.layers, id, before);
        expect([...layers.map((l) => l.id)].sort()).toEqual([...b.layers.map((l) => l.id)].sort());
        expect(buildUpProblems({ ...b, layers }).map(sentence)).toEqual([]);
      }),
    ));
});

describe('putting in and taking out', () => {
  it('after a coat means after what is laid into it', () =>
    expect(ids(insertLayer(row('a', 'f>a', 'b'), blankLayer('coat', 'x'), 'a'))).toBe('a f x b'));
  it('fabric goes into the coat above', () => {
    const layers = insertLayer(row('a', 'b'), blankLayer('fabric', 'x'), 'b');
    expect(layers.at(-1)).toMatchObject({ id: 'x', embeddedIn: 'b' });
  });
  const ROLES = [
    'preparation',
    'primer',
    'levelling',
    'membrane',
    'wear',
    'decorative',
    'finish',
    'reflective',
  ] as const;
  /** As they lie from the ground up; those of one number in either order. */
  const LEVEL = [0, 0, 0, 1, 2, 2, 3, 3];
  const coat = (role: (typeof ROLES)[number], id: string) => blankLayer('coat', id, role);
  it.each([
    ['a primer goes under the membrane', ['membrane'], 'primer', 'primer 0', 'membrane-0'],
    ['and under what lies on it', ['membrane', 'finish'], 'primer', 'primer 0', 'membrane-0'],
    ['a membrane under the finish', ['primer', 'membrane', 'finish'], 'membrane', 'membrane 2', 'finish-2'],
    ['a finish where it is asked for', ['primer', 'membrane'], 'finish', 'finish 2', undefined],
    ['a primer over a levelling coat', ['levelling'], 'primer', 'primer 1', undefined],
  ] as const)('%s', (_, roles, added, place, under) => {
    const layers = roles.map((r, i) => coat(r, `${r}-${i}`));
    const put = insertInOrder(layers, coat(added, added), layers.at(-1)!.id);
    expect(`${added} ${put.layers.findIndex((l) => l.id === added)}`).toBe(place);
    expect(put.under?.id).toBe(under);
  });
  it('coats that lie in order lie in order with one more, wherever it is asked for; none is lost', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(7), { maxLength: 6 }), fc.nat(7), fc.nat(6), (have, one, at) => {
        const layers = have.sort((a, b) => LEVEL[a]! - LEVEL[b]!).map((r, i) => coat(ROLES[r]!, `l${i}`));
        const put = insertInOrder(layers, coat(ROLES[one]!, 'new'), layers[at]?.id).layers;
        expect(put.map((l) => l.id).sort()).toEqual([...layers.map((l) => l.id), 'new'].sort());
        // Asked for below what it may lie on, it stays there: only what would lie too high is put lower.
        const levels = put.map((l) => LEVEL[ROLES.indexOf((l as Coat).role)]!);
        const mine = put.findIndex((l) => l.id === 'new');
        for (const level of levels.slice(0, mine)) expect(level).toBeLessThanOrEqual(levels[mine]!);
      }),
    );
  });
  it('a coat takes what is laid into it along, and what is said about it elsewhere', () => {
    const b = page('gravel-restoration');
    const without = removeLayer(b, 'base');
    expect(without.layers.map((l) => l.id)).not.toContain('fabric');
    expect(without.detailsAfter).toBe(undefined);
    expect(buildUpProblems(without).map(sentence)).toEqual([]);
    expect(removeLayer(b, 'white2').upkeep?.recoatLayers).toEqual([]);
  });
  it('new ids are new', () => expect(freshLayerId(row('coat-1', 'coat-2'), 'coat')).toBe('coat-3'));
  it.each(['coat', 'fabric', 'broadcast', 'sheet', 'protection', 'pieces'] as const)(
    'a new %s is whole, every number assumed',
    (kind) => {
      const layer = blankLayer(kind, 'x', 'membrane', 'a');
      const counts = sourceCounts(layer);
      expect(counts.by.assumed).toBe(counts.total);
      expect(
        buildUpProblems({ ...blankBuildUp('b', 'B'), layers: [...row('a'), layer] }).map(sentence),
      ).toEqual([]);
    },
  );
});

describe('a zone’s build-up', () => {
  const deck = page('vehicular-deck');
  const doc = (choices: Record<string, string>, conditions: ('rough' | 'ramp')[] = []) => ({
    buildUps: [deck],
    zones: [{ zoneId: 'z', buildUpId: deck.id, revision: 1, choices, conditions }],
  });
  const rate = (b: BuildUp | undefined, id: string): number | undefined => {
    const l = b?.layers.find((k) => k.id === id);
    return l && isCoat(l) ? l.rate.value : undefined;
  };
  it('has the layers of its options and the rates of its conditions', () => {
    expect(ids(buildUpOfZone(doc({}), 'z')!.layers)).toBe('primer membrane wear sand lock stripe');
    const ramp = buildUpOfZone(doc({ place: 'ramp' }, ['ramp']), 'z');
    expect(ids(ramp!.layers)).toBe('primer membrane wear-ramp grit lock stripe');
    expect(rate(ramp, 'lock')).toBeCloseTo(0.84, 12);
    expect(rate(buildUpOfZone(doc({}), 'z'), 'lock')).toBe(0.7);
  });
  it('what it does not know falls back to the build-up’s own', () =>
    expect(ids(resolve(deck, { conditions: [], choices: { place: 'moon' } }).layers)).toContain('sand'));
  it('an option that is not there is refused in a sentence', () =>
    expect(buildUpDocProblems(doc({ place: 'moon' })).map(sentence)).toEqual([
      'Vehicular deck, sanded wear coat, option: “place moon” is not known here; expected an option of this build-up.',
    ]));
});

describe('what a build-up must be, one case a reason', () => {
  const edit = (id: string, change: (b: BuildUp) => void): BuildUp => {
    const b = page(id);
    change(b);
    return b;
  };
  const coat = (b: BuildUp, id: string): Coat => b.layers.find((l) => l.id === id) as Coat;
  it.each<[string, BuildUp, string]>([
    [
      'a hole in the catalyst table',
      edit('methacrylate-terrace', (b) => coat(b, 'membrane').catalyst!.points.splice(1, 1)),
      'Membrane, reinforced, catalyst table: nothing between 5 and 15 °C; expected rows that rise and follow each other without a hole.',
    ],
    [
      'two rows for one temperature',
      edit('methacrylate-terrace', (b) => (coat(b, 'membrane').catalyst!.points[1]!.fromC = 0)),
      'two rows from 0 to 5 °C',
    ],
    [
      'a row that runs backwards',
      edit('methacrylate-terrace', (b) => (coat(b, 'membrane').catalyst!.points[0]!.toC = -10)),
      'a row from -5 to -10 °C',
    ],
    [
      'a kettle without room between its temperatures',
      edit('hot-rubberised', (b) => (coat(b, 'first').kettle!.applyMinC.value = 220)),
      'First hot layer, kettle: laid from 220 °C, safe to 200 °C; expected a least temperature below the safe maximum.',
    ],
    [
      'thickener that falls with the slope',
      edit('methacrylate-terrace', (b) => coat(b, 'membrane').thickener!.points.reverse()),
      'Membrane, reinforced, thickener: 30 %, 5 %; expected rising slopes.',
    ],
    [
      'two rates for one condition',
      edit('vehicular-deck', (b) => coat(b, 'lock').rate.variants!.push(coat(b, 'lock').rate.variants![0]!)),
      'Lock coat, rate: “ramp” is there twice; expected one rate for each condition.',
    ],
    [
      'an option that is chosen and not there',
      edit('vehicular-deck', (b) => (b.choices[0]!.chosen = 'moon')),
      'Wear build-up: “moon” is not known here; expected one of level, ramp.',
    ],
    [
      'a layer of an option that is not there',
      edit('vehicular-deck', (b) => (coat(b, 'wear').only = { choice: 'place', option: 'moon' })),
      'Wear coat, laid only with: “place moon” is not known here',
    ],
    [
      'a recoat of a layer that is not there',
      edit('vehicular-deck', (b) => (b.upkeep!.recoatLayers = ['moon'])),
      'Upkeep, layers laid again: “moon” is not known here; expected a layer of this build-up.',
    ],
    [
      'details after a layer that is not there',
      edit('vehicular-deck', (b) => (b.detailsAfter = 'moon')),
      'Details after: “moon” is not known here',
    ],
    [
      'a citation of a paper that is not there',
      edit('vehicular-deck', (b) => (coat(b, 'lock').densityKgPerL.cites = 'p9')),
      'Source: “p9” is not known here; expected a paper in this build-up’s binder.',
    ],
    [
      'a paper about a layer that is not there',
      edit('vehicular-deck', (b) =>
        b.papers.push({
          id: 'p',
          kind: 'data sheet',
          title: 'Sheet',
          date: '2026-01-01',
          layerIds: ['moon'],
        }),
      ),
      'Sheet: “moon” is not known here',
    ],
    [
      'fabric into itself',
      edit('reinforced-polyurethane', (b) =>
        b.layers.forEach((l) => l.kind === 'fabric' && (l.embeddedIn = l.id)),
      ),
      'Fleece, laid into: “fleece” is not known here; expected the name of a coat of this build-up.',
    ],
    [
      'fabric before its coat',
      edit('reinforced-polyurethane', (b) => b.layers.reverse()),
      'Fleece, laid into the first coat: it does not follow that coat; expected a place directly after the coat that it is laid into.',
    ],
    [
      'aggregate whose coat is of another option',
      edit('vehicular-deck', (b) => b.layers.forEach((l) => l.kind === 'broadcast' && (l.into = 'wear'))),
      'Hard grit, laid into the wear coat: that coat is not laid with it',
    ],
    [
      'a sheet narrower than its lap',
      edit(
        'torched-two-ply',
        (b) =>
          b.layers.forEach((l) => l.kind === 'sheet' && (l.sideLapMm.value = 500)) ??
          b.layers.forEach((l) => l.kind === 'sheet' && (l.rollWidthM.value = 0.4)),
      ),
      'Base sheet, side lap: 500 mm on a roll 0.4 m wide; expected a lap narrower than the roll.',
    ],
    [
      'options that leave nothing',
      edit('reinforced-polyurethane', (b) =>
        b.layers.forEach((l) => isCoat(l) && (l.only = { choice: 'fabric', option: 'glass' })),
      ),
      'no layers are too few; expected at least one layer that is laid.',
    ],
  ])('%s', (_, b, words) => expect(buildUpProblems(b).map(sentence).join('\n')).toContain(words));
});

describe('fields', () => {
  it('every path of the list lies in some layer of the catalogue or a new one', () => {
    const all = [
      ...catalogue().flatMap((b) => b.layers),
      ...(['coat', 'fabric', 'broadcast', 'sheet', 'protection', 'pieces'] as const).map((k) =>
        blankLayer(k, 'x'),
      ),
    ];
    for (const [kind, fields] of Object.entries(FIELDS))
      for (const f of fields.filter((x) => !x.optional))
        for (const l of all.filter(
          (x) => x.kind === kind && (!f.path.startsWith('kettle') || ('kettle' in x && x.kettle)),
        ))
          expect(valueAt(l, f.path), `${l.id} ${f.path}`).not.toBe(undefined);
  });
  it('what is set is found, what is taken out leaves nothing behind', () => {
    const layer = blankLayer('coat', 'x');
    const before = copy(layer);
    const field = { path: 'stirring/minutes', owns: 'stirring' };
    setAt(layer, field, { value: 2, source: 'typical' });
    expect(valueAt(layer, 'stirring/minutes/value')).toBe(2);
    setAt(layer, { path: 'stirring/note' }, 'slow');
    setAt(layer, field, undefined);
    expect(layer).toEqual(before);
    setAt(layer, { path: 'says/wetFilmMm' }, { value: 1, source: 'typical' });
    setAt(layer, { path: 'says/wetFilmMm' }, undefined);
    expect(layer).toEqual(before);
    setAt(layer, { path: 'nothing/there' }, undefined);
    expect(layer).toEqual(before);
  });
});

describe('sources, papers and what to do when a limit was missed', () => {
  it('counts what is cited and what is still typical', () => {
    const b = page('two-coat-silicone');
    const base = b.layers.find((l) => l.id === 'base') as Coat;
    base.densityKgPerL = { value: 1.3, source: 'data sheet', cites: 'p1' };
    b.papers.push({ id: 'p1', kind: 'data sheet', title: 'Base', date: '2026-01-01', layerIds: ['base'] });
    const counts = sourceCounts(b);
    expect(counts.cited).toBe(1);
    expect(counts.typical).toBe(counts.total - 1);
    expect(buildUpProblems(b)).toEqual([]);
    expect(papersOf(b, base).map((p) => p.title)).toEqual(['Base']);
    // A paper without a file proves nothing yet.
    expect(withoutPaper(b).map((l) => l.id)).toContain('base');
    b.papers[0]!.file = { sha256: 'a'.repeat(64), name: 'base.pdf', mime: 'application/pdf', bytes: 10 };
    expect(withoutPaper(b).map((l) => l.id)).not.toContain('base');
  });
  it('the layer’s own word comes before general practice', () => {
    const primer = page('vehicular-deck').layers[0]!;
    expect(whenMissed(primer, 'leastRate')).toMatchObject({
      own: true,
      says: expect.stringContaining('scrape off') as string,
    });
    expect(whenMissed(primer, 'rainSafe')).toMatchObject({ own: false });
    const steps = whenMissed(primer, 'overcoatUntil');
    expect(steps).toMatchObject({
      own: true,
      says: 'Abrade until it is matt all over. Vacuum off the dust. Prime again.',
    });
    expect(steps.steps.map((s) => [s.does, s.layerId])).toEqual([
      ['abrade', undefined],
      ['sweep', undefined],
      ['prime', 'primer'],
    ]);
    // Words without steps are one step of work, without material.
    const { remedies: _none, ...worded } = primer as Coat;
    expect(whenMissed({ ...worded, ifMissed: 'Abrade.' } as Coat, 'overcoatUntil')).toEqual({
      own: true,
      says: 'Abrade.',
      steps: [{ does: 'look', says: 'Abrade.' }],
    });
  });
});
