/** The corners of an outline as measured, or the reasons why there are none yet. */
import {
  compassRule,
  solveTaped,
  traverse,
  type Ring,
  type TapedMeasure,
  type TapedShape,
  type TapedSolution,
  type Traverse,
} from '../geometry/index.ts';
import { Kept } from '../keeping/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import { estimatedRing } from './estimate.ts';
import type { Outline, TapedOutline } from './schema.ts';

/** "side 3", "diagonal from corner 2 to corner 5", "right angle at corner 4". */
export function measureName(measure: TapedMeasure): string {
  if (measure.kind === 'side') return `side ${measure.side + 1}`;
  if (measure.kind === 'square') return `right angle at corner ${measure.corner + 1}`;
  return `diagonal from corner ${measure.from + 1} to corner ${measure.to + 1}`;
}

function tapedProblem(outline: TapedOutline, field: string, label: string): Problem | undefined {
  const n = outline.corners.length;
  if (outline.sidesM.length !== n) {
    const actual = `${outline.sidesM.length} sides and ${n} corners`;
    return { kind: 'wrong', field, label: `${label}, outline`, actual, expected: 'as many sides as corners' };
  }
  const bad = outline.diagonals.findIndex(
    ({ from, to }) => from >= n || to >= n || from === to || (from + 1) % n === to || (to + 1) % n === from,
  );
  if (bad < 0) return undefined;
  const { from, to } = outline.diagonals[bad] ?? { from: 0, to: 0 };
  return {
    kind: 'wrong',
    field: `${field}/diagonals/${bad}`,
    label: `${label}, diagonal ${bad + 1}`,
    actual: `corner ${from + 1} to corner ${to + 1}`,
    expected: `two corners of 1 to ${n} that are not neighbours`,
  };
}

/** What the solver takes, from what the survey holds. */
export const tapedShape = (outline: TapedOutline): TapedShape => ({
  corners: outline.corners,
  sidesM: outline.sidesM.map((s) => s ?? undefined),
  diagonals: outline.diagonals,
});

/** Outlines solved last, by their measures: a page asks for the same one many times between two changes. */
const SOLVED_KEPT = 40;
const solved = new Kept<TapedSolution>(SOLVED_KEPT);

const solvedOnce = (outline: TapedOutline): TapedSolution =>
  solved.get(JSON.stringify([outline.corners, outline.sidesM, outline.diagonals]), () =>
    solveTaped(tapedShape(outline)),
  );

/** Solves a taped outline, unless it names corners that are not there. */
export function tapedSolution(outline: TapedOutline, field: string, label: string): Result<TapedSolution> {
  const problem = tapedProblem(outline, field, label);
  return problem ? fail(problem) : ok(solvedOnce(outline));
}

function tapedRing(outline: TapedOutline, field: string, label: string): Result<Ring> {
  const answer = tapedSolution(outline, field, label);
  if (!answer.ok) return answer;
  const { points, missing, wanted, suspects, turnedOver } = answer.value;
  const unfinished = (actual: string, expected: string): Result<Ring> =>
    fail({ kind: 'unfinished', field, label, actual, expected });
  if (missing > 0) {
    const next = wanted.map(measureName).join(', then the ');
    return unfinished(
      `the measures do not fix the shape yet, ${missing} ${missing === 1 ? 'is' : 'are'} missing`,
      `the ${next || 'sides'}`,
    );
  }
  if (turnedOver.length > 0 && suspects.length === 0) {
    const corners = turnedOver.map((k) => k + 1).join(', ');
    return unfinished(
      `with these lengths corner ${corners} turns the other way`,
      'the turn or a length to be corrected',
    );
  }
  if (suspects.length > 0 && !outline.adjustmentAccepted) {
    const names = suspects.map((s) => measureName(s.result.measure)).join(' or the ');
    return unfinished(
      `the measures disagree, most likely the ${names} is wrong`,
      'it to be taped again, or the best fit to be accepted',
    );
  }
  return ok(points);
}

function notClosed(walked: Traverse, field: string, label: string): Problem {
  const ratio = walked.ratio === undefined ? '' : `, 1 in ${Math.round(walked.ratio)}`;
  return {
    kind: 'notClosed',
    field,
    label,
    actual: `the walk ends ${walked.gapM.toFixed(3)} m from its start${ratio}`,
    expected: 'a side or turn to be corrected, or the adjustment to be accepted',
  };
}

/** The corners of an outline. What is not finished gives a problem that may be saved: the person goes on measuring. */
export function outlineCorners(outline: Outline, field: string, label: string): Result<Ring> {
  if (outline.kind === 'points') return ok(outline.points);
  if (outline.kind === 'taped') return tapedRing(outline, field, label);
  if (outline.kind === 'estimated') return estimatedRing(outline, field, label);
  const walked = traverse(outline.legs);
  if (walked.closed || outline.adjustmentAccepted) return ok(compassRule(walked.path));
  return fail(notClosed(walked, field, label));
}

/** A problem that may be saved because the measuring is still going on. */
export const isUnfinished = (p: Problem): boolean => p.kind === 'notClosed' || p.kind === 'unfinished';

/** What can be drawn of an outline, finished or not. */
export function sketchOf(outline: Outline): Ring {
  if (outline.kind === 'points') return outline.points;
  if (outline.kind === 'walk') return traverse(outline.legs).path.slice(0, -1);
  if (outline.kind === 'estimated') {
    const ring = estimatedRing(outline, '', '');
    return ring.ok ? ring.value : [];
  }
  const answer = tapedSolution(outline, '', '');
  return answer.ok ? answer.value.points : [];
}
