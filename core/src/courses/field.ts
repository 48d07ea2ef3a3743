/** What courses have to cover: the zone with its sides' reach, clear of its openings. */
import {
  movedSides,
  oriented,
  reversed,
  signedArea,
  subtract,
  type Area,
  type Ring,
} from '../geometry/index.ts';
import type { Zone, ZoneShape } from '../survey/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { CourseRules } from './schema.ts';

export interface Hole {
  readonly name: string;
  /** The opening itself. */
  readonly ring: Ring;
}

export interface FieldArea {
  /** To be covered, in the zone's plane. */
  readonly area: Area;
  readonly holes: readonly Hole[];
}

const left = (ring: Ring): Ring => (signedArea(ring) < 0 ? reversed(ring) : ring);

/** The field of a zone. */
export function fieldArea(zone: Zone, shape: ZoneShape, rules: CourseRules): FieldArea {
  const flip = signedArea(shape.ring) < 0;
  const reach = shape.sideOf.map((side) => {
    const kind = shape.sides[side]?.edge.kind ?? 'unsaid';
    return kind === 'unsaid' ? 0 : rules.reachMm[kind].value / 1000;
  });
  const n = reach.length;
  // Turned round, piece i goes from corner n−1−i to the one before it.
  const outward = flip ? reach.map((_, i) => reach[(2 * n - 2 - i) % n] ?? 0) : reach;
  let area = movedSides(left(shape.ring), outward);
  const holes = shape.polygon.holes.map((ring, i) => ({
    name: zone.openings[i]?.name ?? '',
    ring: left(ring),
  }));
  const clear = rules.openingClearMm.value / 1000;
  for (const hole of holes)
    area = subtract(
      area,
      movedSides(
        hole.ring,
        hole.ring.map(() => clear),
      ),
    );
  return { area: area.map(oriented), holes };
}

/** Nearer than a millimetre is the same line: a chalk line is no thinner. */
export const CHALK_M = TOLERANCE.arcM;
