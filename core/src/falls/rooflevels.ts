/** What the levels of a zone say of its surface: how it falls, where water stands, how its outlets lie. */
import { given, type Figure } from '../figures/index.ts';
import { corner, type Point, type Triangle } from '../geometry/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import { readLevels, zoneQuantities, type Zone } from '../survey/index.ts';
import { layDrains, type LaidDrains, type LaidOutlet } from './drains.ts';
import { spikesIn, type Spike } from './plane.ts';
import { contours, facets, surfaceAreaM2, type Contour, type Facet } from './slopes.ts';
import { buildTin, heightOf, type Tin } from './tin.ts';
import { flood, ponds, type Flood, type Pond } from './water.ts';

export interface PondReport extends Pond {
  readonly name: string;
  readonly volume: Figure;
  readonly drainName: string | undefined;
}

export interface RoofLevels {
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
  readonly outlets: readonly LaidOutlet[];
  readonly hasDrain: boolean;
  readonly ponds: readonly PondReport[];
  readonly pondArea: Figure;
  readonly spikes: readonly Spike[];
}

/** A surface with what more is asked of it: where its water goes, and how much levels it. */
export interface Laid {
  readonly surface: RoofLevels;
  readonly set: LaidDrains;
  readonly flooded: Flood;
  readonly planM2: number;
}

export const LEVELS_NOTE = 'from the triangles over the spot levels';

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

function slopeFigures(
  zone: Zone,
  tin: Tin,
  all: readonly Facet[],
  planM2: number,
): Pick<RoofLevels, 'meanFall' | 'surfaceArea' | 'belowLeast'> {
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

/** The surface of a zone and what it is made from, or why there is none. */
export function lay(zone: Zone): Result<Laid> {
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
  const set = layDrains(zone, shape, built.value);
  const { tin } = set;
  const all = facets(tin);
  const planM2 = all.reduce((sum, f) => sum + f.areaM2, 0);
  const flooded = flood(tin, set.drains);
  const nameOf = (key: string | undefined): string | undefined =>
    key === undefined
      ? undefined
      : (set.outlets.find((o) => o.featureId === key)?.name ??
        `side ${Number(key.replace('side-', '')) + 1}`);
  const found = ponds(tin, flooded).map((pond, i): PondReport => {
    const name = `Pond ${i + 1}`;
    return { ...pond, name, volume: pondFigure(pond, name), drainName: nameOf(pond.drain) };
  });
  const surface: RoofLevels = {
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
    outlets: set.outlets,
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
    spikes: spikesIn(
      spots,
      set.outlets.map((o) => o.at),
    ).map((s) => ({ ...s, index: read[s.index]?.index ?? s.index })),
  };
  return ok({ surface, set, flooded, planM2 });
}

/** How a zone falls and where water stands on it, without where its water goes; undefined without levels. */
export function roofLevelsOf(zone: Zone): RoofLevels | undefined {
  const laid = readLevels(zone.levels).length > 0 ? lay(zone) : undefined;
  return laid?.ok ? laid.value.surface : undefined;
}

const known = new WeakMap<Zone, { readonly surface: RoofLevels | undefined }>();

/** The same, made once for a zone as it was measured: only for zones that are never changed in place. */
export function knownRoofLevelsOf(zone: Zone): RoofLevels | undefined {
  let made = known.get(zone);
  if (!made) {
    made = { surface: roofLevelsOf(zone) };
    known.set(zone, made);
  }
  return made.surface;
}
