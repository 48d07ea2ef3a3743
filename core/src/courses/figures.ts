/** Figures of one material's courses, each with its working. */
import { sumOf } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import { areaOf, mapArea } from '../geometry/index.ts';
import { toFrame } from './frame.ts';
import type { LayerLayout, PlaneLayout } from './layout.ts';
import type { CoursePiece, MaterialPlan } from './planned.ts';
import { cornersCut } from './shapes.ts';

export interface CoursesFigures {
  /** Roll that the runs need, half widths counted half, with the end laps that rolls of this length force. */
  readonly needed: Figure;
  /** What no cutting goes below, rolls of the longest length. */
  readonly least: Figure;
  readonly sideLaps: Figure;
  readonly endLaps: Figure;
  /** Laps to be sealed, welded or rolled. */
  readonly laps: Figure;
  /** Area of the laps: what primer or adhesive on them covers. */
  readonly lapArea: Figure;
  /** Share of what is cut off the rolls that does not show. */
  readonly waste: Figure;
  /** Corners that are cut off where an end lap meets a side lap. */
  readonly cornerCuts: number;
}

const length = (label: string, value: number, note: string): Given =>
  given(label, value, 'length', 'definition', note);

/** How far a piece lies over the course below it. */
function lapBelow(piece: CoursePiece, plane: PlaneLayout): number {
  const below = plane.courses.courses[piece.course - 1];
  return (below?.runs ?? []).reduce(
    (sum, r) => sum + Math.max(0, Math.min(piece.toM, r.toM) - Math.max(piece.fromM, r.fromM)),
    0,
  );
}

const withPlane = (plan: MaterialPlan): { piece: CoursePiece; layout: LayerLayout; plane: PlaneLayout }[] =>
  plan.pieces.flatMap((piece) => {
    const layout = plan.material.layouts.find(
      (l) => l.zone.id === piece.zoneId && l.rolled.layer.id === piece.layerId,
    );
    const plane = layout?.planes.find((p) => p.index === piece.plane);
    return layout && plane ? [{ piece, layout, plane }] : [];
  });

