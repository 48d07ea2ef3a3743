/** Pieces to be cut from rolls, as the rectangles round them, and where they lie. */
export interface Cut {
  readonly key: string;
  readonly label: string;
  /** The rectangle, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly count: number;
}

export interface PlacedCut {
  readonly key: string;
  readonly label: string;
  readonly roll: number;
  /** Along the roll, and across it from its left edge. */
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly longMm: number;
  readonly wideMm: number;
  readonly turned: boolean;
}
