/** Everything that keeps a survey from being saved. */
import {
  corner,
  distance,
  distanceToPiece,
  insideRing,
  SpotGrid,
  type Point,
  type Ring,
} from '../geometry/index.ts';
import type { Problem } from '../problems/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { featureFacts } from './features.ts';
import { isUnfinished } from './outline.ts';
import { testFacts } from './readings.ts';
import type { Zone, Zones } from './schema.ts';
import { setOut } from './setout.ts';
import { zoneShape, type ZoneShape } from './shape.ts';

/** Whether a point lies in a ring or as near to its edge as a tape can tell. */
export const onZone = (p: Point, ring: Ring): boolean =>
  insideRing(p, ring) || ring.some((a, i) => distanceToPiece(p, a, corner(ring, i + 1)) <= TOLERANCE.onLineM);

const spoken = ([x, y]: Point): string => `${x.toFixed(2)}, ${y.toFixed(2)} m`;

function levelProblems(zone: Zone, shape: ZoneShape, field: string): Problem[] {
  const { toPoint } = setOut(shape.corners);
  const problems: Problem[] = [];
  const spots = new SpotGrid(TOLERANCE.sameSpotM);
  zone.levels.points.forEach((level, i) => {
    const point = toPoint(level.at);
    const at = { field: `${field}/levels/points/${i}`, label: `${zone.name}, level ${i + 1}` };
    if (!onZone(point, shape.ring)) {
      problems.push({
        kind: 'holeOutside',
        ...at,
        actual: `${spoken([level.at.alongM, level.at.acrossM])} from corner 1 is outside the zone`,
        expected: 'a place on the zone',
      });
    }
    const same = spots.near(point).find((k) => distance(spots.at(k), point) < TOLERANCE.sameSpotM);
    spots.add(point);
    const there = same === undefined ? undefined : zone.levels.points[same];
    if (
      same !== undefined &&
      there?.valueM !== undefined &&
      level.valueM !== undefined &&
      Math.abs(there.valueM - level.valueM) > TOLERANCE.sameLevelM
    ) {
      problems.push({
        kind: 'order',
        ...at,
        actual: `${level.valueM.toFixed(3)} m, but level ${same + 1} at the same spot is ${there.valueM.toFixed(3)} m`,
        expected: 'one level for one spot',
      });
    }
  });
  const ids = new Set(zone.levels.points.map((p) => p.id));
  zone.levels.breakLines.forEach((line, i) => {
    const gone = line.find((id) => !ids.has(id));
    if (gone === undefined) return;
    problems.push({
      kind: 'unknown',
      field: `${field}/levels/breakLines/${i}`,
      label: `${zone.name}, break line ${i + 1}`,
      actual: gone,
      expected: 'levels of this zone',
    });
  });
  return problems;
}

function featureProblems(zone: Zone, shape: ZoneShape, field: string): Problem[] {
  const { toPoint } = setOut(shape.corners);
  return zone.features.flatMap((feature, i): Problem[] =>
    [feature.at, ...(feature.to ? [feature.to] : [])]
      .filter((place) => !onZone(toPoint(place), shape.ring))
      .slice(0, 1)
      .map((place) => ({
        kind: 'holeOutside',
        field: `${field}/features/${i}`,
        label: `${zone.name}, ${featureFacts(feature.kind).name.toLowerCase()} ${i + 1}`,
        actual: `${spoken([place.alongM, place.acrossM])} from corner 1 is outside the zone`,
        expected: 'a place on the zone',
      })),
  );
}

function testProblems(zone: Zone, field: string, nowMs: number): Problem[] {
  return zone.tests.flatMap((test, i): Problem[] =>
    Date.parse(test.takenAt) <= nowMs + TOLERANCE.clockMs
      ? []
      : [
          {
            kind: 'outOfRange',
            field: `${field}/tests/${i}/takenAt`,
            label: `${zone.name}, ${testFacts(test.kind).name.toLowerCase()}, time`,
            actual: test.takenAt,
            expected: 'a time that has been',
          },
        ],
  );
}

function duplicates(zone: Zone, field: string): Problem[] {
  const lists = {
    openings: zone.openings,
    features: zone.features,
    tests: zone.tests,
    'levels/points': zone.levels.points,
  };
  return Object.entries(lists).flatMap(([name, list]) => {
    const seen = new Set<string>();
    return list.flatMap(({ id }, i): Problem[] => {
      const twice = seen.has(id);
      seen.add(id);
      if (!twice) return [];
      const label = `${zone.name}, ${name} ${i + 1}, id`;
      return [
        {
          kind: 'duplicate',
          field: `${field}/${name}/${i}/id`,
          label,
          actual: id,
          expected: 'an id of its own',
        },
      ];
    });
  });
}

/**
 * Everything that keeps a survey from being saved: crossings, stray openings and levels, two zones under one code,
 * tests of the future.
 * @param nowMs the present, for tests dated in the future; left out where it is not known
 */
export function surveyProblems(survey: Zones, nowMs?: number): Problem[] {
  const problems: Problem[] = [];
  const seen = { id: new Set<string>(), code: new Set<string>() };
  survey.zones.forEach((zone, i) => {
    const field = `zones/${i}`;
    for (const key of ['id', 'code'] as const) {
      if (seen[key].has(zone[key])) {
        problems.push({
          kind: 'duplicate',
          field: `${field}/${key}`,
          label: `${zone.name}, ${key}`,
          actual: zone[key],
          expected: `another ${key} for each zone`,
        });
      }
      seen[key].add(zone[key]);
    }
    problems.push(...duplicates(zone, field));
    if (nowMs !== undefined) problems.push(...testProblems(zone, field, nowMs));
    const shape = zoneShape(zone, field);
    if (!shape.ok) problems.push(...shape.problems.filter((p) => !isUnfinished(p)));
    else
      problems.push(...levelProblems(zone, shape.value, field), ...featureProblems(zone, shape.value, field));
  });
  return problems;
}
