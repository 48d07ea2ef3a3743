/** What is laid by hand on one layer of one zone: kept in the order, made when it is first needed. */
import { computed } from 'vue';
import { blankPlan, type CoursePiece, type CoursePlan, type Way } from '@lentum/core/courses';
import { setOut } from '@lentum/core/survey';
import { toZone } from '@lentum/core/courses';
import { useJob } from '../../app/job.ts';
import type { Laid } from './chosen.ts';

const KEEP_OFF_M = 1;
const rounded = (m: number): number => Math.round(m * 1000) / 1000;

export function useHand(laid: () => Laid) {
  const job = useJob();
  const plan = computed((): CoursePlan | undefined =>
    job.documents.order.draft.courses.plans.find(
      (p) => p.zoneId === laid().layout.zone.id && p.layerId === laid().layerId,
    ),
  );
  function change(edit: (plan: CoursePlan) => void): void {
    const { plans } = job.documents.order.draft.courses;
    let mine = plan.value;
    if (!mine) {
      plans.push(blankPlan(laid().layout.zone.id, laid().layerId));
      mine = plans.at(-1);
    }
    if (mine) edit(mine);
  }
  return {
    plan,
    setWay: (way: Way): void =>
      change((p) => {
        p.way = way;
        if (way === 'along a side') p.side ??= 0;
        // What was measured in another direction means nothing in this one.
        delete p.firstM;
        p.fixed = [];
      }),
    setSide: (side: number): void =>
      change((p) => {
        p.side = side;
        delete p.firstM;
        p.fixed = [];
      }),
    setFirst: (m: number | undefined): void =>
      change((p) => {
        if (m === undefined) delete p.firstM;
        else p.firstM = rounded(m);
      }),
    fix: (piece: CoursePiece): void =>
      change((p) => {
        // Where it lies depends on the start line: that stays, too.
        p.firstM ??= rounded(laid().layout.planes.find((q) => q.index === piece.plane)?.courses.firstM ?? 0);
        p.fixed.push({
          id: crypto.randomUUID(),
          plane: piece.plane,
          course: piece.course,
          fromM: rounded(piece.fromM),
          toM: rounded(piece.toM),
        });
      }),
    keepOffJoint: (piece: CoursePiece): void => {
      const plane = laid().layout.planes.find((q) => q.index === piece.plane);
      if (!plane) return;
      const at = setOut(laid().layout.shape.corners).toPlace(
        toZone(plane.frame, [piece.fromM + laid().layout.rolled.endLapM / 2, piece.lowM + piece.widthM / 2]),
      );
      change((p) => {
        p.keepOff.push({
          id: crypto.randomUUID(),
          name: `No joint ${p.keepOff.length + 1}`,
          alongM: rounded(at.alongM - KEEP_OFF_M / 2),
          acrossM: rounded(at.acrossM - KEEP_OFF_M / 2),
          lengthM: KEEP_OFF_M,
          widthM: KEEP_OFF_M,
        });
      });
    },
    change,
    /** Everything as it was found. */
    clear: (): void => {
      const { courses } = job.documents.order.draft;
      courses.plans = courses.plans.filter((p) => p !== plan.value);
    },
  };
}
