declare module 'jsts/org/locationtech/jts/geom/Coordinate.js' {
  export default class Coordinate {
    constructor(x: number, y: number);
  }
}
declare module 'jsts/org/locationtech/jts/geom/GeometryFactory.js' {
  import type Coordinate from 'jsts/org/locationtech/jts/geom/Coordinate.js';
  interface Geometry {
    getArea(): number;
    getLength(): number;
    intersection(other: Geometry): Geometry;
    difference(other: Geometry): Geometry;
    union(other: Geometry): Geometry;
    buffer(by: number): Geometry;
  }
  export default class GeometryFactory {
    createLinearRing(c: Coordinate[]): Geometry;
    createPolygon(outer: Geometry, holes: Geometry[]): Geometry;
  }
}
declare module 'psychrolib' {
  const psychrolib: {
    SI: number;
    SetUnitSystem(s: number): void;
    GetTDewPointFromRelHum(t: number, rh: number): number;
    GetSatVapPres(t: number): number;
    GetTWetBulbFromRelHum(t: number, rh: number, pressurePa: number): number;
    GetVapPresFromRelHum(t: number, rh: number): number;
  };
  export default psychrolib;
}
declare module 'js-quantities' {
  export default class Qty {
    constructor(text: string);
    to(unit: string): Qty;
    scalar: number;
  }
}
