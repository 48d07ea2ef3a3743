/** From a zone as measured to its polygon, or the reasons why there is none yet. */
import {
  compassRule,
  corner,
  distance,
  firstCrossing,
  oriented,
  ringInside,
  ringsOverlap,
  signedArea,
  traverse,
  type Point,
  type Polygon,
  type Ring,
  type Traverse,
} from '../geometry/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import type { Opening, Outline, Survey, Zone } from './schema.ts';

/** The corners of an outline. A walk that does not close and is not accepted gives a `notClosed` problem. */
export function outlineRing(outline: Outline, field: string, label: string): Result<Ring> {
  if (outline.kind === 'points') return ok(outline.points);
  const walked = traverse(outline.legs);
  if (walked.closed || outline.adjustmentAccepted) return ok(compassRule(walked.path));
  return fail(notClosed(walked, field, label));
}

function notClosed(walked: Traverse, field: string, label: string): Problem {
  const ratio = walked.ratio === undefined ? '' : `, 1 in ${Math.round(walked.ratio)}`;
  return {
    kind: 'notClosed',
    field,
    label,
    actual: `the walk ends ${walked.gapM.toFixed(3)} m from its start${ratio}`,
    expected: 'a side or turn to be corrected, or the adjustment to be accepted',
  };
}

/**
 * The ring of an opening in the zone's coordinates. A rectangle is set out from the zone's first corner: so far
 * along the first side, so far from that side into the zone.
 */
export function openingRing(opening: Opening, outline: Ring): Ring {
  const s = opening.shape;
  if (s.kind === 'points') return s.points;
  const [start, next] = [corner(outline, 0), corner(outline, 1)];
  const side = distance(start, next) || 1;
  const along: Point = [(next[0] - start[0]) / side, (next[1] - start[1]) / side];
  const hand = signedArea(outline) < 0 ? -1 : 1;
  const into: Point = [-along[1] * hand, along[0] * hand];
  const at = (a: number, b: number): Point => [
    start[0] + along[0] * a + into[0] * b,
    start[1] + along[1] * a + into[1] * b,
  ];
  return [
    at(s.alongM, s.acrossM),
    at(s.alongM + s.lengthM, s.acrossM),
    at(s.alongM + s.lengthM, s.acrossM + s.widthM),
    at(s.alongM, s.acrossM + s.widthM),
  ];
}

function openingProblems(zone: Zone, outer: Ring, rings: readonly Ring[], field: string): Problem[] {
  const problems: Problem[] = [];
  rings.forEach((ring, i) => {
    const name = zone.openings[i]?.name ?? '';
    const at = { field: `${field}/openings/${i}`, label: `${zone.name}, ${name}` };
    if (firstCrossing(ring)) {
      problems.push({
        kind: 'crossing',
        ...at,
        actual: 'its own sides',
        expected: 'sides that meet only at corners',
      });
    } else if (!ringInside(ring, outer)) {
      problems.push({
        kind: 'holeOutside',
        ...at,
        actual: 'it reaches over the edge of the zone',
        expected: 'an opening wholly inside the zone',
      });
    }
    rings.slice(0, i).forEach((other, j) => {
      if (ringsOverlap(ring, other)) {
        const names = `${zone.openings[j]?.name ?? ''} and ${name}`;
        problems.push({ kind: 'holesOverlap', ...at, actual: names, expected: 'openings that do not touch' });
      }
    });
  });
  return problems;
}

export interface ZoneShape {
  readonly polygon: Polygon;
  /** The outer ring as measured, before it was turned counter-clockwise, so that side 1 stays side 1. */
  readonly ring: Ring;
}

/** The polygon of a zone, or every problem that stands in the way. */
export function zoneShape(zone: Zone, field = 'zone'): Result<ZoneShape> {
  const ring = outlineRing(zone.outline, `${field}/outline`, zone.name);
  if (!ring.ok) return ring;
  const crossing = firstCrossing(ring.value);
  if (crossing) {
    return fail({
      kind: 'crossing',
      field: `${field}/outline`,
      label: `${zone.name}, outline`,
      actual: `sides ${crossing[0] + 1} and ${crossing[1] + 1}`,
      expected: 'sides that meet only at corners',
    });
  }
  const holes = zone.openings.map((o) => openingRing(o, ring.value));
  const problems = openingProblems(zone, ring.value, holes, field);
  if (problems.length > 0) return fail(...problems);
  return ok({ polygon: oriented({ outer: ring.value, holes }), ring: ring.value });
}

/** A closing error is the one problem that may be saved: the person goes on measuring. */
const isDraft = (p: Problem): boolean => p.kind === 'notClosed';

/** Everything that keeps a survey from being saved: crossings, stray openings, two zones under one code. */
export function surveyProblems(survey: Survey): Problem[] {
  const problems: Problem[] = [];
  const seen = { id: new Set<string>(), code: new Set<string>() };
  survey.zones.forEach((zone, i) => {
    for (const key of ['id', 'code'] as const) {
      if (seen[key].has(zone[key])) {
        problems.push({
          kind: 'duplicate',
          field: `zones/${i}/${key}`,
          label: `${zone.name}, ${key}`,
          actual: zone[key],
          expected: `another ${key} for each zone`,
        });
      }
      seen[key].add(zone[key]);
    }
    const shape = zoneShape(zone, `zones/${i}`);
    if (!shape.ok) problems.push(...shape.problems.filter((p) => !isDraft(p)));
  });
  return problems;
}
