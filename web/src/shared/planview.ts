/** From roof metres to picture points: y up becomes y down, the whole of it fitted in with a margin. */
import { boxOf, type Area, type Point, type Ring } from '@lentum/core/geometry';

export interface PlanView {
  readonly pointsPerM: number;
  readonly width: number;
  readonly height: number;
  readonly at: (p: Point) => Point;
  /** From a point of the picture back to the roof. */
  readonly back: (p: Point) => Point;
}

export function planView(
  rings: readonly Ring[],
  width: number,
  mostHeight: number,
  margin: number,
): PlanView {
  const box = boxOf(rings);
  const [w, h] = [Math.max(box.maxX - box.minX, 0.5), Math.max(box.maxY - box.minY, 0.5)];
  const pointsPerM = Math.max(1, Math.min((width - 2 * margin) / w, (mostHeight - 2 * margin) / h));
  const height = h * pointsPerM + 2 * margin;
  const left = (width - w * pointsPerM) / 2;
  return {
    pointsPerM,
    width,
    height,
    at: ([x, y]) => [left + (x - box.minX) * pointsPerM, height - margin - (y - box.minY) * pointsPerM],
    back: ([x, y]) => [box.minX + (x - left) / pointsPerM, box.minY + (height - margin - y) / pointsPerM],
  };
}

const ringPath = (ring: Ring, view: PlanView): string =>
  ring
    .map(
      (p, i) =>
        `${i === 0 ? 'M' : 'L'}${view
          .at(p)
          .map((v) => v.toFixed(1))
          .join(' ')}`,
    )
    .join('') + 'Z';

export const areaPath = (area: Area, view: PlanView): string =>
  area
    .flatMap((p) => [p.outer, ...p.holes])
    .map((r) => ringPath(r, view))
    .join('');

/** A round length for the scale bar: 1, 2 or 5 times a power of ten, near to a share of the picture's width. */
export function scaleBarM(view: Pick<PlanView, 'width' | 'pointsPerM'>, metresPerUnit: number): number {
  const wanted = (view.width * 0.14) / view.pointsPerM / metresPerUnit;
  const power = 10 ** Math.floor(Math.log10(wanted));
  const step =
    [1, 2, 5, 10]
      .map((k) => k * power)
      .filter((v) => v <= wanted)
      .at(-1) ?? power;
  return step * metresPerUnit;
}
