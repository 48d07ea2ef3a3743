/** Everything that follows from the levels of a zone, as plain data: it crosses from a worker. */
import { given, type Figure } from '../figures/index.ts';
import { corner, type Point, type Triangle } from '../geometry/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import {
  readLevels,
  setOut,
  waterAt,
  zoneQuantities,
  type Feature,
  type Zone,
  type ZoneShape,
} from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { levelling, type Levelling, type Source } from './levelling.ts';
import { catchments } from './catchments.ts';
import { withVertex } from './mesh.ts';
import { sideKey } from './runoff.ts';
import { spikesIn, type Spike } from './plane.ts';
import { rainLoad, type RainLoad } from './rainload.ts';
import { contours, facets, surfaceAreaM2, type Contour, type Facet } from './slopes.ts';
import { buildTin, heightOf, type Tin } from './tin.ts';
import { flood, ponds, type Drain, type Pond } from './water.ts';

export interface OutletReport {
  readonly featureId: string;
  readonly name: string;
  readonly at: Point;
  readonly surfaceM: number;
  readonly rimM: number | undefined;
  /** Rim above the surface around it, metres; undefined without a level of the rim. */
  readonly proudM: number | undefined;
  readonly takesM2: number;
}

export interface PondReport extends Pond {
  readonly name: string;
  readonly volume: Figure;
  readonly drainName: string | undefined;
}

export interface FallsReport {
  readonly zoneId: string;
  readonly points: readonly Point[];
  readonly z: readonly number[];
  readonly triangles: readonly Triangle[];
  readonly facets: readonly Facet[];
  readonly contours: readonly Contour[];
  /** Corners of the outline without a level of their own. */
  readonly estimated: number;
  readonly lowestM: number;
  readonly highestM: number;
  readonly meanFall: Figure;
  readonly surfaceArea: Figure;
  readonly belowLeast: Figure;
  readonly outlets: readonly OutletReport[];
  /** Edges that let water go, with the area each takes. */
  readonly edges: readonly { readonly side: number; readonly takesM2: number }[];
  readonly hasDrain: boolean;
  readonly ponds: readonly PondReport[];
  readonly pondArea: Figure;
  readonly levelling:
    { readonly facts: Levelling; readonly volume: Figure; readonly mass: Figure } | undefined;
  readonly spikes: readonly Spike[];
  /** What a chosen rain brings to each outlet; empty while none is chosen. */
  readonly rain: readonly RainLoad[];
}

const isDrain = (f: Feature): boolean => f.kind === 'outlet' || f.kind === 'scupper';

/** Half of what an outlet or a scupper is wide, metres. */
const radiusOf = (f: Feature): number => (f.sizes.diameterMm ?? f.sizes.widthMm ?? 0) / 2000;

interface Drains {
  readonly tin: Tin;
  readonly drains: readonly Drain[];
  readonly sources: readonly Source[];
  readonly outlets: readonly Omit<OutletReport, 'takesM2'>[];
}

function drainsOf(zone: Zone, shape: ZoneShape, measured: Tin): Drains {
  const { toPoint } = setOut(shape.corners);
  let tin = measured;
  const drains: Drain[] = [];
  const sources: Source[] = [];
  const outlets: Omit<OutletReport, 'takesM2'>[] = [];
  let count = 0;
  for (const feature of zone.features.filter(isDrain)) {
    count += 1;
    const at = toPoint(feature.at);
    const grown = withVertex(tin, at);
    if (!grown) continue;
    tin = grown.tin;
    const surfaceM = tin.z[grown.vertex] ?? 0;
    const rimM = feature.rimM === undefined ? undefined : heightOf(zone, feature.rimM);
    const levelM = Math.max(surfaceM, rimM ?? surfaceM);
    drains.push({ vertex: grown.vertex, levelM, key: feature.id, radiusM: radiusOf(feature) });
    sources.push({ kind: 'spot', at, levelM: rimM ?? surfaceM });
    const name = feature.note.trim() || `${feature.kind === 'outlet' ? 'Outlet' : 'Scupper'} ${count}`;
    outlets.push({
      featureId: feature.id,
      name,
      at,
      surfaceM,
      rimM,
      proudM: rimM === undefined ? undefined : rimM - surfaceM,
    });
  }
  for (const { from, to, side } of tin.rim) {
    const edge = shape.sides[side]?.edge;
    if (!edge || waterAt(edge) === 'held') continue;
    for (const vertex of [from, to]) drains.push({ vertex, levelM: tin.z[vertex] ?? 0, key: `side-${side}` });
    sources.push({
      kind: 'piece',
      from: corner(tin.points, from),
      to: corner(tin.points, to),
      fromM: tin.z[from] ?? 0,
      toM: tin.z[to] ?? 0,
    });
  }
  return { tin, drains, sources, outlets };
}

