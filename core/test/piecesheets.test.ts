/** Pieces on paper and in a drawing, and what the details say: held against the pieces themselves. */
import { describe, expect, it } from 'vitest';
import {
  catalogue,
  detailRulesOf,
  DETAIL_RULE_FIELDS,
  removeLayer,
  typicalDetails,
  type BuildUp,
} from '@lentum/core/buildup';
import {
  countsByKind,
  DETAIL_KINDS,
  detailFacts,
  detailsBefore,
  explodedView,
  patternAreaMm2,
  patternBox,
  piecesDxf,
  piecesSvg,
  type PieceGroup,
} from '@lentum/core/details';
import { findOutlines, readDxf } from '@lentum/core/drawings';
import { fallDirectionRad } from '@lentum/core/falls';
import { verdictText } from '@lentum/core/figures';
import { polygonArea, signedArea, type Point } from '@lentum/core/geometry';
import { Kept, Names } from '@lentum/core/keeping';
import { differences } from '@lentum/core/library';
import { sentence } from '@lentum/core/problems';
import { evaluate } from './support/formula.ts';
import { everything, first, work } from './support/roof.ts';

const zone = first(everything());
const of = (name: string): PieceGroup => zone.groups.find((g) => g.piece.name.startsWith(name))!;
const say = (parts: Parameters<typeof verdictText>[0]): string => verdictText(parts, 'metric', () => '');

/** The rings of one piece in the SVG, in millimetres: numbers after M and L, up to Z. */
function ringsOf(svg: string, label: string): Point[][] {
  const group = svg.slice(svg.indexOf(`<g id="${label}">`));
  const d = /class="cut" d="([^"]+Z)"/.exec(group)![1]!;
  return d
    .split('Z')
    .filter(Boolean)
    .map((ring) =>
      ring
        .replace('M', '')
        .split('L')
        .map((p): Point => p.split(' ').map(Number) as unknown as Point),
    );
}

describe('pieces as SVG', () => {
  const svg = piecesSvg(zone.groups);

  it('is in millimetres at 1:1', () => {
    const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg)!;
    expect(svg).toContain(`viewBox="0 0 ${width} ${height}"`);
  });

  it.each(zone.groups.map((g) => [g.label, g.piece.name, g] as const))(
    '%s, %s: the area drawn is the area of the piece',
    (label, _, g) => {
      const [outer, ...holes] = ringsOf(svg, label);
      const drawn = Math.abs(signedArea(outer!)) - holes.reduce((s, h) => s + Math.abs(signedArea(h)), 0);
      // Drawn to a thousandth of a millimetre.
      expect(Math.abs(drawn - patternAreaMm2(g.piece.pattern))).toBeLessThan(3);
      const { widthMm, heightMm } = patternBox(g.piece.pattern);
      const xs = outer!.map((p) => p[0]);
      const ys = outer!.map((p) => p[1]);
      expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(widthMm, 2);
      expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(heightMm, 2);
    },
  );

  it('no two pieces lie over each other on the sheet', () => {
    const boxes = zone.groups.map((g) => {
      const [outer] = ringsOf(svg, g.label);
      const [xs, ys] = [outer!.map((p) => p[0]), outer!.map((p) => p[1])];
      return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)] as const;
    });
    boxes.forEach((a, i) => {
      for (const b of boxes.slice(i + 1))
        expect(a[2] <= b[0] || b[2] <= a[0] || a[3] <= b[1] || b[3] <= a[1]).toBe(true);
    });
  });

  it('names are made safe for the file', () => {
    const g = of('Internal corner');
    expect(piecesSvg([{ ...g, piece: { ...g.piece, name: 'a < b & "c"' } }])).toContain(
      'a &lt; b &amp; &quot;c&quot;',
    );
  });
});

describe('pieces as DXF', () => {
  it('read back by the survey’s own reader, outlines have the area of the pieces', () => {
    const groups = [of('Internal corner'), of('Upstand strip'), of('Support pad')];
    const read = readDxf(piecesDxf(groups));
    if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
    const found = findOutlines(read.value, ['CUT'], 'mm');
    const areas = found.outlines
      .map((o) => polygonArea({ outer: o.outer, holes: [] }) * 1e6)
      .sort((a, b) => a - b);
    const wanted = groups.map((g) => patternAreaMm2(g.piece.pattern)).sort((a, b) => a - b);
    areas.forEach((a, i) => expect(Math.abs(a - wanted[i]!)).toBeLessThan(3));
    expect(areas.length).toBe(3);
  });
});

