/** Finer meshes over the same surface: its shape does not change, only the number of places that are looked at. */
import { corner, distance, type Point, type Triangle } from '../geometry/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { barycentric, type Tin } from './tin.ts';

interface Growing {
  points: Point[];
  z: number[];
  estimated: boolean[];
}

/** Every triangle into four, at the middles of its sides. */
function quartered(tin: Tin): Tin {
  const grown: Growing = { points: [...tin.points], z: [...tin.z], estimated: [...tin.estimated] };
  const middles = new Map<string, number>();
  const middle = (a: number, b: number): number => {
    const key = a < b ? `${a},${b}` : `${b},${a}`;
    const there = middles.get(key);
    if (there !== undefined) return there;
    const [p, q] = [corner(tin.points, a), corner(tin.points, b)];
    grown.points.push([(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]);
    grown.z.push(((tin.z[a] ?? 0) + (tin.z[b] ?? 0)) / 2);
    grown.estimated.push((tin.estimated[a] ?? false) || (tin.estimated[b] ?? false));
    middles.set(key, grown.points.length - 1);
    return grown.points.length - 1;
  };
  const triangles = tin.triangles.flatMap(([a, b, c]): Triangle[] => {
    const [ab, bc, ca] = [middle(a, b), middle(b, c), middle(c, a)];
    return [
      [a, ab, ca],
      [ab, b, bc],
      [ca, bc, c],
      [ab, bc, ca],
    ];
  });
  const rim = tin.rim.flatMap(({ from, to, side }) => {
    const m = middles.get(from < to ? `${from},${to}` : `${to},${from}`);
    return m === undefined
      ? [{ from, to, side }]
      : [
          { from, to: m, side },
          { from: m, to, side },
        ];
  });
  return { ...tin, ...grown, triangles, rim };
}

/** A mesh of the same surface with at least so many triangles. */
export function refined(tin: Tin, least: number): Tin {
  let mesh = tin;
  while (mesh.triangles.length > 0 && mesh.triangles.length < least) mesh = quartered(mesh);
  return mesh;
}

/** The mesh with a vertex at a point; the surface stays as it is. Undefined where the point lies off it. */
export function withVertex(tin: Tin, p: Point): { tin: Tin; vertex: number } | undefined {
  const there = tin.points.findIndex((q) => distance(p, q) < TOLERANCE.sameSpotM);
  if (there >= 0) return { tin, vertex: there };
  for (const [k, t] of tin.triangles.entries()) {
    const at = barycentric(tin, t, p);
    if (!at?.every((w) => w >= -TOLERANCE.onTriangle)) continue;
    const vertex = tin.points.length;
    const [a, b, c] = t;
    const split: Triangle[] = [
      [a, b, vertex],
      [b, c, vertex],
      [c, a, vertex],
    ];
    return {
      vertex,
      tin: {
        ...tin,
        points: [...tin.points, p],
        z: [...tin.z, at.reduce((sum, w, i) => sum + w * (tin.z[t[i as 0 | 1 | 2]] ?? 0), 0)],
        estimated: [...tin.estimated, t.some((v) => tin.estimated[v])],
        triangles: [...tin.triangles.slice(0, k), ...split, ...tin.triangles.slice(k + 1)],
      },
    };
  }
  return undefined;
}
