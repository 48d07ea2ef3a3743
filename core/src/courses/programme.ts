/** Programmes as text for a solver that reads the common LP format; the solver itself is handed in. */
import type { ProgrammeSolver, Solved } from './columns.ts';

/** What of a solver's answer is read. */
interface Answer {
  readonly ObjectiveValue: number;
  readonly Columns: Readonly<Record<string, object>>;
  readonly Rows: readonly object[];
}
export interface TextSolver {
  readonly solve: (model: string, options: { time_limit: number }) => object;
}

const numberIn = (of: object | undefined, key: string): number => {
  const value = (of as Record<string, unknown> | undefined)?.[key];
  return typeof value === 'number' && Number.isFinite(value) ? value : 0;
};

const isAnswer = (of: object): of is Answer => 'Columns' in of && 'Rows' in of && 'ObjectiveValue' in of;

/**
 * A solver of programmes over one that takes text.
 * @param seconds after which a programme in whole numbers gives the best it has
 */
export const solverFrom = (text: TextSolver, seconds: number): ProgrammeSolver => ({
  solve: (columns, demand, whole, costs): Solved | undefined => {
    const names = columns.map((_, j) => `x${j}`);
    const rows = demand.map((d, i) => {
      const terms = columns.flatMap((c, j) => (c[i] ? [`${c[i]} x${j}`] : []));
      return ` r${i}: ${terms.join(' + ')} >= ${d}`;
    });
    const model = [
      'Minimize',
      ` obj: ${names.map((n, j) => (costs ? `${costs[j] ?? 1} ${n}` : n)).join(' + ')}`,
      'Subject To',
      ...rows,
      ...(whole ? ['General', ` ${names.join(' ')}`] : []),
      'End',
    ].join('\n');
    const answer = text.solve(model, { time_limit: seconds });
    if (!isAnswer(answer)) return undefined;
    return {
      value: answer.ObjectiveValue,
      columns: names.map((n) => numberIn(answer.Columns[n], 'Primal')),
      duals: whole ? [] : answer.Rows.map((r) => numberIn(r, 'Dual')),
    };
  },
});
