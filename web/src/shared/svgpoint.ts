/** Where a pointer stands in a drawing, in the drawing's own units. */
import type { Point } from '@lentum/core/geometry';

export function svgPoint(e: PointerEvent): Point {
  const here = e.currentTarget as SVGElement;
  const svg = here.ownerSVGElement ?? (here as SVGSVGElement);
  const box = svg.getBoundingClientRect();
  const scale = svg.viewBox.baseVal.width / box.width;
  return [(e.clientX - box.left) * scale, (e.clientY - box.top) * scale];
}
