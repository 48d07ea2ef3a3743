/** Plain data again, of which nothing is watched and nothing is shared with what it was taken from. */
export const copy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;
