/**
 * Plane geometry of roofs. Axes: x to the right, y up the sheet, metres, right-handed. Rings are open (the first
 * corner is not repeated), outer rings counter-clockwise, holes clockwise once they have been through `oriented`.
 */
export type Point = readonly [x: number, y: number];
export type Ring = readonly Point[];

export interface Polygon {
  readonly outer: Ring;
  readonly holes: readonly Ring[];
}

/** Several polygons that count as one area. */
export type Area = readonly Polygon[];

export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}
