/** What of the rules is not kept, in words: of what was laid by hand, and of what could not be laid otherwise. */
import type { Problem } from '../problems/index.ts';
import { setOut } from '../survey/index.ts';
import { CHALK_M } from './field.ts';
import { toFrame } from './frame.ts';
import type { LayerLayout, PlaneLayout } from './layout.ts';
import { blockedFor, type LapLine } from './obstacles.ts';
import type { CoursePiece, MaterialPlan } from './planned.ts';
import type { CourseRules } from './schema.ts';

const m = (value: number): string => `${value.toFixed(2)} m`;
const mm = (value: number): string => `${Math.round(value * 1000)} mm`;

interface Joint {
  readonly at: number;
  readonly piece: CoursePiece;
}

function jointsIn(plan: MaterialPlan, layout: LayerLayout, plane: PlaneLayout): Joint[] {
  return plan.pieces
    .filter(
      (p) =>
        p.zoneId === layout.zone.id &&
        p.layerId === layout.rolled.layer.id &&
        p.plane === plane.index &&
        p.lapLeft,
    )
    .map((piece) => ({ at: piece.fromM + layout.rolled.endLapM / 2, piece }));
}

function ofJoints(
  plan: MaterialPlan,
  layout: LayerLayout,
  plane: PlaneLayout,
  rules: CourseRules,
  below: readonly LapLine[],
): Problem[] {
  const joints = jointsIn(plan, layout, plane);
  const problems: Problem[] = [];
  const { staggerM } = layout.rolled;
  for (const a of joints)
    for (const b of joints) {
      const apart = Math.abs(a.at - b.at);
      if (b.piece.course !== a.piece.course + 1 || apart >= staggerM - CHALK_M) continue;
      problems.push({
        kind: 'order',
        field: 'courses',
        label: `${a.piece.label} and ${b.piece.label}, end joints`,
        actual: `${m(apart)} apart`,
        expected: `at least ${m(staggerM)} between end joints of neighbouring courses`,
      });
    }
  const blocked = blockedFor({ zone: layout.zone, layout, rules, below }, plane);
  for (const { at, piece } of joints) {
    const run = plane.courses.courses[piece.course]?.runs.find(
      (r) => r.fromM <= piece.fromM + CHALK_M && r.toM >= piece.toM - CHALK_M,
    );
    if (!run || !blocked(run).some((s) => at > s.from + CHALK_M && at < s.to - CHALK_M)) continue;
    problems.push({
      kind: 'order',
      field: 'courses',
      label: `${piece.label}, end joint`,
      actual: 'it lies too near an outlet, a place kept free, or a joint of the layer below',
      expected: `a joint ${m(rules.outletClearM.value)} off outlets, off places kept free, and off the joints below`,
    });
  }
  return problems;
}

/** Side laps over those of the layer below. */
function ofSideLaps(layout: LayerLayout, plane: PlaneLayout, below: readonly LapLine[]): Problem[] {
  if (layout.rolled.relation !== 'centred') return [];
  const { strip, courses, frame } = plane;
  const pitch = strip.widthM - strip.sideLapM;
  const asked = (pitch - strip.sideLapM) / 2 - 2 * CHALK_M;
  // The courses of another plane lie at their own heights.
  const lines = below
    .filter((l) => l.kind === 'side' && l.plane === plane.index)
    .map((l) => toFrame(frame, l.from)[1]);
  let nearest = Infinity;
  for (const c of courses.courses.slice(1))
    for (const v of lines) nearest = Math.min(nearest, Math.abs(c.lowM + strip.sideLapM / 2 - v));
  if (nearest >= asked) return [];
  return [
    {
      kind: 'order',
      field: 'courses',
      label: `${layout.zone.name}, ${layout.rolled.layer.name}, side laps`,
      actual: `${mm(nearest)} off those of the layer below`,
      expected: `about half a course, ${mm(pitch / 2)}, from joint to joint`,
    },
  ];
}

