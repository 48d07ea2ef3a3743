/** Finer meshes over the same surface: its shape does not change, only the number of places that are looked at. */
import { corner, distance, distanceToPiece, type Point, type Triangle } from '../geometry/index.ts';
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
  const vertex = tin.points.length;
  /** Of the first triangle that holds it: the point's height, and whether it is estimated. */
  let held: { z: number; estimated: boolean } | undefined;
  // A point on a side lies in both triangles beside it: each is parted, so that they keep meeting along whole sides.
  const triangles = tin.triangles.flatMap((t): Triangle[] => {
    const at = barycentric(tin, t, p);
    if (!at?.every((w) => w >= -TOLERANCE.onTriangle)) return [t];
    held ??= {
      z: at.reduce((sum, w, i) => sum + w * (tin.z[t[i as 0 | 1 | 2]] ?? 0), 0),
      estimated: t.some((v) => tin.estimated[v]),
    };
    const [a, b, c] = t;
    const parts: [number, Triangle][] = [
      [at[2], [a, b, vertex]],
      [at[0], [b, c, vertex]],
      [at[1], [c, a, vertex]],
    ];
    return parts.flatMap(([opposite, part]) => (opposite > TOLERANCE.onTriangle ? [part] : []));
  });
  if (held)
    return {
      vertex,
      tin: {
        ...tin,
        points: [...tin.points, p],
        z: [...tin.z, held.z],
        estimated: [...tin.estimated, held.estimated],
        triangles,
        rim: tin.rim.flatMap((piece) => {
          const [from, to] = [corner(tin.points, piece.from), corner(tin.points, piece.to)];
          if (distanceToPiece(p, from, to) > TOLERANCE.atVertexM) return [piece];
          return [
            { ...piece, to: vertex },
            { ...piece, from: vertex },
          ];
        }),
      },
    };
  return undefined;
}
