/** The package's own types are its source, which does not pass this project's stricter checks. */
interface Triangulation {
  triangles: ArrayLike<number>;
  halfedges: ArrayLike<number>;
  coords: ArrayLike<number>;
}
/** Makes each pair of points an edge of the triangulation, in place; throws where they cross. */
declare const Constrainautor: new (
  del: Triangulation,
  edges?: readonly (readonly [number, number])[],
) => object;
export default Constrainautor;
