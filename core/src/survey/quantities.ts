/** Quantities of a zone and of all zones, each with its working down to the measures. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { corner, distance, type Polygon, type Ring } from '../geometry/index.ts';
import { ok, type Result } from '../problems/index.ts';
import { areaFigure, sideFigure, sumFigure } from './areafigures.ts';
import { upstandCorners, type UpstandCorner } from './corners.ts';
import { assumed } from './estimate.ts';
import { zoneUse } from './zoneuse.ts';
import { EDGE_KINDS, EDGE_NAMES, upstandMm, type EdgeKind } from './edges.ts';
import {
  FEATURE_KINDS,
  featureFacts,
  featureLengthM,
  featureNumber,
  type Feature,
  type FeatureKind,
} from './features.ts';
import type { Zone, Zones } from './schema.ts';
import { zoneShape, type ShapeSide, type ZoneShape } from './shape.ts';

export interface EdgeQuantity {
  readonly kind: EdgeKind;
  readonly length: Figure;
  /** Vertical area, with the top of a parapet; nothing at edges that do not rise. */
  readonly area: Figure | undefined;
}

export interface FeatureQuantity {
  readonly kind: FeatureKind;
  readonly count: Figure;
  /** Of lines. */
  readonly length: Figure | undefined;
}

export interface ZoneQuantities {
  readonly zoneId: string;
  readonly shape: ZoneShape;
  readonly polygon: Polygon;
  /** The outline with its arcs in straight pieces. */
  readonly ring: Ring;
  readonly sides: readonly ShapeSide[];
  readonly area: Figure;
  /** Area on the slope where a fall was given; otherwise the plan area again. */
  readonly slopeArea: Figure;
  readonly perimeter: Figure;
  readonly edges: readonly EdgeQuantity[];
  /** Length of everything that goes up. */
  readonly upstandGirth: Figure;
  readonly upstandArea: Figure;
  readonly corners: readonly UpstandCorner[];
  readonly internalCorners: Figure;
  readonly externalCorners: Figure;
  readonly features: readonly FeatureQuantity[];
}

interface Run {
  readonly kind: EdgeKind;
  readonly length: Figure | Given;
  readonly riseMm: number;
  readonly topMm: number;
  readonly name: string;
}

function runs(zone: Zone, shape: ZoneShape): Run[] {
  const topOf = (edge: ShapeSide['edge']): number => (edge.kind === 'parapet' ? edge.topWidthMm : 0);
  const outer = shape.sides.map((side, i): Run => ({
    kind: side.edge.kind,
    length: sideFigure(shape, i),
    riseMm: upstandMm(side.edge),
    topMm: topOf(side.edge),
    name: `side ${i + 1}`,
  }));
  const kerbs = zone.openings.map((o, i): Run => {
    const hole = shape.polygon.holes[i] ?? [];
    const sides = hole.map((p, k) =>
      given(`${o.name}, side ${k + 1}`, distance(p, corner(hole, k + 1)), 'length', 'measured'),
    );
    return {
      kind: o.edge.kind,
      length: sumFigure(`round ${o.name}`, 'length', sides, 'sum of its sides'),
      riseMm: upstandMm(o.edge),
      topMm: topOf(o.edge),
      name: o.name,
    };
  });
  return [...outer, ...kerbs];
}

const runArea = (run: Run): Figure => ({
  label: `${run.name}, going up`,
  value: (run.length.value * (run.riseMm + run.topMm)) / 1000,
  quantity: 'area',
  formula: '{length} × ({height} + {top}) / 1000',
  inputs: {
    length: run.length,
    height: given('height', run.riseMm, 'lap', 'measured'),
    top: given('width of its top', run.topMm, 'lap', 'measured'),
  },
  from: 'length by height, and by the width of a parapet’s top',
});