/** Keys of the edges over which water leaves, by the vertices of their pieces. */
function openPieces(shape: ZoneShape, { rim }: Tin): Map<string, string> {
  return new Map(
    rim.flatMap(({ from, to, side }): [string, string][] => {
      const edge = shape.sides[side]?.edge;
      return !edge || waterAt(edge) === 'held' ? [] : [[sideKey(from, to), `side-${side}`]];
    }),
  );
}

/** The same drains on a finer mesh: every vertex on an open edge lets water go. */
function drainsOn(mesh: Tin, zone: Zone, shape: ZoneShape, { drains }: Drains): Drain[] {
  const spots = drains.filter((d) => zone.features.some((f) => f.id === d.key));
  const edges = mesh.rim.flatMap(({ from, to, side }): Drain[] => {
    const edge = shape.sides[side]?.edge;
    if (!edge || waterAt(edge) === 'held') return [];
    return [from, to].map((vertex) => ({ vertex, levelM: mesh.z[vertex] ?? 0, key: `side-${side}` }));
  });
  return [...spots, ...edges];
}

const LEVELS_NOTE = 'from the triangles over the spot levels';

function pondFigure(pond: Pond, name: string): Figure {
  return {
    label: `${name}, volume`,
    value: pond.volumeL,
    quantity: 'volume',
    formula: '{area} × {mean} × 1000',
    inputs: {
      area: given('area under water', pond.areaM2, 'area', 'measured', LEVELS_NOTE),
      mean: given(
        'mean depth',
        pond.areaM2 > 0 ? pond.volumeL / 1000 / pond.areaM2 : 0,
        'level',
        'measured',
        LEVELS_NOTE,
      ),
    },
    from: 'prisms of water over each triangle up to the sill (priority-flood)',
  };
}

function levellingFigures(zone: Zone, facts: Levelling): NonNullable<FallsReport['levelling']> {
  const volume: Figure = {
    label: `${zone.name}, levelling mix`,
    value: facts.volumeL,
    quantity: 'volume',
    formula: '{area} × {mean} × 1000',
    inputs: {
      area: given('area that is raised', facts.areaM2, 'area', 'measured', LEVELS_NOTE),
      mean: given(
        'mean thickness over it',
        facts.meanM,
        'level',
        'measured',
        `lowest surface with the chosen fall, on a grid of ${(facts.cellM * 1000).toFixed(0)} mm`,
      ),
    },
    from: `fall of ${zone.levels.designFallPct} % toward the drains, adding only (fast marching)`,
  };
  return {
    facts,
    volume,
    mass: {
      label: `${zone.name}, weight of the levelling mix`,
      value: facts.volumeL * zone.levels.mixKgPerL,
      quantity: 'mass',
      formula: '{volume} × {density}',
      inputs: {
        volume,
        density: given('density of the mix', zone.levels.mixKgPerL, 'density', 'typical'),
      },
      from: 'volume by density',
    },
  };
}

function slopeFigures(
  zone: Zone,
  tin: Tin,
  all: readonly Facet[],
  planM2: number,
): Pick<FallsReport, 'meanFall' | 'surfaceArea' | 'belowLeast'> {
  const least = zone.levels.leastFallPct;
  const flat = all.filter((f) => f.fallPct < least).reduce((sum, f) => sum + f.areaM2, 0);
  const fallByArea = all.reduce((sum, f) => sum + f.fallPct * f.areaM2, 0);
  const triangles = given('triangles', tin.triangles.length, 'count', 'measured', LEVELS_NOTE);
  const surface = surfaceAreaM2(all);
  return {
    meanFall: {
      label: `${zone.name}, mean fall`,
      value: planM2 > 0 ? fallByArea / planM2 : 0,
      quantity: 'fall',
      formula: '{sum} / {area}',
      inputs: {
        sum: given('falls by area of each triangle', fallByArea, 'number', 'measured', LEVELS_NOTE),
        area: given('plan area', planM2, 'area', 'measured'),
      },
      from: `mean over ${triangles.value} triangles, by area`,
    },
    surfaceArea: {
      label: `${zone.name}, area on the slope`,
      value: surface,
      quantity: 'area',
      formula: '{area} × {ratio}',
      inputs: {
        area: given('plan area', planM2, 'area', 'measured'),
        ratio: given(
          'surface for a m² of plan',
          planM2 > 0 ? surface / planM2 : 1,
          'number',
          'measured',
          LEVELS_NOTE,
        ),
      },
      from: 'each triangle by sqrt(1 + s²)',
    },
    belowLeast: {
      label: `${zone.name}, falling less than ${least} %`,
      value: flat,
      quantity: 'area',
      formula: '{area} × {share}',
      inputs: {
        area: given('plan area', planM2, 'area', 'measured'),
        share: given(
          'share of it that falls less',
          planM2 > 0 ? flat / planM2 : 0,
          'number',
          'measured',
          LEVELS_NOTE,
        ),
      },
      from: `triangles that fall less than ${least} %`,
    },
  };
}

