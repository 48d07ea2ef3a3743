/** An outline being drawn: its corners so far, and the side that comes next. Plan metres. */
import { computed, ref } from 'vue';
import { distance, firstCrossing, type Point } from '@lentum/core/geometry';
import { nextCorner } from '@lentum/core/survey';

export function useDraft() {
  const points = ref<Point[]>([]);
  /** Direction of the next side in degrees from the plan's x axis, left positive. */
  const headingDeg = ref(0);

  const last = computed(() => points.value[points.value.length - 1]);
  /** Direction of the side before, radians: right angles are to this one. */
  const before = computed(() => {
    const [a, b] = points.value.slice(-2);
    return a && b ? Math.atan2(b[1] - a[1], b[0] - a[0]) : undefined;
  });

  function add(p: Point): void {
    const from = last.value;
    if (from && distance(from, p) < 0.001) return;
    points.value = [...points.value, p];
    if (from) headingDeg.value = Math.round((((before.value ?? 0) * 180) / Math.PI) * 100) / 100;
  }

  return {
    points,
    headingDeg,
    last,
    before,
    add,
    addSide: (lengthM: number): void => {
      const from = last.value ?? [0, 0];
      if (!last.value) add(from);
      add(nextCorner(from, headingDeg.value, lengthM));
    },
    turnTo: (deg: number): void => {
      headingDeg.value = deg;
    },
    back: (): void => {
      points.value = points.value.slice(0, -1);
    },
    clear: (): void => {
      points.value = [];
      headingDeg.value = 0;
    },
    /** Three corners or more, and no side across another: it can be closed. */
    closable: computed(() => points.value.length >= 3 && !firstCrossing(points.value)),
    crossing: computed(() => (points.value.length >= 4 ? firstCrossing(points.value) : undefined)),
  };
}
export type Draft = ReturnType<typeof useDraft>;
