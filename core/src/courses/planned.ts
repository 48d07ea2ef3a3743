/** Courses as they are planned: pieces, rolls and materials, as plain data. */
import type { Problem } from '../problems/index.ts';
import type { BoardLayout } from './boards.ts';
import type { Material } from './material.ts';
import type { CutAnswer } from './targets.ts';

export interface CoursePiece {
  /** "W-A3.2": zone, layer, course, piece in it. */
  readonly label: string;
  readonly zoneId: string;
  readonly layerId: string;
  /** -1 for a strip over a fold. */
  readonly plane: number;
  readonly course: number;
  readonly fromM: number;
  readonly toM: number;
  readonly lowM: number;
  readonly widthM: number;
  readonly half: boolean;
  readonly cap: boolean;
  /** Number of the roll, from 0, and where on it the cut begins. */
  readonly roll: number;
  readonly atM: number;
  readonly fixedBy: string | undefined;
  /** A half without a selvedge under a lap. */
  readonly bare: boolean;
  /** Laps at its left and right end. */
  readonly lapLeft: boolean;
  readonly lapRight: boolean;
}

export interface RollCut {
  readonly atM: number;
  readonly lengthM: number;
  /** One piece, or the half widths that lie in it. */
  readonly labels: readonly string[];
  readonly slit: boolean;
}

export interface UsedRoll {
  readonly lengthM: number;
  readonly stockId: string | undefined;
  readonly cuts: readonly RollCut[];
  readonly leftM: number;
}

export interface MaterialPlan {
  readonly key: string;
  readonly name: string;
  readonly material: Material;
  readonly pieces: readonly CoursePiece[];
  readonly rolls: readonly UsedRoll[];
  /** Rolls to buy, by length. */
  readonly bought: readonly {
    readonly lengthM: number;
    readonly price: number | undefined;
    readonly count: number;
  }[];
  readonly answer: CutAnswer | undefined;
  /** Lengths of all runs, half widths counted half, m; end laps that cannot be avoided. */
  readonly runM: number;
  readonly stockM: number;
  /** What no start line beats, in rolls of the longest length. */
  readonly leastAnyStart: number;
  readonly problems: readonly Problem[];
}

export interface CoursesPlan {
  readonly materials: readonly MaterialPlan[];
  readonly boards: readonly BoardLayout[];
  /** How much of the search is done, 0 to 1. */
  readonly share: number;
}