function rainLoads(
  zone: Zone,
  outlets: readonly Omit<OutletReport, 'takesM2'>[],
  takes: ReadonlyMap<string, number>,
): RainLoad[] {
  const { rain } = zone.levels;
  if (!rain) return [];
  return outlets.flatMap((o) => {
    const feature = zone.features.find((f) => f.id === o.featureId);
    return feature ? [rainLoad(feature, o.name, takes.get(o.featureId) ?? 0, rain)] : [];
  });
}

/** Falls, ponds, outlets and levelling of a zone, or why there are none. */
export function fallsReport(zone: Zone): Result<FallsReport> {
  const quantities = zoneQuantities(zone);
  if (!quantities.ok) return quantities;
  const { shape } = quantities.value;
  const built = buildTin(zone, shape);
  if (!built.ok) return fail(...built.problems);
  const read = readLevels(zone.levels);
  const spots = read.map((l, i) => ({
    p: corner(built.value.points, built.value.levelVertex[i] ?? 0),
    z: heightOf(zone, l.valueM),
  }));
  const set = drainsOf(zone, shape, built.value);
  const { tin } = set;
  const all = facets(tin);
  const planM2 = all.reduce((sum, f) => sum + f.areaM2, 0);
  const flooded = flood(tin, set.drains);
  const takes = catchments(tin, set.drains, flooded, openPieces(shape, tin), (mesh) =>
    drainsOn(mesh, zone, shape, set),
  );
  const nameOf = (key: string | undefined): string | undefined =>
    key === undefined
      ? undefined
      : (set.outlets.find((o) => o.featureId === key)?.name ??
        `side ${Number(key.replace('side-', '')) + 1}`);
  const found = ponds(tin, flooded).map((pond, i): PondReport => {
    const name = `Pond ${i + 1}`;
    return { ...pond, name, volume: pondFigure(pond, name), drainName: nameOf(pond.drain) };
  });
  const facts = levelling(tin, set.sources, zone.levels.designFallPct, planM2);
  const sides = [...takes].filter(([key, m2]) => key.startsWith('side-') && m2 > TOLERANCE.areaM2);
  return ok({
    zoneId: zone.id,
    points: tin.points,
    z: tin.z,
    triangles: tin.triangles,
    facets: all,
    contours: contours(tin, zone.levels.contourMm / 1000),
    // Corners come first among the vertices; the points of an arc are no corners.
    estimated: shape.corners.filter((p) => {
      const v = tin.points.findIndex((q) => q[0] === p[0] && q[1] === p[1]);
      return v >= 0 && tin.estimated[v];
    }).length,
    lowestM: Math.min(...tin.z),
    highestM: Math.max(...tin.z),
    ...slopeFigures(zone, tin, all, planM2),
    outlets: set.outlets.map((o) => ({ ...o, takesM2: takes.get(o.featureId) ?? 0 })),
    edges: sides.map(([key, takesM2]) => ({ side: Number(key.replace('side-', '')), takesM2 })),
    hasDrain: set.drains.length > 0,
    ponds: found,
    pondArea: {
      label: `${zone.name}, under standing water`,
      value: found.reduce((sum, p) => sum + p.areaM2, 0),
      quantity: 'area',
      formula: found.length === 0 ? '0' : found.map((_, i) => `{pond${i + 1}}`).join(' + '),
      inputs: Object.fromEntries(
        found.map((p, i) => [`pond${i + 1}`, given(p.name, p.areaM2, 'area', 'measured', LEVELS_NOTE)]),
      ),
      from: 'sum of the ponds',
    },
    levelling: facts && levellingFigures(zone, facts),
    spikes: spikesIn(
      spots,
      set.outlets.map((o) => o.at),
    ).map((s) => ({ ...s, index: read[s.index]?.index ?? s.index })),
    rain: rainLoads(zone, set.outlets, takes),
  });
}