/** Figures of a material; undefined where nothing could be cut. */
export function coursesFigures(plan: MaterialPlan): CoursesFigures | undefined {
  const { answer, material } = plan;
  if (!answer) return undefined;
  const seated = withPlane(plan);
  const endLap = given('end lap', material.endLapM * 1000, 'lap', 'data sheet');
  const joints = answer.leastPieces - new Set(answer.pieces.map((p) => p.runner)).size;
  const longest = Math.max(...material.sale.map((s) => s.lengthM));
  const stock = length('in the store', plan.stockM, 'left-overs and rolls in stock');
  const runs = length('all runs', plan.runM, 'from end to end of each course; half widths counted half');
  const needed: Figure = {
    label: `${plan.name}, roll needed`,
    value: plan.runM + (joints * endLap.value) / 1000,
    quantity: 'length',
    formula: '{runs} + {joints} × {lap} / 1000',
    inputs: {
      runs,
      joints: given('joints that cannot be avoided', joints, 'count', 'definition'),
      lap: endLap,
    },
    from: 'a run longer than a roll has at least so many joints',
  };
  const roll = given('longest roll', longest, 'length', 'data sheet');
  const byLength: Figure = {
    label: `${plan.name}, rolls by length`,
    value: Math.max(0, Math.ceil((needed.value - plan.stockM) / longest - 1e-7)),
    quantity: 'count',
    formula: 'ceil(({needed} − {stock}) / {roll} − 0.0000001)',
    inputs: { needed, stock, roll },
    from: 'no cutting gives more than the length of its rolls',
  };
  const least: Figure = {
    label: `${plan.name}, rolls at least`,
    value: Math.max(byLength.value, answer.leastRolls),
    quantity: 'count',
    formula: 'max({byLength}, {byCuts})',
    inputs: {
      byLength,
      byCuts: given(
        'by what a roll can be cut into',
        answer.leastRolls,
        'count',
        'definition',
        'half widths two by two, pieces that do not fit each other, joints that a group of rolls needs',
      ),
    },
    from: 'the higher of two bounds',
  };
  const byCourse = new Map<string, number>();
  for (const { piece, layout, plane } of seated) {
    if (piece.course === 0) continue;
    const key = `${layout.zone.name}, ${layout.rolled.layer.name}, course ${piece.course + 1}`;
    byCourse.set(key, (byCourse.get(key) ?? 0) + lapBelow(piece, plane));
  }
  const sideLaps = sumOf(
    `${plan.name}, side laps`,
    'length',
    [...byCourse].map(([name, m]) => length(name, m, 'over the course below')),
    'sum of the courses',
  );
  const ends = seated.filter(({ piece }) => piece.lapLeft);
  const width = ends.reduce((sum, { piece }) => sum + piece.widthM, 0);
  const endLaps: Figure = {
    label: `${plan.name}, end laps`,
    value: width,
    quantity: 'length',
    formula: '{widths}',
    inputs: { widths: length(`${ends.length} end laps`, width, 'across the width of each piece') },
    from: 'sum of the end laps',
  };
  const laps: Figure = {
    label: `${plan.name}, laps in all`,
    value: sideLaps.value + endLaps.value,
    quantity: 'length',
    formula: '{side} + {end}',
    inputs: { side: sideLaps, end: endLaps },
    from: 'side laps and end laps',
  };
  const sideArea = seated.reduce(
    (sum, { piece, plane }) => sum + (piece.course > 0 ? lapBelow(piece, plane) * plane.strip.sideLapM : 0),
    0,
  );
  const side = given(
    'mean width of the side laps',
    sideLaps.value > 0 ? (sideArea / sideLaps.value) * 1000 : material.endLapM * 1000,
    'lap',
    'definition',
    'as laid',
  );
  const lapArea: Figure = {
    label: `${plan.name}, area of the laps`,
    value: (sideLaps.value * side.value + endLaps.value * endLap.value) / 1000,
    quantity: 'area',
    formula: '({side} × {sideLap} + {end} × {endLap}) / 1000',
    inputs: { side: sideLaps, sideLap: side, end: endLaps, endLap },
    from: 'length by width of the laps',
  };
  const field = material.layouts.reduce(
    (sum, l) => sum + l.planes.reduce((s, p) => s + areaOf(mapArea(p.area, (q) => toFrame(p.frame, q))), 0),
    0,
  );
  const opened = plan.rolls.reduce((sum, r) => sum + r.lengthM, 0);
  const used = length(
    'cut off the rolls',
    opened - answer.longestLeftM,
    'all rolls but the longest left-over',
  );
  const w = given('width of the roll', material.widthM, 'length', 'data sheet');
  const waste: Figure = {
    label: `${plan.name}, laps and offcuts`,
    value: used.value > 0 ? 1 - field / (used.value * w.value) : 0,
    quantity: 'share',
    formula: used.value > 0 ? '1 − {field} / ({used} × {width})' : '0 × {field} × {used} × {width}',
    inputs: { field: given('field', field, 'area', 'measured', 'to the reach of its sides'), used, width: w },
    from: 'share of what is cut off the rolls that does not show',
  };
  const cornerCuts = ends.reduce((sum, e) => sum + cornersCut(e.layout, e.piece).length, 0);
  return { needed, least, sideLaps, endLaps, laps, lapArea, waste, cornerCuts };
}

/** How good a plan is, in words that claim no more than is proven. */
export function howGood(plan: MaterialPlan): 'least of any start' | 'least here' | 'near' | 'none' {
  if (!plan.answer) return 'none';
  const rolls = plan.bought.reduce((sum, b) => sum + b.count, 0);
  if (plan.material.sale.length === 1 && rolls <= plan.leastAnyStart) return 'least of any start';
  return plan.answer.proven ? 'least here' : 'near';
}
