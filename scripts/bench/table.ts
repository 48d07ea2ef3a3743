export interface Row {
  readonly what: string;
  readonly measured: string;
  readonly aim: string;
  /** Whether the aim is held; absent where there is none. */
  readonly held?: boolean;
}

export function table(rows: readonly Row[]): string {
  const width = (key: 'what' | 'measured'): number => Math.max(...rows.map((r) => r[key].length));
  return rows
    .map((r) => {
      const mark = r.held === undefined ? '' : r.held ? 'held' : 'MISSED';
      return `${r.what.padEnd(width('what'))}  ${r.measured.padStart(width('measured'))}  ${r.aim} ${mark}`.trimEnd();
    })
    .join('\n');
}

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)] ?? Number.NaN;
}

export function timed(work: () => unknown, runs = 9): number {
  const times: number[] = [];
  for (let i = 0; i < runs; i += 1) {
    const from = performance.now();
    work();
    times.push(performance.now() - from);
  }
  return median(times);
}

export const p95 = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length * 0.95)] ?? Number.NaN;
