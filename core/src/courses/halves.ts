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

/**
 * What no way of slitting goes below for half widths of these lengths.
 * @returns leastM length off the roll; dominant: whether cuts of the longest two by two are shorter, each by each, than
 * those of any other way, so that what they need is what any way needs
 */
export function leastSlit(lengths: readonly number[], rollM: number): { leastM: number; dominant: boolean } {
  const sorted = [...lengths].sort((a, b) => b - a);
  let [leastM, twos] = [sorted.reduce((a, b) => a + b, 0) / 2, 0];
  sorted.forEach((length, i) => {
    // A cut of so many lengths holds no more than twice as many pieces that are no shorter.
    leastM = Math.max(leastM, Math.ceil((i + 1) / 2) * length);
    // Of those longer than half a roll one alone lies in each half of a cut.
    if (i % 2 === 0 && length > rollM / 2 + EPS) {
      twos += length;
      leastM = Math.max(leastM, twos);
    }
  });
  const [longest = 0, shortest = 0] = [sorted[0], sorted.at(-1)];
  return { leastM, dominant: longest - shortest < EPS || shortest > rollM / 2 + EPS };
}
