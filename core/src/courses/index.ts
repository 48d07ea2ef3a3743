export {
  boardsOf,
  layRows as layBoardRows,
  type BoardLayout,
  type BoardPiece,
  type BoardSize,
  type BoardPlane,
} from './boards.ts';
export type { LapRules, Runner, Stick } from './fill.ts';
export { toFrame, toZone, type Frame, type Laying } from './frame.ts';
export { layoutsOf, type LayerLayout, type PlaneLayout } from './layout.ts';
export type { Relation, Rollable, RolledLayer } from './layers.ts';
export { coursesOf, planCourses, type StockOf } from './plan.ts';
export type { CoursePiece, CoursesPlan, MaterialPlan, RollCut, UsedRoll } from './planned.ts';
export { cutBlocks, layBlocks, layoutDrawing, planBlocks } from './printed.ts';
export { interrupted } from './review.ts';
export {
  blankPlan,
  coursePlanSchema,
  coursesSchema,
  DEFAULT_COURSES,
  WAYS,
  type CoursePlan,
  type CourseRules,
  type CoursesDoc,
  type Way,
} from './schema.ts';
export { cutOut, cutRuns, FULL, QUICK, type Effort } from './solve.ts';
export type { CutAnswer, CutProblem, Sale } from './targets.ts';
export { sheetFasteners } from './fasteners.ts';
export { layoutDxf, layoutSvg } from './drawing.ts';
export { coursesFigures, howGood, type CoursesFigures } from './figures.ts';
export {
  CUT_COLUMNS,
  cutLines,
  cutRows,
  LAY_COLUMNS,
  layLines,
  relaxOf,
  layRows,
  setOutOf,
  type CutLine,
  type LayLine,
} from './lists.ts';
export { heightIn, jointLines, piecesDrawn, type DrawnPiece, type JointLine } from './piecesdrawn.ts';
export { capRing, cornersCut, lapShapes, pieceRing, pieceShape } from './shapes.ts';
export { lowOf, type Course } from './runs.ts';
export { cutByPatterns, type PatternAnswer, type ProgrammeSolver } from './columns.ts';
export { solverFrom, type TextSolver } from './programme.ts';
export { leastByGroups, type Grouped } from './groups.ts';
export { leastSlit } from './halves.ts';
export { leastRolls, packInto, type Packing } from './pack.ts';
