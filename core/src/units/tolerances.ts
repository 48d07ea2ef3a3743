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
  /** Film from consumption and film from readings may differ by this share of the mean before something is wrong. */
  filmAgreement: 0.15,
} as const;