function ofStart(layout: LayerLayout, plane: PlaneLayout, rules: CourseRules): Problem[] {
  const problems: Problem[] = [];
  const { courses, strip } = plane;
  const asked = layout.plan?.firstM;
  const label = `${layout.zone.name}, ${layout.rolled.layer.name}`;
  if (asked !== undefined && (asked > strip.widthM || asked <= strip.sideLapM)) {
    problems.push({
      kind: 'outOfRange',
      field: 'firstM',
      label: `${label}, width of the first course`,
      actual: m(asked),
      expected: `more than the side lap of ${mm(strip.sideLapM)}, at most the roll’s ${m(strip.widthM)}`,
    });
  }
  const least = rules.leastTopMm.value / 1000;
  if (courses.courses.length > 1 && courses.topShowsM < least - CHALK_M) {
    problems.push({
      kind: 'tooFew',
      field: 'firstM',
      label: `${label}, last course`,
      actual: `${mm(courses.topShowsM)} of it show`,
      expected: `at least ${mm(least)}: move the start line`,
    });
  }
  return problems;
}

function ofHand(plan: MaterialPlan, layout: LayerLayout): Problem[] {
  const problems: Problem[] = [];
  const longest = Math.max(...layout.rolled.sale.map((s) => s.lengthM));
  for (const f of layout.plan?.fixed ?? []) {
    const label = `${layout.zone.name}, ${layout.rolled.layer.name}, piece fixed in course ${f.course + 1}`;
    const laid = plan.pieces.some((p) => p.zoneId === layout.zone.id && p.fixedBy === f.id);
    if (f.toM - f.fromM > longest + 1e-9)
      problems.push({
        kind: 'outOfRange',
        field: `fixed/${f.id}`,
        label,
        actual: m(f.toM - f.fromM),
        expected: `at most a roll of ${m(longest)}`,
      });
    else if (!laid)
      problems.push({
        kind: 'unknown',
        field: `fixed/${f.id}`,
        label,
        actual: `${m(f.fromM)} to ${m(f.toM)}`,
        expected: 'a place where that course lies: it is left out',
      });
  }
  const { toPlace } = setOut(layout.shape.corners);
  const box = layout.shape.ring.map(toPlace);
  for (const k of layout.plan?.keepOff ?? []) {
    const out =
      k.alongM > Math.max(...box.map((b) => b.alongM)) ||
      k.alongM + k.lengthM < Math.min(...box.map((b) => b.alongM)) ||
      k.acrossM > Math.max(...box.map((b) => b.acrossM)) ||
      k.acrossM + k.widthM < Math.min(...box.map((b) => b.acrossM));
    if (out)
      problems.push({
        kind: 'outOfRange',
        field: `keepOff/${k.id}`,
        label: `${layout.zone.name}, ${k.name}`,
        actual: 'it lies outside the zone',
        expected: 'a place on the zone',
      });
  }
  return problems;
}

/** Openings that end courses: said, as it makes pieces on both sides. */
export function interrupted(layout: LayerLayout): { name: string; courses: number }[] {
  return layout.holes.flatMap((hole) => {
    let courses = 0;
    for (const plane of layout.planes) {
      const points = hole.ring.map((p) => toFrame(plane.frame, p));
      const [from, to] = [Math.min(...points.map((p) => p[0])), Math.max(...points.map((p) => p[0]))];
      for (const c of plane.courses.courses)
        if (
          c.runs.some((r) => Math.abs(r.toM - from) < 0.35) &&
          c.runs.some((r) => Math.abs(r.fromM - to) < 0.35)
        )
          courses += 1;
    }
    return courses > 0 ? [{ name: hole.name, courses }] : [];
  });
}

/** A ridge that parts nothing: courses run over it as if it were not there. */
const idleRidge =
  (layout: LayerLayout) =>
  (where: string): Problem => ({
    kind: 'order',
    field: 'features',
    label: `${layout.zone.name}, ${where}`,
    actual: 'it ends inside the roof, so that courses run straight over it',
    expected: 'ends on the outline, or on another ridge or break line',
  });

/** Every rule that a plan breaks. */
export function reviewed(
  plan: MaterialPlan,
  rules: CourseRules,
  below: (layout: LayerLayout) => readonly LapLine[],
): Problem[] {
  return plan.material.layouts.flatMap((layout) => {
    const laps = below(layout);
    return [
      ...layout.planes.flatMap((plane) => [
        ...ofStart(layout, plane, rules),
        ...ofSideLaps(layout, plane, laps),
        ...ofJoints(plan, layout, plane, rules, laps),
      ]),
      ...ofHand(plan, layout),
      ...layout.idle.map(idleRidge(layout)),
    ];
  });
}
