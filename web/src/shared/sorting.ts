/** Rows of a table in the order that was asked for. */

export interface Sorting<K extends string> {
  readonly by: K;
  readonly falling: boolean;
}

/**
 * @param of what a row has in each column; words are put in order without regard to capitals
 * @returns the rows in order, those that are alike as they were; untouched where no order is asked for
 */
export function inOrder<T, K extends string>(
  rows: readonly T[],
  sorting: Sorting<K> | undefined,
  of: Readonly<Record<K, (row: T) => number | string>>,
): readonly T[] {
  if (!sorting) return rows;
  const value = of[sorting.by];
  const sign = sorting.falling ? -1 : 1;
  return rows.toSorted((a, b) => {
    const [x, y] = [value(a), value(b)];
    return (
      sign *
      (typeof x === 'number' && typeof y === 'number' ? x - y : String(x).localeCompare(String(y), 'en'))
    );
  });
}
