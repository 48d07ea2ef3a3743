/** Drawings from files, in the file's own units until somebody has confirmed them. */
import type { Point } from '../geometry/index.ts';

/** A straight piece or an arc of a drawing. */
export interface Piece {
  readonly from: Point;
  readonly to: Point;
  /** Rise of an arc over its chord, to the right of from → to; 0 is straight. */
  readonly rise: number;
}

/** Pieces that belong together in the file: a polyline, a line, an arc, a circle. */
export interface Path {
  readonly layer: string;
  readonly pieces: readonly Piece[];
  readonly closed: boolean;
}

export interface LayerFacts {
  readonly name: string;
  readonly paths: number;
  /** Kept out of sight in the file. */
  readonly hidden?: 'off' | 'frozen' | undefined;
}

export type DrawingUnit = 'm' | 'mm' | 'cm' | 'ft' | 'in' | 'dm' | 'km' | 'yd' | 'US survey ft';
/** Those that are offered; the others where a file says that it is drawn in them. */
export const DRAWING_UNITS: readonly DrawingUnit[] = ['m', 'mm', 'cm', 'ft', 'in'];

export interface Drawing {
  readonly paths: readonly Path[];
  readonly layers: readonly LayerFacts[];
  /** What the file says its unit is; undefined when it says nothing that is a length. */
  readonly unit: DrawingUnit | undefined;
  /** A unit that it names and that no roof is drawn in. */
  readonly oddUnit?: string | undefined;
  /** What was left out, in words: "3 texts". */
  readonly leftOut: readonly string[];
}

/** A closed outline found in a drawing, in metres, with the arcs of its sides. */
export interface FoundOutline {
  readonly name: string;
  readonly outer: readonly Point[];
  /** Rise of each side's arc, outward positive. */
  readonly risesM: readonly number[];
  readonly holes: readonly (readonly Point[])[];
}

/** Something that could not be made an outline, and where: reported, never guessed. */
export interface Loose {
  readonly what: 'open' | 'crossing' | 'meeting';
  readonly at: Point;
  readonly says: string;
}
