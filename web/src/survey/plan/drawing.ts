/** What the plan shows, as lists of marks in metres of the plan: no colours, no picture points. */
import { arcPoints, labelPoint, signedArea, traverse, type Point, type Ring } from '@lentum/core/geometry';
import {
  featureFacts,
  openingRing,
  placing,
  planCorners,
  setOut,
  sideAt,
  sketchOf,
  type Edge,
  type Feature,
  type Zone,
} from '@lentum/core/survey';

/** A bend of a hundredth of a picture point is straight enough. */
const PICTURE_TOLERANCE_M = 0.005;

interface SideMark {
  readonly side: number;
  readonly points: readonly Point[];
  readonly middle: Point;
  /** Unit vector away from the zone. */
  readonly outward: Point;
  readonly lengthM: number;
  readonly edge: Edge;
}

export interface ZoneMarks {
  readonly zone: Zone;
  readonly corners: Ring;
  readonly ring: Ring;
  readonly sides: readonly SideMark[];
  readonly openings: readonly { readonly id: string; readonly name: string; readonly ring: Ring }[];
  readonly features: readonly FeatureMark[];
  readonly label: Point;
  /** A walk that does not close, as it was taped; its adjustment is not accepted. */
  readonly open: readonly Point[];
}

export interface FeatureMark {
  readonly feature: Feature;
  readonly name: string;
  readonly at: Point;
  readonly to: Point | undefined;
  readonly look: 'water' | 'pipe' | 'post' | 'defect' | 'fixings' | 'line' | 'crack';
}

function lookOf({ kind }: Feature): FeatureMark['look'] {
  if (kind === 'outlet' || kind === 'scupper') return 'water';
  if (kind === 'pipe' || kind === 'pipe-cluster') return 'pipe';
  if (kind === 'post' || kind === 'support') return 'post';
  if (kind === 'fasteners') return 'fixings';
  if (kind === 'board-joint' || kind === 'sheet-lap') return 'line';
  return featureFacts(kind).form === 'line' ? 'crack' : 'defect';
}

function openWalk({ outline }: Zone): readonly Point[] {
  if (outline.kind !== 'walk' || outline.adjustmentAccepted) return [];
  const walked = traverse(outline.legs);
  return walked.closed ? [] : walked.path;
}

export function zoneMarks(zone: Zone): ZoneMarks {
  const { toPlan } = placing(zone.plot);
  const corners = planCorners(zone);
  const local = sketchOf(zone.outline);
  const hand = signedArea(corners) < 0 ? -1 : 1;
  const sides = corners.map((from, side): SideMark => {
    const to = corners[(side + 1) % corners.length] ?? from;
    const { edge, riseM } = sideAt(zone.sides, side);
    const chord = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
    const outward: Point = [((to[1] - from[1]) / chord) * hand, (-(to[0] - from[0]) / chord) * hand];
    return {
      side,
      points: [...arcPoints(from, to, riseM * hand, PICTURE_TOLERANCE_M), to],
      middle: [(from[0] + to[0]) / 2 + outward[0] * riseM, (from[1] + to[1]) / 2 + outward[1] * riseM],
      outward,
      lengthM: chord,
      edge,
    };
  });
  const ring = sides.flatMap((s) => s.points.slice(0, -1));
  const { toPoint } = local.length > 2 ? setOut(local) : { toPoint: (): Point => [0, 0] };
  const openings = local.length > 2 ? zone.openings : [];
  return {
    zone,
    corners,
    ring,
    sides,
    openings: openings.map((o) => ({
      id: o.id,
      name: o.name,
      ring: openingRing(o, local).map(toPlan),
    })),
    features: zone.features.map((feature) => ({
      feature,
      name: feature.note.trim() || featureFacts(feature.kind).name,
      at: toPlan(toPoint(feature.at)),
      to: feature.to && toPlan(toPoint(feature.to)),
      look: lookOf(feature),
    })),
    open: openWalk(zone).map(toPlan),
    label: ring.length > 2 ? labelPoint([{ outer: ring, holes: [] }]) : [0, 0],
  };
}