describe('the drawing of a detail', () => {
  it.each(DETAIL_KINDS.filter((k) => zone.work.some((w) => w.detail.kind === k)))(
    '%s: every face is in the picture, the ground first',
    (kind) => {
      const w = work(everything(), kind);
      const pieces = w.pieces.filter((p) => p.ply === 0);
      const drawing = explodedView(w.detail, zone.rules, pieces, w.pocket);
      expect(drawing.labels.length).toBe(pieces.length);
      for (const f of drawing.faces) {
        expect(f.light).toBeGreaterThanOrEqual(0);
        expect(f.light).toBeLessThanOrEqual(1.0001);
        for (const p of f.rings.flat()) expect(p.every(Number.isFinite)).toBe(true);
      }
      const order = drawing.faces.map((f) => f.piece);
      expect(order).toEqual([...order].sort((a, b) => a - b));
      pieces.forEach((p, i) => {
        expect(order.filter((o) => o === i).length).toBe((p.sample ?? p.pattern).faces.length);
      });
    },
  );
});

describe('steps', () => {
  it.each(DETAIL_KINDS.filter((k) => zone.work.some((w) => w.detail.kind === k)))(
    '%s ends with somebody who looks',
    (kind) => {
      const { steps } = work(everything(), kind);
      expect(steps.at(-1)!.hold).toBeTruthy();
      for (const s of steps) expect(say(s.says)).toMatch(/[.]$/);
    },
  );
  it('say their figures: shares, laps, feet', () => {
    const text = work(everything(), 'side 1')
      .steps.map((s) => say(s.says))
      .join(' ');
    expect(text).toContain('about two thirds of the resin');
    expect(text).toContain('laps of 50\u00a0mm');
    expect(text).toContain('50\u00a0mm past every edge');
  });
  it('metal is brought to bright metal; sheets are probed along their edges', () => {
    expect(
      work(everything(), 'drip')
        .steps.map((s) => say(s.says))
        .join(' '),
    ).toContain('to bright and primed');
    const torched = catalogue().find((b) => b.family === 'TORCH2')!;
    expect(work(everything(), 'side 1', torched).steps.map((s) => s.hold)).toContain('every edge tight');
  });
  it('hot melt has its elastomer strip at corners and joints, before the fabric; nothing else has', () => {
    const hot = catalogue().find((b) => b.family === 'HOT')!;
    const strips = (where: string, buildUp?: BuildUp) =>
      work(everything(), where, buildUp).materials.filter((m) => m.name === 'Elastomer strip');
    const corner = work(everything(), 'corner 1', hot);
    expect(corner.detail.kind).toMatch(/corner/);
    const [strip] = strips('corner 1', hot);
    const rules = typicalDetails(hot);
    const upMm = corner.detail.sizes['heightMm'] ?? rules.upMm.value;
    expect(strip!.amount.value).toBeCloseTo((upMm + rules.footMm.value) / 1000, 9);
    expect(evaluate(strip!.amount)).toBeCloseTo(strip!.amount.value, 9);
    const text = corner.steps.map((s) => say(s.says)).join('\n');
    expect(text).toMatch(/strip of elastomer into it first[^]*Press the pieces in at once/);
    expect(strips('corner 1')).toEqual([]);
    expect(strips('side 1', hot)).toEqual([]);
  });
});

describe('the schedule', () => {
  it('counts by kind: places one by one, runs by their length', () => {
    const counts = new Map(countsByKind([zone]).map((c) => [c.kind, c]));
    expect(counts.get('fasteners')!.count).toBe(100);
    expect(counts.get('bar')!.lengthM).toBeCloseTo(12 + 5 + 6, 9);
    // The three upstands, the machine base of a metre square among them.
    expect(counts.get('upstand')!.lengthM).toBeCloseTo(12 + 5 + 6 + 4, 9);
    for (const k of counts.keys()) expect(detailFacts(k).name.length).toBeGreaterThan(2);
  });
  it('details come before the first coat over the primer, or after the layer that the build-up names', () => {
    const before = (id: string): string | undefined =>
      detailsBefore(catalogue().find((b) => b.id === id)!)?.id;
    expect(before('reinforced-polyurethane')).toBe('first');
    expect(before('self-adhered-two-ply')).toBe('base');
    const restored = catalogue().find((b) => b.id === 'gravel-restoration')!;
    expect(restored.detailsAfter).toBe('base');
    expect(before('gravel-restoration')).not.toBe('base');
  });
});