function edgeQuantities(all: readonly Run[]): EdgeQuantity[] {
  return EDGE_KINDS.flatMap((kind): EdgeQuantity[] => {
    const mine = all.filter((r) => r.kind === kind);
    if (mine.length === 0) return [];
    const rising = mine.filter((r) => r.riseMm > 0);
    return [
      {
        kind,
        length: sumFigure(
          EDGE_NAMES[kind],
          'length',
          mine.map((r) => r.length),
          'sides of this kind',
        ),
        area:
          rising.length === 0
            ? undefined
            : sumFigure(`${EDGE_NAMES[kind]}, area`, 'area', rising.map(runArea), 'sides of this kind'),
      },
    ];
  });
}

function slopeAreaFigure(zone: Zone, area: Figure): Figure {
  const label = `${zone.name}, area on the slope`;
  const use = zoneUse(zone);
  if (use !== 'roof')
    return {
      label: `${zone.name}, area`,
      value: area.value,
      quantity: 'area',
      formula: '{area}',
      inputs: { area },
      from: use === 'wall' ? 'measured as it stands' : 'treads and risers, measured as they lie unfolded',
    };
  if (zone.fallPct === undefined) {
    return {
      label,
      value: area.value,
      quantity: 'area',
      formula: '{area}',
      inputs: { area },
      from: 'no fall was given: the plan area',
    };
  }
  return {
    label,
    value: area.value * Math.sqrt(1 + (zone.fallPct / 100) ** 2),
    quantity: 'area',
    formula: '{area} × sqrt(1 + ({fall} / 100) × ({fall} / 100))',
    inputs: { area, fall: given('fall', zone.fallPct, 'fall', 'measured') },
    from: 'plan area over the cosine of the slope',
  };
}

const countFigure = (label: string, names: readonly string[]): Figure =>
  sumFigure(
    label,
    'count',
    names.map((n) => given(n, 1, 'count', 'measured')),
    'counted, one each',
  );

/** Length of a line that was set out by its ends, all runs alike together. */
export function runFigure(feature: Feature, label: string): Figure {
  const to = feature.to ?? feature.at;
  const along = to.alongM - feature.at.alongM;
  const across = to.acrossM - feature.at.acrossM;
  return {
    label,
    value: featureLengthM(feature),
    quantity: 'length',
    formula: 'sqrt({along} × {along} + {across} × {across}) × {count}',
    inputs: {
      along: given('along side 1', along, 'length', 'measured'),
      across: given('into the zone', across, 'length', 'measured'),
      count: given('runs alike', feature.count, 'count', 'measured'),
    },
    from: 'from end to end',
  };
}

function featureQuantities(features: readonly Feature[]): FeatureQuantity[] {
  return FEATURE_KINDS.flatMap((kind): FeatureQuantity[] => {
    const mine = features.filter((f) => f.kind === kind);
    if (mine.length === 0) return [];
    const facts = featureFacts(kind);
    const count = sumFigure(
      facts.name,
      'count',
      mine.map((f, i) => given(`${facts.name} ${i + 1}`, featureNumber(f), 'count', 'measured')),
      'counted',
    );
    if (facts.form === 'spot') return [{ kind, count, length: undefined }];
    const lengths = mine.map((f, i) => runFigure(f, `${facts.name} ${i + 1}`));
    return [{ kind, count, length: sumFigure(`${facts.name}, length`, 'length', lengths, 'all runs') }];
  });
}

/** The same, where nothing was measured yet. */
const guessed = (q: ZoneQuantities): ZoneQuantities => ({
  ...q,
  area: assumed(q.area),
  slopeArea: assumed(q.slopeArea),
  perimeter: assumed(q.perimeter),
  edges: q.edges.map((e) => ({ ...e, length: assumed(e.length), area: e.area && assumed(e.area) })),
  upstandGirth: assumed(q.upstandGirth),
  upstandArea: assumed(q.upstandArea),
});

