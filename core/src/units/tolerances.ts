/** Every tolerance of the core, named and with its reason. No other file has a tolerance literal. */
export const TOLERANCE = {
  /** A walk that ends within this distance of its start is closed: a tape cannot say better. */
  closingM: 0.002,
  /** Corners nearer than this are the same corner. */
  sameCornerM: 0.0005,
  /** Two areas that differ by less are equal: the grid of cuts along some hundred metres of edge. */
  areaM2: 1e-4,
  /** Cuts are made on a grid of this many decimals of a metre. */
  gridDigits: 7,
  /** The cut position of a bay is found to this distance. */
  cutM: 1e-7,
  /** Round trips between units may differ by this share (a few bits of a double). */
  relative: 1e-12,
  /** Straight pieces lie inside the arc they stand for by no more than this. */
  arcM: 0.001,
  /** A tape over a roof: reading both ends, and sag, slope and pull for each metre. Common practice, no source. */
  tapeM: 0.003,
  tapePerM: 0.0003,
  /** A corner marked as square is square to this many degrees: 5 mm in a metre, as 3-4-5 with a tape gives. */
  squareDeg: 0.3,
  /** An adjustment has settled when its step is smaller. */
  adjustStepM: 1e-10,
  /** Kept on the diagonal of normal equations so that a free move cannot blow them up. */
  smallestPivot: 1e-10,
  /** Singular values below this share of the largest count as nothing: a move that no measure notices. */
  rank: 1e-7,
  /** A redundancy below this is no check at all. */
  unchecked: 1e-6,
  /** A level or a corner this near to a line counts as lying on it. */
  onLineM: 0.005,
  /** Ends of lines in a drawing that lie nearer are joined. */
  joinM: 0.002,
  /** Two levels nearer than this were taken at one spot. */
  sameSpotM: 0.01,
  /** Two readings at one spot that differ by less are the same reading. */
  sameLevelM: 0.0005,
  /** A weight of a triangle's corner may be this far below nothing for a point on its edge. */
  onTriangle: 1e-9,
  /** Triangles along an edge that are smaller than this are none: three vertices of one line. */
  sliverM2: 1e-9,
  /** A way of water that comes this near to a vertex runs through it. */
  atVertexM: 1e-6,
  /** What falls less than this, a millimetre in a kilometre, lies level. */
  levelFall: 1e-6,
  /** Heights that differ by less are one height: bits of a double. */
  levelM: 1e-9,
  /** Levels are read to some millimetres: what lies nearer in height is as high. */
  levelReadM: 0.003,
  /** Water less deep than this is no pond: a level is read to a millimetre. */
  pondM: 0.001,
  /** An end that is placed on a picture by hand, in widths of the picture. Our own figure: two millimetres on a phone. */
  onPicture: 0.006,
  /** Clocks of devices may differ by this much before a time counts as the future. */
  clockMs: 600_000,
  /** The same, where the difference between the two clocks was measured. */
  clockMeasuredMs: 120_000,
  /** A film, a density or a yield that a data sheet says may differ by this share from what its figures give. */
  paperAgreement: 0.05,
  /** Solids are never taken below this: figures that leave less contradict each other. */
  leastSolids: 0.001,
  /** Sums over bays that are over a full container or mix by less than this share of it do not begin another. */
  fullContainer: 1e-9,
  /** The wet bulb is found to this. */
  wetBulbK: 1e-6,
  /** Shares of a stage of cure that are nearer to the whole than this are the whole: sums of hourly shares. */
  cureShare: 1e-9,
  /** Rain below this in an hour wets nothing: what a gauge reads as a trace. */
  rainMm: 0.05,
} as const;
