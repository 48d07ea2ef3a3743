/** Details made with a product of their own: what they take, how they are made, what is refused. Worked by hand. */
import { describe, expect, it } from 'vitest';
import {
  buildUpFindings,
  buildUpProblems,
  catalogue,
  DETAIL_FORMS,
  DETAIL_KINDS,
  fits,
  isDetailCoat,
  isWorkLayer,
  removeLayer,
  resolve,
  type BuildUp,
  type DetailWay,
} from '@lentum/core/buildup';
import { cutLists, type DetailWork } from '@lentum/core/details';
import { verdictText } from '@lentum/core/figures';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import type { Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { everything, feature, scheduleOf, work } from './support/roof.ts';
import { corners, pointsZone } from './support/zones.ts';

const page = (id: string): BuildUp => structuredClone(catalogue().find((b) => b.id === id)!);
const withFeature = (kind: Parameters<typeof feature>[0], sizes: Record<string, number>, count = 1): Zone =>
  pointsZone(corners(10, 8), { features: [{ ...feature(kind, 0), sizes, count }] });
const taken = (w: DetailWork, layerId: string): number =>
  w.materials
    .filter((m) => m.material.kind === 'layer' && m.material.layerId === layerId)
    .reduce((sum, m) => sum + m.amount.value, 0);
const said = (w: DetailWork): string => w.steps.map((s) => verdictText(s.says, 'metric', String)).join('\n');

describe('amounts, worked by hand', () => {
  it('a stripe: 3 m of crack, 160 mm wide, 1.6 mm wet is 0.768 L; no strip is cut, no field coat spread', () => {
    const zone = pointsZone(corners(10, 8), {
      features: [
        {
          ...feature('static-crack', 0),
          at: { alongM: 1, acrossM: 1 },
          to: { alongM: 4, acrossM: 1 },
          sizes: { widthMm: 0.4 },
        },
      ],
    });
    const deck = page('pedestrian-deck');
    const w = work(zone, 'static-crack', deck);
    expect(taken(w, 'stripe')).toBeCloseTo(3 * 0.16 * 1.6, 9);
    expect(taken(w, 'base')).toBe(0);
    expect(w.pieces).toEqual([]);
    expect(said(w)).toMatch(/abrade it until it is dull/);
  });

  it('a moving crack is cut out and filled as ever, and the stripe goes over it', () => {
    const w = work(everything(), 'moving-crack', page('pedestrian-deck'));
    const keys = w.materials.map((m) => (m.material.kind === 'sundry' ? m.material.key : m.name));
    expect(keys).toEqual(expect.arrayContaining(['joint filler', 'bond breaker', 'Low-modulus stripe']));
  });

  it('three courses: a blister of 300 mm; the patch is 600 mm square, twice 3 mm of gel', () => {
    const w = work(withFeature('blister', { diameterMm: 300 }, 2), 'blister', page('gravel-restoration'));
    // 300 mm and a stripe of 150 mm on each side, for two of them; detail fabric in one ply.
    expect(taken(w, 'gel')).toBeCloseTo(2 * 0.6 * 0.6 * 3 * 2, 9);
    expect(w.pieces.map((p) => p.count)).toEqual([1]);
    expect(said(w)).toMatch(/First course[\s\S]*fabric into it at once[\s\S]*Second course/);
  });

  it('one thick coat: a split of 2 m, 10 mm wide, 60 mm past it, 2.5 mm thick', () => {
    const zone = pointsZone(corners(10, 8), {
      features: [
        {
          ...feature('split', 0),
          at: { alongM: 1, acrossM: 1 },
          to: { alongM: 3, acrossM: 1 },
          sizes: { widthMm: 10 },
        },
      ],
    });
    const w = work(zone, 'split', page('two-coat-silicone'));
    expect(taken(w, 'patch')).toBeCloseTo((2 + 0.12) * (0.01 + 0.12) * 2.5, 9);
    expect(w.pieces).toEqual([]);
  });

  it('liquid flashing on sheet: a pipe of 110 mm takes three coats over collar and wrap, and granules', () => {
    const w = work(withFeature('pipe', { diameterMm: 110 }), 'pipe', page('torched-two-ply'));
    // One ply of fabric: collar 410 mm square with its star cut, wrap 100 mm of lap round the girth and 150 mm high.
    const wrap = (Math.PI * 110 + 100) * 150;
    const collar = w.pieces.find((p) => p.name.startsWith('Pipe collar'))!;
    expect(collar.measures['side']).toBe(110 + 2 * 150);
    const cut = work(withFeature('pipe', { diameterMm: 110 }), 'pipe', {
      ...page('torched-two-ply'),
      detailWays: undefined,
    });
    expect(cut.pieces.length).toBeGreaterThan(w.pieces.length);
    const area = taken(w, 'flashing') / (3 * 0.8);
    expect(area).toBeGreaterThan((wrap + 410 * 410 - Math.PI * 55 * 55) / 1e6);
    expect(area).toBeLessThan((wrap + 410 * 410) / 1e6);
    expect(w.materials.some((m) => m.material.kind === 'sundry' && m.material.key === 'granules')).toBe(true);
    expect(said(w)).not.toMatch(/flame|[Tt]orch/);
    expect(said(cut)).toMatch(/flame/);
  });

  it('coats alone: as much as the pieces would have covered, and none are cut', () => {
    const acrylic = page('elastomeric-acrylic');
    const zone = withFeature('post', { lengthMm: 100, widthMm: 100, heightMm: 150 });
    const w = work(zone, 'post', acrylic);
    const bedded = work(zone, 'post', {
      ...acrylic,
      detailWays: acrylic.detailWays!.map((d): DetailWay => ({ ...d, form: 'bedded pieces' })),
    });
    expect(w.pieces).toEqual([]);
    expect(bedded.pieces.length).toBeGreaterThan(0);
    expect(taken(w, 'fibred')).toBeCloseTo(2 * taken(bedded, 'fibred'), 9);
    // The first membrane coat is stood in for; the second goes up as usual.
    expect(taken(w, 'base')).toBe(0);
    expect(w.materials.map((m) => m.name)).toContain('Top coat, white');
  });
});

describe('every way on every detail that it fits', () => {
  const b = page('elastomeric-acrylic');
  it.each(DETAIL_FORMS)('%s: amounts have a working, steps are told, holds are set', (form) => {
    for (const kind of DETAIL_KINDS.filter((k) => fits(form, k))) {
      const own = { ...b, detailWays: [{ kinds: [kind], coatId: 'fibred', form }] };
      expect(buildUpProblems(own).map(sentence)).toEqual([]);
      for (const w of scheduleOf(everything(), own).zones[0]!.work.filter((x) => x.detail.kind === kind)) {
        expect(w.problems).toEqual([]);
        expect(taken(w, 'fibred')).toBeGreaterThan(0);
        for (const { amount } of w.materials) expect(evaluate(amount)).toBeCloseTo(amount.value, 9);
        expect(said(w).toLowerCase()).toContain('detail grade with fibres');
        expect(w.steps.at(-1)?.hold).toBe('detail accepted');
      }
    }
  });
});

describe('in the order and in the field', () => {
  const b = page('two-coat-silicone');
  const order = (zone: Zone) =>
    takeoff(
      { zones: [zone] },
      {
        buildUps: [b],
        zones: [{ zoneId: zone.id, buildUpId: b.id, revision: 1, conditions: [], choices: {} }],
      },
      DEFAULT_ORDER,
    ).lines.find((l) => l.item.name === 'Silicone detail sealant');
  it('is bought for the details that it makes, and not where there are none', () => {
    expect(order(withFeature('blister', { diameterMm: 300 }))?.gross.value).toBeGreaterThan(0);
    expect(order(pointsZone(corners(10, 8)))).toBeUndefined();
  });
  it('is no layer that a bay waits for', () => {
    const product = b.layers.find(isDetailCoat)!;
    expect(isWorkLayer(product)).toBe(false);
  });
  it('pieces cut from another roll have a list of their own, each piece once', () => {
    const schedule = scheduleOf(everything(), page('self-adhered-two-ply'));
    const all = schedule.zones[0]!.work.flatMap((w) => w.pieces.map((p) => p.count * w.detail.count));
    const placed = cutLists(schedule).map((l) => l.nest.placed.length);
    expect(placed.reduce((a, n) => a + n, 0)).toBe(all.reduce((a, n) => a + n, 0));
  });
});

describe('what is refused, and what is asked', () => {
  const silicone = page('two-coat-silicone');
  const way = (change: Partial<DetailWay>): BuildUp => ({
    ...silicone,
    detailWays: [{ ...silicone.detailWays![0]!, ...change }],
  });
  it.each<[string, BuildUp, string]>([
    [
      'a product that is a coat of the field',
      way({ coatId: 'base' }),
      'Details of their own, row 1, product: “Base coat, grey” is not known here; expected a coat of this build-up that keeps to details.',
    ],
    [
      'a stripe round a pipe',
      way({ form: 'stripe', kinds: ['pipe'] }),
      'Details of their own, row 1, pipe: “stripe” does not fit; expected a flat line: board joint, metal sheet lap, static crack, moving crack, split repair.',
    ],
    [
      'a kind in two rows',
      {
        ...silicone,
        detailWays: [silicone.detailWays![0]!, { ...silicone.detailWays![0]!, kinds: ['patch'] }],
      },
      'Details of their own, row 2, patch in the old membrane: “patch in the old membrane” is there twice; expected one way for each kind of detail.',
    ],
    [
      'fabric that is none',
      way({ cutFrom: 'top' }),
      'Details of their own, row 1, pieces cut from: “Top coat, white” is not known here; expected a fabric of this build-up.',
    ],
  ])('%s', (_, b, says) => expect(buildUpProblems(b).map(sentence)).toContain(says));

  it('a product that no detail is made with is asked about', () => {
    const found = buildUpFindings(resolve({ ...silicone, detailWays: undefined }));
    expect(found.map((f) => f.rule)).toContain('unused-product');
    expect(buildUpFindings(resolve(silicone)).map((f) => f.rule)).not.toContain('unused-product');
  });
  it('acrylic over a silicone product is a stop, as in the field', () => {
    const b = page('elastomeric-acrylic');
    const layers = b.layers.map((l) => (l.id === 'fibred' ? { ...l, chemistry: 'silicone' as const } : l));
    expect(buildUpFindings(resolve({ ...b, layers })).some((f) => f.outcome === 'stop')).toBe(true);
  });
  it('taking the product out takes its ways out', () => {
    expect(removeLayer(silicone, 'patch').detailWays).toEqual([]);
    expect(buildUpProblems(removeLayer(silicone, 'patch')).map(sentence)).toEqual([]);
  });
});

describe('kinds that were missing', () => {
  it('stairs: each riser a strip; risers add to what goes up, treads are in the area', () => {
    const zone = withFeature('stairs', { steps: 5, riserMm: 170, treadMm: 290, widthMm: 1200 });
    const w = work(zone, 'stairs');
    // Tread below at most half of it, riser with its fillet, lap over the nose.
    const [strip] = w.pieces;
    expect(strip).toMatchObject({ count: 5, measures: { length: 1200, riser: 170 } });
    expect(strip!.measures['width']).toBeCloseTo(145 + 15 * Math.SQRT2 + (170 - 15) + 75, 6);
    const top = w.materials.find((m) => m.use.startsWith('going up'))!;
    expect(top.amount.value / 0.35).toBeGreaterThan(0);
    expect(evaluate(w.minutes)).toBeCloseTo(20 + 14 * 5, 9);
  });
  it('a flanged vent: lower side first, flanks over it, upper side last', () => {
    const w = work(
      withFeature('flanged-vent', { lengthMm: 400, widthMm: 300, diameterMm: 150 }),
      'flanged-vent',
    );
    expect(w.pieces.map((p) => [p.name, p.count, p.measures['length'], p.measures['width']])).toEqual([
      ['Vent strip, lower side', 1, 300 + 300, 75 + 150],
      ['Vent strip, flank', 2, 400 + 300, 75 + 150],
      ['Vent strip, upper side', 1, 300 + 300, 75 + 150],
    ]);
    expect(w.materials.some((m) => m.material.kind === 'sundry' && m.material.key === 'metal primer')).toBe(
      true,
    );
  });
  it('a patch: past the damage by the foot on every side, on sound old membrane', () => {
    const w = work(withFeature('patch', { lengthMm: 500, widthMm: 400 }), 'patch');
    expect(w.pieces.map((p) => p.measures)).toEqual([{ length: 800, width: 700 }]);
    expect(said(w)).toMatch(/groove/);
  });
});
