/** Ways off a zone: its outlets and scuppers, and the edges that let water go. */
import { corner, type Point } from '../geometry/index.ts';
import { setOut, waterAt, type Feature, type Zone, type ZoneShape } from '../survey/index.ts';
import type { Source } from './levelling.ts';
import { withVertex } from './mesh.ts';
import { sideKey } from './runoff.ts';
import { heightOf, type Tin } from './tin.ts';
import type { Drain } from './water.ts';

export interface LaidOutlet {
  readonly featureId: string;
  readonly name: string;
  readonly at: Point;
  readonly surfaceM: number;
  readonly rimM: number | undefined;
  /** Rim above the surface around it, metres; undefined without a level of the rim. */
  readonly proudM: number | undefined;
}

const isDrain = (f: Feature): boolean => f.kind === 'outlet' || f.kind === 'scupper';

/** Half of what an outlet or a scupper is wide, metres. */
const radiusOf = (f: Feature): number => (f.sizes.diameterMm ?? f.sizes.widthMm ?? 0) / 2000;

export interface LaidDrains {
  /** With the shape of the zone, and a vertex at every outlet. */
  readonly shape: ZoneShape;
  readonly tin: Tin;
  readonly drains: readonly Drain[];
  readonly sources: readonly Source[];
  readonly outlets: readonly LaidOutlet[];
}

/** @param measured the surface over the levels */
export function layDrains(zone: Zone, shape: ZoneShape, measured: Tin): LaidDrains {
  const { toPoint } = setOut(shape.corners);
  let tin = measured;
  const drains: Drain[] = [];
  const sources: Source[] = [];
  const outlets: LaidOutlet[] = [];
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
  return { shape, tin, drains, sources, outlets };
}

/** Keys of the edges over which water leaves, by the vertices of their pieces. */
export function openPieces({ shape, tin: { rim } }: LaidDrains): Map<string, string> {
  return new Map(
    rim.flatMap(({ from, to, side }): [string, string][] => {
      const edge = shape.sides[side]?.edge;
      return !edge || waterAt(edge) === 'held' ? [] : [[sideKey(from, to), `side-${side}`]];
    }),
  );
}

/** The same drains on a finer mesh: every vertex on an open edge lets water go. */
export function drainsOn(mesh: Tin, { shape, drains, outlets }: LaidDrains): Drain[] {
  const spots = drains.filter((d) => outlets.some((o) => o.featureId === d.key));
  const edges = mesh.rim.flatMap(({ from, to, side }): Drain[] => {
    const edge = shape.sides[side]?.edge;
    if (!edge || waterAt(edge) === 'held') return [];
    return [from, to].map((vertex) => ({ vertex, levelM: mesh.z[vertex] ?? 0, key: `side-${side}` }));
  });
  return [...spots, ...edges];
}
