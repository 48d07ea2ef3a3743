/** Lists to work by: what is laid course by course, what is cut roll by roll. */
import { cited } from '../buildup/index.ts';
import type { Given } from '../figures/index.ts';
import { setOut } from '../survey/index.ts';
import { toZone } from './frame.ts';
import type { LayerLayout } from './layout.ts';
import type { CoursePiece, MaterialPlan } from './planned.ts';
import { cornersCut } from './shapes.ts';

export interface CutLine {
  /** From 1. */
  readonly roll: number;
  readonly rollM: number;
  readonly inStock: boolean;
  readonly cut: number;
  readonly atM: number;
  readonly lengthM: number;
  readonly labels: readonly string[];
  readonly slit: boolean;
  readonly places: string;
  /** What is left of the roll after this cut, m. */
  readonly leftM: number;
}

/** The cut list, in cutting order. */
export function cutLines(plan: MaterialPlan): CutLine[] {
  const byLabel = new Map(plan.pieces.map((p) => [p.label, p]));
  const placeOf = (label: string): string => {
    const p = byLabel.get(label);
    if (!p) return '';
    return p.cap ? 'over the ridge' : `course ${p.course + 1}`;
  };
  return plan.rolls.flatMap((roll, i) =>
    roll.cuts.map((c, k): CutLine => ({
      roll: i + 1,
      rollM: roll.lengthM,
      inStock: roll.stockId !== undefined,
      cut: k + 1,
      atM: c.atM,
      lengthM: c.lengthM,
      labels: c.labels,
      slit: c.slit,
      places: [...new Set(c.labels.map(placeOf))].join(', '),
      leftM: roll.lengthM - c.atM - c.lengthM,
    })),
  );
}

export interface LayLine {
  readonly zoneName: string;
  readonly plane: number;
  readonly course: number;
  /** Low edge of the course from the low edge of the field, m on the slope. */
  readonly lowM: number;
  readonly pieces: readonly CoursePiece[];
  readonly note: string;
}

function noteOf(layout: LayerLayout, pieces: readonly CoursePiece[], course: number): string {
  const { layer } = layout.rolled;
  const notes: string[] = [];
  if (course === 0 && layer.kind !== 'protection' && layer.edges === 'one bare')
    notes.push('selvedge up the roof, all rolls run the same way');
  if (course === 0 && layer.kind !== 'protection' && layer.edges === 'one frayed')
    notes.push('straight edge down the roof, frayed edge under the next lap');
  if (course === 0 && layer.kind === 'fabric' && layer.faceDown && layer.faceDown !== 'either')
    notes.push(`${layer.faceDown} face down`);
  if (pieces.some((p) => p.half)) notes.push('half a width');
  if (pieces.some((p) => p.bare))
    notes.push('no selvedge in its upper lap: bed the granules before the next course');
  if (pieces.some((p) => cornersCut(layout, p).length > 0))
    notes.push('at each end lap cut off the corners that are covered');
  return notes.join('; ');
}

/** The lay list of one layer on one zone, from the low edge up. */
export function layLines(plan: MaterialPlan, layout: LayerLayout): LayLine[] {
  return layout.planes.flatMap((plane) =>
    plane.courses.courses.map((c): LayLine => {
      const pieces = plan.pieces
        .filter(
          (p) =>
            p.zoneId === layout.zone.id &&
            p.layerId === layout.rolled.layer.id &&
            p.plane === plane.index &&
            p.course === c.index,
        )
        .sort((a, b) => a.fromM - b.fromM);
      return {
        zoneName: layout.zone.name,
        plane: plane.index,
        course: c.index,
        lowM: c.lowM,
        pieces,
        note: noteOf(layout, pieces, c.index),
      };
    }),
  );
}

/** How long the pieces of a sheet lie unrolled before they are laid; undefined where the layer says nothing of it. */
export const relaxOf = ({ rolled: { layer } }: LayerLayout): Given | undefined =>
  layer.kind === 'sheet' && layer.relaxMinutes
    ? cited(`${layer.name}, lies unrolled for`, layer.relaxMinutes, 'minutes')
    : undefined;

/** Where a piece begins, set out as people do: along side 1 and into the zone, m. */
export function setOutOf(
  layout: LayerLayout,
  piece: CoursePiece,
): { alongM: number; acrossM: number } | undefined {
  const plane = layout.planes.find((p) => p.index === piece.plane);
  return plane && setOut(layout.shape.corners).toPlace(toZone(plane.frame, [piece.fromM, piece.lowM]));
}

const m = (value: number): number => Number(value.toFixed(3));

export const CUT_COLUMNS = [
  'roll',
  'roll_m',
  'from_stock',
  'cut',
  'at_m',
  'length_m',
  'pieces',
  'where',
  'slit',
  'left_m',
] as const;
export const cutRows = (plan: MaterialPlan): (string | number)[][] =>
  cutLines(plan).map((c) => [
    c.roll,
    m(c.rollM),
    c.inStock ? 'yes' : '',
    c.cut,
    m(c.atM),
    m(c.lengthM),
    c.labels.join(' '),
    c.places,
    c.slit ? 'lengthwise' : '',
    m(c.leftM),
  ]);

export const LAY_COLUMNS = [
  'zone',
  'plane',
  'course',
  'low_edge_m',
  'piece',
  'from_m',
  'to_m',
  'length_m',
  'width_m',
  'roll',
  'note',
] as const;
export const layRows = (plan: MaterialPlan, layout: LayerLayout): (string | number)[][] =>
  layLines(plan, layout).flatMap((l) =>
    l.pieces.map((p) => [
      l.zoneName,
      l.plane + 1,
      l.course + 1,
      m(l.lowM),
      p.label,
      m(p.fromM),
      m(p.toM),
      m(p.toM - p.fromM),
      m(p.widthM),
      p.roll + 1,
      l.note,
    ]),
  );
