/** Courses laid and cut off the main thread, better and better. Giving it up is ending the worker. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import type { BuildUpDoc } from '@lentum/core/buildup';
import {
  FULL,
  planCourses,
  solverFrom,
  type CoursesPlan,
  type Effort,
  type ProgrammeSolver,
} from '@lentum/core/courses';
import { stockLengths, type OrderDoc } from '@lentum/core/order';
import type { Zones } from '@lentum/core/survey';

/** Answers on the way are shown no more often. */
const EVERY_MS = 150;
const AT_ONCE: Effort = { tries: 2, nodes: 500 };

let solver: Promise<ProgrammeSolver> | undefined;
const SOLVER_SECONDS = 1.5;

/** The exact solver, fetched once and only when something is not proven without it. */
async function exactSolver(): Promise<ProgrammeSolver> {
  const [{ default: load }, { default: wasm }] = await Promise.all([
    import('highs'),
    import('highs/runtime?url'),
  ]);
  return solverFrom(await load({ locateFile: () => wasm }), SOLVER_SECONDS);
}

type Asked = readonly [survey: Zones, buildUps: BuildUpDoc, order: OrderDoc];

function best(
  [survey, buildUps, order]: Asked,
  effort: Effort,
  progress?: (share: number) => void,
  exact?: ProgrammeSolver,
): CoursesPlan {
  const steps = planCourses(survey, buildUps, order.courses, effort, stockLengths(order), exact);
  let shown = performance.now();
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    if (!progress || performance.now() - shown < EVERY_MS) continue;
    shown = performance.now();
    progress(step.value.share);
  }
}

const work = {
  /** A first answer, in a moment. */
  quick: (...asked: Asked): CoursesPlan => best(asked, AT_ONCE),
  plan: async (
    ...[survey, buildUps, order, progress]: [...Asked, (share: number) => void]
  ): Promise<CoursesPlan> => {
    const asked: Asked = [survey, buildUps, order];
    const plan = best(asked, FULL, progress);
    if (plan.materials.every((m) => !m.answer || m.answer.proven)) return plan;
    solver ??= exactSolver();
    return best(asked, FULL, progress, await solver);
  },
};
export type CoursesWork = typeof work;
expose(work);
