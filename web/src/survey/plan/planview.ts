/** The window on the plan: metres to picture points and back, with pan and zoom. y up becomes y down. */
import { computed, ref, type Ref } from 'vue';
import { boxOf, type Point, type Ring } from '@lentum/core/geometry';

const MARGIN = 56;
const LEAST_POINTS_PER_M = 0.5;
const MOST_POINTS_PER_M = 2000;

export interface View {
  readonly pointsPerM: number;
  readonly toScreen: (p: Point) => Point;
  readonly toPlan: (p: Point) => Point;
}

export function usePlanView(
  size: { width: Ref<number>; height: Ref<number> },
  content: Ref<readonly Ring[]>,
) {
  /** What the person has chosen to see; undefined shows everything. */
  const chosen = ref<{ pointsPerM: number; centre: Point }>();

  const fitted = computed(() => {
    const box = boxOf(content.value);
    const [w, h] = [Math.max(box.maxX - box.minX, 1), Math.max(box.maxY - box.minY, 1)];
    const pointsPerM = Math.max(
      LEAST_POINTS_PER_M,
      Math.min((size.width.value - 2 * MARGIN) / w, (size.height.value - 2 * MARGIN) / h),
    );
    return { pointsPerM, centre: [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] as Point };
  });
  const here = computed(() => chosen.value ?? fitted.value);

  const view = computed<View>(() => {
    const { pointsPerM, centre } = here.value;
    const [cx, cy] = [size.width.value / 2, size.height.value / 2];
    return {
      pointsPerM,
      toScreen: ([x, y]) => [cx + (x - centre[0]) * pointsPerM, cy - (y - centre[1]) * pointsPerM],
      toPlan: ([x, y]) => [centre[0] + (x - cx) / pointsPerM, centre[1] - (y - cy) / pointsPerM],
    };
  });

  /** Zooms so that the place under a picture point stays there. */
  function zoomAt(at: Point, factor: number): void {
    const fixed = view.value.toPlan(at);
    const pointsPerM = Math.min(
      MOST_POINTS_PER_M,
      Math.max(LEAST_POINTS_PER_M, here.value.pointsPerM * factor),
    );
    const [cx, cy] = [size.width.value / 2, size.height.value / 2];
    chosen.value = {
      pointsPerM,
      centre: [fixed[0] - (at[0] - cx) / pointsPerM, fixed[1] + (at[1] - cy) / pointsPerM],
    };
  }

  function pan(dx: number, dy: number): void {
    const { pointsPerM, centre } = here.value;
    chosen.value = { pointsPerM, centre: [centre[0] - dx / pointsPerM, centre[1] + dy / pointsPerM] };
  }

  return {
    view,
    zoomAt,
    pan,
    fit: (): void => {
      chosen.value = undefined;
    },
    /** Holds the window still while what is drawn in it changes. */
    hold: (): void => {
      chosen.value ??= { ...fitted.value };
    },
    zoomMiddle: (factor: number): void => zoomAt([size.width.value / 2, size.height.value / 2], factor),
  };
}

export type PlanViewState = ReturnType<typeof usePlanView>;
