/** Courses as they are drawn: on the plan of the screen, and on paper. */
import { describe, expect, it } from 'vitest';
import { velmora } from '@lentum/demo';
import {
  jointLines,
  layoutDrawing,
  piecesDrawn,
  planBlocks,
  type LayerLayout,
  type MaterialPlan,
} from '../src/courses/index.ts';
import { areaOf, insideArea, signedArea, type Point } from '../src/geometry/index.ts';
import { quickCourses } from '../src/order/index.ts';
import { drawingSvg, printoutSchema, tellingOf, type Shape } from '../src/printout/index.ts';

const job = velmora(new Date('2026-05-12T09:00:00Z'));
const t = tellingOf({ units: 'metric', timeZone: 'UTC' });
const planned = quickCourses(job.survey, job.buildUp, job.order);
const layouts = planned.materials.flatMap((plan) =>
  plan.material.layouts.map((layout): [string, MaterialPlan, LayerLayout] => [
    `${layout.zone.name}, ${plan.name}`,
    plan,
    layout,
  ]),
);
const paths = (shapes: readonly Shape[]): Extract<Shape, { kind: 'path' }>[] =>
  shapes.flatMap((s) => (s.kind === 'path' ? [s] : []));
const areaIn = (points: readonly Point[]): number => Math.abs(signedArea(points)) / 1e6;

describe.each(layouts)('%s', (_name, plan, layout) => {
  const drawn = piecesDrawn(plan, layout);

  it('is drawn inside its zone, each label on its own piece', () => {
    expect(drawn.length).toBeGreaterThan(0);
    for (const d of drawn) {
      expect(areaOf(d.shape)).toBeGreaterThan(0);
      expect(insideArea(d.at, d.shape)).toBe(true);
      expect(d.roomM).toBeLessThanOrEqual(d.piece.toM - d.piece.fromM + d.piece.widthM);
      expect(Math.abs(d.turn)).toBeLessThanOrEqual(90);
    }
    // A joint for each course but the first, and one for each piece that laps over the one before it.
    const own = drawn.map((d) => d.piece).filter((p) => !p.cap);
    const joints = own.filter((p) => p.course > 0).length + own.filter((p) => p.lapLeft).length;
    expect(jointLines(layout, own)).toHaveLength(joints);
  });

  it('stands on paper: every piece in its true size, a label in its own piece, nothing outside the frame', () => {
    const drawing = layoutDrawing(plan, layout, t);
    const [left, top, width, height] = drawing.frame;
    const pieces = paths(drawing.shapes).slice(0, drawn.length);
    const whole = drawn.every((d) => d.shape.length === 1 && d.shape[0]?.holes.length === 0);
    if (whole)
      for (const [i, d] of drawn.entries())
        expect(areaIn(pieces[i]?.points ?? [])).toBeCloseTo(areaOf(d.shape), 6);
    for (const s of paths(drawing.shapes))
      for (const [x, y] of s.points) {
        expect(x).toBeGreaterThanOrEqual(left);
        expect(x).toBeLessThanOrEqual(left + width);
        expect(y).toBeGreaterThanOrEqual(top);
        expect(y).toBeLessThanOrEqual(top + height);
      }
    const labels = drawing.shapes.flatMap((s) => (s.kind === 'text' ? [s] : []));
    for (const s of labels) {
      const label = s.text.split(' · ')[0];
      const of = drawn.find((d) => d.piece.label === label);
      expect(of).toBeDefined();
      if (!of) continue;
      expect(s.turnDeg).toBe(of.turn);
      // Written along its course, no longer than the room there.
      expect(s.text.length * 0.6 * s.size).toBeLessThan(of.roomM * 1000);
      if (s.text.includes(' · ')) expect(s.text).toContain(t.value(of.piece.toM - of.piece.fromM, 'length'));
    }
  });

  it('is a printout that the server takes, and an SVG that turns its labels', () => {
    const blocks = planBlocks(plan, layout, t);
    expect(printoutSchema.safeParse({ title: 't', job: 'j', made: 'm', blocks }).success).toBe(true);
    const drawing = layoutDrawing(plan, layout, t);
    const turned = drawing.shapes.filter((s) => s.kind === 'text' && s.turnDeg);
    expect(drawingSvg(drawing, 'Body').split(' transform="rotate(').length - 1).toBe(turned.length);
  });
});