/** Everything countable in a zone, or why there is nothing yet. */
export function zoneQuantities(zone: Zone): Result<ZoneQuantities> {
  const found = zoneShape(zone);
  if (!found.ok) return found;
  const shape = found.value;
  const all = runs(zone, shape);
  const edges = edgeQuantities(all);
  const area = areaFigure(zone, shape.polygon, shape.ring);
  const corners = upstandCorners(zone, shape);
  const named = (kind: UpstandCorner['kind']): string[] =>
    corners.filter((c) => c.kind === kind).map((c) => c.where);
  const rising = all.filter((r) => r.riseMm > 0);
  const made: ZoneQuantities = {
    zoneId: zone.id,
    shape,
    polygon: shape.polygon,
    ring: shape.ring,
    sides: shape.sides,
    area,
    slopeArea: slopeAreaFigure(zone, area),
    perimeter: sumFigure(
      `${zone.name}, perimeter`,
      'length',
      shape.sides.map((_, i) => sideFigure(shape, i)),
      'sum of the sides of the outline',
    ),
    edges,
    upstandGirth: sumFigure(
      'Upstands, length',
      'length',
      rising.map((r) => r.length),
      'every side that goes up',
    ),
    upstandArea: sumFigure('Upstands, area', 'area', rising.map(runArea), 'every side that goes up'),
    corners,
    internalCorners: countFigure('Internal corners', named('internal')),
    externalCorners: countFigure('External corners', named('external')),
    features: featureQuantities(zone.features),
  };
  return ok(zone.outline.kind === 'estimated' ? guessed(made) : made);
}

export interface SurveyTotals {
  readonly area: Figure;
  readonly slopeArea: Figure;
  readonly upstandGirth: Figure;
  readonly upstandArea: Figure;
  readonly internalCorners: Figure;
  readonly externalCorners: Figure;
  readonly edges: readonly { readonly kind: EdgeKind; readonly length: Figure }[];
  readonly features: readonly FeatureQuantity[];
  /** Zones that are not in the sums because their outline is not finished. */
  readonly unfinished: readonly Zone[];
}

/**
 * Sums over all zones; each opens to its zones.
 * @param slopeAreas areas on the slope that levels gave, by zone; the others go by their typed fall
 */
export function surveyTotals(survey: Zones, slopeAreas?: ReadonlyMap<string, Figure>): SurveyTotals {
  const done: { zone: Zone; q: ZoneQuantities }[] = [];
  const unfinished: Zone[] = [];
  for (const zone of survey.zones) {
    const q = zoneQuantities(zone);
    if (q.ok) done.push({ zone, q: q.value });
    else unfinished.push(zone);
  }
  const over = (label: string, pick: (q: ZoneQuantities) => Figure | undefined): Figure => {
    const parts = done.flatMap(({ zone, q }) => {
      const f = pick(q);
      return f ? [{ ...f, label: zone.name }] : [];
    });
    return sumFigure(label, parts[0]?.quantity ?? 'count', parts, 'sum over the zones');
  };
  const kinds = EDGE_KINDS.filter((k) => done.some(({ q }) => q.edges.some((e) => e.kind === k)));
  const features = FEATURE_KINDS.filter((k) => done.some(({ q }) => q.features.some((f) => f.kind === k)));
  return {
    area: over('Plan area, all zones', (q) => q.area),
    slopeArea: over('Area on the slope, all zones', (q) => slopeAreas?.get(q.zoneId) ?? q.slopeArea),
    upstandGirth: over('Upstands, length, all zones', (q) => q.upstandGirth),
    upstandArea: over('Upstands, area, all zones', (q) => q.upstandArea),
    internalCorners: over('Internal corners, all zones', (q) => q.internalCorners),
    externalCorners: over('External corners, all zones', (q) => q.externalCorners),
    edges: kinds.map((kind) => ({
      kind,
      length: over(EDGE_NAMES[kind], (q) => q.edges.find((e) => e.kind === kind)?.length),
    })),
    features: features.map((kind) => {
      const { name, form } = featureFacts(kind);
      const of = (q: ZoneQuantities): FeatureQuantity | undefined => q.features.find((f) => f.kind === kind);
      return {
        kind,
        count: over(name, (q) => of(q)?.count),
        length: form === 'line' ? over(`${name}, length`, (q) => of(q)?.length) : undefined,
      };
    }),
    unfinished,
  };
}
