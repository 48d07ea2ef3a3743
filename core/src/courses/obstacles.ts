/** Where the end joints of a run may not lie: outlets, places that were kept free, joints of the ply below. */
import type { Point } from '../geometry/index.ts';
import { setOut, type Zone } from '../survey/index.ts';
import { toFrame, toZone } from './frame.ts';
import { merged, type Span } from './joints.ts';
import type { LayerLayout, PlaneLayout } from './layout.ts';
import type { Run } from './runs.ts';
import type { CourseRules } from './schema.ts';

/** A lap of a layer that lies already: its middle line, in the zone's plane. */
export interface LapLine {
  readonly from: Point;
  readonly to: Point;
  readonly kind: 'side' | 'end';
  readonly lapM: number;
  /** Number of the plane it lies on. */
  readonly plane: number;
}

/** Side laps of a plane, as long as the upper course of each is. */
export function sideLapLines({ index, courses, strip, frame }: PlaneLayout): LapLine[] {
  return courses.courses.slice(1).flatMap((c) =>
    c.runs.map((r): LapLine => {
      const v = c.lowM + strip.sideLapM / 2;
      return {
        from: toZone(frame, [r.fromM, v]),
        to: toZone(frame, [r.toM, v]),
        kind: 'side',
        lapM: strip.sideLapM,
        plane: index,
      };
    }),
  );
}

/** Lines within so much of square to the courses count as lying along an end joint. */
const NEARLY = 0.2;

export interface Around {
  readonly zone: Zone;
  readonly layout: LayerLayout;
  readonly rules: CourseRules;
  /** Laps of the ply below. */
  readonly below: readonly LapLine[];
}

/** Outlets and what was kept free, in the zone's plane. */
function forbidden({ zone, layout, rules }: Around): { ring: Point[]; clearM: number }[] {
  const { toPoint } = setOut(layout.shape.corners);
  const low = zone.features
    .filter((f) => f.kind === 'outlet' || f.kind === 'scupper')
    .map((f) => ({ ring: [toPoint(f.at)], clearM: rules.outletClearM.value }));
  const kept = (layout.plan?.keepOff ?? []).map((k) => ({
    ring: [
      [k.alongM, k.acrossM],
      [k.alongM + k.lengthM, k.acrossM],
      [k.alongM + k.lengthM, k.acrossM + k.widthM],
      [k.alongM, k.acrossM + k.widthM],
    ].map(([alongM = 0, acrossM = 0]) => toPoint({ alongM, acrossM })),
    clearM: 0,
  }));
  return [...low, ...kept];
}

/**
 * Spans of every run of a plane, by what does not move.
 * @param staggerM off the end joints of the layer below
 */
export function blockedFor(
  around: Around,
  plane: PlaneLayout,
  staggerM = around.layout.rolled.staggerM,
): (run: Run) => Span[] {
  const { endLapM } = around.layout.rolled;
  const here = (p: Point): Point => toFrame(plane.frame, p);
  const places = forbidden(around).map(({ ring, clearM }) => {
    const points = ring.map(here);
    return {
      fromU: Math.min(...points.map((p) => p[0])) - clearM - endLapM / 2,
      toU: Math.max(...points.map((p) => p[0])) + clearM + endLapM / 2,
      fromV: Math.min(...points.map((p) => p[1])) - clearM,
      toV: Math.max(...points.map((p) => p[1])) + clearM,
    };
  });
  const laps = around.below.flatMap((lap) => {
    const [a, b] = [here(lap.from), here(lap.to)];
    if (Math.abs(a[0] - b[0]) > NEARLY * Math.abs(a[1] - b[1])) return [];
    const clear = lap.kind === 'end' ? staggerM : (lap.lapM + endLapM) / 2;
    return [
      {
        fromU: Math.min(a[0], b[0]) - clear,
        toU: Math.max(a[0], b[0]) + clear,
        fromV: Math.min(a[1], b[1]),
        toV: Math.max(a[1], b[1]),
      },
    ];
  });
  const all = [...places, ...laps];
  return (run) =>
    merged(
      all
        .filter((o) => o.toV > run.lowM + 1e-6 && o.fromV < run.lowM + run.widthM - 1e-6)
        .map((o) => ({ from: o.fromU, to: o.toU })),
    );
}
