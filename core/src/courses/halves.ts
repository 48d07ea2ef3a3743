/** Half widths: two lie side by side in one cut, so that a roll is slit no longer than need be. */
export interface HalfPiece {
  readonly lengthM: number;
  /** It has to have the selvedge: a course laps over its upper edge. */
  readonly selvedge: boolean;
}

export interface SlitCut {
  /** Length off the roll. */
  readonly lengthM: number;
  /** Numbers of the pieces in each half of the width, one after another; the first half has the selvedge. */
  readonly lanes: readonly [readonly number[], readonly number[]];
}

const EPS = 1e-7;

/** Cuts for half widths: the longest first, others beside it where they fit best. */
export function slitCuts(pieces: readonly HalfPiece[]): SlitCut[] {
  const order = pieces.map((_, i) => i).sort((a, b) => (pieces[b]?.lengthM ?? 0) - (pieces[a]?.lengthM ?? 0));
  const cuts: { lengthM: number; first: number[]; second: number[]; left: number }[] = [];
  for (const i of order) {
    const piece = pieces[i];
    if (!piece) continue;
    const fits = cuts
      .filter((c) => c.left >= piece.lengthM - EPS)
      // The half without the selvedge goes where none is needed, if there is such a place.
      .sort(
        (a, b) =>
          Number(piece.selvedge && hasOne(a)) - Number(piece.selvedge && hasOne(b)) || a.left - b.left,
      );
    const into = fits[0];
    if (into) {
      into.second.push(i);
      into.left -= piece.lengthM;
    } else cuts.push({ lengthM: piece.lengthM, first: [i], second: [], left: piece.lengthM });
  }
  const needs = (list: readonly number[]): boolean => list.some((i) => pieces[i]?.selvedge);
  return cuts.map((c): SlitCut => {
    const lanes =
      needs(c.second) && !needs(c.first) ? ([c.second, c.first] as const) : ([c.first, c.second] as const);
    return { lengthM: c.lengthM, lanes };
  });

  function hasOne(c: { first: readonly number[] }): boolean {
    return c.first.some((i) => pieces[i]?.selvedge);
  }
}