describe('rules for details', () => {
  const page = (): BuildUp => JSON.parse(JSON.stringify(catalogue()[0])) as BuildUp;
  it('every number among them has a name and is above nothing', () => {
    for (const b of catalogue()) {
      const rules = typicalDetails(b);
      for (const f of DETAIL_RULE_FIELDS) {
        const number = rules[f.path] as { value: number; source: string } | undefined;
        if (f.path === 'granulesKgPerM2' && !number) continue;
        expect(number!.value).toBeGreaterThanOrEqual(0);
        expect(number!.source).toBe('typical');
      }
      for (const s of rules.sundries) for (const p of s.packs) expect(p.net).toBeGreaterThan(0);
    }
  });
  it('pieces are cut from the build-up’s own fabric or lowest sheet', () => {
    const from = (id: string): string | undefined =>
      typicalDetails(catalogue().find((b) => b.id === id)!).cutFrom;
    expect(from('reinforced-polyurethane')).toBe('fleece');
    expect(from('torched-two-ply')).toBe('base');
    expect(from('two-coat-silicone')).toBeUndefined();
  });
  it('a layer that is taken out is no longer what pieces are cut from', () => {
    const b = { ...page(), details: typicalDetails(catalogue()[0]!) };
    expect(removeLayer(b, 'fleece').details?.cutFrom).toBeUndefined();
    expect(removeLayer(b, 'second').details?.cutFrom).toBe('fleece');
    expect(removeLayer(page(), 'second').details).toBeUndefined();
  });
  it('a revision says what changed in them', () => {
    const after = page();
    after.details = { ...detailRulesOf(after), plies: 2, footMm: { value: 200, source: 'data sheet' } };
    expect(differences(page(), after).map((d) => [d.what, d.before, d.after])).toEqual([
      ['Plies at details', 1, 2],
      ['Foot on the field', 150, 200],
    ]);
  });
});

describe('answers that are kept', () => {
  it('are made once for the same question, and the oldest go first', () => {
    const kept = new Kept<number>(2);
    let made = 0;
    const ask = (key: string): number => kept.get(key, () => (made += 1));
    expect([ask('a'), ask('a'), ask('b'), ask('a'), ask('c'), ask('a')]).toEqual([1, 1, 2, 1, 3, 4]);
  });
  it('the same text has the same name', () => {
    const names = new Names();
    expect(names.of('x')).toBe(names.of('x'));
    expect(names.of('x')).not.toBe(names.of('y'));
  });
  it('a schedule asked again is the same one; a changed zone is made anew, the change undone is found again', () => {
    const a = everything();
    const once = first(a);
    expect(first(everything()).work).toBe(once.work);
    const other = first({ ...a, name: 'Other' });
    expect(other.work).not.toBe(once.work);
    expect(other.work[0]!.detail.zoneName).toBe('Other');
    expect(first(a).work).toBe(once.work);
  });
  it('a draft that is changed in place does not reach what was kept', () => {
    const draft = everything();
    const before = first(draft).work.find((w) => w.detail.kind === 'outlet')!.detail.place!.alongM;
    draft.features.find((f) => f.kind === 'outlet')!.at.alongM = 9;
    expect(first(draft).work.find((w) => w.detail.kind === 'outlet')!.detail.place!.alongM).toBe(9);
    expect(first(everything()).work.find((w) => w.detail.kind === 'outlet')!.detail.place!.alongM).toBe(
      before,
    );
  });
});

describe('which way a zone falls', () => {
  const facet = (gradient: Point, areaM2 = 1) => ({ middle: [0, 0] as Point, areaM2, gradient, fallPct: 0 });
  it('down the mean slope, weighted by area', () => {
    expect(fallDirectionRad([facet([0, 0.02])])).toBeCloseTo(-Math.PI / 2, 12);
    expect(Math.abs(fallDirectionRad([facet([0.02, 0], 3), facet([-0.02, 0], 1)]) ?? 0)).toBeCloseTo(
      Math.PI,
      12,
    );
  });
  it('no way where it is level', () => {
    expect(fallDirectionRad([facet([0.0001, 0])])).toBeUndefined();
    expect(fallDirectionRad([])).toBeUndefined();
  });
});
